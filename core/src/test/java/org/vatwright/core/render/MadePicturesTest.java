package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

class MadePicturesTest {

    private static final int SIDE = 48;
    private static final Colourway ONE = new Colourway("One", List.of(new Rgb(0, 0, 0)));
    private static final InkColours INKS = new InkColours(new Palette(List.of("A"), List.of(ONE)), ONE);

    private static Raster noise(long seed) {
        Random random = new Random(seed);
        return new Raster(SIDE, SIDE, random.ints((long) SIDE * SIDE).map(p -> p | 0xFF000000).toArray());
    }

    private static Raster made(Raster raster) {
        return MadePictures.tile(new Fill.OfPicture(new Picture(raster, 150), Optional.of(Making.HEAL), List.of()),
                INKS,
                SIDE, SIDE, Work.on(1));
    }

    /** Healing takes seconds of a large picture, and a project that is opened again brings equal ones. */
    @Test
    void aPictureIsMadeOnceHoweverOftenItIsRead() {
        Raster first = made(noise(1));
        assertThat(made(noise(1))).isSameAs(first);
        Raster other = made(noise(2));
        assertThat(other.argb()).isNotEqualTo(first.argb());
        Raster odd = noise(1);
        // Not one of the few that tell pictures apart in a table.
        odd.argb()[4] ^= 0x00FFFFFF;
        assertThat(made(odd)).isNotSameAs(first);
    }

    @Test
    void rastersOfOtherShapeAreOthersThoughTheirPixelsAreTheSame() {
        int[] argb = noise(3).argb();
        assertThat(new Raster(SIDE, SIDE, argb).same(new Raster(SIDE, SIDE, argb.clone()))).isTrue();
        assertThat(new Raster(SIDE * 2, SIDE / 2, argb).same(new Raster(SIDE, SIDE, argb))).isFalse();
        assertThat(new Raster(SIDE, SIDE, argb).pixelHash())
                .isEqualTo(new Raster(SIDE, SIDE, argb.clone()).pixelHash());
    }
}
