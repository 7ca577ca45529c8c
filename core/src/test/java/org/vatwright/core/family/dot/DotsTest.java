package org.vatwright.core.family.dot;

import org.vatwright.core.render.Cloth;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

class DotsTest {

    private static Raster tile(Design design, int px) {
        return TileRenderer.render(new Cloth(design, Samples.morning()), TileGrid.ofWidth(design.repeat().tile(), px),
                Work.on(2));
    }

    @Test
    void aMoveByExactlyOneCellLeavesTheDesignAsItWas() {
        Random random = new Random(2);
        for (int n = 0; n < 500; n++) {
            double w = 1 + random.nextInt(100_000) / 700.0;
            Dots dots = Samples.dots(random.nextDouble() * w, random.nextDouble() * 33, 5);
            Design design = Samples.design(w, 33.3, Arrangement.HALF_DROP, dots);
            Dots here = (Dots) design.layers().getFirst().structure();
            Design moved = design.replace(1, l -> l.withStructure(here.moved(w, 0)));
            Design back = moved.replace(1, l -> l.withStructure(((Dots) l.structure()).moved(-3 * w, 2 * 33.3)));
            assertThat(moved).isEqualTo(design);
            assertThat(back).isEqualTo(design);
        }
    }

    @Test
    void whatCrossesAnEdgeShowsOnTheOtherSide() {
        Random random = new Random(8);
        for (int n = 0; n < 16; n++) {
            double x = random.nextDouble() * 40;
            double y = random.nextDouble() * 24;
            double d = 2 + random.nextDouble() * 50;
            Arrangement a = n % 2 == 0 ? Arrangement.HALF_DROP : Arrangement.parse("brick 1/3");
            Design design = Samples.design(40, 24, a, Samples.dots(x, y, d));
            Raster got = tile(design, 40 * design.repeat().tile().columns());
            Raster wanted = bruteForce(design, x, y, d, got.width(), got.height());
            assertThat(Samples.difference(got, wanted)).isLessThan(30);
        }
    }

    /** Sums over 5 x 5 neighbouring tiles, 8 x 8 samples a pixel. */
    private static Raster bruteForce(Design design, double x, double y, double d, int w, int h) {
        Raster out = new Raster(w, h);
        double mm = design.repeat().tile().widthMm() / w;
        int ink = Samples.morning().colours().get(2).argb();
        int ground = Samples.morning().colours().get(1).argb();
        List<org.vatwright.core.repeat.Tile.Origin> cells = design.repeat().tile().cells();
        for (int i = 0; i < w * h; i++) {
            int in = 0;
            for (int s = 0; s < 64; s++) {
                double px = (i % w + (s % 8 + 0.5) / 8) * mm;
                double py = (i / w + (s / 8 + 0.5) / 8) * mm;
                in += inside(design, cells, x, y, d, px, py) ? 1 : 0;
            }
            int argb = 0xFF000000;
            for (int shift = 0; shift < 24; shift += 8) {
                argb |= Math.round(((ink >> shift & 255) * in + (ground >> shift & 255) * (64 - in)) / 64f) << shift;
            }
            out.argb()[i] = argb;
        }
        return out;
    }

    private static boolean inside(Design design, List<org.vatwright.core.repeat.Tile.Origin> cells, double x, double y,
            double d, double px, double py) {
        for (org.vatwright.core.repeat.Tile.Origin cell : cells) {
            for (int i = -2; i <= 2; i++) {
                for (int j = -2; j <= 2; j++) {
                    double dx = px - (cell.x() + x + i * design.repeat().tile().widthMm());
                    double dy = py - (cell.y() + y + j * design.repeat().tile().heightMm());
                    if (dx * dx + dy * dy < d * d / 4) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    @Test
    void theAreaIsTheCirclesAtAnySize() {
        for (double diameter : new double[]{0.2, 0.9, 3, 17.3, 39}) {
            Design design = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.dots(3, 38, diameter));
            Raster tile = tile(design, 400);
            double ink = 0;
            int from = Samples.morning().colours().get(1).green();
            int to = Samples.morning().colours().get(2).green();
            for (int p : tile.argb()) {
                ink += (double) (from - (p >> 8 & 255)) / (from - to);
            }
            double area = Math.PI * diameter * diameter / 4;
            assertThat(ink / 100).isEqualTo(area, within(0.02 + 0.002 * area));
        }
    }

    @Test
    void anArrangementThatDoesNotCloseIsRefusedWithOneThatDoes() {
        Dots dots = Samples.dots(1, 1, 3).withArrangement(Arrangement.HALF_DROP).withCounts(3, 2);
        assertThatThrownBy(() -> Samples.design(40, 40, Arrangement.STRAIGHT, dots))
                .hasMessage("a drop of 1/2 does not close with 3 dots across; 2 or 4 would");
        Design four = Samples.design(40, 40, Arrangement.STRAIGHT, dots.withCounts(4, 2));
        assertThat(dots.withCounts(4, 2).spots(dots.dots().getFirst(), four.repeat())).hasSize(8);
    }
}
