package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AwayTest {

    @Test
    void theEighthNumberOfTheFirstLineIsTaken() {
        String stat = "cpu  1 2 3 4 5 6 7 81 9 10\ncpu0 1 2 3 4 5 6 7 40 9 10\n";

        assertThat(Away.millis(stat)).isEqualTo(810);
    }

    @Test
    void whatIsNotToldIsNone() {
        assertThat(Away.millis("cpu 1 2 3")).isZero();
        assertThat(Away.millis("")).isZero();
    }

    @Test
    void whatWasTakenAwayIsNeverGivenBack() {
        double before = Away.millis();

        assertThat(Away.millis()).isGreaterThanOrEqualTo(before).isNotNegative();
    }
}
