package org.vatwright.core.dress;

import java.util.Locale;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * A window in which a spot of the article is seen larger or smaller. It is drawn from the article whenever that is drawn.
 *
 * @param spot the place that is its middle
 * @param middle where the window itself lies; both in mm of the article
 * @param sizeMm its diameter, or side
 * @param times how much larger, 0.5 to 10
 * @param border drawn around it, and from the spot to it
 * @param line whether that is joined to it by a line
 * @param caption below it; may be empty
 * @param scale whether a measure stands in it
 */
@RecordBuilder
public record Callout(Form form, Place spot, Place middle, double sizeMm, double times, Pen border, boolean line,
        String caption, boolean scale) implements CalloutBuilder.With {

    public static final int MOST_CAPTION = 120;

    /** What shape the window has. */
    public enum Form {
        ROUND, SQUARE;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Form parse(String text) {
            for (Form one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no window; it should be round or square".formatted(text));
        }
    }

    public Callout {
        Require.within("size of a callout", sizeMm, 1, 10_000, "mm");
        Require.within("enlargement of a callout", times * 100, 50, 1000, "%");
        Require.that(caption.length() <= MOST_CAPTION, "the caption has %d characters; %d at most".formatted(
                caption.length(), MOST_CAPTION));
    }

    /** @return on a drawing so much larger */
    Callout scaled(double by) {
        return with().spot(new Place(spot.x() * by, spot.y() * by)).middle(new Place(middle.x() * by, middle.y() * by))
                .sizeMm(Math.max(1, Math.min(10_000, sizeMm * by))).build();
    }
}
