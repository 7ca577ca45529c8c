package org.vatwright.desktop.building;

import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Variety;
import org.vatwright.core.laid.LaidClosing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** How blocks differ from each other, and after how many all recurs. */
final class BlockVarietyRows extends VBox {

    private final Studio studio;
    private final NumberRow kinds;
    private final NumberRow tone;
    private final NumberRow worn;
    private final NumberRow chipped;
    private final CheckBox flip = new CheckBox("some turned about");
    private final NumberRow recurs;

    BlockVarietyRows(Studio studio) {
        super(4);
        this.studio = studio;
        kinds = row("Kinds", "kinds of blocks", "", 0, 1, (v, n) -> v.withKinds((int) Math.rint(n)));
        tone = row("Tone", "tone of blocks", "%", 1, 1, (v, n) -> v.withTone(n / 100));
        worn = row("Worn", "worn edges", "mm", 2, 0.1, Variety::withWornMm);
        chipped = row("Chipped", "chipped blocks", "%", 1, 5, (v, n) -> v.withChipped(n / 100));
        flip.setId("blocks-flipped");
        flip.setOnAction(e -> edit("turn some blocks about", v -> v.withFlip(flip.isSelected())));
        recurs = NumberRow.number(studio, "Recurs after", "blocks before all recurs", "", 0, 10, this::recurAfter);
        recurs.trail("blocks");
        getChildren().addAll(Ui.pair(kinds, tone), Ui.pair(worn, chipped),
                Ui.row(flip, Ui.icon("refresh-cw", "Throw the blocks anew",
                        () -> edit("throw blocks anew", v -> v.withSeed(v.seed() + 1)))),
                recurs);
    }

    private NumberRow row(String word, String what, String sign, int decimals, double step,
            BiFunction<Variety, Double, Variety> change) {
        return NumberRow.number(studio, word, what, sign, decimals, step,
                n -> edit("%s %s".formatted(what, Numbers.plain(n)), v -> change.apply(v, n)));
    }

    private void edit(String name, UnaryOperator<Variety> change) {
        studio.editStructure(name, Blocks.class, b -> b.withVariety(change.apply(b.variety())));
    }

    /** The cell becomes whole tiles of the bond, as square as may be, that hold at least so many blocks. */
    private void recurAfter(double wanted) {
        studio.editDesign("recurs after %s blocks".formatted(Numbers.plain(wanted)), d -> {
            Blocks blocks = (Blocks) studio.layer().orElseThrow().structure();
            TurnedLattice.Closing own = LaidClosing.tile(blocks)
                    .orElseThrow(() -> new org.vatwright.core.measure.Refusal(
                            "at this angle the blocks have no tile; take an angle that closes first"));
            int each = blocks.count(new Repeat(own.widthMm(), own.heightMm(), Arrangement.STRAIGHT));
            int across = 1;
            int down = 1;
            while ((double) across * down * each < wanted) {
                if (across * own.widthMm() <= down * own.heightMm()) {
                    across++;
                } else {
                    down++;
                }
            }
            return d.withRepeat(new Repeat(across * own.widthMm(), down * own.heightMm(), Arrangement.STRAIGHT));
        });
    }

    void show(Design design, Blocks blocks) {
        Variety v = blocks.variety();
        kinds.show(v.kinds());
        tone.show(100 * v.tone());
        worn.show(v.wornMm());
        chipped.show(100 * v.chipped());
        flip.setSelected(v.flip());
        for (javafx.scene.Node row : new javafx.scene.Node[]{tone, worn, chipped}) {
            Ui.show(row, v.kinds() > 1);
        }
        recurs.show(blocks.count(design.repeat()));
    }
}
