package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A zigzag as numbers: lines, period, amplitude, spacing, corners, its clear gap, whole numbers in the cell. */
final class ZigzagForm implements StructureForm {

    private record Line(HBox row, InkChip ink, NumberRow thickness) {}

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final VBox list = new VBox(3);
    private final List<Line> lines = new ArrayList<>();
    private final NumberRow period;
    private final NumberRow amplitude;
    private final NumberRow spacing;
    private final Segments<Boolean> sizes;
    private final Segments<Zigzag.Corner> corner;
    private final NumberRow share;
    private final Label gap = Ui.prose("", "quiet");
    private final NumberRow across;
    private final NumberRow down;
    private final LaidTurn turn;
    private boolean together;

    ZigzagForm(Studio studio) {
        this.studio = studio;
        period = NumberRow.length(studio, "Period", "period", mm -> edit("period %s mm".formatted(Numbers.plain(mm)),
                z -> together && mm > 0 ? z.scaled(mm / z.periodMm()) : z.withPeriodMm(mm)));
        amplitude = NumberRow.length(studio, "Amplitude", "amplitude",
                mm -> edit("amplitude %s mm".formatted(Numbers.plain(mm)),
                        z -> together && mm > 0 && z.amplitudeMm() > 0
                                ? z.scaled(mm / z.amplitudeMm())
                                : z.withAmplitudeMm(mm)));
        spacing = NumberRow.length(studio, "Spacing", "spacing of lines",
                mm -> edit("spacing %s mm".formatted(Numbers.plain(mm)),
                        z -> together && mm > 0 ? z.scaled(mm / z.spacingMm()) : z.withSpacingMm(mm)));
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        corner = new Segments<>(List.of(Zigzag.Corner.values()), c -> switch (c) {
            case SHARP -> "Sharp";
            case ROUND -> "Round";
            case CUT -> "Cut";
        }, c -> edit("corners " + c.words(), z -> z.withCorner(c, z.share())));
        for (Zigzag.Corner c : Zigzag.Corner.values()) {
            corner.button(c).setId("corner-" + c.words());
        }
        share = NumberRow.number(studio, "Corner", "share of the corner", "%", 1, 5,
                n -> edit("corner %s %%".formatted(Numbers.plain(n)), z -> z.withCorner(z.corner(), n / 100)));
        gap.setId("clear-gap");
        across = NumberRow.number(studio, "Across", "periods in the cell", "", 2, 1, n -> fit((int) Math.rint(n), 0));
        across.trail("periods in the tile");
        down = NumberRow.number(studio, "Down", "sets of lines in the cell", "", 2, 1,
                n -> fit(0, (int) Math.rint(n)));
        down.trail("sets of lines");
        turn = new LaidTurn(studio, "zigzag");
        node.getChildren().addAll(list, Ui.row(Ui.icon("plus", "Add a line", this::add),
                Ui.icon("trash-2", "Remove the chosen line", this::remove)), period, amplitude, spacing,
                Ui.labelled("Sizes", sizes), Ui.labelled("Corners", corner), share, gap, across, down,
                Ui.row(Ui.link("run level", () -> edit("run level", z -> z.withAngle(0))),
                        Ui.link("run upright", () -> edit("run upright", z -> z.withAngle(90)))),
                turn);
    }

    private void edit(String name, UnaryOperator<Zigzag> change) {
        studio.editStructure(name, Zigzag.class, change);
    }

    /** @param periods,sets whole numbers to fit; 0 leaves that way as it is */
    private void fit(int periods, int sets) {
        studio.design().ifPresent(d -> edit("fit to the tile", z -> {
            boolean upright = Math.abs(Math.abs(z.angleDeg()) - 90) < 1;
            Tile tile = d.repeat().tile();
            double wide = upright ? tile.heightMm() : tile.widthMm();
            double high = upright ? tile.widthMm() : tile.heightMm();
            return z.fittedTo(wide, high, Math.max(1, periods > 0 ? periods : count(wide, z.periodMm())),
                    Math.max(1, sets > 0 ? sets : count(high, z.spacingMm() * z.lines().size())));
        }));
    }

    private static int count(double side, double each) {
        return (int) Math.max(1, Math.rint(side / each));
    }

    private int chosen(Zigzag z) {
        return Math.max(0, Math.min(z.lines().size() - 1, studio.selection().own()));
    }

    private void add() {
        edit("add a line", z -> {
            List<Zigzag.Line> more = new ArrayList<>(z.lines());
            more.add(chosen(z) + 1, z.lines().get(chosen(z)));
            return z.withLines(more);
        });
    }

    private void remove() {
        edit("remove a line", z -> {
            List<Zigzag.Line> fewer = new ArrayList<>(z.lines());
            fewer.remove(chosen(z));
            return z.withLines(fewer);
        });
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Zigzag z = (Zigzag) structure;
        if (lines.size() != z.lines().size()) {
            lines.clear();
            list.getChildren().clear();
            for (int i = 0; i < z.lines().size(); i++) {
                lines.add(line(i));
                list.getChildren().add(lines.get(i).row());
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            lines.get(i).ink().show(z.lines().get(i).ink(), design, colourway);
            lines.get(i).thickness().show(z.lines().get(i).thicknessMm());
            lines.get(i).row().pseudoClassStateChanged(Styles.CHOSEN, i == chosen(z));
        }
        period.show(z.periodMm());
        amplitude.show(z.amplitudeMm());
        spacing.show(z.spacingMm());
        sizes.show(together);
        corner.show(z.corner());
        Ui.show(share, z.corner() != Zigzag.Corner.SHARP);
        share.show(100 * z.share());
        double least = z.leastGapMm();
        gap.setText(least > 0
                ? "Clear gap %s mm, slope %s\u00b0".formatted(Numbers.plain(least, 2), Numbers.plain(z.slopeDeg(), 1))
                : "Lines touch: the clear gap is %s mm; more spacing or thinner lines open it"
                        .formatted(Numbers.plain(least, 2)));
        gap.getStyleClass().removeAll("fine", "look");
        gap.getStyleClass().add(least > 0 ? "fine" : "look");
        Tile tile = design.repeat().tile();
        boolean upright = Math.abs(Math.abs(z.angleDeg()) - 90) < 1;
        boolean level = Math.abs(z.angleDeg()) < 1;
        Ui.show(across, upright || level);
        Ui.show(down, upright || level);
        // As it is and not rounded: a whole number that is typed then always fits them.
        across.show((upright ? tile.heightMm() : tile.widthMm()) / z.periodMm());
        down.show((upright ? tile.widthMm() : tile.heightMm()) / (z.spacingMm() * z.lines().size()));
        turn.show(design, z);
    }

    private Line line(int index) {
        String what = "line " + (index + 1);
        InkChip ink = new InkChip("ink of " + what,
                i -> edit("ink line with " + i.words(), z -> z.with(index, z.lines().get(index).withInk(i))));
        NumberRow thickness = NumberRow.length(studio, "", what + " thickness",
                mm -> edit("line %s mm".formatted(Numbers.plain(mm)),
                        z -> z.with(index, z.lines().get(index).withThicknessMm(mm))));
        HBox row = Ui.row(ink, Ui.spring(), thickness);
        row.getStyleClass().add("band-line");
        row.setOnMousePressed(e -> studio.select(s -> s.withOwn(index)));
        return new Line(row, ink, thickness);
    }
}
