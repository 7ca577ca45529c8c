package org.vatwright.bench;

import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.drape.Place;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.finish.ShadeStroke;

/** A stroke of shading under the hand on an article of 2000 x 2000 pixels, one thread, held against a plain copy of it. */
public class ShadingBenchmark extends BesideCopy {

    private static final int SIDE = 2000;
    private static final double PX_PER_MM = 2;
    private static final ShadePlane.Area ALL = new ShadePlane.Area(0, 0, SIDE, SIDE);

    private ShadeStroke dark;
    private ShadeStroke fold;
    private ShadePlane growing;
    private int step;

    public ShadingBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        dark = new ShadeStroke(ShadeStroke.Kind.DARK, List.of(new Place(0, 0)), 100, 0.8, 0.35, Confine.FREE, false);
        fold = new ShadeStroke(ShadeStroke.Kind.FOLD, List.of(new Place(500, 100), new Place(520, 300),
                new Place(480, 600), new Place(510, 900)), 150, 0.8, 0.35, Confine.FREE, false);
        growing = new ShadePlane(dark, PX_PER_MM, ALL);
    }

    private int shown(ShadePlane plane, ShadePlane.Area area) {
        int sum = 0;
        for (int y = area.top(); y < area.bottom(); y++) {
            for (int x = area.left(); x < area.right(); x++) {
                sum += ShadePlane.argb(plane.at(x, y), 0.35);
            }
        }
        return sum;
    }

    /** The hand goes on by 12 px with a brush of 200 px: the pixels around that stretch, as they are shown. */
    @Benchmark
    public int segment() {
        step++;
        double turn = step * 0.03;
        return shown(growing, growing.to(new Place(500 + 200 * Math.cos(turn), 500 + 200 * Math.sin(turn))));
    }

    /** A whole fold of 1600 px, as it is drawn anew while its line grows. */
    @Benchmark
    public int wholeFold() {
        ShadePlane plane = ShadePlane.of(fold, PX_PER_MM, ALL);
        return shown(plane, plane.area());
    }
}
