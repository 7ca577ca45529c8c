package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Light;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;

class EffectsTest {

    private static final double WIDE = 30;
    private static final double HIGH = 24;
    private static final TileGrid GRID = new TileGrid(150, 120, WIDE, HIGH);
    private static final double PX = WIDE / 150;

    static Stream<Effect> effects() {
        return Stream.of(new BreakUp(3, 0, 4, 5, 0, 0), new BreakUp(4, 6, 2, 5, 0, 0), new Blur(0.3), new Blur(2.5),
                new OutlineEffect(0.8, OutlineEffect.Side.INSIDE, Samples.MADDER),
                new OutlineEffect(0.8, OutlineEffect.Side.MIDDLE, Samples.MADDER),
                new OutlineEffect(0.8, OutlineEffect.Side.OUTSIDE, Samples.MADDER), Relief.fresh(),
                new Relief(1, 2, 30, 25, 0.6, true, true), new ToothWear(ToothForm.of(ToothKind.FELT, 2)),
                new ToothWear(ToothForm.of(ToothKind.CLOUD, 6)), new CastShadow(2.3, 120, 0.7, 0.6, Samples.NAVY),
                new Halo(false, 2, 0.8, false, Samples.LINEN), new Halo(true, 2, 0.8, false, Samples.LINEN),
                new Halo(true, 2, 0.8, true, Samples.LINEN));
    }

    static Stream<Effect> neutral() {
        return Stream.of(new BreakUp(3, 0, 0, 5, 0, 0), new Blur(0),
                new OutlineEffect(0, OutlineEffect.Side.MIDDLE, Samples.MADDER), Relief.fresh().withHeightMm(0),
                new ToothWear(ToothForm.of(ToothKind.FELT, 2).withAmount(0)),
                new CastShadow(2, 120, 0.7, 0, Samples.NAVY), new Halo(false, 2, 0, false, Samples.LINEN),
                new Halo(true, 0, 0.5, false, Samples.LINEN));
    }

    private static Raster done(Effect effect, Raster coat, TileGrid grid, int threads) {
        return effect.on(coat, Coats.asked(grid, threads));
    }

    /** What has an origin of its own is rolled with its marks. */
    private static Effect rolled(Effect effect, double x, double y) {
        return switch (effect) {
            case BreakUp b -> b.withX(b.x() + x).withY(b.y() + y);
            case ToothWear(ToothForm form) -> new ToothWear(form.withX(form.x() + x).withY(form.y() + y));
            default -> effect;
        };
    }

    @ParameterizedTest
    @MethodSource("effects")
    void marksRolledByWholePixelsGiveTheRolledPictureToTheBit(Effect effect) {
        Raster coat = Coats.marks(GRID, 3);
        Raster plain = done(effect, coat, GRID, 2);
        assertThat(plain.argb()).as("it does something").isNotEqualTo(coat.argb());
        for (int[] by : new int[][]{{1, 0}, {77, 31}, {-40, 119}}) {
            Raster moved = done(rolled(effect, by[0] * PX, by[1] * HIGH / 120), Coats.rolled(coat, by[0], by[1]),
                    GRID, 1);
            assertThat(moved.argb()).as("%s by %s", effect, Arrays.toString(by))
                    .isEqualTo(Coats.rolled(plain, by[0], by[1]).argb());
        }
    }

    @ParameterizedTest
    @MethodSource("effects")
    void threadsChangeNothingAndWhatWasGivenStays(Effect effect) {
        Raster coat = Coats.marks(GRID, 4);
        int[] before = coat.argb().clone();
        assertThat(done(effect, coat, GRID, 5).argb()).isEqualTo(done(effect, coat, GRID, 1).argb());
        assertThat(coat.argb()).isEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource("neutral")
    void whatIsSetToNothingChangesNothing(Effect effect) {
        Raster coat = Coats.marks(GRID, 5);
        assertThat(done(effect, coat, GRID, 2).argb()).isEqualTo(coat.argb());
    }

    /** No pixel may be brighter than its coverage, or it would shine when it is laid. */
    @ParameterizedTest
    @MethodSource("effects")
    void everyPixelStaysWithinItsCoverage(Effect effect) {
        Raster out = done(effect, Coats.marks(GRID, 6), GRID, 2);
        for (int p : out.argb()) {
            int most = Math.max(p >> 16 & 255, Math.max(p >> 8 & 255, p & 255));
            assertThat(most).isLessThanOrEqualTo(p >>> 24);
        }
    }

    /** At four times the density and reduced it is the same but for the edges, whose pixels are a part of all. */
    @ParameterizedTest
    @MethodSource("effects")
    void everyDensityShowsTheSame(Effect effect) {
        TileGrid fine = new TileGrid(600, 480, WIDE, HIGH);
        Raster high = done(effect, Coats.marks(fine, 7), fine, 2);
        Raster low = done(effect, Coats.marks(GRID, 7), GRID, 2);
        double sum = 0;
        for (int y = 0; y < 120; y++) {
            for (int x = 0; x < 150; x++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    double mean = 0;
                    for (int k = 0; k < 16; k++) {
                        mean += (high.at(4 * x + k % 4, 4 * y + k / 4) >>> shift & 255) / 16.0;
                    }
                    sum += Math.abs(mean - (low.at(x, y) >>> shift & 255));
                }
            }
        }
        assertThat(sum / (4 * 120 * 150) / 255).as("%s at two densities", effect).isLessThan(0.03);
    }

    @ParameterizedTest
    @CsvSource({"40, 30, 0.5, 0.5", "37, 41, 0.4, 0.7", "64, 8, 1, 0.2", "1, 50, 1, 1", "50, 1, 1, 1"})
    void distancesAreThoseOfTheNearestPixelOnTheTorus(int w, int h, double wide, double high) {
        Random random = new Random(w * 31L + h);
        for (int filled : new int[]{1, 2, 9, w * h / 3 + 1}) {
            boolean[] in = new boolean[w * h];
            for (int i = 0; i < filled; i++) {
                in[random.nextInt(w * h)] = true;
            }
            float[] got = DistancePlane.to(in, w, wide, high, Work.on(2));
            for (int at = 0; at < w * h; at++) {
                double least = Double.MAX_VALUE;
                for (int other = 0; other < w * h; other++) {
                    if (in[other]) {
                        int dx = Math.abs(at % w - other % w);
                        int dy = Math.abs(at / w - other / w);
                        least = Math.min(least, Math.hypot(Math.min(dx, w - dx) * wide, Math.min(dy, h - dy) * high));
                    }
                }
                assertThat(got[at]).isCloseTo((float) least, within(1e-5f));
            }
        }
    }

    @Test
    void nothingIsNearAnEmptySet() {
        float[] got = DistancePlane.to(new boolean[60], 10, 1, 1, Work.on(1));
        for (float d : got) {
            assertThat(d).isInfinite();
        }
    }

    /** A square of 10 mm: its outline of 1.2 mm has the area of its frame, outside with round corners. */
    @ParameterizedTest
    @CsvSource({"INSIDE, 42.24", "MIDDLE, 47.69", "OUTSIDE, 52.52"})
    void anOutlineHasItsWidth(OutlineEffect.Side side, double area) {
        Raster coat = square(0xFF102030);
        Raster out = done(new OutlineEffect(1.2, side, Samples.MADDER), coat, GRID, 2);
        int madder = Samples.morning().colours().get(2).argb();
        double sum = 0;
        for (int p : out.argb()) {
            sum += p == madder ? PX * PX : 0;
        }
        assertThat(sum).isCloseTo(area, within(1.6));
    }

    private static Raster square(int colour) {
        Raster coat = new Raster(150, 120);
        for (int y = 30; y < 80; y++) {
            for (int x = 50; x < 100; x++) {
                coat.argb()[y * 150 + x] = colour;
            }
        }
        return coat;
    }

    /** A height that rises evenly by the lightness of grey: its light by Lambert's cosine law, worked out by hand. */
    @ParameterizedTest
    @CsvSource({"0, 45", "90, 45", "180, 30", "37, 60"})
    void aSlopeIsLitByTheCosineOfItsAngleToTheLight(double lightDeg, double elevationDeg) {
        TileGrid grid = new TileGrid(200, 20, 200, 20);
        Raster coat = new Raster(200, 20);
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 200; x++) {
                int grey = 60 + x / 2;
                coat.argb()[y * 200 + x] = 0xFF000000 | grey << 16 | grey << 8 | grey;
            }
        }
        double heightMm = 60;
        // Half a level of 255 a mm, times the height.
        double slope = heightMm * 0.5 / 255;
        double way = Math.toRadians(lightDeg);
        double up = Math.toRadians(elevationDeg);
        // The normal of a slope rising to the right is (-slope, 0, 1).
        double cosine = (-slope * Math.cos(up) * Math.cos(way) + Math.sin(up)) / Math.sqrt(1 + slope * slope);
        double light = cosine / Math.sin(up);
        Raster out = done(new Relief(heightMm, 3, lightDeg, elevationDeg, 0, false, true), coat, grid, 2);
        for (int x = 60; x < 140; x++) {
            int wanted = Light.channel((float) Math.min(1, Light.linear(60 + x / 2) * light));
            assertThat(out.at(x, 10) & 255).as("at %d", x).isCloseTo(wanted, within(2));
        }
        Raster sunk = done(new Relief(heightMm, 3, lightDeg + 180, elevationDeg, 0, true, true), coat, grid, 2);
        assertThat(sunk.at(100, 10)).as("sunk and lit from behind it is the same")
                .isEqualTo(out.at(100, 10));
    }

    @Test
    void aShadowFallsAwayFromTheLightAndUnderTheMarks() {
        Raster coat = square(0xFFFFFFFF);
        // The light from the upper left: the shadow falls to the lower right.
        Raster out = done(new CastShadow(2 * Math.sqrt(2), 135, 0, 0.5, Samples.NAVY), coat, GRID, 2);
        assertThat(out.at(75, 60)).isEqualTo(0xFFFFFFFF);
        assertThat(out.at(105, 85) >>> 24).isBetween(126, 129);
        assertThat(out.at(45, 25)).isZero();
        assertThat(out.at(111, 91)).as("ten pixels each way and no farther").isZero();
        assertThat(out.at(108, 88) >>> 24).isBetween(126, 129);
    }

    @Test
    void aHaloFadesToNothingAtItsWidth() {
        Raster out = done(new Halo(false, 3, 1, false, Samples.MADDER), square(0xFF000000), GRID, 2);
        int before = 256;
        for (int x = 100; x < 115; x++) {
            int alpha = out.at(x, 55) >>> 24;
            assertThat(alpha).isLessThan(before);
            before = alpha;
        }
        assertThat(out.at(116, 55)).isZero();
        assertThat(out.at(75, 55)).isEqualTo(0xFF000000);
        Raster inner = done(new Halo(true, 3, 1, false, Samples.MADDER), square(0xFF000000), GRID, 2);
        assertThat(inner.at(100, 55)).isZero();
        assertThat(inner.at(99, 55) >> 16 & 255).isGreaterThan(120);
        assertThat(inner.at(75, 55)).isEqualTo(0xFF000000);
    }

    @Test
    void wornMarksKeepTheShareThatTheToothLeaves() {
        Raster full = new Raster(150, 120);
        Arrays.fill(full.argb(), 0xFF203040);
        ToothForm form = ToothForm.of(ToothKind.PAPER, 2).withContrast(0.9);
        for (double amount : new double[]{0.2, 0.6}) {
            Raster out = done(new ToothWear(form.withAmount(amount)), full, GRID, 2);
            double left = Arrays.stream(out.argb()).mapToDouble(p -> (p >>> 24) / 255.0).average().orElseThrow();
            assertThat(left).isCloseTo(1 - amount, within(0.1));
        }
    }

    @Test
    void theyAreDoneInTheirOrderWhateverTheOrderTheyWerePutOn() {
        List<Effect> wrong = List.of(new Halo(false, 2, 0.5, false, Samples.NAVY), Relief.fresh(), new Blur(1),
                new BreakUp(3, 0, 2, 1, 0, 0), new CastShadow(1, 90, 1, 0.5, Samples.NAVY),
                new ToothWear(ToothForm.of(ToothKind.FINE, 1)),
                new OutlineEffect(1, OutlineEffect.Side.MIDDLE, Samples.NAVY));
        Layer layer = new Layer(1, "Trial", Tooth.fresh(ToothKind.FELT, 2, List.of(Samples.NAVY)));
        assertThat(layer.withEffects(wrong).effects()).extracting(Effect::kind).containsExactly("break-up", "blur",
                "outline", "relief", "tooth", "cast-shadow", "halo");
    }

    @Test
    void theirInksAreInksOfTheLayer() {
        Layer layer = new Layer(1, "Trial", Tooth.fresh(ToothKind.FELT, 2,
                List.of(Samples.NAVY))).withEffects(List.of(new Halo(false, 2, 0.5, false, Samples.LINEN)));
        assertThat(layer.inks()).containsExactly(Samples.NAVY, Samples.LINEN);
        Layer renamed = layer.withInks(i -> i.equals(Samples.LINEN) ? Ink.slot("Flax") : i);
        assertThat(renamed.inks()).containsExactly(Samples.NAVY, Ink.slot("Flax"));
    }

    @Test
    void numbersOutsideTheirRangeAreRefused() {
        assertThatThrownBy(() -> new BreakUp(0, 0, 1, 1, 0, 0)).isInstanceOf(Refusal.class)
                .hasMessageContaining("height of a broken row");
        assertThatThrownBy(() -> Relief.fresh().withElevationDeg(2)).hasMessageContaining("elevation");
        assertThatThrownBy(() -> new ToothWear(ToothForm.of(ToothKind.GLITTER, 1))).hasMessageContaining("glitter");
        assertThatThrownBy(() -> new CastShadow(1, 0, 1, 1.5, Samples.NAVY)).hasMessageContaining("150");
    }

    @Test
    void theyGrowWithTheDesign() {
        assertThat((Relief.fresh().resized(2)).heightMm()).isEqualTo(1.2);
        assertThat((new CastShadow(2, 9, 1, 1, Samples.NAVY).resized(3)).lengthMm()).isEqualTo(6);
        assertThat((new Halo(true, 2, 1, true, Samples.NAVY).resized(0.5)).widthMm()).isEqualTo(1);
        assertThat((new BreakUp(2, 4, 6, 1, 1, 2).resized(2))).isEqualTo(new BreakUp(4, 8, 12, 1, 2, 4));
    }
}
