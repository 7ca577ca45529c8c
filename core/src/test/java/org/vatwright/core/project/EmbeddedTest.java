package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Arrangement;

/** What is told of a design before it is written as shapes. */
class EmbeddedTest {

    private static final Density DPI = new Density(300);

    /** @return ground and stripes of those fills */
    private static Design design(String name, Fill... fills) {
        Design design = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5)).withName(name);
        for (Fill fill : fills) {
            design = design.addFill(fill);
        }
        return fills.length == 1
                ? design.withGround(fills[0].ink())
                : design.withGround(fills[0].ink()).replace(1, l -> l.withInks(ink -> fills[1].ink()));
    }

    private static Fill picture(double dpi) {
        return new Fill("Photo", new Fill.OfPicture(new Picture(new Raster(8, 8), dpi)));
    }

    private static Fill of(Design design, String name, double scale) {
        return Fill.of(name, design).withScale(scale, scale);
    }

    @Test
    void aPictureHasTheDensityOfWhereItIsSeenLargest() {
        Design photo = design("Print", picture(50));
        assertThat(Embedded.of(photo, DPI)).containsExactly("Photo in Print is a picture; it is embedded at 50 dpi");
        assertThat(Embedded.of(design("Half", of(photo, "In", 0.5)), DPI)).singleElement().asString()
                .endsWith("at 100 dpi");
        // By one way at half its size, by the other at twice 0.4 of it.
        Design over = design("Over", of(photo, "In", 2));
        Design both = design("Both", of(photo, "Straight", 0.5), of(over, "Around", 0.4));
        assertThat(Embedded.of(both, DPI)).singleElement().asString().endsWith("at 62.5 dpi");
        // No finer than what is asked for.
        assertThat(Embedded.of(design("Fine", of(design("Print", picture(1200)), "In", 1)), DPI)).singleElement()
                .asString().endsWith("at 300 dpi");
    }

    /** A thousand million ways lead to the innermost one. */
    @Test
    void whatIsNestedManyTimesOverIsToldOnce() {
        Design inner = design("Print", picture(50));
        for (int level = 0; level < 30; level++) {
            inner = design("Level " + level, of(inner, "One", 1), of(inner, "Two", 0.5));
        }
        assertThat(Embedded.of(inner, DPI))
                .isEqualTo(List.of("Photo in Print is a picture; it is embedded at 50 dpi"));
    }
}
