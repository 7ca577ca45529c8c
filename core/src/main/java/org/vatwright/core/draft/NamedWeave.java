package org.vatwright.core.draft;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.vatwright.core.measure.Refusal;

/**
 * A weave that a name and a few numbers describe, with the draft weavers write it in. Twill lines rise to the right, as
 * seen with the first end at the right and the first pick at the bottom, unless "left" is said.
 *
 * @param name in its normal form, such as "twill 3/1 step 2 left"
 */
public record NamedWeave(String name, Draft draft) {

    /**
     * @param title such as "Satin"
     * @param form how it is written, such as "satin 8/3"
     * @param range what its numbers may be
     * @param example a good one
     */
    public record Family(String title, String form, String range, String example) {}

    public static final List<Family> FAMILIES = List.of(
            new Family("Plain", "plain", "no numbers", "plain"),
            new Family("Basket", "basket 2/2", "ends and picks of a block, 1 to 256", "basket 2/2"),
            new Family("Twill", "twill 2/2, twill 3/1/1/3, twill 4/1 step 2 left",
                    "floats over and under in turn, 32 in all at the most; a step that shares no factor with them",
                    "twill 2/2"),
            new Family("Pointed twill", "pointed 2/2", "as a twill, from 3 ends", "pointed 2/2"),
            new Family("Broken twill", "broken 3/1", "as a twill, from 4 ends", "broken 3/1"),
            new Family("Herringbone twill", "herringbone 2/2 8", "as a twill, and the ends of a stripe, 2 to 500",
                    "herringbone 2/2 8"),
            new Family("Satin", "satin 8/3", "5 to 32 ends but not 6; the step 2 or more, no factor in common",
                    "satin 8/3"),
            new Family("Sateen", "sateen 5/2", "as a satin, with the weft on the face", "sateen 5/2"),
            new Family("Waffle", "waffle 5", "4 to 32 shafts", "waffle 5"));

    private record Reader(Pattern pattern, Function<Matcher, NamedWeave> make) {}

    private static final String TURN = "(\\d+(?:[/-]\\d+)*)";
    private static final String WAY = "(?:[ -]step[ -]?(\\d+))?(?:[ -](left|right))?";
    private static final List<Reader> READERS = List.of(
            new Reader(Pattern.compile("plain"), m -> Weaves.basket("plain", 1, 1)),
            new Reader(Pattern.compile("basket[ -](\\d+)[/-](\\d+)"),
                    m -> Weaves.basket("basket %d/%d".formatted(count(m.group(1)), count(m.group(2))),
                            count(m.group(1)),
                            count(m.group(2)))),
            new Reader(Pattern.compile("twill[ -]" + TURN + WAY),
                    m -> Weaves.twill(turn(m), step(m), left(m))),
            new Reader(Pattern.compile("pointed(?:[ -]twill)?[ -]" + TURN + WAY),
                    m -> Weaves.pointed(turn(m), step(m), left(m))),
            new Reader(Pattern.compile("broken(?:[ -]twill)?[ -]" + TURN + WAY),
                    m -> Weaves.broken(turn(m), step(m), left(m))),
            new Reader(
                    Pattern.compile("herringbone(?:[ -]twill)?[ -]([\\d/]+|\\d+(?:-\\d+)+?)" + WAY + "(?:[ -](\\d+))?"),
                    m -> Weaves.herringbone(turn(m), step(m), left(m), m.group(4) == null ? 0 : count(m.group(4)))),
            new Reader(Pattern.compile("satin[ -](\\d+)(?:[/-](\\d+))?"),
                    m -> Weaves.satin(count(m.group(1)), m.group(2) == null ? 0 : count(m.group(2)), true)),
            new Reader(Pattern.compile("sateen[ -](\\d+)(?:[/-](\\d+))?"),
                    m -> Weaves.satin(count(m.group(1)), m.group(2) == null ? 0 : count(m.group(2)), false)),
            new Reader(Pattern.compile("waffle(?:[ -](\\d+))?"),
                    m -> Weaves.waffle(m.group(1) == null ? 5 : count(m.group(1)))));

    /**
     * @param text as {@link #FAMILIES} writes them; a "-" may stand for a blank or a slash
     * @throws Refusal which number is wrong, and which would be right
     */
    public static NamedWeave parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").replaceAll(" ?/ ?", "/");
        for (Reader reader : READERS) {
            Matcher m = reader.pattern().matcher(plain);
            if (m.matches()) {
                return reader.make().apply(m);
            }
        }
        throw new Refusal("\"%s\" is no weave we know; write one such as %s".formatted(text.strip(),
                String.join(", ", FAMILIES.stream().map(Family::example).toList())));
    }

    private static List<Integer> turn(Matcher m) {
        return Stream.of(m.group(1).split("[/-]")).map(NamedWeave::count).toList();
    }

    /** A twill's step stands in the second group; 1 when none is given. */
    private static int step(Matcher m) {
        return m.group(2) == null ? 1 : count(m.group(2));
    }

    private static boolean left(Matcher m) {
        return "left".equals(m.group(3));
    }

    static int count(String digits) {
        return digits.length() > 4 ? 100_000 : Integer.parseInt(digits);
    }
}
