package org.vatwright.bench;

import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.tooth.ToothKind;

/** Blends, effects and teeth on 3600 x 3600 pixels of 300 mm, two threads, beside a copy of as many bytes. */
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class SurfaceBenchmark extends BesideCopy {

    private static final int SIDE = 3600;
    private static final double MM = 300;
    private static final int STRIP = 16;
    private static final int CHECK = 40;
    private static final Work TWO = Work.on(2);
    private static final TileGrid GRID = new TileGrid(SIDE, SIDE, MM, MM);
    private static final Ink INK = Ink.slot("Ink");

    private final Raster coat = new Raster(SIDE, SIDE);
    /** The same marks, half of them in another ink. */
    private final Raster chequered = new Raster(SIDE, SIDE);
    /** The same marks by threes, so that no two numbers tell a pixel. */
    private final Raster chequeredByThrees = new Raster(SIDE, SIDE);
    /** By fours, so that only four numbers do. */
    private final Raster chequeredByFours = new Raster(SIDE, SIDE);
    /** The same on a ground. */
    private final Raster opaque = new Raster(SIDE, SIDE);
    private PaintRequest asked;

    public SurfaceBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        Palette palette = new Palette(List.of("Ink"), List.of(new Colourway("One", List.of(Rgb.parse("#345678")))));
        asked = new PaintRequest(new Repeat(MM, MM, Arrangement.STRAIGHT), GRID,
                new InkColours(palette, palette.first()), Phase.OWN, TWO);
        tooth(ToothKind.CRYSTALS, 2, coat);
        for (int i = 0; i < SIDE * SIDE; i++) {
            int pixel = coat.argb()[i];
            int check = i / SIDE / CHECK + i % SIDE / CHECK;
            chequered.argb()[i] = check % 2 == 0 ? turned(pixel) : pixel;
            chequeredByThrees.argb()[i] = check % 3 == 0 ? pixel : check % 3 == 1 ? turned(pixel) : grey(pixel);
            chequeredByFours.argb()[i] = check % 4 == 3 ? warm(pixel) : chequeredByThrees.argb()[i];
            opaque.argb()[i] = chequeredByFours.argb()[i] | (255 - (pixel >>> 24)) * 0x1010101;
        }
    }

    /** @return the same coverage with red and blue exchanged */
    private static int turned(int pixel) {
        return pixel & 0xFF00_FF00 | pixel << 16 & 0xFF_0000 | pixel >> 16 & 255;
    }

    private static int grey(int pixel) {
        return pixel & 0xFF00_FF00 | pixel << 8 & 0xFF_0000 | pixel >> 8 & 255;
    }

    /** The fourth ink: its green is the ink's red, and the other way round. */
    private static int warm(int pixel) {
        return pixel & 0xFF00_00FF | pixel << 8 & 0xFF_0000 | pixel >> 8 & 0xFF00;
    }

    private Raster tooth(ToothKind kind, double sizeMm, Raster onto) {
        Painter painter = Tooth.fresh(kind, sizeMm, List.of(INK)).painter(asked);
        Rows.each(SIDE, STRIP, TWO, (from, to) -> painter.paint(onto.argb(), from * SIDE, from, to));
        return onto;
    }

    private Raster blend(BlendMode mode) {
        Rows.each(SIDE, STRIP, TWO, (from, to) -> Compositor.lay(out.argb(), from * SIDE, coat.argb(), from * SIDE,
                (to - from) * SIDE, 1, mode));
        return out;
    }

    @Benchmark
    public Raster multiply() {
        return blend(BlendMode.MULTIPLY);
    }

    @Benchmark
    public Raster softLight() {
        return blend(BlendMode.SOFT_LIGHT);
    }

    @Benchmark
    public Raster blurOfTwentyPixels() {
        return new Blur(20 * MM / SIDE).on(coat, asked);
    }

    @Benchmark
    public Raster blurOfTwentyPixelsInTwoInks() {
        return new Blur(20 * MM / SIDE).on(chequered, asked);
    }

    @Benchmark
    public Raster blurOfTwentyPixelsInThreeInks() {
        return new Blur(20 * MM / SIDE).on(chequeredByThrees, asked);
    }

    @Benchmark
    public Raster blurOfTwentyPixelsInFourInks() {
        return new Blur(20 * MM / SIDE).on(chequeredByFours, asked);
    }

    @Benchmark
    public Raster blurOfTwentyPixelsOpaque() {
        return new Blur(20 * MM / SIDE).on(opaque, asked);
    }

    @Benchmark
    public Raster reliefWithShadow() {
        Raster lit = Relief.fresh().on(coat, asked);
        return new CastShadow(1.5, 135, 0.8, 0.5, INK).on(lit, asked);
    }

    @Benchmark
    public Raster fineTooth() {
        return tooth(ToothKind.FINE, 0.4, out);
    }

    @Benchmark
    public Raster crystalsOfThreePixels() {
        return tooth(ToothKind.CRYSTALS, 3 * MM / SIDE, out);
    }

    @Benchmark
    public Raster glitter() {
        return tooth(ToothKind.GLITTER, 1, out);
    }
}
