package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.map.Resized;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;

/** Fills in structures that know only colours, and pictures in other sizes. */
class FilledFabricTest {

    private static Raster noise(int w, int h, Random random, boolean open) {
        Raster noise = new Raster(w, h);
        for (int i = 0; i < noise.argb().length; i++) {
            noise.argb()[i] = open && random.nextInt(3) == 0 ? 0 : 0xFF000000 | random.nextInt(1 << 24);
        }
        return noise;
    }

    private static Raster tile(Design design, Density density) {
        return TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), density), Work.on(2));
    }

    /** A fill of one colour is that colour, in every pixel, mixtures and edges too. */
    @Test
    void aFillOfOneColourIsJustLikeAnInkOfThatColour() {
        Random random = new Random(2);
        for (int n = 0; n < 30; n++) {
            int colour = 0xFF000000 | random.nextInt(1 << 24);
            Palette palette = new Palette(List.of("Navy", "Linen", "Madder", "Plain"), List.of(new Colourway("One",
                    List.of(Rgb.parse("#20365f"), Rgb.parse("#f1e9d8"), Rgb.parse("#ab3b2c"), Rgb.ofArgb(colour)))));
            Fill fill = new Fill("Paper", new Fill.OfPicture(new Picture(new Raster(1, 1, new int[]{colour}), 25.4)));
            Design any = switch (n % 3) {
                case 0 -> Samples.any(random, 30, 24);
                case 1 -> Samples.anyLaid(random, 30, 24);
                default -> Samples.design(48, 48, Arrangement.STRAIGHT,
                        Checks.fresh(Checks.Kind.GINGHAM, List.of(Samples.LINEN, Samples.NAVY)));
            };
            Design plain = new Design("Plain", any.repeat(), any.ground(), any.layers().stream()
                    .map(l -> l
                            .withStructure(l.structure().withInks(i -> i.equals(Samples.NAVY) ? Ink.slot("Plain") : i)))
                    .toList(), palette, Guides.NONE);
            Design filled = plain.withFills(List.of(fill)).withLayers(plain.layers().stream()
                    .map(l -> l
                            .withStructure(l.structure().withInks(i -> i.equals(Ink.slot("Plain")) ? fill.ink() : i)))
                    .toList());
            Raster one = tile(plain, new Density(120));
            Raster other = tile(filled, new Density(120));
            int far = 0;
            for (int i = 0; i < one.argb().length; i++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    far = Math.max(far, Math.abs((one.argb()[i] >>> shift & 255) - (other.argb()[i] >>> shift & 255)));
                }
            }
            // Edges laid over each other mix in sRGB, and a tone is a step of lightness: both part from linear light by some.
            assertThat(far).as("%s", any.layers().getFirst().structure().family()).isLessThan(n % 3 == 2 ? 5 : 40);
        }
    }

    /** Smaller, a picture keeps its mean in linear light; of whole blocks each pixel is the mean of its own. */
    @Test
    void picturesKeepTheirMeanWhenTheyGetSmallerAndTheirPixelsWhenTheyDoNot() {
        Random random = new Random(3);
        Raster picture = noise(60, 40, random, true);
        assertThat(Resized.of(picture, 60, 40, Work.on(1))).isSameAs(picture);
        Raster blocks = Resized.of(picture, 15, 10, Work.on(2));
        for (int y = 0; y < 10; y++) {
            for (int x = 0; x < 15; x++) {
                float[] sum = new float[4];
                for (int i = 0; i < 16; i++) {
                    float[] one = LightMix.linear(picture.at(4 * x + i % 4, 4 * y + i / 4));
                    for (int k = 0; k < 4; k++) {
                        sum[k] += one[k] / 16;
                    }
                }
                assertThat(apart(blocks.at(x, y), LightMix.encode(sum))).isLessThanOrEqualTo(1);
            }
        }
        for (int n = 0; n < 20; n++) {
            Raster other = Resized.of(picture, 3 + random.nextInt(50), 3 + random.nextInt(30), Work.on(2));
            float[] before = mean(picture);
            float[] after = mean(other);
            for (int k = 0; k < 4; k++) {
                assertThat(after[k]).isEqualTo(before[k], org.assertj.core.api.Assertions.within(0.01f));
            }
        }
    }

    private static float[] mean(Raster raster) {
        float[] sum = new float[4];
        for (int argb : raster.argb()) {
            float[] one = LightMix.linear(argb);
            for (int k = 0; k < 4; k++) {
                sum[k] += one[k] / raster.argb().length;
            }
        }
        return sum;
    }

    private static int apart(int a, int b) {
        int far = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            far = Math.max(far, Math.abs((a >>> shift & 255) - (b >>> shift & 255)));
        }
        return far;
    }

    /** Turned by any angle and closed, a fill recurs with the outer tile: the same picture from any whole start. */
    @Test
    void aFillThatRunsThroughNeverShowsAnEdge() {
        Random random = new Random(5);
        Raster soft = new Raster(24, 18);
        for (int y = 0; y < 18; y++) {
            for (int x = 0; x < 24; x++) {
                // Goes over into itself at its own edges, so that every step between neighbours is small.
                int v = (int) (127 + 60 * Math.sin(2 * Math.PI * x / 24) + 60 * Math.cos(2 * Math.PI * y / 18));
                soft.argb()[y * 24 + x] = 0xFF000000 | v << 16 | v << 8 | v;
            }
        }
        for (int n = 0; n < 25; n++) {
            Fill fill = new Fill("Soft", new Fill.OfPicture(new Picture(soft, 25.4))).withTurnDeg(random.nextInt(360))
                    .withScale(0.3 + random.nextDouble(), 0.3 + random.nextDouble())
                    .withStart(random.nextInt(50), random.nextInt(50));
            Design design = Samples.design(60, 50, n % 2 == 0 ? Arrangement.HALF_DROP : Arrangement.HALF_BRICK)
                    .withFills(List.of(fill)).withGround(fill.ink());
            Raster seen = tile(design, new Density(101.6));
            int inside = 0;
            int across = 0;
            int w = seen.width();
            int h = seen.height();
            for (int y = 0; y < h; y++) {
                for (int x = 0; x + 1 < w; x++) {
                    inside = Math.max(inside, apart(seen.at(x, y), seen.at(x + 1, y)));
                }
                across = Math.max(across, apart(seen.at(w - 1, y), seen.at(0, y)));
            }
            for (int x = 0; x < w; x++) {
                for (int y = 0; y + 1 < h; y++) {
                    inside = Math.max(inside, apart(seen.at(x, y), seen.at(x, y + 1)));
                }
                across = Math.max(across, apart(seen.at(x, h - 1), seen.at(x, 0)));
            }
            assertThat(across).isLessThanOrEqualTo(inside + 2);
        }
    }
}
