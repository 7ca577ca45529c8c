package org.vatwright.core.family.stripe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.band.Edge;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

class StripesTest {

    @Test
    void knownClosing() {
        Waves waves = new Waves(3, 4, 100, 100);
        assertThat(waves.angleDeg()).isEqualTo(53.13010235, within(1e-8));
        assertThat(waves.periodMm()).isEqualTo(20, within(1e-12));
        Stripes wanted = Samples.stripes(waves.angleDeg(), 5, 15);
        assertThat(Waves.of(wanted, new Repeat(100, 100, Arrangement.STRAIGHT).tile()).exact(wanted)).isTrue();
        assertThat(wanted.closings(new Repeat(100, 100, Arrangement.STRAIGHT))).isEmpty();
    }

    @Test
    void closingIsToldAlongTheEdgesThatAreCrossed() {
        assertThat(new Waves(3, -4, 100, 100).words()).isEqualTo("3 across, 4 down the tile");
        assertThat(new Waves(2, 0, 100, 100).words()).isEqualTo("2 across the tile");
        assertThat(new Waves(0, -5, 100, 100).words()).isEqualTo("5 down the tile");
    }

    @Test
    void everyOfferClosesAndKeepsWhatItPromises() {
        Random random = new Random(12);
        for (int n = 0; n < 500; n++) {
            Design design = Samples.any(random, 20 + random.nextInt(300), 20 + random.nextInt(300));
            Repeat repeat = design.repeat();
            Stripes stripes = Samples.stripes(random.nextInt(3600) / 10.0, 1 + random.nextInt(20),
                    1 + random.nextInt(20));
            List<Closing> closings = stripes.closings(repeat);
            assertThat(closings).isSortedAccordingTo(Comparator.comparingDouble(Closing::weight));
            for (Closing closing : closings) {
                Stripes closed = (Stripes) closing.structure();
                assertThat(Waves.of(closed, closing.repeat().tile()).exact(closed)).as(closing.cost()).isTrue();
                if (closing.id().equals("resize-tile")) {
                    assertThat(closed).isEqualTo(stripes);
                } else {
                    assertThat(closing.repeat()).isEqualTo(repeat);
                    assertThat(closed.periodMm() / stripes.periodMm()).isBetween(0.5, 2.0);
                }
            }
        }
    }

    /** What was drawn at 33.69 degrees was offered at 45, and bands at a sixteenth of their width. */
    @Test
    void anglesAreRankedByAngleAndBandsTogether() {
        Repeat repeat = new Repeat(100, 100, Arrangement.STRAIGHT);
        Stripes stripes = Samples.stripes(37, 17.735, 10);
        assertThat(Waves.of(stripes, repeat.tile()).angleDeg()).isEqualTo(33.69, within(0.01));
        List<Closing> angles = stripes.closings(repeat).stream().filter(c -> c.id().startsWith("angle")).toList();
        assertThat(angles).hasSizeBetween(2, 3);
        assertThat(((Stripes) angles.getFirst().structure()).angleDeg()).isEqualTo(33.69, within(0.01));
        for (Closing one : angles) {
            Stripes closed = (Stripes) one.structure();
            assertThat(one.title()).startsWith("Close at");
            for (Closing other : angles) {
                Stripes its = (Stripes) other.structure();
                boolean nearerAngle = Math.abs(its.angleDeg() - 37) < Math.abs(closed.angleDeg() - 37) - 1e-9;
                boolean nearerBands = Math.abs(Math.log(its.periodMm() / stripes.periodMm())) < Math
                        .abs(Math.log(closed.periodMm() / stripes.periodMm())) - 1e-9;
                assertThat(nearerAngle && nearerBands).as("%s is better than %s in both", other, one).isFalse();
            }
        }
    }

    @Test
    void uprightStripesOfWholePixelsAreDrawnToTheBit() {
        Design design = Samples.design(20, 10, Arrangement.STRAIGHT, Samples.stripes(0, 4, 6));
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()),
                TileGrid.ofWidth(design.repeat().tile(), 40), Work.on(1));
        InkColours inks = new InkColours(Samples.PALETTE, Samples.morning());
        for (int x = 0; x < 40; x++) {
            assertThat(tile.at(x, 7)).isEqualTo(inks.argb(x % 20 < 8 ? Samples.NAVY : Samples.LINEN));
        }
        Design level = Samples.design(10, 20, Arrangement.STRAIGHT, Samples.stripes(-90, 4, 6));
        Raster down = TileRenderer.render(new Cloth(level, Samples.morning()),
                TileGrid.ofWidth(level.repeat().tile(), 20), Work.on(1));
        assertThat(down.at(3, 0)).isEqualTo(inks.argb(Samples.NAVY));
        assertThat(down.at(3, 8)).isEqualTo(inks.argb(Samples.LINEN));
    }

    @Test
    void aPositiveAngleTurnsCounterClockwiseAsSeen() {
        Design design = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(45, Math.sqrt(50), Math.sqrt(50)));
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()),
                TileGrid.ofWidth(design.repeat().tile(), 200), Work.on(1));
        // Upright stripes turned that way lean from the upper left to the lower right.
        assertThat(tile.at(60, 60)).isEqualTo(tile.at(110, 110)).isEqualTo(tile.at(160, 160));
        assertThat(tile.at(60, 60)).isNotEqualTo(tile.at(110, 10));
    }

    @Test
    void softAndStrayingEdgesHaveNoSeam() {
        Edge edge = new Edge(0.6, 1.5, 8);
        for (double angle : new double[]{0, 90, 30, -71, 135}) {
            Stripes straight = Samples.stripes(angle, 6, 4, 7);
            Stripes cut = straight
                    .withRun(new BandRun(straight.run().bands().stream().map(b -> b.withEdge(edge)).toList(), true));
            Design design = Samples.design(60, 45, Arrangement.STRAIGHT, cut);
            TileGrid grid = TileGrid.ofWidth(design.repeat().tile(), 480);
            Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), grid, Work.on(2));
            assertThat(SeamCheck.ratio(tile)).isLessThan(1.5);
            Design otherSeed = design.replace(1, l -> l.withStructure(cut.withSeed(99)));
            Raster other = TileRenderer.render(new Cloth(otherSeed, Samples.morning()), grid, Work.on(2));
            assertThat(Samples.difference(tile, other)).isGreaterThan(100);
        }
    }

    @Test
    void countedInThreadsTheCountsStayWhenScaled() {
        Stripes threads = Samples.stripes(0, 12, 24).withMeasure(new BandMeasure.Threads(12));
        assertThat(threads.periodMm()).isEqualTo(30);
        Stripes wider = threads.scaled(1.5);
        assertThat(wider.run()).isEqualTo(threads.run());
        assertThat(wider.periodMm()).isEqualTo(45, within(1e-9));
    }

    @Test
    void theShapesCoverWhatIsPainted() {
        Edge edge = new Edge(1, 0.8, 12);
        Stripes plain = Samples.stripes(28, 6, 4, 7);
        for (Stripes stripes : List.of(plain, plain.withRun(new BandRun(plain.run().bands().stream()
                .map(b -> b.withEdge(edge)).toList(), true)))) {
            Design design = Samples.design(60, 45, Arrangement.HALF_DROP, stripes);
            TileGrid grid = TileGrid.ofWidth(design.repeat().tile(), 600);
            Raster painted = TileRenderer.render(new Cloth(design, Samples.morning()), grid, Work.on(2));
            BufferedImage drawn = draw(stripes.outlines(design.repeat(), Phase.OWN, Work.on(2)).orElseThrow(), grid);
            long far = 0;
            for (int i = 0; i < painted.argb().length; i++) {
                int a = painted.argb()[i];
                int b = drawn.getRGB(i % grid.widthPx(), i / grid.widthPx());
                far += Math.abs((a >> 8 & 255) - (b >> 8 & 255)) > 40 ? 1 : 0;
            }
            assertThat((double) far / painted.argb().length).isLessThan(0.004);
        }
    }

    private static BufferedImage draw(List<VectorMark> marks, TileGrid grid) {
        InkColours inks = new InkColours(Samples.PALETTE, Samples.morning());
        BufferedImage image = new BufferedImage(grid.widthPx(), grid.heightPx(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(1 / grid.mmPerPxX(), 1 / grid.mmPerPxY());
        for (VectorMark mark : marks) {
            g.setColor(new Color(mix(inks.argb(mark.from()), inks.argb(mark.to()), mark.share())));
            g.fill(mark.shape());
        }
        return image;
    }

    private static int mix(int a, int b, double share) {
        int out = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            float light = (float) (org.vatwright.core.colour.Light.linear(a >> shift & 255) * (1 - share)
                    + org.vatwright.core.colour.Light.linear(b >> shift & 255) * share);
            out |= org.vatwright.core.colour.Light.channel(light) << shift;
        }
        return out;
    }
}
