package org.vatwright.core.family.motif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.picture.Tracing;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** A picture of three colours, 100 x 60 px at 254 dpi: 10 x 6 mm. */
class TracedPictureTest {

    private static final Rgb SAND = Rgb.parse("#e8dcc0");
    private static final Rgb SEA = Rgb.parse("#2c5a6e");
    private static final Rgb RUST = Rgb.parse("#a2492c");

    private static Fill fill(Ink sand, Ink sea, Ink rust) {
        Raster raster = new Raster(100, 60);
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 100; x++) {
                boolean disc = Math.hypot(x - 30, y - 30) < 15;
                boolean box = x >= 60 && x < 90 && y >= 20 && y < 40;
                raster.argb()[y * 100 + x] = (disc ? SEA : box ? RUST : SAND).argb();
            }
        }
        return new Fill("Sail", new Fill.OfPicture(new Picture(raster, 254), Optional.empty(),
                List.of(new Fill.Reduced(SAND, sand), new Fill.Reduced(SEA, sea), new Fill.Reduced(RUST, rust))));
    }

    private static Motif traced(Fill fill) {
        return TracedPicture.of(fill, (picture, most) -> picture, Work.on(1));
    }

    private static final Ink A = Ink.slot("A");
    private static final Ink B = Ink.slot("B");
    private static final Ink C = Ink.slot("C");

    @Test
    void eachInkIsAShapeInItsPlaceAndAtItsSize() {
        Motif motif = traced(fill(A, B, C));
        assertThat(motif.parts()).extracting(Part::fill).containsExactly(A, B, C);
        double over = 2.0 * 6 / 10;
        Rectangle2D whole = motif.parts().get(0).shape().getBounds2D();
        assertThat(whole.getWidth()).isCloseTo(10 + over - 0.0, within(0.05));
        assertThat(whole.getCenterX()).isCloseTo(0, within(0.01));
        Rectangle2D box = motif.parts().get(2).shape().getBounds2D();
        assertThat(box.getMinX()).isCloseTo(6 - 5, within(0.05));
        assertThat(box.getMaxX()).isCloseTo(9 - 5, within(0.05));
        assertThat(box.getMinY()).isCloseTo(2 - 3, within(0.05));
        // The second reaches under the third: both the disc and the box.
        Rectangle2D both = motif.parts().get(1).shape().getBounds2D();
        assertThat(both.getMinX()).isCloseTo(1.5 - 5, within(0.1));
        assertThat(both.getMaxX()).isCloseTo(4, within(0.05));
    }

    @Test
    void coloursShownInOneInkAreOneShapeAndWhatIsClearIsNone() {
        assertThat(traced(fill(A, B, B)).parts()).extracting(Part::fill).containsExactly(A, B);
        assertThat(traced(fill(A, B, Ink.CLEAR)).parts()).extracting(Part::fill).containsExactly(A, B);
    }

    @Test
    void itIsAsLargeAsTheFillLies() {
        Rectangle2D box = traced(fill(A, B, C).withScale(2, 3)).parts().get(2).shape().getBounds2D();
        assertThat(box.getWidth()).isCloseTo(6, within(0.1));
        assertThat(box.getHeight()).isCloseTo(6, within(0.15));
    }

    @Test
    void aPictureInAllItsColoursIsRefused() {
        Fill plain = fill(A, B, C).withPicture(p -> p.withReduced(List.of()));
        assertThatThrownBy(() -> traced(plain)).isInstanceOf(Refusal.class)
                .hasMessageContaining("show it in a few inks first");
    }

    @Test
    void labelsAreReadFromWhatIsShown() {
        assertThat(Tracing.labels(new int[]{0xFF000002, 0, 0xFF000000, 0x40000001})).containsExactly(2, -1, 0, -1);
    }
}
