package org.vatwright.core.loom;

import java.util.Arrays;

/** Works out the light of one row of yarn cloth; keeps what stays the same from row to row, so it serves one thread. */
final class YarnRow {

    private static final int TOP = 1;
    private static final int BEFORE = 2;
    private static final int AFTER = 4;

    private final YarnCloth cloth;
    private final YarnColumns columns;
    private final float[] endHalf;
    private final float[] endTone;
    private final float[] pickHalf;
    private final float[] pickTone;
    private final byte[] crossing;
    private int preparedPick = -1;

    YarnRow(YarnCloth cloth, int parts) {
        this.cloth = cloth;
        columns = cloth.columns();
        endHalf = new float[cloth.ends()];
        endTone = new float[cloth.ends()];
        pickHalf = new float[parts];
        pickTone = new float[parts];
        crossing = new byte[cloth.ends()];
        for (int end = 0; end < endHalf.length; end++) {
            endHalf[end] = cloth.warp().half(end, 0);
            endTone[end] = cloth.warp().tone(end);
        }
    }

    /** Writes premultiplied linear light: alpha, red, green, blue. */
    void light(int y, float[][] out) {
        for (float[] channel : out) {
            Arrays.fill(channel, 0);
        }
        int rows = cloth.fineRows();
        if (!cloth.warp().even()) {
            double along = (y + 0.5) / rows;
            for (int end = 0; end < endHalf.length; end++) {
                endHalf[end] = cloth.warp().half(end, along);
                endTone[end] = cloth.warp().slubTone(end, along);
            }
        }
        long begin = (long) y * cloth.picks();
        long end = begin + cloth.picks();
        while (begin < end) {
            long pick = begin / rows;
            long upTo = Math.min(end, (pick + 1) * rows);
            prepare((int) pick);
            band((int) pick, (float) ((double) (begin - pick * rows) / rows - 0.5),
                    (float) ((double) (upTo - pick * rows) / rows - 0.5), (float) rows / cloth.picks(), out);
            begin = upTo;
        }
    }

    /** What holds for all rows of a pick: its thickness along the row, and which threads are on top. */
    private void prepare(int pick) {
        if (pick == preparedPick) {
            return;
        }
        preparedPick = pick;
        double parts = columns.count();
        if (cloth.weft().even()) {
            Arrays.fill(pickHalf, cloth.weft().half(pick, 0));
            Arrays.fill(pickTone, cloth.weft().tone(pick));
        } else {
            for (int i = 0; i < pickHalf.length; i++) {
                pickHalf[i] = cloth.weft().half(pick, (i + 0.5) / parts);
                pickTone[i] = cloth.weft().slubTone(pick, (i + 0.5) / parts);
            }
        }
        Threads threads = cloth.threads();
        int n = crossing.length;
        int above = pick == 0 ? cloth.picks() - 1 : pick - 1;
        int below = pick + 1 == cloth.picks() ? 0 : pick + 1;
        for (int end = 0; end < n; end++) {
            boolean top = threads.warpOnTop(end, pick);
            boolean before = top ? threads.warpOnTop(end, above) : !threads.warpOnTop(end == 0 ? n - 1 : end - 1, pick);
            boolean after = top ? threads.warpOnTop(end, below) : !threads.warpOnTop(end + 1 == n ? 0 : end + 1, pick);
            crossing[end] = (byte) ((top ? TOP : 0) | (before ? BEFORE : 0) | (after ? AFTER : 0));
        }
    }

    /** The part of a row that lies in one pick, from one place of its pitch to another. */
    private void band(int pick, float low, float high, float pxDown, float[][] out) {
        float middle = (low + high) / 2;
        float fy = (high - low) * pxDown;
        float pxAcross = columns.pxPerThread();
        float[] under = cloth.pick(pick);
        YarnLight light = cloth.light();
        for (int i = 0; i < pickHalf.length; i++) {
            int end = columns.thread(i);
            float left = columns.from(i);
            float right = columns.to(i);
            float u = (left + right) / 2;
            float fx = (right - left) * pxAcross;
            float h = endHalf[end];
            float v = pickHalf[i];
            float a = covered(left, right, h) * pxAcross;
            float b = covered(low, high, v) * pxDown;
            int flags = crossing[end];
            boolean before = (flags & BEFORE) != 0;
            boolean after = (flags & AFTER) != 0;
            float warp;
            float weft;
            float warpLight;
            float weftLight;
            if ((flags & TOP) != 0) {
                warp = a * fy;
                weft = (fx - a) * b;
                warpLight = light.end(clamp(u, h) / h, middle, before, after) * endTone[end];
                weftLight = light.under() * pickTone[i];
            } else {
                weft = fx * b;
                warp = a * (fy - b);
                weftLight = light.pick(clamp(middle, v) / v, u, before, after) * pickTone[i];
                warpLight = light.under() * endTone[end];
            }
            float[] over = cloth.end(end);
            int x = columns.pixel(i);
            out[0][x] += warp * over[0] + weft * under[0];
            warp *= warpLight;
            weft *= weftLight;
            out[1][x] += warp * over[1] + weft * under[1];
            out[2][x] += warp * over[2] + weft * under[2];
            out[3][x] += warp * over[3] + weft * under[3];
        }
    }

    private static float covered(float from, float to, float half) {
        return Math.max(0, Math.min(to, half) - Math.max(from, -half));
    }

    private static float clamp(float place, float half) {
        return Math.max(-half, Math.min(half, place));
    }
}
