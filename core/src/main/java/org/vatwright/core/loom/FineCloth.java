package org.vatwright.core.loom;

import java.util.Arrays;

import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.Painter;

/**
 * Threads finer than three pixels, upright. A pixel is the sum over all crossings it sees of share across x share down
 * x colour on top. Ends whose place in the weave is the same (a class) lie over the same picks, so the sum over the ends
 * of a class is worked out once for each column, the sum over the picks once for each row and class, and a pixel costs
 * two multiplications a class and channel, however fine the threads are.
 */
final class FineCloth implements Painter {

    private static final int CHANNELS = 4;

    private final Threads threads;
    private final ThreadSpan down;
    private final int width;
    private final int classes;
    /** By class and column: the sum of the warp's colours, and of the shares. */
    private final float[][][] warp;
    private final float[][] shares;
    private final float[][] weft;
    private final boolean opaque;

    FineCloth(Threads threads, ThreadSpan across, ThreadSpan down) {
        this.threads = threads;
        this.down = down;
        width = across.pixels;
        classes = threads.classes();
        opaque = threads.opaque();
        warp = new float[classes][CHANNELS][width];
        shares = new float[classes][width];
        weft = linear(threads.weft);
        float[][] ends = linear(threads.warp);
        for (int px = 0; px < width; px++) {
            int x = px;
            across.each(x, (end, share) -> {
                int c = end % classes;
                shares[c][x] += share;
                for (int channel = 0; channel < CHANNELS; channel++) {
                    warp[c][channel][x] += share * ends[end][channel];
                }
            });
        }
    }

    private static float[][] linear(int[] argb) {
        float[][] linear = new float[argb.length][];
        for (int i = 0; i < argb.length; i++) {
            linear[i] = i > 0 && argb[i] == argb[i - 1] ? linear[i - 1] : LightMix.linear(argb[i]);
        }
        return linear;
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        float[][] sum = new float[CHANNELS][width];
        float[] onTop = new float[classes];
        float[][] below = new float[classes][CHANNELS];
        for (int y = from; y < to; y++) {
            picks(y, onTop, below);
            for (int channel = opaque ? 1 : 0; channel < CHANNELS; channel++) {
                float[] line = sum[channel];
                Arrays.fill(line, 0);
                int c = 0;
                for (; c + 1 < classes; c += 2) {
                    add(line, warp[c][channel], onTop[c], shares[c], below[c][channel], warp[c + 1][channel],
                            onTop[c + 1], shares[c + 1], below[c + 1][channel]);
                }
                if (c < classes) {
                    add(line, warp[c][channel], onTop[c], shares[c], below[c][channel], warp[c][channel], 0, shares[c],
                            0);
                }
            }
            encode(sum, out, at + (y - from) * width);
        }
    }

    /** For each class how much of the row the warp shows, and the light of the weft in the rest. */
    private void picks(int y, float[] onTop, float[][] below) {
        Arrays.fill(onTop, 0);
        for (float[] light : below) {
            Arrays.fill(light, 0);
        }
        down.each(y, (pick, share) -> {
            for (int c = 0; c < classes; c++) {
                float top = share * threads.warpShare(c, pick);
                onTop[c] += top;
                for (int channel = 0; channel < CHANNELS; channel++) {
                    below[c][channel] += (share - top) * weft[pick][channel];
                }
            }
        });
    }

    /** Adds two classes at once, which halves the passes over the line. */
    private static void add(float[] line, float[] warp, float top, float[] shares, float below, float[] warp2,
            float top2, float[] shares2, float below2) {
        for (int x = 0; x < line.length; x++) {
            line[x] += top * warp[x] + below * shares[x] + (top2 * warp2[x] + below2 * shares2[x]);
        }
    }

    private void encode(float[][] sum, int[] out, int row) {
        float[] red = sum[1];
        float[] green = sum[2];
        float[] blue = sum[3];
        if (opaque) {
            for (int x = 0; x < width; x++) {
                out[row + x] = 0xFF000000 | Light.channel(red[x]) << 16 | Light.channel(green[x]) << 8
                        | Light.channel(blue[x]);
            }
        } else {
            for (int x = 0; x < width; x++) {
                out[row + x] = LightMix.encode(sum[0][x], red[x], green[x], blue[x]);
            }
        }
    }
}
