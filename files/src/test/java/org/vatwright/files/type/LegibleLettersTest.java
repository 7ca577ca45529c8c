package org.vatwright.files.type;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Legibility;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.project.ProjectFile;

/**
 * Whether words of real faces can be read in stripes: the answer is known by the breadth of the stem of the capital I, measured across its
 * middle.
 */
class LegibleLettersTest {

    private static final List<String> FACES = List.of("League Spartan Black", "Cabin Bold", "Bebas Neue Bold",
            "Comfortaa Bold",
            "Roboto Slab Bold", "Routed Gothic", "Goudy Bookletter");
    private static final double[] STEMS = {0.4, 0.55, 0.7, 1.4, 1.8, 2.5};
    private static final int STEPS = 4000;

    private static Cut cut(String words, String face) {
        return Cut.of(
                new Article.Lettering(new Id("w"), "Words", words, face, 40, false, Optional.empty(), Dressings.NONE),
                new ShippedTypefaces());
    }

    /** @return mm of ink on a level line through the middle of a capital I */
    private static double stem(String face) {
        Outline outline = cut("I", face).pieces().getFirst().outline();
        var box = outline.bounds();
        int inside = 0;
        for (int i = 0; i < STEPS; i++) {
            inside += outline.contains(box.getX() + (i + 0.5) / STEPS * box.getWidth(), box.getCenterY()) ? 1 : 0;
        }
        return box.getWidth() * inside / STEPS;
    }

    private static Design stripes(double band) {
        String json = String.format(Locale.ROOT,
                """
                        {"format": "vatwright-design", "version": 1, "name": "Bars", "cell": {"widthMm": %1$.4f, "heightMm": %1$.4f},
                         "arrangement": "straight", "ground": "Linen",
                         "layers": [{"id": 1, "name": "Bars", "structure": {"family": "stripes", "measure": "mm", "angleDeg": 0,
                           "bands": [{"ink": "Linen", "width": %2$.4f}, {"ink": "Navy", "width": %2$.4f}]}}],
                         "palette": {"slots": ["Linen", "Navy"], "colourways": [{"name": "One",
                           "colours": {"Linen": "#f1e9d8", "Navy": "#20365f"}}]}}""",
                2 * band, band);
        return ProjectFile.readDesign(json.getBytes(StandardCharsets.UTF_8), "bars.json", name -> null);
    }

    @Test
    void realLettersReadWhereTheirStemsAreBroaderThanTheBands() {
        List<String> wrong = new ArrayList<>();
        int cases = 0;
        for (String face : FACES) {
            double stem = stem(face);
            for (double stems : STEMS) {
                Design design = stripes(stems * stem);
                Legibility found = Legibility.of(cut("HILT", face).pieces(), new Lay(design.id(), "One"), design,
                        TileSource.PAINTED, Work.on(1)).orElseThrow();
                cases++;
                if (found.reads() != stems < 1) {
                    wrong.add("%s, bands of %.2f stems: strokes %.2f mm, stem %.2f mm".formatted(face, stems,
                            found.strokeMm(),
                            stem));
                }
            }
        }
        assertThat(cases).isEqualTo(42);
        assertThat(wrong).isEmpty();
    }
}
