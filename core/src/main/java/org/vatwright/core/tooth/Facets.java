package org.vatwright.core.tooth;

import org.vatwright.core.measure.Noise;

/**
 * Cells about scattered points, one in each square of a lattice on the torus (Worley 1996). Points keep so far from the sides
 * of their square that the nearest one is always in the nine squares about a place.
 */
final class Facets {

    private static final double MARGIN = 0.18;
    private static final int WHICH = 15;

    private final long seed;
    private final Samples across;
    private final Samples down;
    private final int nx;
    private final int ny;
    private final double wide;
    private final double high;
    private final int[] ends;
    /** How far each place lies from the left side of its square, mm. */
    private final float[] off;

    Facets(long seed, double sizeMm, Samples across, Samples down) {
        this.seed = seed;
        this.across = across;
        this.down = down;
        nx = across.cells(sizeMm);
        ny = down.cells(sizeMm);
        wide = across.mm() / nx;
        high = down.mm() / ny;
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
        private final float[][] pointX = new float[3][nx + 2];
        private final float[][] pointY = new float[3][nx + 2];
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
            // All places of one square have the same nine points about them.
            for (int x = 0; x < out.length;) {
                int end = x + 1;
                while (end < out.length && ends[end] == ends[x]) {
                    end++;
                }
                square(ends[x], inside, x, end, out);
                x = end;
            }
        }

        private void square(int column, float inside, int from, int to, int[] out) {
            float step = (float) wide;
            float tall = (float) high;
            float[] upperX = pointX[slot[0]];
            float[] middleX = pointX[slot[1]];
            float[] lowerX = pointX[slot[2]];
            float[] upperY = pointY[slot[0]];
            float[] middleY = pointY[slot[1]];
            float[] lowerY = pointY[slot[2]];
            float p0 = upperX[column] - step;
            float p1 = upperX[column + 1];
            float p2 = upperX[column + 2] + step;
            float p3 = middleX[column] - step;
            float p4 = middleX[column + 1];
            float p5 = middleX[column + 2] + step;
            float p6 = lowerX[column] - step;
            float p7 = lowerX[column + 1];
            float p8 = lowerX[column + 2] + step;
            float q0 = squared(inside - upperY[column] + tall);
            float q1 = squared(inside - upperY[column + 1] + tall);
            float q2 = squared(inside - upperY[column + 2] + tall);
            float q3 = squared(inside - middleY[column]);
            float q4 = squared(inside - middleY[column + 1]);
            float q5 = squared(inside - middleY[column + 2]);
            float q6 = squared(inside - lowerY[column] - tall);
            float q7 = squared(inside - lowerY[column + 1] - tall);
            float q8 = squared(inside - lowerY[column + 2] - tall);
            for (int x = from; x < to; x++) {
                float u = off[x];
                int upper = Math.min(Math.min(far(u - p0, q0, 0), far(u - p1, q1, 1)), far(u - p2, q2, 2));
                int middle = Math.min(Math.min(far(u - p3, q3, 3), far(u - p4, q4, 4)), far(u - p5, q5, 5));
                int lower = Math.min(Math.min(far(u - p6, q6, 6), far(u - p7, q7, 7)), far(u - p8, q8, 8));
                out[x] = cell[Math.min(Math.min(upper, middle), lower) & WHICH] + column;
            }
        }

        private static float squared(float value) {
            return value * value;
        }

        /** @return the distance squared, as bits that are in its order, with which of the nine it is in the lowest */
        private static int far(float dx, float squared, int which) {
            return Float.floatToRawIntBits(dx * dx + squared) & ~WHICH | which;
        }

        /** The points of a row of squares, with the first and the last once more at the other end. */
        private void gather(int row, int k, Made made) {
            long start = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row + 1L));
            for (int c = 0; c < nx + 2; c++) {
                long hash = Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (Math.floorMod(c - 1, nx) + 1L));
                pointX[k][c] = (float) ((MARGIN + (1 - 2 * MARGIN) * share(hash)) * wide);
                pointY[k][c] = (float) ((MARGIN + (1 - 2 * MARGIN) * share(Noise.mix(hash + 1))) * high);
                made.cell(k * (nx + 2) + c, Noise.mix(hash + 77));
            }
        }
    }

    /** @return 0 to below 1 from a random number */
    static double share(long random) {
        return (random >>> 11) * 0x1p-53;
    }
}
