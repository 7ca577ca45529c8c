package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.OneOpen;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Rows of beads or dashes along a line: lists of lengths and gaps. */
final class FlowBeadRows extends VBox {

    private record Step(NumberRow length, NumberRow gap) {}

    /** One row's controls. */
    private static final class Block {
        private final VBox node = new VBox(4);
        private InkChip ink;
        private NumberRow size;
        private NumberRow offset;
        private Segments<BeadRow.Cap> cap;
        private CheckBox tied;
        private Label fits;
        private final VBox list = new VBox(3);
        private final List<Step> steps = new ArrayList<>();
    }

    private final Studio studio;
    private final OneOpen rows = new OneOpen(this::item);
    private final List<Block> blocks = new ArrayList<>();

    FlowBeadRows(Studio studio) {
        super(4);
        this.studio = studio;
        Node add = Ui.link("add a row", () -> studio.editStructure("add a row of beads", FlowLines.class, f -> {
            List<BeadRow> more = new ArrayList<>(f.beads());
            double size = Math.max(0.5, f.stroke().thicknessMm() * 0.5);
            more.add(more.isEmpty()
                    ? new BeadRow(f.stroke().inks().getLast(), 0, size, BeadRow.Cap.ROUND,
                            List.of(new BeadRow.Step(size, size)), false)
                    : more.getLast());
            return f.withBeads(more);
        }));
        add.setId("add-beads");
        getChildren().addAll(rows, add);
    }

    private void edit(String name, int row, UnaryOperator<BeadRow> change) {
        studio.editStructure(name, FlowLines.class, f -> {
            List<BeadRow> changed = new ArrayList<>(f.beads());
            changed.set(row, change.apply(changed.get(row)));
            return f.withBeads(changed);
        });
    }

    void show(FlowLines lines, Design design, Colourway colourway) {
        rows.show(lines.beads().size());
        double length = lines.beads().isEmpty() ? 0 : lines.centreline().lengthMm();
        for (int i = 0; i < lines.beads().size(); i++) {
            BeadRow row = lines.beads().get(i);
            Block block = blocks.get(i);
            rows.tell(i, "%s mm, %d bead%s".formatted(Numbers.plain(row.sizeMm(), 2), row.steps().size(),
                    row.steps().size() == 1 ? "" : "s"));
            block.ink.show(row.ink(), design, colourway);
            block.size.show(row.sizeMm());
            block.offset.show(row.offsetMm());
            block.cap.show(row.cap());
            block.tied.setSelected(row.tied());
            steps(block, i, row);
            double laid = row.steps(length).stream().mapToDouble(s -> s.lengthMm() + s.gapMm()).sum();
            block.fits.setText("%s mm, laid %d times as %s mm on a line of %s mm".formatted(
                    Numbers.plain(row.sumMm(), 2), row.times(length), Numbers.plain(laid, 3),
                    Numbers.plain(length, 2)));
        }
    }

    private void steps(Block block, int row, BeadRow beads) {
        if (block.steps.size() != beads.steps().size()) {
            block.steps.clear();
            block.list.getChildren().clear();
            for (int i = 0; i < beads.steps().size(); i++) {
                block.list.getChildren().add(step(block, row, i, beads.steps().size()));
            }
        }
        for (int i = 0; i < block.steps.size(); i++) {
            block.steps.get(i).length().show(beads.steps().get(i).lengthMm());
            block.steps.get(i).gap().show(beads.steps().get(i).gapMm());
        }
    }

    private HBox step(Block block, int row, int index, int count) {
        String what = "%d of row %d".formatted(index + 1, row + 1);
        NumberRow length = NumberRow.length(studio, "", "bead " + what,
                mm -> edit("bead %s mm".formatted(Numbers.plain(mm)), row, r -> r.with(index, false, mm)));
        NumberRow gap = NumberRow.length(studio, "", "gap " + what,
                mm -> edit("gap %s mm".formatted(Numbers.plain(mm)), row, r -> r.with(index, true, mm)));
        length.field().setPrefWidth(66);
        gap.field().setPrefWidth(66);
        block.steps.add(new Step(length, gap));
        Label between = Ui.label("gap", "quiet");
        between.setMinWidth(Label.USE_PREF_SIZE);
        HBox line = Ui.row(length, between, gap);
        if (count > 1) {
            line.getChildren().add(Ui.icon("x", "Remove bead " + what, () -> edit("remove a bead", row, r -> {
                List<BeadRow.Step> fewer = new ArrayList<>(r.steps());
                fewer.remove(index);
                return r.withSteps(fewer);
            })));
        }
        if (index == count - 1) {
            line.getChildren()
                    .add(Ui.icon("plus", "Add a bead to row " + (row + 1), () -> edit("add a bead", row, r -> {
                        List<BeadRow.Step> more = new ArrayList<>(r.steps());
                        more.add(r.steps().getLast());
                        return r.withSteps(more);
                    })));
        }
        return line;
    }

    private OneOpen.Item item(int row) {
        Block made = block(row);
        blocks.add(made);
        return new OneOpen.Item(made.ink, "beads " + (row + 1), made.node,
                () -> studio.editStructure("remove a row of beads", FlowLines.class, f -> {
                    List<BeadRow> fewer = new ArrayList<>(f.beads());
                    fewer.remove(row);
                    return f.withBeads(fewer);
                }));
    }

    private Block block(int row) {
        Block b = new Block();
        String what = "beads " + (row + 1);
        b.ink = new InkChip("ink of " + what, i -> edit("ink beads with " + i.words(), row, r -> r.withInk(i)));
        b.size = NumberRow.length(studio, "Size", "size of " + what,
                mm -> edit("beads %s mm".formatted(Numbers.plain(mm)), row, r -> r.withSizeMm(mm)));
        b.offset = NumberRow.length(studio, "Beside", "place of " + what,
                mm -> edit("beads beside the line", row, r -> r.withOffsetMm(mm)));
        b.cap = new Segments<>(List.of(BeadRow.Cap.values()), c -> switch (c) {
            case SQUARE -> "Square";
            case ROUND -> "Round";
            case POINTED -> "Pointed";
        }, c -> edit("ends " + c.words(), row, r -> r.withCap(c)));
        b.tied = new CheckBox("a change of a bead is taken from its gap");
        b.tied.setId("tied-" + (row + 1));
        b.tied.setOnAction(e -> edit("tie beads and gaps", row, r -> r.withTied(b.tied.isSelected())));
        b.fits = Ui.prose("", "quiet");
        b.fits.setId("beads-fit-" + (row + 1));
        b.node.getChildren().addAll(Ui.pair(b.size, b.offset), Ui.labelled("Ends", b.cap), Ui.capped(b.list, 132),
                b.tied, b.fits);
        return b;
    }
}
