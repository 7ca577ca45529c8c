package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

class DressTest {

    private static final Density ONE_PX_A_MM = new Density(25.4);
    private static final Design STRIPED = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(0, 10, 10));
    private static final Lay LAY = new Lay(STRIPED.id(), "Morning");
    private static final int NAVY = Samples.morning().colours().get(0).argb();
    private static final int LINEN = Samples.morning().colours().get(1).argb();
    private static final Id DISC = new Id("disc");

    /** A face whose every letter is a square one capital high, a blank excepted. */
    private static final Typeface.Case SQUARES = new Typeface.Case() {
        @Override
        public List<String> names() {
            return List.of("Squares");
        }

        @Override
        public Typeface find(String name) {
            return new Typeface() {
                @Override
                public String name() {
                    return "Squares";
                }

                @Override
                public Optional<Shape> outline(int code) {
                    return code == ' ' ? Optional.empty() : Optional.of(new Rectangle2D.Double(0, -1, 1, 1));
                }

                @Override
                public double advance(int code) {
                    return 1.2;
                }

                @Override
                public double kerning(int left, int right) {
                    return 0;
                }
            };
        }
    };

    private static Raster draw(Article article, Optional<String> colourway) {
        return new ArticleRenderer(id -> id.equals(STRIPED.id()) ? Optional.of(STRIPED) : Optional.empty(),
                TileSource.PAINTED, colourway).render(Cut.of(article, SQUARES), ONE_PX_A_MM, Work.on(2));
    }

    private static Article.Flat flat(Optional<Lay> lay) {
        Outline ring = Outline.of(new Ellipse2D.Double(20, 20, 60, 60));
        return new Article.Flat(Id.fresh(), "Disc", 100, 100,
                List.of(new Piece(DISC, "disc", ring, Optional.of(new Pen(new Rgb(0, 0, 0), 3)))), List.of(),
                Dressings.of(DISC, lay));
    }

    @Test
    void anOutlineComesBackFromItsText() {
        Outline round = Outline.of(new Ellipse2D.Double(1.0 / 3, 2, 30.7, 40));
        assertThat(Outline.parse(round.data())).isEqualTo(round).hasToString(round.toString());
        assertThatThrownBy(() -> Outline.parse("M 1 2 L 3")).hasMessageContaining("breaks off");
        assertThatThrownBy(() -> Outline.parse("M 1 2 A 3 4")).hasMessageContaining("\"A\"");
        assertThatThrownBy(() -> Outline.parse("L 1 2")).hasMessageContaining("outline");
    }

    @Test
    void theOutlineStaysOnTopAndTheSurroundStaysClear() {
        Raster dressed = draw(flat(Optional.of(LAY)), Optional.empty());
        assertThat(dressed.at(2, 2)).isZero();
        assertThat(dressed.at(20, 50)).isEqualTo(0xFF000000);
        assertThat(dressed.at(45, 50)).isEqualTo(NAVY);
        assertThat(dressed.at(55, 50)).isEqualTo(LINEN);
        Raster bare = draw(flat(Optional.empty()), Optional.empty());
        assertThat(bare.at(45, 50)).isZero();
        assertThat(bare.at(20, 50)).isEqualTo(0xFF000000);
    }

    @Test
    void aLayIsMovedScaledTurnedAndMadeFainter() {
        assertThat(draw(flat(Optional.of(LAY.withStart(10, 0))), Optional.empty()).at(55, 50)).isEqualTo(NAVY);
        assertThat(draw(flat(Optional.of(LAY.withScale(2))), Optional.empty()).at(55, 50)).isEqualTo(NAVY);
        Raster turned = draw(flat(Optional.of(LAY.withGrainDeg(90))), Optional.empty());
        assertThat(turned.at(45, 55)).isEqualTo(turned.at(55, 55));
        assertThat(draw(flat(Optional.of(LAY.withOpacity(0.5))), Optional.empty()).at(45, 50) >>> 24).isBetween(127,
                129);
        int night = draw(flat(Optional.of(LAY)), Optional.of("Night Crossing")).at(45, 50);
        assertThat(night).isEqualTo(Samples.PALETTE.colourways().get(1).colours().get(0).argb());
        int unknown = draw(flat(Optional.of(LAY)), Optional.of("Flag Day")).at(45, 50);
        assertThat(unknown).isEqualTo(NAVY);
    }

    private static List<Lay> lays(Article article) {
        Cut cut = Cut.of(article, SQUARES);
        return cut.pieces().stream().map(p -> cut.lay(p).orElse(null)).toList();
    }

    @Test
    void lettersWearOneLayTogetherOrEachItsOwn() {
        Lay moved = LAY.withStart(10, 0);
        Article.Lettering words = new Article.Lettering(Id.fresh(), "Name", "AB A", "Squares", 50, false,
                Optional.empty(), Dressings.of(Article.Lettering.letter(1), Optional.of(LAY)));
        assertThat(lays(words)).containsExactly(LAY, LAY, LAY);
        Article.Lettering own = words.withEachOwn(true).withLay(Article.Lettering.letter(2),
                Cut.of(words, SQUARES).ids(), Optional.of(moved));
        assertThat(lays(own)).containsExactly(LAY, moved, LAY);
        assertThat(lays(own.withText("ABABAB"))).as("letters begin anew with the first lay").containsExactly(LAY, moved,
                LAY, LAY, moved, LAY);
        assertThat(lays(own.withEachOwn(false))).containsExactly(LAY, LAY, LAY);
        assertThat(lays(own.withLay(Article.Lettering.letter(2), List.of(), Optional.empty()))).containsOnlyNulls();
        Raster drawn = draw(own, Optional.empty());
        assertThat(drawn.at(1, 1)).isZero();
        assertThat(own.withText("ABCDEFG").text()).isEqualTo("ABCDEFG");
        assertThatThrownBy(() -> words.withText("  ")).hasMessageContaining("the text is empty");
    }

    @Test
    void aSheetIsOnePieceAndThePointerFindsPieces() {
        Article.Sheet sheet = new Article.Sheet(Id.fresh(), "Sheet", 30, 20, new Density(300),
                Dressings.of(Article.Sheet.PIECE, Optional.of(LAY)));
        Raster drawn = draw(sheet, Optional.empty());
        assertThat(drawn.width()).isEqualTo(30);
        assertThat(drawn.argb()).doesNotContain(0);
        Cut cut = Cut.of(flat(Optional.empty()), SQUARES);
        assertThat(cut.pieceAt(50, 50)).map(Piece::id).contains(DISC);
        assertThat(cut.pieceAt(21, 21)).isEmpty();
    }

    /** Black at the piece's left edge, white at its right, over grey dots that keep their colour. */
    @Test
    void aGradientAcrossThePieceRunsOverEachOrOverAllTogether() {
        Ink run = new Ink.Filled("Run");
        Design plain = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.dots(10, 10, 6));
        Design design = plain
                .withPalette(new Palette(List.of("Navy", "Linen", "Madder"), List.of(new Colourway("Morning",
                        List.of(Rgb.parse("#000000"), Rgb.parse("#ffffff"), Rgb.parse("#c04020"))))))
                .withFills(
                        List.of(Fill.of("Run", new Fill.OfGradient(new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5),
                                Fill.Across.PIECE, List.of(new Gradient.Stop(0, Samples.NAVY, 1),
                                        new Gradient.Stop(1, Samples.LINEN, 1))))))
                .withGround(run);
        Piece left = new Piece(new Id("left"), "left", Outline.of(new Rectangle2D.Double(0, 0, 100, 40)),
                Optional.empty());
        Piece right = new Piece(new Id("right"), "right", Outline.of(new Rectangle2D.Double(100, 0, 100, 40)),
                Optional.empty());
        for (boolean together : new boolean[]{false, true}) {
            Optional<Lay> lay = Optional.of(new Lay(design.id(), "Morning").withTogether(together));
            Article.Flat flat = new Article.Flat(Id.fresh(), "Two", 200, 40, List.of(left, right), List.of(),
                    Dressings.NONE.with(left.id(), lay).with(right.id(), lay));
            Raster dressed = new ArticleRenderer(id -> Optional.of(design), TileSource.PAINTED, Optional.empty())
                    .render(Cut.of(flat, SQUARES), ONE_PX_A_MM, Work.on(2));
            for (int x : new int[]{1, 38, 99, 101, 158, 198}) {
                double wanted = together ? (x + 0.5) / 200 : (x % 100 + 0.5) / 100;
                assertThat(dressed.at(x, 20) & 255).as("at %d, together %s", x, together)
                        .isBetween((int) (255 * wanted) - 2, (int) (255 * wanted) + 2);
            }
            assertThat(dressed.at(10, 10)).isEqualTo(0xFFC04020).isEqualTo(dressed.at(170, 30));
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 30, false", "45, -90, true", "-170, -25, false", "180, 360, true"})
    void clothTurnsAboutAPlaceOfTheArticle(double grain, double by, boolean flipped) throws Exception {
        Lay lay = new Lay(new Id("x"), "One").with().grainDeg(grain).startX(120).startY(-40).scale(1.5).shearDeg(10)
                .flipped(flipped).build();
        Lay turned = lay.turnedAbout(300, 80, by);
        double[] held = {300, 80};
        double[] beside = {310, 80};
        lay.place().inverseTransform(held, 0, held, 0, 1);
        lay.place().inverseTransform(beside, 0, beside, 0, 1);
        turned.place().transform(held, 0, held, 0, 1);
        turned.place().transform(beside, 0, beside, 0, 1);
        assertThat(held).containsExactly(new double[]{300, 80}, within(1e-9));
        double a = Math.toRadians(by);
        assertThat(beside).as("counter-clockwise, y down")
                .containsExactly(new double[]{300 + 10 * Math.cos(a), 80 - 10 * Math.sin(a)}, within(1e-9));
        assertThat(turned.grainDeg()).isBetween(-180.0, 180.0);
    }
}
