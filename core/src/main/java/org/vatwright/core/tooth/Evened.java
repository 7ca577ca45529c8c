package org.vatwright.core.tooth;

import java.util.Arrays;

/**
 * Makes every level as frequent as any other, by the levels of a large sample of the same sort: then an amount in percent is
 * the share of the surface that is covered.
 */
final class Evened {

    /** So fine that what lies between two of them need not be looked for. */
    private static final int STEPS = 4096;
    private static final float HALF = 0.5f;
    private static final int SIDE = 251;
    /** Shares nothing with the side, or small sizes would be looked at in their knots alone. */
    private static final double CELLS = 29;

    /** Of gradient noise of one size. */
    static final Evened SINGLE = octaves(1, 1);

    private final float least;
    private final float scale;
    private final float[] table;

    private Evened(float[] sample) {
        Arrays.sort(sample);
        float low = sample[0];
        float high = sample[sample.length - 1];
        least = low;
        scale = STEPS / Math.max(1e-9f, high - low);
        table = new float[STEPS + 1];
        int at = 0;
        for (int i = 0; i <= STEPS; i++) {
            float value = low + i / scale;
            while (at < sample.length && sample[at] < value) {
                at++;
            }
            table[i] = (float) at / sample.length;
        }
        table[STEPS] = 1;
    }

    private Evened(Evened of, ToothForm.Slope slope) {
        least = of.least;
        scale = of.scale;
        table = of.table.clone();
        slope.apply(table);
    }

    /** @return what gives, instead of the evened level, how much is covered there */
    Evened then(ToothForm.Slope slope) {
        return new Evened(this, slope);
    }

    /** Of any levels. @param sample is sorted */
    static Evened of(float[] sample) {
        return new Evened(sample);
    }

    /** Of gradient noise of so many sizes added up. */
    static Evened octaves(int count, double falling) {
        Samples side = new Samples(SIDE, 0, CELLS, 0);
        float[] all = new float[SIDE * SIDE];
        GradientRows.Reader[] readers = new GradientRows.Reader[count];
        for (int i = 0; i < count; i++) {
            int cells = (int) CELLS << i;
            readers[i] = new GradientRows(977 + i, side, side, cells, cells, 0).reader();
        }
        float[] row = new float[SIDE];
        for (int y = 0; y < SIDE; y++) {
            Arrays.fill(row, 0);
            for (int i = 0; i < count; i++) {
                readers[i].add(y, (float) Math.pow(falling, i), row);
            }
            System.arraycopy(row, 0, all, y * SIDE, SIDE);
        }
        return new Evened(all);
    }

    float apply(float value) {
        return table[step(value)];
    }

    private int step(float value) {
        return Math.max(0, Math.min(STEPS, (int) ((value - least) * scale)));
    }

    void apply(float[] values) {
        for (int i = 0; i < values.length; i++) {
            values[i] = apply(values[i]);
        }
    }

    /** @param byCover colours, the first where nothing is covered, the last where all is @return what {@link #show} takes */
    int[] shades(int[] byCover) {
        int[] shades = new int[table.length];
        for (int i = 0; i < shades.length; i++) {
            shades[i] = byCover[(int) (table[i] * (byCover.length - 1) + HALF)];
        }
        return shades;
    }

    /** Writes the colours of values. @param steps as long as they are, overwritten */
    void show(float[] values, int[] steps, int[] shades, int[] out, int at) {
        for (int i = 0; i < values.length; i++) {
            steps[i] = step(values[i]);
        }
        for (int i = 0; i < steps.length; i++) {
            out[at + i] = shades[steps[i]];
        }
    }
}
