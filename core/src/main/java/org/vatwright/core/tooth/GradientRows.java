package org.vatwright.core.tooth;

import org.vatwright.core.measure.Noise;

/**
 * Gradient noise on the torus, a row at a time (Perlin 2002; knots counted modulo the cells of the tile). With the phase
 * all gradients turn, so that it moves in place and comes round (flow noise, Perlin and Neyret 2001).
 */
final class GradientRows {

    private static final int TURNS = 1024;
    private static final float[] COS = new float[TURNS];
    private static final float[] SIN = new float[TURNS];

    static {
        for (int i = 0; i < TURNS; i++) {
            COS[i] = (float) Math.cos(2 * Math.PI * i / TURNS);
            SIN[i] = (float) Math.sin(2 * Math.PI * i / TURNS);
        }
    }

    private final long seed;
    private final Samples down;
    private final int nx;
    private final int ny;
    private final int turn;
    private final int[] cell;
    private final float[] off;
    private final float[] ease;

    /** @param phase 0 to 1 of a whole turn */
    GradientRows(long seed, Samples across, Samples down, int nx, int ny, double phase) {
        this.seed = seed;
        this.down = down;
        this.nx = nx;
        this.ny = ny;
        turn = (int) Math.rint(phase * TURNS);
        cell = new int[across.count()];
        off = new float[across.count()];
        ease = new float[across.count()];
        for (int i = 0; i < cell.length; i++) {
            double u = across.share(i) * nx;
            cell[i] = Math.min(nx - 1, (int) u);
            off[i] = (float) (u - cell[i]);
            ease[i] = ease(off[i]);
        }
    }

    private static float ease(float t) {
        return t * t * t * (t * (t * 6 - 15) + 10);
    }

    Reader reader() {
        return new Reader();
    }

    /** Reads rows; one a thread, for it remembers the knots that it saw last. */
    final class Reader {
        private final float[] knotX = new float[nx + 1];
        private final float[] knotY = new float[nx + 1];
        private int at = -1;
        private Line top = new Line();
        private Line low = new Line();

        /** Adds the row times the weight. */
        void add(int y, float weight, float[] out) {
            double v = down.share(y) * ny;
            int row = Math.min(ny - 1, (int) v);
            go(row);
            float dy = (float) (v - row);
            float toLow = weight * ease(dy);
            float toTop = weight - toLow;
            sum(top, toTop, toTop * dy, out);
            sum(low, toLow, toLow * (dy - 1), out);
        }

        private static void sum(Line line, float level, float rise, float[] out) {
            float[] levels = line.level;
            float[] rises = line.rise;
            for (int i = 0; i < out.length; i++) {
                out[i] += level * levels[i] + rise * rises[i];
            }
        }

        private void go(int row) {
            if (row == at) {
                return;
            }
            if (at >= 0 && row == at + 1) {
                Line kept = top;
                top = low;
                low = kept;
            } else {
                fill(top, row);
            }
            fill(low, row + 1 == ny ? 0 : row + 1);
            at = row;
        }

        private void fill(Line line, int row) {
            long start = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row + 1L));
            for (int i = 0; i < nx; i++) {
                int way = (int) (Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (i + 1L)) >>> 54) + turn & TURNS - 1;
                knotX[i] = COS[way];
                knotY[i] = SIN[way];
            }
            knotX[nx] = knotX[0];
            knotY[nx] = knotY[0];
            line.lay(knotX, knotY);
        }
    }

    /** What a row of knots gives at each place: just beside it, and a cell further down. So all rows between two of them are sums. */
    private final class Line {
        private final float[] level = new float[cell.length];
        private final float[] rise = new float[cell.length];

        void lay(float[] x, float[] y) {
            for (int i = 0; i < level.length; i++) {
                int c = cell[i];
                float left = x[c] * off[i];
                float below = y[c];
                level[i] = left + ease[i] * (x[c + 1] * (off[i] - 1) - left);
                rise[i] = below + ease[i] * (y[c + 1] - below);
            }
        }
    }
}
