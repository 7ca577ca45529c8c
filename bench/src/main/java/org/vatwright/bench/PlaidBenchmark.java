package org.vatwright.bench;

import java.util.Map;
import java.util.Optional;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.plaid.PlaidDesign;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** A woven plaid of 400 threads over a 2/2 twill painted onto 3600 x 3600 pixels, held against a plain copy. */
public class PlaidBenchmark extends BesideCopy {

    private static final int SIDE = 3600;

    /** 9 is whole; 5.37 and 3.1 have threads that share pixels; at 1.7 and 0.7 threads are finer than what is crisp. */
    @Param({"9", "5.37", "3.1", "1.7", "0.7"})
    public double pxPerThread;

    @Param({"1", "2"})
    public int threads;

    private Design design;
    private TileGrid grid;

    public PlaidBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        int count = (int) (4 * Math.rint(SIDE / pxPerThread / 4));
        SettText sett = SettText.parse("K/12 R24 G8 Y6 W50 B44 R58 K/10");
        PlaidDesign made = PlaidDesign.of("Sett", sett, Optional.empty(), Weave.parse("twill 2/2"), Look.WOVEN, 20,
                Map.of());
        Plaid plaid = made.plaid();
        Plaid scaled = plaid.withFabric(plaid.fabric().withWarp(plaid.fabric().warp().toThreads(count)));
        double side = scaled.fabric().periodWidthMm();
        design = made.design().replace(1, l -> l.withStructure(scaled))
                .withRepeat(new Repeat(side, side, Arrangement.STRAIGHT));
        grid = new TileGrid(SIDE, SIDE, design.repeat().widthMm(), design.repeat().heightMm());
    }

    @Benchmark
    public Raster wovenPlaid() {
        TileRenderer.paint(new Cloth(design, design.palette().first()), grid, out, Work.on(threads));
        return out;
    }
}
