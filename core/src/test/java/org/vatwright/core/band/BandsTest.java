package org.vatwright.core.band;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.InkColours;

class BandsTest {

    private static final InkColours INKS = new InkColours(Samples.PALETTE, Samples.morning());

    private static BandRun run(boolean pivot, double... widths) {
        return new BandRun(Samples.stripes(0, widths).run().bands(), pivot);
    }

    @Test
    void aPivotStandsOnceAndIsNotDoubled() {
        assertThat(run(true, 4, 24, 24, 4).period()).containsExactly(0, 1, 2, 3, 2, 1);
        assertThat(run(true, 4, 24, 24, 4).length()).isEqualTo(104);
        assertThat(run(false, 4, 24, 24, 4).length()).isEqualTo(56);
        assertThat(run(true, 4, 24).period()).containsExactly(0, 1);
    }

    @Test
    void movingAnEdgeKeepsThePeriodWhateverIsAsked() {
        Random random = new Random(9);
        for (int n = 0; n < 2000; n++) {
            BandRun run = run(random.nextBoolean(), 1 + random.nextInt(20), 1 + random.nextInt(20),
                    1 + random.nextInt(20), 1 + random.nextInt(20));
            BandRun moved = run.moveEdge(random.nextInt(2 * run.bands().size()), random.nextGaussian() * 15, 0.5);
            assertThat(moved.length()).isEqualTo(run.length(), within(1e-9));
            assertThat(moved.bands()).allMatch(b -> b.width() >= 0.5 - 1e-9);
        }
    }

    @Test
    void bandsAreSplitMovedAndRemoved() {
        BandRun run = run(false, 4, 6);
        assertThat(run.split(0, 0).bands()).extracting(Band::width).containsExactly(2.0, 2.0, 6.0);
        assertThat(run.move(0, 1).bands()).extracting(Band::width).containsExactly(6.0, 4.0);
        assertThatThrownBy(() -> run(false, 4).remove(0)).hasMessageContaining("at least one band");
        assertThatThrownBy(() -> new Band(Samples.NAVY, 0)).hasMessageContaining("band 0 must be from 0.01");
    }

    @Test
    void theFilterIsTheAreaOfASquarePixelBesideAStraightEdge() {
        for (double angle : new double[]{0, 12, 45, 71}) {
            double a = Math.abs(Math.cos(Math.toRadians(angle)));
            double b = Math.abs(Math.sin(Math.toRadians(angle)));
            BoxFilter filter = new BoxFilter(a, b, 0);
            for (double at = -1; at <= 1; at += 0.13) {
                int inside = 0;
                int steps = 300;
                for (int i = 0; i < steps * steps; i++) {
                    double x = (i % steps + 0.5) / steps - 0.5;
                    double y = (i / steps + 0.5) / steps - 0.5;
                    inside += x * a + y * b + at > 0 ? 1 : 0;
                }
                assertThat(filter.passed(at)).isEqualTo((double) inside / (steps * steps), within(0.004));
            }
        }
    }

    @Test
    void pixelsOfWholeBandsAreTheirInksAlone() {
        BandRun run = run(false, 3, 5, 2);
        BandProfile profile = new BandProfile(run, new BandEdges(run, 1), 1, 0, INKS);
        for (int x = 0; x < 10; x++) {
            int wanted = INKS.argb(run.bands().get(x < 3 ? 0 : x < 8 ? 1 : 2).ink());
            assertThat(profile.argb(x + 0.5)).isEqualTo(wanted);
            assertThat(profile.argb(x + 0.5 - 10)).isEqualTo(wanted);
        }
    }

    @Test
    void theMeanOfALineIsTheMeanOfTheSharesAtAnyDensity() {
        BandRun run = run(false, 3.7, 5.1, 1.2);
        for (double px : new double[]{0.05, 0.31, 1, 4.7, 9.9, 60, 500}) {
            BandEdges edges = new BandEdges(run, 1);
            BandProfile profile = new BandProfile(run, edges, px, 0, INKS);
            int count = 4000;
            double sum = 0;
            double wanted = 0;
            for (int i = 0; i < count; i++) {
                sum += Light.linear(profile.argb((i + 0.5) / count * 10) >> 16 & 255) / count;
            }
            for (Band band : run.bands()) {
                wanted += band.width() / 10 * Light.linear(INKS.argb(band.ink()) >> 16 & 255);
            }
            assertThat(sum).isEqualTo(wanted, within(0.004));
        }
    }

    @Test
    void aFeatherPassesFromInkToInkOverItsBreadth() {
        Edge soft = new Edge(2, 0, 20);
        BandRun run = new BandRun(List.of(new Band(Samples.NAVY, 5, soft), new Band(Samples.LINEN, 5, soft)), false);
        BandProfile profile = new BandProfile(run, new BandEdges(run, 1), 0.01, 0, INKS);
        assertThat(profile.argb(3.9)).isEqualTo(INKS.argb(Samples.NAVY));
        assertThat(profile.argb(6.1)).isEqualTo(INKS.argb(Samples.LINEN));
        int last = 0;
        for (double u = 4; u <= 6; u += 0.1) {
            int red = profile.argb(u) >> 16 & 255;
            assertThat(red).isGreaterThanOrEqualTo(last);
            last = red;
        }
    }
}
