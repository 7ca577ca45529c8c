package org.vatwright.core.shape;

import java.awt.Shape;
import java.awt.geom.PathIterator;

/** How many dashes an outline would have, known before any of them is made. */
public final class Dashes {

    /** Of one outline that are drawn; finer ones cannot be told apart and would fill the memory. */
    public static final int MOST = 20_000;

    private static final double FLATNESS_OF_BOX = 1e-3;

    private Dashes() {}

    /**
     * @param period length of the whole list of dashes and gaps
     * @param count of dashes in the list
     * @return whether there would be more than {@link #MOST}
     */
    public static boolean tooFine(Shape outline, double period, int count) {
        return length(outline) / period * count > MOST;
    }

    /** @return length of all its stretches together, near enough */
    static double length(Shape outline) {
        double flatness = FLATNESS_OF_BOX
                * Math.max(1e-6, Math.max(outline.getBounds2D().getWidth(), outline.getBounds2D().getHeight()));
        double sum = 0;
        double[] c = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (PathIterator it = outline.getPathIterator(null, flatness); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    startX = c[0];
                    startY = c[1];
                }
                case PathIterator.SEG_LINETO -> sum += Math.hypot(c[0] - x, c[1] - y);
                default -> {
                    sum += Math.hypot(startX - x, startY - y);
                    c[0] = startX;
                    c[1] = startY;
                }
            }
            x = c[0];
            y = c[1];
        }
        return sum;
    }
}
