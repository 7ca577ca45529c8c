package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.picture.Making.Way;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class MakingTest {

    private static final Raster CLOTH = HardPictures.all().get("cloth lit from one side");

    private static Raster tile(Way way, double margin, double even) {
        return new Making(way, margin, even).of(CLOTH, Work.on(2));
    }

    @Test
    void healKeepsTheSizeFadeLosesAMarginMirrorDoubles() {
        int margin = (int) Math.rint(0.2 * HardPictures.H);
        for (Way way : Way.values()) {
            Raster tile = tile(way, 0.2, 0);
            int lost = way == Way.FADE ? margin : 0;
            int times = way == Way.MIRROR ? 2 : 1;
            assertThat(tile.width()).as(way.word()).isEqualTo(times * HardPictures.W - lost);
            assertThat(tile.height()).isEqualTo(times * HardPictures.H - lost);
            assertThat(new Making(way, 0.2, 0).width(HardPictures.W, HardPictures.H)).isEqualTo(tile.width());
            assertThat(new Making(way, 0.2, 0).height(HardPictures.W, HardPictures.H)).isEqualTo(tile.height());
        }
    }

    @Test
    void theMirrorShowsThePictureAndItsImages() {
        Raster tile = tile(Way.MIRROR, 0.1, 0);
        for (int y = 0; y < HardPictures.H; y += 7) {
            for (int x = 0; x < HardPictures.W; x += 5) {
                int argb = CLOTH.at(x, y);
                assertThat(tile.at(x, y)).isEqualTo(argb);
                assertThat(tile.at(2 * HardPictures.W - 1 - x, y)).isEqualTo(argb);
                assertThat(tile.at(x, 2 * HardPictures.H - 1 - y)).isEqualTo(argb);
            }
        }
    }

    /** Beyond the margin nothing is touched, and at the edge the tile goes on as the picture did. */
    @Test
    void theCrossFadeGoesOverFromOneMarginIntoTheOther() {
        Raster tile = tile(Way.FADE, 0.2, 0);
        int margin = (int) Math.rint(0.2 * HardPictures.H);
        int w = tile.width();
        for (int y = margin; y < tile.height(); y += 3) {
            for (int x = margin; x < w; x += 4) {
                assertThat(tile.at(x, y)).isEqualTo(CLOTH.at(x, y));
            }
            // The first column is almost the one that followed the last.
            assertThat((double) (tile.at(0, y) & 255)).isEqualTo(CLOTH.at(w, y) & 255, within(2.0));
            int middle = margin / 2;
            double from = light(CLOTH.at(w + middle, y) & 255);
            double to = light(CLOTH.at(middle, y) & 255);
            assertThat(light(tile.at(middle, y) & 255)).isBetween(Math.min(from, to) - 0.01, Math.max(from, to) + 0.01);
        }
    }

    private static double light(int level) {
        double v = level / 255.0;
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    @Test
    void whatIsUnevenOverTheWholeGoesAndTheWeaveStays() {
        Raster even = tile(Way.MIRROR, 0.1, 1);
        Raster uneven = tile(Way.MIRROR, 0.1, 0);
        assertThat(mean(even, 10, 40)).isEqualTo(mean(even, 110, 140), within(4.0));
        assertThat(Math.abs(mean(uneven, 10, 40) - mean(uneven, 110, 140))).isGreaterThan(40);
        // Two neighbouring squares of the weave in the middle differ as much as before.
        double before = Math.abs((uneven.at(78, 60) & 255) - (uneven.at(81, 60) & 255));
        assertThat((double) Math.abs((even.at(78, 60) & 255) - (even.at(81, 60) & 255))).isEqualTo(before, within(8.0));
        assertThat(tile(Way.HEAL, 0.1, 0).argb()).isEqualTo(Making.HEAL.withMargin(0.1).of(CLOTH, Work.on(1)).argb());
    }

    private static double mean(Raster tile, int left, int right) {
        double sum = 0;
        for (int y = 20; y < 100; y++) {
            for (int x = left; x < right; x++) {
                sum += tile.at(x, y) & 255;
            }
        }
        return sum / 80 / (right - left);
    }

    /** A tenth of the memory that all pixels need: the tile has fewer of them, in the same shape, and no seam. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void whereMemoryIsShortTheTileHasFewerPixels(Way way) {
        Making making = new Making(way, 0.2, 0);
        Raster whole = making.of(CLOTH, 1L << 30, Work.on(1));
        Raster less = making.of(CLOTH, 1000L * (way == Way.HEAL ? 150 : 12), Work.on(1));
        assertThat(less.width() * less.height()).isLessThan(whole.width() * whole.height() / 8);
        assertThat((double) less.width() / less.height()).isEqualTo((double) whole.width() / whole.height(),
                within(0.1));
        assertThat(SeamCheck.ratio(less)).isLessThanOrEqualTo(1.5);
        assertThat(mean(less)).isEqualTo(mean(whole), within(6.0));
    }

    private static double mean(Raster tile) {
        return Arrays.stream(tile.argb()).mapToDouble(p -> p & 255).average().orElseThrow();
    }

    @Test
    void whatCannotBeIsSaidWithItsLimits() {
        assertThatThrownBy(() -> new Making(Way.HEAL, 0.5, 0)).hasMessage("margin 50 % must be from 1 to 45 %");
        assertThatThrownBy(() -> new Making(Way.HEAL, 0.1, 2)).hasMessageContaining("even-out 200 %");
        assertThatThrownBy(() -> Making.HEAL.of(new Raster(3, 90), Work.on(1)))
                .hasMessage("the picture has 3 x 90 pixels; a tile is made of 4 x 4 at least");
        assertThatThrownBy(() -> Way.parse("glue"))
                .hasMessage("\"glue\" is no way to make a picture seamless; heal, fade, mirror are");
        assertThat(Making.HEAL.of(new Raster(4, 5), Work.on(1)).height()).isEqualTo(5);
    }
}
