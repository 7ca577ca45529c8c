package org.vatwright.core.family.interlace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.Samples;
import org.vatwright.core.laid.Click;
import org.vatwright.core.laid.LaidClosing;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.TurnedLattice;

class InterlaceTest {

    private static final List<Ink> TWO = List.of(Samples.NAVY, Samples.MADDER);

    private static Interlace interlace(String mesh, double size, double spacing, double down, double thick) {
        return new Interlace(Mesh.parse(mesh), size, spacing, down, thick, thick / 5, 0, TWO, 0, Set.of());
    }

    private static Raster tile(Interlace interlace, Repeat repeat, int px) {
        return TileRenderer
                .render(new Cloth(Samples.design(repeat.widthMm(), repeat.heightMm(), Arrangement.STRAIGHT, interlace),
                        Samples.morning()), TileGrid.ofWidth(repeat.tile(), px), Work.on(2));
    }

    /** Along each line over and under take turns, and every crossing has one of each, whatever the size. */
    @ParameterizedTest
    @CsvSource({"rings, 33, 30, 30", "rings, 38, 30, 30", "rings, 50, 30, 28", "rings, 57, 30, 30",
            "braid 2, 20, 30, 40",
            "braid 3, 20, 30, 40", "braid 3, 12, 30, 70", "braid 5, 24, 30, 90", "knots 2x3, 28, 30, 30",
            "knots 3x4, 28, 30, 30", "knots 3x2, 25, 30, 26", "knots 4x5, 60, 70, 70", "strips plain, 9, 30, 30"})
    void crossingsAlternate(String mesh, double size, double spacing, double down) {
        for (double thick : new double[]{0.5, 1, 1.7}) {
            Plan plan = Plan.of(interlace(mesh, size, spacing, down, thick));
            Crossings crossings = plan.crossings();
            assertThat(crossings.alternates()).isTrue();
            assertThat(crossings.all()).isNotEmpty();
            int met = 0;
            for (int s = 0; s < plan.strands().size(); s++) {
                List<Crossings.Entry> entries = crossings.along(s);
                met += entries.size();
                assertThat(entries.size() % 2).isZero();
                for (int i = 0; i < entries.size(); i++) {
                    assertThat(over(crossings, entries.get(i)))
                            .isNotEqualTo(over(crossings, entries.get((i + 1) % entries.size())));
                }
            }
            assertThat(met).as("each crossing is met twice").isEqualTo(2 * crossings.all().size());
        }
    }

    private static boolean over(Crossings crossings, Crossings.Entry entry) {
        return crossings.all().get(entry.crossing()).firstOver() == entry.asFirst();
    }

    /** The pixel in the middle of a crossing has the ink of the line on top; turned about, that of the other. */
    @Test
    void whatIsOnTopIsSeenAndTurnsSurviveAChangeOfSize() {
        Repeat repeat = new Repeat(120, 120, Arrangement.STRAIGHT);
        for (String mesh : new String[]{"rings", "strips plain", "strips twill 2/2"}) {
            Interlace interlace = interlace(mesh, 38, 30, 30, 5);
            Raster plain = tile(interlace, repeat, 600);
            List<Interlace.Place> crossings = interlace.crossings(repeat);
            // In a two-ink basket strips of one ink meet as well; there a turn is not seen.
            Interlace.Place chosen = crossings.stream().skip(crossings.size() / 2)
                    .filter(p -> colour(tile(interlace.flip(p.spot()), repeat, 600), p) != colour(plain, p)).findFirst()
                    .orElseThrow();
            Interlace flipped = interlace.flip(chosen.spot());
            Raster turned = tile(flipped, repeat, 600);
            int changed = 0;
            for (Interlace.Place place : crossings) {
                int a = colour(plain, place);
                int b = colour(turned, place);
                assertThat(a).isIn(0xFF20365f, 0xFFab3b2c);
                changed += a == b ? 0 : 1;
            }
            assertThat(changed).as(mesh).isEqualTo(1);
            Interlace thinner = flipped.withThicknessMm(3).withGapMm(0.5).withSizeMm(36);
            Interlace.Place same = thinner.crossings(repeat).stream().filter(p -> p.spot().equals(chosen.spot()))
                    .findFirst().orElseThrow();
            assertThat(colour(tile(thinner, repeat, 600), same)).isEqualTo(colour(turned, chosen));
            assertThat(flipped.flip(chosen.spot())).isEqualTo(interlace);
        }
    }

    private static int colour(Raster tile, Interlace.Place place) {
        return tile.at((int) (place.x() * 5), (int) (place.y() * 5));
    }

    /** The gap is left open on both sides of the line above. */
    @Test
    void aGapIsAsWideAsTyped() {
        Repeat repeat = new Repeat(60, 60, Arrangement.STRAIGHT);
        Interlace strips = new Interlace(Mesh.parse("strips plain"), 10, 30, 30, 16, 2, 0.2, List.of(Samples.NAVY), 0,
                Set.of());
        Design design = Samples.design(60, 60, Arrangement.STRAIGHT, strips).withGround(Ink.CLEAR);
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), new TileGrid(600, 600, 60, 60),
                Work.on(1));
        // The strip across at 15 mm lies under the one down at 15 mm or at 45 mm: clear from 5 to 7 mm or 35 to 37.
        int open = 0;
        for (int x = 0; x < 600; x++) {
            open += tile.at(x, 150) >>> 24 == 0 ? 1 : 0;
        }
        assertThat(open).isEqualTo(40);
        Interlace closed = strips.withGapMm(0);
        Raster whole = TileRenderer.render(Samples.cloth(design.replace(1, l -> l.withStructure(closed))),
                new TileGrid(601, 599, 60, 60), Work.on(1));
        for (int x = 0; x < 601; x++) {
            assertThat(whole.at(x, 150) >>> 24).isEqualTo(255);
        }
        assertThat(closed.closes(repeat)).isTrue();
    }

    @Test
    void closesAtItsOwnTileAndRefusesWhatIsNone() {
        Interlace rings = interlace("rings", 38, 30, 30, 3);
        TurnedLattice.Closing tile = LaidClosing.tile(rings.withAngle(45)).orElseThrow();
        assertThat(rings.withAngle(45).closes(new Repeat(tile.widthMm(), tile.heightMm(), Arrangement.STRAIGHT)))
                .isTrue();
        assertThatThrownBy(() -> interlace("knots 2x4", 20, 30, 30, 2)).isInstanceOf(Refusal.class)
                .hasMessageContaining("share no divisor");
        assertThatThrownBy(() -> interlace("rings", 20, 30, 30, 12)).isInstanceOf(Refusal.class)
                .hasMessageContaining("thickness 12 mm");
        assertThatThrownBy(() -> Mesh.parse("net")).isInstanceOf(Refusal.class).hasMessageContaining("braid 3");
        assertThat(interlace("rings", 20, 30, 30, 3).findings(new Repeat(60, 60, Arrangement.STRAIGHT)))
                .anyMatch(f -> f.check().equals("Nothing crosses"));
    }

    @Test
    void aClickTurnsTheNearestCrossingAboutAlsoAcrossTheEdgeAndTheNextTurnsItBack() {
        Repeat cell = new Repeat(60, 60, Arrangement.STRAIGHT);
        Interlace rings = interlace("rings", 20, 15, 15, 2);
        for (Interlace.Place crossing : rings.crossings(cell)) {
            for (double[] off : new double[][]{{0.5, 0}, {60.2, -59.9}, {-0.3, 60.4}}) {
                Click once = rings.click(cell, crossing.x() + off[0], crossing.y() + off[1], 1);
                assertThat(once).isInstanceOf(Click.Changed.class);
                Interlace flipped = (Interlace) ((Click.Changed) once).to();
                assertThat(flipped.flipped()).containsExactly(crossing.spot());
                Click twice = flipped.click(cell, crossing.x(), crossing.y(), 1);
                assertThat(((Click.Changed) twice).to()).isEqualTo(rings);
            }
        }
        Interlace.Place some = rings.crossings(cell).getFirst();
        double clear = rings.crossings(cell).stream().filter(c -> !c.spot().equals(some.spot()))
                .mapToDouble(c -> Math.hypot(c.x() - some.x(), c.y() - some.y())).min().orElseThrow() / 2;
        assertThat(clear).isGreaterThan(1.6);
        assertThat(rings.click(cell, some.x() + 1.55, some.y(), 0.1)).as("out of reach").isEqualTo(Click.NOTHING);
    }
}
