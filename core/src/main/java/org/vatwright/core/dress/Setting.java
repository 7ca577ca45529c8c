package org.vatwright.core.dress;

import java.util.Locale;
import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * How words stand.
 *
 * @param align of several lines to each other
 * @param apart what is added between letters, in shares of the height of a capital
 * @param leading from line to line, in heights of a capital
 * @param arcMm radius of the circle that the first line's feet stand on, its middle below them; below 0 the middle lies
 *        above; 0 is straight. Further lines stand on circles about the same middle
 * @param boxMm lines are broken between words so that none is wider; 0 breaks none
 * @param line that the first line's feet stand on instead, from its beginning, in mm; further lines lie below it
 * @param byWord whether, where letters wear their own, those of a word wear the same
 */
@RecordBuilder
public record Setting(Align align, double apart, double leading, double arcMm,
        double boxMm, Optional<Outline> line, boolean byWord) implements SettingBuilder.With {

    /** Straight, each line beginning at the left. */
    public static final Setting PLAIN = new Setting(Align.LEFT, 0, 1.6, 0, 0);

    /** Not along a line, letter by letter. */
    public Setting(Align align, double apart, double leading, double arcMm, double boxMm) {
        this(align, apart, leading, arcMm, boxMm, Optional.empty(), false);
    }

    /** Where lines of unlike length meet. */
    public enum Align {
        LEFT, MIDDLE, RIGHT;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Align parse(String text) {
            for (Align one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no alignment; it should be left, middle or right".formatted(text));
        }
    }

    public Setting {
        Require.within("space between letters", apart * 100, -50, 500, "%");
        Require.within("line spacing", leading * 100, 20, 1000, "%");
        Require.within("radius of the arc", arcMm, -1e5, 1e5, "mm");
        Require.that(arcMm == 0 || Math.abs(arcMm) >= 1,
                "an arc of %s mm is too small for letters; 1 mm at least, 0 is straight"
                        .formatted(arcMm));
        Require.within("width of the box", boxMm, 0, 1e5, "mm");
        line.ifPresent(l -> l.checked("the line of the words"));
    }
}
