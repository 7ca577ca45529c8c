package org.vatwright.desktop.dress;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.layout.HBox;

/** Whether the cloth fades out, and how; where is pulled on the cloth. */
final class FadeRow extends HBox {

    private enum Wanted {
        NONE, ALONG, ROUND;

        String words() {
            return this == NONE ? "not" : this == ALONG ? "along" : "round";
        }
    }

    private final Studio studio;
    private final Segments<Wanted> way;

    FadeRow(Studio studio) {
        this.studio = studio;
        way = new Segments<>(List.of(Wanted.values()), Wanted::words, this::set);
        way.getStyleClass().add("tight");
        for (Wanted each : Wanted.values()) {
            way.button(each).setId("fade-" + each.name().toLowerCase(Locale.ROOT));
        }
        setSpacing(4);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Ui.label("fades", "quiet"), way);
    }

    /** Downwards from the middle of the piece, or from its middle outwards. */
    private void set(Wanted wanted) {
        DressEdits.each(studio, wanted == Wanted.NONE ? "the cloth does not fade" : "fade the cloth",
                (piece, worn) -> worn.withLay(worn.lay().map(l -> l.withFade(wanted == Wanted.NONE
                        ? Optional.empty()
                        : Optional.of(fade(piece, l, wanted))))));
    }

    private static Fade fade(Piece piece, Lay lay, Wanted wanted) {
        Fade.Way to = wanted == Wanted.ALONG ? Fade.Way.ALONG : Fade.Way.ROUND;
        if (lay.fade().isPresent()) {
            return lay.fade().get().withWay(to);
        }
        Rectangle2D box = piece.outline().bounds();
        Place middle = new Place(box.getCenterX(), box.getCenterY());
        Place end = to == Fade.Way.ALONG
                ? new Place(box.getCenterX(), box.getMaxY())
                : new Place(box.getCenterX() + Math.max(1, Math.max(box.getWidth(), box.getHeight()) / 2),
                        box.getCenterY());
        return new Fade(to, middle, end.far(middle) < 1 ? end.moved(0, 1) : end);
    }

    void show(Lay lay) {
        way.show(lay.fade().map(f -> f.way() == Fade.Way.ALONG ? Wanted.ALONG : Wanted.ROUND).orElse(Wanted.NONE));
    }
}
