package org.vatwright.core.yarn;

import java.util.stream.IntStream;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.Painter;

/**
 * Threads of three pixels and more, upright: coverage is worked out once for each column and each row, so a pixel is a
 * look-up, and rows within one pick are copied. Where two threads share a pixel they are mixed in linear light.
 */
final class CrispFabric implements Painter {

    private final Threads threads;
    private final ThreadSpan down;
    private final int width;
    private final int[] endAt;
    private final int[] shared;
    private final float[] second;
    private final int[] steps;
    private final int[] firstEnd;
    private final int[] secondEnd;
    private final MixTable mixes;
    private final boolean opaque;

    CrispFabric(Threads threads, ThreadSpan across, ThreadSpan down) {
        this.threads = threads;
        this.down = down;
        width = across.pixels;
        endAt = new int[width];
        for (int x = 0; x < width; x++) {
            endAt[x] = across.first(x);
        }
        shared = IntStream.range(0, width).filter(x -> across.firstShare(x) < 1).toArray();
        second = new float[shared.length];
        for (int i = 0; i < shared.length; i++) {
            second[i] = 1 - across.firstShare(shared[i]);
        }
        steps = new int[second.length];
        firstEnd = new int[second.length];
        secondEnd = new int[second.length];
        for (int i = 0; i < second.length; i++) {
            steps[i] = MixTable.step(second[i]);
            firstEnd[i] = endAt[shared[i]];
            secondEnd[i] = (firstEnd[i] + 1) % threads.warp.length;
        }
        mixes = new MixTable(threads.crossings());
        opaque = threads.opaque();
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        int[] pick = new int[threads.warp.length];
        int[] next = new int[pick.length];
        long[] lights = new long[pick.length];
        int shownPick = -1;
        float shownShare = -1;
        for (int y = from; y < to; y++) {
            int first = down.first(y);
            float share = down.firstShare(y);
            int row = at + (y - from) * width;
            if (first == shownPick && share == shownShare) {
                System.arraycopy(out, row - width, out, row, width);
                continue;
            }
            threads.along(first, pick);
            if (share < 1) {
                threads.along((first + 1) % threads.weft.length, next);
                mix(pick, next, lights, 1 - share);
            } else {
                mixes.argb(pick, next);
            }
            row(pick, next, share < 1 ? lights : null, out, row);
            shownPick = first;
            shownShare = share;
        }
    }

    /** Numbers of colours become colours; where two picks share the row, their mixtures. */
    private void mix(int[] pick, int[] next, long[] lights, float share) {
        int step = MixTable.step(share);
        for (int end = 0; end < pick.length; end++) {
            if (opaque) {
                long light = mixes.light(pick[end], next[end], step);
                lights[end] = light;
                next[end] = MixTable.opaque(light, light, 0);
            } else {
                next[end] = mixes.mix(pick[end], next[end], step);
            }
        }
    }

    /** @param lights of the mixtures where two picks share the row; else null, and the numbers of the pick count */
    private void row(int[] pick, int[] colours, long[] lights, int[] out, int row) {
        int[] ends = endAt;
        for (int x = 0; x < width; x++) {
            out[row + x] = colours[ends[x]];
        }
        if (lights == null) {
            shareOwn(pick, out, row);
        } else if (opaque) {
            shareLights(lights, out, row);
        } else {
            shareColours(colours, out, row);
        }
    }

    /** Two ends in one pixel of one pick; equal ones mix to themselves. */
    private void shareOwn(int[] pick, int[] out, int row) {
        for (int i = 0; i < shared.length; i++) {
            out[row + shared[i]] = mixes.mix(pick[firstEnd[i]], pick[secondEnd[i]], steps[i]);
        }
    }

    /** Two ends and two picks in one pixel. */
    private void shareLights(long[] lights, int[] out, int row) {
        for (int i = 0; i < shared.length; i++) {
            out[row + shared[i]] = MixTable.opaque(lights[firstEnd[i]], lights[secondEnd[i]], steps[i]);
        }
    }

    private void shareColours(int[] colours, int[] out, int row) {
        for (int i = 0; i < shared.length; i++) {
            out[row + shared[i]] = LightMix.mix(colours[firstEnd[i]], colours[secondEnd[i]], second[i]);
        }
    }
}
