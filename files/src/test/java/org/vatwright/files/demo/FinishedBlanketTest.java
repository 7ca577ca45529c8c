package org.vatwright.files.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.CalloutSteps;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Swap;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.files.type.ShippedTypefaces;

/** The demo's deck blanket: bent, stitched, shaded, felted, with a shadow and a callout. */
class FinishedBlanketTest {

    private static final Density DENSITY = new Density(25.4);
    private static final Project DEMO = DemoCommission.load();

    private static Article blanket(Project project) {
        return project.article(new Id("deck-blanket")).orElseThrow();
    }

    private static Raster drawn(Project project) {
        return new ArticleRenderer(project::design, TileSource.PAINTED, Optional.empty())
                .render(Cut.of(blanket(project), new ShippedTypefaces()), DENSITY, Work.on(2));
    }

    @Test
    void aSwapChangesItsClothAlone() {
        Design from = DEMO.design(new Id("skarholm-in-wool")).orElseThrow();
        Design to = DEMO.design(new Id("gangway")).orElseThrow();
        Project after = new Swap(from, to).everywhere(DEMO);
        Article was = blanket(DEMO);
        Article is = blanket(after);
        assertThat(is).isNotEqualTo(was);
        assertThat(is.withEachLay(l -> l.withDesign(from.id(), l.colourway()))).as("all else of the document")
                .isEqualTo(was);
        assertThat(was.dressings().whole().callouts()).hasSize(1);
        assertThat(was.dressings().whole().shades()).hasSizeGreaterThan(3);

        Raster before = drawn(DEMO);
        Raster then = drawn(after);
        Cut cut = Cut.of(was, new ShippedTypefaces());
        var window = CalloutSteps.window(was.dressings().whole().callouts().getFirst()).getBounds2D();
        Set<Integer> beside = new HashSet<>();
        int changed = 0;
        for (int y = 0; y < before.height(); y++) {
            for (int x = 0; x < before.width(); x++) {
                double mmX = x + 0.5;
                double mmY = y + 0.5;
                boolean cloth = window.contains(mmX, mmY) || cut.pieces().stream().anyMatch(
                        p -> p.outline().path().intersects(mmX - 2, mmY - 2, 4, 4));
                if (cloth) {
                    changed += before.at(x, y) == then.at(x, y) ? 0 : 1;
                } else {
                    assertThat(then.at(x, y)).as("%d, %d", x, y).isEqualTo(before.at(x, y));
                    beside.add(before.at(x, y));
                }
            }
        }
        assertThat(changed).isGreaterThan(400_000);
        assertThat(beside).as("the shadow, the callout's line, its words and its measure").hasSizeGreaterThan(50);
    }

    /** Where folds are the cloth is darker or lighter than without; shading has no colour of its own. */
    @Test
    void foldsLieOverAnyCloth() {
        Project flat = DEMO.withArticles(DEMO.articles().stream().map(a -> a.id().equals(new Id("deck-blanket"))
                ? a.withDressings(a.dressings().withWhole(w -> w.withShading(0)))
                : a).toList());
        Raster with = drawn(DEMO);
        Raster without = drawn(flat);
        int darker = 0;
        int lighter = 0;
        for (int i = 0; i < with.argb().length; i++) {
            int a = with.argb()[i];
            int b = without.argb()[i];
            int change = 0;
            for (int shift = 0; shift < 24; shift += 8) {
                int next = (shift + 8) % 24;
                int apart = (a >> shift & 255) - (a >> next & 255);
                int were = (b >> shift & 255) - (b >> next & 255);
                // Black and white let through draw channels together and never past each other; each stroke rounds.
                assertThat(apart).isBetween(Math.min(0, were) - 6, Math.max(0, were) + 6);
                change += (a >> shift & 255) - (b >> shift & 255);
            }
            darker += change < 0 ? 1 : 0;
            lighter += change > 0 ? 1 : 0;
        }
        assertThat(darker).isGreaterThan(20_000);
        assertThat(lighter).isGreaterThan(15_000);
    }
}
