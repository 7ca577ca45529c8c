package org.vatwright.core.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * Where two pieces are sewn to each other.
 *
 * @param first,second edges that come to lie on each other, both in the direction in which they are sewn
 * @param notches marks that meet: shares of the length of both edges, 0 to 1, in rising order
 * @param laidOn whether one lies on the other, as a pocket does, and is sewn on wherever its edge is
 * @param meets what of the design
 */
public record Seam(Edge first, Edge second, List<Notch> notches, boolean laidOn, Meets meets) {

    /** What is to go on over the seam, as a plaid on a leaning sleeve cannot go on both ways at once. */
    public enum Meets {
        BOTH("both ways"), LEVEL("level bars"), UPRIGHT("upright bars");

        private final String words;

        Meets(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Meets parse(String text) {
            for (Meets one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is nothing that meets; it should be both, level or upright".formatted(text));
        }
    }

    /**
     * A stretch of a piece's outline.
     *
     * @param from,to shares of the length of its outline, 0 to 1; it runs on over the outline's start when it must
     * @param backwards whether it runs against the outline, from {@code to} back to {@code from}
     */
    public record Edge(Id piece, double from, double to, boolean backwards) {
        public Edge {
            Require.within("begin of the edge", from, 0, 1, "");
            Require.within("end of the edge", to, 0, 1, "");
            Require.that(from != to, "the edge has no length; its begin and end must differ");
        }
    }

    /** @param onFirst,onSecond shares of the two edges, 0 to 1 */
    public record Notch(double onFirst, double onSecond) {
        public Notch {
            Require.within("notch", onFirst, 0, 1, "");
            Require.within("notch", onSecond, 0, 1, "");
        }
    }

    public static final int MOST_NOTCHES = 40;

    public Seam {
        Require.within("notches", notches.size(), 0, MOST_NOTCHES);
        notches = List.copyOf(notches);
        for (int i = 1; i < notches.size(); i++) {
            Require.that(notches.get(i).onFirst() > notches.get(i - 1).onFirst()
                    && notches.get(i).onSecond() > notches.get(i - 1).onSecond(),
                    "notch %d does not come after notch %d on both edges".formatted(i + 1, i));
        }
    }

    public Seam(Edge first, Edge second) {
        this(first, second, List.of(), false, Meets.BOTH);
    }

    /** @return of a piece that lies on another one */
    public static Seam laidOn(Id below, Id above) {
        return new Seam(new Edge(below, 0, 1, false), new Edge(above, 0, 1, false), List.of(), true, Meets.BOTH);
    }

    /** @return with the other piece as the second */
    public Seam turned() {
        return new Seam(second, first, notches.stream().map(n -> new Notch(n.onSecond(), n.onFirst())).toList(),
                laidOn, meets);
    }

    /** @return with one more notch, in its order. @throws Refusal when it would come before another on one edge alone */
    public Seam withNotch(Notch notch) {
        List<Notch> all = new ArrayList<>(notches);
        all.add(notch);
        all.sort(Comparator.comparingDouble(Notch::onFirst));
        return new Seam(first, second, all, laidOn, meets);
    }

    public Seam withoutNotches() {
        return new Seam(first, second, List.of(), laidOn, meets);
    }

    public Seam withMeets(Meets other) {
        return new Seam(first, second, notches, laidOn, other);
    }

    public boolean concerns(Id piece) {
        return first.piece().equals(piece) || second.piece().equals(piece);
    }
}
