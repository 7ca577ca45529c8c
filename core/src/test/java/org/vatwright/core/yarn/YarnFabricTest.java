package org.vatwright.core.yarn;

import org.vatwright.core.Samples;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Fabric of yarn: what it covers, that it closes, that it is one cloth at every density. */
class YarnFabricTest {

    private static final Ink WARP = Ink.slot("warp");
    private static final Ink WEFT = Ink.slot("weft");
    private static final YarnLook FLAT = new YarnLook(1, 1, 0, 0, 0, 0, 10, 0, 135, 1);

    private static Fabric fabric(String weave, YarnLook look) {
        return new Fabric(run(WARP), Optional.of(run(WEFT)), Weave.parse(weave), new Look.Yarns(look), 10, 10);
    }

    private static BandRun run(Ink ink) {
        return new BandRun(List.of(new Band(ink, 1)), false);
    }

    /** @param sideMm of the square tile */
    private static int[] paint(Fabric fabric, double sideMm, int px, double angle) {
        Repeat repeat = new Repeat(sideMm, sideMm, Arrangement.STRAIGHT);
        TileGrid grid = new TileGrid(px, px, sideMm, sideMm);
        int[] out = new int[px * px];
        FabricPainter.of(new Threads(fabric, ink -> ink.equals(WARP) ? 0xFF26345A : 0xFFE1DED2),
                FabricFit.of(fabric, angle, repeat.tile()), Samples.asked(repeat, grid)).paint(out, 0, 0, px);
        return out;
    }

    @Test
    void plainWeaveLeavesTheSquareOfTheGapOpenAtEveryDensity() {
        Random random = new Random(5);
        for (int n = 0; n < 40; n++) {
            double share = 0.3 + 0.65 * random.nextDouble();
            int px = 24 + random.nextInt(300);
            YarnLook look = n % 2 == 0
                    ? FLAT.withWidths(share, share)
                    : YarnLook.named("cotton").withWidths(share, share).withUneven(0).withSlubs(0, 10);
            double open = 0;
            for (int argb : paint(fabric("plain", look), 24, px, 0)) {
                open += 1 - (argb >>> 24) / 255.0;
            }
            assertThat(open / (px * px)).as("share %.3f at %d px", share, px)
                    .isBetween((1 - share) * (1 - share) - 0.003, (1 - share) * (1 - share) + 0.003);
        }
    }

    @Test
    void fromAfarYarnIsAsLightAndAsOpenAsItIsNearBy() {
        for (String name : List.of("cotton", "linen", "wool")) {
            YarnLook look = YarnLook.named(name).withWidths(0.9, 0.8);
            // 400 threads on 100 pixels are yarn, on 40 and 8 they are specks.
            double[] near = light(paint(fabric("twill 2/2", look), 400, 100, 0));
            for (int px : new int[]{40, 8}) {
                double[] far = light(paint(fabric("twill 2/2", look), 400, px, 0));
                for (int c = 0; c < 4; c++) {
                    assertThat(far[c]).as("%s, %d px, channel %d", name, px, c).isBetween(near[c] - 0.015,
                            near[c] + 0.015);
                }
            }
        }
    }

    /** Opaque, red, green, blue in linear light. */
    private static double[] light(int[] argb) {
        double[] mean = new double[4];
        for (int pixel : argb) {
            float[] light = org.vatwright.core.colour.LightMix.linear(pixel);
            for (int c = 0; c < 4; c++) {
                mean[c] += light[c] / argb.length;
            }
        }
        return mean;
    }

    @Test
    void flatYarnWithoutGapsIsTheFlatCloth() {
        for (int px : new int[]{96, 240, 300}) {
            Fabric yarn = fabric("twill 2/2", FLAT);
            assertThat(paint(yarn, 24, px, 0)).isEqualTo(paint(yarn.withLook(Look.WOVEN), 24, px, 0));
        }
    }

    @Test
    void stepsAcrossTheEdgeOfTheTileAreNoLargerThanThoseInside() {
        for (YarnLook.Named named : YarnLook.NAMED) {
            for (double angle : new double[]{0, 45}) {
                int px = 251;
                int[] tile = paint(fabric("basket 2/2", named.look().withUneven(1).withSlubs(1, 5)), 24, px, angle);
                double worstInside = 0;
                double worstEdge = 0;
                for (int at = 0; at < px; at++) {
                    double column = 0;
                    double row = 0;
                    for (int i = 0; i < px; i++) {
                        column += step(tile[i * px + at], tile[i * px + (at + 1) % px]);
                        row += step(tile[at * px + i], tile[(at + 1) % px * px + i]);
                    }
                    if (at == px - 1) {
                        worstEdge = Math.max(column, row);
                    } else {
                        worstInside = Math.max(worstInside, Math.max(column, row));
                    }
                }
                assertThat(worstEdge).as(named.name() + " " + angle).isLessThanOrEqualTo(1.02 * worstInside);
            }
        }
    }

    private static double step(int a, int b) {
        return Math.abs((a >> 8 & 255) - (b >> 8 & 255)) + Math.abs((a >>> 24) - (b >>> 24));
    }

    @Test
    void aDenserPictureReducedIsTheCoarserOne() {
        for (YarnLook.Named named : YarnLook.NAMED) {
            Fabric fabric = fabric("twill 3/1", named.look());
            int coarse = 24 * 6;
            int[] small = paint(fabric, 24, coarse, 0);
            for (int factor : new int[]{2, 4}) {
                int[] large = paint(fabric, 24, coarse * factor, 0);
                double off = 0;
                for (int y = 0; y < coarse; y++) {
                    for (int x = 0; x < coarse; x++) {
                        double sum = 0;
                        for (int i = 0; i < factor * factor; i++) {
                            sum += light(large[(y * factor + i / factor) * coarse * factor + x * factor + i % factor]);
                        }
                        off += Math.abs(sum / factor / factor - light(small[y * coarse + x]));
                    }
                }
                assertThat(off / coarse / coarse).as("%s, mean difference in linear light", named.name())
                        .isLessThan(0.012);
            }
        }
    }

    @Test
    void theMeanStaysTheSameFromAFifthOfAPixelToTwenty() {
        Fabric fabric = fabric("twill 2/2", YarnLook.named("linen"));
        double wanted = mean(paint(fabric, 40, 40 * 16, 0));
        for (double px : new double[]{0.2, 0.7, 1, 1.7, 2.9, 5.37, 9, 20}) {
            assertThat(mean(paint(fabric, 40, (int) Math.rint(40 * px), 0))).as("%s px a thread", px)
                    .isBetween(wanted - 0.012, wanted + 0.012);
        }
    }

    private static double mean(int[] argb) {
        double sum = 0;
        for (int p : argb) {
            sum += light(p);
        }
        return sum / argb.length;
    }

    /** Green, linear and premultiplied. */
    private static double light(int argb) {
        int alpha = argb >>> 24;
        return alpha == 0 ? 0 : alpha / 255.0 * Light.linear(Math.min(255, (argb >> 8 & 255) * 255 / alpha));
    }

    @Test
    void stripsAreTheSameAsTheWhole() {
        Fabric fabric = fabric("satin 5/2", YarnLook.named("wool"));
        Repeat repeat = new Repeat(25, 25, Arrangement.STRAIGHT);
        TileGrid grid = new TileGrid(61, 61, 25, 25);
        var painter = FabricPainter.of(new Threads(fabric, ink -> ink.equals(WARP) ? 0xFF26345A : 0xFFE1DED2),
                FabricFit.of(fabric, 0, repeat.tile()), Samples.asked(repeat, grid));
        int[] whole = new int[61 * 61];
        painter.paint(whole, 0, 0, 61);
        int[] strips = new int[61 * 61];
        for (int from = 0; from < 61; from += 7) {
            painter.paint(strips, from * 61, from, Math.min(61, from + 7));
        }
        assertThat(strips).isEqualTo(whole);
    }

    @Test
    void aLookOutsideItsRangeIsRefused() {
        assertThatThrownBy(() -> FLAT.withWidths(0.01, 1)).hasMessageContaining("5 to 100");
        assertThatThrownBy(() -> FLAT.withTwist(-2)).hasMessageContaining("-100 to 100");
        assertThatThrownBy(() -> YarnLook.named("velvet")).hasMessageContaining("cotton, linen, wool, canvas, denim");
    }
}
