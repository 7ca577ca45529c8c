package org.vatwright.core.loom;

import java.util.Arrays;
import java.util.stream.IntStream;

import org.vatwright.core.pattern.Painter;

/**
 * Threads of three pixels and more, upright: coverage is worked out once for each column and each row, so a pixel is a
 * look-up, and rows within one pick are copied. Where two threads share a pixel they are mixed in linear light.
 */
final class CrispCloth implements Painter {

    private final Threads threads;
    private final ThreadSpan down;
    private final int width;
    private final int[] endAt;
    private final int[] shared;
    private final float[] second;
    private final boolean opaque;

    CrispCloth(Threads threads, ThreadSpan across, ThreadSpan down) {
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
                mix(pick, next, 1 - share);
            }
            row(pick, out, row);
            shownPick = first;
            shownShare = share;
        }
    }

    private static void mix(int[] pick, int[] next, float share) {
        int before = 0;
        for (int end = 0; end < pick.length; end++) {
            int a = pick[end];
            int b = next[end];
            boolean again = end > 0 && a == before && b == next[end - 1];
            before = a;
            pick[end] = again ? pick[end - 1] : LightMix.mix(a, b, share);
        }
    }

    private void row(int[] pick, int[] out, int row) {
        int[] ends = endAt;
        if (pick.length == 1) {
            Arrays.fill(out, row, row + width, pick[0]);
            return;
        }
        for (int x = 0; x < width; x++) {
            out[row + x] = pick[ends[x]];
        }
        for (int i = 0; i < shared.length; i++) {
            int end = ends[shared[i]];
            int after = end + 1 == pick.length ? 0 : end + 1;
            if (pick[end] != pick[after]) {
                out[row + shared[i]] = LightMix.mix(pick[end], pick[after], second[i]);
            }
        }
    }
}
