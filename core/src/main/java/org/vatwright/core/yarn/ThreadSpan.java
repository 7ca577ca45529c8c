package org.vatwright.core.yarn;

import org.vatwright.core.band.BoxFilter;

/**
 * Which threads each pixel of one side of the tile sees, and how much of each. Places are counted in whole numbers, so
 * that the far edge meets the near one to the bit.
 */
final class ThreadSpan {

    /** From this many pixels a thread its edges are crisp; below, threads are averaged wide enough to show no moire. */
    static final double CRISP_PX = 3;

    final int pixels;
    final int threads;
    private final long passed;
    private final BoxFilter filter;

    /**
     * @param pixels of the side
     * @param threads of one period
     * @param periods whole periods along the side, at least 1
     */
    ThreadSpan(int pixels, int threads, int periods) {
        this.pixels = pixels;
        this.threads = threads;
        passed = (long) threads * periods;
        filter = crisp() ? new BoxFilter(1) : new BoxFilter(1, 1, 1);
    }

    /** @return whether threads show one by one: they are large enough, or stand on whole pixels and so beat with none */
    boolean crisp() {
        return pxPerThread() >= CRISP_PX || whole();
    }

    /** @return whether threads stand on whole pixels */
    boolean whole() {
        return pixels % passed == 0;
    }

    /** @return threads along the whole side */
    int passed() {
        return Math.toIntExact(passed);
    }

    double pxPerThread() {
        return (double) pixels / passed;
    }

    /** @return the thread at the near edge of a pixel, within the period */
    int first(int px) {
        return (int) (px * passed / pixels % threads);
    }

    /** @return how much of a pixel lies on its first thread, where no pixel sees more than two; 1 when it is alone */
    float firstShare(int px) {
        long thread = px * passed / pixels;
        // The far edge of the thread is at (thread + 1) * pixels / passed.
        long beyond = (thread + 1) * pixels - px * passed;
        return beyond >= passed ? 1 : (float) ((double) beyond / passed);
    }

    /** What is done with one thread a pixel sees. */
    interface Seen {
        void by(int thread, float share);
    }

    /**
     * Every thread a pixel sees and its share; shares add to 1. A crisp thread is seen through the pixel's own box; a
     * finer one through three boxes laid over each other (the response at f cycles a pixel is sinc(f)^3, so what would
     * beat with the pixels at less than a fifth of their rate keeps at most 0.4 % of its contrast).
     */
    void each(int px, Seen seen) {
        double perPx = (double) passed / pixels;
        double middle = (double) ((2L * px + 1) * passed % (2 * passed * pixels)) / (2.0 * pixels);
        long low = (long) Math.floor(middle - filter.reach() * perPx);
        long high = (long) Math.ceil(middle + filter.reach() * perPx);
        double before = 0;
        for (long thread = low; thread < high; thread++) {
            double upTo = thread + 1 == high ? 1 : filter.passed((thread + 1 - middle) / perPx);
            float share = (float) (upTo - before);
            if (share > 0) {
                seen.by(Math.floorMod(thread, threads), share);
            }
            before = upTo;
        }
    }
}
