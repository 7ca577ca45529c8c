package org.vatwright.core.shape;

import java.util.Arrays;

/**
 * How much of each pixel lies inside a polygon, exactly: every edge adds to each pixel it passes the area between it and
 * the pixel's right side, and to the next pixel the rest of its height; the running sum along a row is the area. Edges
 * that run the other way take away, so holes come out by themselves.
 */
final class Coverage {

    private float[] sums = new float[0];
    private int width;

    /**
     * Works out some rows of a polygon.
     *
     * @param from,to rows of pixels, counted from the top of the polygon's box, within it
     */
    void of(FlatShape shape, int from, int to) {
        width = shape.width() + 2;
        int size = width * (to - from);
        if (sums.length < size) {
            sums = new float[size];
        } else {
            Arrays.fill(sums, 0, size, 0);
        }
        double[] xy = shape.xy();
        int[] ends = shape.ends();
        int start = 0;
        for (int end : ends) {
            double px = xy[2 * end - 2] - shape.left();
            double py = xy[2 * end - 1] - shape.top();
            for (int i = start; i < end; i++) {
                double x = xy[2 * i] - shape.left();
                double y = xy[2 * i + 1] - shape.top();
                if (py < y) {
                    edge(px, py, x, y, 1, from, to);
                } else if (py > y) {
                    edge(x, y, px, py, -1, from, to);
                }
                px = x;
                py = y;
            }
            start = end;
        }
    }

    private void edge(double x0, double y0, double x1, double y1, int sign, int from, int to) {
        if (y1 <= from || y0 >= to) {
            return;
        }
        double slope = (x1 - x0) / (y1 - y0);
        double top = Math.max(y0, from);
        double bottom = Math.min(y1, to);
        double least = Math.min(x0, x1);
        double most = Math.max(x0, x1);
        double x = x0 + (top - y0) * slope;
        for (int row = (int) top; row < bottom; row++) {
            double until = Math.min(bottom, row + 1);
            double next = until == y1 ? x1 : Math.max(least, Math.min(most, x0 + (until - y0) * slope));
            add((row - from) * width, x, next, sign * (until - Math.max(top, row)));
            x = next;
        }
    }

    /** Spreads the height of an edge over the pixels it passes within one row. */
    private void add(int row, double x0, double x1, double height) {
        double left = Math.min(x0, x1);
        double right = Math.max(x0, x1);
        int first = (int) left;
        int last = (int) right;
        if (first == last) {
            double share = height * (0.5 * (left + right) - first);
            sums[row + first] += (float) (height - share);
            sums[row + first + 1] += (float) share;
            return;
        }
        double perPx = height / (right - left);
        double before = 0;
        double passed = 0;
        for (int px = first; px <= last; px++) {
            double end = Math.min(right, px + 1);
            double part = end - Math.max(left, px);
            // The edge's height up to the pixel's right side, less the triangle it leaves open.
            double middle = (Math.max(left, px) + end) / 2 - px;
            double area = passed + perPx * part * (1 - middle);
            sums[row + px] += (float) (area - before);
            before = area;
            passed += perPx * part;
        }
        sums[row + last + 1] += (float) (height - before);
    }

    /** @param row of those worked out, counted from 0 @param cover 0 to 1 for each pixel of the polygon's box */
    void row(int row, float[] cover) {
        float sum = 0;
        int at = row * width;
        for (int x = 0; x < width - 2; x++) {
            sum += sums[at + x];
            float inside = Math.abs(sum);
            cover[x] = inside > 1 ? 1 : inside;
        }
    }
}
