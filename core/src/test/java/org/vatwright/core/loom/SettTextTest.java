package org.vatwright.core.loom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;

class SettTextTest {

    @Test
    void bandsTextBandsAreStable() {
        SettText sett = SettText.parse(" k/4  r24,K24 Y/4 ");
        assertThat(sett.toString()).isEqualTo("K/4 R24 K24 Y/4");
        assertThat(sett.pivot()).isTrue();
        assertThat(SettText.parse("K4R24LB12").toString()).isEqualTo("K4 R24 LB12");
        Map<Ink, String> letters = new LinkedHashMap<>();
        sett.letters().forEach(l -> letters.put(Ink.slot(l), l));
        assertThat(SettText.of(sett.run(Ink::slot), letters)).isEqualTo(sett);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"K4 24 Y4|3|5|lacks its colour", "K4 R Y4|3|4|lacks its threads",
            "K4 R24 ?? Y4|7|9|is no band", "K/4 R24 K24|0|3|mark the last band", "K4 R/24 K24|3|7|first and the last",
            "K0 R3|0|2|1 to 20,000 threads", "K4 R99999|3|9|1 to 20,000", "K/4|0|3|nothing to pivot"})
    void faultsAreMarkedAtTheirPlace(String text, int from, int to, String words) {
        assertThatThrownBy(() -> SettText.parse(text)).isInstanceOfSatisfying(SettText.Faulty.class, e -> {
            assertThat(e.faults().getFirst().from()).isEqualTo(from);
            assertThat(e.faults().getFirst().to()).isEqualTo(to);
            assertThat(e.faults().getFirst().sentence()).contains(words);
        });
    }

    @Test
    void allFaultsAreFoundAtOnce() {
        assertThatThrownBy(() -> SettText.parse("K4 7 R? Y")).isInstanceOfSatisfying(SettText.Faulty.class,
                e -> assertThat(e.faults()).hasSize(3));
    }

    /** Ten thousand mutations: read, or refused with faults that lie in the text; what is read is stable. */
    @Test
    void whateverIsTypedIsReadOrRefused() {
        Random random = new Random(7);
        String signs = "KRWYBGNkr/ 0123456789,;?\u00e9\u20ac\n\t-.";
        int read = 0;
        for (int n = 0; n < 10_000; n++) {
            StringBuilder text = new StringBuilder("K/4 R24 K24 B12 Y/4");
            for (int change = random.nextInt(6); change >= 0; change--) {
                int at = random.nextInt(text.length() + 1);
                char sign = signs.charAt(random.nextInt(signs.length()));
                switch (random.nextInt(3)) {
                    case 0 -> text.insert(at, sign);
                    case 1 -> text.delete(at, Math.min(text.length(), at + 1 + random.nextInt(3)));
                    default -> text.insert(at, text.substring(0, Math.min(text.length(), 5)));
                }
            }
            try {
                SettText sett = SettText.parse(text.toString());
                assertThat(SettText.parse(sett.toString())).isEqualTo(sett);
                assertThat(sett.run(Ink::slot).bands()).isNotEmpty();
                read++;
            } catch (SettText.Faulty e) {
                assertThat(e.faults()).isNotEmpty().allSatisfy(f -> {
                    assertThat(f.from()).isBetween(0, text.length());
                    assertThat(f.to()).isBetween(f.from(), text.length());
                    assertThat(f.sentence()).isNotBlank();
                });
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isBetween(500, 9500);
    }

    @Test
    void aLongSettStandsAndATooLongOneIsRefused() {
        String sett = "K4 R6 W2 B8 ".repeat(100);
        assertThat(SettText.parse(sett).run(Ink::slot).length()).isEqualTo(2000);
        assertThatThrownBy(() -> SettText.parse("K4 R6 ".repeat(5000))).hasMessageContaining("too long");
        assertThatThrownBy(() -> SettText.parse("K".repeat(200_000))).hasMessageContaining("is not read");
        assertThatThrownBy(() -> SettText.parse(" ")).hasMessageContaining("has none");
    }

    @Test
    void lettersAreUsualOrTakenFromTheName() {
        assertThat(Letters.usual("k").orElseThrow().slot()).isEqualTo("Black");
        assertThat(Letters.usual("LB").orElseThrow().slot()).isEqualTo("Light blue");
        assertThat(Letters.usual("Q")).isEmpty();
        assertThat(Letters.forSlot("Black", List.of())).isEqualTo("K");
        assertThat(Letters.forSlot("Madder", List.of())).isEqualTo("M");
        assertThat(Letters.forSlot("Moss", List.of("M"))).isEqualTo("MO");
        assertThat(Letters.forSlot("Weld", List.of())).isEqualTo("WE");
        assertThat(Letters.forSlot("\u9ed2", List.of("XAA"))).isEqualTo("XAB");
        assertThat(Letters.distinct(1)).isNotEqualTo(Letters.distinct(2));
    }
}
