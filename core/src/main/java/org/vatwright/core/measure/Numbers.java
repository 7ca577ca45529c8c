package org.vatwright.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as people read them: no exponent, no trailing zeros, a point as decimal sign. */
public final class Numbers {

    private static final double[] POWERS = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6};
    /** Below it a scaled number is exact to far less than its last decimal. */
    private static final double SAFE = 1e7;
    private static final double NEAR_HALF = 1e-3;

    private Numbers() {}

    /** At most three decimals. */
    public static String plain(double value) {
        return plain(value, 3);
    }

    public static String plain(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return Double.isNaN(value) ? "no number" : "no end";
        }
        if (decimals < POWERS.length && Math.abs(value) < SAFE) {
            double scaled = Math.abs(value) * POWERS[decimals];
            long whole = (long) scaled;
            double rest = scaled - whole;
            // Near a half the decimal figures decide, not the binary ones.
            if (Math.abs(rest - 0.5) > NEAR_HALF) {
                return plain(value < 0, rest > 0.5 ? whole + 1 : whole, decimals);
            }
        }
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    /** @param scaled as many units of the last decimal */
    private static String plain(boolean negative, long scaled, int decimals) {
        if (scaled == 0) {
            return "0";
        }
        long whole = scaled;
        int left = decimals;
        while (left > 0 && whole % 10 == 0) {
            whole /= 10;
            left--;
        }
        StringBuilder out = new StringBuilder(Long.toString(whole));
        while (out.length() <= left) {
            out.insert(0, '0');
        }
        if (left > 0) {
            out.insert(out.length() - left, '.');
        }
        return negative ? out.insert(0, '-').toString() : out.toString();
    }

    public static String withUnit(double value, String unit) {
        return unit.isEmpty() ? plain(value) : plain(value) + " " + unit;
    }
}
