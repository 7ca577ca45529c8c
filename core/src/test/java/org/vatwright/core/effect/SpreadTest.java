package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadTest {

    private static final int N = 400_000;

    /** @return what one full place spreads to, as shares of all of it */
    private static double[] spread(double spread, int n) {
        FourLines lines = new FourLines(n, spread);
        int at = n / 2;
        lines.one()[lines.in() + at] = FourLines.MOST;
        lines.blur();
        double[] shares = new double[n];
        for (int i = 0; i < n; i++) {
            assertThat(lines.one()[i] >>> 32).isZero();
            shares[i] = (double) lines.one()[i] / lines.full(FourLines.MOST);
        }
        return shares;
    }

    /** The second moment is what a spread is: near enough by whole places, nearer by shares of them. */
    @ParameterizedTest
    @ValueSource(doubles = {0.9, 1.49, 1.5, 2.2, 4.2, 9.3, 11.99, 12, 12.7, 20, 33.4, 111})
    void theSpreadIsTheWantedOne(double spread) {
        int n = 2000;
        double[] shares = spread(spread, n);
        double sum = 0;
        double moment = 0;
        for (int i = 0; i < n; i++) {
            sum += shares[i];
            moment += shares[i] * (i - n / 2.0) * (i - n / 2.0);
        }
        assertThat(sum).isEqualTo(1, within(0.002));
        assertThat(Math.sqrt(moment)).isEqualTo(spread, within(0.005 * spread));
        // Nothing leans to one side.
        for (int i = 1; i < n / 2; i++) {
            assertThat(shares[n / 2 - i]).isEqualTo(shares[n / 2 + i]);
        }
    }

    /** Halves of a long must not run over into each other, however wide the sums are. */
    @ParameterizedTest
    @ValueSource(doubles = {1.5, 3, 11.9, 12, 20, 130, 700, 1024, 5000, FourLines.WIDEST})
    void whatIsFullEverywhereStaysFullInBothHalves(double spread) {
        int n = spread < 1000 ? 3000 : N;
        FourLines lines = new FourLines(n, spread);
        for (int i = 0; i < n; i++) {
            lines.one()[lines.in() + i] = (long) FourLines.MOST << 32 | FourLines.MOST;
            lines.other()[lines.in() + i] = FourLines.MOST;
        }
        lines.blur();
        long full = lines.full(FourLines.MOST);
        assertThat(full).isLessThan(1L << 32).isGreaterThan(FourLines.MOST);
        for (int i = 0; i < n; i += 101) {
            assertThat(lines.one()[i]).isEqualTo(full << 32 | full);
            assertThat(lines.other()[i]).isEqualTo(full);
        }
    }
}
