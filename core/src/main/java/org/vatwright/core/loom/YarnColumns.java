package org.vatwright.core.loom;

/**
 * Pixels of one side parted where one thread's pitch ends and the next begins: each part lies in one pitch. Places are
 * worked out from whole numbers, so the far edge meets the near one.
 */
final class YarnColumns {

    private final int[] pixel;
    private final int[] thread;
    private final float[] from;
    private final float[] to;
    private final float pxPerThread;
    private int count;

    /** @param pixels of the side @param threads along it; no more than a third of the pixels, about */
    YarnColumns(int pixels, int threads) {
        int most = pixels + threads + 1;
        pixel = new int[most];
        thread = new int[most];
        from = new float[most];
        to = new float[most];
        pxPerThread = (float) pixels / threads;
        for (int px = 0; px < pixels; px++) {
            // The pixel reaches from px * threads to (px + 1) * threads, in pixel-ths of a thread.
            long begin = (long) px * threads;
            long end = begin + threads;
            while (begin < end) {
                long index = begin / pixels;
                long upTo = Math.min(end, (index + 1) * pixels);
                pixel[count] = px;
                thread[count] = (int) index;
                from[count] = (float) ((double) (begin - index * pixels) / pixels - 0.5);
                to[count] = (float) ((double) (upTo - index * pixels) / pixels - 0.5);
                count++;
                begin = upTo;
            }
        }
    }

    int count() {
        return count;
    }

    int pixel(int part) {
        return pixel[part];
    }

    int thread(int part) {
        return thread[part];
    }

    /** @return where it begins in its pitch, -0.5 to 0.5 */
    float from(int part) {
        return from[part];
    }

    float to(int part) {
        return to[part];
    }

    float pxPerThread() {
        return pxPerThread;
    }
}
