package org.vatwright.core.band;

import java.util.Arrays;

/**
 * How far an edge has passed over a place, when seen through up to three boxes laid over each other: the breadth of a
 * pixel across, the breadth of it down, and the feather. Two boxes give the exact area of a square pixel on either side
 * of a straight edge at any angle.
 */
public final class BoxFilter {

    private final double[] widths;
    private final double reach;

    /** @param boxes breadths of the boxes, 0 or more; what is a millionth of the widest is left out */
    public BoxFilter(double... boxes) {
        double most = Arrays.stream(boxes).max().orElse(0);
        widths = Arrays.stream(boxes).filter(w -> w > 1e-9 && w > 1e-6 * most).sorted().toArray();
        reach = Arrays.stream(widths).sum() / 2;
    }

    /** @return beyond this distance the share is 0 or 1 */
    public double reach() {
        return reach;
    }

    /**
     * The cumulative of a sum of uniform variables: sum over all sign choices of the n-th power of the positive part,
     * over n! and the product of the widths.
     *
     * @param x distance past the edge
     * @return 0 to 1; 1/2 at the edge
     */
    public double passed(double x) {
        if (x >= reach) {
            return x == 0 ? 0.5 : 1;
        }
        if (x <= -reach) {
            return 0;
        }
        int n = widths.length;
        double sum = 0;
        double over = 1;
        for (int signs = 0; signs < 1 << n; signs++) {
            double at = x;
            for (int k = 0; k < n; k++) {
                at += (signs >> k & 1) == 0 ? widths[k] / 2 : -widths[k] / 2;
            }
            double part = Math.max(0, at);
            double power = n == 1 ? part : n == 2 ? part * part : part * part * part;
            sum += Integer.bitCount(signs) % 2 == 0 ? power : -power;
        }
        for (int k = 0; k < n; k++) {
            over *= widths[k] * (k + 1);
        }
        return Math.max(0, Math.min(1, sum / over));
    }
}
