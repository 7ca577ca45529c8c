package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;

/** Dressed articles with all that lies between the cloth and the picture: drapes, figures, light, pieces aside. */
class DrapedTest {

    private static final Density DENSITY = new Density(50.8);
    private static final Id SHEET = new Id("piece");
    private static final Design DESIGN = Samples.design(30, 24, Arrangement.HALF_DROP, Samples.stripes(30, 3, 2, 4),
            Samples.dots(8, 7, 5));
    private static final Lay LAY = new Lay(DESIGN.id(), DESIGN.palette().first().name()).with().scale(0.8)
            .grainDeg(17).startX(11).startY(7).build();

    private static Article.Flat flat(Dressing worn) {
        return new Article.Flat(new Id("a"), "Trial", 120, 100, List.of(new Piece(SHEET, "piece",
                Outline.of(new Rectangle2D.Double(10, 10, 100, 80)), Optional.empty())), List.of(),
                new Dressings(Map.of(SHEET, worn)));
    }

    private static Raster drawn(Article article) {
        return new ArticleRenderer(id -> Optional.of(DESIGN).filter(d -> d.id().equals(id)), TileSource.PAINTED,
                Optional.empty()).render(Cut.of(article, null), DENSITY, Work.on(2));
    }

    @Test
    void atRestEveryDrapeIsNoneToTheBit() {
        Raster plain = drawn(flat(Dressing.of(LAY)));
        Box box = new Box(10, 10, 100, 80);
        for (var drape : List.of(Mesh.of(box, 4, 4), Panel.of(box), Along.of(box))) {
            Raster draped = drawn(flat(Dressing.of(LAY).with().drape(Optional.of(drape)).shade(1).build()));
            assertThat(Arrays.equals(draped.argb(), plain.argb())).as(drape.kind()).isTrue();
        }
    }

    /** A drape that is all but at rest goes the whole other way round through the net, and must come to the same. */
    @Test
    void nearlyAtRestIsNearlyNone() {
        Raster plain = drawn(flat(Dressing.of(LAY)));
        Mesh mesh = new MeshHand(Set.of(0), 0).moved(Mesh.of(new Box(10, 10, 100, 80), 4, 4), 1e-7, 0);
        Raster draped = drawn(flat(Dressing.of(LAY).withDrape(Optional.of(mesh))));
        assertThat(Samples.difference(draped, plain)).isLessThanOrEqualTo(3);
    }

    /** What lies at a known place of the cloth is seen where the drape has it: four dots of a panel. */
    @Test
    void aPanelShowsTheClothAtItsCorners() {
        Panel panel = new Panel(new Box(10, 10, 100, 80), List.of(new Place(20, 15), new Place(100, 25),
                new Place(108, 85), new Place(12, 80)));
        Raster plain = drawn(flat(Dressing.of(LAY.withScale(3))));
        Raster bent = drawn(flat(Dressing.of(LAY.withScale(3)).withDrape(Optional.of(panel))));
        double[][] inset = {{1, 1}, {-1, 1}, {-1, -1}, {1, -1}};
        for (int k = 0; k < 4; k++) {
            Place from = List.of(new Place(10, 10), new Place(110, 10), new Place(110, 90), new Place(10, 90)).get(k);
            Place to = panel.corners().get(k);
            int wanted = plain.at((int) (2 * (from.x() + inset[k][0])), (int) (2 * (from.y() + inset[k][1])));
            int got = bent.at((int) (2 * (to.x() + inset[k][0])), (int) (2 * (to.y() + inset[k][1])));
            for (int shift = 0; shift < 24; shift += 8) {
                assertThat((double) (got >> shift & 255)).as("corner %d", k).isEqualTo(wanted >> shift & 255,
                        within(40.0));
            }
        }
    }

    @Test
    void theShadeOfSomethingRoundIsLighterTowardsTheLightAndCanBeNone() {
        Round round = new Round(new Place(60, 10), new Place(60, 90), 50, 50, 180, 0);
        Dressing worn = Dressing.of(LAY).withDrape(Optional.of(round));
        Raster none = drawn(flat(worn));
        Raster full = drawn(flat(worn.withShade(1)));
        Raster half = drawn(flat(worn.withShade(0.5)));
        int x = 2 * 105;
        int lit = 2 * 40;
        for (int y = 40; y < 160; y += 7) {
            assertThat(sum(full, x, y)).isLessThan(sum(half, x, y)).isLessThan(sum(none, x, y));
            assertThat(sum(full, lit, y)).isGreaterThanOrEqualTo(sum(none, lit, y));
            // Along its middle it is as it lies flat, within a level for rounding.
            assertThat(sum(full, 120, y)).isBetween(sum(none, 120, y) - 9, sum(none, 120, y) + 9);
        }
    }

    private static int sum(Raster r, int x, int y) {
        int argb = r.at(x, y);
        return (argb >> 16 & 255) + (argb >> 8 & 255) + (argb & 255);
    }

    @Test
    void aFigureIsLaidOnceAndNowhereElse() {
        Print print = new Print(DESIGN.id(), LAY.colourway(), 0, 0, true, 50, 45, 1, 30, 1);
        Raster seen = drawn(flat(Dressing.BARE.withPrints(List.of(print))));
        AffineTransform place = print.place(DESIGN.repeat());
        assertThat(place.transform(new Point2D.Double(15, 12), null).distance(50, 45)).isLessThan(1e-9);
        int inside = 0;
        for (int y = 0; y < seen.height(); y++) {
            for (int x = 0; x < seen.width(); x++) {
                // Back from the pixel to the figure's cell, 30 x 24 mm about its middle.
                double dx = (x + 0.5) / 2 - 50;
                double dy = (y + 0.5) / 2 - 45;
                double cos = Math.cos(Math.toRadians(30));
                double sin = Math.sin(Math.toRadians(30));
                double u = dx * cos - dy * sin;
                double v = dx * sin + dy * cos;
                double beyond = Math.max(Math.abs(u) - 15, Math.abs(v) - 12);
                if (beyond > 0.5) {
                    assertThat(seen.at(x, y)).as("%d, %d", x, y).isZero();
                } else if (beyond < -0.5) {
                    assertThat(seen.at(x, y) >>> 24).as("%d, %d", x, y).isEqualTo(255);
                    inside++;
                }
            }
        }
        assertThat(inside).isGreaterThan(2400);
    }

    @Test
    void aPieceAsideTakesItsClothAlongAndAHiddenOneIsLeftOut() {
        Raster there = drawn(flat(Dressing.of(LAY)));
        Article.Flat aside = flat(Dressing.of(LAY)).editPiece(SHEET, p -> p.withAside(5, -10));
        Raster moved = drawn(aside);
        for (int y = 0; y < 140; y += 3) {
            for (int x = 20; x < 220; x += 3) {
                assertThat(moved.at(x + 10, y)).isEqualTo(there.at(x, y + 20));
            }
        }
        assertThat(drawn(aside.editPiece(SHEET, p -> p.withAside(0, 0))).argb()).isEqualTo(there.argb());
        assertThat(drawn(aside.editPiece(SHEET, p -> p.withHidden(true))).argb()).containsOnly(0);
        assertThat(Cut.of(aside, null).pieceAt(112, 50)).isPresent();
        assertThat(Cut.of(aside, null).pieceAt(12, 50)).isEmpty();
    }

    /** @return a grey picture whose right half has a quarter of the light */
    private static Raster halfInShade() {
        Raster photo = new Raster(240, 200);
        int dark = Light.channel(0.25f * Light.linear(240));
        for (int i = 0; i < photo.argb().length; i++) {
            photo.argb()[i] = 0xFF000000 | (i % 240 < 120 ? 240 : dark) * 0x010101;
        }
        return photo;
    }

    /** Half of the picture is in shade of a quarter of the light: so is the cloth that hangs in it. */
    @Test
    void theLightOfThePictureFallsOnWhatHangsInIt() {
        Raster photo = halfInShade();
        Article.Flat plain = flat(Dressing.of(LAY)).with()
                .backing(Optional.of(new Backing(new Picture(photo, 50.8), true, 1))).build();
        Article.Flat lit = plain.withDressings(new Dressings(Map.of(SHEET, Dressing.of(LAY).withLight(1))));
        Raster without = drawn(plain);
        Raster with = drawn(lit);
        assertThat(with.at(5, 5)).as("beside the piece the picture").isEqualTo(photo.at(5, 5));
        for (int y = 30; y < 170; y += 9) {
            for (int x = 30; x < 110; x += 9) {
                assertThat(with.at(x, y)).isEqualTo(without.at(x, y));
                double wanted = 0.25 * Light.linear(without.at(x + 100, y) >> 8 & 255);
                assertThat((double) Light.linear(with.at(x + 100, y) >> 8 & 255)).isEqualTo(wanted, within(0.006));
            }
        }
        Article.Flat traced = plain.with().backing(plain.backing().map(b -> new Backing(b.picture(), false, 1)))
                .build();
        assertThat(drawn(traced).at(5, 5)).as("what is only traced is in no picture").isZero();
    }

    /** A trim of a piece that hangs in a picture is as dark as the picture there; within the two strips where it lies. */
    @Test
    void theLightOfThePictureFallsOnTheTrimOfWhatHangsInItToo() {
        Trim trim = new Trim(Optional.of(SHEET), Optional.empty(), Print.whole(DESIGN, LAY.colourway(), 0, 0)
                .withGround(true), Optional.empty(), TrimForm.fresh(12));
        Whole whole = Whole.PLAIN.withTrims(List.of(trim));
        Article.Flat hung = flat(Dressing.of(LAY)).with()
                .backing(Optional.of(new Backing(new Picture(halfInShade(), 50.8), true, 1))).build();
        Raster without = drawn(hung.withDressings(new Dressings(Map.of(SHEET, Dressing.of(LAY)), whole)));
        Raster with = drawn(hung.withDressings(new Dressings(Map.of(SHEET, Dressing.of(LAY).withLight(1)), whole)));
        Raster bare = drawn(hung);
        int trimmed = 0;
        for (int y = 24; y < 176; y++) {
            for (int x = 130; x < 216; x++) {
                trimmed += without.at(x, y) == bare.at(x, y) ? 0 : 1;
                double wanted = 0.25 * Light.linear(without.at(x, y) >> 8 & 255);
                assertThat((double) Light.linear(with.at(x, y) >> 8 & 255)).as("%d, %d", x, y).isEqualTo(wanted,
                        within(0.02));
            }
        }
        assertThat(trimmed).as("places that the trim covers").isGreaterThan(1500);
    }

    @Test
    void leaningAndMirroredLaysAreWhatTheirFormulaSays() {
        Lay lay = LAY.with().shearDeg(25).flipped(true).build();
        AffineTransform place = lay.place();
        // A place of the design, leaned, turned, scaled and moved by hand.
        double x = -6 - Math.tan(Math.toRadians(25)) * 9;
        double turn = Math.toRadians(17);
        Point2D seen = place.transform(new Point2D.Double(6, 9), null);
        assertThat(seen.getX()).isEqualTo(11 + 0.8 * (x * Math.cos(turn) + 9 * Math.sin(turn)), within(1e-9));
        assertThat(seen.getY()).isEqualTo(7 + 0.8 * (-x * Math.sin(turn) + 9 * Math.cos(turn)), within(1e-9));
        double[] uv = new double[2];
        lay.toTile(DENSITY, DESIGN.repeat().tile()).at(DENSITY.px(seen.getX()), DENSITY.px(seen.getY()), uv);
        assertThat(uv[0]).isEqualTo(6 / DESIGN.repeat().tile().widthMm(), within(1e-9));
        assertThat(uv[1]).isEqualTo(9 / DESIGN.repeat().tile().heightMm(), within(1e-9));
    }

    /** A place goes to and fro: where a place of the cloth is seen, that place of the cloth is seen. */
    @Test
    void placesOfDrapedClothAreFoundBothWays() {
        Box box = new Box(10, 10, 100, 80);
        Mesh mesh = new MeshHand(Set.of(12), 60).moved(Mesh.of(box, 4, 4), 7, -5);
        List<Place> flat = List.of(new Place(35, 30), new Place(60, 50), new Place(80, 66), new Place(52, 41));
        for (var drape : List.of(mesh, Panel.of(box).withCorner(1, new Place(90, 14)), Round.of(box),
                new Along(List.of(new Place(60, 10), new Place(70, 50), new Place(55, 90)), 90))) {
            List<Place> seen = org.vatwright.core.drape.DrapedPlaces.seen(flat, Optional.of(drape));
            List<Place> back = org.vatwright.core.drape.DrapedPlaces.cloth(seen, Optional.of(drape));
            double moved = 0;
            for (int i = 0; i < flat.size(); i++) {
                assertThat(back.get(i).far(flat.get(i))).as(drape.kind()).isLessThan(0.005);
                moved = Math.max(moved, seen.get(i).far(flat.get(i)));
            }
            assertThat(moved).as(drape.kind() + " moves something").isGreaterThan(0.9);
        }
    }

    /** Stitches along a line of the cloth go with the drape and with the piece; along the outline they stay where that is. */
    @Test
    void stitchesAlongALineGoWithTheDrape() {
        Stitching plain = Stitching.fresh(Stitching.Kind.RUNNING, new Rgb(255, 0, 255));
        Stitching sewn = plain.with().insetMm(0).thickMm(3).relief(0)
                .line(Optional.of(Outline.parse("M 20 50 L 100 50"))).build();
        Box box = new Box(10, 10, 100, 80);
        Mesh lower = new MeshHand(Set.of(10, 11, 12, 13, 14), 0).moved(Mesh.of(box, 4, 4), 0, 12);
        Dressing worn = Dressing.of(LAY).with().drape(Optional.of(lower)).stitches(List.of(sewn)).build();
        Piece piece = flat(worn).pieces().getFirst();
        assertThat(SewnWay.of(piece, worn.withDrape(Optional.empty()), sewn).bounds().getCenterY()).isEqualTo(50);
        assertThat(SewnWay.of(piece, worn, sewn).bounds().getCenterY()).isBetween(61.0, 63.0);
        assertThat(SewnWay.of(piece.withAside(0, 30), worn, sewn).bounds().getCenterY()).isBetween(91.0, 93.0);
        assertThat(SewnWay.of(piece, worn, plain)).isEqualTo(piece.outline());
        Raster drawn = drawn(flat(worn));
        int thread = 0;
        for (int y = 120; y < 130; y++) {
            for (int x = 40; x < 200; x++) {
                thread += drawn.at(x, y) == 0xFFFF00FF ? 1 : 0;
            }
        }
        assertThat(thread).isGreaterThan(400);
    }
}
