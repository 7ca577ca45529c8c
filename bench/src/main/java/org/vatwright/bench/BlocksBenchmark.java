package org.vatwright.bench;

import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.block.Variety;
import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Id;
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
import org.vatwright.files.demo.DemoCommission;

/** 2,000 different blocks with worn and chipped edges painted onto 3600 x 3600 pixels, held against a plain copy. */
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class BlocksBenchmark extends BesideCopy {

    private static final int SIDE = 3600;

    @Param({"1", "2"})
    public int threads;

    private Design design;
    private TileGrid grid;

    public BlocksBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        Design quay = DemoCommission.load().design(new Id("quay")).orElseThrow();
        Ink tar = Ink.slot("Tar");
        Blocks blocks = new Blocks(new Bond.Running(new Fraction(1, 2)), 146, 46, 4, tar,
                new Inking(Inking.Way.AT_RANDOM, List.of(Ink.slot("Slate"), Ink.slot("Kelp"), Ink.slot("Fog")),
                        List.of(6.0, 2.0, 1.0)))
                .withVariety(new Variety(24, 0.06, true, 1.5, 0.3, 5));
        // 25 x 80 blocks.
        Repeat repeat = new Repeat(25 * 150, 80 * 50, Arrangement.STRAIGHT);
        design = new Design("Blocks", repeat, tar, List.of(new Layer(1, "Blocks", blocks)), quay.palette(),
                Guides.NONE);
        grid = new TileGrid(SIDE, SIDE, repeat.widthMm(), repeat.heightMm());
    }

    @Benchmark
    public Raster blocks() {
        TileRenderer.paint(new Cloth(design, design.palette().first()), grid, out, Work.on(threads));
        return out;
    }
}
