package org.vatwright.core.effect;

import org.vatwright.core.raster.Work;

/** Blurs a plane of numbers, 0 to 1, on the torus by a normal spread: four rows at once, then down. */
final class SoftPlane {

    /** As many as fill what memory moves at once. */
    private static final int AT_ONCE = 16;
    private static final int LINES = 4;
    private static final int HALF_BITS = 32;
    private static final long LOW = 0xFFFF_FFFFL;

    private SoftPlane() {}

    /** @param plane rows of {@code w} @param across,down standard deviation in pixels */
    static float[] blurred(float[] plane, int w, double across, double down, Work work) {
        if (Math.max(across, down) > FourLines.WIDEST) {
            // Twice a spread is one whose square is twice as large.
            double root = Math.sqrt(2);
            return blurred(blurred(plane, w, across / root, down / root, work), w, across / root, down / root, work);
        }
        int h = plane.length / w;
        if (Spread.of(h, down) instanceof Spread.Sums sums) {
            float[] out = new float[plane.length];
            Quarters.run(w, h, across, sums, work, new Quarters.Values() {
                @Override
                public void read(int low, int high, int n, long[] to, int at) {
                    put(plane, low, high, n, to, at);
                }

                @Override
                public void write(long[] from, int n, int shift, float back, int at) {
                    take(from, n, shift, back, out, at);
                }
            });
            return out;
        }
        float[] turned = new float[plane.length];
        float[] out = new float[plane.length];
        turn(plane, w, h, across, turned, work);
        turn(turned, h, w, down, out, work);
        return out;
    }

    /** Blurs the rows and lays them down as columns. */
    private static void turn(float[] from, int n, int count, double spread, float[] to, Work work) {
        FourLines.each(count, AT_ONCE, n, spread, work, (first, end, lines) -> {
            float[][] kept = new float[end - first][n];
            float back = 1f / lines.full(FourLines.MOST);
            for (int line = first; line < end; line += LINES) {
                int more = Math.min(LINES, end - line);
                blur(from, line, n, more, lines);
                for (int k = 0; k < more; k++) {
                    take(k < 2 ? lines.one() : lines.other(), n, k % 2 * HALF_BITS, back, kept[line - first + k], 0);
                }
            }
            for (int i = 0; i < n; i++) {
                for (int line = first, at = i * count + first; line < end; line++, at++) {
                    to[at] = kept[line - first][i];
                }
            }
        });
    }

    private static void blur(float[] from, int line, int n, int more, FourLines lines) {
        put(from, line, n, more, 0, lines.one(), lines.in());
        put(from, line, n, more, 2, lines.other(), lines.in());
        lines.blur();
    }

    /** Two lines into the halves; where there is none, the one before once more. */
    private static void put(float[] from, int line, int n, int more, int k, long[] to, int in) {
        put(from, (line + Math.min(k, more - 1)) * n, (line + Math.min(k + 1, more - 1)) * n, n, to, in);
    }

    private static void put(float[] from, int low, int high, int n, long[] to, int in) {
        for (int i = 0; i < n; i++) {
            to[in + i] = whole(from[high + i]) << HALF_BITS | whole(from[low + i]);
        }
    }

    private static long whole(float value) {
        return (int) (value * FourLines.MOST + 0.5f);
    }

    private static void take(long[] from, int n, int shift, float back, float[] to, int put) {
        for (int i = 0; i < n; i++) {
            to[put + i] = (from[i] >>> shift & LOW) * back;
        }
    }
}
