package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class CutOutTest {

    private static final Raster RAMP = HardPictures.all().get("a ramp aslant in three colours");

    @Test
    void itTakesWholePixelsAndTheSeamsAreMadeOfThem() {
        CutOut cut = new CutOut(0.25, 0.5, 0.75, 1);
        Raster taken = cut.of(RAMP, 1, Work.on(1));
        int x = (int) Math.rint(0.25 * HardPictures.W);
        assertThat(taken.width()).isEqualTo((int) Math.rint(0.75 * HardPictures.W) - x);
        assertThat(taken.height()).isEqualTo(HardPictures.H - 61);
        assertThat(taken.at(0, 0)).isEqualTo(RAMP.at(x, 61));
        assertThat(taken.at(taken.width() - 1, taken.height() - 1))
                .isEqualTo(RAMP.at(x + taken.width() - 1, HardPictures.H - 1));
        Picture picture = new Picture(RAMP, 100);
        Fill.OfPicture of = new Fill.OfPicture(picture, cut, Optional.of(new Making(Making.Way.MIRROR)), List.of());
        assertThat(of.widthPx()).isEqualTo(2 * taken.width());
        assertThat(of.widthMm()).isEqualTo(2 * taken.width() * 0.254);
        assertThat(of.picture()).as("nothing is cut for good").isSameAs(picture);
        assertThat(of.making().orElseThrow().of(taken, Work.on(1)).height()).isEqualTo(of.heightPx());
    }

    @Test
    void theWholeIsTheVeryPictureAndWhatIsMovedStaysInside() {
        assertThat(CutOut.WHOLE.of(RAMP, 1, Work.on(1))).isSameAs(RAMP);
        CutOut cut = new CutOut(0.2, 0.3, 0.6, 0.5);
        assertThat(cut.moved(0.1, 0.1)).isEqualTo(new CutOut(0.2 + 0.1, 0.3 + 0.1, 0.6 + 0.1, 0.5 + 0.1));
        CutOut far = cut.moved(9, -9);
        assertThat(far.right()).isEqualTo(1);
        assertThat(far.top()).isZero();
        assertThat(far.of(RAMP, 1, Work.on(1)).width()).isEqualTo(cut.of(RAMP, 1, Work.on(1)).width());
    }

    @Test
    void everyShareOfASmallPictureHasAPixel() {
        Raster tiny = new Raster(3, 2, new int[]{1, 2, 3, 4, 5, 6});
        assertThat(new CutOut(0.99, 0.99, 1, 1).of(tiny, 1, Work.on(1)).argb()).containsExactly(6);
        assertThat(new CutOut(0, 0, 0.01, 1).of(tiny, 1, Work.on(1)).argb()).containsExactly(1, 4);
    }

    @Test
    void edgesThatCrossAreRefusedWithTheirLimit() {
        assertThatThrownBy(() -> new CutOut(0.6, 0, 0.5, 1)).hasMessage(
                "the right edge of the cut-out must lie beyond the left one, by 1 % at least");
        assertThatThrownBy(() -> new CutOut(-0.1, 0, 0.5, 1))
                .hasMessage("left edge of the cut-out -10 % must be from 0 to 100 %");
        assertThatThrownBy(() -> new CutOut(0, 0.2, 0.5, 0.2)).hasMessageContaining("lower edge");
        assertThatThrownBy(() -> new Fill.OfPicture(new Picture(RAMP, 100), new CutOut(0, 0, 0.01, 1),
                Optional.of(Making.HEAL), List.of())).hasMessageContaining("a tile is made of 4 x 4 at least");
    }
}
