package org.vatwright.core.family.motif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.vatwright.core.repeat.Lattice;

/** Circles on the torus against all of them in 25 x 25 neighbouring cells. */
class DiscsTest {

    private record Disc(double x, double y, double r) {}

    private static double far(Lattice l, Disc d, double x, double y) {
        double least = Double.MAX_VALUE;
        for (int m = -12; m <= 12; m++) {
            for (int n = -12; n <= 12; n++) {
                least = Math.min(least,
                        Math.hypot(d.x + m * l.ax() + n * l.bx() - x, d.y + m * l.ay() + n * l.by() - y));
            }
        }
        return least;
    }

    @Test
    void nearestDistancesAndNeighboursAreThoseOfBruteForceAlsoAfterMoves() {
        Random random = new Random(21);
        for (int n = 0; n < 16; n++) {
            Lattice lattice = new Lattice(20 + random.nextInt(60), random.nextInt(20) - 10, random.nextInt(20) - 10,
                    20 + random.nextInt(60));
            Discs discs = new Discs(lattice, 1 + random.nextInt(20));
            List<Disc> all = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                Disc disc = new Disc(random.nextInt(200) - 100, random.nextInt(200) - 100, random.nextDouble() * 4);
                all.add(disc);
                assertThat(discs.add(disc.x, disc.y, disc.r)).isEqualTo(i);
            }
            for (int i = 0; i < 15; i++) {
                int moved = random.nextInt(30);
                Disc disc = new Disc(random.nextInt(90), random.nextInt(90), all.get(moved).r);
                all.set(moved, disc);
                discs.move(moved, disc.x, disc.y);
                assertThat(far(lattice, disc, discs.x(moved), discs.y(moved))).isEqualTo(0, within(1e-9));
            }
            for (int i = 0; i < 60; i++) {
                double x = random.nextInt(300) - 150;
                double y = random.nextInt(300) - 150;
                int but = i % 3 == 0 ? random.nextInt(30) : -1;
                double clear = Double.MAX_VALUE;
                double reach = 3 + random.nextInt(15);
                Set<Integer> within = new TreeSet<>();
                for (int k = 0; k < 30; k++) {
                    double far = far(lattice, all.get(k), x, y);
                    clear = k == but ? clear : Math.min(clear, far - all.get(k).r);
                    if (far < reach - 1e-9) {
                        within.add(k);
                    }
                }
                assertThat(discs.clear(x, y, 25, but)).isEqualTo(Math.min(25, clear), within(1e-9));
                for (double need : new double[]{0.5, 2, clear - 0.001, clear + 0.001, 12}) {
                    assertThat(discs.free(x, y, need, but)).as("%s free of %s", need, clear).isEqualTo(clear >= need);
                }
                Set<Integer> found = new TreeSet<>();
                discs.near(x, y, reach, (k, dx, dy) -> {
                    assertThat(Math.hypot(dx, dy)).isEqualTo(far(lattice, all.get(k), x, y), within(1e-9));
                    found.add(k);
                });
                assertThat(found).containsAll(within);
            }
        }
    }
}
