package org.vatwright.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;

/** 10,000 stars of 20 corners scattered, and drawn on 2048 x 2048 pixels, held against Java2D's bare filling of the same. */
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class MotifBenchmark extends Timed {

    private static final int SIDE = 2048;
    private static final double MM = 1200;

    private final Repeat repeat = new Repeat(MM, MM, Arrangement.STRAIGHT);
    private Motifs motifs;
    private Drawing drawing;
    private InkColours inks;
    private final List<Shape> shapes = new ArrayList<>();
    private int[] out;
    private Graphics2D java2d;
    private long seed;

    private static Motifs thrown(long seed) {
        Motif star = new Motif(1, "Star", List.of(new Part(new Form.Star(10, 8, 0.5), Ink.slot("Cork"))));
        return new Motifs(List.of(star), List.of(), Placing.Scattered.of(10_000, 0.2, seed).withTurns(-180, 180),
                WallpaperGroup.P1);
    }

    @Setup
    public void prepare() {
        Palette palette = new Palette(List.of("Cork"),
                List.of(new Colourway("Morning", List.of(Rgb.parse("#e2713c")))));
        inks = new InkColours(palette, palette.first());
        motifs = thrown(3);
        drawing = motifs.drawing(repeat, Phase.OWN, Work.plain());
        out = new int[SIDE * SIDE];
        AffineTransform toPx = AffineTransform.getScaleInstance(SIDE / MM, SIDE / MM);
        for (Instance instance : motifs.placed(repeat)) {
            AffineTransform place = new AffineTransform(toPx);
            place.concatenate(instance.place());
            shapes.add(place.createTransformedShape(new Form.Star(10, 8, 0.5).shape()));
        }
        java2d = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE).createGraphics();
        java2d.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        java2d.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        java2d.setColor(new Color(0xe2713c));
    }

    /** Another throw each time: one that was made is kept. */
    @Benchmark
    public List<Instance> scatter() {
        return thrown(++seed).placed(repeat);
    }

    /** From shapes in mm to pixels, on two threads. */
    @Benchmark
    public int[] drawn() {
        DrawingPainter painter = new DrawingPainter(drawing, new TileGrid(SIDE, SIDE, MM, MM), inks, Work.plain());
        Rows.each(SIDE, 32, Work.on(2), (from, to) -> painter.paint(out, from * SIDE, from, to));
        return out;
    }

    @Benchmark
    public Graphics2D java2d() {
        shapes.forEach(java2d::fill);
        return java2d;
    }
}
