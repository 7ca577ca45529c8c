package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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
import org.vatwright.core.repeat.WallpaperGroup;

/** A stroke that grows on a pane, held against the tile of the same stroke painted at once. */
class StrokeOnPaneTest {

    private static final double PX_PER_MM = 3;
    private static final Colourway OWN = new Colourway("Own", List.of(Rgb.parse("#245b57"), Rgb.parse("#c0603a")));
    private static final InkColours INKS = new InkColours(new Palette(List.of("Kelp", "Rust"), List.of(OWN)), OWN);
    private static final Repeat SQUARE = new Repeat(40, 40, Arrangement.STRAIGHT);

    static Stream<Brush> brushes() {
        return ShippedBrushes.ALL.stream();
    }

    static Stream<Repeat> repeats() {
        return Stream.of(SQUARE, new Repeat(50, 30, Arrangement.HALF_DROP),
                new Repeat(30, 50, new Arrangement.Brick(new Fraction(1, 2))),
                new Repeat(20, 40, new Arrangement.Drop(new Fraction(1, 3))));
    }

    /** Crosses itself and leaves the cell on three sides. */
    private static Track snake(int points) {
        double[] at = new double[2 * points];
        for (int i = 0; i < points; i++) {
            at[2 * i] = 5 + 1.9 * i - 0.9 * Math.max(0, i - 14) * 2;
            at[2 * i + 1] = 18 + 24 * Math.sin(i * 0.31);
        }
        return Track.of(at);
    }

    private static BrushStroke stroke(Brush brush, Symmetry symmetry) {
        return new BrushStroke(snake(1), brush, Ink.slot("Kelp"), java.util.Optional.of(Ink.slot("Rust")), false,
                symmetry, 7);
    }

    private static int[] tile(BrushStroke stroke, Repeat repeat) {
        int w = (int) Math.rint(repeat.tile().widthMm() * PX_PER_MM);
        int h = (int) Math.rint(repeat.tile().heightMm() * PX_PER_MM);
        TileGrid grid = new TileGrid(w, h, repeat.tile().widthMm(), repeat.tile().heightMm());
        int[] out = new int[w * h];
        new StrokeOnTile(stroke, new PaintRequest(repeat, grid, INKS, Phase.OWN, Work.on(1))).paint(out, 0,
                new StrokeRows(w, 0, h));
        return out;
    }

    /** Grows the stroke point by point, keeps a copy of the pane only where it is said to have changed. */
    private static int[] pane(BrushStroke begun, Repeat repeat, StrokeOnPane.Part part, int... growth) {
        StrokeOnPane pane = new StrokeOnPane(begun, repeat, INKS, part);
        int[] seen = new int[part.width() * part.height()];
        for (int points : growth) {
            for (StrokeOnPane.Area area : pane.go(begun.withTrack(snake(points)))) {
                for (int y = area.top(); y < area.bottom(); y++) {
                    for (int x = area.left(); x < area.right(); x++) {
                        seen[y * part.width() + x] = pane.argb(x, y);
                    }
                }
            }
        }
        return seen;
    }

    private static void same(BrushStroke begun, Repeat repeat, double x, double y, int... growth) {
        StrokeOnPane.Part part = new StrokeOnPane.Part(x, y, PX_PER_MM, 211, 190);
        int[] tile = tile(begun.withTrack(snake(growth[growth.length - 1])), repeat);
        int w = (int) Math.rint(repeat.tile().widthMm() * PX_PER_MM);
        int h = tile.length / w;
        int dx = (int) Math.rint(x * PX_PER_MM);
        int dy = (int) Math.rint(y * PX_PER_MM);
        int[] wanted = new int[211 * 190];
        for (int i = 0; i < wanted.length; i++) {
            wanted[i] = tile[Math.floorMod(i / 211 + dy, h) * w + Math.floorMod(i % 211 + dx, w)];
        }
        assertThat(Arrays.stream(wanted).filter(p -> p != 0).count()).as("something is there").isPositive();
        int[] seen = pane(begun, repeat, part, growth);
        List<String> off = new ArrayList<>();
        for (int i = 0; i < wanted.length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                if (Math.abs((seen[i] >> shift & 255) - (wanted[i] >> shift & 255)) > 1) {
                    off.add("%d, %d: %08x, wanted %08x".formatted(i % 211, i / 211, seen[i], wanted[i]));
                    break;
                }
            }
        }
        assertThat(off).isEmpty();
    }

    private static int[] upTo(int points) {
        return java.util.stream.IntStream.rangeClosed(1, points).toArray();
    }

    @ParameterizedTest
    @MethodSource("brushes")
    void everyBrushGrownPointByPointIsWhatTheTileShows(Brush brush) {
        same(stroke(brush, Symmetry.NONE), SQUARE, 0, 0, upTo(24));
        same(stroke(brush.withSizeMm(brush.sizeMm() / 3), Symmetry.NONE), SQUARE, 0, 0, upTo(9));
    }

    @ParameterizedTest
    @MethodSource("repeats")
    void itLiesInEveryCellInViewWhereverTheViewBegins(Repeat repeat) {
        Brush brush = ShippedBrushes.ALL.get(1);
        same(stroke(brush, Symmetry.NONE), repeat, 0, 0, upTo(20));
        same(stroke(brush, Symmetry.NONE), repeat, -35, 61, upTo(20));
    }

    @Test
    void itsMirrorsAndTurnsLieThereToo() {
        for (Symmetry symmetry : List.of(new Symmetry.Axes(3, 12, 17, 20), new Symmetry.Turns(5, 30, 8),
                new Symmetry.Group(WallpaperGroup.P4M))) {
            same(stroke(ShippedBrushes.ALL.getFirst(), symmetry), SQUARE, 9, -14, upTo(12));
        }
    }

    @Test
    void aPullWhoseWayIsAnotherEachTimeLeavesNothingOfTheOneBefore() {
        // As with Shift: shorter again, and longer.
        same(stroke(ShippedBrushes.ALL.get(2), Symmetry.NONE), SQUARE, 0, 0, 24, 3, 11);
    }

    @Test
    void soManyCopiesThatAHandWouldWaitAreNotTaken() {
        BrushStroke one = stroke(ShippedBrushes.ALL.get(1), Symmetry.NONE);
        StrokeOnPane.Part near = new StrokeOnPane.Part(0, 0, 4, 900, 600);
        assertThat(StrokeOnPane.takes(one, SQUARE, near)).isTrue();
        assertThat(StrokeOnPane.takes(one, SQUARE, new StrokeOnPane.Part(0, 0, 0.4, 900, 600))).isFalse();
        assertThat(StrokeOnPane.takes(stroke(one.brush(), new Symmetry.Turns(32, 0, 0)), SQUARE, near)).isFalse();
    }

    @Test
    void aBroadBrushSeenFromVeryNearIsNotTaken() {
        BrushStroke broad = stroke(ShippedBrushes.ALL.get(2), Symmetry.NONE);
        assertThat(StrokeOnPane.takes(broad, SQUARE, new StrokeOnPane.Part(0, 0, 60, 900, 600))).isTrue();
        assertThat(StrokeOnPane.takes(broad, SQUARE, new StrokeOnPane.Part(0, 0, 400, 900, 600))).isFalse();
        // So large that whole numbers would run over.
        assertThat(StrokeOnPane.takes(stroke(broad.brush().withSizeMm(Brush.MOST_MM), Symmetry.NONE), SQUARE,
                new StrokeOnPane.Part(0, 0, 400, 900, 600))).isFalse();
    }
}
