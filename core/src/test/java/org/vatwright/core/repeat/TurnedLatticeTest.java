package org.vatwright.core.repeat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

class TurnedLatticeTest {

    private static List<TurnedLattice.Closing> closings(double w, double h, String arrangement, double angle) {
        return new TurnedLattice(new Repeat(w, h, Arrangement.parse(arrangement))).closings(angle);
    }

    @Test
    void knownTiles() {
        TurnedLattice.Closing bias = closings(100, 100, "straight", 45).getFirst();
        assertThat(bias.angleDeg()).isEqualTo(45);
        assertThat(bias.errorDeg()).isZero();
        assertThat(bias.exact()).isTrue();
        assertThat(bias.widthMm()).isEqualTo(100 * Math.sqrt(2), within(1e-9));
        TurnedLattice.Closing none = closings(100, 60, "straight", 0).getFirst();
        assertThat(none.widthMm()).isEqualTo(100, within(1e-9));
        assertThat(none.heightMm()).isEqualTo(60, within(1e-9));
        // The lattice of a half-drop of W x W/2 is a square one on the bias.
        TurnedLattice.Closing drop = closings(100, 50, "drop 1/2", 90).getFirst();
        assertThat(drop.widthMm()).isEqualTo(50, within(1e-9));
        assertThat(drop.heightMm()).isEqualTo(200, within(1e-9));
        TurnedLattice.Closing arc = closings(100, 100, "straight", 36.9).getFirst();
        assertThat(arc.angleDeg()).isEqualTo(Math.toDegrees(Math.atan2(3, 4)), within(1e-9));
        assertThat(arc.widthMm()).isEqualTo(500, within(1e-9));
    }

    /** Every closing, tried on the lattice itself: after stretch and turn both sides of the tile are lattice vectors. */
    @Test
    void everyClosingClosesAndTheNearestComesFirst() {
        Random random = new Random(3);
        String[] arrangements = {"straight", "drop 1/2", "drop 2/3", "brick 1/2", "brick 3/4"};
        int found = 0;
        for (int n = 0; n < 400; n++) {
            double w = 20 + random.nextInt(200);
            double h = random.nextInt(3) == 0 ? w : 20 + random.nextInt(200);
            String arrangement = arrangements[n % arrangements.length];
            double angle = random.nextInt(3600) / 10.0 - 180;
            double before = -1;
            for (TurnedLattice.Closing c : closings(w, h, arrangement, angle)) {
                found++;
                Repeat stretched = new Repeat(w * c.stretchX(), h * c.stretchY(), Arrangement.parse(arrangement));
                assertThat(inLattice(stretched, c.angleDeg(), c.widthMm(), 0)).isTrue();
                assertThat(inLattice(stretched, c.angleDeg(), 0, c.heightMm())).isTrue();
                for (int part = 2; part <= 5; part++) {
                    assertThat(inLattice(stretched, c.angleDeg(), c.widthMm() / part, 0)).isFalse();
                    assertThat(inLattice(stretched, c.angleDeg(), 0, c.heightMm() / part)).isFalse();
                }
                assertThat(Math.abs(c.angleDeg() - angle)).isEqualTo(c.errorDeg(), within(1e-6));
                assertThat(c.stretchX() == 1 || c.stretchY() == 1).isTrue();
                double cost = Math.toRadians(c.errorDeg()) + Math.abs(c.stretchX() - 1) + Math.abs(c.stretchY() - 1);
                assertThat(cost).isGreaterThanOrEqualTo(before);
                before = cost;
            }
        }
        assertThat(found).isGreaterThan(400);
    }

    /** @return whether the vector, in the turned plane, leads from a cell to a cell */
    private static boolean inLattice(Repeat repeat, double angleDeg, double x, double y) {
        double cos = Math.cos(Math.toRadians(angleDeg));
        double sin = Math.sin(Math.toRadians(angleDeg));
        // Back by the angle; counter-clockwise as seen, y down.
        double px = x * cos - y * sin;
        double py = x * sin + y * cos;
        double column = px / repeat.widthMm();
        double row = py / repeat.heightMm();
        if (repeat.arrangement().columns() > 1) {
            return whole(column) && whole(row - repeat.arrangement().drop(Math.floorMod((int) Math.rint(column),
                    repeat.arrangement().columns())));
        }
        return whole(row) && whole(column - repeat.arrangement().shift(Math.floorMod((int) Math.rint(row),
                repeat.arrangement().rows())));
    }

    private static boolean whole(double value) {
        return Math.abs(value - Math.rint(value)) < 1e-6;
    }
}
