package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;

class PieceAxisTest {

    private static final Typeface.Case NO_WORDS = new Typeface.Case() {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public Typeface find(String name) {
            throw new IllegalStateException("no words are set here");
        }
    };

    /** A strip that hangs straight down, turned counter-clockwise as seen. */
    private static Outline strip(double degrees) {
        AffineTransform turn = AffineTransform.getRotateInstance(-Math.toRadians(degrees), 300, 200);
        return Outline.of(new Rectangle2D.Double(280, 100, 40, 200), turn);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "30, 30", "-25, -25", "89, 89", "90, 90", "-90, 90", "120, -60", "180, 0"})
    void itIsTheTurnOfAStripThatHungStraightDown(double turned, double axis) {
        assertThat(PieceAxis.degrees(strip(turned))).isCloseTo(axis, within(1e-6));
    }

    @Test
    void ofARoundOrSquareOneItIsStraightAndOfACurvedOneItsLength() {
        assertThat(PieceAxis.degrees(Outline.of(new Ellipse2D.Double(10, 10, 50, 50)))).isZero();
        assertThat(PieceAxis.degrees(Outline.of(new Rectangle2D.Double(-5, 3, 50, 50)))).isZero();
        Outline oval = Outline.of(new Ellipse2D.Double(0, 0, 20, 90),
                AffineTransform.getRotateInstance(Math.toRadians(12), 40, 70));
        assertThat(PieceAxis.degrees(oval)).isCloseTo(-12, within(0.05));
        assertThat(PieceAxis.degrees(Outline.parse("M 3 3 L 9 9"))).as("nothing is as long as another way").isZero();
    }

    private static Piece piece(String id, String name, Outline outline) {
        return new Piece(new Id(id), name, outline, Optional.empty());
    }

    @Test
    void oneClothRunsOnOverAllPiecesAndAlongTheAxisOfSleeves() {
        Article.Flat flat = new Article.Flat(new Id("a"), "Coat", 600, 400, List.of(
                piece("l", "left sleeve", strip(-30)), piece("b", "body", strip(20)), piece("r", "Right sleeve",
                        strip(35)),
                piece("s", "sleeve", strip(40))), List.of(), Dressings.NONE);
        Lay lay = new Lay(new Id("d"), "Morning").withStart(4, 5);
        Article dressed = ByRule.dressed(flat, lay, NO_WORDS);
        assertThat(dressed.dressing(new Id("b")).lay()).contains(lay);
        assertThat(dressed.dressing(new Id("s")).lay()).as("the sleeve of a telephone is no arm's").contains(lay);
        Lay left = dressed.dressing(new Id("l")).lay().orElseThrow();
        assertThat(left.grainDeg()).isCloseTo(-30, within(1e-6));
        assertThat(left.with().grainDeg(0).build()).isEqualTo(lay);
        Article across = ByRule.dressed(flat, lay.with().grainDeg(170).build(), NO_WORDS);
        assertThat(across.dressing(new Id("r")).lay().orElseThrow().grainDeg()).isCloseTo(-155, within(1e-6));
    }
}
