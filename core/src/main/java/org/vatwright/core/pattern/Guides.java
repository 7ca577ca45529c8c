package org.vatwright.core.pattern;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Require;

/**
 * What is worked by: lines, and something to trace. Kept with the design and never drawn into anything that is produced.
 *
 * @param across places of upright lines as shares of the cell's width, 0 to 1
 * @param down places of level lines as shares of the cell's height, 0 to 1
 */
public record Guides(List<Double> across, List<Double> down, Optional<Underlay> underlay) {

    public static final Guides NONE = new Guides(List.of(), List.of());

    public Guides {
        across = checked(across);
        down = checked(down);
    }

    /** Lines alone. */
    public Guides(List<Double> across, List<Double> down) {
        this(across, down, Optional.empty());
    }

    /** @return with other lines */
    public Guides withLines(List<Double> newAcross, List<Double> newDown) {
        return new Guides(newAcross, newDown, underlay);
    }

    public Guides withUnderlay(Optional<Underlay> other) {
        return new Guides(across, down, other);
    }

    /** @return lines that part the cell in {@code parts} equal parts each way */
    public static Guides parts(int parts) {
        List<Double> shares = java.util.stream.IntStream.range(1, parts).mapToObj(i -> (double) i / parts).toList();
        return new Guides(shares, shares);
    }

    private static List<Double> checked(List<Double> shares) {
        Require.within("guides", shares.size(), 0, 200);
        shares.forEach(s -> Require.within("guide", s * 100, 0, 100, "%"));
        return shares.stream().distinct().sorted().toList();
    }
}
