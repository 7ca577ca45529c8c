package org.vatwright.core.band;

import java.util.List;

/** Where the edges of one period stand and how they look, as drawn; edge i stands before band i of the period. */
public final class BandEdges {

    private final int[] order;
    private final double[] starts;
    private final double[] narrower;
    private final Edge[] edges;
    private final double period;

    /** @param mm mm of one unit of the bands' widths, as drawn */
    public BandEdges(BandRun run, double mm) {
        order = run.period();
        starts = new double[order.length];
        narrower = new double[order.length];
        edges = new Edge[order.length];
        List<Band> bands = run.bands();
        double at = 0;
        for (int i = 0; i < order.length; i++) {
            Band band = bands.get(order[i]);
            Band before = bands.get(order[Math.floorMod(i - 1, order.length)]);
            starts[i] = at;
            edges[i] = band.edge().with(before.edge());
            narrower[i] = Math.min(band.width(), before.width()) * mm;
            at += band.width() * mm;
        }
        period = at;
    }

    public int count() {
        return order.length;
    }

    /** @return the number in the run of band i of the period */
    public int band(int i) {
        return order[i];
    }

    public double start(int i) {
        return starts[i];
    }

    public double end(int i) {
        return i + 1 < starts.length ? starts[i + 1] : period;
    }

    public double period() {
        return period;
    }

    /** @return breadth of the passage, never more than the narrower neighbour */
    public double feather(int i) {
        return Math.min(edges[i].featherMm(), narrower[i]);
    }

    /** @return how far it strays, always less than half the narrower neighbour, so that edges never cross */
    public double wobble(int i) {
        return Math.min(edges[i].wobbleMm(), 0.45 * narrower[i]);
    }

    public double wobbleLength(int i) {
        return edges[i].wobbleLengthMm();
    }

    public boolean anyWobble() {
        for (int i = 0; i < order.length; i++) {
            if (wobble(i) > 0) {
                return true;
            }
        }
        return false;
    }

    /** @return the band of the period at {@code u}, 0 to below {@link #period()} */
    int at(double u) {
        int low = 0;
        int high = starts.length - 1;
        while (low < high) {
            int mid = low + high + 1 >>> 1;
            if (starts[mid] <= u) {
                low = mid;
            } else {
                high = mid - 1;
            }
        }
        return low;
    }

    /** @return the edge that may stray as far as that place, {@code reach} more allowed for; or -1 */
    public int strayingTo(double u, double reach) {
        int i = at(u);
        double fromStart = u - starts[i];
        double toEnd = end(i) - u;
        int edge = fromStart <= toEnd ? i : (i + 1) % order.length;
        return wobble(edge) > 0 && Math.min(fromStart, toEnd) <= wobble(edge) + reach ? edge : -1;
    }
}
