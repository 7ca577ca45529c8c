package org.vatwright.core.yarn;

/**
 * Pixels of one side parted where one thread's pitch ends and the next begins: each part lies in one pitch. Places are
 * worked out from whole numbers, so the far edge meets the near one. Parts of a thread follow each other.
 */
final class YarnColumns {

    /** Of each part: its pixel, where it begins and ends in its pitch (-0.5 to 0.5), and its share of the pixel. */
    final int[] pixel;
    final float[] from;
    final float[] to;
    final float[] share;
    /** The first part of each thread, and behind the last thread the number of parts. */
    final int[] first;
    final float pxPerThread;
    /** The parts of each pixel; where it has but one, the second is the number of all parts. */
    final int[] firstOf;
    final int[] secondOf;

    /** @param pixels of the side @param threads along it, at most half as many */
    YarnColumns(int pixels, int threads) {
        int most = pixels + threads + 1;
        pixel = new int[most];
        from = new float[most];
        to = new float[most];
        share = new float[most];
        first = new int[threads + 1];
        pxPerThread = (float) pixels / threads;
        int count = 0;
        int last = -1;
        for (int px = 0; px < pixels; px++) {
            // The pixel reaches from px * threads to (px + 1) * threads, in pixel-ths of a thread.
            long begin = (long) px * threads;
            long end = begin + threads;
            while (begin < end) {
                int index = (int) (begin / pixels);
                long upTo = Math.min(end, (index + 1L) * pixels);
                for (; last < index; last++) {
                    first[last + 1] = count;
                }
                pixel[count] = px;
                from[count] = (float) ((double) (begin - (long) index * pixels) / pixels - 0.5);
                to[count] = (float) ((double) (upTo - (long) index * pixels) / pixels - 0.5);
                share[count] = (float) ((double) (upTo - begin) / threads);
                count++;
                begin = upTo;
            }
        }
        first[threads] = count;
        firstOf = new int[pixels];
        secondOf = new int[pixels];
        java.util.Arrays.fill(secondOf, count);
        for (int i = count - 1; i >= 0; i--) {
            secondOf[pixel[i]] = i + 1 < count && pixel[i + 1] == pixel[i] ? i + 1 : count;
            firstOf[pixel[i]] = i;
        }
    }
}
