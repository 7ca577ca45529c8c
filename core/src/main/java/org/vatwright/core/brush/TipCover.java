package org.vatwright.core.brush;

/** How much of a place a dab covers. Safe to use from several threads at once. */
interface TipCover {

    /**
     * Along a row of pixels.
     *
     * @param u,v of its first pixel, in half sizes from the middle: along the longer side, and across
     * @param du,dv from pixel to pixel
     * @param edge breadth of a pixel, in half sizes
     * @param breadth of the shorter side as a share of the longer
     * @param out takes 0 to 1 for each pixel
     */
    void row(double u, double v, double du, double dv, int count, double edge, double breadth, float[] out);

    /** @param pxPerSize pixels in one size of the brush */
    static TipCover of(Brush brush, double pxPerSize) {
        if (brush.form().isPresent()) {
            return Stamp.of(brush.form().get(), pxPerSize);
        }
        // Ink that gathers at edges needs an edge to gather in.
        double hard = brush.wet() > 0 ? Math.min(brush.hardness(), WET_MOST) : brush.hardness();
        return brush.tip() == Tip.SEED ? seed(hard) : ellipse(hard);
    }

    double WET_MOST = 0.86;

    private static TipCover ellipse(double hard) {
        return (u0, v0, du, dv, count, edge, breadth, out) -> {
            double b = 1 / breadth;
            // Where an edge may be at all; across a narrow ellipse it is broadest.
            double inner = Math.max(0, hard - edge * b / 2);
            double outer = 1 + edge * b / 2;
            double whole = inner * inner;
            double nothing = outer * outer;
            for (int i = 0; i < count; i++) {
                double u = u0 + i * du;
                double v = (v0 + i * dv) * b;
                double q = u * u + v * v;
                if (q <= whole) {
                    out[i] = 1;
                } else if (q >= nothing) {
                    out[i] = 0;
                } else {
                    double d = Math.sqrt(q);
                    // How fast d grows there: across a narrow ellipse faster than along it.
                    double grows = b == 1 || d == 0 ? 1 : Math.sqrt(u * u + v * v * b * b) / d;
                    out[i] = (float) faded(d, hard, edge * grows);
                }
            }
        };
    }

    /** Where two equal discs meet. */
    private static TipCover seed(double hard) {
        return (u0, v0, du, dv, count, edge, breadth, out) -> {
            double radius = (1 + breadth * breadth) / (2 * breadth);
            double aside = radius - breadth;
            for (int i = 0; i < count; i++) {
                double u = u0 + i * du;
                double v = Math.abs(v0 + i * dv) + aside;
                double d = 1 - (radius - Math.sqrt(u * u + v * v)) / breadth;
                out[i] = (float) faded(d, hard, edge / breadth);
            }
        };
    }

    /** @param d 0 in the middle, 1 at the edge. @param edge breadth of a pixel, in the same measure */
    private static double faded(double d, double hard, double edge) {
        double t = (1 + edge / 2 - d) / (1 - hard + edge);
        return t <= 0 ? 0 : t >= 1 ? 1 : t * t * (3 - 2 * t);
    }
}
