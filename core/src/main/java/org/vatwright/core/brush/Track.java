package org.vatwright.core.brush;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;

import org.vatwright.core.measure.Require;

/**
 * Where the hand went: points in mm from the upper left corner of the cell, going on beyond its edges, and how firmly it
 * was pressed, 0 to 1. Never changed once made; its hash is worked out once, for paintings are looked up by what they are.
 */
public final class Track {

    public static final int MOST_POINTS = 100_000;
    private static final double FARTHEST_MM = 1e6;

    private final double[] x;
    private final double[] y;
    /** Null when it was pressed whole everywhere. */
    private final float[] pressed;
    private final int hash;

    private Track(double[] x, double[] y, float[] pressed) {
        this.x = x;
        this.y = y;
        this.pressed = pressed;
        hash = 31 * (31 * Arrays.hashCode(x) + Arrays.hashCode(y)) + Arrays.hashCode(pressed);
    }

    /** @param pressed one a point; null for whole pressure */
    public static Track of(double[] x, double[] y, float[] pressed) {
        Require.within("points of a stroke", x.length, 1, MOST_POINTS);
        Require.that(y.length == x.length && (pressed == null || pressed.length == x.length),
                "a stroke has %d places across and %d down; each point needs both".formatted(x.length, y.length));
        for (int i = 0; i < x.length; i++) {
            Require.within("place of a stroke", x[i], -FARTHEST_MM, FARTHEST_MM, "mm");
            Require.within("place of a stroke", y[i], -FARTHEST_MM, FARTHEST_MM, "mm");
            if (pressed != null) {
                Require.within("pressure of a stroke", 100 * pressed[i], 0, 100, "%");
            }
        }
        return new Track(x.clone(), y.clone(), pressed == null ? null : pressed.clone());
    }

    public static Track of(double... xy) {
        double[] x = new double[xy.length / 2];
        double[] y = new double[xy.length / 2];
        for (int i = 0; i < x.length; i++) {
            x[i] = xy[2 * i];
            y[i] = xy[2 * i + 1];
        }
        return of(x, y, null);
    }

    public int size() {
        return x.length;
    }

    public double x(int i) {
        return x[i];
    }

    public double y(int i) {
        return y[i];
    }

    public float pressed(int i) {
        return pressed == null ? 1 : pressed[i];
    }

    /** @return whether pressure was given */
    public boolean hasPressure() {
        return pressed != null;
    }

    /** @return with one point more. @param firmly 0 to 1 */
    public Track and(double px, double py, double firmly) {
        int n = x.length;
        double[] nx = Arrays.copyOf(x, n + 1);
        double[] ny = Arrays.copyOf(y, n + 1);
        nx[n] = px;
        ny[n] = py;
        float[] np = null;
        if (pressed != null || firmly < 1) {
            np = new float[n + 1];
            for (int i = 0; i < n; i++) {
                np[i] = pressed(i);
            }
            np[n] = (float) firmly;
        }
        return of(nx, ny, np);
    }

    public Track moved(AffineTransform by) {
        double[] at = new double[2 * x.length];
        for (int i = 0; i < x.length; i++) {
            at[2 * i] = x[i];
            at[2 * i + 1] = y[i];
        }
        by.transform(at, 0, at, 0, x.length);
        double[] nx = new double[x.length];
        double[] ny = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            nx[i] = at[2 * i];
            ny[i] = at[2 * i + 1];
        }
        return of(nx, ny, pressed);
    }

    /** @return the box around its points, in mm */
    public Rectangle2D bounds() {
        Rectangle2D box = new Rectangle2D.Double(x[0], y[0], 0, 0);
        for (int i = 1; i < x.length; i++) {
            box.add(x[i], y[i]);
        }
        return box;
    }

    /**
     * Without the points that its line does not need.
     *
     * @param withinMm how far the line may move
     * @return itself when every point is needed
     */
    public Track simplified(double withinMm) {
        boolean[] kept = new boolean[x.length];
        kept[0] = true;
        kept[x.length - 1] = true;
        int[] open = new int[2 * x.length + 2];
        int top = 0;
        open[top++] = 0;
        open[top++] = x.length - 1;
        int count = x.length == 1 ? 1 : 2;
        // Ramer 1972, Douglas and Peucker 1973, without recursion.
        while (top > 0) {
            int last = open[--top];
            int first = open[--top];
            int far = farthest(first, last, withinMm);
            if (far > 0) {
                kept[far] = true;
                count++;
                open[top++] = first;
                open[top++] = far;
                open[top++] = far;
                open[top++] = last;
            }
        }
        return count == x.length ? this : only(kept, count);
    }

    private Track only(boolean[] kept, int count) {
        double[] nx = new double[count];
        double[] ny = new double[count];
        float[] np = pressed == null ? null : new float[count];
        int k = 0;
        for (int i = 0; i < x.length; i++) {
            if (kept[i]) {
                nx[k] = x[i];
                ny[k] = y[i];
                if (np != null) {
                    np[k] = pressed[i];
                }
                k++;
            }
        }
        return new Track(nx, ny, np);
    }

    private int farthest(int first, int last, double within) {
        double dx = x[last] - x[first];
        double dy = y[last] - y[first];
        double length = Math.hypot(dx, dy);
        double most = within;
        int far = 0;
        for (int i = first + 1; i < last; i++) {
            double px = x[i] - x[first];
            double py = y[i] - y[first];
            double off = length == 0 ? Math.hypot(px, py) : Math.abs(px * dy - py * dx) / length;
            if (off > most) {
                most = off;
                far = i;
            }
        }
        return far;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Track t && hash == t.hash && Arrays.equals(x, t.x)
                && Arrays.equals(y, t.y) && Arrays.equals(pressed, t.pressed);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return "%d points from %s, %s".formatted(x.length, x[0], y[0]);
    }
}
