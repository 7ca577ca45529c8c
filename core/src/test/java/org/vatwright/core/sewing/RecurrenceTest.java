package org.vatwright.core.sewing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.dress.Seam.Meets;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;

class RecurrenceTest {

    private static Recurrence of(Design design) {
        return Recurrence.of(design, Meets.BOTH);
    }

    /** Bands of 10 and of 15 mm on a tile of 60: together they come again every 30. */
    @Test
    void bandsOfOneDirectionComeAgainTogether() {
        Recurrence both = of(Samples.design(60, 60, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5),
                Samples.stripes(0, 10, 5)));
        assertThat(both).isInstanceOfSatisfying(Recurrence.Bands.class, b -> {
            assertThat(b.periodMm()).isEqualTo(30, within(1e-9));
            assertThat(Math.abs(b.nx())).isEqualTo(1, within(1e-12));
        });
        // Along the bands nothing is seen of a move.
        double[] left = both.left(31, 777);
        assertThat(Math.hypot(left[0], left[1])).isEqualTo(1, within(1e-9));
        Recurrence slanted = of(Samples.design(60, 60, Arrangement.STRAIGHT, Samples.stripes(45, 10, 5)));
        assertThat(slanted).isInstanceOfSatisfying(Recurrence.Bands.class, b -> {
            // Bands at 45 degrees, counter-clockwise as seen, follow each other to the upper right.
            assertThat(b.nx()).isEqualTo(-b.ny(), within(1e-9));
        });
    }

    @Test
    void anythingElseComesAgainWithItsCells() {
        assertThat(of(Samples.design(60, 60, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5),
                Samples.stripes(90, 5, 5)))).isInstanceOf(Recurrence.Cells.class);
        assertThat(of(Samples.design(30, 24, Arrangement.HALF_DROP, Samples.dots(4, 1, 3))))
                .isEqualTo(new Recurrence.Cells(new Lattice(30, 12, 0, 24)));
        Design hidden = Samples.design(60, 60, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5), Samples.dots(4, 1, 3))
                .replace(2, l -> l.withVisible(false));
        assertThat(of(hidden)).as("what is hidden is not seen").isInstanceOf(Recurrence.Bands.class);
    }

    @Test
    void whatIsLeftIsTheLeastOfAllThatRecur() {
        Random random = new Random(2);
        for (Lattice lattice : new Lattice[]{new Lattice(30, 12, 0, 24), new Lattice(20, 0, 13, 9),
                new Lattice(10, 0, 0, 60)}) {
            Recurrence.Cells cells = new Recurrence.Cells(lattice);
            for (int n = 0; n < 300; n++) {
                double x = random.nextDouble() * 400 - 200;
                double y = random.nextDouble() * 400 - 200;
                double least = Double.MAX_VALUE;
                for (int i = -60; i <= 60; i++) {
                    for (int j = -60; j <= 60; j++) {
                        least = Math.min(least, Math.hypot(x - i * lattice.ax() - j * lattice.bx(),
                                y - i * lattice.ay() - j * lattice.by()));
                    }
                }
                double[] left = cells.left(x, y);
                assertThat(Math.hypot(left[0], left[1])).isEqualTo(least, within(1e-9));
            }
        }
    }

    @Test
    void theSmallestCircleHoldsAllAndNoSmallerOneDoes() {
        Random random = new Random(4);
        for (int n = 0; n < 200; n++) {
            double[][] places = new double[2 + random.nextInt(20)][];
            for (int i = 0; i < places.length; i++) {
                places[i] = new double[]{random.nextGaussian() * 5, n % 7 == 0 ? 3 : random.nextGaussian()};
            }
            double[] middle = Enclosing.middle(places);
            double radius = farthest(places, middle);
            for (int k = 0; k < 64; k++) {
                double turn = k * Math.PI / 32;
                for (double step : new double[]{0.001, 0.1, 2}) {
                    assertThat(farthest(places, new double[]{middle[0] + step * Math.cos(turn),
                            middle[1] + step * Math.sin(turn)})).isGreaterThan(radius - 1e-9);
                }
            }
        }
    }

    private static double farthest(double[][] places, double[] from) {
        double far = 0;
        for (double[] p : places) {
            far = Math.max(far, Math.hypot(p[0] - from[0], p[1] - from[1]));
        }
        return far;
    }

    @Test
    void ofBandsTheBestIsTheMiddleBesideTheWidestGap() {
        Recurrence.Bands bands = new Recurrence.Bands(1, 0, 10);
        // 9, 10 and 11 lie together over the end of a period: 10 leaves 1.
        double[][] differences = {{9, 5}, {20, -3}, {1, 0}};
        assertThat(Math.floorMod(Math.round(bands.best(differences)[0] * 1000), 10_000)).isZero();
        assertThat(bands.most(differences, bands.best(differences))).isEqualTo(1, within(1e-9));
    }
}
