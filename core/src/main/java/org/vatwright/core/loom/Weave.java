package org.vatwright.core.loom;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * Which thread is on top at each crossing: a small rectangle of crossings that recurs. End 0 is at the left, pick 0 at
 * the top. Twill lines rise to the right as seen, unless the weave says "left".
 */
public final class Weave {

    public static final int MOST_SIDE = Squares.MOST_SIDE;
    private static final Pattern TWILL = Pattern.compile("twill[ -](\\d+(?:[/-]\\d+)+)(?:[ -](left|right))?");
    private static final Pattern BASKET = Pattern.compile("basket[ -](\\d+)[/-](\\d+)");

    private final String name;
    private final int ends;
    private final int picks;
    private final Squares warpUp;

    private Weave(String name, Squares warpUp) {
        this.name = name;
        this.warpUp = warpUp;
        ends = warpUp.columns();
        picks = warpUp.rows();
    }

    private static Weave by(String name, int ends, int picks, Squares.Rule rule) {
        Require.within("ends of the weave", ends, 1, MOST_SIDE);
        Require.within("picks of the weave", picks, 1, MOST_SIDE);
        return new Weave(name, Squares.by(ends, picks, rule));
    }

    /** Over one, under one. */
    public static Weave plain() {
        return by("plain", 2, 2, (end, pick) -> (end + pick) % 2 == 0);
    }

    /**
     * @param floats over, under, over, under, ... along a pick as the warp sees it; an even count, each 1 to 32
     * @param left whether the lines rise to the left
     */
    public static Weave twill(List<Integer> floats, boolean left) {
        Require.that(floats.size() % 2 == 0,
                "a twill goes over and under in turn, such as 2/2 or 3/1/1/3; %s has an odd count"
                        .formatted(slashed(floats)));
        floats.forEach(f -> Require.within("float of the twill", f, 1, 32));
        List<Boolean> turn = new ArrayList<>();
        for (int i = 0; i < floats.size(); i++) {
            for (int n = 0; n < floats.get(i); n++) {
                turn.add(i % 2 == 0);
            }
        }
        int size = turn.size();
        Require.that(turn.contains(true) && turn.contains(false), "a twill needs warp and weft floats");
        return by("twill " + slashed(floats) + (left ? " left" : ""), size, size,
                (end, pick) -> turn.get(Math.floorMod(left ? end - pick : end + pick, size)));
    }

    /** Blocks of {@code over} ends by {@code picks} picks, over and under in turn. */
    public static Weave basket(int over, int picks) {
        Require.within("ends of the basket", over, 1, 256);
        Require.within("picks of the basket", picks, 1, 256);
        return by("basket %d/%d".formatted(over, picks), 2 * over, 2 * picks,
                (end, pick) -> (end / over + pick / picks) % 2 == 0);
    }

    /** @param rows a text a pick from the top, "x" where the warp is on top, "." where the weft is */
    public static Weave of(String name, List<String> rows) {
        Require.that(!rows.isEmpty() && !rows.getFirst().isEmpty(), "a weave needs at least one crossing");
        int ends = rows.getFirst().length();
        for (String row : rows) {
            Require.that(row.length() == ends && row.matches("[xX.]+"),
                    "the row \"%s\" of the weave should be %d signs, x or .".formatted(row, ends));
        }
        return by(name, ends, rows.size(), (end, pick) -> Character.toLowerCase(rows.get(pick).charAt(end)) == 'x');
    }

    /** @param seen marked where the warp is on top; column 0 at the left, row 0 at the top */
    public static Weave of(String name, Squares seen) {
        return new Weave(name, seen);
    }

    /** Reads the names of {@link NamedWeave}, such as "twill 2/2", "twill-3-1-left", "satin 8/3". */
    public static Weave parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        Matcher twill = TWILL.matcher(plain);
        Matcher basket = BASKET.matcher(plain);
        if (plain.equals("plain")) {
            return plain();
        } else if (twill.matches()) {
            return twill(List.of(twill.group(1).split("[/-]")).stream().map(Weave::count).toList(),
                    "left".equals(twill.group(2)));
        } else if (basket.matches()) {
            return basket(count(basket.group(1)), count(basket.group(2)));
        }
        NamedWeave named = NamedWeave.parse(text);
        return of(named.name(), Origin.USUAL.seen(named.draft().drawdown()));
    }

    private static int count(String digits) {
        return digits.length() > 4 ? Integer.MAX_VALUE : Integer.parseInt(digits);
    }

    private static String slashed(List<Integer> floats) {
        return String.join("/", floats.stream().map(String::valueOf).toList());
    }

    /** @return "twill 2/2", or the name of a weave given by its rows */
    public String name() {
        return name;
    }

    /** @return whether its name alone says all */
    public boolean named() {
        try {
            return parse(name).equals(this);
        } catch (Refusal e) {
            return false;
        }
    }

    public int ends() {
        return ends;
    }

    public int picks() {
        return picks;
    }

    /** @param end,pick any whole numbers, 0 or more */
    public boolean warpOnTop(int end, int pick) {
        return warpUp.at(end % ends, pick % picks);
    }

    /** @return how much of the face shows warp, 0 to 1 */
    public double warpShare() {
        return (double) warpUp.marked() / ((long) ends * picks);
    }

    /** @return a text a pick from the top, "x" where the warp is on top */
    public List<String> rows() {
        List<String> rows = new ArrayList<>();
        for (int pick = 0; pick < picks; pick++) {
            StringBuilder row = new StringBuilder();
            for (int end = 0; end < ends; end++) {
                row.append(warpOnTop(end, pick) ? 'x' : '.');
            }
            rows.add(row.toString());
        }
        return rows;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Weave w && w.name.equals(name) && w.warpUp.equals(warpUp);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, warpUp);
    }

    @Override
    public String toString() {
        return name;
    }
}
