package org.vatwright.core.map;

import org.vatwright.core.measure.Require;

/**
 * A rectangle of cloth seen at an angle: its four corners lie at four places of the picture, straight lines stay straight.
 * <p>
 * The projective map between a square and a quadrilateral (Heckbert 1989, "Fundamentals of Texture Mapping and Image
 * Warping", section 2.2.3). The middle of a square whose upper corners are seen half as far apart as its lower ones,
 * (1, 0), (3, 0), (4, 3), (0, 3), is seen at (2, 1): where the diagonals cross, not where the sides' middles are.
 */
public final class FourCorners implements ClothMap {

    /** Rows of the matrix from a place in the picture to (u w, v w, w). */
    private final double[] m;
    /** The sign of w on this side of the horizon. */
    private final double front;

    private FourCorners(double[] m, double front) {
        this.m = m;
        this.front = front;
    }

    /**
     * @param x,y places in the picture, in pixels, of the upper left, upper right, lower right and lower left corner
     * @param u,v the place on the torus of the upper left corner, in tiles
     * @param wide,high sides of the rectangle of cloth, in tiles, above 0
     */
    public static FourCorners of(double[] x, double[] y, double u, double v, double wide, double high) {
        Require.that(x.length == 4 && y.length == 4, "four corners are needed; there are %d".formatted(x.length));
        convex(x, y);
        double dx1 = x[1] - x[2];
        double dy1 = y[1] - y[2];
        double dx2 = x[3] - x[2];
        double dy2 = y[3] - y[2];
        double sx = x[0] - x[1] + x[2] - x[3];
        double sy = y[0] - y[1] + y[2] - y[3];
        double det = dx1 * dy2 - dx2 * dy1;
        double g = (sx * dy2 - dx2 * sy) / det;
        double h = (dx1 * sy - sx * dy1) / det;
        double a = x[1] - x[0] + g * x[1];
        double b = x[3] - x[0] + h * x[3];
        double d = y[1] - y[0] + g * y[1];
        double e = y[3] - y[0] + h * y[3];
        double c = x[0];
        double f = y[0];
        // The adjoint of the square's map leads back into it; a common factor does not matter.
        double[] back = {e - f * h, c * h - b, b * f - c * e, f * g - d, a - c * g, c * d - a * f, d * h - e * g,
                b * g - a * h, a * e - b * d};
        double[] m = new double[9];
        for (int k = 0; k < 3; k++) {
            m[k] = u * back[6 + k] + wide * back[k];
            m[3 + k] = v * back[6 + k] + high * back[3 + k];
            m[6 + k] = back[6 + k];
        }
        return new FourCorners(m, Math.signum(m[6] * x[0] + m[7] * y[0] + m[8]));
    }

    private static void convex(double[] x, double[] y) {
        double turn = 0;
        for (int i = 0; i < 4; i++) {
            int j = (i + 1) % 4;
            int k = (i + 2) % 4;
            double cross = (x[j] - x[i]) * (y[k] - y[j]) - (y[j] - y[i]) * (x[k] - x[j]);
            Require.that(cross != 0 && (turn == 0 || Math.signum(cross) == turn),
                    "the corner at %.1f, %.1f makes the shape fold in; four corners that bulge outwards are needed"
                            .formatted(x[j], y[j]));
            turn = Math.signum(cross);
        }
    }

    /** @return the map that goes on from there: what lay at (u, v) now lies where {@code next} has that place */
    public FourCorners then(Affine next) {
        double[] n = m.clone();
        for (int k = 0; k < 3; k++) {
            n[k] = next.ux() * m[k] + next.uy() * m[3 + k] + next.u0() * m[6 + k];
            n[3 + k] = next.vx() * m[k] + next.vy() * m[3 + k] + next.v0() * m[6 + k];
        }
        return new FourCorners(n, front);
    }

    /** Beyond the horizon there is no cloth. */
    @Override
    public void at(double x, double y, double[] uv) {
        double w = m[6] * x + m[7] * y + m[8];
        double turns = w * front > 0 ? 1 / w : Double.NaN;
        uv[0] = (m[0] * x + m[1] * y + m[2]) * turns;
        uv[1] = (m[3] * x + m[4] * y + m[5]) * turns;
    }

    @Override
    public FourCorners from(int x, int y) {
        double[] moved = m.clone();
        for (int row = 0; row < 9; row += 3) {
            moved[row + 2] += m[row] * x + m[row + 1] * y;
        }
        return new FourCorners(moved, front);
    }
}
