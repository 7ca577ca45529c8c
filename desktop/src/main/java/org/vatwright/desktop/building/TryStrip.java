package org.vatwright.desktop.building;

import java.util.Optional;

import javafx.scene.layout.Pane;

import org.vatwright.core.brush.Track;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

/** A strip of the ground to try a brush on, at the scale of the cell: a pull shows at once, and is painted anew with each change. */
final class TryStrip extends Pane {

    private static final int WIDE = 288;
    private static final int HIGH = 72;
    private static final double LEAST_STEP_PX = 1.5;
    /** A pixel of the strip for so many mm of cloth, so that what is tried is of the size it will have. */
    private static final double LEAST_SHOWN = 3;

    private final Studio studio;
    private final BrushInHand hand;
    private final ClothImage picture = new ClothImage();
    private Optional<Track> tried = Optional.empty();

    TryStrip(Studio studio) {
        this.studio = studio;
        hand = new BrushInHand(studio);
        setId("brush-try");
        getStyleClass().add("brush-try");
        setAccessibleText("A strip to try the brush on");
        setMinSize(WIDE, HIGH);
        setMaxSize(WIDE, HIGH);
        getChildren().add(picture);
        setOnMousePressed(e -> {
            tried = Optional.of(Track.of(e.getX(), e.getY()));
            redraw();
            e.consume();
        });
        setOnMouseDragged(e -> {
            Track track = tried.orElseThrow();
            if (Math.hypot(e.getX() - track.x(track.size() - 1),
                    e.getY() - track.y(track.size() - 1)) >= LEAST_STEP_PX) {
                tried = Optional.of(track.and(e.getX(), e.getY(), 1));
                redraw();
            }
            e.consume();
        });
    }

    private void redraw() {
        studio.design().ifPresent(d -> show(d, studio.colourway(d)));
    }

    void show(Design design, Colourway colourway) {
        double size = Math.max(LEAST_SHOWN, Math.min(HIGH * 0.9, hand.brush().sizeMm() * 2));
        Scenes.Field field = tried
                .map(t -> BrushSample.field(design, colourway, hand.brush().withSizeMm(size), hand.ink(design),
                        hand.other(design), t, WIDE, HIGH))
                .orElseGet(() -> BrushSample.field(design, colourway, hand.brush(), hand.ink(design),
                        hand.other(design), WIDE, HIGH));
        picture.draw(field, field.subject(studio.tiles()), WIDE, HIGH);
    }
}
