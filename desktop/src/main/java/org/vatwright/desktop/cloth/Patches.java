package org.vatwright.desktop.cloth;

import java.util.HashMap;
import java.util.Map;
import java.util.function.IntBinaryOperator;

import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/**
 * A picture a hand draws on, clear at first, in small square images that are there once something is written on them: the
 * window draws anew only those that were written on, however large the picture is.
 */
public final class Patches extends Group {

    private static final int SIDE = 128;

    private final Map<Long, WritableImage> images = new HashMap<>();

    public Patches() {
        setMouseTransparent(true);
    }

    /**
     * Writes pixels, premultiplied; the area's left and top may be negative, and it may be empty.
     *
     * @param right,bottom excluded
     */
    public void write(int left, int top, int right, int bottom, IntBinaryOperator argb) {
        if (left >= right || top >= bottom) {
            return;
        }
        for (int row = Math.floorDiv(top, SIDE); row * SIDE < bottom; row++) {
            for (int column = Math.floorDiv(left, SIDE); column * SIDE < right; column++) {
                patch(column, row, Math.max(left, column * SIDE), Math.max(top, row * SIDE),
                        Math.min(right, (column + 1) * SIDE), Math.min(bottom, (row + 1) * SIDE), argb);
            }
        }
    }

    private void patch(int column, int row, int left, int top, int right, int bottom, IntBinaryOperator argb) {
        int wide = right - left;
        int[] pixels = new int[wide * (bottom - top)];
        for (int y = top, i = 0; y < bottom; y++) {
            for (int x = left; x < right; x++, i++) {
                pixels[i] = argb.applyAsInt(x, y);
            }
        }
        image(column, row).getPixelWriter().setPixels(left - column * SIDE, top - row * SIDE, wide, bottom - top,
                PixelFormat.getIntArgbPreInstance(), pixels, 0, wide);
    }

    private WritableImage image(int column, int row) {
        return images.computeIfAbsent((long) row << Integer.SIZE | column & 0xFFFF_FFFFL, place -> {
            WritableImage image = new WritableImage(SIDE, SIDE);
            ImageView view = new ImageView(image);
            view.relocate(column * SIDE, row * SIDE);
            getChildren().add(view);
            return image;
        });
    }
}
