package org.vatwright.core.drape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

class MeshHandTest {

    /** Five points each way, 25 mm apart; the middle is number 12. */
    private static final Mesh REST = Mesh.of(new Box(0, 0, 100, 100), 4, 4);

    @Test
    void whatIsNearTakesPartAndLessTheFartherItIs() {
        Mesh moved = new MeshHand(Set.of(12), 60).moved(REST, 8, -4);
        assertThat(moved.points().get(12)).isEqualTo(new Place(58, 46));
        // 25 mm away: (1 - (25/60)^2)^2 = 0.68292
        double share = Math.pow(1 - Math.pow(25 / 60.0, 2), 2);
        assertThat(moved.points().get(13).x() - 75).isEqualTo(8 * share, within(1e-9));
        assertThat(moved.points().get(0)).isEqualTo(new Place(0, 0));
        Mesh alone = new MeshHand(Set.of(12), 0).moved(REST, 8, -4);
        assertThat(alone.points().get(13)).isEqualTo(new Place(75, 50));
    }

    @Test
    void pinsHoldAgainstEverything() {
        Mesh pinned = new MeshHand(Set.of(13), 0).pinned(REST);
        MeshHand both = new MeshHand(Set.of(12, 13), 200);
        for (Mesh changed : new Mesh[]{both.moved(pinned, 9, 9), both.turned(pinned, 40), both.scaled(pinned, 2),
                both.smoothed(both.moved(pinned, 9, 9))}) {
            assertThat(changed.points().get(13)).isEqualTo(REST.points().get(13));
            assertThat(changed.points().get(12)).isNotEqualTo(REST.points().get(12));
        }
        assertThat(new MeshHand(Set.of(13), 0).pinned(pinned).pins()).isEmpty();
    }

    @Test
    void turnsAndScalesAboutTheMiddleOfWhatIsHeld() {
        MeshHand two = new MeshHand(Set.of(11, 13), 0);
        Mesh turned = two.turned(REST, 90);
        // 11 lies 25 mm left of the middle; counter-clockwise as seen that is below it.
        assertThat(turned.points().get(11).far(new Place(50, 75))).isLessThan(1e-9);
        assertThat(turned.points().get(13).far(new Place(50, 25))).isLessThan(1e-9);
        assertThat(two.scaled(REST, 0.5).points().get(13)).isEqualTo(new Place(62.5, 50));
    }

    @Test
    void smoothingTakesAKinkOutAndLeavesTheFlatFlat() {
        MeshHand one = new MeshHand(Set.of(12), 0);
        Mesh kink = one.moved(REST, 0, 16);
        assertThat(one.smoothed(kink).points().get(12)).isEqualTo(new Place(50, 58));
        assertThat(new MeshHand(Set.of(0, 6, 12), 50).smoothed(REST).points()).isEqualTo(REST.points());
    }

    @Test
    void inOtherPatchesItIsBentAsItWas() {
        Random random = new Random(8);
        Mesh bent = REST.withPoints(REST.points().stream()
                .map(p -> p.moved(random.nextDouble() * 8, random.nextDouble() * 8)).toList()).withPins(Set.of(12));
        Mesh finer = MeshHand.cut(bent, 8, 8);
        assertThat(finer.points()).hasSize(81);
        for (int i = 0; i < 25; i++) {
            int at = i / 5 * 2 * 9 + i % 5 * 2;
            assertThat(finer.points().get(at)).isEqualTo(bent.points().get(i));
        }
        assertThat(finer.pins()).containsExactly(40);
        double worst = 0;
        for (int n = 0; n < 400; n++) {
            double s = random.nextDouble();
            double t = random.nextDouble();
            worst = Math.max(worst, finer.seen(s, t).far(bent.seen(s, t)));
        }
        assertThat(worst).as("between its old points, in mm").isLessThan(1);
        assertThat(MeshHand.cut(finer, 4, 4).points()).isEqualTo(bent.points());
    }

    @Test
    void aMeshThatIsNoneIsRefusedWithTheNumber() {
        assertThatThrownBy(() -> new Mesh(REST.rest(), 4, 4, REST.points().subList(0, 24), Set.of()))
                .hasMessageContaining("4 x 4 patches has 25 points; there are 24");
        assertThatThrownBy(() -> Mesh.of(REST.rest(), 25, 4)).hasMessageContaining("patches across 25");
        assertThatThrownBy(() -> REST.withPins(Set.of(25))).hasMessageContaining("pinned point 25");
    }
}
