package org.vatwright.core.band;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.InkColours;

/**
 * The colours along one period of a run, seen through a pixel: for any place the mean colour of the pixel there, in
 * linear light. Places and breadths are in mm along the run.
 */
public final class BandProfile {

    /** A pixel that covers this many periods shows their mean. */
    private static final double MANY = 12;

    private final BandEdges edges;
    private final float[][] colours;
    private final float[] mean = new float[4];
    private final BoxFilter[] filters;
    private final double reach;

    /** @param boxA,boxB breadth of a pixel across and down, each seen along the run */
    public BandProfile(BandRun run, BandEdges edges, double boxA, double boxB, InkColours inks) {
        this.edges = edges;
        colours = new float[edges.count()][];
        filters = new BoxFilter[edges.count()];
        double widest = 0;
        for (int i = 0; i < edges.count(); i++) {
            colours[i] = LightMix.linear(inks.argb(run.bands().get(edges.band(i)).ink()));
            filters[i] = new BoxFilter(boxA, boxB, edges.feather(i));
            widest = Math.max(widest, filters[i].reach());
            float share = (float) ((edges.end(i) - edges.start(i)) / edges.period());
            for (int c = 0; c < 4; c++) {
                mean[c] += share * colours[i][c];
            }
        }
        reach = widest;
    }

    public double period() {
        return edges.period();
    }

    public BandEdges edges() {
        return edges;
    }

    /** @return farther than this from every edge a pixel shows one ink alone */
    public double reach() {
        return reach;
    }

    /** @return premultiplied ARGB of a pixel whose centre is {@code u} mm along; period {@link #period()} */
    public int argb(double u) {
        double period = period();
        if (2 * reach > MANY * period) {
            return LightMix.encode(mean);
        }
        double low = u - reach;
        long turn = (long) Math.floor(low / period);
        int i = edges.at(low - turn * period);
        float[] sum = colours[i].clone();
        while (true) {
            float[] before = colours[i];
            if (++i == colours.length) {
                i = 0;
                turn++;
            }
            double edge = edges.start(i) + turn * period;
            if (edge >= u + reach) {
                return LightMix.encode(sum);
            }
            float passed = (float) filters[i].passed(u - edge);
            float[] after = colours[i];
            for (int c = 0; c < 4; c++) {
                sum[c] += passed * (after[c] - before[c]);
            }
        }
    }
}
