package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.Outline;

/** Strokes as pixels. */
class PaintingTest {

    private static final Ink KELP = Ink.slot("Kelp");
    private static final Ink RUST = Ink.slot("Rust");
    private static final InkColours INKS = new InkColours(new Palette(List.of("Kelp", "Rust"),
            List.of(new Colourway("Own", List.of(Rgb.ofArgb(0xFF245B57), Rgb.ofArgb(0xFFC0603A))))),
            new Colourway("Own", List.of(Rgb.ofArgb(0xFF245B57), Rgb.ofArgb(0xFFC0603A))));
    private static final Track WAVE = wave();

    private static Track wave() {
        double[] at = new double[26];
        for (int i = 0; i < 13; i++) {
            at[2 * i] = 6 + 6 * i;
            at[2 * i + 1] = 40 + 20 * Math.sin(i * 0.7);
        }
        return Track.of(at);
    }

    static Stream<Brush> brushes() {
        return ShippedBrushes.ALL.stream();
    }

    private static int[] painted(Repeat repeat, int wide, int high, BrushStroke... strokes) {
        TileGrid grid = new TileGrid(wide, high, repeat.tile().widthMm(), repeat.tile().heightMm());
        int[] out = new int[wide * high];
        new BrushPainter(List.of(strokes), new PaintRequest(repeat, grid, INKS, Phase.OWN, Work.on(3)))
                .paint(out, 0, 0, high);
        return out;
    }

    /** A sail: its lower half broad, its upper pointed. */
    private static final TipForm SAIL = new TipForm.OfOutline(Outline.parse("M 0 -10 L 5 0 L 5 10 L -5 10 L -5 0 Z"));

    @Test
    void anOutlineAsATipIsDrawnAsItIsAtEverySize() {
        Brush sail = Brush.plain("Sail", Tip.ROUND, 40).formed(SAIL);
        // Two pixels a mm: the tip is 20 x 40 px about 45, 45 mm of which three quarters are covered.
        int[] px = painted(square(), 180, 180, stroke(Track.of(45, 45), sail));
        double area = 0;
        for (int p : px) {
            area += alpha(p) / 255.0;
        }
        assertThat(area).isBetween(0.98 * 0.75 * 40 * 80, 1.02 * 0.75 * 40 * 80);
        assertThat(alpha(px[120 * 180 + 75])).as("broad below").isEqualTo(255);
        assertThat(alpha(px[60 * 180 + 75])).as("pointed above").isZero();
        int[] small = painted(square(), 90, 90, stroke(Track.of(45, 45), sail.withSizeMm(2)));
        double few = 0;
        for (int p : small) {
            few += alpha(p) / 255.0;
        }
        assertThat(few).as("of 2 mm, at 1 px a mm").isBetween(1.3, 1.7);
    }

    @Test
    void aPictureAsATipLeavesInkWhereItIsDark() {
        byte[] ink = new byte[16];
        for (int i = 0; i < 16; i++) {
            ink[i] = (byte) (i % 4 < 2 ? 255 : 0);
        }
        Brush left = Brush.plain("Left", Tip.ROUND, 20).formed(new TipForm.OfPicture(4, 4, ink));
        int[] px = painted(square(), 180, 180, stroke(Track.of(45, 45), left));
        assertThat(alpha(px[90 * 180 + 80])).isEqualTo(255);
        assertThat(alpha(px[90 * 180 + 100])).isZero();
        // Turned half around, it is dark on the right.
        int[] turned = painted(square(), 180, 180, stroke(Track.of(45, 45), left.withAngleDeg(180)));
        assertThat(alpha(turned[90 * 180 + 100])).isEqualTo(255);
        assertThat(alpha(turned[90 * 180 + 80])).isZero();
    }

    @Test
    void aTipIsMadeOfWhatItNeeds() {
        assertThatThrownBy(() -> Brush.plain("Sail", Tip.MOTIF, 4)).isInstanceOf(Refusal.class)
                .hasMessageContaining("needs an outline");
        assertThatThrownBy(() -> Brush.plain("Sail", Tip.ROUND, 4).formed(SAIL).withTip(Tip.PICTURE))
                .hasMessageContaining("needs a picture");
        assertThat(Brush.plain("Sail", Tip.ROUND, 4).formed(SAIL).tipped(Tip.DRY).form()).isEmpty();
    }

    private static Repeat square() {
        return new Repeat(90, 90, Arrangement.STRAIGHT);
    }

    private static BrushStroke stroke(Track track, Brush brush) {
        return new BrushStroke(track, brush, KELP);
    }

    private static int alpha(int argb) {
        return argb >>> 24;
    }

    /** A tile at 72 dpi has 255 x 255 pixels, at 576 dpi eight times as many; their means over eight by eight are compared. */
    @ParameterizedTest
    @MethodSource("brushes")
    void atEveryDensityItIsTheSamePicture(Brush brush) {
        int few = 255;
        int many = 8 * few;
        int[] coarse = painted(square(), few, few, stroke(WAVE, brush));
        int[] fine = painted(square(), many, many, stroke(WAVE, brush));
        double off = 0;
        double ink = 0;
        double all = 0;
        for (int y = 0; y < few; y++) {
            for (int x = 0; x < few; x++) {
                double mean = 0;
                for (int k = 0; k < 64; k++) {
                    mean += alpha(fine[(8 * y + k / 8) * many + 8 * x + k % 8]) / 64.0;
                }
                off += Math.abs(mean - alpha(coarse[y * few + x]));
                ink += mean;
                all += alpha(coarse[y * few + x]);
            }
        }
        assertThat(all / ink).as("as much ink").isBetween(0.97, 1.03);
        assertThat(off / ink).as("in the same places").isLessThan(0.12);
        assertThat(off / (few * few)).as("of 255, over the tile").isLessThan(2.55);
    }

    /** By whole pixels, over both edges; whatever is strewn is strewn as before. */
    @ParameterizedTest
    @MethodSource("brushes")
    void aStrokeThatIsShiftedIsTheShiftedPicture(Brush brush) {
        int side = 180;
        int[] here = painted(square(), side, side, stroke(WAVE, brush));
        // 67 pixels across and 131 down, of half a millimetre each, and around the cloth in between.
        BrushStroke moved = stroke(WAVE, brush).moved(33.5 + 180, 65.5 - 90);
        int[] there = painted(square(), side, side, moved);
        int worst = 0;
        int inked = 0;
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                int a = alpha(here[y * side + x]);
                inked += a > 0 ? 1 : 0;
                worst = Math.max(worst, Math.abs(a - alpha(there[(y + 131) % side * side + (x + 67) % side])));
            }
        }
        assertThat(inked).isGreaterThan(500);
        assertThat(worst).isLessThanOrEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4})
    void whereMirrorsLieOnPixelsPixelsAreMirrored(int axes) {
        int side = 180;
        for (Brush brush : ShippedBrushes.ALL) {
            BrushStroke one = stroke(Track.of(48, 40, 55, 20, 70, 12, 82, 20), brush)
                    .withSymmetry(new Symmetry.Axes(axes, 45, 45, 0));
            int[] px = painted(square(), side, side, one);
            int worst = 0;
            for (int y = 0; y < side; y++) {
                for (int x = 0; x < side; x++) {
                    int a = alpha(px[y * side + x]);
                    worst = Math.max(worst, Math.abs(a - alpha(px[(side - 1 - y) * side + x])));
                    if (axes > 1) {
                        worst = Math.max(worst, Math.abs(a - alpha(px[y * side + side - 1 - x])));
                    }
                    if (axes == 4) {
                        worst = Math.max(worst, Math.abs(a - alpha(px[x * side + y])));
                    }
                }
            }
            assertThat(worst).as(brush.name()).isLessThanOrEqualTo(1);
            assertThat(Arrays.stream(px).filter(p -> p != 0)).as(brush.name()).isNotEmpty();
        }
    }

    @Test
    void overAnEdgeAndACornerItGoesOnOnTheOtherSide() {
        Repeat repeat = square();
        BrushStroke over = stroke(Track.of(80, 85, 100, 95), Brush.plain("Round", Tip.ROUND, 8));
        int[] px = painted(repeat, 90, 90, over);
        assertThat(alpha(px[85 * 90 + 80])).isEqualTo(255);
        // 98, 94 on the endless cloth.
        assertThat(alpha(px[4 * 90 + 8])).isEqualTo(255);
        assertThat(alpha(px[45 * 90 + 45])).isZero();
    }

    /** Wherever a pixel is inked the stroke is found there, and nowhere that is far from all ink. */
    @Test
    void aStrokeIsFoundWhereItShowsInEveryCellAndCopy() {
        Repeat drop = new Repeat(90, 90, Arrangement.HALF_DROP);
        BrushStroke stroke = stroke(Track.of(80, 60, 100, 70, 110, 95), Brush.plain("Round", Tip.ROUND, 6))
                .withSymmetry(new Symmetry.Axes(3, 45, 45, 15));
        int[] px = painted(drop, 180, 90, stroke);
        int inked = 0;
        for (int y = 0; y < 90; y++) {
            for (int x = 0; x < 180; x++) {
                if (alpha(px[y * 180 + x]) > 128) {
                    inked++;
                    assertThat(stroke.touches(drop, x + 0.5, y + 0.5, 1)).as("%d, %d", x, y).isTrue();
                } else if (far(px, x, y)) {
                    assertThat(stroke.touches(drop, x + 0.5, y + 0.5, 0)).as("%d, %d", x, y).isFalse();
                }
            }
        }
        assertThat(inked).isGreaterThan(1500);
    }

    /** No ink within 5 px, around the tile. */
    private static boolean far(int[] px, int x, int y) {
        for (int dy = -5; dy <= 5; dy++) {
            for (int dx = -5; dx <= 5; dx++) {
                if (px[Math.floorMod(y + dy, 90) * 180 + Math.floorMod(x + dx, 180)] != 0) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    void inAHalfDropItIsInEveryCellOfTheTile() {
        Repeat drop = new Repeat(90, 90, Arrangement.HALF_DROP);
        int[] px = painted(drop, 180, 90, stroke(Track.of(20, 30), Brush.plain("Round", Tip.ROUND, 8)));
        assertThat(alpha(px[30 * 180 + 20])).isEqualTo(255);
        assertThat(alpha(px[75 * 180 + 110])).isEqualTo(255);
        assertThat(alpha(px[30 * 180 + 110])).isZero();
    }

    @Test
    void withinAStrokeOpacityDoesNotAddUpOverStrokesItDoes() {
        Brush half = Brush.plain("Round", Tip.ROUND, 10).withOpacity(0.5);
        // There and back, and across itself.
        BrushStroke crossing = stroke(Track.of(20, 45, 70, 45, 70, 70, 45, 70, 45, 20), half);
        int[] once = painted(square(), 90, 90, crossing);
        assertThat(alpha(once[45 * 90 + 30])).isEqualTo(128);
        assertThat(alpha(once[45 * 90 + 45])).as("where it crosses").isEqualTo(128);
        int[] twice = painted(square(), 90, 90, crossing, crossing);
        assertThat(alpha(twice[45 * 90 + 45])).isBetween(190, 193);
    }

    @Test
    void littleFlowComesToTheWholeWithManyDabs() {
        Brush slow = Brush.plain("Round", Tip.ROUND, 10).withFlow(0.1);
        int[] one = painted(square(), 90, 90, stroke(Track.of(45, 45), slow));
        assertThat(alpha(one[45 * 90 + 45])).isBetween(24, 27);
        int[] dense = painted(square(), 90, 90, stroke(Track.of(20, 45, 70, 45), slow.withSpacing(0.01)));
        assertThat(alpha(dense[45 * 90 + 45])).isGreaterThan(250);
    }

    @Test
    void anEraserTakesAwayWhatLiesBelowAndNothingAbove() {
        Brush round = Brush.plain("Round", Tip.ROUND, 10);
        BrushStroke line = stroke(Track.of(20, 45, 70, 45), round);
        BrushStroke rubber = stroke(Track.of(45, 30, 45, 60), round).withErases(true);
        int[] px = painted(square(), 90, 90, line, rubber);
        assertThat(alpha(px[45 * 90 + 45])).isZero();
        assertThat(alpha(px[45 * 90 + 30])).isEqualTo(255);
        int[] under = painted(square(), 90, 90, rubber, line);
        assertThat(alpha(under[45 * 90 + 45])).isEqualTo(255);
    }

    @Test
    void afterAMirroredStrokeWithGapsTheNextOnesAreWhole() {
        Brush dry = ShippedBrushes.ALL.stream().filter(b -> b.tip() == Tip.DRY).findFirst().orElseThrow();
        BrushStroke mirrored = stroke(Track.of(10, 20, 40, 20), dry).withSymmetry(new Symmetry.Axes(2, 45, 45, 0));
        BrushStroke next = new BrushStroke(Track.of(45, 45), Brush.plain("Round", Tip.ROUND, 10), RUST);
        int[] px = painted(square(), 90, 90, mirrored, next);
        assertThat(px[45 * 90 + 45]).isEqualTo(INKS.argb(RUST));
    }

    @Test
    void dabsDifferTowardsTheOtherInkOnly() {
        Brush strewn = Brush.plain("Round", Tip.ROUND, 4).withSpacing(1.5).withJitter(new Brush.Jitter(0, 0, 0, 1));
        int[] px = painted(square(), 180, 180,
                new BrushStroke(WAVE, strewn, KELP, Optional.of(RUST), false, Symmetry.NONE, 9));
        int[] kelp = {0x24, 0x5B, 0x57};
        int[] rust = {0xC0, 0x60, 0x3A};
        List<Integer> reds = new ArrayList<>();
        for (int p : px) {
            if (alpha(p) == 255) {
                for (int c = 0; c < 3; c++) {
                    int value = p >> 16 - 8 * c & 255;
                    assertThat(value).isBetween(Math.min(kelp[c], rust[c]) - 1, Math.max(kelp[c], rust[c]) + 1);
                }
                reds.add(p >> 16 & 255);
            }
        }
        assertThat(reds).anyMatch(r -> r < 0x50).anyMatch(r -> r > 0x90);
    }

    @Test
    void dryTipsLeaveGapsAndMoreOfThemAsTheyGo() {
        for (Tip tip : List.of(Tip.DRY, Tip.BRISTLE)) {
            Brush dry = Brush.plain("Dry", tip, 10).withHardness(0.7).withSpacing(0.04).withTooth(0.5);
            Repeat wide = new Repeat(400, 40, Arrangement.STRAIGHT);
            int[] px = painted(wide, 1600, 160, stroke(Track.of(10, 20, 390, 20), dry));
            double early = mean(px, 1600, 80, 240);
            double late = mean(px, 1600, 1200, 1500);
            assertThat(early).as("%s, at first", tip).isBetween(0.6, 0.95);
            assertThat(late).as("%s, later", tip).isBetween(0.1, early - 0.2);
        }
    }

    /** Of the middle of the stroke. */
    private static double mean(int[] px, int width, int from, int to) {
        double sum = 0;
        for (int y = 76; y < 84; y++) {
            for (int x = from; x < to; x++) {
                sum += alpha(px[y * width + x]) / 255.0;
            }
        }
        return sum / (8 * (to - from));
    }

    @Test
    void inkGathersAtWetEdges() {
        Brush wet = Brush.plain("Wet", Tip.ROUND, 30).withHardness(0.8).withOpacity(0.7).withWet(1);
        int[] px = painted(square(), 180, 180, stroke(Track.of(20, 45, 70, 45), wet));
        int middle = alpha(px[90 * 180 + 90]);
        int edge = 0;
        for (int y = 100; y < 125; y++) {
            edge = Math.max(edge, alpha(px[y * 180 + 90]));
        }
        assertThat(middle).isBetween(60, 90);
        assertThat(edge).isGreaterThan(160);
    }

    /** What was painted before is painted on; the same strokes from nothing are the same pixels. */
    @Test
    void paintingOnComesToTheSameAsPaintingAnew() {
        List<BrushStroke> strokes = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            strokes.add(stroke(WAVE, ShippedBrushes.ALL.get(i % 8)).moved(5 * i, 7 * i));
            painted(square(), 120, 120, strokes.toArray(BrushStroke[]::new));
        }
        strokes.set(11, strokes.get(11).withErases(true));
        int[] on = painted(square(), 120, 120, strokes.toArray(BrushStroke[]::new));
        // Another size of paper was never painted on; its rows are.
        TileGrid grid = new TileGrid(120, 120, 90, 90);
        int[] anew = new int[120 * 120];
        StrokeRows rows = new StrokeRows(120, 0, 120);
        for (BrushStroke stroke : strokes) {
            new StrokeOnTile(stroke, new PaintRequest(square(), grid, INKS, Phase.OWN, Work.on(1))).paint(anew, 0,
                    rows);
        }
        assertThat(on).isEqualTo(anew);
        strokes.removeLast();
        int[] back = painted(square(), 120, 120, strokes.toArray(BrushStroke[]::new));
        assertThat(back).isNotEqualTo(on);
        strokes.removeFirst();
        assertThat(painted(square(), 120, 120, strokes.toArray(BrushStroke[]::new))).isNotEqualTo(back);
    }

    @Test
    void inOtherColoursNothingOfTheOldOnesStays() {
        BrushStroke line = stroke(WAVE, Brush.plain("Round", Tip.ROUND, 10));
        painted(square(), 90, 90, line);
        TileGrid grid = new TileGrid(90, 90, 90, 90);
        InkColours others = INKS.plain(Map.of());
        InkColours changed = new InkColours(others.palette(), new Colourway("Other",
                List.of(Rgb.ofArgb(0xFF112233), Rgb.ofArgb(0xFFC0603A))), Map.of(), Map.of());
        int[] out = new int[90 * 90];
        new BrushPainter(List.of(line), new PaintRequest(square(), grid, changed, Phase.OWN, Work.on(2))).paint(out, 0,
                0, 90);
        assertThat(out).contains(0xFF112233).doesNotContain(0xFF245B57);
    }
}
