package org.vatwright.core.loom;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Check;

/**
 * Bands in their order. A pivoting run goes there and back: the first and the last band are given once and stand once
 * in the period, all others twice (A B C recurs as A B C B).
 */
public record BandRun(List<Band> bands, boolean pivot) {

    public static final int MOST_BANDS = 2000;

    public BandRun {
        Check.within("bands", bands.size(), 1, MOST_BANDS);
        bands = List.copyOf(bands);
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

    /** Parts a band in two equal ones; the second is selected for another ink. */
    public BandRun split(int index) {
        List<Band> changed = new ArrayList<>(bands);
        Band half = bands.get(index).withWidth(bands.get(index).width() / 2);
        changed.set(index, half);
        changed.add(index + 1, half);
        return new BandRun(changed, pivot);
    }

    public BandRun remove(int index) {
        Check.that(bands.size() > 1, "a run needs at least one band; this is the last");
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

    public BandRun withPivot(boolean there) {
        return new BandRun(bands, there);
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
        return with(before, bands.get(before).withWidth(bands.get(before).width() + gainBefore * moved)).with(after,
                bands.get(after).withWidth(bands.get(after).width() - gainAfter * moved));
    }

    private boolean isPivot(int band) {
        return pivot && bands.size() > 2 && (band == 0 || band == bands.size() - 1);
    }
}
