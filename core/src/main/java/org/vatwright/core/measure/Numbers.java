package org.vatwright.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as people read them: no exponent, no trailing zeros, a point as decimal sign. */
public final class Numbers {

    private Numbers() {}

    /** At most three decimals. */
    public static String plain(double value) {
        return plain(value, 3);
    }

    public static String plain(double value, int decimals) {
        if (!Double.isFinite(value)) {
            return Double.isNaN(value) ? "no number" : "no end";
        }
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    public static String withUnit(double value, String unit) {
        return unit.isEmpty() ? plain(value) : plain(value) + " " + unit;
    }
}
