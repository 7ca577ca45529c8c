package org.vatwright.desktop.building;

import javafx.scene.control.Label;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** The chosen shape of the motif in hand: its own numbers, its place and sizes, how it is filled and outlined. */
final class ShapeChapter extends Chapter.Of<Motifs> {

    private final MotifInHand hand;
    private final Label name = Ui.label("", "card-title");
    private final FormRows form;
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow turn;
    private final NumberRow wide;
    private final NumberRow high;
    private final NumberRow lean;
    private final PartPaint paint;
    private final NumberRow edge;
    private final InkChip edgeInk;
    private final NumberRow opacity;

    ShapeChapter(Studio studio) {
        super(studio, Motifs.class);
        hand = new MotifInHand(studio);
        form = new FormRows(studio, (name, change) -> hand.part(name, p -> p.withForm(change.apply(p.form()))));
        x = NumberRow.length(studio, "Across", "shape across", mm -> hand.part("place a shape", p -> p.at(mm, p.y())));
        y = NumberRow.length(studio, "Down", "shape down", mm -> hand.part("place a shape", p -> p.at(p.x(), mm)));
        turn = NumberRow.number(studio, "Turned", "turn of the shape", "\u00b0", 2, 5,
                n -> hand.part("turn a shape", p -> p.withTurn(n)));
        wide = percent("Wide", "width of the shape", Part::wide, (p, v) -> p.withScale(v, p.high()));
        high = percent("High", "height of the shape", Part::high, (p, v) -> p.withScale(p.wide(), v));
        lean = NumberRow.number(studio, "Leaning", "lean of the shape", "\u00b0", 2, 5,
                n -> hand.part("lean a shape", p -> p.withShear(n)));
        paint = new PartPaint(studio, hand::part);
        edge = NumberRow.length(studio, "Outline", "outline of the shape", mm -> hand.part(mm == 0
                ? "no outline"
                : "outline %s mm".formatted(Numbers.plain(mm)),
                p -> p.withEdge(mm == 0
                        ? Optional.empty()
                        : Optional.of(p.edge().map(e -> e.withWidthMm(mm)).orElse(new Part.Edge(p.fill(), mm))))));
        edgeInk = new InkChip("ink of the outline", ink -> hand.part("ink an outline with " + ink.words(),
                p -> p.withEdge(p.edge().map(e -> e.withInk(ink)))));
        opacity = percent("Opacity", "opacity of the shape", Part::opacity, Part::withOpacity);
        hold(name,
                Ui.row(Ui.link("flip across", () -> hand.part("flip a shape", p -> p.withScale(-p.wide(), p.high()))),
                        Ui.link("flip down", () -> hand.part("flip a shape", p -> p.withScale(p.wide(), -p.high()))),
                        Ui.link("to the middle", () -> hand.part("centre a shape", p -> p.at(0, 0)))),
                form, Ui.pair(x, y),
                Ui.pair(wide, high), Ui.pair(turn, lean), Ui.pair(edge, opacity), Ui.labelled("Its ink", edgeInk),
                paint);
    }

    private NumberRow percent(String word, String what, ToDoubleFunction<Part> now,
            BiFunction<Part, Double, Part> change) {
        return NumberRow.number(studio, word, what, "%", 1, 5,
                n -> hand.part("%s %s %%".formatted(what, Numbers.plain(n)), p -> change.apply(p, n / 100)));
    }

    @Override
    void show(Design design, Colourway colourway, Motifs motifs) {
        Motif m = studio.motifHand().in(motifs);
        Part part = m.parts().get(hand.chosen(m));
        name.setText("%s of %s".formatted(part.name(), m.name()));
        form.show(part.form());
        x.show(part.x());
        y.show(part.y());
        turn.show(part.turnDeg());
        wide.show(100 * part.wide());
        high.show(100 * part.high());
        lean.show(part.shearDeg());
        paint.show(part, design, colourway);
        edge.show(part.edge().map(Part.Edge::widthMm).orElse(0.0));
        Ui.show(edgeInk.getParent(), part.edge().isPresent());
        edgeInk.show(part.edge().map(Part.Edge::ink).orElse(Ink.CLEAR), design, colourway);
        opacity.show(100 * part.opacity());
    }
}
