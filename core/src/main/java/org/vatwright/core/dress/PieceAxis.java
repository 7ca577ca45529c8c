package org.vatwright.core.dress;

import java.awt.geom.PathIterator;

import org.vatwright.core.shape.Outline;

/**
 * The direction in which a piece is longest: the axis about which its area is spread least, from its second moments (by
 * Green's theorem over its flattened outline).
 */
public final class PieceAxis {

    private static final double FLATNESS_MM = 0.1;
    private static final double ROUND = 1e-6;

    private double area;
    private double x;
    private double y;
    private double xx;
    private double yy;
    private double xy;

    private PieceAxis() {}

    /**
     * @return how far a cloth is turned that runs along it, counter-clockwise as seen, above -90 to 90 degrees; 0 for one that is
     *         as long in every direction
     */
    public static double degrees(Outline outline) {
        PieceAxis sums = new PieceAxis();
        double[] c = new double[6];
        double startX = 0;
        double startY = 0;
        double atX = 0;
        double atY = 0;
        for (PathIterator it = outline.path().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_LINETO) {
                sums.edge(atX, atY, c[0], c[1]);
                atX = c[0];
                atY = c[1];
                continue;
            }
            sums.edge(atX, atY, startX, startY);
            if (kind == PathIterator.SEG_MOVETO) {
                startX = c[0];
                startY = c[1];
            }
            atX = startX;
            atY = startY;
        }
        sums.edge(atX, atY, startX, startY);
        return sums.lean();
    }

    private void edge(double x0, double y0, double x1, double y1) {
        double cross = x0 * y1 - x1 * y0;
        area += cross / 2;
        x += cross * (x0 + x1) / 6;
        y += cross * (y0 + y1) / 6;
        xx += cross * (x0 * x0 + x0 * x1 + x1 * x1) / 12;
        yy += cross * (y0 * y0 + y0 * y1 + y1 * y1) / 12;
        xy += cross * (x0 * y1 + 2 * x0 * y0 + 2 * x1 * y1 + x1 * y0) / 24;
    }

    private double lean() {
        if (area == 0) {
            return 0;
        }
        double midX = x / area;
        double midY = y / area;
        double across = xx / area - midX * midX;
        double down = yy / area - midY * midY;
        double both = xy / area - midX * midY;
        if (Math.hypot(across - down, 2 * both) <= ROUND * (across + down)) {
            return 0;
        }
        double angle = 0.5 * Math.atan2(2 * both, across - down);
        double wayX = Math.cos(angle);
        double wayY = Math.sin(angle);
        // Downwards; level ones to the right.
        double sign = wayY < 0 || wayY == 0 && wayX < 0 ? -1 : 1;
        double degrees = Math.toDegrees(Math.atan2(sign * wayX, sign * wayY));
        return degrees <= -90 + ROUND ? 90 : degrees;
    }
}
