package org.vatwright.core.stitch;

import java.util.List;

import org.vatwright.core.raster.Compositor;
import org.vatwright.core.stitch.Stitching.Stitch;

/**
 * Threads as they are seen: round, twisted of two plies, lit from the upper left, with a shadow on the cloth. Each pixel follows
 * from its distance to the stitches, so that a picture is the same whatever rows are asked for.
 */
public final class Threads {

    /** Of the thread's breadth: how far its shadow falls, and how much darker it is at most. */
    public static final double SHADOW = 0.28;
    public static final double DARKEST = 0.45;
    private static final double TWIST = 1.1;
    private static final double LIGHT = Math.sqrt(0.5);

    private final Stitching how;
    private final List<Stitch> stitches;
    private final double pxPerMm;
    private final double radius;

    /** @param stitches in mm of the article */
    public Threads(Stitching how, List<Stitch> stitches, double pxPerMm) {
        this.how = how;
        this.stitches = stitches;
        this.pxPerMm = pxPerMm;
        radius = how.thickMm() * pxPerMm / 2;
    }

    /**
     * Lays them onto some rows of a part of a picture.
     *
     * @param out takes rows from {@code from} to below {@code to}
     * @param first,width its columns
     */
    public void lay(int[] out, int first, int width, int from, int to) {
        if (how.relief() > 0) {
            double away = SHADOW * 2 * radius;
            for (Stitch s : stitches) {
                each(s, away, away, 1.6 * radius, first, width, from, to, (at, far, along, across) -> {
                    double soft = Math.max(0, Math.min(1, (1.6 * radius - far) / Math.max(0.7, 1.2 * radius)));
                    int alpha = (int) Math.round(256 * DARKEST * how.relief() * soft);
                    out[at] = alpha > 0
                            ? Compositor.normal(out[at], 0xFF000000, Math.min(alpha, out[at] >>> 24))
                            : out[at];
                });
            }
        }
        for (Stitch s : stitches) {
            thread(s, out, first, width, from, to);
        }
    }

    private void thread(Stitch s, int[] out, int first, int width, int from, int to) {
        double far = Math.max(1e-9, s.length());
        double dx = (s.x2() - s.x1()) / far;
        double dy = (s.y2() - s.y1()) / far;
        each(s, 0, 0, radius, first, width, from, to, (at, off, along, across) -> {
            int cover = (int) Math.round(256 * Math.max(0, Math.min(1, radius - off + 0.5)) * Math.min(1, 2 * radius));
            if (cover > 0) {
                double side = Math.max(-1, Math.min(1, across / Math.max(0.5, radius)));
                // The normal of a round thread leans to its side; light comes from the upper left and above.
                double lean = side * LIGHT * (dy - dx);
                double light = 0.72 * Math.sqrt(1 - side * side) + 0.5 * lean;
                double plies = Math.sin(2 * Math.PI * (along / (TWIST * 2 * radius) + 0.35 * side));
                double shade = 1 + how.relief() * (light - 0.62 + (radius > 1 ? 0.16 * plies : 0));
                out[at] = Compositor.normal(out[at], shaded(shade), cover);
            }
        });
    }

    private int shaded(double shade) {
        int argb = 0xFF000000;
        for (int shift = 0; shift <= 16; shift += 8) {
            int own = how.thread().argb() >> shift & 255;
            double to = shade <= 1 ? own * shade : own + (255 - own) * Math.min(1, shade - 1) * 0.8;
            argb |= (int) Math.max(0, Math.min(255, Math.round(to))) << shift;
        }
        return argb;
    }

    private interface Pixel {

        /** @param far from the stitch, {@code along} and {@code across} it, in pixels */
        void at(int index, double far, double along, double across);
    }

    private void each(Stitch s, double moveX, double moveY, double reach, int first, int width, int from,
            int to, Pixel pixel) {
        double ax = s.x1() * pxPerMm + moveX;
        double ay = s.y1() * pxPerMm + moveY;
        double bx = s.x2() * pxPerMm + moveX;
        double by = s.y2() * pxPerMm + moveY;
        double far = Math.max(1e-9, Math.hypot(bx - ax, by - ay));
        double dx = (bx - ax) / far;
        double dy = (by - ay) / far;
        int left = (int) Math.max(first, Math.floor(Math.min(ax, bx) - reach - 1));
        int right = (int) Math.min(first + width, Math.ceil(Math.max(ax, bx) + reach + 1));
        int top = (int) Math.max(from, Math.floor(Math.min(ay, by) - reach - 1));
        int bottom = (int) Math.min(to, Math.ceil(Math.max(ay, by) + reach + 1));
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                double px = x + 0.5 - ax;
                double py = y + 0.5 - ay;
                double along = px * dx + py * dy;
                double across = py * dx - px * dy;
                double beyond = along < 0 ? -along : along > far ? along - far : 0;
                double off = Math.hypot(beyond, across);
                if (off < reach + 1) {
                    pixel.at((y - from) * width + x - first, off, along, across);
                }
            }
        }
    }
}
