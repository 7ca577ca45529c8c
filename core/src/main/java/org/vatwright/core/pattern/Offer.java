package org.vatwright.core.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A change that closes or cures something, with what it costs, ready to be taken.
 *
 * @param id tells it apart from others made for the same thing, as in "resize-cell"
 * @param title what is done, in the designer's words
 * @param cost what changes by it, in words with numbers
 * @param weight of the cost, 0 for none; a twentieth in length weighs as much as a degree, {@link #DEGREE}
 */
public record Offer(String id, String title, String cost, double weight, UnaryOperator<Design> change) {

    /** What a degree of turn weighs; a length scaled by {@code s} weighs |ln s|. */
    public static final double DEGREE = 0.05;
    /** Beyond this (a length twenty times as long, say) nobody would take it. */
    private static final double MOST = 3;

    public String words() {
        return title + ": " + cost;
    }

    /** @return the weight of lengths that become so many times as long */
    public static double scaled(double... times) {
        double sum = 0;
        for (double t : times) {
            sum += Math.abs(Math.log(t));
        }
        return sum;
    }

    /** @return the cheapest first, without those nobody would take */
    public static List<Offer> sorted(List<Offer> offers) {
        return offers.stream().filter(o -> o.weight <= MOST).sorted(Comparator.comparingDouble(Offer::weight)).toList();
    }
}
