package org.vatwright.desktop.control;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.render.FillTiles;
import org.vatwright.desktop.studio.Aside;

import javafx.application.Platform;
import javafx.geometry.Side;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundImage;
import javafx.scene.layout.BackgroundPosition;
import javafx.scene.layout.BackgroundRepeat;
import javafx.scene.layout.BackgroundSize;
import javafx.scene.layout.Region;

/** A design, a picture or a gradient as the background of a small area. */
final class FillArea {

    /** Twice the area's own pixels, so that it is crisp on dense screens too. */
    private static final int FINER = 2;

    private static final int KEPT = 200;

    private record Key(Fill.Source source, List<String> slots, Colourway outer, int side) {}

    private record Painted(Key key, Raster tile) {}

    /** Lists of inks are drawn anew with every change; the pictures in them are kept. */
    private static final Map<Key, Background> ALL = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Background> eldest) {
            return size() > KEPT;
        }
    };

    private final Region area;
    private final Aside<Painted> painting = new Aside<>(Platform::runLater, this::take);
    private String shown = "";
    private Key wanted;
    private Key had;
    private Background last;

    private FillArea(Region area) {
        this.area = area;
    }

    /**
     * Makes it the background of an area; a design or a picture, which may take long, once it is painted beside the window.
     *
     * @param side of one tile of it as shown, in the window's pixels
     */
    static void show(Region area, Fill fill, Palette palette, Colourway outer, int side) {
        ((FillArea) area.getProperties().computeIfAbsent(FillArea.class, k -> new FillArea(area))).show(fill,
                new Key(fill.source(), palette.slots(), outer, side), palette);
    }

    /** Paints beforehand what {@link #show} would paint at once. @return it, nothing of what is painted beside the window */
    static Optional<Background> ready(Fill fill, Palette palette, Colourway outer, int side) {
        return fill.source() instanceof Fill.OfGradient
                ? Optional.of(painted(fill, new Key(fill.source(), palette.slots(), outer, side), palette))
                : Optional.empty();
    }

    private static Background painted(Fill fill, Key key, Palette palette) {
        return ALL.computeIfAbsent(key, k -> laid(draw(fill, palette, k)));
    }

    /** Another background is set: what is still being painted comes too late. */
    static void leave(Region area) {
        if (area.getProperties().get(FillArea.class) instanceof FillArea one) {
            one.wanted = null;
            one.shown = "";
        }
    }

    private void show(Fill fill, Key key, Palette palette) {
        wanted = key;
        Background ready = fill.source() instanceof Fill.OfGradient
                ? painted(fill, key, palette)
                : key.equals(had) ? last : ALL.get(key);
        if (ready != null) {
            area.setBackground(ready);
        } else {
            if (!fill.name().equals(shown)) {
                // Until its own is there it shows none: that of another would be taken for its own.
                area.setBackground(null);
            }
            painting.ask(key, work -> draw(fill, palette, key));
        }
        shown = fill.name();
    }

    private void take(Painted painted) {
        had = painted.key();
        last = ALL.computeIfAbsent(had, k -> laid(painted));
        if (had.equals(wanted)) {
            area.setBackground(last);
        }
    }

    private static int high(Key key) {
        double ratio = key.source().heightMm() / key.source().widthMm();
        return (int) Math.max(1, Math.min(8.0 * key.side(), Math.rint(key.side() * ratio)));
    }

    private static Painted draw(Fill fill, Palette palette, Key key) {
        return new Painted(key,
                FillTiles.chip(fill, palette, key.outer(), FINER * key.side(), FINER * high(key)));
    }

    private static Background laid(Painted painted) {
        return new Background(new BackgroundImage(image(painted.tile()), BackgroundRepeat.REPEAT,
                BackgroundRepeat.REPEAT, new BackgroundPosition(Side.LEFT, 0, false, Side.TOP, 0, false),
                new BackgroundSize(painted.key().side(), high(painted.key()), false, false, false, false)));
    }

    private static Image image(Raster raster) {
        WritableImage image = new WritableImage(raster.width(), raster.height());
        image.getPixelWriter().setPixels(0, 0, raster.width(), raster.height(), PixelFormat.getIntArgbPreInstance(),
                raster.argb(), 0, raster.width());
        return image;
    }
}
