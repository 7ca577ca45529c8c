package org.vatwright.core.shape;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.Optional;

/**
 * A shape as closed polygons in pixels. Places are whole numbers of 1/65,536 pixel, so that a move by whole pixels leaves
 * just the same area in each.
 *
 * @param xy pairs, polygon after polygon
 * @param ends where each polygon ends, in points
 * @param left,top the first pixel of its box
 * @param width,height of its box in pixels
 */
record FlatShape(double[] xy, int[] ends, int left, int top, int width, int height) {

    private static final double STEPS = 65_536;
    private static final double FLATNESS_PX = 0.06;

    /** @return empty when there is nothing to fill */
    static Optional<FlatShape> of(Shape shape, AffineTransform toPx) {
        double[] xy = new double[64];
        int[] ends = new int[4];
        int points = 0;
        int polygons = 0;
        int start = 0;
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(toPx, FLATNESS_PX); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO || kind == PathIterator.SEG_CLOSE) {
                if (points - start > 2) {
                    ends = polygons == ends.length ? Arrays.copyOf(ends, 2 * polygons) : ends;
                    ends[polygons++] = points;
                } else {
                    points = start;
                }
                start = points;
            }
            if (kind != PathIterator.SEG_CLOSE) {
                xy = 2 * points + 2 > xy.length ? Arrays.copyOf(xy, 2 * xy.length) : xy;
                double x = Math.rint(c[0] * STEPS) / STEPS;
                double y = Math.rint(c[1] * STEPS) / STEPS;
                xy[2 * points] = x;
                xy[2 * points + 1] = y;
                points++;
                minX = Math.min(minX, x);
                maxX = Math.max(maxX, x);
                minY = Math.min(minY, y);
                maxY = Math.max(maxY, y);
            }
        }
        if (points - start > 2) {
            ends = polygons == ends.length ? Arrays.copyOf(ends, polygons + 1) : ends;
            ends[polygons++] = points;
        }
        if (polygons == 0) {
            return Optional.empty();
        }
        int left = (int) Math.floor(minX);
        int top = (int) Math.floor(minY);
        return Optional.of(new FlatShape(xy, Arrays.copyOf(ends, polygons), left, top, (int) Math.ceil(maxX) - left,
                (int) Math.ceil(maxY) - top));
    }
}
