package org.vatwright.desktop.building;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import javafx.scene.control.CheckBox;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.Fold;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** What the brush in hand is like, tried on a strip; of chosen strokes, what they are painted anew with. */
final class BrushChapter extends Chapter.Of<Brushwork> {

    /** What a number of the brush is, and how it is changed; the number is a percentage. */
    private record Share(String word, String what, ToDoubleFunction<Brush> of,
            BiFunction<Brush, Double, Brush> with) {}

    private final BrushInHand hand;
    private final TryStrip strip;
    private final Segments<Tip> tips;
    private final Map<Share, NumberRow> rows = new LinkedHashMap<>();
    private final NumberRow angle;
    private final CheckBox along = new CheckBox("turns with the way");
    private final NumberRow taper;
    private final BrushKeeping keeping;

    BrushChapter(Studio studio) {
        super(studio, Brushwork.class);
        hand = new BrushInHand(studio);
        strip = new TryStrip(studio);
        tips = new Segments<>(Tip.PLAIN, Tip::words, t -> change("tip " + t.words(), b -> b.tipped(t)));
        tips.getStyleClass().add("tight");
        for (Tip tip : Tip.PLAIN) {
            tips.button(tip).setId("tip-" + tip.words());
        }
        angle = NumberRow.number(studio, "Angle", "angle of the brush", "\u00b0", 1, 5, n -> change(
                "angle %s\u00b0".formatted(Numbers.plain(n)), b -> b.withAngleDeg(n)));
        along.setId("brush-along");
        along.setOnAction(e -> change(along.isSelected() ? "turns with the way" : "at a fixed angle",
                b -> b.withAlong(along.isSelected())));
        taper = NumberRow.number(studio, "Taper", "taper of strokes", "sizes", 1, 1, n -> change(
                "taper %s sizes".formatted(Numbers.plain(n)), b -> b.withTaper(n)));
        keeping = new BrushKeeping(studio);
        NumberRow hardness = row("Hard", "hardness of the brush", Brush::hardness, Brush::withHardness);
        NumberRow breadth = row("Breadth", "breadth of the brush", Brush::breadth, Brush::withBreadth);
        NumberRow spacing = row("Spacing", "spacing of dabs", Brush::spacing, Brush::withSpacing);
        NumberRow opacity = row("Opacity", "opacity of strokes", Brush::opacity, Brush::withOpacity);
        NumberRow flow = row("Flow", "flow of the brush", Brush::flow, Brush::withFlow);
        NumberRow wet = row("Wet edges", "wet edges", Brush::wet, Brush::withWet);
        NumberRow tooth = row("Dry", "tooth of the brush", Brush::tooth, Brush::withTooth);
        NumberRow thins = row("Thins", "thinning by a light hand", Brush::thins, Brush::withThins);
        Fold ink = Ui.fold("brush-ink", "How ink lies", Ui.column(8, Ui.pair(opacity, flow), Ui.pair(wet, tooth)));
        Fold differ = Ui.fold("brush-differ", "How dabs differ", Ui.column(8,
                Ui.pair(row("Size", "jitter of size", b -> b.jitter().size(), (b, n) -> b.withJitter(
                        b.jitter().withSize(n))),
                        row("Angle", "jitter of angle", b -> b.jitter().angle(), (b, n) -> b.withJitter(
                                b.jitter().withAngle(n)))),
                Ui.pair(row("Place", "jitter of place", b -> b.jitter().place(), (b, n) -> b.withJitter(
                        b.jitter().withPlace(n))),
                        row("Ink", "jitter of ink", b -> b.jitter().ink(), (b, n) -> b.withJitter(
                                b.jitter().withInk(n))))));
        hold(strip, tips, Ui.pair(hardness, breadth), Ui.pair(spacing, taper), Ui.pair(angle, thins), along, ink,
                differ, keeping);
    }

    private NumberRow row(String word, String what, ToDoubleFunction<Brush> of,
            BiFunction<Brush, Double, Brush> with) {
        NumberRow row = NumberRow.number(studio, word, what, "%", 1, 5, n -> change(
                "%s %s %%".formatted(what, Numbers.plain(n)), b -> with.apply(b, n / 100)));
        rows.put(new Share(word, what, of, with), row);
        return row;
    }

    private void change(String name, UnaryOperator<Brush> change) {
        hand.brush(name, change);
    }

    @Override
    void show(Design design, Colourway colourway, Brushwork work) {
        Brush brush = hand.brush();
        strip.show(design, colourway);
        tips.show(brush.tip());
        rows.forEach((share, row) -> row.show(100 * share.of().applyAsDouble(brush)));
        angle.show(brush.angleDeg());
        along.setSelected(brush.along());
        taper.show(brush.taper());
        keeping.show(brush);
    }
}
