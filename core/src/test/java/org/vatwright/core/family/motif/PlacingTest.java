package org.vatwright.core.family.motif;

import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;

/** Motifs along a line, thrown anew one by one, and where they crowd. */
class PlacingTest {

    private static final Repeat CELL = new Repeat(100, 80, Arrangement.HALF_DROP);

    private static Motifs motifs(Placing placing) {
        return new Motifs(List.of(new Motif(1, "Disc", List.of(new Part(new Form.Ellipse(6, 6), Samples.NAVY))),
                new Motif(2, "Leaf", List.of(new Part(new Form.Leaf(3, 7), Samples.MADDER)))), List.of(), placing,
                WallpaperGroup.P1);
    }

    @Test
    void motifsAlongALineStandEvenlyAlsoWhereItsEndsMeetAcrossAnEdge() {
        // The half-drop's step leads from the left edge to the right one, 40 mm lower.
        Outline meets = Outline.parse("M 0 10 L 100 50");
        List<Instance> round = motifs(new Placing.Along(meets, 8, 0, 0.5, true)).placed(CELL);
        double step = Math.hypot(100, 40) / 8;
        for (int i = 0; i < 8; i++) {
            assertThat(Math.hypot(round.get(i).x(), round.get(i).y() - 10)).isEqualTo((i + 0.5) * step, within(1e-9));
            assertThat(round.get(i).turnDeg()).isEqualTo(-Math.toDegrees(Math.atan2(40, 100)), within(1e-9));
            assertThat(round.get(i).motif()).isEqualTo(1 + i % 2);
        }
        // One that ends within the cell has a motif at each end.
        List<Instance> open = motifs(new Placing.Along(Outline.parse("M 10 10 L 50 10 L 50 30"), 7, 2, 0, false))
                .placed(CELL);
        assertThat(open.getFirst()).isEqualTo(new Instance(1, 10, 8));
        assertThat(open.getLast().x()).isEqualTo(52, within(1e-9));
        assertThat(open.getLast().y()).isEqualTo(30, within(1e-9));
        // A closed one does not show its first place twice.
        List<Instance> closed = motifs(new Placing.Along(Outline.of(new Form.Ellipse(40, 40).shape()), 12, 0, 0, true))
                .placed(CELL);
        for (int i = 0; i < 12; i++) {
            Instance next = closed.get((i + 1) % 12);
            assertThat(Math.hypot(next.x() - closed.get(i).x(), next.y() - closed.get(i).y()))
                    .isEqualTo(40 * Math.sin(Math.PI / 12), within(0.02));
        }
    }

    @Test
    void oneThrownAnewLeavesAllOthersAndKeepsTheGap() {
        Placing.Scattered how = Placing.Scattered.of(30, 1.5, 4).withTurns(-180, 180);
        List<Instance> before = motifs(how).placed(CELL);
        List<Integer> numbers = motifs(how).thrown(CELL);
        assertThat(numbers).hasSameSizeAs(before).doesNotHaveDuplicates();
        Random random = new Random(1);
        int moved = 0;
        for (int n = 0; n < 12; n++) {
            int number = numbers.get(random.nextInt(numbers.size()));
            Placing.Scattered next = how.thrownAnew(number);
            List<Instance> after = motifs(next).placed(CELL);
            List<Integer> others = new ArrayList<>();
            for (int i = 0; i < before.size(); i++) {
                if (!after.get(i).equals(before.get(i))) {
                    others.add(numbers.get(i));
                }
            }
            assertThat(others).containsExactly(number);
            moved++;
            how = next;
            before = after;
        }
        assertThat(moved).isEqualTo(12);
        Lattice lattice = Lattice.of(CELL);
        for (int i = 0; i < before.size(); i++) {
            for (int k = 0; k < i; k++) {
                double least = Double.MAX_VALUE;
                for (int m = -2; m <= 2; m++) {
                    for (int s = -2; s <= 2; s++) {
                        least = Math.min(least, Math.hypot(
                                before.get(i).x() - before.get(k).x() + m * lattice.ax() + s * lattice.bx(),
                                before.get(i).y() - before.get(k).y() + m * lattice.ay() + s * lattice.by()));
                    }
                }
                double radii = (before.get(i).motif() == 1 ? 3 : 3.5) + (before.get(k).motif() == 1 ? 3 : 3.5);
                assertThat(least).isGreaterThanOrEqualTo(radii + 1.5 - 1e-3);
            }
        }
    }

    @Test
    void crowdingIsNothingOnAnEvenGridAndPointsAtAClumpAcrossTheEdge() {
        Motifs even = motifs(new Placing.Rows(6, 6, Arrangement.STRAIGHT, 0, false))
                .withMotifs(motifs(new Placing.ByHand()).motifs().subList(0, 1));
        double[] range = Crowding.of(even, new Repeat(100, 100, Arrangement.STRAIGHT), 40).range();
        assertThat(range[0]).isGreaterThan(-0.12);
        assertThat(range[1]).isLessThan(0.12);
        List<Instance> clump = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            clump.add(new Instance(1, (i % 2 == 0 ? 97 : 3) + i * 0.1, 40 + i));
        }
        clump.add(new Instance(1, 50, 10));
        Crowding map = Crowding.of(motifs(new Placing.ByHand()).withByHand(clump),
                new Repeat(100, 80, Arrangement.STRAIGHT), 50);
        assertThat(map.at(0, map.rows() * 44 / 80)).isEqualTo(1);
        assertThat(map.at(map.columns() - 1, map.rows() * 44 / 80)).isEqualTo(1);
        assertThat(map.at(map.columns() / 2, map.rows() * 50 / 80)).isLessThan(-0.8);
    }
}
