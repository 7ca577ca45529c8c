package org.vatwright.core.yarn;

import java.util.Arrays;

import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.Painter;

/**
 * Threads finer than three pixels, upright. A pixel is the sum over all crossings it sees of share across x share down
 * x colour on top. Ends whose place in the weave is the same (a class) lie over the same picks, so the sum over the ends
 * of a class is worked out once for each column, the sum over the picks once for each row and class, and a pixel costs
 * two multiplications a class and channel, however fine the threads are.
 */
final class FineFabric implements Painter {

    private static final int CHANNELS = 4;
    private static final int AT_ONCE = 4;
    /** Light is kept so many times as large, so that its whole part is a place in the table below. */
    private static final int STEPS = 16_000;
    /** No thread was seen yet: no opaque colour. */
    private static final int FRESH = 1;
    private static final int MASK = (1 << 14) - 1;
    /** Added to a light, leaves its whole part in the lowest bits of the float: 2^23. */
    private static final float SHIFT = 0x1p23f;
    private static final byte[] ENCODED = new byte[MASK + 1];

    static {
        for (int i = 0; i <= MASK; i++) {
            ENCODED[i] = (byte) Light.channel((float) i / STEPS);
        }
    }

    private final Threads threads;
    private final ThreadSpan down;
    private final int width;
    private final int weaveEnds;
    /** Of the weave's ends, with idle ones up to a multiple of four. */
    private final int classes;
    /** By class and column: the sum of the warp's colours, and of the shares. */
    private final float[][][] warp;
    private final float[][] shares;
    private final float[][] weft;
    private final boolean opaque;
    private final PlainBands plain;

    FineFabric(Threads threads, ThreadSpan across, ThreadSpan down) {
        this.threads = threads;
        this.down = down;
        width = across.pixels;
        weaveEnds = threads.classes();
        classes = (weaveEnds + AT_ONCE - 1) / AT_ONCE * AT_ONCE;
        opaque = threads.opaque();
        warp = new float[classes][CHANNELS][width];
        shares = new float[classes][width];
        float scale = opaque ? STEPS : 1;
        weft = linear(threads.weft, scale);
        float[][] ends = linear(threads.warp, scale);
        int[] only = new int[width];
        for (int px = 0; px < width; px++) {
            int x = px;
            only[x] = FRESH;
            across.each(x, (end, share) -> {
                only[x] = same(only[x], threads.warp[end]);
                int c = end % weaveEnds;
                shares[c][x] += share;
                for (int channel = 0; channel < CHANNELS; channel++) {
                    warp[c][channel][x] += share * ends[end][channel];
                }
            });
        }
        plain = PlainBands.of(threads, only);
    }

    /** @return the colour all threads seen so far have, or 0 when they differ */
    private static int same(int before, int argb) {
        return before == FRESH || before == argb ? argb : 0;
    }

    private static float[][] linear(int[] argb, float scale) {
        float[][] linear = new float[argb.length][];
        for (int i = 0; i < argb.length; i++) {
            linear[i] = i > 0 && argb[i] == argb[i - 1] ? linear[i - 1] : LightMix.linear(argb[i]);
            for (int c = 0; c < CHANNELS && (i == 0 || linear[i] != linear[i - 1]); c++) {
                linear[i][c] *= scale;
            }
        }
        return linear;
    }

    private static byte encoded(float light) {
        return ENCODED[Float.floatToRawIntBits(light + SHIFT) & MASK];
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
            int only = picks(y, onTop, below);
            if (plain != null && only != 0) {
                warpShares(onTop, sum[0]);
                plain.row(sum[0], only, out, at + (y - from) * width);
                between(onTop, below, out, at + (y - from) * width);
                continue;
            }
            for (int channel = opaque ? 1 : 0; channel < CHANNELS; channel++) {
                float[] line = sum[channel];
                for (int c = 0; c < classes; c += AT_ONCE) {
                    if (c == 0) {
                        first(line, channel, onTop, below);
                    } else {
                        more(line, channel, c, onTop, below);
                    }
                }
            }
            encode(sum, out, at + (y - from) * width);
        }
    }

    /** The share of the warp in each column of a row, in steps of {@link PlainBands}. */
    private void warpShares(float[] onTop, float[] line) {
        for (int c = 0; c < classes; c += AT_ONCE) {
            float[] s0 = shares[c];
            float[] s1 = shares[c + 1];
            float[] s2 = shares[c + 2];
            float[] s3 = shares[c + 3];
            float t0 = onTop[c] * PlainBands.STEPS;
            float t1 = onTop[c + 1] * PlainBands.STEPS;
            float t2 = onTop[c + 2] * PlainBands.STEPS;
            float t3 = onTop[c + 3] * PlainBands.STEPS;
            if (c == 0) {
                for (int x = 0; x < line.length; x++) {
                    line[x] = t0 * s0[x] + t1 * s1[x] + (t2 * s2[x] + t3 * s3[x]);
                }
            } else {
                for (int x = 0; x < line.length; x++) {
                    line[x] += t0 * s0[x] + t1 * s1[x] + (t2 * s2[x] + t3 * s3[x]);
                }
            }
        }
    }

    /** The columns of a row between two bands of the warp. */
    private void between(float[] onTop, float[][] below, int[] out, int row) {
        for (int x : plain.others()) {
            int argb = 0xFF;
            for (int channel = 1; channel < CHANNELS; channel++) {
                float light = 0;
                for (int c = 0; c < weaveEnds; c++) {
                    light += onTop[c] * warp[c][channel][x] + below[c][channel] * shares[c][x];
                }
                argb = argb << 8 | encoded(light) & 255;
            }
            out[row + x] = argb;
        }
    }

    /**
     * For each class how much of the row the warp shows, and the light of the weft in the rest.
     *
     * @return the colour of all the picks the row sees, or 0 when they differ
     */
    private int picks(int y, float[] onTop, float[][] below) {
        Arrays.fill(onTop, 0);
        for (float[] light : below) {
            Arrays.fill(light, 0);
        }
        int[] only = {FRESH};
        down.each(y, (pick, share) -> {
            only[0] = same(only[0], threads.weft[pick]);
            for (int c = 0; c < weaveEnds; c++) {
                float top = share * threads.warpShare(c, pick);
                onTop[c] += top;
                for (int channel = 0; channel < CHANNELS; channel++) {
                    below[c][channel] += (share - top) * weft[pick][channel];
                }
            }
        });
        return only[0];
    }

    /** Four classes in one pass over the line; most weaves have no more. */
    private void first(float[] line, int channel, float[] onTop, float[][] below) {
        float[] w0 = warp[0][channel];
        float[] w1 = warp[1][channel];
        float[] w2 = warp[2][channel];
        float[] w3 = warp[3][channel];
        float[] s0 = shares[0];
        float[] s1 = shares[1];
        float[] s2 = shares[2];
        float[] s3 = shares[3];
        float t0 = onTop[0];
        float t1 = onTop[1];
        float t2 = onTop[2];
        float t3 = onTop[3];
        float b0 = below[0][channel];
        float b1 = below[1][channel];
        float b2 = below[2][channel];
        float b3 = below[3][channel];
        for (int x = 0; x < line.length; x++) {
            line[x] = t0 * w0[x] + b0 * s0[x] + (t1 * w1[x] + b1 * s1[x])
                    + (t2 * w2[x] + b2 * s2[x] + (t3 * w3[x] + b3 * s3[x]));
        }
    }

    private void more(float[] line, int channel, int from, float[] onTop, float[][] below) {
        for (int c = from; c < from + AT_ONCE; c++) {
            float[] w = warp[c][channel];
            float[] s = shares[c];
            float t = onTop[c];
            float b = below[c][channel];
            for (int x = 0; x < line.length; x++) {
                line[x] += t * w[x] + b * s[x];
            }
        }
    }

    private void encode(float[][] sum, int[] out, int row) {
        float[] red = sum[1];
        float[] green = sum[2];
        float[] blue = sum[3];
        if (opaque) {
            for (int x = 0; x < width; x++) {
                out[row + x] = 0xFF000000 | (encoded(red[x]) & 255) << 16 | (encoded(green[x]) & 255) << 8
                        | encoded(blue[x]) & 255;
            }
        } else {
            for (int x = 0; x < width; x++) {
                out[row + x] = LightMix.encode(sum[0][x], red[x], green[x], blue[x]);
            }
        }
    }
}
