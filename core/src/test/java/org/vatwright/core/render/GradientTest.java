package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillClosing;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.GradientClosing;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

/** Gradients as inks, against their formulas worked out by hand. */
class GradientTest {

    private static final Ink DARK = Ink.slot("Dark");
    private static final Ink LIGHT = Ink.slot("Light");
    private static final Ink GREY = Ink.slot("Grey");
    private static final Palette BLACK_TO_WHITE = new Palette(List.of("Dark", "Light", "Grey"), List.of(
            new Colourway("Morning", List.of(Rgb.parse("#000000"), Rgb.parse("#ffffff"), Rgb.parse("#804020"))),
            new Colourway("Fog", List.of(Rgb.parse("#0000ff"), Rgb.parse("#00ff00"), Rgb.parse("#804020")))));
    /** Whether a colour is where its ramp says, of 255: what rounding of a ramp of 1024 colours allows. */
    private static final double ROUNDED = 1;

    private static Fill fill(Fill.Across across, Course course) {
        return Fill.of("Blend", new Fill.OfGradient(course, across,
                List.of(new Gradient.Stop(0, DARK, 1), new Gradient.Stop(1, LIGHT, 1))));
    }

    /** @return a design of 40 x 20 mm on that ground */
    private static Design design(Fill fill, Ink ground, Structure... structures) {
        List<Layer> layers = new ArrayList<>();
        for (Structure structure : structures) {
            layers.add(new Layer(layers.size() + 1, "Layer", structure));
        }
        return Samples.design(40, 20, Arrangement.STRAIGHT).with().palette(BLACK_TO_WHITE).ground(ground)
                .fills(List.of(fill)).layers(layers).build();
    }

    private static Raster paint(Design design, int widthPx) {
        return paint(design, widthPx, "Morning");
    }

    private static Raster paint(Design design, int widthPx, String colourway) {
        return TileRenderer.render(new Cloth(design, design.palette().orFirst(colourway)),
                TileGrid.ofWidth(design.repeat().tile(), widthPx), Work.on(2));
    }

    private static double grey(Raster raster, int x, int y) {
        return raster.at(x, y) & 255;
    }

    private static double backAndForth(double t) {
        double in = t - Math.floor(t);
        return 255 * (1 - Math.abs(1 - 2 * in));
    }

    @ParameterizedTest
    @CsvSource({"0, 0.5, 1, 0.5, 1, 0", "0.25, 0, 0.25, 1, 0, 1", "0, 0, 0.2, 0.5, 2, 1", "0.9, 0.1, 0.4, 0.1, -2, 0"})
    void acrossTheTileItRunsAWholeNumberOfTimesFromWhereItBegins(double fromU, double fromV, double toU, double toV,
            int across, int down) {
        Course course = new Course(Course.Kind.LINEAR, fromU, fromV, toU, toV, true);
        Raster tile = paint(design(fill(Fill.Across.TILE, course), new Ink.Filled("Blend")), 80);
        for (int y = 0; y < 40; y += 3) {
            for (int x = 0; x < 80; x += 3) {
                double t = across * ((x + 0.5) / 80 - fromU) + down * ((y + 0.5) / 40 - fromV);
                assertThat(grey(tile, x, y)).as("%d, %d", x, y).isCloseTo(backAndForth(t), within(ROUNDED));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Course.Kind.class)
    void noStepAcrossAnEdgeIsLargerThanThoseInside(Course.Kind kind) {
        Course course = new Course(kind, 0.3, 0.4, 0.7, 0.9, true);
        Raster tile = paint(design(fill(Fill.Across.TILE, course), new Ink.Filled("Blend")), 160);
        double inside = 0;
        double over = 0;
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 160; x++) {
                double step = Math.max(Math.abs(grey(tile, x, y) - grey(tile, (x + 1) % 160, y)),
                        Math.abs(grey(tile, x, y) - grey(tile, x, (y + 1) % 80)));
                if (x == 159 || y == 79) {
                    over = Math.max(over, step);
                } else {
                    inside = Math.max(inside, step);
                }
            }
        }
        assertThat(over).isLessThanOrEqualTo(inside);
        // A round one has places about which it turns; there alone neighbours differ much.
        assertThat(inside).isLessThan(kind == Course.Kind.ROUND ? 256 : 16);
    }

    @Test
    void aRadialOneCountsFromTheNearestOfItsMiddles() {
        Course course = new Course(Course.Kind.RADIAL, 0.05, 0.1, 0.3, 0.1);
        Raster tile = paint(design(fill(Fill.Across.TILE, course), new Ink.Filled("Blend")), 200);
        // The middle lies at 2, 2 mm, the rim 10 mm out; 38 mm is 4 mm to its left.
        assertThat(grey(tile, 10, 10)).isLessThan(12);
        for (int[] at : new int[][]{{190, 10}, {30, 10}, {10, 90}}) {
            double x = (at[0] + 0.5) / 5 - 2;
            double y = (at[1] + 0.5) / 5 - 2;
            double r = Math.hypot(x - 40 * Math.rint(x / 40), y - 20 * Math.rint(y / 20));
            assertThat(grey(tile, at[0], at[1])).isCloseTo(255 * Math.min(1, r / 10), within(ROUNDED));
        }
        assertThat(grey(tile, 110, 60)).isEqualTo(255);
    }

    @Test
    void eachMarkHasItsOwn() {
        Dots dots = new Dots(List.of(new Dot(10, 10, 8, new Ink.Filled("Blend")),
                new Dot(38, 10, 8, new Ink.Filled("Blend"))), 1, 1, Arrangement.STRAIGHT);
        Raster tile = paint(design(fill(Fill.Across.MARK, new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5)), GREY, dots),
                400);
        for (double share : new double[]{0.1, 0.5, 0.9}) {
            int x = (int) (10 * (6 + 8 * share));
            double wanted = 255 * ((x + 0.5) / 10 - 6) / 8;
            assertThat(grey(tile, x, 100)).isCloseTo(wanted, within(ROUNDED));
            // The second lies over the edge.
            assertThat(tile.at((x + 280) % 400, 100)).isEqualTo(tile.at(x, 100));
        }
        assertThat(tile.at(220, 100)).isEqualTo(0xFF804020);
    }

    @Test
    void aRoundOneTurnsAboutTheMiddleOfEachMark() {
        Dots dots = new Dots(List.of(new Dot(20, 10, 16, new Ink.Filled("Blend"))), 1, 1, Arrangement.STRAIGHT);
        Raster tile = paint(design(fill(Fill.Across.MARK, new Course(Course.Kind.ROUND, 0.5, 0.5, 1, 0.5)), GREY, dots),
                400);
        // Clockwise from the right: below a quarter, left a half, above three quarters.
        assertThat(grey(tile, 200, 140)).isCloseTo(255 * 0.25, within(3.0));
        assertThat(grey(tile, 160, 100)).isCloseTo(255 * 0.5, within(3.0));
        assertThat(grey(tile, 200, 60)).isCloseTo(255 * 0.75, within(3.0));
    }

    @Test
    void aBandOfAStripeIsCrossedFromEdgeToEdge() {
        Stripes stripes = new Stripes(new BandRun(List.of(new Band(new Ink.Filled("Blend"), 12), new Band(GREY, 8)),
                false), new BandMeasure.Millimetres(), 0, 3);
        Raster tile = paint(design(fill(Fill.Across.MARK, new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5)), GREY,
                stripes), 400);
        double first = grey(tile, 5, 7);
        for (int x = 5; x < 115; x += 10) {
            assertThat(grey(tile, x, 7)).isCloseTo(255 * ((x + 0.5) / 120), within(ROUNDED + 1));
            assertThat(tile.at(x + 200, 150)).as("the same in the next run").isEqualTo(tile.at(x, 7));
        }
        assertThat(first).isLessThan(20);
        assertThat(tile.at(160, 7)).isEqualTo(0xFF804020);
    }

    @Test
    void alongALineItFollowsItsTurns() {
        Zigzag zigzag = new Zigzag(20, 4, 20, List.of(new Zigzag.Line(new Ink.Filled("Blend"), 2)), Zigzag.Corner.SHARP,
                0, 0);
        Design design = design(fill(Fill.Across.LINE, new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5, true)), GREY,
                zigzag);
        Raster tile = paint(design, 800);
        // On the middle of the line: at x mm of a period of 20, up to 5 mm one slope, then down, all as steep.
        for (double x : new double[]{1, 3, 7, 11, 17}) {
            double y = x < 5 ? -4 * x / 5 : x < 15 ? -4 + 4 * (x - 5) / 5 : 4 - 4 * (x - 15) / 5;
            int px = (int) (20 * x);
            int py = Math.floorMod((int) Math.round(20 * y), 400);
            assertThat(grey(tile, px, py)).as("%s mm", x).isCloseTo(backAndForth(x / 20), within(8.0));
            assertThat(tile.at(px + 400, py)).as("one period on").isEqualTo(tile.at(px, py));
        }
    }

    @Test
    void endsThatDoNotAgreeAreToldAndTheOffersHaveThemAgree() {
        Design design = design(fill(Fill.Across.TILE, new Course(Course.Kind.LINEAR, 0, 0.5, 1.1, 0.5)),
                new Ink.Filled("Blend"));
        assertThat(FillClosing.findings(design)).filteredOn(f -> f.severity() == Finding.Severity.LOOK)
                .extracting(Finding::check).containsExactly("Blend closes nearly", "Ends of Blend agree");
        Fill fill = design.fills().getFirst();
        assertThat(GradientClosing.offers(fill, design)).extracting(o -> o.id()).containsExactly("gradient-close",
                "gradient-back", "gradient-again");
        Design cured = design;
        for (String id : List.of("gradient-close", "gradient-again")) {
            Design now = cured;
            cured = GradientClosing.offers(now.fills().getFirst(), now).stream().filter(o -> o.id().equals(id))
                    .findFirst().orElseThrow().change().apply(now);
        }
        assertThat(FillClosing.findings(cured)).allMatch(f -> f.severity() == Finding.Severity.FINE);
        Raster before = paint(design, 200);
        Raster after = paint(cured, 200);
        assertThat(Math.abs(grey(before, 199, 5) - grey(before, 0, 5))).isGreaterThan(120);
        assertThat(Math.abs(grey(after, 199, 5) - grey(after, 0, 5))).isLessThan(6);
    }

    @Test
    void itsInksAreSlotsSoColourwaysHold() {
        Design design = design(fill(Fill.Across.TILE, new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5, true)),
                new Ink.Filled("Blend"));
        assertThat(design.usedSlots()).containsExactly("Dark", "Light");
        assertThat(paint(design, 100, "Fog").at(0, 5)).isEqualTo(paint(design, 100, "Fog").at(99, 5));
        assertThat(paint(design, 100, "Fog").at(49, 5) & 0xFF00).as("green at the turn").isGreaterThan(0xF000);
        Design renamed = design.renameSlot("Light", "Foam");
        assertThat(renamed.fills().getFirst().inks()).containsExactly(DARK, Ink.slot("Foam"));
        assertThat(paint(renamed, 100).argb()).isEqualTo(paint(design, 100).argb());
        assertThatThrownBy(() -> design.withPalette(Samples.PALETTE)).isInstanceOf(Refusal.class)
                .hasMessageContaining("Dark");
    }

    @Test
    void broughtIntoAnotherDesignItsInksComeAlong() {
        Dots dots = new Dots(List.of(new Dot(10, 10, 8, new Ink.Filled("Blend"))), 1, 1, Arrangement.STRAIGHT);
        Design from = design(fill(Fill.Across.MARK, new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5)), GREY, dots);
        Design into = Samples.design(40, 20, Arrangement.STRAIGHT);
        Design brought = Recipe.brought(into, from, java.util.Set.of(1));
        assertThat(brought.palette().slots()).contains("Dark", "Light");
        Raster there = paint(brought, 400);
        Raster here = paint(from, 400);
        assertThat(there.at(90, 100)).isEqualTo(here.at(90, 100));
    }

    @Test
    void whatIsNoGradientIsRefused() {
        assertThatThrownBy(() -> new Course(Course.Kind.LINEAR, 0.5, 0.5, 0.5, 0.5)).isInstanceOf(Refusal.class)
                .hasMessageContaining("pull one of them away");
        assertThatThrownBy(() -> new Course(Course.Kind.LINEAR, 0, 0, 99, 0)).hasMessageContaining("9900 %");
        Course fine = new Course(Course.Kind.LINEAR, 0, 0, 1, 0);
        assertThatThrownBy(() -> new Fill.OfGradient(fine, Fill.Across.TILE, List.of(new Gradient.Stop(0, DARK, 1))))
                .hasMessageContaining("inks of a gradient");
        assertThatThrownBy(() -> new Fill.OfGradient(fine, Fill.Across.TILE,
                List.of(new Gradient.Stop(0, DARK, 1), new Gradient.Stop(1, new Ink.Filled("Deck"), 1))))
                .hasMessageContaining("Deck is a fill");
    }
}
