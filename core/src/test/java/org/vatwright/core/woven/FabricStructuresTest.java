package org.vatwright.core.woven;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.render.Cloth;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.plaid.PlaidDesign;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Checks and plaids as structures of designs: kinds, closing, letters, layers woven into each other. */
class FabricStructuresTest {

    private static final List<Ink> INKS = List.of(Samples.LINEN, Samples.NAVY, Samples.MADDER);

    private static Raster tile(Design design, int width) {
        return TileRenderer.render(new Cloth(design, Samples.morning()),
                TileGrid.ofWidth(design.repeat().tile(), width), Work.on(2));
    }

    @ParameterizedTest
    @EnumSource(Checks.Kind.class)
    void everyKindClosesOnItsOwnPeriodAndGoesOnAsAPlaid(Checks.Kind kind) {
        Checks checks = Checks.fresh(kind, INKS);
        Fabric fabric = checks.fabric();
        Design design = Samples.design(fabric.periodWidthMm(), fabric.periodHeightMm(), Arrangement.STRAIGHT, checks);
        assertThat(checks.closes(design.repeat())).isTrue();
        Design plaid = design.replace(1, l -> l.withStructure(new Plaid(fabric)));
        assertThat(tile(plaid, 360).argb()).isEqualTo(tile(design, 360).argb());
        assertThat(Checks.Kind.parse(kind.words())).isEqualTo(kind);
        assertThat(new Plaid(fabric).text(true).run(l -> new Plaid(fabric).letters().get(l))).isEqualTo(fabric.warp());
    }

    @Test
    void aCheckerboardIsSquaresAndAWindowpaneLines() {
        Checks board = Checks.fresh(Checks.Kind.CHECKERBOARD, INKS);
        Raster squares = tile(Samples.design(20, 20, Arrangement.STRAIGHT, board), 80);
        for (int i = 0; i < 80 * 80; i++) {
            boolean ground = (i % 80 < 40) == (i / 80 < 40);
            assertThat(squares.argb()[i])
                    .isEqualTo(Samples.morning().colours().get(ground ? 1 : 0).argb());
        }
        Checks pane = Checks.fresh(Checks.Kind.WINDOWPANE, INKS);
        Raster lines = tile(Samples.design(31.5, 31.5, Arrangement.STRAIGHT, pane), 630);
        assertThat(lines.at(300, 300)).isEqualTo(Samples.morning().colours().get(1).argb());
        assertThat(lines.at(615, 615)).isEqualTo(Samples.morning().colours().get(0).argb());
        assertThat(lines.at(300, 615)).isEqualTo(lines.at(615, 300)).isNotEqualTo(lines.at(300, 300));
    }

    @Test
    void whatCannotBeHalvedInWholePixelsIsToldWithTheNearest() {
        Checks gingham = Checks.fresh(Checks.Kind.GINGHAM, INKS);
        Density dpi = new Density(300);
        assertThat(gingham.halves(dpi)).isFalse();
        Checks whole = gingham.withThreadsPerCm(gingham.halvingThreadsPerCm(dpi));
        assertThat(whole.halves(dpi)).isTrue();
        assertThat(dpi.px(whole.bandMm())).isEqualTo(71, within(1e-9));
        assertThat(gingham.halves(new Density(254))).isTrue();
        assertThatThrownBy(() -> gingham.withBand(0)).hasMessageContaining("from 1 to 256");
        assertThatThrownBy(() -> gingham.closed(0, 10, 12)).hasMessageContaining("make it a plaid");
    }

    /** Every offer, on any cell and arrangement, closes exactly and keeps what it promises. */
    @Test
    void everyOfferCloses() {
        Random random = new Random(9);
        int turned = 0;
        for (int n = 0; n < 200; n++) {
            List<Band> bands = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(4); i++) {
                bands.add(new Band(INKS.get(i % 3), 1 + random.nextInt(20)));
            }
            Fabric fabric = new Fabric(new BandRun(bands, random.nextBoolean()), Optional.empty(),
                    Weave.parse("twill 2/2"),
                    Look.WOVEN, 5 + random.nextInt(30), 5 + random.nextInt(30));
            Plaid plaid = new Plaid(fabric).withAngle(random.nextBoolean() ? 0 : random.nextInt(180) - 90);
            Repeat repeat = new Repeat(20 + random.nextInt(200), 20 + random.nextInt(200),
                    random.nextBoolean() ? Arrangement.STRAIGHT : Arrangement.HALF_DROP);
            for (Closing offer : plaid.closings(repeat)) {
                FabricStructure closed = (FabricStructure) offer.structure();
                assertThat(closed.closes(offer.repeat())).as("%s: %s", offer.id(), offer.cost()).isTrue();
                assertThat(closed.fabric().warp()).isEqualTo(fabric.warp());
                switch (offer.id()) {
                    case "resize-cell" -> assertThat(closed).isEqualTo(plaid);
                    case "count-threads" -> assertThat(offer.repeat()).isEqualTo(repeat);
                    default -> {
                        turned++;
                        assertThat(closed.angleDeg()).isEqualTo(plaid.angleDeg(), within(15.0));
                    }
                }
            }
        }
        assertThat(turned).isGreaterThan(50);
    }

    @Test
    void whateverIsAskedForHasNoSeamAndSaysHowItIsDrawn() {
        Plaid plaid = PlaidDesign
                .of("Sett", SettText.parse("N/6 L20 M10 L/4"), Optional.empty(), Weave.parse("twill 2/2"),
                        Look.HALF, 12,
                        Map.of("N", Rgb.parse("#20365f"), "L", Rgb.parse("#f1e9d8"), "M", Rgb.parse("#ab3b2c")))
                .plaid();
        Plaid inked = plaid.withInks(i -> i.words().equals("Grey")
                ? Samples.NAVY
                : i.words().equals("L")
                        ? Samples.LINEN
                        : Samples.MADDER);
        for (double angle : new double[]{0, 45, 90, -31}) {
            Design design = Samples.design(140, 97, Arrangement.HALF_DROP, inked.withAngle(angle));
            assertThat(SeamCheck.ratio(tile(design, 700))).as("at %s degrees", angle).isLessThan(1.6);
            List<Finding> findings = design.layers().getFirst().structure().findings(design.repeat());
            assertThat(findings).extracting(Finding::check).contains("Threads in the tile", "Cloth closes nearly");
        }
    }

    @Test
    void stripesOfTwoLayersAreWovenTogetherIntoAPlaid() {
        BandRun bands = new BandRun(List.of(new Band(Samples.NAVY, 6), new Band(Samples.MADDER, 4)), false);
        Weave twill = Weave.parse("twill 2/2");
        Fabric fabric = new Fabric(bands, Optional.empty(), twill, Look.WOVEN, 10, 10);
        Design plaid = Samples.design(20, 20, Arrangement.STRAIGHT, new Plaid(fabric));
        Design woven = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(-90, 6, 0.0001 + 4),
                Samples.stripes(0, 6, 4));
        woven = woven.withLayers(List.of(
                new Layer(1, "weft", stripes(-90)).withMask(Optional.of(new ThreadMask(twill, false, 10, 10))),
                new Layer(2, "warp", stripes(0)).withMask(Optional.of(new ThreadMask(twill, true, 10, 10)))));
        assertThat(Samples.difference(tile(woven, 200), tile(plaid, 200))).isZero();
    }

    private static org.vatwright.core.family.stripe.Stripes stripes(double angle) {
        return Samples.stripes(angle, 6, 4).withRun(new BandRun(List.of(new Band(Samples.NAVY, 6),
                new Band(Samples.MADDER, 4)), false));
    }

    @Test
    void aClearBandShowsTheGround() {
        BandRun bands = new BandRun(List.of(new Band(Ink.CLEAR, 5), new Band(Samples.NAVY, 5)), false);
        Design design = Samples.design(10, 10, Arrangement.STRAIGHT,
                new Plaid(new Fabric(bands, Optional.empty(), Weave.plain(), Look.WOVEN, 10, 10)));
        Raster tile = tile(design, 100);
        assertThat(tile.at(15, 15)).isEqualTo(Samples.morning().colours().get(1).argb());
        assertThat(tile.at(75, 75)).isEqualTo(Samples.morning().colours().get(0).argb());
        assertThat(new Plaid(design.layers().getFirst().structure() instanceof Plaid p ? p.fabric() : null).letters())
                .containsValue(Ink.CLEAR);
    }

    @Test
    void unknownLettersTakeDistinctInksAndAreNamed() {
        PlaidDesign made = PlaidDesign.of("Sett", SettText.parse("K4 Q4 V8"), Optional.of(SettText.parse("Q2 ZZ6")),
                Weave.plain(), Look.WOVEN, 20, Map.of("V", Rgb.parse("#123456")));
        assertThat(made.unknown()).containsExactly("Q", "ZZ");
        assertThat(made.design().palette().first().colours()).doesNotHaveDuplicates().contains(Rgb.parse("#123456"));
        assertThat(made.plaid().text(false).toString()).isEqualTo("Q2 ZZ6");
        assertThat(made.plaid().closes(made.design().repeat())).isTrue();
    }

    @Test
    void aSettIsScaledToAThreadCountInProportion() {
        Random random = new Random(2);
        for (int n = 0; n < 300; n++) {
            List<Band> bands = new ArrayList<>();
            for (int i = 0; i < 3 + random.nextInt(5); i++) {
                bands.add(new Band(INKS.get(i % 3), 2 + random.nextInt(30)));
            }
            BandRun run = new BandRun(bands, random.nextBoolean());
            int total = 60 + random.nextInt(400);
            BandRun scaled = run.toThreads(total);
            assertThat(scaled.length()).isEqualTo(total, within(1.0));
            double factor = total / run.length();
            for (int i = 0; i < bands.size(); i++) {
                assertThat(scaled.bands().get(i).width()).isEqualTo(Math.rint(scaled.bands().get(i).width()))
                        .isEqualTo(Math.max(1, bands.get(i).width() * factor), within(2.0));
            }
        }
    }

    @Test
    void bandsOfThreadsStayWholeHoweverTheyAreEdited() {
        BandRun run = new BandRun(
                List.of(new Band(Samples.NAVY, 5), new Band(Samples.LINEN, 8), new Band(Samples.MADDER, 3)),
                true);
        assertThat(run.split(0, 1).bands()).extracting(Band::width).startsWith(2.0, 3.0);
        assertThatThrownBy(() -> new BandRun(List.of(new Band(Samples.NAVY, 1)), false).split(0, 1))
                .hasMessageContaining("one thread cannot be split");
        for (int edge = 0; edge <= 4; edge++) {
            for (int by = -9; by <= 9; by++) {
                BandRun moved = run.moveEdge(edge, by, 1);
                assertThat(moved.length()).isEqualTo(run.length());
                assertThat(moved.bands()).allMatch(b -> b.width() >= 1 && b.width() == Math.rint(b.width()));
            }
        }
        assertThat(run.mirrored().mirrored()).isEqualTo(run);
        assertThat(run.copied().bands()).hasSize(6);
        assertThatThrownBy(() -> new Fabric(run.with(0, run.bands().getFirst().withWidth(2.5)), Optional.empty(),
                Weave.plain(), Look.WOVEN, 10, 10)).hasMessageContaining("must be whole threads");
    }

    @Test
    void aCheckWithoutInksIsRefusedInASentence() {
        assertThatThrownBy(() -> Checks.fresh(Checks.Kind.GINGHAM, List.of())).isInstanceOf(Refusal.class)
                .hasMessage("a gingham needs 2 inks; it has none");
    }
}
