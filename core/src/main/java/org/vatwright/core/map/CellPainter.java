package org.vatwright.core.map;

import org.vatwright.core.map.Footing.Shadow;

/** Goes through cells of cloth row by row of a picture; later ones lie over earlier ones. */
final class CellPainter {

    private final Spans spans;
    private final int width;
    private final int top;
    private final int rows;
    private final double left;
    private final double above;
    private final double[] from;
    private final double[] to;
    private final double[] run = new double[9];

    /**
     * Takes a stretch of a row.
     */
    interface Spans {

        /**
         * @param first,end pixels, the last excluded, counted from the first row on
         * @param run u, its growth to the next pixel, and how that grows; the same of v, and of the tone
         */
        void lay(int first, int end, double[] run, Shadow shadow);
    }

    /** @param width of the picture @param left,above what is taken off every place */
    CellPainter(Spans spans, int width, int top, int rows, double left, double above) {
        this.spans = spans;
        this.width = width;
        this.top = top;
        this.rows = rows;
        this.left = left;
        this.above = above;
        from = new double[rows];
        to = new double[rows];
    }

    /** A cell with a way back. Between the ends of its edges it is straight; what lies beside it there is as near by either. */
    void fill(Sheet.Cell c, Shadow shadow) {
        int first = first(c.least());
        int last = last(c.most());
        open(first, last);
        int side = c.side();
        for (int k = 0; k < side - 1; k++) {
            edge(c, k, k + 1);
            edge(c, side * (side - 1) + k, side * (side - 1) + k + 1);
            edge(c, side * k, side * (k + 1));
            edge(c, side * k + side - 1, side * (k + 1) + side - 1);
        }
        double[] b = c.back();
        double[] tone = tone(c);
        double midX = c.midX() - left;
        double midY = c.midY() - above;
        for (int y = first; y < last; y++) {
            int start = Math.max(0, ceil(from[y - top] - 0.5));
            int end = Math.min(width, ceil(to[y - top] - 0.5));
            if (start < end) {
                double x = start + 0.5 - midX;
                for (int n = 0; n < 2; n++) {
                    int k = 6 * n;
                    run[3 * n] = WayBack.at(b, n, x, y + 0.5 - midY);
                    run[3 * n + 1] = b[k + 1] + b[k + 3] * (2 * x + 1) + b[k + 4] * (y + 0.5 - midY);
                    run[3 * n + 2] = 2 * b[k + 3];
                }
                run[6] = tone[0] + tone[1] * x + tone[2] * (y + 0.5 - midY);
                run[7] = tone[1];
                run[8] = 0;
                spans.lay((y - top) * width + start, (y - top) * width + end, run, shadow);
            }
        }
    }

    /** @return the tone in the middle of a cell, and how it grows to the right and down, by its sides' differences */
    private static double[] tone(Sheet.Cell c) {
        double[] x = c.x();
        double[] y = c.y();
        float[] t = c.tone();
        int last = c.side() - 1;
        int middle = c.side() * last / 2;
        int left = middle;
        int right = middle + last;
        int top = last / 2;
        int bottom = c.side() * last + last / 2;
        double ax = x[right] - x[left];
        double ay = y[right] - y[left];
        double bx = x[bottom] - x[top];
        double by = y[bottom] - y[top];
        double a = t[right] - t[left];
        double b = t[bottom] - t[top];
        double det = ax * by - ay * bx;
        return new double[]{t[middle + last / 2], (a * by - b * ay) / det, (b * ax - a * bx) / det};
    }

    /** A flat triangle of a cell that turns over. */
    void fill(Sheet.Cell s, int a, int b, int c, Shadow shadow) {
        double xa = s.x()[a] - left;
        double ya = s.y()[a] - above;
        double xb = s.x()[b] - left - xa;
        double yb = s.y()[b] - above - ya;
        double xc = s.x()[c] - left - xa;
        double yc = s.y()[c] - above - ya;
        int first = first(Math.min(s.y()[a], Math.min(s.y()[b], s.y()[c])));
        int last = last(Math.max(s.y()[a], Math.max(s.y()[b], s.y()[c])));
        double det = xb * yc - xc * yb;
        if (first >= last || det == 0) {
            return;
        }
        open(first, last);
        edge(s, a, b);
        edge(s, b, c);
        edge(s, c, a);
        double[][] values = {s.u(), s.v(), null};
        for (int y = first; y < last; y++) {
            int start = Math.max(0, ceil(from[y - top] - 0.5));
            int end = Math.min(width, ceil(to[y - top] - 0.5));
            if (start < end) {
                double shareB = ((start + 0.5 - xa) * yc - xc * (y + 0.5 - ya)) / det;
                double shareC = (xb * (y + 0.5 - ya) - (start + 0.5 - xa) * yb) / det;
                for (int n = 0; n < 3; n++) {
                    double at = n == 2 ? s.tone()[a] : values[n][a];
                    double toB = (n == 2 ? s.tone()[b] : values[n][b]) - at;
                    double toC = (n == 2 ? s.tone()[c] : values[n][c]) - at;
                    run[3 * n] = at + shareB * toB + shareC * toC;
                    run[3 * n + 1] = (yc * toB - yb * toC) / det;
                    run[3 * n + 2] = 0;
                }
                spans.lay((y - top) * width + start, (y - top) * width + end, run, shadow);
            }
        }
    }

    private int first(double y) {
        return Math.max(top, ceil(y - above - 0.5));
    }

    private int last(double y) {
        return Math.min(top + rows, ceil(y - above - 0.5));
    }

    private void open(int first, int last) {
        for (int y = first - top; y < last - top; y++) {
            from[y] = Double.MAX_VALUE;
            to[y] = -Double.MAX_VALUE;
        }
    }

    /** From the upper end always, so that both who share an edge find the same place. */
    private void edge(Sheet.Cell c, int a, int b) {
        boolean down = c.y()[a] < c.y()[b] || c.y()[a] == c.y()[b] && c.x()[a] < c.x()[b];
        int upper = down ? a : b;
        int lower = down ? b : a;
        double y0 = c.y()[upper] - above;
        double x0 = c.x()[upper] - left;
        double slope = (c.x()[lower] - c.x()[upper]) / (c.y()[lower] - c.y()[upper]);
        int last = last(c.y()[lower]);
        for (int y = first(c.y()[upper]); y < last; y++) {
            double x = x0 + (y + 0.5 - y0) * slope;
            from[y - top] = Math.min(from[y - top], x);
            to[y - top] = Math.max(to[y - top], x);
        }
    }

    private static int ceil(double value) {
        return (int) Math.ceil(value);
    }
}
