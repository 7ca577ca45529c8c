package org.vatwright.core.yarn;

import java.util.Arrays;

import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.Painter;

/**
 * Upright cloth with threads that have a thickness and a roundness. A pixel is parted at the edges of crossings and of
 * threads, so what is covered and what is open is exact at any density; light is taken in the middle of each part. Below
 * three pixels a thread it is worked out finer and averaged through three boxes, as {@link ThreadSpan} does.
 */
final class YarnFabric implements Painter {

    private static final int CHANNELS = 4;
    /** Below so many pixels a thread nothing of a single thread can be seen, and means will do. */
    private static final double FAR_PX = 0.5;
    /** So many threads are looked at to know how light a yarn is on average. */
    private static final int SAMPLE_THREADS = 128;
    /** An alpha from here on is 255. */
    private static final float SOLID = 254.5f / 255;

    private final Threads threads;
    private final ThreadSpan across;
    private final ThreadSpan down;
    /** Rows and columns worked out for each that is written. */
    private final int finer;
    private final float[] kernel;
    private final YarnColumns columns;
    private final YarnThickness warp;
    private final YarnThickness weft;
    private final YarnLight light;
    private final float[][] endLight;
    private final float[][] weftLight;

    YarnFabric(Threads threads, ThreadSpan across, ThreadSpan down) {
        this.threads = threads;
        this.across = across;
        this.down = down;
        boolean crisp = across.crisp() && down.crisp();
        double px = Math.min(across.pxPerThread(), down.pxPerThread());
        boolean far = px < FAR_PX;
        finer = px >= ThreadSpan.CRISP_PX
                ? 1
                : (int) Math.min(64, Math.ceil((far ? 1 : ThreadSpan.CRISP_PX) / px));
        kernel = crisp ? boxes(finer, 1) : boxes(finer, 3);
        columns = new YarnColumns(across.pixels * finer, across.passed());
        warp = new YarnThickness(threads.yarn, true, across.passed(), down.passed() * threads.pickMm, far);
        weft = new YarnThickness(threads.yarn, false, down.passed(), across.passed() * threads.endMm, far);
        light = new YarnLight(threads.yarn, px * finer, far);
        float[][] ends = linear(threads.warp, across.passed());
        endLight = new float[CHANNELS][columns.first[across.passed()]];
        for (int end = 0; end < ends.length; end++) {
            for (int c = 0; c < CHANNELS; c++) {
                Arrays.fill(endLight[c], columns.first[end], columns.first[end + 1], ends[end][c]);
            }
        }
        weftLight = linear(threads.weft, down.passed());
    }

    /**
     * Yarn so far away that a pixel sees many threads looks like flat threads of its mean light.
     *
     * @return the threads with their light, and as clear as the gaps between them make them
     */
    static Threads fromAfar(Threads threads) {
        Threads sample = threads.stretch(SAMPLE_THREADS);
        float share = threads.warpShare();
        float[] ofWarp = mean(sample.with(-1, 0), share);
        float[] ofWeft = mean(sample.with(0, -1), 1 - share);
        for (int c = 0; c < CHANNELS; c++) {
            // A thread that also shows through the gaps of the one above has more than its share; no colour has more than 1.
            float more = Math.max(0, ofWarp[c] - 1) * share - Math.max(0, ofWeft[c] - 1) * (1 - share);
            ofWarp[c] = Math.min(1, Math.min(1, ofWarp[c]) + Math.max(0, -more) / Math.max(share, 1e-3f));
            ofWeft[c] = Math.min(1, Math.min(1, ofWeft[c]) + Math.max(0, more) / Math.max(1 - share, 1e-3f));
        }
        return threads.lit(ofWarp, ofWeft);
    }

    /** @return alpha, red, green and blue in linear light of a sample, for each of the share of crossings that is on top */
    private static float[] mean(Threads sample, float share) {
        int side = SAMPLE_THREADS / 4;
        YarnFabric fabric = new YarnFabric(sample, new ThreadSpan(side, sample.warp.length, 1),
                new ThreadSpan(side, sample.weft.length, 1));
        int[] argb = new int[side * side];
        fabric.paint(argb, 0, 0, side);
        float[] mean = new float[CHANNELS];
        for (int pixel : argb) {
            float[] light = LightMix.linear(pixel);
            for (int c = 0; c < CHANNELS; c++) {
                mean[c] += share == 0 ? 0 : light[c] / argb.length / share;
            }
        }
        return mean;
    }

    /** @return for each thread of the tile its colour in linear light */
    private static float[][] linear(int[] argb, int count) {
        float[][] linear = new float[count][];
        for (int i = 0; i < count; i++) {
            linear[i] = i >= argb.length
                    ? linear[i - argb.length]
                    : i > 0 && argb[i] == argb[i - 1] ? linear[i - 1] : LightMix.linear(argb[i]);
        }
        return linear;
    }

    /** So many boxes of n laid over each other; sums to 1. */
    private static float[] boxes(int n, int times) {
        float[] kernel = {1};
        for (int t = 0; t < times; t++) {
            float[] wider = new float[kernel.length + n - 1];
            for (int i = 0; i < wider.length; i++) {
                for (int k = Math.max(0, i - n + 1); k <= Math.min(i, kernel.length - 1); k++) {
                    wider[i] += kernel[k] / n;
                }
            }
            kernel = wider;
        }
        return kernel;
    }

    @Override
    public boolean opaque() {
        return threads.opaque() && threads.yarn.covers();
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        int width = across.pixels;
        int rows = down.pixels * finer;
        float[][] fine = new float[CHANNELS][width * finer];
        float[][] sum = new float[CHANNELS][width];
        int[][] places = new int[CHANNELS][width];
        YarnRow row = new YarnRow(this);
        // The kernel lies around the middle of the pixel it makes.
        int reach = (kernel.length - finer) / 2;
        float[][][] made = new float[finer == 1 ? 0 : kernel.length][][];
        for (int y = from; y < to; y++) {
            if (kernel.length == 1) {
                row.light(y, fine);
                encode(fine, places, out, at + (y - from) * width);
                continue;
            }
            for (float[] channel : sum) {
                Arrays.fill(channel, 0);
            }
            for (int k = 0; k < kernel.length; k++) {
                int fineY = y * finer - reach + k;
                int place = Math.floorMod(fineY, kernel.length);
                if (made[place] == null || y == from || k >= kernel.length - finer) {
                    row.light(Math.floorMod(fineY, rows), fine);
                    made[place] = narrow(fine, reach, made[place]);
                }
                for (int c = 0; c < CHANNELS; c++) {
                    for (int x = 0; x < width; x++) {
                        sum[c][x] += kernel[k] * made[place][c][x];
                    }
                }
            }
            encode(sum, places, out, at + (y - from) * width);
        }
    }

    /** Averages along a row. */
    private float[][] narrow(float[][] fine, int reach, float[][] into) {
        int width = across.pixels;
        int all = width * finer;
        float[][] narrow = into == null ? new float[CHANNELS][width] : into;
        for (int c = 0; c < CHANNELS; c++) {
            for (int x = 0; x < width; x++) {
                int first = x * finer - reach;
                float sum = 0;
                for (int k = 0; k < kernel.length; k++) {
                    int place = first + k;
                    place = place < 0 ? Math.floorMod(place, all) : place >= all ? place % all : place;
                    sum += kernel[k] * fine[c][place];
                }
                narrow[c][x] = sum;
            }
        }
        return narrow;
    }

    private static void encode(float[][] sum, int[][] places, int[] out, int row) {
        float[] alpha = sum[0];
        for (int channel = 1; channel < CHANNELS; channel++) {
            Light.places(sum[channel], places[channel]);
        }
        int[] red = places[1];
        int[] green = places[2];
        int[] blue = places[3];
        for (int x = 0; x < red.length; x++) {
            out[row + x] = 0xFF000000 | Light.at(red[x]) << 16 | Light.at(green[x]) << 8 | Light.at(blue[x]);
        }
        for (int x = 0; x < alpha.length; x++) {
            float a = alpha[x];
            if (a < SOLID) {
                out[row + x] = LightMix.encode(a, Math.min(a, sum[1][x]), Math.min(a, sum[2][x]),
                        Math.min(a, sum[3][x]));
            }
        }
    }

    Threads threads() {
        return threads;
    }

    YarnColumns columns() {
        return columns;
    }

    YarnThickness warp() {
        return warp;
    }

    YarnThickness weft() {
        return weft;
    }

    YarnLight light() {
        return light;
    }

    /** @return by channel the warp's colour at each part of the row */
    float[][] end() {
        return endLight;
    }

    float[] pick(int thread) {
        return weftLight[thread];
    }

    int fineRows() {
        return down.pixels * finer;
    }

    int ends() {
        return across.passed();
    }

    int picks() {
        return down.passed();
    }
}
