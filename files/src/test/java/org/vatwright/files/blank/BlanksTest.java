package org.vatwright.files.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.PieceAxis;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.shape.Outline;

class BlanksTest {

    static Stream<String> names() {
        return Blanks.names().stream();
    }

    @Test
    void thereAreEighteenEachOnce() {
        assertThat(Blanks.names()).hasSize(18).doesNotHaveDuplicates().contains("Apron", "Smock front", "Smock back",
                "Tee", "Trousers", "Skirt", "Dress", "Cap", "Tote", "Cushion", "Mug", "Deckchair", "Lifejacket cover",
                "Curtain", "Towel", "Phone sleeve", "Notice panel", "Sheet");
    }

    @ParameterizedTest
    @MethodSource("names")
    void eachIsBareWholeAndOnItsSheet(String name) {
        Article.Flat blank = Blanks.of(name);
        assertThat(blank.name()).isEqualTo(name);
        assertThat(blank.dressings()).isEqualTo(Dressings.NONE);
        assertThat(blank.pieces().stream().map(Piece::name)).doesNotHaveDuplicates()
                .filteredOn(n -> n.matches("piece \\d+"))
                .hasSizeLessThanOrEqualTo(name.startsWith("Lifejacket") ? 2 : 0);
        Rectangle2D sheet = new Rectangle2D.Double(-1e-6, -1e-6, blank.widthMm() + 2e-6, blank.heightMm() + 2e-6);
        for (Piece piece : blank.pieces()) {
            assertThat(sheet.contains(piece.outline().bounds())).as("%s lies on the sheet", piece.name()).isTrue();
            assertThat(piece.outline().area()).as(piece.name()).isGreaterThan(50);
        }
        // It fills its sheet, so that its size is the article's.
        Area all = new Area();
        blank.pieces().forEach(p -> all.add(new Area(p.outline().path())));
        assertThat(all.getBounds2D().getWidth()).isGreaterThan(0.65 * blank.widthMm());
        assertThat(all.getBounds2D().getHeight()).isGreaterThan(0.65 * blank.heightMm());
    }

    /** What has two sides has both alike. */
    @ParameterizedTest
    @CsvSource({"Tee, sleeve", "Trousers, leg", "Skirt, panel", "Dress, sleeve", "Smock back, sleeve",
            "Smock front, sleeve", "Deckchair, rail"})
    void partnersAreMirrored(String name, String piece) {
        Article.Flat blank = Blanks.of(name);
        Outline left = outline(blank, "left " + piece);
        Outline right = outline(blank, "right " + piece);
        assertThat(right.area()).isCloseTo(left.area(), org.assertj.core.api.Assertions.within(1e-3 * left.area()));
        assertThat(PieceAxis.degrees(right)).isCloseTo(-PieceAxis.degrees(left),
                org.assertj.core.api.Assertions.within(0.1));
        assertThat(right.bounds().getCenterX()).isCloseTo(blank.widthMm() - left.bounds().getCenterX(),
                org.assertj.core.api.Assertions.within(0.5));
    }

    private static Outline outline(Article.Flat of, String piece) {
        return of.pieces().stream().filter(p -> p.name().equals(piece)).findFirst().orElseThrow().outline();
    }

    @Test
    void itIsFoundWhateverTheCapitalsAndElseToldWhatThereIs() {
        assertThat(Blanks.of(" smock BACK ")).isSameAs(Blanks.of("Smock back"));
        Article.Flat mine = Blanks.fresh("Mug", "Bridge mug");
        assertThat(mine.name()).isEqualTo("Bridge mug");
        assertThat(mine.id()).isNotEqualTo(Blanks.of("Mug").id());
        assertThat(mine.pieces()).isEqualTo(Blanks.of("Mug").pieces());
        assertThatThrownBy(() -> Blanks.of("Hat")).isInstanceOf(Refusal.class)
                .hasMessageStartingWith("there is no blank Hat; there are Apron, Smock front");
    }
}
