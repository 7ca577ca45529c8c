package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Legibility;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Says when words will be hard to read in what they wear, and up to what scale they are read. Worked out beside the window's work. */
final class LegibilityRow extends VBox {

    private record Asked(List<Piece> letters, Lay lay, Design design) {}

    private record Found(Asked asked, Optional<Legibility> legibility) {}

    private final Studio studio;
    private final Label words = Ui.prose("", "field-error");
    private final Aside<Found> reading = new Aside<>(Platform::runLater, this::take);
    private Asked asked;
    private Found found;
    private double largest;

    LegibilityRow(Studio studio) {
        super(3);
        this.studio = studio;
        words.setId("legibility");
        var scale = Ui.link("scale it so", this::scale);
        scale.setId("legibility-scale");
        getChildren().addAll(words, scale);
        Ui.show(this, false);
    }

    private void scale() {
        double to = Math.floor(largest * 100) / 100;
        studio.editArticle("scale what the words wear", a -> a.withEachLay(l -> l.withScale(Math.max(0.01, Math.min(
                l.scale(), to)))));
    }

    void show(Article article, Cut cut) {
        Optional<Lay> lay = cut.pieces().stream().flatMap(p -> cut.lay(p).stream()).findFirst();
        Optional<Design> design = lay.flatMap(l -> studio.project().design(l.design()));
        if (!(article instanceof Article.Lettering) || design.isEmpty()) {
            asked = null;
            Ui.show(this, false);
            return;
        }
        Asked now = new Asked(cut.pieces(), lay.get().withStart(0, 0), design.get());
        if (now.equals(asked)) {
            return;
        }
        asked = now;
        if (found != null && now.equals(found.asked)) {
            say();
            return;
        }
        reading.ask(now, work -> new Found(now,
                Legibility.of(now.letters, now.lay, now.design, studio.tiles(), work)));
    }

    private void take(Found found) {
        this.found = found;
        if (found.asked.equals(asked)) {
            say();
        }
    }

    private void say() {
        found.legibility.ifPresentOrElse(this::say, () -> Ui.show(this, false));
    }

    private void say(Legibility found) {
        largest = found.largestScale();
        Ui.show(this, !found.reads());
        words.setText(
                "Hard to read: strokes are %s mm broad, what they wear shows %s mm. Up to %s %% it reads.".formatted(
                        Numbers.plain(found.strokeMm(), 1), Numbers.plain(found.featureMm(), 1),
                        Numbers.plain(Math.floor(100 * largest), 0)));
    }
}
