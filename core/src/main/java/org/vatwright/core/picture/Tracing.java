package org.vatwright.core.picture;

import java.awt.geom.Path2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

import org.vatwright.core.raster.Work;

/**
 * Outlines of the areas of a picture of a few inks, followed from pixel to pixel and smoothed. Each area reaches under those of
 * the inks after it, so that no gap opens where two meet; around the picture it goes on a little as it does on the other
 * side, so that none opens from tile to tile.
 */
public final class Tracing {

    /** Beyond each side, in pixels. */
    static final int MARGIN = 6;
    private static final int[] DX = {1, 0, -1, 0};
    private static final int[] DY = {0, 1, 0, -1};
    private static final int SMOOTHED = 2;
    private static final int TURN = 2;
    /** So many pixels without a turn. */
    private static final int STRAIGHT = 4;
    private static final double SIMPLER_PX = 0.4;
    private static final double SHARP = Math.cos(Math.toRadians(60));
    private static final double SHARP_PX = 2.5;

    private final boolean[] in;
    private final int width;
    private final int height;
    private final double least;

    private Tracing(boolean[] in, int width, int height, double least) {
        this.in = in;
        this.width = width;
        this.height = height;
        this.least = least;
    }

    /**
     * @param labels by pixel the number of its ink, -1 for none; its sides meet each other
     * @param inks how many there are, largest first
     * @param leastPx specks of less area are left out
     * @return by ink its area and all areas of later inks, in pixels from the upper left corner
     */
    public static List<Path2D> of(int[] labels, int width, int inks, double leastPx, Work work) {
        int height = labels.length / width;
        int w = width + 2 * MARGIN;
        int h = height + 2 * MARGIN;
        List<Path2D> all = new ArrayList<>();
        for (int ink = 0; ink < inks; ink++) {
            work.goOn();
            boolean[] in = new boolean[w * h];
            for (int y = 0; y < h; y++) {
                int row = Math.floorMod(y - MARGIN, height) * width;
                for (int x = 0; x < w; x++) {
                    in[y * w + x] = labels[row + Math.floorMod(x - MARGIN, width)] >= ink;
                }
            }
            all.add(new Tracing(in, w, h, leastPx).outlines());
            work.progress().accept((ink + 1.0) / inks);
        }
        return all;
    }

    private boolean in(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height && in[y * width + x];
    }

    private Path2D outlines() {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        boolean[] followed = new boolean[in.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                // Every outline, and every hole, has an upper side somewhere.
                if (in(x, y) && !in(x, y - 1) && !followed[y * width + x]) {
                    List<double[]> line = follow(x, y, followed);
                    if (Math.abs(area(line)) >= least) {
                        append(path, simpler(smooth(line)));
                    }
                }
            }
        }
        return path;
    }

    /** Along the sides of pixels, the area on the right hand; a point in the middle of each side. */
    private List<double[]> follow(int startX, int startY, boolean[] followed) {
        List<double[]> line = new ArrayList<>();
        int x = startX;
        int y = startY;
        int d = 0;
        do {
            if (d == 0) {
                followed[y * width + x] = true;
            }
            double mx = x + 0.5 - DX[(d + 1) % 4] * 0.5;
            double my = y + 0.5 - DY[(d + 1) % 4] * 0.5;
            boolean edge = edge(mx, my);
            line.add(new double[]{mx, my, edge ? 1 : 0});
            int ax = x + DX[d];
            int ay = y + DY[d];
            int ox = ax + DX[(d + 3) % 4];
            int oy = ay + DY[(d + 3) % 4];
            double cx = mx + DX[d] * 0.5;
            double cy = my + DY[d] * 0.5;
            int before = d;
            if (!in(ax, ay)) {
                d = (d + 1) % 4;
            } else if (!in(ox, oy)) {
                x = ax;
                y = ay;
            } else {
                x = ox;
                y = oy;
                d = (d + 3) % 4;
            }
            // Where it comes to the outer edge the corner itself stays; where it turns it may, see below.
            if (edge(cx, cy)) {
                line.add(new double[]{cx, cy, 1});
            } else if (d != before) {
                line.add(new double[]{cx, cy, TURN});
            }
        } while (x != startX || y != startY || d != 0);
        return cornered(line);
    }

    /** A turn between two long straight stretches is a corner of the picture; others are steps of its pixels. */
    private static List<double[]> cornered(List<double[]> line) {
        List<double[]> kept = new ArrayList<>(line.size());
        int n = line.size();
        for (int i = 0; i < n; i++) {
            double[] point = line.get(i);
            if (point[2] != TURN) {
                kept.add(point);
            } else if (straight(line, i, 1) && straight(line, i, n - 1)) {
                kept.add(new double[]{point[0], point[1], 1});
            }
        }
        return kept;
    }

    private static boolean straight(List<double[]> line, int from, int step) {
        for (int k = 1; k <= STRAIGHT; k++) {
            if (line.get((int) ((from + (long) k * step) % line.size()))[2] == TURN) {
                return false;
            }
        }
        return true;
    }

    private boolean edge(double x, double y) {
        return x == 0 || y == 0 || x == width || y == height;
    }

    private static double area(List<double[]> line) {
        double sum = 0;
        for (int i = 0; i < line.size(); i++) {
            double[] a = line.get(i);
            double[] b = line.get((i + 1) % line.size());
            sum += a[0] * b[1] - b[0] * a[1];
        }
        return sum / 2;
    }

    private static List<double[]> smooth(List<double[]> line) {
        List<double[]> now = line;
        for (int pass = 0; pass < SMOOTHED; pass++) {
            List<double[]> next = new ArrayList<>(now.size());
            int n = now.size();
            for (int i = 0; i < n; i++) {
                double[] a = now.get((i + n - 1) % n);
                double[] b = now.get(i);
                double[] c = now.get((i + 1) % n);
                next.add(b[2] == 1 ? b : new double[]{(a[0] + 2 * b[0] + c[0]) / 4, (a[1] + 2 * b[1] + c[1]) / 4, 0});
            }
            now = next;
        }
        return now;
    }

    /** Without points that the line does not need (Douglas and Peucker 1973), from two that lie far apart. */
    private static List<double[]> simpler(List<double[]> line) {
        int n = line.size();
        int far = 0;
        double most = -1;
        for (int i = 1; i < n; i++) {
            double off = Math.hypot(line.get(i)[0] - line.get(0)[0], line.get(i)[1] - line.get(0)[1]);
            if (off > most) {
                most = off;
                far = i;
            }
        }
        boolean[] kept = new boolean[n + 1];
        kept[0] = true;
        kept[far] = true;
        kept[n] = true;
        Deque<int[]> open = new ArrayDeque<>(List.of(new int[]{0, far}, new int[]{far, n}));
        while (!open.isEmpty()) {
            int[] part = open.pop();
            int split = farthest(line, part[0], part[1]);
            if (split > 0) {
                kept[split] = true;
                open.push(new int[]{part[0], split});
                open.push(new int[]{split, part[1]});
            }
        }
        List<double[]> left = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (kept[i]) {
                left.add(line.get(i));
            }
        }
        return left;
    }

    private static int farthest(List<double[]> line, int from, int to) {
        double[] a = line.get(from);
        double[] b = line.get(to % line.size());
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double length = Math.hypot(dx, dy);
        double most = SIMPLER_PX;
        int far = 0;
        for (int i = from + 1; i < to; i++) {
            double px = line.get(i)[0] - a[0];
            double py = line.get(i)[1] - a[1];
            double off = length == 0 ? Math.hypot(px, py) : Math.abs(px * dy - py * dx) / length;
            if (off > most) {
                most = off;
                far = i;
            }
        }
        return far;
    }

    /** Curves through its points, at each in the direction from the one before to the one after; sharp corners stay sharp. */
    private static void append(Path2D path, List<double[]> line) {
        int n = line.size();
        if (n < 3) {
            return;
        }
        path.moveTo(line.get(0)[0] - MARGIN, line.get(0)[1] - MARGIN);
        for (int i = 0; i < n; i++) {
            double[] a = line.get(i);
            double[] b = line.get((i + 1) % n);
            double[] from = way(line.get((i + n - 1) % n), a, b);
            double[] to = way(a, b, line.get((i + 2) % n));
            double reach = Math.hypot(b[0] - a[0], b[1] - a[1]) / 3;
            path.curveTo(a[0] + reach * from[0] - MARGIN, a[1] + reach * from[1] - MARGIN,
                    b[0] - reach * to[0] - MARGIN, b[1] - reach * to[1] - MARGIN, b[0] - MARGIN, b[1] - MARGIN);
        }
        path.closePath();
    }

    /** @return the direction at the middle one of three points; none at a corner */
    private static double[] way(double[] a, double[] b, double[] c) {
        double length = Math.hypot(c[0] - a[0], c[1] - a[1]);
        return b[2] == 1 || length == 0 || sharp(a, b, c)
                ? new double[2]
                : new double[]{(c[0] - a[0]) / length, (c[1] - a[1]) / length};
    }

    private static boolean sharp(double[] a, double[] b, double[] c) {
        double ux = b[0] - a[0];
        double uy = b[1] - a[1];
        double vx = c[0] - b[0];
        double vy = c[1] - b[1];
        double u = Math.hypot(ux, uy);
        double v = Math.hypot(vx, vy);
        return Math.min(u, v) >= SHARP_PX && (ux * vx + uy * vy) / (u * v) < SHARP;
    }

    /** @return by pixel the number of the ink it is shown in, -1 where it is clear */
    public static int[] labels(int[] argb) {
        int[] labels = new int[argb.length];
        Arrays.setAll(labels, i -> argb[i] >>> 24 < 128 ? -1 : argb[i] & 0xFFFF);
        return labels;
    }
}
