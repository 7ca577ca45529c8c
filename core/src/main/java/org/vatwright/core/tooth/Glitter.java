package org.vatwright.core.tooth;

import java.util.Arrays;

import org.vatwright.core.measure.Noise;

/**
 * Facets at three depths, the upper ones smaller. Each is tilted its own way and is as bright as its tilt is towards the
 * light (Lambert's cosine); the deeper ones lie in shade; the brightest few are sparks.
 */
public final class Glitter {

    /** Above it a brightness is a spark. */
    public static final float SPARK = 1;
    private static final float NOTHING = -1;
    private static final int DEPTHS = 3;
    private static final double[] SIZE = {0.75, 0.9, 1.1};
    /** Share of the places that have a facet at the depth; the lowest takes the amount. */
    private static final double[] THERE = {0.4, 0.6, 1};
    private static final double SHADE = 0.22;
    private static final double SPARKS = 0.035;
    private static final double STEEP = 0.9;

    private final Facets[] facets = new Facets[DEPTHS];
    private final int count;
    private final double amount;
    private final double light;

    Glitter(ToothForm form, Samples across, Samples down, double phase) {
        for (int d = 0; d < DEPTHS; d++) {
            facets[d] = new Facets(form.seed() * 41 + d, Math.max(ToothForm.LEAST_MM, form.sizeMm() * SIZE[d]), across,
                    down);
        }
        count = across.count();
        amount = form.amount();
        light = Math.toRadians(form.directionDeg()) + 2 * Math.PI * phase;
    }

    Reader reader() {
        return new Reader();
    }

    /** Reads rows; one a thread. */
    final class Reader {
        private final Facets.Reader[] readers = new Facets.Reader[DEPTHS];
        private final Facets.Made[] made = new Facets.Made[DEPTHS];
        private final float[][] lit = new float[DEPTHS][];
        private final int[] cells = new int[count];

        Reader() {
            for (int d = 0; d < DEPTHS; d++) {
                int depth = d;
                readers[d] = facets[d].reader();
                lit[d] = new float[facets[d].cells()];
                made[d] = (cell, id) -> lit[depth][cell] = Facets.share(id) < THERE[depth] * amount
                        ? lit(Noise.mix(id + 3), depth)
                        : NOTHING;
            }
        }

        /** @param bright of each place, 0 to below 1, {@link #SPARK} for a spark, negative where there is nothing */
        void row(int y, float[] bright) {
            Arrays.fill(bright, NOTHING);
            for (int d = 0; d < DEPTHS; d++) {
                readers[d].row(y, made[d], cells);
                for (int x = 0; x < bright.length; x++) {
                    bright[x] = bright[x] < 0 ? lit[d][cells[x]] : bright[x];
                }
            }
        }
    }

    private float lit(long random, int depth) {
        double tilt = STEEP * Math.sqrt(Facets.share(random));
        double way = 2 * Math.PI * Facets.share(Noise.mix(random + 9));
        double cosine = 0.5 + 0.5 * tilt * Math.cos(way - light) + 0.12 * (Facets.share(Noise.mix(random + 4)) - 0.5);
        if (depth == 0 && Facets.share(Noise.mix(random + 6 + (long) Math.floor(8 * (light / (2 * Math.PI))))) < SPARKS
                / THERE[0]) {
            return SPARK;
        }
        return (float) Math.max(0, Math.min(0.999, cosine * (1 - SHADE * depth)));
    }
}
