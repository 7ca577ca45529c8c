package org.vatwright.core.tooth;

import org.vatwright.core.measure.Noise;

/**
 * Gradient noise on the torus, a row at a time (Perlin 2002; knots counted modulo the cells of the tile). With the phase
 * all gradients turn, so that it moves in place and comes round (flow noise, Perlin and Neyret 2001).
 */
final class GradientRows {

    private static final int TURNS = 1024;
    private static final int FEW = 6;
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
    /** Of each place the first one after it that lies between other knots. */
    private final int[] ends;

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
        ends = new int[across.count()];
        for (int i = 0; i < cell.length; i++) {
            double u = across.share(i) * nx;
            cell[i] = Math.min(nx - 1, (int) u);
            off[i] = (float) (u - cell[i]);
            ease[i] = ease(off[i]);
        }
        for (int i = ends.length - 1; i >= 0; i--) {
            ends[i] = i == ends.length - 1 || cell[i + 1] != cell[i] ? i + 1 : ends[i + 1];
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
        private int at = -1;
        private float[] topX = new float[nx];
        private float[] topY = new float[nx];
        private float[] lowX = new float[nx];
        private float[] lowY = new float[nx];
        /** Along a row the noise at a knot's left and right is g dx + h. */
        private final float[] g = new float[nx + 1];
        private final float[] h = new float[nx + 1];

        /** Adds the row times the weight. */
        void add(int y, float weight, float[] out) {
            knots(y, weight);
            if (out.length < FEW * nx) {
                each(out);
                return;
            }
            // Between two knots there are several places; their knots are looked up once.
            for (int i = 0; i < out.length;) {
                int c = cell[i];
                float gl = g[c];
                float hl = h[c];
                float gr = g[c + 1];
                float hr = h[c + 1] - gr;
                int end = ends[i];
                for (; i < end; i++) {
                    float left = gl * off[i] + hl;
                    out[i] += left + ease[i] * (gr * off[i] + hr - left);
                }
            }
        }

        /** Where only few places lie between two knots, looking each up costs less than guessing where the next one is. */
        private void each(float[] out) {
            for (int i = 0; i < out.length; i++) {
                int c = cell[i];
                float left = g[c] * off[i] + h[c];
                float gr = g[c + 1];
                out[i] += left + ease[i] * (gr * off[i] + (h[c + 1] - gr) - left);
            }
        }

        /** Makes the knots about a row ready, times the weight. */
        private void knots(int y, float weight) {
            double v = down.share(y) * ny;
            int row = Math.min(ny - 1, (int) v);
            if (row != at) {
                if (at >= 0 && row == at + 1) {
                    float[] keptX = topX;
                    float[] keptY = topY;
                    topX = lowX;
                    topY = lowY;
                    lowX = keptX;
                    lowY = keptY;
                } else {
                    fill(topX, topY, row);
                }
                fill(lowX, lowY, row + 1 == ny ? 0 : row + 1);
                at = row;
            }
            float dy = (float) (v - row);
            float t = ease(dy);
            for (int i = 0; i < nx; i++) {
                g[i] = weight * (topX[i] + t * (lowX[i] - topX[i]));
                h[i] = weight * (topY[i] * dy + t * (lowY[i] * (dy - 1) - topY[i] * dy));
            }
            g[nx] = g[0];
            h[nx] = h[0];
        }

        private void fill(float[] x, float[] y, int row) {
            long start = Noise.mix(seed + 0x9E3779B97F4A7C15L * (row + 1L));
            for (int i = 0; i < nx; i++) {
                int way = (int) (Noise.mix(start + 0xC2B2AE3D27D4EB4FL * (i + 1L)) >>> 54) + turn & TURNS - 1;
                x[i] = COS[way];
                y[i] = SIN[way];
            }
        }
    }
}
