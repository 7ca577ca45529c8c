package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.Blob;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.OneOpen;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Closed round shapes beside the lines; they are moved on the cloth. */
final class FlowBlobRows extends VBox {

    private record Block(VBox node, InkChip ink, NumberRow width, NumberRow height, NumberRow turn, NumberRow uneven) {}

    private final Studio studio;
    private final OneOpen rows = new OneOpen(this::item);
    private final List<Block> blocks = new ArrayList<>();

    FlowBlobRows(Studio studio) {
        super(4);
        this.studio = studio;
        Node add = Ui.link("add a blob", () -> studio.editStructure("add a blob", FlowLines.class, f -> {
            List<Blob> more = new ArrayList<>(f.blobs());
            double size = Math.max(1, f.pitchMm() / 6);
            more.add(
                    new Blob(f.periodMm() / 2, f.pitchMm() / 2, size, size * 0.6, 0, 0.1, f.stroke().inks().getLast()));
            return f.withBlobs(more);
        }));
        add.setId("add-blob");
        getChildren().addAll(rows, add);
    }

    private void edit(String name, int index, UnaryOperator<Blob> change) {
        studio.editStructure(name, FlowLines.class, f -> {
            List<Blob> changed = new ArrayList<>(f.blobs());
            changed.set(index, change.apply(changed.get(index)));
            return f.withBlobs(changed);
        });
    }

    void show(FlowLines lines, Design design, Colourway colourway) {
        rows.show(lines.blobs().size());
        for (int i = 0; i < lines.blobs().size(); i++) {
            Blob blob = lines.blobs().get(i);
            rows.tell(i, "%s x %s mm".formatted(Numbers.plain(blob.widthMm(), 2), Numbers.plain(blob.heightMm(), 2)));
            blocks.get(i).ink().show(blob.ink(), design, colourway);
            blocks.get(i).width().show(blob.widthMm());
            blocks.get(i).height().show(blob.heightMm());
            blocks.get(i).turn().show(blob.turnDeg());
            blocks.get(i).uneven().show(100 * blob.uneven());
        }
    }

    private OneOpen.Item item(int index) {
        Block made = block(index);
        blocks.add(made);
        return new OneOpen.Item(made.ink(), "blob " + (index + 1), made.node(),
                () -> studio.editStructure("remove a blob", FlowLines.class, f -> {
                    List<Blob> fewer = new ArrayList<>(f.blobs());
                    fewer.remove(index);
                    return f.withBlobs(fewer);
                }));
    }

    private Block block(int index) {
        String what = "blob " + (index + 1);
        InkChip ink = new InkChip("ink of " + what, i -> edit("ink blob with " + i.words(), index, b -> b.withInk(i)));
        NumberRow width = NumberRow.length(studio, "Width", what + " width",
                mm -> edit("blob %s mm".formatted(Numbers.plain(mm)), index, b -> b.withSize(mm, b.heightMm())));
        NumberRow height = NumberRow.length(studio, "Height", what + " height",
                mm -> edit("blob %s mm".formatted(Numbers.plain(mm)), index, b -> b.withSize(b.widthMm(), mm)));
        NumberRow turn = NumberRow.number(studio, "Turned", what + " turn", "\u00b0", 1, 5,
                n -> edit("turn blob", index, b -> b.withTurnDeg(n)));
        NumberRow uneven = NumberRow.number(studio, "Uneven", what + " unevenness", "%", 1, 5,
                n -> edit("unevenness of a blob", index, b -> b.withUneven(n / 100)));
        return new Block(Ui.column(4, Ui.pair(width, height), Ui.pair(turn, uneven)), ink, width,
                height, turn, uneven);
    }
}
