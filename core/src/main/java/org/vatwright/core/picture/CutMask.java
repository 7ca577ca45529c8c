package org.vatwright.core.picture;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.colour.Lab;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** How much of each pixel of a picture a cut-out takes, 0 to 1. */
final class CutMask {

    /** Of a line of the outline, parted so often for its coverage. */
    private static final int FINE = 4;
    /** Within so much of the difference asked for, likeness fades. */
    private static final double SOFT = 1.5;
    private static final int STRIP = 32;
    private static final int CACHE = 1 << 14;
    private static final int OPAQUE = 255;

    private final int width;
    private final int height;
    private final Raster picture;
    private final Work work;

    private CutMask(Raster picture, Work work) {
        this.picture = picture;
        this.work = work;
        width = picture.width();
        height = picture.height();
    }

    /** @return of the whole picture. @param grow,feather in pixels */
    static float[] of(Raster picture, List<CutShape> shapes, boolean inverted, double grow, double feather, Work work) {
        CutMask mask = new CutMask(picture, work);
        float[] made = new float[picture.argb().length];
        if (shapes.isEmpty() || shapes.getFirst().how() != CutShape.How.ADD) {
            Arrays.fill(made, 1);
        }
        for (CutShape shape : shapes) {
            work.goOn();
            mask.join(made, mask.of(shape.form()), shape.how());
        }
        if (inverted) {
            for (int i = 0; i < made.length; i++) {
                made[i] = 1 - made[i];
            }
        }
        if (grow != 0) {
            Reach.grow(made, mask.width, mask.height, grow);
        }
        if (feather > 0) {
            Reach.feather(made, mask.width, mask.height, feather);
        }
        return made;
    }

    private void join(float[] made, float[] shape, CutShape.How how) {
        for (int i = 0; i < made.length; i++) {
            made[i] = switch (how) {
                case ADD -> Math.max(made[i], shape[i]);
                case SUBTRACT -> Math.min(made[i], 1 - shape[i]);
                case INTERSECT -> Math.min(made[i], shape[i]);
            };
        }
    }

    private float[] of(CutShape.Form form) {
        return switch (form) {
            case CutShape.Form.Rectangle(double l, double t, double r, double b) ->
                outline(new double[]{l, t, r, t, r, b, l, b});
            case CutShape.Form.Ellipse(double l, double t, double r, double b) -> outline(round(l, t, r, b));
            case CutShape.Form.Outline(List<Double> at) ->
                outline(at.stream().mapToDouble(Double::doubleValue).toArray());
            case CutShape.Form.Like like -> like(like);
        };
    }

    private static double[] round(double l, double t, double r, double b) {
        int n = 720;
        double[] at = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            at[2 * i] = (l + r) / 2 + (r - l) / 2 * Math.cos(a);
            at[2 * i + 1] = (t + b) / 2 + (b - t) / 2 * Math.sin(a);
        }
        return at;
    }

    /** The share of each pixel inside: exact across on each of a few lines a row, even-odd. */
    private float[] outline(double[] shares) {
        float[] mask = new float[width * height];
        int n = shares.length / 2;
        Rows.each(height, STRIP, work.telling(s -> {}), (from, to) -> {
            double[] crossings = new double[n];
            for (int y = from; y < to; y++) {
                for (int k = 0; k < FINE; k++) {
                    double line = (y + (k + 0.5) / FINE) / height;
                    int count = crossings(shares, line, crossings);
                    for (int i = 0; i + 1 < count; i += 2) {
                        span(mask, y, crossings[i] * width, crossings[i + 1] * width);
                    }
                }
            }
        });
        return mask;
    }

    private static int crossings(double[] at, double line, double[] out) {
        int n = at.length / 2;
        int count = 0;
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            double y0 = at[2 * i + 1];
            double y1 = at[2 * j + 1];
            if (y0 <= line != y1 <= line) {
                out[count++] = at[2 * i] + (line - y0) / (y1 - y0) * (at[2 * j] - at[2 * i]);
            }
        }
        Arrays.sort(out, 0, count);
        return count;
    }

    private void span(float[] mask, int y, double from, double to) {
        double left = Math.max(0, from);
        double right = Math.min(width, to);
        for (int x = (int) left; x < right; x++) {
            mask[y * width + x] += (float) ((Math.min(right, x + 1) - Math.max(left, x)) / FINE);
        }
    }

    /** What is clear is like nothing. */
    private float[] like(CutShape.Form.Like like) {
        float[] mask = new float[width * height];
        int x = (int) Math.max(0, Math.min(width - 1, like.x() * width));
        int y = (int) Math.max(0, Math.min(height - 1, like.y() * height));
        Lab seed = mean(x, y);
        Rows.each(height, STRIP, work.telling(s -> {}), (from, to) -> {
            // A picture has few colours beside each other: those met last are remembered.
            int[] keys = new int[CACHE];
            float[] values = new float[CACHE];
            for (int i = from * width; i < to * width; i++) {
                int argb = picture.argb()[i];
                if (argb >>> 24 == 0) {
                    continue;
                }
                int slot = (argb * 0x9E3779B1) >>> 18;
                if (keys[slot] != argb) {
                    keys[slot] = argb;
                    double off = Lab.of(straight(argb)).difference(seed);
                    values[slot] = (float) Math.max(0, Math.min(1, (like.within() - off) / SOFT + 1));
                }
                mask[i] = values[slot] * (argb >>> 24) / OPAQUE;
            }
        });
        if (like.joined()) {
            keepJoined(mask, y * width + x);
        }
        return mask;
    }

    private Lab mean(int x, int y) {
        double l = 0;
        double a = 0;
        double b = 0;
        int count = 0;
        for (int v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
            for (int u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
                Lab lab = Lab.of(straight(picture.at(u, v)));
                l += lab.lightness();
                a += lab.a();
                b += lab.b();
                count++;
            }
        }
        return new Lab(l / count, a / count, b / count);
    }

    private static Rgb straight(int argb) {
        return Rgb.ofArgb(0xFF000000 | Packed.straight(argb));
    }

    private void keepJoined(float[] mask, int seed) {
        boolean[] seen = new boolean[mask.length];
        ArrayDeque<Integer> open = new ArrayDeque<>();
        if (mask[seed] > 0) {
            seen[seed] = true;
            open.add(seed);
        }
        while (!open.isEmpty()) {
            int i = open.poll();
            int x = i % width;
            step(mask, seen, open, i - 1, x > 0);
            step(mask, seen, open, i + 1, x < width - 1);
            step(mask, seen, open, i - width, i >= width);
            step(mask, seen, open, i + width, i < mask.length - width);
        }
        for (int i = 0; i < mask.length; i++) {
            if (!seen[i]) {
                mask[i] = 0;
            }
        }
    }

    private static void step(float[] mask, boolean[] seen, ArrayDeque<Integer> open, int i, boolean there) {
        if (there && !seen[i] && mask[i] > 0) {
            seen[i] = true;
            open.add(i);
        }
    }
}
