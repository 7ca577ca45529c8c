package org.vatwright.desktop.control;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.render.FillTiles;

import javafx.geometry.Side;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundImage;
import javafx.scene.layout.BackgroundPosition;
import javafx.scene.layout.BackgroundRepeat;
import javafx.scene.layout.BackgroundSize;

/** A design or a picture as the background of a small area. */
final class FillArea {

    /** Twice the area's own pixels, so that it is crisp on dense screens too. */
    private static final int FINER = 2;

    private static final int KEPT = 200;

    private record Key(Fill.Source source, List<String> slots, Colourway outer, int side) {}

    /** Lists of inks are drawn anew with every change; the pictures in them are kept. */
    private static final Map<Key, Background> ALL = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Background> eldest) {
            return size() > KEPT;
        }
    };

    private FillArea() {}

    /** @param side of one tile of it as shown, in the window's pixels */
    static Background of(Fill fill, Palette palette, Colourway outer, int side) {
        return ALL.computeIfAbsent(new Key(fill.source(), palette.slots(), outer, side),
                k -> draw(fill, palette, outer, side));
    }

    private static Background draw(Fill fill, Palette palette, Colourway outer, int side) {
        double ratio = fill.source().heightMm() / fill.source().widthMm();
        int high = (int) Math.max(1, Math.min(8.0 * side, Math.rint(side * ratio)));
        Raster tile = FillTiles.chip(fill, palette, outer, FINER * side, FINER * high);
        return new Background(new BackgroundImage(image(tile), BackgroundRepeat.REPEAT, BackgroundRepeat.REPEAT,
                new BackgroundPosition(Side.LEFT, 0, false, Side.TOP, 0, false),
                new BackgroundSize(side, high, false, false, false, false)));
    }

    private static Image image(Raster raster) {
        WritableImage image = new WritableImage(raster.width(), raster.height());
        image.getPixelWriter().setPixels(0, 0, raster.width(), raster.height(), PixelFormat.getIntArgbPreInstance(),
                raster.argb(), 0, raster.width());
        return image;
    }
}
