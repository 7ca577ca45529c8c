package org.vatwright.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

class ColourTest {

    private static final Rgb RED = new Rgb(255, 0, 0);
    private static final Rgb NAVY = Rgb.parse("#20365f");

    @Test
    void knownAnswers() {
        Lab red = Lab.of(RED);
        assertThat(red.lightness()).isEqualTo(54.29, within(0.01));
        assertThat(red.a()).isEqualTo(80.80, within(0.02));
        assertThat(red.b()).isEqualTo(69.89, within(0.02));
        assertThat(Lab.of(new Rgb(255, 255, 255)).lightness()).isEqualTo(100, within(1e-4));
        Oklch ok = Oklch.of(RED);
        assertThat(ok.lightness()).isEqualTo(0.628, within(0.001));
        assertThat(ok.chroma()).isEqualTo(0.258, within(0.001));
        assertThat(ok.hue()).isEqualTo(29.2, within(0.1));
        assertThat(Light.decode(0.5)).isEqualTo(0.21404, within(1e-5));
        assertThat(CmykShares.of(NAVY)).isEqualTo(new CmykShares(100 * (1 - 32 / 95.0), 100 * (1 - 54 / 95.0), 0,
                100 * (1 - 95 / 255.0)));
    }

    @Test
    void everyWayOfWritingAColourComesBack() {
        Random random = new Random(1);
        for (int n = 0; n < 5000; n++) {
            Rgb rgb = Rgb.ofArgb(random.nextInt(1 << 24));
            assertThat(Rgb.parse(rgb.hex())).isEqualTo(rgb);
            assertThat(Lab.of(rgb).toRgb()).isEqualTo(rgb);
            assertThat(Oklch.of(rgb).toRgb()).isEqualTo(rgb);
            assertThat(CmykShares.of(rgb).toRgb()).isEqualTo(rgb);
        }
        for (int level = 0; level < 256; level++) {
            assertThat(Light.channel(Light.linear(level))).isEqualTo(level);
        }
    }

    @Test
    void aColourBeyondSrgbKeepsLightnessAndHue() {
        Oklch wild = new Oklch(0.7, 0.37, 150);
        Oklch tame = Oklch.of(wild.toRgb());
        assertThat(tame.lightness()).isEqualTo(0.7, within(0.01));
        assertThat(tame.hue()).isEqualTo(150, within(1.5));
        assertThat(tame.chroma()).isLessThan(0.25);
    }

    @Test
    void wrongColoursAreRefusedWithWhatWouldBeRight() {
        assertThatThrownBy(() -> Rgb.parse("#12345")).hasMessageContaining("#12345").hasMessageContaining("#1f3460");
        assertThatThrownBy(() -> new Rgb(256, 0, 0)).hasMessage("red 256 must be from 0 to 255");
    }

    @Test
    void theFirstColourwayStaysOnceThereIsAnother() {
        Palette one = new Palette(List.of("Sea"), List.of(new Colourway("Morning", List.of(NAVY))));
        assertThat(one.recolour("Morning", 0, RED).palette().first().colours()).containsExactly(RED);

        Palette two = one.copy("Morning").palette();
        Palette.Change change = two.recolour("Morning", 0, RED);
        assertThat(change.palette().first().colours()).containsExactly(NAVY);
        assertThat(change.colourway()).isEqualTo("Morning 3");
        assertThat(change.palette().find("Morning 3").orElseThrow().colours()).containsExactly(RED);
        assertThat(two.recolour("Morning 2", 0, RED).colourway()).isEqualTo("Morning 2");
        assertThat(two.withFirstOpen(true).recolour("Morning", 0, RED).palette().first().colours())
                .containsExactly(RED);
        assertThatThrownBy(() -> two.remove("Morning")).hasMessageContaining("Morning is the first colourway");
        assertThat(two.remove("Morning 2").colourways()).hasSize(1);
    }

    @Test
    void aPaletteRefusesWhatDoesNotAddUp() {
        Colourway short1 = new Colourway("Fog", List.of(RED));
        assertThatThrownBy(() -> new Palette(List.of("Sea", "Foam"), List.of(short1)))
                .hasMessageContaining("Fog has 1 colours for 2 slots");
        assertThatThrownBy(() -> new Palette(List.of("Sea", "Sea"), List.of(new Colourway("Fog", List.of(RED, RED)))))
                .hasMessageContaining("two slots are called Sea");
    }
}
