package org.vatwright.core.yarn;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.Ink;

/** The colours of the threads of one period, and which shows at a crossing. Premultiplied ARGB. */
final class Threads {

    final int[] warp;
    final int[] weft;
    /** How the yarn looks; null when threads are flat. */
    final YarnLook yarn;
    final double endMm;
    final double pickMm;
    private final Weave weave;
    private final float blend;
    private final int[] warpNumber;
    private final int[] weftNumber;
    private final int[] crossings;

    Threads(Fabric fabric, ToIntFunction<Ink> colours) {
        this(colours(Fabric.threads(fabric.warp()), fabric.endsInPeriod(), colours),
                colours(Fabric.threads(fabric.weft()), fabric.picksInPeriod(), colours),
                fabric.woven() ? fabric.weave() : null,
                fabric.look() instanceof Look.Blended(double share) ? (float) (1 - share) : 0,
                fabric.look() instanceof Look.Yarns(YarnLook look) ? look : null, 10 / fabric.endsPerCm(),
                10 / fabric.picksPerCm());
    }

    private Threads(int[] warp, int[] weft, Weave weave, float blend, YarnLook yarn, double endMm, double pickMm) {
        this.warp = warp;
        this.weft = weft;
        this.weave = weave;
        this.blend = blend;
        this.yarn = yarn;
        this.endMm = endMm;
        this.pickMm = pickMm;
        warpNumber = new int[warp.length];
        weftNumber = new int[weft.length];
        crossings = number();
    }

    private static int[] colours(List<Ink> threads, int count, ToIntFunction<Ink> colours) {
        int[] argb = new int[count];
        for (int i = 0; i < count; i++) {
            argb[i] = i < threads.size() ? colours.applyAsInt(threads.get(i)) : argb[i - threads.size()];
        }
        return argb;
    }

    /** @return the same with all of the warp, and all of the weft, in one colour */
    Threads with(int warpArgb, int weftArgb) {
        int[] ends = new int[warp.length];
        int[] picks = new int[weft.length];
        Arrays.fill(ends, warpArgb);
        Arrays.fill(picks, weftArgb);
        return new Threads(ends, picks, weave, blend, yarn, endMm, pickMm);
    }

    /** @return a square stretch of it, all white; the same weave, as far as it fits */
    Threads stretch(int side) {
        int[] white = new int[side];
        Arrays.fill(white, -1);
        return new Threads(white, white.clone(), weave, blend, yarn, endMm, pickMm);
    }

    /** @return the same with each colour of the warp, and of the weft, times that light: alpha, red, green, blue */
    Threads lit(float[] ofWarp, float[] ofWeft) {
        return new Threads(lit(warp, ofWarp), lit(weft, ofWeft), weave, blend, yarn, endMm, pickMm);
    }

    /** @return how much of the cloth shows the warp, 0 to 1 */
    float warpShare() {
        return weave == null ? 1 - blend : (float) weave.warpShare();
    }

    private static int[] lit(int[] argb, float[] light) {
        Map<Integer, Integer> known = new HashMap<>();
        int[] out = new int[argb.length];
        for (int i = 0; i < argb.length; i++) {
            out[i] = known.computeIfAbsent(argb[i], colour -> {
                float[] c = LightMix.linear(colour);
                return LightMix.encode(c[0] * light[0], c[1] * light[1], c[2] * light[2], c[3] * light[3]);
            });
        }
        return out;
    }

    boolean opaque() {
        return Arrays.stream(warp).allMatch(c -> c >>> 24 == 255) && Arrays.stream(weft).allMatch(c -> c >>> 24 == 255);
    }

    /** @return after how many ends the weave begins anew; 1 when both threads show everywhere */
    int classes() {
        return weave == null ? 1 : weave.ends();
    }

    /** @return whether the warp is on top; for threads that are woven */
    boolean warpOnTop(int end, int pick) {
        return weave.warpOnTop(end, pick);
    }

    /** @return how much of the crossing the warp shows, 0 to 1 */
    float warpShare(int end, int pick) {
        return weave == null ? 1 - blend : weave.warpOnTop(end, pick) ? 1 : 0;
    }

    /** @return the distinct colours crossings have, by the numbers {@link #along} writes */
    int[] crossings() {
        return crossings;
    }

    /** Writes the number of the colour of each crossing of a pick. */
    void along(int pick, int[] out) {
        int under = weftNumber[pick];
        if (weave == null) {
            for (int end = 0; end < warp.length; end++) {
                out[end] = warpNumber[end] + under;
            }
            return;
        }
        int ends = weave.ends();
        for (int c = 0; c < ends; c++) {
            boolean top = weave.warpOnTop(c, pick);
            for (int end = c; end < warp.length; end += ends) {
                out[end] = top ? warpNumber[end] : under;
            }
        }
    }

    /** Woven, a crossing has the colour of a thread; blended, the mixture of one end's and one pick's. */
    private int[] number() {
        int[] ends = Arrays.stream(warp).distinct().toArray();
        int[] picks = Arrays.stream(weft).distinct().toArray();
        if (weave != null) {
            int[] all = IntStream.concat(Arrays.stream(ends), Arrays.stream(picks)).distinct().toArray();
            number(warp, all, warpNumber, 1);
            number(weft, all, weftNumber, 1);
            return all;
        }
        number(warp, ends, warpNumber, picks.length);
        number(weft, picks, weftNumber, 1);
        int[] all = new int[ends.length * picks.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = LightMix.mix(ends[i / picks.length], picks[i % picks.length], blend);
        }
        return all;
    }

    private static void number(int[] argb, int[] distinct, int[] numbers, int factor) {
        Map<Integer, Integer> places = new HashMap<>();
        for (int i = 0; i < distinct.length; i++) {
            places.put(distinct[i], i);
        }
        for (int i = 0; i < argb.length; i++) {
            numbers[i] = places.get(argb[i]) * factor;
        }
    }
}
