package org.vatwright.bench;

import java.util.ArrayList;
import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Ten layers of 400 dots on 1200 x 1200 pixels: painting all of them, and painting again when one has changed. */
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class LayersBenchmark extends Timed {

    private static final double MM = 200;
    private static final long ROOM = 80_000_000;
    private static final int LAYERS = 10;
    private static final TileGrid GRID = new TileGrid(1200, 1200, MM, MM);
    private static final Palette PALETTE = new Palette(List.of("Cork"),
            List.of(new Colourway("Morning", List.of(Rgb.parse("#e2713c")))));

    /** Counted from the bottom; what lies below the changed one is kept laid together. */
    @Param({"1", "5", "10"})
    private int changed;

    private Design design;
    private TileCache keeping;
    private int step;

    private static Dots dots(double diameter) {
        List<Dot> dots = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            dots.add(new Dot(i * 61.8 % MM, i * 0.5, diameter, Ink.slot("Cork")));
        }
        return new Dots(dots, 1, 1, Arrangement.STRAIGHT);
    }

    private Raster tile(TileCache cache, Design shown) {
        return cache.tile(new Cloth(shown, PALETTE.first()), GRID, Work.plain());
    }

    @Setup(Level.Iteration)
    public void prepare() {
        List<Layer> layers = new ArrayList<>();
        for (int id = 1; id <= LAYERS; id++) {
            layers.add(new Layer(id, "Shoal " + id, dots(2 + id)).withOpacity(0.8));
        }
        design = new Design("Shoals", new Repeat(MM, MM, Arrangement.STRAIGHT), Ink.CLEAR, layers, PALETTE,
                Guides.NONE);
        keeping = new TileCache(ROOM, ROOM);
        tile(keeping, design);
    }

    @Benchmark
    public Raster allTen() {
        return tile(new TileCache(ROOM, ROOM), design);
    }

    @Benchmark
    public Raster oneOfTen() {
        step++;
        return tile(keeping, design.replace(changed, l -> l.withStructure(dots(7 + step * 1e-4))));
    }
}
