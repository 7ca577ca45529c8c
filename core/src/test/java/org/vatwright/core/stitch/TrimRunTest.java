package org.vatwright.core.stitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;

/** Where repeats of a trim lie. */
class TrimRunTest {

    private static final Outline PANEL = Outline.of(new Rectangle2D.Double(10, 20, 200, 120));

    /** 12 mm broad, 18 mm long, its middle 6 mm inside: on sides of 188 and 108 mm. */
    @ParameterizedTest
    @CsvSource({"0, 10, 6", "3, 9, 5"})
    void eachSideOfARectangleTakesAWholeNumber(double gap, int onLong, int onShort) {
        TrimRun run = TrimRun.of(PANEL, TrimForm.fresh(12).withGapMm(gap), 1.5);
        assertThat(run.stretches()).hasSize(4);
        for (int k = 0; k < 4; k++) {
            int stretch = k;
            var here = run.repeats().stream().filter(r -> r.stretch() == stretch).toList();
            double room = run.stretches().get(k).length();
            boolean longSide = Math.abs(room - 188) < 1e-6;
            assertThat(room).isCloseTo(longSide ? 188 : 108, within(1e-6));
            assertThat(here).hasSize(longSide ? onLong : onShort);
            double times = run.stretches().get(k).times();
            assertThat(times).isCloseTo(room / (here.size() * (18 + gap)), within(1e-9));
            for (int i = 0; i < here.size(); i++) {
                assertThat(here.get(i).longMm()).isCloseTo(18 * times, within(1e-9));
                assertThat(here.get(i).from()).isCloseTo(times * (i * (18 + gap) + gap / 2), within(1e-9));
            }
            assertThat(here.getLast().to()).isCloseTo(room - times * gap / 2, within(1e-9));
        }
    }

    @Test
    void aRoundLineClosesEvenly() {
        TrimRun run = TrimRun.of(Outline.of(new Ellipse2D.Double(0, 0, 100, 100)), TrimForm.fresh(10), 1);
        double round = Math.PI * 90;
        assertThat(run.stretches()).hasSize(1);
        assertThat(run.stretches().getFirst().closed()).isTrue();
        assertThat(run.repeats()).hasSize(28);
        assertThat(run.repeats().getLast().to()).isCloseTo(round, within(0.05));
        assertThat(run.repeats()).allSatisfy(r -> assertThat(r.to() - r.from()).isCloseTo(round / 28, within(0.002)));
    }

    /** Inside lies to the right of the way, whichever way round the outline is drawn. */
    @ParameterizedTest
    @CsvSource({"M 0 0 L 100 0 L 100 80 L 0 80 Z", "M 0 0 L 0 80 L 100 80 L 100 0 Z"})
    void theInsideLiesToTheRight(String data) {
        Outline outline = Outline.parse(data);
        TrimRun run = TrimRun.of(outline, TrimForm.fresh(10), 1);
        for (TrimRun.Stretch s : run.stretches()) {
            double[] p = s.at(s.length() / 2);
            assertThat(outline.contains(p[0] - 6 * p[3], p[1] + 6 * p[2])).as("6 mm to the right").isTrue();
            assertThat(outline.contains(p[0] + 6 * p[3], p[1] - 6 * p[2])).as("6 mm to the left").isFalse();
        }
    }

    @Test
    void cornersTurnedByAMotifLeaveItsSquareFree() {
        TrimRun run = TrimRun.of(PANEL, TrimForm.fresh(12).withCorner(Corner.MOTIF), 1.5);
        assertThat(run.corners()).hasSize(4);
        assertThat(run.stretches()).extracting(TrimRun.Stretch::length).allSatisfy(
                l -> assertThat(Math.min(Math.abs(l - 176), Math.abs(l - 96))).isLessThan(1e-6));
        assertThat(run.corners()).allSatisfy(c -> {
            assertThat(Math.min(Math.abs(c.x() - 16), Math.abs(c.x() - 204))).isLessThan(1e-6);
            assertThat(Math.min(Math.abs(c.y() - 26), Math.abs(c.y() - 134))).isLessThan(1e-6);
        });
    }

    /** Of four corners rounded by 6 mm the line is shorter by 8 times 6 less than the four quarter circles. */
    @Test
    void roundedCornersAreOneClosedLine() {
        TrimRun run = TrimRun.of(PANEL, TrimForm.fresh(12).withCorner(Corner.ROUND), 1.5);
        assertThat(run.stretches()).hasSize(1);
        TrimRun.Stretch s = run.stretches().getFirst();
        assertThat(s.closed()).isTrue();
        double straight = 2 * (188 + 108) - 8 * 6;
        assertThat(s.length() - straight).isBetween(4 * 6 * Math.sqrt(2), 4 * 6 * 1.7);
        for (double along = 0; along < s.length(); along += 0.5) {
            double[] p = s.at(along);
            assertThat(p[0]).isBetween(16 - 1e-6, 204 + 1e-6);
            assertThat(p[1]).isBetween(26 - 1e-6, 134 + 1e-6);
            double toCorner = Math.hypot(Math.min(p[0] - 16, 204 - p[0]), Math.min(p[1] - 26, 134 - p[1]));
            assertThat(toCorner).as("no corner is left").isGreaterThan(2);
        }
    }

    /** Corners cut off by 2 mm are corners, not stretches of their own, wherever the outline begins. */
    @ParameterizedTest
    @CsvSource({"M 0 2 L 2 0 L 98 0 L 100 2 L 100 78 L 98 80 L 2 80 L 0 78 Z",
            "M 50 0 L 98 0 L 100 2 L 100 78 L 98 80 L 2 80 L 0 78 L 0 2 L 2 0 Z",
            "M 98 0 L 100 2 L 100 78 L 98 80 L 2 80 L 0 78 L 0 2 L 2 0 Z"})
    void aCornerThatIsCutOffIsOneCorner(String data) {
        TrimRun run = TrimRun.of(Outline.parse(data), TrimForm.fresh(8).withInsetMm(0), 1);
        assertThat(run.stretches()).hasSize(4);
        assertThat(run.stretches()).allSatisfy(s -> assertThat(Math.min(Math.abs(s.length() - 100),
                Math.abs(s.length() - 80))).isLessThan(1e-6));
        assertThat(run.repeats()).as("12.5 and 10 repeats a side").hasSize(44);
    }

    /** A cushion's face: sides that bend inwards, corners of less than a right angle. */
    @Test
    void anAcuteCornerBetweenBentSidesIsOneCorner() {
        Outline face = Outline.parse("M 42 42 C 130 62 390 62 478 42 C 458 130 458 390 478 478 "
                + "C 390 458 130 458 42 478 C 62 390 62 130 42 42 Z");
        TrimRun run = TrimRun.of(face, TrimForm.fresh(48), 1);
        assertThat(run.stretches()).hasSize(4);
        assertThat(run.repeats()).hasSize(32);
        double length = run.stretches().getFirst().length();
        assertThat(run.stretches()).allSatisfy(s -> {
            assertThat(s.length()).isCloseTo(length, within(1.5));
            assertThat(s.times()).isBetween(0.95, 1.05);
        });
    }

    @Test
    void cutAtItsEndNothingIsDrawnOut() {
        TrimRun run = TrimRun.of(PANEL, TrimForm.fresh(12).withWhole(false), 1.5);
        assertThat(run.drawnOut()).containsExactly(1, 1);
        var here = run.repeats().stream().filter(r -> r.stretch() == 0).toList();
        double room = run.stretches().getFirst().length();
        assertThat(here).hasSize((int) Math.ceil(room / 18));
        assertThat(here.getLast().to()).isGreaterThan(room - 1e-9);
    }

    /** Unlike sizes and gaps keep within their limits, fill the line all together, and are the same for the same seed. */
    @Test
    void chanceKeepsWithinItsLimits() {
        TrimForm form = TrimForm.fresh(10).with().gapMm(4).gapVary(0.5).sizeVary(0.3).seed(9).build();
        Outline ring = Outline.of(new Ellipse2D.Double(0, 0, 400, 400));
        TrimRun run = TrimRun.of(ring, form, 1);
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int i = 0; i + 1 < run.repeats().size(); i++) {
            TrimRun.Repeat r = run.repeats().get(i);
            least = Math.min(least, r.longMm());
            most = Math.max(most, r.longMm());
            double gap = run.repeats().get(i + 1).from() - r.to();
            assertThat(gap).isBetween(0.45 * 4, 1.6 * 4);
        }
        assertThat(least).isBetween(6.5, 8.0);
        assertThat(most).isBetween(12.0, 13.5);
        assertThat(TrimRun.of(ring, form, 1).repeats()).isEqualTo(run.repeats());
        assertThat(TrimRun.of(ring, form.withSeed(10), 1).repeats()).isNotEqualTo(run.repeats());
    }

    @Test
    void singleRepeatsAreSlidResizedAndLeftOut() {
        TrimForm form = TrimForm.fresh(12).withTouched(Map.of(1, new Touch(2, 0.5, false), 2, new Touch(0, 1, true)));
        TrimRun plain = TrimRun.of(PANEL, TrimForm.fresh(12), 1.5);
        TrimRun run = TrimRun.of(PANEL, form, 1.5);
        TrimRun.Repeat was = plain.repeats().get(1);
        TrimRun.Repeat is = run.repeats().get(1);
        assertThat((is.from() + is.to()) / 2).isCloseTo((was.from() + was.to()) / 2 + 2, within(1e-9));
        assertThat(is.longMm()).isCloseTo(was.longMm() / 2, within(1e-9));
        assertThat(is.broadMm()).isCloseTo(6, within(1e-9));
        assertThat(run.seen()).hasSize(plain.seen().size() - 1).noneMatch(r -> r.number() == 2);
        assertThat(run.repeats().get(3)).isEqualTo(plain.repeats().get(3));
    }

    @Test
    void rowsLieSideBySideEachShifted() {
        TrimRun run = TrimRun.of(Outline.of(new Ellipse2D.Double(0, 0, 200, 200)), TrimForm.fresh(10).with().rows(2)
                .rowShift(0.5).build(), 1);
        int each = run.repeats().size() / 2;
        TrimRun.Repeat outer = run.repeats().getFirst();
        TrimRun.Repeat inner = run.repeats().get(each);
        assertThat(outer.offMm()).isEqualTo(5);
        assertThat(inner.offMm()).isEqualTo(-5);
        assertThat(inner.from() - outer.from()).isCloseTo(outer.longMm() / 2, within(1e-6));
    }
}
