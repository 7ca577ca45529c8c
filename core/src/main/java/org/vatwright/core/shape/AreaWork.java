package org.vatwright.core.shape;

import java.awt.Shape;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;

/**
 * What the platform's geometry has to do for an {@link java.awt.geom.Area}: it goes down the outlines row by row and looks at all
 * that a row passes, so a star of a thousand points keeps it busy for many seconds.
 */
public final class AreaWork {

    /** About two seconds of it. */
    public static final double MOST = 4e7;

    private static final int MOST_PAIRS = 20_000;
    private static final int PAIRS_A_LINE = 8;
    private static final int LAST_PLACE = 4;

    private AreaWork() {}

    /** @return rows, which begin at corners and crossings, times the lines that a row passes in the mean */
    public static double of(Collection<? extends Shape> shapes) {
        List<Line2D> lines = new ArrayList<>();
        shapes.forEach(s -> lines(s, lines));
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        double high = 0;
        for (Line2D line : lines) {
            top = Math.min(top, Math.min(line.getY1(), line.getY2()));
            bottom = Math.max(bottom, Math.max(line.getY1(), line.getY2()));
            high += Math.abs(line.getY2() - line.getY1());
        }
        double passed = bottom > top ? high / (bottom - top) : 0;
        return (lines.size() + crossings(lines)) * passed;
    }

    /** @return about how often lines cross: of many, by a sample of their pairs */
    private static double crossings(List<Line2D> lines) {
        int n = lines.size();
        double pairs = n * (n - 1.0) / 2;
        double looked = Math.min(MOST_PAIRS, (double) PAIRS_A_LINE * n);
        int crossing = 0;
        if (pairs <= looked) {
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < i; j++) {
                    crossing += lines.get(i).intersectsLine(lines.get(j)) ? 1 : 0;
                }
            }
            return crossing;
        }
        Random random = new Random(n);
        for (int i = 0; i < looked; i++) {
            crossing += lines.get(random.nextInt(n)).intersectsLine(lines.get(random.nextInt(n))) ? 1 : 0;
        }
        return crossing / looked * pairs;
    }

    /** A curve by its ends: it crosses about as often. */
    private static void lines(Shape shape, List<Line2D> to) {
        double[] c = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            int last = kind == PathIterator.SEG_CUBICTO ? LAST_PLACE : kind == PathIterator.SEG_QUADTO ? 2 : 0;
            double nextX = kind == PathIterator.SEG_CLOSE ? startX : c[last];
            double nextY = kind == PathIterator.SEG_CLOSE ? startY : c[last + 1];
            if (kind == PathIterator.SEG_MOVETO) {
                startX = nextX;
                startY = nextY;
            } else {
                to.add(new Line2D.Double(x, y, nextX, nextY));
            }
            x = nextX;
            y = nextY;
        }
    }
}
