package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Touch;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The block picked on the cloth: lighter, darker, another ink, thrown anew, as it was. */
final class BlockTouchRows extends VBox {

    private static final double STEP = 0.05;

    private final Studio studio;
    private final Label title = Ui.label("", "card-title");
    private final NumberRow tone;
    private final InkChip ink;
    private final Button plain;
    private final VBox rows;
    private final Label hint = Ui.prose("Click a block on the cloth to change it alone.", "quiet");

    BlockTouchRows(Studio studio) {
        super(4);
        this.studio = studio;
        tone = NumberRow.number(studio, "Tone", "tone of this block", "%", 1, 1,
                n -> edit("tone of a block", t -> t.withTone(n / 100)));
        ink = new InkChip("ink of this block",
                i -> edit("ink a block with " + i.words(), t -> t.withInk(Optional.of(i))));
        plain = Ui.link("as the others", () -> edit("a block as the others", t -> Touch.NONE));
        plain.setId("block-as-others");
        title.setId("picked-block");
        rows = Ui.column(4, title, tone, Ui.labelled("Ink", ink),
                Ui.row(Ui.icon("sun", "Lighten this block",
                        () -> edit("lighten a block", t -> t.withTone(t.tone() + STEP))),
                        Ui.icon("moon", "Darken this block",
                                () -> edit("darken a block", t -> t.withTone(t.tone() - STEP))),
                        Ui.icon("refresh-cw", "Throw this block anew", () -> edit("throw a block anew", Touch::rolled)),
                        plain));
        getChildren().addAll(hint, rows);
    }

    private Optional<Touch.Spot> spot(Design design, Blocks blocks) {
        int part = studio.selection().own();
        if (part < 0) {
            return Optional.empty();
        }
        List<Touch.Spot> spots = blocks.spots(design.repeat());
        return part < spots.size() ? Optional.of(spots.get(part)) : Optional.empty();
    }

    private void edit(String name, UnaryOperator<Touch> change) {
        studio.design().ifPresent(d -> studio.editStructure(name, Blocks.class,
                b -> spot(d, b).map(s -> b.withTouch(s, change.apply(b.touch(s)))).orElse(b)));
    }

    void show(Design design, Colourway colourway, Blocks blocks) {
        Optional<Touch.Spot> spot = spot(design, blocks);
        Ui.show(hint, spot.isEmpty());
        Ui.show(rows, spot.isPresent());
        spot.ifPresent(s -> {
            Touch touch = blocks.touch(s);
            title.setText("This block, %s of %s".formatted(Numbers.plain(studio.selection().own() + 1),
                    Numbers.plain(blocks.count(design.repeat()))));
            tone.show(100 * touch.tone());
            ink.show(touch.ink().orElse(Ink.CLEAR), design, colourway);
            if (touch.ink().isEmpty()) {
                ink.setText("as given");
            }
            Ui.show(plain, !touch.equals(Touch.NONE));
        });
    }
}
