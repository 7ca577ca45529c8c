package org.vatwright.core.family.interlace;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/** What is interlaced. */
public sealed interface Mesh {

    List<Mesh> EXAMPLES = List.of(new Rings(), new Braid(3), new Strips(Weave.plain()),
            new Strips(Weave.parse("twill 2/2")), new Knots(2, 3));

    /** Rings in rows, each through its neighbours. */
    record Rings() implements Mesh {}

    /** Strands that cross from side to side. */
    record Braid(int strands) implements Mesh {
        public Braid {
            Require.within("strands", strands, 2, 7);
        }
    }

    /** Strips across and down, over and under by a weave. */
    record Strips(Weave weave) implements Mesh {
        public Strips {
            Require.that(weave.ends() <= 16 && weave.picks() <= 16,
                    "a basket of %d by %d strips is too large; 16 by 16 is the most".formatted(weave.ends(),
                            weave.picks()));
        }
    }

    /** Closed knots on a grid. @param across,down how often the line turns each way; they share no divisor */
    record Knots(int across, int down) implements Mesh {
        public Knots {
            Require.within("turns across", across, 1, 7);
            Require.within("turns down", down, 1, 7);
            Require.that(org.vatwright.core.measure.Fraction.gcd(across, down) == 1 && across != down,
                    "a knot of %d by %d turns falls apart; the two numbers must share no divisor, as 2 by 3 or 3 by 4"
                            .formatted(across, down));
        }
    }

    /** @return such as "rings", "braid 3", "strips twill 2/2", "knots 2x3" */
    default String words() {
        return switch (this) {
            case Rings _ -> "rings";
            case Braid(int strands) -> "braid " + strands;
            case Strips(Weave weave) -> "strips " + weave.name();
            case Knots(int across, int down) -> "knots %dx%d".formatted(across, down);
        };
    }

    /** @return its name without numbers */
    default String name() {
        return getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    /** Reads what {@link #words} writes. */
    static Mesh parse(String text) {
        String[] words = text.strip().split("\\s+", 2);
        String rest = words.length > 1 ? words[1] : "";
        try {
            return switch (words[0].toLowerCase(Locale.ROOT)) {
                case "rings" -> new Rings();
                case "braid" -> new Braid(rest.isEmpty() ? 3 : Integer.parseInt(rest));
                case "strips" -> new Strips(rest.isEmpty() ? Weave.plain() : Weave.parse(rest));
                case "knots" -> {
                    String[] turns = (rest.isEmpty() ? "2x3" : rest).split("x");
                    yield new Knots(Integer.parseInt(turns[0].strip()), Integer.parseInt(turns[1].strip()));
                }
                default -> throw unknown(text);
            };
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw unknown(text);
        }
    }

    private static Refusal unknown(String text) {
        return new Refusal("\"%s\" is nothing that is interlaced; rings, braid 3, strips twill 2/2 and knots 2x3 are"
                .formatted(text));
    }
}
