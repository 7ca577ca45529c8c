package org.vatwright.core.tooth;

import java.util.Arrays;

import org.vatwright.core.measure.Noise;

/**
 * Cells about scattered points, one in each square of a lattice on the torus (Worley 1996). Points keep so far from the sides
 * of their square that the nearest one is always in the nine squares about a place.
 */
final class Facets {

    private static final double MARGIN = 0.18;
    private static final int WHICH = 15;
    /** In steps, the diagonal of a square; of two squares, squared, it is below 2^31. */
    private static final double FARTHEST = 1 << 14;

    private final long seed;
    private final Samples across;
    private final Samples down;
    private final int nx;
    private final int ny;
    /** Of a square, in steps so fine that a distance squared of two squares is still a whole number of 31 bits. */
    private final double wide;
    private final double high;
    private final int[] ends;
    /** How far each place lies from the left side of its square, in steps. */
    private final float[] off;

    Facets(long seed, double sizeMm, Samples across, Samples down) {
        this.seed = seed;
        this.across = across;
        this.down = down;
        nx = across.cells(sizeMm);
        ny = down.cells(sizeMm);
        double steps = FARTHEST / Math.hypot(across.mm() / nx, down.mm() / ny);
        wide = steps * across.mm() / nx;
        high = steps * down.mm() / ny;
        ends = new int[across.count()];
        off = new float[across.count()];
        for (int i = 0; i < ends.length; i++) {
            double u = across.share(i) * nx;
            ends[i] = Math.min(nx - 1, (int) u);
            off[i] = (float) ((u - ends[i]) * wide);
        }
    }

    Reader reader() {
        return new Reader();
    }

    /** What is worked out once for each cell, from its number: random, and the same wherever the cell is met. */
    interface Made {
        /** @param cell its place among those at hand, from 0 */
        void cell(int cell, long id);
    }

    /** @return how many cells are at hand at a time */
    int cells() {
        return 3 * (nx + 2);
    }

    /** Reads rows; one a thread, for it keeps the points of the three rows of squares about the last place. */
    final class Reader {
        private final float[] pointX = new float[nx + 2];
        private final float[] pointY = new float[nx + 2];
        private final Near[] near = {new Near(), new Near(), new Near()};
        private final int[] best = new int[ends.length];
        /** Of the nine about a square, as cells of the first column. */
        private final int[] cell = new int[WHICH + 1];
        private int at = -1;

        /** Where the row above, this one and the one below are kept. */
        private final int[] slot = {0, 1, 2};

        private void name() {
            for (int i = 0; i < 9; i++) {
                cell[i] = slot[i / 3] * (nx + 2) + i % 3;
            }
        }

        /**
         * @param made is told of the cells at hand when they have changed
         * @param out of each place its cell among those at hand
         */
        void row(int y, Made made, int[] out) {
            double v = down.share(y) * ny;
            int row = Math.min(ny - 1, (int) v);
            if (row != at) {
                if (at >= 0 && row == at + 1) {
                    int free = slot[0];
                    slot[0] = slot[1];
                    slot[1] = slot[2];
                    slot[2] = free;
                    gather(Math.floorMod(row + 1, ny), free, made);
                } else {
                    for (int k = 0; k < 3; k++) {
                        gather(Math.floorMod(row + k - 1, ny), slot[k], made);
                    }
                }
                name();
                at = row;
            }
            float inside = (float) ((v - row) * high);
            Arrays.fill(best, Integer.MAX_VALUE);
            near[slot[0]].nearest(inside + (float) high, 0, best);
            near[slot[1]].nearest(inside, 3, best);
            near[slot[2]].nearest(inside - (float) high, 6, best);
            for (int x = 0; x < out.length; x++) {
                out[x] = cell[best[x] & WHICH] + ends[x];
            }
        }

        /** The points of a row of squares, with the first and the last once more at the other end. */
        private void gather(int row, int k, Made made) {
            long start = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row + 1L));
            for (int c = 0; c < nx + 2; c++) {
                long hash = Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (Math.floorMod(c - 1, nx) + 1L));
                pointX[c] = (float) ((MARGIN + (1 - 2 * MARGIN) * share(hash)) * wide);
                pointY[c] = (float) ((MARGIN + (1 - 2 * MARGIN) * share(Noise.mix(hash + 1))) * high);
                made.cell(k * (nx + 2) + c, Noise.mix(hash + 77));
            }
            near[k].spread(pointX, pointY);
        }
    }

    /**
     * A row of squares as seen from every place of a row: of the points left of it, in its own column and right of it how far
     * off each is across, squared, and how far down it lies. Laid out so, a row of places is read in plain loops, which
     * processors take in their whole width.
     */
    private final class Near {
        private final float[][] offX = new float[3][ends.length];
        private final float[][] y = new float[3][ends.length];

        void spread(float[] pointX, float[] pointY) {
            for (int side = 0; side < 3; side++) {
                float step = (side - 1) * (float) wide;
                float[] squared = offX[side];
                float[] lies = y[side];
                for (int x = 0; x < squared.length; x++) {
                    int c = ends[x] + side;
                    float dx = off[x] - (pointX[c] + step);
                    squared[x] = dx * dx;
                    lies[x] = pointY[c];
                }
            }
        }

        /**
         * @param inside how far down in this row of squares the places lie, in steps
         * @param first number of the first of its three points
         * @param best of each place the least distance squared up to now, in its lowest bits which of the nine it is
         */
        void nearest(float inside, int first, int[] best) {
            float[] x0 = offX[0];
            float[] x1 = offX[1];
            float[] x2 = offX[2];
            float[] y0 = y[0];
            float[] y1 = y[1];
            float[] y2 = y[2];
            for (int x = 0; x < best.length; x++) {
                float down0 = inside - y0[x];
                float down1 = inside - y1[x];
                float down2 = inside - y2[x];
                int left = (int) (x0[x] + down0 * down0) & ~WHICH | first;
                int own = (int) (x1[x] + down1 * down1) & ~WHICH | first + 1;
                int right = (int) (x2[x] + down2 * down2) & ~WHICH | first + 2;
                best[x] = Math.min(best[x], Math.min(Math.min(left, own), right));
            }
        }
    }

    /** @return 0 to below 1 from a random number */
    static double share(long random) {
        return (random >>> 11) * 0x1p-53;
    }
}
