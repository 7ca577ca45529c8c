package org.vatwright.core.effect;

import org.vatwright.core.raster.Work;

/** Blurs a plane of numbers, 0 to 1, on the torus by a normal spread: four rows at once, then four columns. */
final class SoftPlane {

    /** As many as fill what memory moves at once. */
    private static final int AT_ONCE = 16;
    private static final int LINES = 4;
    private static final int HALF_BITS = 32;

    private SoftPlane() {}

    /** @param plane rows of {@code w}; changed in place. @param across,down standard deviation in pixels */
    static void blur(float[] plane, int w, double across, double down, Work work) {
        if (Math.max(across, down) > FourLines.WIDEST) {
            // Twice a spread is one whose square is twice as large.
            blur(plane, w, across / Math.sqrt(2), down / Math.sqrt(2), work);
            blur(plane, w, across / Math.sqrt(2), down / Math.sqrt(2), work);
            return;
        }
        int h = plane.length / w;
        float[] turned = new float[plane.length];
        turn(plane, w, h, across, turned, work);
        turn(turned, h, w, down, plane, work);
    }

    /** Blurs the rows and lays them down as columns. */
    private static void turn(float[] from, int n, int count, double spread, float[] to, Work work) {
        FourLines.each(count, AT_ONCE, n, spread, work, (first, end, lines) -> {
            float[][] kept = new float[end - first][n];
            for (int line = first; line < end; line += LINES) {
                int more = Math.min(LINES, end - line);
                put(from, line, n, more, 0, lines.one(), lines.in());
                put(from, line, n, more, 2, lines.other(), lines.in());
                lines.blur();
                float back = 1f / lines.full(FourLines.MOST);
                for (int k = 0; k < more; k++) {
                    take(k < 2 ? lines.one() : lines.other(), k % 2 * HALF_BITS, back,
                            kept[line - first + k]);
                }
            }
            for (int i = 0; i < n; i++) {
                for (int line = first, at = i * count + first; line < end; line++, at++) {
                    to[at] = kept[line - first][i];
                }
            }
        });
    }

    /** Two lines into the halves; where there is none, the one before once more. */
    private static void put(float[] from, int line, int n, int more, int k, long[] to, int in) {
        int low = (line + Math.min(k, more - 1)) * n;
        int high = (line + Math.min(k + 1, more - 1)) * n;
        for (int i = 0; i < n; i++) {
            to[in + i] = whole(from[high + i]) << HALF_BITS | whole(from[low + i]);
        }
    }

    private static long whole(float value) {
        return (int) (value * FourLines.MOST + 0.5f);
    }

    private static void take(long[] from, int shift, float back, float[] to) {
        for (int i = 0; i < to.length; i++) {
            to[i] = (from[i] >>> shift & 0xFFFF_FFFFL) * back;
        }
    }
}
