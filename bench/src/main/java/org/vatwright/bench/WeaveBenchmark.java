package org.vatwright.bench;

import java.util.List;
import java.util.Optional;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * Canvas of 200 x 200 threads with slubs at 12 pixels a thread, held against a plain copy of the same bytes; and one
 * square of a drawdown of 1,000 x 1,000 crossings marked, up to the weave that is drawn from it.
 */
public class WeaveBenchmark extends BesideCopy {

    private static final int THREADS = 200;
    private static final int SIDE = 12 * THREADS;
    private static final int CROSSINGS = 1000;

    @Param({"1", "2"})
    public int threads;

    private Design design;
    private TileGrid grid;
    private Weaving large;
    private int at;

    public WeaveBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        NamedWeave basket = NamedWeave.parse("basket 2/2");
        Fabric cloth = new Fabric(run("warp"), Optional.of(run("weft")), Weave.plain(),
                new Look.Yarns(YarnLook.named("canvas")), 10, 10);
        Palette palette = new Palette(List.of("warp", "weft"), List.of(new Colourway("First colours",
                List.of(new Rgb(230, 220, 194), new Rgb(216, 201, 164)))));
        design = new Design("Canvas", new Repeat(THREADS, THREADS, Arrangement.STRAIGHT), Ink.CLEAR,
                List.of(new Layer(1, "Canvas", new Weaving(basket.name(), basket.draft(), cloth))), palette,
                Guides.NONE);
        grid = new TileGrid(SIDE, SIDE, THREADS, THREADS);
        Draft satin = NamedWeave.parse("satin 16/5").draft().withThreads(CROSSINGS, CROSSINGS);
        large = new Weaving("large", Draft.weaving(satin.drawdown()), cloth);
    }

    private static BandRun run(String slot) {
        return new BandRun(List.of(new Band(Ink.slot(slot), 4)), false);
    }

    @Benchmark
    public Raster clothLook() {
        TileRenderer.paint(new Cloth(design, design.palette().first()), grid, out, Work.on(threads));
        return out;
    }

    /** The mark, the draft that weaves it, its drawdown and the weave. */
    @Benchmark
    public Weaving markOneSquare() {
        at = (at + 7) % CROSSINGS;
        Squares down = large.draft().drawdown();
        Squares marked = down.with(at, at / 2, !down.at(at, at / 2));
        return large.withDraft(Draft.weaving(marked));
    }
}
