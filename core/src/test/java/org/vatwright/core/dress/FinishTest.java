package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Place;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;

/** What is done to dressed pieces and whole articles: effects, fades, shading, callouts. */
class FinishTest {

    /** Two pixels a mm. */
    private static final Density DENSITY = new Density(50.8);
    private static final Id LEFT = new Id("left");
    private static final Id RIGHT = new Id("right");
    private static final Design STRIPES = Samples.design(30, 24, Arrangement.HALF_DROP, Samples.stripes(30, 3, 2, 4),
            Samples.dots(8, 7, 5));
    private static final Lay LAY = new Lay(STRIPES.id(), STRIPES.palette().first().name());
    private static final int RED = 0xFFC81020;
    static final Typeface.Case NO_TYPEFACES = new NoTypefaces();

    /** 100 x 60 mm with two pieces of 30 x 40 mm, 10 mm from the left and 50 mm from it. */
    private static Article.Flat two(Dressing left, Dressing right, Whole whole) {
        return new Article.Flat(new Id("a"), "Trial", 100, 60, List.of(piece(LEFT, 10), piece(RIGHT, 50)), List.of(),
                new Dressings(Map.of(LEFT, left, RIGHT, right), whole));
    }

    private static Piece piece(Id id, double left) {
        return new Piece(id, id.text(), Outline.of(new Rectangle2D.Double(left, 10, 30, 40)), Optional.empty());
    }

    private static Raster drawn(Article article, Density density) {
        return renderer().render(cut(article), density, Work.on(2));
    }

    private static Cut cut(Article article) {
        return Cut.of(article, NO_TYPEFACES);
    }

    private static ArticleRenderer renderer() {
        return new ArticleRenderer(id -> Optional.of(STRIPES).filter(d -> d.id().equals(id)), TileSource.PAINTED,
                Optional.empty());
    }

    private static Raster drawn(Article article) {
        return drawn(article, DENSITY);
    }

    private static Whole with(Effect effect) {
        return Whole.PLAIN.withEffects(List.of(effect));
    }

    private static final class NoTypefaces implements Typeface.Case {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public Typeface find(String name) {
            return new Typeface() {
                @Override
                public String name() {
                    return "none";
                }

                @Override
                public Optional<java.awt.Shape> outline(int codePoint) {
                    return Optional.empty();
                }

                @Override
                public double advance(int codePoint) {
                    return 0;
                }

                @Override
                public double kerning(int left, int right) {
                    return 0;
                }
            };
        }
    }

    /** Light from the right: a hard shadow falls 6 mm to the left, from the piece itself and nowhere else. */
    @Test
    void aShadowFallsBesideItsPiece() {
        Effect shadow = new CastShadow(6, 0, 0, 1, Finishes.ink(Rgb.parse("#c81020")));
        Raster cast = drawn(two(Dressing.of(LAY).withEffects(List.of(shadow)), Dressing.of(LAY), Whole.PLAIN));
        Raster plain = drawn(two(Dressing.of(LAY), Dressing.of(LAY), Whole.PLAIN));
        for (int y = 0; y < cast.height(); y++) {
            for (int x = 0; x < cast.width(); x++) {
                boolean shaded = x >= 8 && x < 20 && y >= 20 && y < 100;
                assertThat(cast.at(x, y)).as("%d, %d", x, y).isEqualTo(shaded ? RED : plain.at(x, y));
            }
        }
    }

    /** Of the whole article the shadow of one piece does not fall on the other; of one piece alone it does. */
    @Test
    void ofTheWholeItIsOneShadow() {
        Effect shadow = new CastShadow(14, 180, 0, 1, Finishes.ink(Rgb.parse("#c81020")));
        Raster plain = drawn(two(Dressing.of(LAY), Dressing.of(LAY), Whole.PLAIN));
        Raster whole = drawn(two(Dressing.of(LAY), Dressing.of(LAY), with(shadow)));
        assertThat(whole.at(105, 60)).isEqualTo(plain.at(105, 60));
        assertThat(whole.at(90, 60)).isEqualTo(RED);
        assertThat(whole.at(170, 60)).isEqualTo(RED);
        Raster one = drawn(
                two(Dressing.of(LAY), Dressing.of(LAY).withEffects(List.of(shadow.resized(3))), Whole.PLAIN));
        assertThat(one.at(190, 60)).as("beyond the other's right edge").isEqualTo(RED);
    }

    /** What reaches beyond one side must not come back at the other. */
    @Test
    void nothingComesBackAtTheOtherSide() {
        Effect wide = new Blur(12);
        Raster blurred = drawn(two(Dressing.BARE, Dressing.of(LAY).withEffects(List.of(wide)), Whole.PLAIN));
        assertThat(blurred.at(0, 60) >>> 24).as("38 mm from it, three spreads and more").isZero();
        assertThat(blurred.at(198, 60) >>> 24).as("20 mm beside it").isBetween(5, 60);
        assertThat(blurred.at(130, 60) >>> 24).as("its middle").isBetween(150, 254);
    }

    @Test
    void addedLightBrightensWhatLiesBelow() {
        Effect glow = new Halo(false, 20, 1, true, Finishes.ink(Rgb.parse("#404040")));
        Raster lit = drawn(two(Dressing.of(LAY), Dressing.of(LAY).withEffects(List.of(glow)), Whole.PLAIN));
        Raster plain = drawn(two(Dressing.of(LAY), Dressing.of(LAY), Whole.PLAIN));
        int near = lit.at(78, 60);
        int before = plain.at(78, 60);
        for (int shift = 0; shift < 24; shift += 8) {
            assertThat(near >> shift & 255).isGreaterThan(Math.min(254, before >> shift & 255));
        }
        assertThat(lit.at(22, 60)).as("28 mm away").isEqualTo(plain.at(22, 60));
    }

    @Test
    void twoEffectsOfAKindAreRefused() {
        assertThatThrownBy(() -> Dressing.BARE.withEffects(List.of(new Blur(1), new Blur(2))))
                .hasMessageContaining("named twice");
    }

    @Test
    void theGroundLiesBelowAllOfIt() {
        Raster ink = drawn(two(Dressing.of(LAY), Dressing.BARE,
                Whole.PLAIN.withGround(new Ground.OneInk(Rgb.parse("#c81020")))));
        assertThat(ink.at(5, 5)).isEqualTo(RED);
        assertThat(ink.at(130, 60)).as("where a bare piece is").isEqualTo(RED);
        assertThat(ink.at(40, 60)).isEqualTo(drawn(two(Dressing.of(LAY), Dressing.BARE, Whole.PLAIN)).at(40, 60));
        Raster cloth = drawn(two(Dressing.BARE, Dressing.BARE, Whole.PLAIN.withGround(new Ground.OfDesign(LAY))));
        Raster worn = drawn(two(Dressing.of(LAY), Dressing.BARE, Whole.PLAIN));
        assertThat(cloth.at(40, 60)).as("the cloth lies where it would on a piece").isEqualTo(worn.at(40, 60));
        assertThat(cloth.at(0, 0) >>> 24).isEqualTo(255);
    }

    @ParameterizedTest
    @CsvSource({"ALONG, 20, 1", "ALONG, 25, 0.75", "ALONG, 35, 0.25", "ALONG, 12, 1", "ALONG, 39.8, 0.01",
            "ROUND, 25, 0.75", "ROUND, 15, 0.75", "ROUND, 38, 0.1"})
    void aFadedClothIsClearAtItsEnd(Fade.Way way, double x, double left) {
        Fade fade = new Fade(way, new Place(20, 30), new Place(40, 30));
        Raster faded = drawn(two(Dressing.of(LAY.withFade(Optional.of(fade))), Dressing.BARE, Whole.PLAIN));
        int argb = faded.at((int) Math.floor(2 * x), 59);
        double middle = (Math.floor(2 * x) + 0.5) / 2;
        double due = way == Fade.Way.ROUND
                ? 1 - Math.hypot(middle - 20, 29.75 - 30) / 20
                : Math.min(1, 1 - (middle - 20) / 20);
        assertThat((argb >>> 24) / 255.0).isCloseTo(due, within(0.005)).isCloseTo(left, within(0.03));
    }

    private static ShadeStroke stroke(ShadeStroke.Kind kind, Confine confine, Place... points) {
        return new ShadeStroke(kind, List.of(points), 12, 0.5, 1, confine, false);
    }

    /** A stroke on its piece leaves the other, and what lies beside, as they are. */
    @Test
    void shadingKeepsToWhatConfinesIt() {
        Article plain = two(Dressing.of(LAY), Dressing.of(LAY), Whole.PLAIN.withGround(new Ground.OneInk(
                Rgb.parse("#808080"))));
        Raster before = drawn(plain);
        Place from = new Place(5, 30);
        Place to = new Place(75, 30);
        Raster inside = drawn(plain.withDressings(plain.dressings().withWhole(w -> w.addShade(
                stroke(ShadeStroke.Kind.DARK, new Confine.OfPiece(LEFT, false), from, to)))));
        Raster outside = drawn(plain.withDressings(plain.dressings().withWhole(w -> w.addShade(
                stroke(ShadeStroke.Kind.DARK, new Confine.OfPiece(LEFT, true), from, to)))));
        Outline path = Outline.of(new Rectangle2D.Double(60, 0, 10, 60));
        Raster within = drawn(plain.withDressings(plain.dressings().withWhole(w -> w.addShade(
                stroke(ShadeStroke.Kind.DARK, new Confine.OfPath(path, false), from, to)))));
        for (int x = 0; x < 200; x++) {
            boolean piece = x >= 20 && x < 80;
            boolean drawn = x >= 12 && x < 148;
            assertThat(inside.at(x, 60) != before.at(x, 60)).as("on the piece at %d", x).isEqualTo(piece);
            assertThat(outside.at(x, 60) != before.at(x, 60) && drawn).as("beside it at %d", x)
                    .isEqualTo(drawn && !piece);
            assertThat(within.at(x, 60) != before.at(x, 60)).as("in the path at %d", x)
                    .isEqualTo(x >= 120 && x < 140);
        }
        assertThat(inside.at(40, 60)).as("wholly dark along its middle").isEqualTo(0xFF000000);
    }

    /** One flank of a fold catches light from the upper left, the other lies dark; at its ends it runs out. */
    @Test
    void aFoldHasALightAndADarkFlank() {
        ShadePlane fold = ShadePlane.of(stroke(ShadeStroke.Kind.FOLD, Confine.FREE, new Place(50, 10),
                new Place(50, 90)), 2, new ShadePlane.Area(0, 0, 200, 200));
        assertThat(fold.at(97, 100)).as("left of an upright fold").isGreaterThan(0.4);
        assertThat(fold.at(102, 100)).as("right of it").isLessThan(-0.5);
        assertThat(fold.at(97, 20)).as("at its end").isBetween(-0.1, 0.1);
        ShadePlane upwards = ShadePlane.of(stroke(ShadeStroke.Kind.FOLD, Confine.FREE, new Place(50, 90),
                new Place(50, 10)), 2, new ShadePlane.Area(0, 0, 200, 200));
        assertThat(upwards.at(97, 100)).as("whichever way it is drawn").isCloseTo(fold.at(97, 100), within(1e-6));
    }

    @Test
    void gathersHangBelowTheirLineAndClothFallsAwayBeyondAnEdge() {
        ShadePlane.Area all = new ShadePlane.Area(0, 0, 200, 200);
        ShadePlane gather = ShadePlane.of(stroke(ShadeStroke.Kind.GATHER, Confine.FREE, new Place(10, 50),
                new Place(90, 50)), 2, all);
        double above = 0;
        int lights = 0;
        int darks = 0;
        for (int x = 22; x < 178; x++) {
            above = Math.max(above, Math.abs(gather.at(x, 97)));
            lights += gather.at(x, 104) > 0.2 ? 1 : 0;
            darks += gather.at(x, 104) < -0.2 ? 1 : 0;
        }
        assertThat(above).isZero();
        assertThat(lights).isGreaterThan(30);
        assertThat(darks).isGreaterThan(30);
        ShadePlane edge = ShadePlane.of(stroke(ShadeStroke.Kind.EDGE, Confine.FREE, new Place(10, 50),
                new Place(90, 50)), 2, all);
        assertThat(edge.at(100, 97)).isGreaterThan(0.1);
        assertThat(edge.at(100, 103)).isLessThan(-0.3);
    }

    @ParameterizedTest
    @EnumSource(names = {"LIGHT", "DARK"})
    void aStrokeThatGrowsUnderTheHandIsTheStrokeDrawnAtOnce(ShadeStroke.Kind kind) {
        ShadeStroke all = stroke(kind, Confine.FREE, new Place(20, 20), new Place(30, 24), new Place(34, 40),
                new Place(22, 30));
        ShadePlane.Area area = new ShadePlane.Area(0, 0, 120, 120);
        ShadePlane growing = new ShadePlane(all, 2, area);
        boolean[][] told = new boolean[120][120];
        double[][] last = new double[120][120];
        for (Place p : all.points()) {
            ShadePlane.Area changed = growing.to(p);
            for (int y = 0; y < 120; y++) {
                for (int x = 0; x < 120; x++) {
                    told[y][x] = x >= changed.left() && x < changed.right() && y >= changed.top()
                            && y < changed.bottom();
                    assertThat(growing.at(x, y) != last[y][x] && !told[y][x]).as("changed untold").isFalse();
                    last[y][x] = growing.at(x, y);
                }
            }
        }
        ShadePlane once = ShadePlane.of(all, 2, area);
        for (int y = once.area().top(); y < once.area().bottom(); y++) {
            for (int x = once.area().left(); x < once.area().right(); x++) {
                assertThat(growing.at(x, y)).isEqualTo(once.at(x, y));
            }
        }
    }

    /** Bent, stitched, shaded, with an effect on a piece: in the window it is what the denser picture has, to the bit. */
    @ParameterizedTest
    @CsvSource({"2, ROUND, false", "3, SQUARE, true", "10, SQUARE, false"})
    void aCalloutIsTheArticleAtThatEnlargement(double times, Callout.Form form, boolean finished) {
        Dressing left = Dressing.of(LAY.withGrainDeg(31)).withStitches(List.of(Stitching.fresh(
                Stitching.Kind.RUNNING, Rgb.parse("#203040"))));
        Whole whole = Whole.PLAIN.addShade(stroke(ShadeStroke.Kind.FOLD, Confine.FREE, new Place(12, 12),
                new Place(30, 44)));
        Dressing right = finished
                ? Dressing.of(LAY)
                        .withEffects(List.of(new CastShadow(3, 135, 1, 0.5, Finishes.ink(Rgb.parse("#000000")))))
                : Dressing.BARE;
        Callout callout = new Callout(form, new Place(18, 22), new Place(70, 30), 30, times,
                new Pen(Rgb.parse("#000000"),
                        0.5),
                true, "", false);
        Raster shown = drawn(two(left, right, whole.withCallouts(List.of(callout))));
        Raster denser = drawn(two(left, right, whole), new Density(DENSITY.dpi() * times));
        int compared = 0;
        for (int y = 34; y < 86; y++) {
            for (int x = 114; x < 166; x++) {
                if (form == Callout.Form.SQUARE || Math.hypot(x - 139.5, y - 59.5) < 27) {
                    int alikeX = x - 110 + (int) Math.rint(2 * times * 18 - 30);
                    int alikeY = y - 30 + (int) Math.rint(2 * times * 22 - 30);
                    boolean there = alikeX >= 0 && alikeY >= 0;
                    assertThat(shown.at(x, y)).as("%d, %d", x, y).isEqualTo(there ? denser.at(alikeX, alikeY) : 0);
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(2000);
    }

    @Test
    void thePictureGrowsWithACalloutBesideIt() {
        Callout callout = new Callout(Callout.Form.SQUARE, new Place(18, 22), new Place(120, 30), 30, 2, new Pen(
                Rgb.parse("#000000"), 1), true, "", false);
        Cut cut = cut(two(Dressing.of(LAY), Dressing.BARE, Whole.PLAIN.withCallouts(List.of(callout))));
        assertThat(cut.widthMm()).isCloseTo(138, within(1e-9));
        assertThat(cut.heightMm()).isEqualTo(60);
        assertThat(CalloutSteps.measure(callout)).as("of 5.25 mm at most").isEqualTo(5);
    }

    /** Upright stripes of 10 mm in a tile of 20 x 20 mm: a border of them has bars across its way. */
    private static Raster trimmed(TrimForm form) {
        Trim trim = new Trim(Optional.of(LEFT), Optional.empty(), Print.whole(BARS, LAY.colourway(), 0, 0)
                .withGround(true), Optional.empty(), form);
        Article.Flat flat = new Article.Flat(new Id("a"), "Trial", 140, 140, List.of(new Piece(LEFT, "left",
                Outline.of(new Rectangle2D.Double(20, 20, 100, 100)), Optional.empty())), List.of(),
                new Dressings(Map.of(), Whole.PLAIN.withTrims(List.of(trim))));
        return new ArticleRenderer(id -> Optional.of(BARS).filter(d -> d.id().equals(id)), TileSource.PAINTED,
                Optional.empty()).render(cut(flat), DENSITY, Work.on(2));
    }

    private static final Design BARS = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(20, 10, 10));

    /** A border 20 mm broad on sides of 80 mm: no gap, no hairline between repeats, nothing beside it. */
    @ParameterizedTest
    @CsvSource({"MITRE, true", "MITRE, false", "MOTIF, true", "MOTIF, false"})
    void aTrimCoversItsBorderWithoutHairlines(TrimForm.Corner corner, boolean bent) {
        Raster drawn = trimmed(TrimForm.fresh(20).withCorner(corner).withBent(bent));
        for (int y = 0; y < 280; y++) {
            for (int x = 0; x < 280; x++) {
                boolean square = x >= 40 && x < 240 && y >= 40 && y < 240;
                boolean hole = x >= 80 && x < 200 && y >= 80 && y < 200;
                assertThat(drawn.at(x, y) >>> 24).as("%d, %d", x, y).isEqualTo(square && !hole ? 255 : 0);
            }
        }
        // Along the upper side: four repeats of two bars each between the middles of the corners, three between motifs.
        int turns = 0;
        for (int x = 61; x < 219; x++) {
            turns += drawn.at(x, 60) != drawn.at(x - 1, 60) ? 1 : 0;
        }
        assertThat(turns).isGreaterThanOrEqualTo(corner == TrimForm.Corner.MOTIF ? 6 : 7);
    }

    /** In a mitre each side keeps to its half: bars of the upper side stand upright left of the diagonal, of the right side they lie. */
    @Test
    void inAMitreEachSideKeepsToItsHalf() {
        Raster drawn = trimmed(TrimForm.fresh(20));
        for (int d = 3; d < 37; d++) {
            for (int k = 1; k <= Math.min(d, 36 - d) - 1; k++) {
                int x = 200 + d;
                int y = 79 - d;
                assertThat(drawn.at(x - k, y)).as("upper side").isEqualTo(drawn.at(x - k, y - (k > 1 ? 1 : 0)));
                assertThat(drawn.at(x, y + k)).as("right side").isEqualTo(drawn.at(x + (k > 1 ? 1 : 0), y + k));
            }
        }
    }

    @Test
    void aRepeatThatIsLeftOutIsClear() {
        Raster drawn = trimmed(TrimForm.fresh(20).withTouched(Map.of(1, new TrimForm.Touch(0, 1, true))));
        Raster whole = trimmed(TrimForm.fresh(20));
        int gone = 0;
        for (int i = 0; i < whole.argb().length; i++) {
            boolean same = drawn.argb()[i] == whole.argb()[i];
            gone += same ? 0 : 1;
            assertThat(same || drawn.argb()[i] >>> 24 < 255).isTrue();
        }
        assertThat(gone).as("20 x 20 mm, at two pixels a mm").isBetween(1500, 1700);
    }
}
