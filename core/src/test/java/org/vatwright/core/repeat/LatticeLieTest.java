package org.vatwright.core.repeat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

class LatticeLieTest {

    /** Whatever lattice and tile: both edges are whole steps as drawn, and the steps are all places, each once. */
    @Test
    void everyLatticeCloses() {
        Random random = new Random(8);
        for (int n = 0; n < 500; n++) {
            Lattice asked = new Lattice(5 + random.nextInt(60), random.nextInt(20), random.nextInt(40) - 20,
                    5 + random.nextInt(60)).turned(random.nextInt(360));
            Tile tile = new Repeat(20 + random.nextInt(200), 20 + random.nextInt(200), Arrangement.STRAIGHT).tile();
            LatticeLie lie = LatticeLie.of(asked, tile);
            Lattice drawn = lie.drawn();
            assertThat(lie.a() * drawn.ax() + lie.b() * drawn.bx()).isEqualTo(tile.widthMm(), within(1e-9));
            assertThat(lie.a() * drawn.ay() + lie.b() * drawn.by()).isEqualTo(0, within(1e-9));
            assertThat(lie.c() * drawn.ax() + lie.d() * drawn.bx()).isEqualTo(0, within(1e-9));
            assertThat(lie.c() * drawn.ay() + lie.d() * drawn.by()).isEqualTo(tile.heightMm(), within(1e-9));
            assertThat(drawn.cell() * lie.count()).isEqualTo(tile.widthMm() * tile.heightMm(), within(1e-6));
            assertThat(new HashSet<>(lie.steps())).hasSize(lie.count());
            Set<LatticeLie.Step> met = new HashSet<>();
            for (int k = 0; k < 40; k++) {
                int column = random.nextInt(200) - 100;
                int row = random.nextInt(200) - 100;
                LatticeLie.Step step = lie.within(column, row);
                assertThat(lie.steps()).contains(step);
                assertThat(lie.within(column + lie.a(), row + lie.b())).isEqualTo(step);
                assertThat(lie.within(column - lie.c(), row - lie.d())).isEqualTo(step);
                double x = (column - step.column()) * drawn.ax() + (row - step.row()) * drawn.bx();
                assertThat(x / tile.widthMm()).isEqualTo(Math.rint(x / tile.widthMm()), within(1e-6));
                met.add(step);
            }
            assertThat(met.size()).isLessThanOrEqualTo(lie.count());
        }
    }

    @Test
    void whatClosesIsDrawnAsAsked() {
        Lattice lattice = new Lattice(600, 0, -100, 100);
        LatticeLie upright = LatticeLie.of(lattice, new Repeat(600, 600, Arrangement.STRAIGHT).tile());
        assertThat(upright.exact()).isTrue();
        assertThat(upright.count()).isEqualTo(6);
        assertThat(upright.map().isIdentity()).isTrue();
        double side = 100 * Math.sqrt(2);
        assertThat(LatticeLie.of(lattice.turned(45), new Repeat(3 * side, side, Arrangement.STRAIGHT).tile()).exact())
                .isTrue();
        assertThat(LatticeLie.of(lattice.turned(45), new Repeat(424, 141, Arrangement.STRAIGHT).tile()).exact())
                .isFalse();
    }
}
