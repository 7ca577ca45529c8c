package org.vatwright.core.map;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** A picture in another number of pixels: averaged by area in linear light when there are fewer, bilinear when more. */
public final class Resized {

    private static final int STRIP_ROWS = 16;

    private Resized() {}

    public static Raster of(Raster from, int width, int height, Work work) {
        if (width == from.width() && height == from.height()) {
            return from;
        }
        Raster out = new Raster(width, height);
        if (width >= from.width() && height >= from.height()) {
            TorusSampler.sample(from, new Affine(0, 1.0 / width, 0, 0, 0, 1.0 / height), out, work);
            return out;
        }
        Rows.each(height, STRIP_ROWS, work, (first, end) -> {
            for (int y = first; y < end; y++) {
                for (int x = 0; x < width; x++) {
                    out.argb()[y * width + x] = mean(from, (double) x * from.width() / width,
                            (x + 1.0) * from.width() / width, (double) y * from.height() / height,
                            (y + 1.0) * from.height() / height);
                }
            }
        });
        return out;
    }

    private static int mean(Raster from, double left, double right, double top, double bottom) {
        float[] sum = new float[4];
        double area = (right - left) * (bottom - top);
        for (int y = (int) top; y < Math.min(from.height(), Math.ceil(bottom)); y++) {
            double high = Math.min(bottom, y + 1) - Math.max(top, y);
            for (int x = (int) left; x < Math.min(from.width(), Math.ceil(right)); x++) {
                float share = (float) (high * (Math.min(right, x + 1) - Math.max(left, x)) / area);
                float[] one = LightMix.linear(from.at(x, y));
                for (int k = 0; k < 4; k++) {
                    sum[k] += share * one[k];
                }
            }
        }
        return LightMix.encode(sum);
    }
}
