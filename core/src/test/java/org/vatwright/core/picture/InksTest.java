package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Oklab;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class InksTest {

    private static final Work WORK = Work.on(1);
    private static final List<Rgb> KNOWN = List.of(Rgb.parse("#f2ead8"), Rgb.parse("#1f3460"), Rgb.parse("#b4472e"),
            Rgb.parse("#6f8f6a"), Rgb.parse("#d9a441"));

    /** Stripes of the known inks, the first broadest. @param stray of each pixel around its ink, in levels */
    private static Raster stripes(int stray) {
        Raster raster = new Raster(150, 60);
        Random random = new Random(5);
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 150; x++) {
                int which = x < 50 ? 0 : x < 90 ? 1 : x < 120 ? 2 : x < 140 ? 3 : 4;
                Rgb ink = KNOWN.get(which);
                raster.argb()[y * 150 + x] = 0xFF000000 | near(ink.red(), stray, random) << 16
                        | near(ink.green(), stray, random) << 8 | near(ink.blue(), stray, random);
            }
        }
        return raster;
    }

    private static int near(int level, int stray, Random random) {
        int off = stray == 0 ? 0 : random.nextInt(2 * stray + 1) - stray;
        return Math.max(0, Math.min(255, level + off));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 77, -4})
    void knownInksAreFoundExactlyTheLargestFirstWithTheirShares(long seed) {
        Inks inks = Inks.of(stripes(0), 5, seed, WORK);
        assertThat(inks.colours()).isEqualTo(KNOWN);
        assertThat(inks.shares()).containsExactly(50 / 150.0, 40 / 150.0, 30 / 150.0, 20 / 150.0, 10 / 150.0);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 77, -4})
    void inksWithNoiseAroundThemAreFoundInTheirMiddles(long seed) {
        Inks inks = Inks.of(stripes(9), 5, seed, WORK);
        assertThat(inks.colours()).hasSize(5);
        for (int i = 0; i < 5; i++) {
            assertThat(Math.sqrt(Oklab.of(inks.colours().get(i)).apart(Oklab.of(KNOWN.get(i))))).isLessThan(0.012);
        }
        assertThat(inks.shares().get(4)).isEqualTo(10 / 150.0, within(1e-3));
    }

    @Test
    void theSameSeedFindsTheSameAndFewerColoursGiveFewerInks() {
        Raster many = HardPictures.all().get("a ramp aslant in three colours");
        assertThat(Inks.of(many, 7, 3, WORK)).isEqualTo(Inks.of(many, 7, 3, WORK));
        assertThat(Inks.of(stripes(0), 9, 1, WORK).colours()).isEqualTo(KNOWN);
        assertThat(Inks.of(many, 7, 3, WORK).shares().stream().mapToDouble(s -> s).sum()).isEqualTo(1, within(1e-9));
        assertThatThrownBy(() -> Inks.of(many, 25, 3, WORK)).hasMessageContaining("25").hasMessageContaining("24");
    }

    /** Each of the found middles is the mean of what is nearest to it: k-means has come to rest. */
    @Test
    void noInkLiesAsideOfTheMiddleOfItsColours() {
        Raster many = HardPictures.all().get("a ramp aslant in three colours");
        Inks inks = Inks.of(many, 6, 8, WORK);
        int[] marks = {0xFF000001, 0xFF000002, 0xFF000003, 0xFF000004, 0xFF000005, 0xFF000006};
        Raster map = InkMap.shown(many, inks.colours(), marks);
        for (int k = 0; k < 6; k++) {
            double l = 0;
            int count = 0;
            for (int i = 0; i < many.argb().length; i++) {
                if (map.argb()[i] == marks[k]) {
                    l += Oklab.of(Rgb.ofArgb(many.argb()[i])).lightness();
                    count++;
                }
            }
            assertThat(l / count).isEqualTo(Oklab.of(inks.colours().get(k)).lightness(), within(0.01));
            assertThat((double) count / many.argb().length).isEqualTo(inks.shares().get(k), within(0.02));
        }
    }

    @Test
    void clearPlacesStayClearAndAreNoInk() {
        Raster half = new Raster(4, 1, new int[]{0, 0xFF1F3460, 0x800F1A30, 0});
        Inks inks = Inks.of(half, 2, 1, WORK);
        assertThat(inks.colours().getFirst()).isEqualTo(Rgb.parse("#1f3460"));
        Raster shown = InkMap.shown(half, List.of(Rgb.parse("#1f3460"), Rgb.parse("#ffffff")),
                new int[]{0xFFB4472E, 0xFFFFFFFF});
        assertThat(shown.argb()[0]).isZero();
        assertThat(shown.argb()[1]).isEqualTo(0xFFB4472E);
        assertThat(shown.argb()[2] >>> 24).isEqualTo(0x80);
        assertThat(shown.argb()[2] >> 16 & 255).isBetween(0x59, 0x5B);
    }
}
