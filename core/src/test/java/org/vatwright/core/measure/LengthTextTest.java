package org.vatwright.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    private static final Density DPI = new Density(300);

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12.5mm|12.5", "12,5 mm|12.5", "3cm|30", "1/2in|12.7", "1 1/2 in|38.1",
            "200/3 mm|66.66666666666667", "300px|25.4", "7|7", "10+5mm|15", "1in + 2|50.8+25.4", "2*35|70", "-3 mm|-3",
            "1/2\"|12.7", "10mm - 1cm|0", " .5cm |5"})
    void readsWhatPeopleType(String text, String mm) {
        double wanted = java.util.Arrays.stream(mm.split("\\+")).mapToDouble(Double::parseDouble).sum();
        assertThat(LengthText.parseMm(text, Unit.MM, DPI)).isEqualTo(wanted, within(1e-9));
    }

    @Test
    void aBareNumberHasTheUnitOfTheField() {
        assertThat(LengthText.parseMm("2", Unit.INCH, DPI)).isEqualTo(50.8, within(1e-12));
        assertThat(LengthText.parseMm("2 + 1cm", Unit.INCH, DPI)).isEqualTo(30, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "twelve", "12 furlong", "1/0 mm", "3 mm mm", "1..2", "5 %", "mm", "1e999"})
    void saysWhatIsWrongAndWhatWouldBeRight(String text) {
        assertThatThrownBy(() -> LengthText.parseMm(text, Unit.MM, DPI)).isInstanceOf(Refusal.class)
                .hasMessageMatching("(?s).*(type a length|mm, cm, in and px|other than 0|more than can be counted).*");
    }

    @Test
    void noTextBringsAnythingButALengthOrARefusal() {
        Random random = new Random(4711);
        String alphabet = "0123456789.,/*+- mcinpx\"()%\u2033e";
        for (int n = 0; n < 20_000; n++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(12); k >= 0; k--) {
                text.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            try {
                LengthText.parseMm(text.toString(), Unit.MM, DPI);
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void wholePixelsAreTold() {
        assertThat(DPI.wholePx(304.8)).isEqualTo(3600);
        assertThat(DPI.stretch(304.8)).isEqualTo(1);
        assertThat(new Density(300).stretch(96)).isEqualTo(1134 / (96 * 300 / 25.4), within(1e-12));
        assertThatThrownBy(() -> new Density(0)).hasMessage("density 0 dpi must be from 0.5 to 20000 dpi");
    }

    @Test
    void noiseHasThePeriodOfTheTorusAndFollowsItsSeed() {
        for (double u = -1; u < 2; u += 0.137) {
            double here = Noise.torus(5, u, 0.3, 7, 4);
            assertThat(Noise.torus(5, u + 1, 0.3 - 2, 7, 4)).isEqualTo(here, within(1e-9));
            assertThat(Noise.torus(5, u + 1e-7, 0.3, 7, 4)).isEqualTo(here, within(1e-5));
            assertThat(here).isBetween(-1.0, 1.0);
        }
        assertThat(Noise.torus(5, 0.4, 0.3, 7, 4)).isNotEqualTo(Noise.torus(6, 0.4, 0.3, 7, 4));
    }
}
