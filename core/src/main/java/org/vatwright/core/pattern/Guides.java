package org.vatwright.core.pattern;

import java.util.List;

import org.vatwright.core.measure.Require;

/**
 * Lines to work by, kept with the design and never drawn into anything that is produced.
 *
 * @param across places of upright lines as shares of the cell's width, 0 to 1
 * @param down places of level lines as shares of the cell's height, 0 to 1
 */
public record Guides(List<Double> across, List<Double> down) {

    public static final Guides NONE = new Guides(List.of(), List.of());

    public Guides {
        across = checked(across);
        down = checked(down);
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
