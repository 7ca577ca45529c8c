package org.vatwright.core.map;

import java.util.Arrays;

/**
 * Where the pixels of a few rows of a picture lie on the torus, and how much of the cloth each of them shows.
 * <p>
 * {@code u} and {@code v} in tiles, no numbers where there is no cloth; {@code level} how often the cloth is halved before it
 * is read, {@code taps} how many samples are taken along ({@code du}, {@code dv}), {@code tone} how the cloth turns to the
 * light, -1 to 1.
 */
final class Footing {

    /** Samples along the way that is shrunk more. */
    static final int MOST_TAPS = 8;
    /** So much longer than broad may be what one sample stands for. */
    private static final double EVEN = 1.25;
    private static final int FINE_STEPS = 64;
    /** By how much the square of a length shrinks with the level, for each 1/64 of one. */
    private static final double[] FINE = new double[40 * FINE_STEPS];

    static {
        for (int i = 0; i < FINE.length; i++) {
            FINE[i] = Math.pow(4, -(double) i / FINE_STEPS);
        }
    }

    final int width;
    final double[] u;
    final double[] v;
    final float[] level;
    final float[] du;
    final float[] dv;
    final byte[] taps;
    final float[] tone;
    private final int tileWidth;
    private final int tileHeight;

    /** @param tileWidth,tileHeight in pixels @param toned whether the tone is asked for */
    Footing(int width, int rows, int tileWidth, int tileHeight, boolean toned) {
        this.width = width;
        this.tileWidth = tileWidth;
        this.tileHeight = tileHeight;
        u = new double[width * rows];
        v = new double[width * rows];
        level = new float[width * rows];
        du = new float[width * rows];
        dv = new float[width * rows];
        taps = new byte[width * rows];
        tone = toned ? new float[width * rows] : null;
    }

    /** Nothing lies there yet. @param rows how many of them */
    void clear(int rows) {
        Arrays.fill(u, 0, rows * width, Double.NaN);
    }

    /**
     * How the neighbourhood of a place lies on the tile.
     *
     * @param u,v along the longer side of a pixel's shadow, in tiles
     */
    record Shadow(float level, float u, float v) {
        static final Shadow NONE = new Shadow(0, 0, 0);
    }

    /** @param au,av how far a pixel to the right lies on the tile, in tiles @param bu,bv a pixel down */
    Shadow shadow(double au, double av, double bu, double bv) {
        double a = Math.hypot(au * tileWidth, av * tileHeight);
        double b = Math.hypot(bu * tileWidth, bv * tileHeight);
        double longer = Math.max(a, b);
        double area = Math.abs(au * bv - av * bu) * tileWidth * tileHeight;
        double shorter = Math.max(longer == 0 ? 0 : area / longer, longer / MOST_TAPS);
        float level = shorter <= 1 ? 0 : (float) (Math.log(shorter) / Math.log(2));
        return a > b ? new Shadow(level, (float) au, (float) av) : new Shadow(level, (float) bu, (float) bv);
    }

    /** @return samples that are due at that level along that way: 1, 2, 4 or 8 */
    byte taps(float level, float alongU, float alongV) {
        double wide = alongU * tileWidth;
        double high = alongV * tileHeight;
        double fine = FINE[Math.min(FINE.length - 1, (int) (level * FINE_STEPS))];
        double square = (wide * wide + high * high) * fine;
        byte taps = 1;
        while (taps < MOST_TAPS && square > EVEN * EVEN * taps * taps) {
            taps *= 2;
        }
        return taps;
    }

    /** @return what lays stretches of rows into this */
    CellPainter.Spans spans() {
        return (first, end, run, shadow) -> {
            double atU = run[0];
            double atV = run[3];
            double stepU = run[1];
            double stepV = run[4];
            for (int i = first; i < end; i++) {
                u[i] = atU;
                v[i] = atV;
                atU += stepU;
                atV += stepV;
                stepU += run[2];
                stepV += run[5];
            }
            Arrays.fill(level, first, end, shadow.level());
            Arrays.fill(du, first, end, shadow.u());
            Arrays.fill(dv, first, end, shadow.v());
            Arrays.fill(taps, first, end, taps(shadow.level(), shadow.u(), shadow.v()));
            double atTone = run[6];
            double stepTone = run[7];
            for (int i = first; tone != null && i < end; i++) {
                tone[i] = (float) atTone;
                atTone += stepTone;
                stepTone += run[8];
            }
        };
    }
}
