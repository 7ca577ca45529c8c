package org.vatwright.core.family.block;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/** By which rule blocks are laid. */
public sealed interface Bond {

    /** One of each, as examples and for lists to choose from. */
    List<Bond> EXAMPLES = List.of(new Running(new Fraction(1, 2)), new Stacked(), new Halves(3), new Herringbone(3),
            new Basket(3), new Chevron(45), new Hexagons(), new Scales(), new Diamonds(), new Argyle(),
            new Triangles());

    /** Each course shifted against the one above by a share of a block. */
    record Running(Fraction shift) implements Bond {
        public Running {
            Require.that(shift.numerator() != 0,
                    "running blocks shifted by 0 are stacked; choose stacked, or a share such "
                            + "as 1/2");
        }
    }

    /** Joints in line both ways. */
    record Stacked() implements Bond {}

    /** Courses of blocks, every so manieth one of half blocks. */
    record Halves(int every) implements Bond {
        public Halves {
            Require.within("course of half blocks", every, 2, 12);
        }
    }

    /** Blocks across and upright in turn, each end against a side. @param times breadths that a length takes */
    record Herringbone(int times) implements Bond {
        public Herringbone {
            Require.within("breadths in a length", times, 2, 12);
        }
    }

    /** Squares of blocks, across and upright in turn. @param times blocks side by side in a square */
    record Basket(int times) implements Bond {
        public Basket {
            Require.within("blocks in a square", times, 1, 12);
        }
    }

    /** Blocks with slanted ends in columns that meet in points. @param slopeDeg of the blocks, from the level */
    record Chevron(double slopeDeg) implements Bond {
        public Chevron {
            Require.within("slope", slopeDeg, 10, 75, "degrees");
        }
    }

    /** Six sides, points up and down. */
    record Hexagons() implements Bond {}

    /** Rounded below, each hanging over the gap of the two below it. */
    record Scales() implements Bond {}

    record Diamonds() implements Bond {}

    /** Diamonds with lines through their middles, along their sides. */
    record Argyle() implements Bond {}

    record Triangles() implements Bond {}

    /** @return such as "running 1/2", "herringbone 3", "chevron 45" */
    default String words() {
        return switch (this) {
            case Running(Fraction shift) -> name() + " " + shift;
            case Halves(int every) -> name() + " " + every;
            case Herringbone(int times) -> name() + " " + times;
            case Basket(int times) -> name() + " " + times;
            case Chevron(double slope) -> name() + " " + Numbers.plain(slope, 6);
            default -> name();
        };
    }

    /** @return its name without numbers */
    default String name() {
        return getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    /** @return whether a length takes a whole number of breadths, joints included; else 0 */
    default int breadthsInLength() {
        return switch (this) {
            case Herringbone(int times) -> times;
            case Basket(int times) -> times;
            default -> 0;
        };
    }

    /** Reads what {@link #words} writes. */
    static Bond parse(String text) {
        String[] words = text.strip().toLowerCase(Locale.ROOT).split("\\s+", 2);
        String number = words.length > 1 ? words[1] : "";
        try {
            return switch (words[0]) {
                case "running" -> new Running(number.isEmpty() ? new Fraction(1, 2) : Fraction.parse(number));
                case "halves" -> new Halves(number.isEmpty() ? 3 : Integer.parseInt(number));
                case "herringbone" -> new Herringbone(number.isEmpty() ? 3 : Integer.parseInt(number));
                case "basket" -> new Basket(number.isEmpty() ? 3 : Integer.parseInt(number));
                case "chevron" -> new Chevron(number.isEmpty() ? 45 : Double.parseDouble(number));
                default -> EXAMPLES.stream().filter(e -> e.words().equals(words[0]) && number.isEmpty()).findFirst()
                        .orElseThrow(() -> unknown(text));
            };
        } catch (NumberFormatException e) {
            throw unknown(text);
        }
    }

    private static Refusal unknown(String text) {
        return new Refusal("\"%s\" is no bond; %s are examples".formatted(text,
                String.join(", ", EXAMPLES.stream().map(Bond::words).toList())));
    }
}
