package org.vatwright.core.dress;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.shape.Outline;

/**
 * The first stretch of an outline by its length, in mm.
 *
 * @param x,y,s places and their lengths from the beginning
 */
record Walk(double[] x, double[] y, double[] s) {

    /** Of a chord from its curve. The way along it is off by far less. */
    private static final double FLATNESS_MM = 0.0005;
    private static final int LIMIT = 12;

    static Walk of(Outline line) {
        List<double[]> places = new ArrayList<>();
        double[] c = new double[6];
        var path = new java.awt.geom.FlatteningPathIterator(line.path().getPathIterator(null), FLATNESS_MM, LIMIT);
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO && places.size() > 1) {
                break;
            }
            if (kind == PathIterator.SEG_MOVETO) {
                places.clear();
            }
            double[] p = kind == PathIterator.SEG_CLOSE ? places.getFirst() : new double[]{c[0], c[1]};
            if (places.isEmpty() || Math.hypot(p[0] - places.getLast()[0], p[1] - places.getLast()[1]) > 1e-9) {
                places.add(p.clone());
            }
        }
        if (places.size() == 1) {
            places.add(new double[]{places.getFirst()[0] + 1, places.getFirst()[1]});
        }
        double[] x = places.stream().mapToDouble(p -> p[0]).toArray();
        double[] y = places.stream().mapToDouble(p -> p[1]).toArray();
        double[] s = new double[x.length];
        for (int i = 1; i < s.length; i++) {
            s[i] = s[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return new Walk(x, y, s);
    }

    /** @return place and direction; before and beyond straight on */
    double[] at(double along) {
        int i = Arrays.binarySearch(s, along);
        i = Math.max(0, Math.min(s.length - 2, i < 0 ? -i - 2 : i));
        double far = s[i + 1] - s[i];
        double dx = (x[i + 1] - x[i]) / far;
        double dy = (y[i + 1] - y[i]) / far;
        return new double[]{x[i] + (along - s[i]) * dx, y[i] + (along - s[i]) * dy, dx, dy};
    }
}
