package org.vatwright.core.repeat;

import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Refusal;

/** How a cell recurs. */
public sealed interface Arrangement {

    Arrangement STRAIGHT = new Straight();
    Arrangement HALF_DROP = new Drop(new Fraction(1, 2));
    Arrangement HALF_BRICK = new Brick(new Fraction(1, 2));

    /** Side by side and one below the other. */
    record Straight() implements Arrangement {
        @Override
        public String toString() {
            return "straight";
        }
    }

    /** Each next column sits lower by a share of the cell's height. */
    record Drop(Fraction share) implements Arrangement {
        public Drop {
            share = notZero(share, "drop");
        }

        @Override
        public String toString() {
            return "drop " + share;
        }
    }

    /** Each next row sits to the right by a share of the cell's width. */
    record Brick(Fraction share) implements Arrangement {
        public Brick {
            share = notZero(share, "brick");
        }

        @Override
        public String toString() {
            return "brick " + share;
        }
    }

    /** @return after how many columns a row of cells is level again */
    default int columns() {
        return this instanceof Drop(Fraction share) ? share.denominator() : 1;
    }

    /** @return after how many rows a column of cells is plumb again */
    default int rows() {
        return this instanceof Brick(Fraction share) ? share.denominator() : 1;
    }

    /** @return how far the given column sits lower, as a share of the cell's height, 0 to below 1 */
    default double drop(int column) {
        return this instanceof Drop(Fraction f) ? share(f, column) : 0;
    }

    /** @return how far the given row sits to the right, as a share of the cell's width, 0 to below 1 */
    default double shift(int row) {
        return this instanceof Brick(Fraction f) ? share(f, row) : 0;
    }

    /** Reads "straight", "drop 1/2", "brick 1/3". */
    static Arrangement parse(String text) {
        String[] words = text.strip().split("\\s+", 2);
        return switch (words[0]) {
            case "straight" -> STRAIGHT;
            case "drop" -> new Drop(Fraction.parse(words.length > 1 ? words[1] : "1/2"));
            case "brick" -> new Brick(Fraction.parse(words.length > 1 ? words[1] : "1/2"));
            default -> throw new Refusal(
                    "\"%s\" is no arrangement; straight, drop 1/2 and brick 1/3 are examples".formatted(text));
        };
    }

    private static Fraction notZero(Fraction share, String what) {
        if (share.numerator() == 0) {
            throw new Refusal("a %s by 0 is straight; choose straight, or a share such as 1/2".formatted(what));
        }
        return share;
    }

    private static double share(Fraction f, int steps) {
        return (double) Math.floorMod(f.numerator() * (long) steps, f.denominator()) / f.denominator();
    }
}
