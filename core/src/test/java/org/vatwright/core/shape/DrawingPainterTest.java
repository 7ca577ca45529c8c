package org.vatwright.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

class DrawingPainterTest {

    private static final InkColours INKS = new InkColours(Samples.PALETTE, Samples.morning());

    private static int[] painted(Drawing drawing, int w, int h, int strip) {
        DrawingPainter painter = new DrawingPainter(drawing, new TileGrid(w, h, w, h), INKS, Work.on(2));
        int[] out = new int[w * h];
        for (int from = 0; from < h; from += strip) {
            painter.paint(out, from * w, from, Math.min(h, from + strip));
        }
        return out;
    }

    private static Path2D polygon(Random random, double x, double y, double r, int corners) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < corners; i++) {
            double far = r * (0.3 + 0.7 * random.nextDouble());
            double a = -2 * Math.PI * i / corners;
            if (i == 0) {
                path.moveTo(x + far * Math.cos(a), y + far * Math.sin(a));
            } else {
                path.lineTo(x + far * Math.cos(a), y + far * Math.sin(a));
            }
        }
        path.closePath();
        return path;
    }

    /** The sum of all alphas is the area, whatever the shape and wherever it crosses the edge. */
    @Test
    void everyPixelHasTheAreaThatLiesInIt() {
        Random random = new Random(3);
        for (int n = 0; n < 200; n++) {
            double r = 1 + random.nextInt(30);
            Path2D path = polygon(random, random.nextInt(200) - 50, random.nextInt(200) - 50, r,
                    3 + random.nextInt(12));
            int[] out = painted(new Drawing(List.of(Group.of(new VectorMark(path, Samples.NAVY)))), 97, 83, 83);
            double sum = 0;
            for (int argb : out) {
                sum += (argb >>> 24) / 255.0;
            }
            assertThat(sum).isEqualTo(area(path), within(0.02 * r + 0.1));
        }
    }

    static double area(Shape shape) {
        double twice = 0;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (var it = shape.getPathIterator(null, 1e-4); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double toX = kind == 4 ? startX : c[0];
            double toY = kind == 4 ? startY : c[1];
            if (kind == 0) {
                startX = toX;
                startY = toY;
            } else {
                twice += x * toY - toX * y;
            }
            x = toX;
            y = toY;
        }
        return Math.abs(twice) / 2;
    }

    /** A ring's hole runs the other way round; Java's own renderer is the oracle away from edges. */
    @Test
    void agreesWithAGeneralRenderer() {
        Path2D ring = new Path2D.Double();
        ring.append(new Ellipse2D.Double(10, 8, 60, 50), false);
        Path2D hole = new Path2D.Double();
        hole.moveTo(25, 25);
        hole.lineTo(30, 45);
        hole.lineTo(52, 30);
        hole.closePath();
        ring.append(hole, false);
        int[] out = painted(new Drawing(List.of(Group.of(new VectorMark(ring, Samples.NAVY)))), 80, 70, 9);
        BufferedImage image = new BufferedImage(80, 70, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.BLACK);
        g.fill(ring);
        for (int i = 0; i < out.length; i++) {
            assertThat(out[i] >>> 24).isCloseTo(image.getRGB(i % 80, i / 80) >>> 24, within(24));
        }
    }

    /** Shapes that abut leave no gap: with hundreds of awkward cuts each pixel is whole and mixed of their inks only. */
    @Test
    void abuttingShapesLetNothingShowThrough() {
        Random random = new Random(9);
        for (int n = 0; n < 40; n++) {
            List<VectorMark> marks = new ArrayList<>();
            double x = 0;
            double lean = random.nextDouble() * 20 - 10;
            while (x < 60) {
                double next = Math.min(60, x + 0.2 + 5 * random.nextDouble());
                Path2D path = new Path2D.Double();
                path.moveTo(x, 0);
                path.lineTo(next, 0);
                path.lineTo(next + lean, 40);
                path.lineTo(x + lean, 40);
                path.closePath();
                marks.add(new VectorMark(path, random.nextBoolean() ? Samples.NAVY : Samples.MADDER));
                x = next;
            }
            for (int argb : painted(new Drawing(List.of(new Group(marks))), 60, 40, 7)) {
                assertThat(argb >>> 24).isEqualTo(255);
                assertThat(argb >> 16 & 255).isBetween(0x20 - 1, 0xab + 1);
                assertThat(argb >> 8 & 255).isBetween(0x36 - 1, 0x3b + 1);
            }
        }
    }

    @Test
    void stripsTurnsAndRestMakeNoDifference() {
        Random random = new Random(4);
        List<Group> groups = new ArrayList<>();
        List<Group> moved = new ArrayList<>();
        for (int n = 0; n < 30; n++) {
            Path2D path = polygon(random, random.nextInt(90), random.nextInt(70), 25, 7);
            Path2D far = new Path2D.Double(path, java.awt.geom.AffineTransform.getTranslateInstance(3 * 90, -2 * 70));
            Ink ink = Ink.slot(Samples.PALETTE.slots().get(n % 3));
            groups.add(Group.of(new VectorMark(path, ink)));
            moved.add(Group.of(new VectorMark(far, ink)));
        }
        int[] whole = painted(new Drawing(groups), 90, 70, 70);
        assertThat(painted(new Drawing(groups), 90, 70, 11)).isEqualTo(whole);
        assertThat(painted(new Drawing(moved), 90, 70, 70)).isEqualTo(whole);
        int[] filled = painted(new Drawing(List.of(new Group(List.of(new VectorMark(
                new Rectangle2D.Double(10.5, 10.5, 20, 20), Samples.NAVY)), Samples.LINEN, false))), 90, 70, 13);
        assertThat(filled[0]).isEqualTo(INKS.argb(Samples.LINEN));
        assertThat(filled[20 * 90 + 20]).isEqualTo(INKS.argb(Samples.NAVY));
        // A quarter of the corner pixel is navy, in linear light: red of linen f1, of navy 20.
        assertThat(filled[10 * 90 + 10] >> 16 & 255).isBetween(0xd3, 0xd7);
    }
}
