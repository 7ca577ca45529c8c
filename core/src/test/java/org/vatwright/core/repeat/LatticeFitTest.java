package org.vatwright.core.repeat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

class LatticeFitTest {

    /** Whatever lattice and tile: both edges are whole steps as drawn, and the steps are all places, each once. */
    @Test
    void everyLatticeCloses() {
        Random random = new Random(8);
        for (int n = 0; n < 500; n++) {
            Lattice asked = new Lattice(5 + random.nextInt(60), random.nextInt(20), random.nextInt(40) - 20,
                    5 + random.nextInt(60)).turned(random.nextInt(360));
            Tile tile = new Repeat(20 + random.nextInt(200), 20 + random.nextInt(200), Arrangement.STRAIGHT).tile();
            LatticeFit fit = LatticeFit.of(asked, tile);
            Lattice drawn = fit.drawn();
            assertThat(fit.a() * drawn.ax() + fit.b() * drawn.bx()).isEqualTo(tile.widthMm(), within(1e-9));
            assertThat(fit.a() * drawn.ay() + fit.b() * drawn.by()).isEqualTo(0, within(1e-9));
            assertThat(fit.c() * drawn.ax() + fit.d() * drawn.bx()).isEqualTo(0, within(1e-9));
            assertThat(fit.c() * drawn.ay() + fit.d() * drawn.by()).isEqualTo(tile.heightMm(), within(1e-9));
            assertThat(drawn.cell() * fit.count()).isEqualTo(tile.widthMm() * tile.heightMm(), within(1e-6));
            assertThat(new HashSet<>(fit.steps())).hasSize(fit.count());
            Set<LatticeFit.Step> met = new HashSet<>();
            for (int k = 0; k < 40; k++) {
                int column = random.nextInt(200) - 100;
                int row = random.nextInt(200) - 100;
                LatticeFit.Step step = fit.within(column, row);
                assertThat(fit.steps()).contains(step);
                assertThat(fit.within(column + fit.a(), row + fit.b())).isEqualTo(step);
                assertThat(fit.within(column - fit.c(), row - fit.d())).isEqualTo(step);
                double x = (column - step.column()) * drawn.ax() + (row - step.row()) * drawn.bx();
                assertThat(x / tile.widthMm()).isEqualTo(Math.rint(x / tile.widthMm()), within(1e-6));
                met.add(step);
            }
            assertThat(met.size()).isLessThanOrEqualTo(fit.count());
        }
    }

    @Test
    void whatClosesIsDrawnAsAsked() {
        Lattice lattice = new Lattice(600, 0, -100, 100);
        LatticeFit upright = LatticeFit.of(lattice, new Repeat(600, 600, Arrangement.STRAIGHT).tile());
        assertThat(upright.exact()).isTrue();
        assertThat(upright.count()).isEqualTo(6);
        assertThat(upright.map().isIdentity()).isTrue();
        double side = 100 * Math.sqrt(2);
        assertThat(LatticeFit.of(lattice.turned(45), new Repeat(3 * side, side, Arrangement.STRAIGHT).tile()).exact())
                .isTrue();
        assertThat(LatticeFit.of(lattice.turned(45), new Repeat(424, 141, Arrangement.STRAIGHT).tile()).exact())
                .isFalse();
    }
}
