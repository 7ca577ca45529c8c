package org.vatwright.core.measure;

/** Seeded randomness without state: the same seed and place give the same value on every machine. */
public final class Noise {

    private Noise() {}

    /** SplitMix64's finaliser (Steele, Lea, Flood 2014): every input bit reaches every output bit. */
    public static long mix(long z) {
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }

    /** @return -1 to 1 for a knot of a lattice */
    static double knot(long seed, int x, int y) {
        long h = mix(seed + 0x9E3779B97F4A7C15L * (x + 1L) + 0xC2B2AE3D27D4EB4FL * (y + 1L));
        return (h >> 11) * 0x1p-52;
    }

    /**
     * Smooth value noise on the torus of nx x ny knots.
     *
     * @param u,v place in tiles: whole numbers are the same place
     * @param nx,ny knots across and down, at least 1
     * @return -1 to 1, continuous with its first derivative, period 1 in u and v
     */
    public static double torus(long seed, double u, double v, int nx, int ny) {
        double x = (u - Math.floor(u)) * nx;
        double y = (v - Math.floor(v)) * ny;
        int x0 = Math.min((int) x, nx - 1);
        int y0 = Math.min((int) y, ny - 1);
        int x1 = x0 + 1 == nx ? 0 : x0 + 1;
        int y1 = y0 + 1 == ny ? 0 : y0 + 1;
        double fx = smooth(x - x0);
        double fy = smooth(y - y0);
        double top = knot(seed, x0, y0) + fx * (knot(seed, x1, y0) - knot(seed, x0, y0));
        double low = knot(seed, x0, y1) + fx * (knot(seed, x1, y1) - knot(seed, x0, y1));
        return top + fy * (low - top);
    }

    private static double smooth(double t) {
        return t * t * (3 - 2 * t);
    }
}
