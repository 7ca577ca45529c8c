package org.vatwright.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Track;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.brush.Brushwork;
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

/**
 * A painting of a thousand strokes of 200 points on a cell as large as the window shows it, and the hand at one more: as the
 * window asks for it, from the strokes to the tile.
 */
public class BrushBenchmark extends Timed {

    private static final int STROKES = 1000;
    private static final int POINTS = 200;
    private static final int SIDE_MM = 300;
    private static final int SIDE_PX = 600;
    private static final double STEP_MM = 1.2;

    @Param({"Tar", "Rush", "Frond"})
    private String brush;

    /** It keeps nothing: no picture is one that was there before. */
    private final TileCache cache = new TileCache(0, 0);
    private final TileGrid grid = new TileGrid(SIDE_PX, SIDE_PX, SIDE_MM, SIDE_MM);
    private final int[] source = new int[SIDE_PX * SIDE_PX];
    private final int[] target = new int[SIDE_PX * SIDE_PX];
    private Design design;
    private Brushwork work;
    private final List<BrushStroke> growing = new ArrayList<>();
    private final List<BrushStroke> last = new ArrayList<>();
    private int step;

    @Setup
    public void prepare() {
        Palette palette = new Palette(List.of("Paper", "Kelp"), List.of(
                new Colourway("Own", List.of(Rgb.parse("#f2ebdd"), Rgb.parse("#245b57")))));
        design = new Design("Painted", new Repeat(SIDE_MM, SIDE_MM, Arrangement.STRAIGHT), Ink.slot("Paper"), List.of(),
                palette, Guides.NONE);
        Brush with = ShippedBrushes.ALL.stream().filter(b -> b.name().equals(brush)).findFirst().orElseThrow();
        Random random = new Random(1);
        List<BrushStroke> strokes = new ArrayList<>();
        for (int i = 0; i < STROKES; i++) {
            strokes.add(stroke(random, with, i));
        }
        work = new Brushwork(strokes, Symmetry.NONE);
        painted(work);
        BrushStroke next = stroke(random, with, STROKES);
        for (int n = 2; n <= POINTS; n++) {
            double[] at = new double[2 * n];
            for (int i = 0; i < n; i++) {
                at[2 * i] = next.track().x(i);
                at[2 * i + 1] = next.track().y(i);
            }
            growing.add(next.withTrack(Track.of(at)));
        }
        for (int i = 0; i < POINTS; i++) {
            last.add(stroke(random, with, i));
        }
    }

    private static BrushStroke stroke(Random random, Brush brush, long seed) {
        double x = random.nextDouble() * SIDE_MM;
        double y = random.nextDouble() * SIDE_MM;
        double way = random.nextDouble() * 2 * Math.PI;
        double[] at = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            at[2 * i] = x;
            at[2 * i + 1] = y;
            way += 0.25 * random.nextGaussian();
            x += STEP_MM * Math.cos(way);
            y += STEP_MM * Math.sin(way);
        }
        return new BrushStroke(Track.of(at), brush, Ink.slot("Kelp")).withSeed(seed);
    }

    private Raster painted(Brushwork shown) {
        Design with = design.withLayers(List.of(new Layer(1, "Painted", shown)));
        return cache.tile(new Cloth(with, design.palette().first()), grid, Work.plain());
    }

    /** C: as many bytes as the tile has, once, on one thread. */
    @Benchmark
    public int[] copyOneThread() {
        System.arraycopy(source, 0, target, 0, source.length);
        return target;
    }

    /** The hand went on by one point. */
    @Benchmark
    public Raster oneMoreSegment() {
        step = (step + 1) % growing.size();
        return painted(work.and(growing.get(step)));
    }

    /** A whole stroke at once, and it is taken back: of both the picture. */
    @Benchmark
    public Raster aStrokeAndItsUndo() {
        step = (step + 1) % last.size();
        painted(work.and(last.get(step)));
        return painted(work.withStrokes(work.strokes().subList(0, STROKES - 1)));
    }
}
