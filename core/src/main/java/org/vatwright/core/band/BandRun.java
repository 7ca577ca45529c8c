package org.vatwright.core.band;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * Bands in their order. A pivoting run goes there and back: the first and the last band are given once and stand once
 * in the period, all others twice (A B C recurs as A B C B).
 */
@RecordBuilder
public record BandRun(List<Band> bands, boolean pivot) implements BandRunBuilder.With {

    public static final int MOST_BANDS = 4000;

    public BandRun {
        Require.within("bands", bands.size(), 1, MOST_BANDS);
        bands = List.copyOf(bands);
    }

    /** @return a run that repeats, a band for each stretch of one ink */
    public static BandRun ofThreads(List<Ink> threads) {
        List<Band> bands = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= threads.size(); i++) {
            if (i == threads.size() || !threads.get(i).equals(threads.get(from))) {
                bands.add(new Band(threads.get(from), i - from));
                from = i;
            }
        }
        return new BandRun(bands, false);
    }

    /** @return for each band of one whole period the number of the band it shows */
    public int[] period() {
        int n = bands.size();
        int[] order = new int[pivot && n > 2 ? 2 * n - 2 : n];
        for (int i = 0; i < order.length; i++) {
            order[i] = i < n ? i : 2 * n - 2 - i;
        }
        return order;
    }

    /** @return width of a whole period, in the bands' measure */
    public double length() {
        double sum = 0;
        for (int i : period()) {
            sum += bands.get(i).width();
        }
        return sum;
    }

    public BandRun with(int index, Band band) {
        List<Band> changed = new ArrayList<>(bands);
        changed.set(index, band);
        return new BandRun(changed, pivot);
    }

    /**
     * Parts a band in two, equal but for what must stay whole.
     *
     * @param step the least and the unit of a width: 1 where threads are counted, 0 where any width will do
     */
    public BandRun split(int index, double step) {
        double width = bands.get(index).width();
        Require.that(width >= 2 * step, "a band of one thread cannot be split");
        double first = step > 0 ? Math.floor(width / 2 / step) * step : width / 2;
        List<Band> changed = new ArrayList<>(bands);
        changed.set(index, bands.get(index).withWidth(first));
        changed.add(index + 1, bands.get(index).withWidth(width - first));
        return new BandRun(changed, pivot);
    }

    /** @return with all bands once more behind the last, in the same order */
    public BandRun copied() {
        List<Band> twice = new ArrayList<>(bands);
        twice.addAll(bands);
        return new BandRun(twice, pivot);
    }

    /** @return the bands in the opposite order */
    public BandRun mirrored() {
        return new BandRun(bands.reversed(), pivot);
    }

    /**
     * @param total threads of the whole period that are wanted
     * @return every band in the same proportion, in whole threads of which there is at least one, so that the period
     *         has the wanted number or the nearest that can be had
     */
    public BandRun toThreads(int total) {
        double factor = total / length();
        List<Band> scaled = new ArrayList<>(
                bands.stream().map(b -> b.withWidth(Math.max(1, Math.rint(b.width() * factor)))).toList());
        for (int turn = 0; turn < 2 * bands.size(); turn++) {
            int missing = total - (int) new BandRun(scaled, pivot).length();
            int best = -1;
            double gain = 0;
            for (int i = 0; i < scaled.size() && missing != 0; i++) {
                int counts = isPivot(i) || !doubles() ? 1 : 2;
                int by = Integer.signum(missing);
                double width = scaled.get(i).width() + by;
                double off = Math.abs(scaled.get(i).width() - bands.get(i).width() * factor)
                        - Math.abs(width - bands.get(i).width() * factor);
                if (counts <= Math.abs(missing) && width >= 1 && (best < 0 || off > gain)) {
                    best = i;
                    gain = off;
                }
            }
            if (best < 0) {
                break;
            }
            scaled.set(best, scaled.get(best).withWidth(scaled.get(best).width() + Integer.signum(missing)));
        }
        return new BandRun(scaled, pivot);
    }

    private boolean doubles() {
        return pivot && bands.size() > 2;
    }

    public BandRun remove(int index) {
        Require.that(bands.size() > 1, "a run needs at least one band; this is the last");
        List<Band> changed = new ArrayList<>(bands);
        changed.remove(index);
        return new BandRun(changed, pivot);
    }

    public BandRun move(int from, int to) {
        List<Band> changed = new ArrayList<>(bands);
        changed.add(to, changed.remove(from));
        return new BandRun(changed, pivot);
    }

    public BandRun insert(int index, Band band) {
        List<Band> changed = new ArrayList<>(bands);
        changed.add(index, band);
        return new BandRun(changed, pivot);
    }

    /** @return every width times that factor */
    public BandRun scaled(double factor) {
        return new BandRun(bands.stream().map(b -> b.withWidth(b.width() * factor)).toList(), pivot);
    }

    /**
     * Moves the edge between two neighbours of the period: what one gains the other loses, so the period stays.
     *
     * @param place the edge before that band of {@link #period()}; 0 is the edge where the period begins anew
     * @param by in the bands' measure, towards the end
     * @param least no band gets narrower than this
     */
    public BandRun moveEdge(int place, double by, double least) {
        int[] order = period();
        int before = order[Math.floorMod(place - 1, order.length)];
        int after = order[Math.floorMod(place, order.length)];
        if (before == after) {
            return this;
        }
        // A pivot band stands once in the period and has this edge on both its sides.
        double gainBefore = isPivot(before) ? 2 : 1;
        double gainAfter = isPivot(after) ? 2 : 1;
        double most = Math.max(0, (bands.get(after).width() - least) / gainAfter);
        double back = Math.max(0, (bands.get(before).width() - least) / gainBefore);
        double moved = Math.max(-back, Math.min(most, by));
        if (least == 1) {
            // Threads stay whole.
            moved = moved < 0 ? Math.ceil(moved) : Math.floor(moved);
        }
        return with(before, bands.get(before).withWidth(bands.get(before).width() + gainBefore * moved)).with(after,
                bands.get(after).withWidth(bands.get(after).width() - gainAfter * moved));
    }

    private boolean isPivot(int band) {
        return doubles() && (band == 0 || band == bands.size() - 1);
    }
}
