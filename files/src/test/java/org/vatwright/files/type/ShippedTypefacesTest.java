package org.vatwright.files.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.TypeLine;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;

/** The faces that ship, and a line set in them. */
class ShippedTypefacesTest {

    private static final ShippedTypefaces FACES = new ShippedTypefaces();

    static Stream<String> names() {
        return FACES.names().stream();
    }

    @ParameterizedTest
    @MethodSource("names")
    void capitalsAreOneHighStandOnTheLineAndEveryLetterOfTheRecordIsThere(String name) {
        Typeface face = FACES.find(name);
        assertThat(face.name()).isEqualTo(name);
        Rectangle2D h = face.outline('H').orElseThrow().getBounds2D();
        assertThat(h.getHeight()).isCloseTo(1, within(1e-6));
        assertThat(h.getMaxY()).as("y down, the baseline at 0").isCloseTo(0, within(0.02));
        for (char c = '!'; c <= '~'; c++) {
            Optional<Shape> shape = face.outline(c);
            assertThat(shape).as("%s of %s", c, name).isPresent();
            assertThat(shape.orElseThrow().getBounds2D().getWidth()).isLessThan(face.advance(c) + 0.6);
            assertThat(face.advance(c)).isBetween(0.1, 2.5);
        }
        assertThat(face.outline(' ').map(s -> s.getBounds2D().isEmpty()).orElse(true)).isTrue();
        assertThat(face.outline(0x4E2D)).as("no such letter").isEmpty();
    }

    @Test
    void anUnknownFaceIsTheFirst() {
        assertThat(FACES.find("Nobody's").name()).isEqualTo(FACES.names().getFirst());
        assertThat(FACES.missing("Nobody's")).contains("there is no typeface Nobody's here; the letters are drawn in "
                + "League Spartan Black");
        FACES.names().forEach(n -> assertThat(FACES.missing(n)).as(n).isEmpty());
        FACES.system().forEach(n -> assertThat(FACES.missing(n)).as(n).isEmpty());
        assertThat(FACES.find("Cabin Bold")).isSameAs(FACES.find("Cabin Bold"));
    }

    private static Cut cut(String text, double high) {
        return Cut.of(new Article.Lettering(Id.fresh(), "Name", text, "Cabin Bold", high, true, Optional.empty(),
                Dressings.NONE), FACES);
    }

    @Test
    void aLineHasAPieceALetterFromLeftToRightWithRoomAround() {
        Cut cut = cut("SHIP", 100);
        assertThat(cut.pieces()).hasSize(4);
        double before = 0;
        for (var piece : cut.pieces()) {
            Rectangle2D box = piece.outline().bounds();
            assertThat(box.getX()).isGreaterThan(before);
            assertThat(box.getMinY()).isGreaterThanOrEqualTo(11.99);
            assertThat(box.getMaxY()).isLessThanOrEqualTo(cut.heightMm() - 11.99);
            before = box.getX();
        }
        assertThat(cut.pieces().getFirst().outline().bounds().getX()).isCloseTo(12, within(0.01));
        assertThat(cut.widthMm() - cut.pieces().getLast().outline().bounds().getMaxX()).isCloseTo(12, within(0.01));
        assertThat(cut.pieces().get(1).outline().bounds().getHeight()).as("a capital").isCloseTo(100, within(0.01));
    }

    @Test
    void aLineTwiceAsHighIsTwiceAsWide() {
        assertThat(cut("Ferry", 60).widthMm()).isCloseTo(2 * cut("Ferry", 30).widthMm(), within(1e-6));
    }

    @Test
    void whatTheFaceLacksLeavesAGapAndNoPiece() {
        Cut with = cut("A\u4E2DB", 50);
        assertThat(with.pieces()).extracting(p -> p.name().substring(0, 1)).containsExactly("A", "B");
        assertThat(with.widthMm()).isGreaterThan(cut("AB", 50).widthMm() + 2);
        assertThat(cut("\u4E2D", 50).pieces()).isEmpty();
    }

    @Test
    void lettersThatSuitEachOtherStandCloser() {
        double apart = cut("AV", 100).pieces().get(1).outline().bounds().getX();
        double plain = cut("AH", 100).pieces().get(1).outline().bounds().getX();
        Typeface face = FACES.find("Cabin Bold");
        double left = face.outline('V').orElseThrow().getBounds2D().getX()
                - face.outline('H').orElseThrow().getBounds2D().getX();
        assertThat(apart - plain - 100 * left).isCloseTo(100 * (face.kerning('A', 'V') - face.kerning('A', 'H')),
                within(0.01));
    }

    @Test
    void aWholeLineIsOneOutlineAroundItsMiddle() {
        Rectangle2D box = TypeLine.outline("Quay", FACES.find("Leckerli One"), 20).bounds();
        assertThat(box.getCenterX()).isCloseTo(0, within(1e-6));
        assertThat(box.getCenterY()).isCloseTo(0, within(1e-6));
        assertThatThrownBy(() -> TypeLine.outline("\u4E2D", FACES.find("Cabin Bold"), 20)).isInstanceOf(Refusal.class)
                .hasMessageContaining("Cabin Bold");
        assertThatThrownBy(() -> TypeLine.outline("A", FACES.find("Cabin Bold"), 0)).isInstanceOf(Refusal.class);
    }

    /** Faces that have pairs in their newer table alone are kerned as well: A and V overlap by a tenth of a capital's height. */
    @Test
    void pairsOfTheNewerTableCount() {
        for (String name : List.of("League Spartan Black", "Comfortaa Bold", "Roboto Slab Bold")) {
            Typeface face = FACES.find(name);
            assertThat(face.kerning('A', 'V')).as(name).isBetween(-0.16, -0.09);
            double apart = face.set("AV", false).get(1).at();
            assertThat(apart - face.advance('A')).as(name).isCloseTo(face.kerning('A', 'V'), within(1e-9));
        }
    }

    /** f and i are one figure in the book face while all letters wear the same; apart, or each with its own, they are two. */
    @Test
    void ligaturesAreFormedWhereLettersWearTheSame() {
        Article.Lettering one = new Article.Lettering(new Id("w"), "W", "fi", "Goudy Bookletter", 100, false,
                Optional.empty(), Dressings.NONE);
        assertThat(Cut.of(one, FACES).pieces()).extracting(p -> p.name()).containsExactly("fi, letter 1");
        assertThat(Cut.of(one.with().eachOwn(true).build(), FACES).pieces()).hasSize(2);
        assertThat(Cut.of(one.with().setting(one.setting().withApart(0.1)).build(), FACES).pieces()).hasSize(2);
    }

    @Test
    void theSystemsFacesAreThereWhereItHasSome() {
        ShippedTypefaces faces = new ShippedTypefaces();
        assertThat(faces.names()).hasSize(8).doesNotContainAnyElementsOf(faces.system());
        for (String name : faces.system().stream().limit(3).toList()) {
            assertThat(faces.named(name).name()).isEqualTo(name);
            assertThat(faces.find(name).advance('H')).isGreaterThan(0);
        }
        assertThatThrownBy(() -> faces.named("No such face")).isInstanceOf(Refusal.class);
        assertThat(faces.find("No such face").name()).isEqualTo(faces.names().getFirst());
    }
}
