package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

import java.util.stream.Collectors;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Track;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.BrushHand.Doing;
import org.vatwright.desktop.studio.Studio;

/** The strokes of a painting as lines: those chosen are scaled, doubled, laid on top, thrown away; all are made simpler. */
final class StrokesChapter extends Chapter.Of<Brushwork> {

    private static final double BESIDE_MM = 4;
    private static final double SIMPLER_MM = 0.25;

    private final BrushInHand hand;
    private final Label told = Ui.prose("", "quiet");
    private final NumberRow scale;
    private final NumberRow steady;
    private final InkChip other;
    private final Button none;
    private final Node ofChosen;

    StrokesChapter(Studio studio) {
        super(studio, Brushwork.class);
        hand = new BrushInHand(studio);
        told.setId("strokes-told");
        scale = NumberRow.number(studio, "Scale by", "scale of strokes", "%", 1, 5, this::scale);
        steady = NumberRow.length(studio, "Steady hand", "steady hand", mm -> studio.attempt(
                () -> studio.holdBrush(h -> h.withSteadyMm(mm))));
        other = new InkChip("other ink of the brush", i -> hand.other(Optional.of(i)));
        none = Ui.link("none", () -> hand.other(Optional.empty()));
        none.setId("brush-no-other");
        Button twice = Ui.icon("copy", "Double the chosen strokes", this::twice);
        twice.setId("strokes-twice");
        Button top = Ui.icon("arrow-up", "Lay the chosen strokes on top", () -> order(true));
        top.setId("strokes-top");
        Button below = Ui.icon("arrow-down", "Lay the chosen strokes below all others", () -> order(false));
        below.setId("strokes-below");
        Button away = Ui.icon("trash-2", "Throw the chosen strokes away", () -> throwAway(studio, hand.chosen()));
        away.setId("strokes-away");
        ofChosen = Ui.row(scale, Ui.spring(), twice, top, below, away);
        Button all = Ui.link("choose all", () -> hand.work().ifPresent(w -> choose(
                IntStream.range(0, w.strokes().size()).boxed().collect(Collectors.toSet()))));
        all.setId("strokes-all");
        Button simpler = Ui.link("make simpler", this::simpler);
        simpler.setId("strokes-simpler");
        Ui.tip(simpler, "Leave out the points that no line needs");
        hold(told, Ui.row(all, Ui.spring(), simpler), ofChosen, Ui.labelled("Dabs towards", other, none), steady);
    }

    private void choose(Set<Integer> which) {
        studio.holdBrush(h -> h.withDoing(Doing.CHOOSE));
        studio.select(s -> s.withStrokes(which));
    }

    /** About the middle of all that are chosen. */
    private void scale(double percent) {
        double[] middle = middle();
        hand.strokes("scale strokes to %s %%".formatted(Numbers.plain(percent)),
                s -> s.scaledAbout(percent / 100, middle[0], middle[1]));
    }

    private double[] middle() {
        double left = Double.MAX_VALUE;
        double top = left;
        double right = -left;
        double bottom = -left;
        for (int i : hand.chosen()) {
            Track track = hand.work().orElseThrow().strokes().get(i).track();
            for (int k = 0; k < track.size(); k++) {
                left = Math.min(left, track.x(k));
                right = Math.max(right, track.x(k));
                top = Math.min(top, track.y(k));
                bottom = Math.max(bottom, track.y(k));
            }
        }
        return new double[]{(left + right) / 2, (top + bottom) / 2};
    }

    private void twice() {
        Set<Integer> which = hand.chosen();
        int count = hand.work().map(w -> w.strokes().size()).orElse(0);
        if (studio.editStructure("double strokes", Brushwork.class, w -> {
            List<BrushStroke> more = new ArrayList<>(w.strokes());
            which.forEach(i -> more.add(w.strokes().get(i).moved(BESIDE_MM, BESIDE_MM)));
            return w.withStrokes(more);
        })) {
            choose(IntStream.range(count, count + which.size()).boxed().collect(Collectors.toSet()));
        }
    }

    private void order(boolean top) {
        Set<Integer> which = new TreeSet<>(hand.chosen());
        if (studio.editStructure(top ? "strokes on top" : "strokes below all", Brushwork.class, w -> {
            List<BrushStroke> taken = which.stream().map(i -> w.strokes().get(i)).toList();
            List<BrushStroke> all = new ArrayList<>(w.without(which).strokes());
            all.addAll(top ? all.size() : 0, taken);
            return w.withStrokes(all);
        })) {
            int count = hand.work().map(w -> w.strokes().size()).orElse(0);
            int from = top ? count - which.size() : 0;
            choose(IntStream.range(from, from + which.size()).boxed().collect(Collectors.toSet()));
        }
    }

    private void simpler() {
        studio.editStructure("make strokes simpler", Brushwork.class, w -> w.withStrokes(w.strokes().stream()
                .map(s -> s.withTrack(s.track().simplified(SIMPLER_MM))).toList()));
    }

    static void throwAway(Studio studio, Set<Integer> which) {
        if (!which.isEmpty() && studio.editStructure(which.size() == 1 ? "throw a stroke away" : "throw strokes away",
                Brushwork.class, w -> w.without(which))) {
            studio.select(s -> s.withStrokes(Set.of()));
        }
    }

    @Override
    void show(Design design, Colourway colourway, Brushwork work) {
        int points = work.strokes().stream().mapToInt(s -> s.track().size()).sum();
        int chosen = hand.chosen().size();
        told.setText(work.strokes().isEmpty()
                ? "Nothing is painted yet: pull the brush over the cloth."
                : "%,d %s of %,d points%s".formatted(work.strokes().size(),
                        work.strokes().size() == 1 ? "stroke" : "strokes", points,
                        chosen == 0 ? "" : "; %d chosen".formatted(chosen)));
        Ui.show(ofChosen, chosen > 0);
        scale.show(100);
        steady.show(studio.brushHand().steadyMm());
        Optional<Ink> second = hand.other(design);
        other.show(second.orElse(Ink.CLEAR), design, colourway);
        if (second.isEmpty()) {
            other.setText("lighter and darker");
        }
        Ui.show(none, second.isPresent());
    }
}
