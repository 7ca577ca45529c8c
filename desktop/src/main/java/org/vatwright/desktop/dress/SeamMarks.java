package org.vatwright.desktop.dress;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.sewing.SeamLine;
import org.vatwright.core.sewing.SeamMatch;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;

/** Seams on the article: each stretch as far off as what is left there, the greatest as a number beside it. */
final class SeamMarks extends Pane {

    private static final double MEETS_MM = 0.25;
    private static final double NEARLY_MM = 1.5;
    private static final int STRETCHES = 24;

    private final Studio studio;
    private final Map<Seam, Optional<SeamMatch.Left>> left = new HashMap<>();
    private Object measured;

    SeamMarks(Studio studio) {
        this.studio = studio;
        setMouseTransparent(true);
        setManaged(false);
    }

    /** @return what is left along a seam; none where nothing can go on over it */
    Optional<SeamMatch.Left> left(Article.Flat article, Seam seam) {
        Object now = List.of(article, studio.project().designs());
        if (!now.equals(measured)) {
            measured = now;
            left.clear();
        }
        return left.computeIfAbsent(seam, s -> {
            try {
                return Optional.of(SeamMatch.of(article, s, studio.project()::design).left());
            } catch (Refusal e) {
                return Optional.empty();
            }
        });
    }

    /** @param shown whether they are to be seen */
    void show(Article article, Viewport view, boolean shown) {
        getChildren().clear();
        if (shown && article instanceof Article.Flat flat) {
            flat.seams().forEach(s -> draw(flat, s, view));
        }
    }

    private void draw(Article.Flat flat, Seam seam, Viewport view) {
        List<Place> places = SeamLine.of(flat, seam).second();
        Optional<SeamMatch.Left> off = left(flat, seam);
        int step = (places.size() - 1) / STRETCHES;
        for (int k = 0; k + step < places.size(); k += step) {
            double[] line = new double[2 * (step + 1)];
            double worst = 0;
            for (int i = 0; i <= step; i++) {
                line[2 * i] = view.pxX(places.get(k + i).x());
                line[2 * i + 1] = view.pxY(places.get(k + i).y());
                int at = k + i;
                worst = Math.max(worst, off.map(o -> o.profile().get(at)).orElse(0.0));
            }
            String style = off.isEmpty()
                    ? "seam-none"
                    : worst < MEETS_MM ? "seam-meets" : worst < NEARLY_MM ? "seam-nearly" : "seam-off";
            for (String each : new String[]{"seam-under", style}) {
                Polyline part = new Polyline(line);
                part.getStyleClass().addAll("seam", each);
                getChildren().add(part);
            }
        }
        off.ifPresent(o -> {
            Place middle = places.get(places.size() / 2);
            Label number = Ui.label(o.most() < 0.01 ? "meets" : Numbers.plain(o.most(), 2) + " mm", "on-choice");
            getChildren().add(number);
            number.autosize();
            number.relocate(view.pxX(middle.x()) + 8, view.pxY(middle.y()) - 10);
        });
    }
}
