package org.vatwright.core.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import org.vatwright.core.colour.Oklab;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A few inks that a picture can be printed with: its colours gathered in OKLab by k-means from well-spread seeds (Arthur and
 * Vassilvitskii 2007).
 *
 * @param colours the one that covers most first
 * @param shares of the covered area that each takes, together 1
 */
public record Inks(List<Rgb> colours, List<Double> shares) {

    public static final int MOST = 24;
    /** More colours than these are taken together by their five highest bits. */
    private static final int MOST_APART = 4096;
    private static final int BIN_BITS = 5;
    private static final int TRIES = 6;
    private static final int ROUNDS = 60;

    public Inks {
        colours = List.copyOf(colours);
        shares = List.copyOf(shares);
    }

    /** Colours that look alike, with how much of them there is. */
    private record Heap(Oklab colour, Rgb as, double weight) {}

    /**
     * @param count 2 to {@link #MOST}; fewer are found when the picture has fewer colours
     * @param seed the same seed finds the same inks
     */
    public static Inks of(Raster picture, int count, long seed, Work work) {
        Require.within("inks of a picture", count, 2, MOST);
        List<Heap> heaps = heaps(picture);
        if (heaps.isEmpty()) {
            return new Inks(List.of(new Rgb(255, 255, 255)), List.of(1.0));
        }
        if (heaps.size() <= count) {
            double all = heaps.stream().mapToDouble(Heap::weight).sum();
            List<Heap> sorted = heaps.stream().sorted(Comparator.comparingDouble(h -> -h.weight)).toList();
            return new Inks(sorted.stream().map(Heap::as).toList(), sorted.stream().map(h -> h.weight / all).toList());
        }
        Oklab[] best = null;
        double least = Double.MAX_VALUE;
        for (int t = 0; t < TRIES; t++) {
            work.goOn();
            Oklab[] middles = settled(heaps, seeds(heaps, count, Noise.mix(seed * 1009 + t)), work);
            double off = off(heaps, middles);
            if (off < least) {
                least = off;
                best = middles;
            }
        }
        return sorted(heaps, best);
    }

    private static List<Heap> heaps(Raster picture) {
        int[] sorted = picture.argb().clone();
        Arrays.sort(sorted);
        int apart = 0;
        for (int i = 0; i < sorted.length; i++) {
            apart += i == 0 || sorted[i] != sorted[i - 1] ? 1 : 0;
        }
        return apart <= MOST_APART ? single(sorted) : joined(picture);
    }

    private static int straight(int argb, int shift) {
        int a = argb >>> 24;
        return Math.min(255, ((argb >>> shift & 255) * 255 + a / 2) / a);
    }

    private static List<Heap> single(int[] sorted) {
        List<Heap> heaps = new ArrayList<>();
        for (int from = 0, to = 0; from < sorted.length; from = to) {
            while (to < sorted.length && sorted[to] == sorted[from]) {
                to++;
            }
            int argb = sorted[from];
            if (argb >>> 24 != 0) {
                Rgb rgb = new Rgb(straight(argb, 16), straight(argb, 8), straight(argb, 0));
                heaps.add(new Heap(Oklab.of(rgb), rgb, (to - from) * (argb >>> 24) / 255.0));
            }
        }
        return heaps;
    }

    private static List<Heap> joined(Raster picture) {
        double[][] sums = new double[1 << 3 * BIN_BITS][];
        int cut = 8 - BIN_BITS;
        for (int argb : picture.argb()) {
            int a = argb >>> 24;
            if (a != 0) {
                int r = straight(argb, 16);
                int g = straight(argb, 8);
                int b = straight(argb, 0);
                int bin = (r >> cut << BIN_BITS | g >> cut) << BIN_BITS | b >> cut;
                double[] sum = sums[bin] == null ? sums[bin] = new double[4] : sums[bin];
                sum[0] += a * r;
                sum[1] += a * g;
                sum[2] += a * b;
                sum[3] += a;
            }
        }
        return Arrays.stream(sums).filter(s -> s != null).map(s -> {
            Rgb mean = new Rgb((int) Math.round(s[0] / s[3]), (int) Math.round(s[1] / s[3]),
                    (int) Math.round(s[2] / s[3]));
            return new Heap(Oklab.of(mean), mean, s[3] / 255);
        }).toList();
    }

    /** The first by weight, each next one the likelier the farther it is from those there are. */
    private static Oklab[] seeds(List<Heap> heaps, int count, long seed) {
        Oklab[] seeds = new Oklab[count];
        double[] far = new double[heaps.size()];
        Arrays.fill(far, 1);
        for (int k = 0; k < count; k++) {
            double all = 0;
            for (int i = 0; i < far.length; i++) {
                all += far[i] * heaps.get(i).weight;
            }
            double at = (Noise.mix(seed + 0x9E3779B97F4A7C15L * (k + 1)) >>> 11) * 0x1p-53 * all;
            int chosen = -1;
            for (int i = 0; i < far.length && (chosen < 0 || at >= 0); i++) {
                double weight = far[i] * heaps.get(i).weight;
                if (weight > 0) {
                    chosen = i;
                    at -= weight;
                }
            }
            seeds[k] = heaps.get(Math.max(0, chosen)).colour;
            for (int i = 0; i < far.length; i++) {
                double d = heaps.get(i).colour.apart(seeds[k]);
                far[i] = k == 0 ? d : Math.min(far[i], d);
            }
        }
        return seeds;
    }

    private static Oklab[] settled(List<Heap> heaps, Oklab[] middles, Work work) {
        int[] of = new int[heaps.size()];
        Arrays.fill(of, -1);
        for (int round = 0; round < ROUNDS; round++) {
            work.goOn();
            boolean moved = false;
            double[][] sums = new double[middles.length][4];
            for (int i = 0; i < of.length; i++) {
                Heap heap = heaps.get(i);
                int near = nearest(heap.colour, middles);
                moved |= near != of[i];
                of[i] = near;
                sums[near][0] += heap.weight * heap.colour.lightness();
                sums[near][1] += heap.weight * heap.colour.a();
                sums[near][2] += heap.weight * heap.colour.b();
                sums[near][3] += heap.weight;
            }
            if (!moved) {
                break;
            }
            for (int k = 0; k < middles.length; k++) {
                double[] s = sums[k];
                middles[k] = s[3] == 0 ? middles[k] : new Oklab(s[0] / s[3], s[1] / s[3], s[2] / s[3]);
            }
        }
        return middles;
    }

    static int nearest(Oklab colour, Oklab[] middles) {
        int near = 0;
        double least = Double.MAX_VALUE;
        for (int k = 0; k < middles.length; k++) {
            double d = colour.apart(middles[k]);
            if (d < least) {
                least = d;
                near = k;
            }
        }
        return near;
    }

    private static double off(List<Heap> heaps, Oklab[] middles) {
        return heaps.stream().mapToDouble(h -> h.weight * h.colour.apart(middles[nearest(h.colour, middles)])).sum();
    }

    private static Inks sorted(List<Heap> heaps, Oklab[] middles) {
        double[] weights = new double[middles.length];
        double all = 0;
        for (Heap heap : heaps) {
            weights[nearest(heap.colour, middles)] += heap.weight;
            all += heap.weight;
        }
        List<Integer> order = new ArrayList<>();
        for (int k = 0; k < middles.length; k++) {
            if (weights[k] > 0) {
                order.add(k);
            }
        }
        order.sort(Comparator.comparingDouble(k -> -weights[k]));
        double whole = all;
        return new Inks(order.stream().map(k -> middles[k].toRgb()).toList(),
                order.stream().map(k -> weights[k] / whole).toList());
    }
}
