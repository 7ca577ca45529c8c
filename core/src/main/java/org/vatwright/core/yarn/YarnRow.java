package org.vatwright.core.yarn;

import java.util.Arrays;

/**
 * Works out the light of one row of yarn cloth; keeps what stays the same from row to row of a pick, so it serves one
 * thread of work. All arrays have an entry a part of {@link YarnColumns}; every step is a short loop over all parts
 * without a branch, which the compiler turns into vector instructions. Thickness and tone are known where pitches meet
 * and lie evenly between.
 */
final class YarnRow {

    private final YarnFabric fabric;
    private final YarnColumns columns;
    private final YarnLight light;
    private final int ends;
    private final int parts;
    /** Of the ends at the upper and the lower edge of the pick. */
    private final float[][] half = new float[2][];
    private final float[][] tone = new float[2][];
    private final float[] endHalf;
    private final float[] endTone;
    /** Of the pick, along the row. */
    private final float[] pickHalf;
    private final float[] pickTone;
    /** How light the pick is for diving at both sides of the crossing. */
    private final float[] pickWay;
    /** 1 where the warp is on top, else 0. */
    private final float[] top;
    /** 1 where the end dives at the crossing above or below, else 0. */
    private final float[][] dives = new float[2][];
    private final float[] endCover;
    private final float[] pickCover;
    private final float[] endLight;
    private final float[] pickLight;
    private final float[] middle;
    private final float[] phase;
    private final float[] sum;
    private final float[] pickEdgeHalf;
    private final float[] pickEdgeTone;
    private int preparedPick = Integer.MIN_VALUE;
    private boolean firstBand;

    YarnRow(YarnFabric fabric) {
        this.fabric = fabric;
        columns = fabric.columns();
        light = fabric.light();
        ends = fabric.ends();
        parts = columns.first[ends];
        for (int edge = 0; edge < 2; edge++) {
            half[edge] = new float[parts];
            tone[edge] = new float[parts];
            dives[edge] = new float[parts];
        }
        endHalf = new float[parts];
        endTone = new float[parts];
        pickHalf = new float[parts];
        pickTone = new float[parts];
        pickWay = new float[parts];
        top = new float[parts];
        endCover = new float[parts];
        pickCover = new float[parts];
        endLight = new float[parts];
        pickLight = new float[parts];
        pickEdgeHalf = new float[ends + 1];
        pickEdgeTone = new float[ends + 1];
        sum = new float[parts + 1];
        middle = new float[parts];
        phase = new float[parts];
        for (int i = 0; i < parts; i++) {
            middle[i] = (columns.from[i] + columns.to[i]) / 2;
            phase[i] = YarnLight.phase(middle[i]);
        }
    }

    /** Writes premultiplied linear light: alpha, red, green, blue. */
    void light(int y, float[][] out) {
        firstBand = true;
        int rows = fabric.fineRows();
        long begin = (long) y * fabric.picks();
        long end = begin + fabric.picks();
        while (begin < end) {
            int pick = (int) (begin / rows);
            long upTo = Math.min(end, (pick + 1L) * rows);
            if (pick != preparedPick) {
                prepare(pick);
            }
            band(pick, (float) ((double) (begin - (long) pick * rows) / rows - 0.5),
                    (float) ((double) (upTo - (long) pick * rows) / rows - 0.5), (float) rows / fabric.picks(), out);
            firstBand = false;
            begin = upTo;
        }
    }

    // ---- once a pick

    private void prepare(int pick) {
        boolean next = pick == preparedPick + 1;
        preparedPick = pick;
        if (next) {
            // What was below is now above.
            swap(half);
            swap(tone);
        }
        for (int end = 0; end <= ends; end++) {
            pickEdgeHalf[end] = fabric.weft().half(pick, (double) end / ends);
            pickEdgeTone[end] = fabric.weft().slubTone(pick, (double) end / ends);
        }
        Threads threads = fabric.threads();
        int picks = fabric.picks();
        int above = pick == 0 ? picks - 1 : pick - 1;
        int below = pick + 1 == picks ? 0 : pick + 1;
        for (int end = 0; end < ends; end++) {
            int from = columns.first[end];
            int to = columns.first[end + 1];
            for (int edge = next ? 1 : 0; edge < 2; edge++) {
                double along = (double) (pick + edge) / picks;
                Arrays.fill(half[edge], from, to, fabric.warp().half(end, along));
                Arrays.fill(tone[edge], from, to, fabric.warp().slubTone(end, along));
            }
            boolean up = threads.warpOnTop(end, pick);
            Arrays.fill(top, from, to, up ? 1 : 0);
            Arrays.fill(dives[0], from, to, threads.warpOnTop(end, above) ? 0 : 1);
            Arrays.fill(dives[1], from, to, threads.warpOnTop(end, below) ? 0 : 1);
            boolean before = !threads.warpOnTop(end == 0 ? ends - 1 : end - 1, pick);
            boolean after = !threads.warpOnTop(end + 1 == ends ? 0 : end + 1, pick);
            alongPick(end, before, after);
        }
    }

    private static void swap(float[][] pair) {
        float[] first = pair[0];
        pair[0] = pair[1];
        pair[1] = first;
    }

    private void alongPick(int end, boolean before, boolean after) {
        float leftHalf = pickEdgeHalf[end];
        float moreHalf = pickEdgeHalf[end + 1] - leftHalf;
        float leftTone = pickEdgeTone[end];
        float moreTone = pickEdgeTone[end + 1] - leftTone;
        for (int i = columns.first[end]; i < columns.first[end + 1]; i++) {
            float t = middle[i] + 0.5f;
            pickHalf[i] = leftHalf + t * moreHalf;
            pickTone[i] = leftTone + t * moreTone;
            pickWay[i] = light.alongPick(middle[i], before, after);
        }
    }

    // ---- once a row

    /** The part of a row that lies in one pick, from one place of its pitch to another. */
    private void band(int pick, float low, float high, float pxDown, float[][] out) {
        float along = (low + high) / 2;
        between(half, along + 0.5f, endHalf);
        between(tone, along + 0.5f, endTone);
        coverAcross(endHalf, columns.pxPerThread);
        coverDown(low, high, pxDown);
        light.ends(middle, endHalf, YarnLight.phase(-along), endLight);
        light.picks(along, pickHalf, phase, pickLight);
        finishEnds(dives[along < 0 ? 0 : 1], light.endDive(along), light.under());
        finishPicks(light.under());
        shares((high - low) * pxDown);
        add(endCover, pickCover, fabric.end(), fabric.pick(pick), 0, out[0]);
        multiply(endCover, endLight);
        multiply(pickCover, pickLight);
        for (int channel = 1; channel < 4; channel++) {
            add(endCover, pickCover, fabric.end(), fabric.pick(pick), channel, out[channel]);
        }
    }

    private static void between(float[][] edges, float t, float[] out) {
        float[] a = edges[0];
        float[] b = edges[1];
        for (int i = 0; i < out.length; i++) {
            out[i] = a[i] + t * (b[i] - a[i]);
        }
    }

    private void coverAcross(float[] halfWidth, float px) {
        float[] from = columns.from;
        float[] to = columns.to;
        float[] cover = endCover;
        for (int i = 0; i < cover.length; i++) {
            cover[i] = px * Math.max(0, Math.min(to[i], halfWidth[i]) - Math.max(from[i], -halfWidth[i]));
        }
    }

    private void coverDown(float low, float high, float px) {
        float[] v = pickHalf;
        float[] cover = pickCover;
        for (int i = 0; i < cover.length; i++) {
            cover[i] = px * Math.max(0, Math.min(high, v[i]) - Math.max(low, -v[i]));
        }
    }

    /** On top an end has its light and darkens where it dives; below it lies in shade. */
    private void finishEnds(float[] dive, float darker, float under) {
        float[] lit = endLight;
        float[] t = top;
        float[] own = endTone;
        for (int i = 0; i < lit.length; i++) {
            lit[i] = own[i] * (t[i] * (lit[i] * (1 - dive[i] * darker) - under) + under);
        }
    }

    private void finishPicks(float under) {
        float[] lit = pickLight;
        float[] t = top;
        float[] way = pickWay;
        float[] own = pickTone;
        for (int i = 0; i < lit.length; i++) {
            float onTop = lit[i] * way[i];
            lit[i] = own[i] * (onTop + t[i] * (under - onTop));
        }
    }

    /** Shares of the pixel: whoever is below shows only where the other does not cover it. */
    private void shares(float rowShare) {
        float[] a = endCover;
        float[] b = pickCover;
        float[] t = top;
        float[] share = columns.share;
        for (int i = 0; i < a.length; i++) {
            float end = a[i] * (rowShare - (1 - t[i]) * b[i]);
            b[i] = b[i] * (share[i] - t[i] * a[i]);
            a[i] = end;
        }
    }

    private static void multiply(float[] values, float[] by) {
        for (int i = 0; i < values.length; i++) {
            values[i] *= by[i];
        }
    }

    private void add(float[] ofEnds, float[] ofPicks, float[][] endColours, float[] pickColour, int channel,
            float[] out) {
        float[] colours = endColours[channel];
        float[] s = sum;
        float pick = pickColour[channel];
        for (int i = 0; i < colours.length; i++) {
            s[i] = ofEnds[i] * colours[i] + ofPicks[i] * pick;
        }
        int[] one = columns.firstOf;
        int[] two = columns.secondOf;
        if (firstBand) {
            for (int x = 0; x < out.length; x++) {
                out[x] = s[one[x]] + s[two[x]];
            }
        } else {
            for (int x = 0; x < out.length; x++) {
                out[x] += s[one[x]] + s[two[x]];
            }
        }
    }
}
