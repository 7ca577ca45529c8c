package org.vatwright.core.dress;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Letter shapes. Lengths are shares of the height of a capital letter; y down, the baseline at 0. */
public interface Typeface {

    String name();

    /** @return the letter's shape, empty when the face lacks it */
    Optional<Shape> outline(int codePoint);

    double advance(int codePoint);

    /** @return what is added between two letters, mostly below 0 */
    double kerning(int left, int right);

    /**
     * A letter where it is set in a line, or several that are drawn as one.
     *
     * @param shape with its own beginning at 0; empty for a gap and for what the face lacks
     * @param at where it begins
     */
    record Glyph(String text, Optional<Shape> shape, double at, double advance) {}

    /** @param ligatures whether letters that the face draws as one are one @return a line of text, kerned */
    default List<Glyph> set(String text, boolean ligatures) {
        List<Glyph> line = new ArrayList<>();
        double at = 0;
        int before = -1;
        for (int code : text.codePoints().toArray()) {
            at += before < 0 ? 0 : kerning(before, code);
            double advance = advance(code);
            line.add(new Glyph(Character.toString(code), outline(code).filter(s -> !s.getBounds2D().isEmpty()), at,
                    advance));
            at += advance;
            before = code;
        }
        return line;
    }

    /** The faces at hand. */
    interface Case {

        List<String> names();

        /** @return those of the system that it runs on; a document that wears one looks otherwise where it is missing */
        default List<String> system() {
            return List.of();
        }

        /** @return the face of that name, or the first one when there is none */
        Typeface find(String name);

        /** @return a sentence when there is no face of that name: what letters are drawn in instead */
        default Optional<String> missing(String name) {
            String drawn = find(name).name();
            return drawn.equals(name)
                    ? Optional.empty()
                    : Optional.of("there is no typeface %s here; the letters are drawn in %s".formatted(name, drawn));
        }
    }
}
