package org.vatwright.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Lengths as people type them: "12.5mm", "1/2in", "200/3 mm", "1 1/2 in", "10 + 5 mm", "2*35".
 * <p>
 * A sum of terms; a term is numbers joined by * and /, then a unit or none. A term without a unit takes the unit of
 * the next term that has one, else of the one before, else the unit the field shows.
 */
public final class LengthText {

    private static final String HELP = "; type a length such as 12.5mm, 3cm, 1/2in or 200px";

    private final String text;
    private int at;

    private LengthText(String text) {
        this.text = text.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * @param unit what a bare number means
     * @param density what a pixel means
     * @return millimetres
     * @throws Refusal when the text is no length
     */
    public static double parseMm(String text, Unit unit, Density density) {
        List<Term> terms = new LengthText(text).sum(true);
        Unit[] units = new Unit[terms.size()];
        Unit next = null;
        for (int i = terms.size() - 1; i >= 0; i--) {
            next = terms.get(i).unit() != null ? terms.get(i).unit() : next;
            units[i] = next;
        }
        double mm = 0;
        Unit before = unit;
        for (int i = 0; i < units.length; i++) {
            before = units[i] != null ? units[i] : before;
            mm += before.toMm(terms.get(i).value(), density);
        }
        return mm;
    }

    /** @return a bare number: sums, products and fractions, but no unit; {@code sign} (such as "%") may follow */
    public static double parseNumber(String text, String sign) {
        String bare = text.strip();
        if (!sign.isEmpty() && bare.endsWith(sign)) {
            bare = bare.substring(0, bare.length() - sign.length());
        }
        return new LengthText(bare).sum(false).stream().mapToDouble(Term::value).sum();
    }

    private record Term(double value, Unit unit) {}

    private List<Term> sum(boolean units) {
        if (text.isEmpty()) {
            throw new Refusal("nothing was typed" + (units ? HELP : "; type a number"));
        }
        List<Term> terms = new ArrayList<>();
        double sign = 1;
        boolean more = true;
        while (more) {
            Term term = term(units);
            Require.that(Double.isFinite(term.value()), "\"%s\" is more than can be counted".formatted(text));
            terms.add(new Term(sign * term.value(), term.unit()));
            skipSpace();
            more = at < text.length();
            if (more) {
                char c = text.charAt(at++);
                if (c != '+' && c != '-') {
                    throw wrong(at - 1, units);
                }
                sign = c == '+' ? 1 : -1;
            }
        }
        return terms;
    }

    private Term term(boolean units) {
        double value = mixedNumber(units);
        while (true) {
            skipSpace();
            char c = peek();
            if (c == '*' || c == '\u00d7') {
                at++;
                value *= signedNumber(units);
            } else if (c == '/') {
                at++;
                double divisor = signedNumber(units);
                Require.that(divisor != 0,
                        "\"%s\" divides by nothing; divide by a number other than 0".formatted(text));
                value /= divisor;
            } else {
                return new Term(value, units ? unit() : null);
            }
        }
    }

    /** "1 1/2" is one and a half: a whole number followed by a fraction. */
    private double mixedNumber(boolean units) {
        double whole = signedNumber(units);
        int back = at;
        skipSpace();
        if (at > back && Character.isDigit(peek()) && whole == Math.rint(whole)) {
            double upper = signedNumber(units);
            if (peek() == '/') {
                at++;
                double lower = signedNumber(units);
                Require.that(lower != 0, "\"%s\" divides by nothing; divide by a number other than 0".formatted(text));
                return whole + Math.copySign(upper / lower, whole);
            }
        }
        at = back;
        return whole;
    }

    private double signedNumber(boolean units) {
        skipSpace();
        double sign = 1;
        if (peek() == '-' || peek() == '+') {
            sign = text.charAt(at++) == '-' ? -1 : 1;
        }
        int from = at;
        while (Character.isDigit(peek()) || peek() == '.' || peek() == ',') {
            at++;
        }
        String digits = text.substring(from, at).replace(',', '.');
        try {
            return sign * Double.parseDouble(digits);
        } catch (NumberFormatException e) {
            throw wrong(from, units);
        }
    }

    private Unit unit() {
        skipSpace();
        int from = at;
        while (Character.isLetter(peek()) || peek() == '"' || peek() == '\u2033') {
            at++;
        }
        String sign = text.substring(from, at);
        return switch (sign) {
            case "" -> null;
            case "mm" -> Unit.MM;
            case "cm" -> Unit.CM;
            case "in", "inch", "inches", "\"", "\u2033" -> Unit.INCH;
            case "px" -> Unit.PX;
            default -> throw new Refusal("\"%s\" is no unit we know; mm, cm, in and px are".formatted(sign));
        };
    }

    private void skipSpace() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    private char peek() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private Refusal wrong(int place, boolean units) {
        String found = place < text.length() ? "at \"" + text.substring(place) + "\"" : "at its end";
        return new Refusal("\"%s\" is no %s %s%s".formatted(text, units ? "length" : "number", found,
                units ? HELP : "; type a number such as 12.5 or 1/2"));
    }
}
