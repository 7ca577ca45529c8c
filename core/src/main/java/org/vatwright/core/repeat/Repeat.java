package org.vatwright.core.repeat;

import org.vatwright.core.measure.Check;

/**
 * The cell that recurs, and how.
 *
 * @param widthMm,heightMm 0.5 to 20,000 mm
 */
public record Repeat(double widthMm, double heightMm, Arrangement arrangement) {

    public static final double LEAST_MM = 0.5;
    public static final double MOST_MM = 20_000;

    public Repeat {
        Check.within("cell width", widthMm, LEAST_MM, MOST_MM, "mm");
        Check.within("cell height", heightMm, LEAST_MM, MOST_MM, "mm");
    }

    /**
     * The smallest axis-parallel rectangle that recurs by plain side-by-side laying: a drop n/d in lowest terms is
     * level again after d columns, a brick after d rows.
     */
    public Tile tile() {
        return new Tile(this, arrangement.columns(), arrangement.rows());
    }

    public Repeat withSize(double newWidthMm, double newHeightMm) {
        return new Repeat(newWidthMm, newHeightMm, arrangement);
    }

    public Repeat withArrangement(Arrangement other) {
        return new Repeat(widthMm, heightMm, other);
    }
}
