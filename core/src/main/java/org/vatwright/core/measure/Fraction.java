package org.vatwright.core.measure;

/** A whole-number share n/d, always in lowest terms, with 0 <= n < d. */
public record Fraction(int numerator, int denominator) {

    public Fraction {
        Require.within("denominator", denominator, 1, 64);
        Require.within("numerator", numerator, 0, denominator - 1);
        int common = gcd(numerator, denominator);
        numerator /= common;
        denominator /= common;
    }

    /** Reads "1/2". */
    public static Fraction parse(String text) {
        String[] parts = text.strip().split("/");
        try {
            if (parts.length == 2) {
                return new Fraction(Integer.parseInt(parts[0].strip()), Integer.parseInt(parts[1].strip()));
            }
        } catch (NumberFormatException e) {
            throw new Refusal("\"%s\" is no share; type one such as 1/2 or 2/3".formatted(text), e);
        }
        throw new Refusal("\"%s\" is no share; type one such as 1/2 or 2/3".formatted(text));
    }

    public double value() {
        return (double) numerator / denominator;
    }

    public static int gcd(int a, int b) {
        return b == 0 ? Math.abs(a) : gcd(b, a % b);
    }

    @Override
    public String toString() {
        return numerator + "/" + denominator;
    }
}
