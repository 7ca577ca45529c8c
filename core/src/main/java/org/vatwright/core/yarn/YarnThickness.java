package org.vatwright.core.yarn;

import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Noise;

/**
 * Half the thickness of each thread along its way, in pitches, and how light it is there: periodic along the tile, so
 * that slubs meet themselves at its edges.
 */
final class YarnThickness {

    private static final double HALF = 0.5;
    private static final int SAMPLES = 2000;
    /** Steps of it spread evenly, however many. */
    private static final double GOLDEN = 0.618033988749895;
    private static final double SLUB_FROM = 0.25;

    private final YarnLook look;
    private final double half;
    private final long seed;
    private final int threads;
    private final int knots;
    private final float[] tone;
    private final boolean far;
    private final float meanHalf;
    private final float meanTone;

    /**
     * @param warp whether these are the ends
     * @param threads on the whole tile
     * @param lengthMm of a thread on the tile
     * @param far whether threads are too fine for their thick places to show: then all are as thick as they are on average
     */
    YarnThickness(YarnLook look, boolean warp, int threads, double lengthMm, boolean far) {
        this.look = look;
        this.threads = threads;
        this.far = far;
        half = (warp ? look.warpWidth() : look.weftWidth()) / 2;
        seed = Noise.mix(look.seed() * 2 + (warp ? 1 : 0));
        knots = (int) Math.max(1, Math.min(1 << 20, Math.rint(lengthMm / look.slubMm())));
        tone = new float[threads];
        for (int i = 0; i < threads; i++) {
            // A value of its own for each thread.
            tone[i] = (float) (1 + 0.18 * look.uneven() * Noise.torus(seed, (double) i / threads, 0.5, threads, 2));
        }
        float halves = 0;
        float tones = 0;
        for (int i = 0; far && i < SAMPLES; i++) {
            int thread = (int) ((long) i * threads / SAMPLES);
            double along = (i * GOLDEN) % 1;
            halves += halfAt(thread, along) / SAMPLES;
            tones += toneAt(thread, along) / tone[thread] / SAMPLES;
        }
        meanHalf = halves;
        meanTone = tones;
    }

    /** @param along place on the tile, 0 to 1 @return 0.02 to 0.5 of the pitch */
    float half(int thread, double along) {
        return far ? meanHalf : halfAt(thread, along);
    }

    private float halfAt(int thread, double along) {
        if (look.even()) {
            return (float) half;
        }
        long own = seed + 7919L * (thread % threads + 1);
        double slow = Noise.torus(own, 0, along, 1, knots);
        double width = half * (1 + 0.22 * look.uneven() * Noise.torus(own ^ 0x5DEECE66DL, 0, along, 1, 3 * knots));
        if (slow > SLUB_FROM) {
            width += half * look.slub() * (slow - SLUB_FROM) / (1 - SLUB_FROM);
        }
        return (float) Math.max(0.02, Math.min(HALF, width));
    }

    /** @return how much lighter a thread is where it is thick, which shows on cloth without gaps as well */
    float slubTone(int thread, double along) {
        return far ? tone[thread] * meanTone : toneAt(thread, along);
    }

    private float toneAt(int thread, double along) {
        if (look.slub() == 0) {
            return tone[thread];
        }
        double slow = Noise.torus(seed + 7919L * (thread % threads + 1), 0, along, 1, knots);
        return tone[thread] * (float) (1 + (slow > SLUB_FROM ? 0.3 * look.slub() * (slow - SLUB_FROM) / 0.75 : 0));
    }
}
