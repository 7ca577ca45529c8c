package org.vatwright.core.family.block;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * Which block gets which ink.
 *
 * @param shares how often each ink comes when given at random; as many as inks, their sum above 0
 */
@RecordBuilder
public record Inking(Way way, List<Ink> inks, List<Double> shares) implements InkingBuilder.With {

    public static final int MOST_INKS = 12;

    /** In turn along a course, a course each, or by a seeded throw. */
    public enum Way {
        BY_TURN, BY_COURSE, AT_RANDOM;

        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        public static Way parse(String words) {
            for (Way way : values()) {
                if (way.words().equals(words)) {
                    return way;
                }
            }
            throw new Refusal("\"%s\" is no way to give inks; by turn, by course and at random are".formatted(words));
        }
    }

    public Inking {
        inks = List.copyOf(inks);
        Require.within("inks of blocks", inks.size(), 1, MOST_INKS);
        shares = shares.size() == inks.size() ? List.copyOf(shares) : inks.stream().map(i -> 1.0).toList();
        shares.forEach(s -> Require.within("share", s, 0, 1000, ""));
        Require.that(shares.stream().mapToDouble(s -> s).sum() > 0, "one ink at least needs a share above 0");
    }

    public Inking(Way way, List<Ink> inks) {
        this(way, inks, List.of());
    }

    public Inking withInks(UnaryOperator<Ink> change) {
        return new Inking(way, inks.stream().map(change).toList(), shares);
    }

    public Inking with(int index, Ink ink) {
        List<Ink> changed = new ArrayList<>(inks);
        changed.set(index, ink);
        return new Inking(way, changed, shares);
    }

    public Inking withShare(int index, double share) {
        List<Double> changed = new ArrayList<>(shares);
        changed.set(index, share);
        return new Inking(way, inks, changed);
    }

    public Inking plus(Ink ink) {
        List<Ink> more = new ArrayList<>(inks);
        more.add(ink);
        List<Double> moreShares = new ArrayList<>(shares);
        moreShares.add(1.0);
        return new Inking(way, more, moreShares);
    }

    public Inking without(int index) {
        List<Ink> fewer = new ArrayList<>(inks);
        fewer.remove(index);
        List<Double> fewerShares = new ArrayList<>(shares);
        fewerShares.remove(index);
        return new Inking(way, fewer, fewerShares);
    }

    /** @param chance 0 to below 1 @return the ink it falls on by the shares */
    Ink at(double chance) {
        double left = chance * shares.stream().mapToDouble(s -> s).sum();
        for (int i = 0; i < inks.size(); i++) {
            left -= shares.get(i);
            if (left < 0) {
                return inks.get(i);
            }
        }
        return inks.getLast();
    }
}
