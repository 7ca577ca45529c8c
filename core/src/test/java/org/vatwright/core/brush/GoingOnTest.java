package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Fraction;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Whatever is kept of a painting, it is to the pixel what it would be from nothing. */
class GoingOnTest {

    private static final int SIDE = 130;
    private static final Repeat CELL = new Repeat(80, 80, Arrangement.HALF_DROP);
    private static final TileGrid GRID = new TileGrid(2 * SIDE, SIDE, 160, 80);
    private static final Colourway OWN = new Colourway("Own", List.of(Rgb.parse("#245b57"), Rgb.parse("#c0603a")));
    private static final InkColours INKS = new InkColours(new Palette(List.of("Kelp", "Rust"), List.of(OWN)), OWN);

    static Stream<Brush> brushes() {
        return ShippedBrushes.ALL.stream();
    }

    private static PaintRequest asked(Work work) {
        return new PaintRequest(CELL, GRID, INKS, Phase.OWN, work);
    }

    /** Painted by what keeps paintings, then from nothing, of the same grid. */
    private static void same(String what, BrushStroke stroke, Repeat repeat, InkColours inks) {
        TileGrid grid = new TileGrid(GRID.widthPx(), GRID.heightPx(), repeat.tile().widthMm(),
                repeat.tile().heightMm());
        PaintRequest asked = new PaintRequest(repeat, grid, inks, Phase.OWN, Work.on(2));
        int[] kept = new int[GRID.widthPx() * GRID.heightPx()];
        new BrushPainter(List.of(stroke), asked).paint(kept, 0, 0, GRID.heightPx());
        int[] anew = new int[kept.length];
        new StrokeOnTile(stroke, asked).paint(anew, 0, new StrokeRows(GRID.widthPx(), 0, GRID.heightPx()));
        assertThat(kept).as(what).isEqualTo(anew);
    }

    @Test
    void theSameStrokeInAnotherColourOrOnAnotherCellOfThatTileIsPaintedAnew() {
        Colourway other = new Colourway("Other", List.of(Rgb.parse("#102030"), Rgb.parse("#405060")));
        InkColours others = new InkColours(new Palette(List.of("Kelp", "Rust"), List.of(other)), other);
        Repeat down = new Repeat(80, 80, new Arrangement.Drop(new Fraction(1, 3)));
        Repeat up = new Repeat(80, 80, new Arrangement.Drop(new Fraction(2, 3)));
        for (Brush brush : ShippedBrushes.ALL) {
            BrushStroke stroke = new BrushStroke(Track.of(scribble(25)), brush, Ink.slot("Kelp"));
            same(brush.name(), stroke, down, INKS);
            same(brush.name() + " in another colour", stroke, down, others);
            same(brush.name() + " on another cell", stroke, up, others);
            BrushStroke grown = stroke.withTrack(Track.of(scribble(26)));
            same(brush.name() + " grown in its first colour", grown, up, INKS);
        }
    }

    private static int[] kept(List<BrushStroke> strokes) {
        int[] out = new int[GRID.widthPx() * GRID.heightPx()];
        new BrushPainter(strokes, asked(Work.on(3))).paint(out, 0, 0, GRID.heightPx());
        return out;
    }

    /** Stroke by stroke on rows of their own, which know nothing of what was painted before. */
    private static int[] anew(List<BrushStroke> strokes, int rows) {
        int[] out = new int[GRID.widthPx() * GRID.heightPx()];
        for (int from = 0; from < GRID.heightPx(); from += rows) {
            int to = Math.min(GRID.heightPx(), from + rows);
            StrokeRows strip = new StrokeRows(GRID.widthPx(), from, to);
            for (BrushStroke stroke : strokes) {
                new StrokeOnTile(stroke, asked(Work.on(1))).paint(out, from * GRID.widthPx(), strip);
            }
        }
        return out;
    }

    /** A scribble that comes back over itself and over the edges. */
    private static double[] scribble(int points) {
        double[] at = new double[2 * points];
        for (int i = 0; i < points; i++) {
            at[2 * i] = 40 + 3 * i * Math.cos(0.5 * i);
            at[2 * i + 1] = 40 + 2 * i * Math.sin(0.7 * i);
        }
        return at;
    }

    @ParameterizedTest
    @MethodSource("brushes")
    void aStrokeThatGrowsUnderTheHandIsTheWholeStrokeAtEveryPoint(Brush brush) {
        BrushStroke below = new BrushStroke(Track.of(10, 10, 70, 60), brush, Ink.slot("Rust"));
        BrushStroke growing = new BrushStroke(Track.of(40, 40), brush, Ink.slot("Kelp"))
                .withSymmetry(new Symmetry.Axes(2, 40, 40, 20)).withSeed(8);
        for (int n = 1; n <= 26; n++) {
            List<BrushStroke> now = List.of(below, growing.withTrack(Track.of(scribble(n))));
            if (n % 5 == 1) {
                assertThat(kept(now)).as("%d points", n).isEqualTo(anew(now, GRID.heightPx()));
            } else {
                kept(now);
            }
        }
    }

    @Test
    void aHandThatGoesBackAndTakesAnotherWayIsNotMixedUp() {
        Brush brush = ShippedBrushes.ALL.get(4);
        BrushStroke stroke = new BrushStroke(Track.of(40, 40), brush, Ink.slot("Kelp"));
        for (int n : new int[]{4, 12, 20, 9, 15}) {
            double[] way = scribble(n);
            way[way.length - 1] += n;
            List<BrushStroke> now = List.of(stroke.withTrack(Track.of(way)));
            assertThat(kept(now)).as("%d points", n).isEqualTo(anew(now, GRID.heightPx()));
        }
        // Another ink, another brush, an eraser: each is a stroke of its own.
        List<BrushStroke> other = List.of(stroke.withTrack(Track.of(scribble(15))).withInk(Ink.slot("Rust")));
        assertThat(kept(other)).isEqualTo(anew(other, GRID.heightPx()));
        List<BrushStroke> erased = List.of(stroke.withTrack(Track.of(scribble(15))),
                stroke.withTrack(Track.of(scribble(9))).withErases(true));
        assertThat(kept(erased)).isEqualTo(anew(erased, GRID.heightPx()));
    }

    @ParameterizedTest
    @MethodSource("brushes")
    void byRowsItIsTheSameAsAtOnce(Brush brush) {
        List<BrushStroke> strokes = List.of(
                new BrushStroke(Track.of(scribble(14)), brush, Ink.slot("Kelp")).withSymmetry(
                        new Symmetry.Turns(3, 20, 50)),
                new BrushStroke(Track.of(5, 70, 75, 10, 90, 40), brush, Ink.slot("Rust")));
        int[] whole = anew(strokes, GRID.heightPx());
        assertThat(anew(strokes, 7)).isEqualTo(whole);
        assertThat(anew(strokes, 1)).isEqualTo(whole);
    }

    @Test
    void whatIsStoppedLeavesNothingHalfDone() {
        Brush brush = ShippedBrushes.ALL.get(2);
        List<BrushStroke> strokes = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            strokes.add(new BrushStroke(Track.of(scribble(10 + i)), brush, Ink.slot("Kelp")).withSeed(30 + i));
            List<BrushStroke> now = List.copyOf(strokes);
            int[] left = {i};
            try {
                new BrushPainter(now, asked(Work.on(1).stoppedBy(() -> left[0]-- <= 0)));
            } catch (CancellationException e) {
                assertThat(left[0]).isNegative();
            }
            assertThat(kept(now)).isEqualTo(anew(now, GRID.heightPx()));
        }
    }

    @Test
    void manyHandsAtOnceEachGetTheirOwn() throws Exception {
        List<List<BrushStroke>> paintings = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            paintings.add(List.of(new BrushStroke(Track.of(scribble(12)), ShippedBrushes.ALL.get(i % 4),
                    Ink.slot("Kelp")),
                    new BrushStroke(Track.of(scribble(5 + i)), ShippedBrushes.ALL.get(1),
                            Ink.slot("Rust"))));
        }
        int[][] got = new int[paintings.size()][];
        List<Thread> hands = new ArrayList<>();
        for (int i = 0; i < got.length; i++) {
            int n = i;
            hands.add(Thread.ofPlatform().start(() -> {
                for (int again = 0; again < 3; again++) {
                    got[n] = kept(paintings.get(n));
                }
            }));
        }
        for (Thread hand : hands) {
            hand.join();
        }
        for (int i = 0; i < got.length; i++) {
            assertThat(Arrays.equals(got[i], anew(paintings.get(i), GRID.heightPx()))).as("painting %d", i).isTrue();
        }
    }

    /** By parts of a pixel: what is shifted is, pixel by pixel, the mean of the finer picture shifted by whole ones of its own. */
    @ParameterizedTest
    @MethodSource("brushes")
    void aShiftByAnyLengthIsTheShiftedPicture(Brush brush) {
        Repeat cell = new Repeat(80, 80, Arrangement.STRAIGHT);
        int side = 160;
        int fine = 8 * side;
        BrushStroke stroke = new BrushStroke(Track.of(scribble(9)), brush, Ink.slot("Kelp"));
        // Three eighths of a pixel of half a millimetre across, five down.
        int[] coarse = painted(cell, side, stroke.moved(3 * 0.0625, 5 * 0.0625));
        int[] still = painted(cell, fine, stroke);
        double off = 0;
        double ink = 0;
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double mean = 0;
                for (int k = 0; k < 64; k++) {
                    int fx = Math.floorMod(8 * x + k % 8 - 3, fine);
                    int fy = Math.floorMod(8 * y + k / 8 - 5, fine);
                    mean += (still[fy * fine + fx] >>> 24) / 64.0;
                }
                off += Math.abs(mean - (coarse[y * side + x] >>> 24));
                ink += mean;
            }
        }
        assertThat(ink).isPositive();
        assertThat(off / ink).isLessThan(0.13);
    }

    private static int[] painted(Repeat cell, int side, BrushStroke stroke) {
        int[] out = new int[side * side];
        new BrushPainter(List.of(stroke), new PaintRequest(cell, new TileGrid(side, side, 80, 80), INKS, Phase.OWN,
                Work.on(2))).paint(out, 0, 0, side);
        return out;
    }
}
