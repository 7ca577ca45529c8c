package org.vatwright.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;

import org.junit.jupiter.api.Test;

class NumbersTest {

    @Test
    void numbersAreReadAsPeopleWriteThem() {
        assertThat(Numbers.plain(0)).isEqualTo("0");
        assertThat(Numbers.plain(-0.0004)).isEqualTo("0");
        assertThat(Numbers.plain(-0.0006)).isEqualTo("-0.001");
        assertThat(Numbers.plain(12.5)).isEqualTo("12.5");
        assertThat(Numbers.plain(1e7)).isEqualTo("10000000");
        assertThat(Numbers.plain(1e300, 2)).hasSize(301).startsWith("1000").doesNotContain("E");
        assertThat(Numbers.plain(Double.NaN)).isEqualTo("no number");
        assertThat(Numbers.plain(Double.NEGATIVE_INFINITY)).isEqualTo("no end");
        assertThat(Numbers.plain(0.05, 1)).isEqualTo("0.1");
        assertThat(Numbers.plain(1.0005)).as("as it is written, not as it is kept").isEqualTo("1.001");
        assertThat(Numbers.plain(2.675, 2)).isEqualTo("2.68");
    }

    @Test
    void theQuickWayRoundsAsTheDecimalFiguresDo() {
        Random random = new Random(8);
        for (int i = 0; i < 200_000; i++) {
            int decimals = random.nextInt(7);
            double value = switch (random.nextInt(4)) {
                case 0 -> random.nextInt(2_000_000) / 2000.0 - 500;
                case 1 -> Math.rint(random.nextDouble() * 1e6) / 1e4;
                case 2 -> (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(9));
                default -> random.nextInt(20_001) / 16.0 - 600;
            };
            BigDecimal exact = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
            assertThat(Numbers.plain(value, decimals)).as("%s to %d", value, decimals)
                    .isEqualTo(exact.signum() == 0 ? "0" : exact.toPlainString());
        }
    }
}
