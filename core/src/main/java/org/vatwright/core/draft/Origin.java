package org.vatwright.core.draft;

import java.util.Locale;

import org.vatwright.core.measure.Require;

/**
 * At which corner of the cloth the first end and the first pick lie, as seen.
 *
 * @param right whether the first end is at the right; else at the left
 * @param bottom whether the first pick is at the bottom; else at the top
 */
public record Origin(boolean right, boolean bottom) {

    /** As most drafts are read, and as cloth grows on the loom. */
    public static final Origin USUAL = new Origin(true, true);

    /** Reads "right,bottom", "left,top" and the like. */
    public static Origin parse(String text) {
        String[] parts = text.strip().toLowerCase(Locale.ROOT).split("\\s*,\\s*");
        Require.that(parts.length == 2 && parts[0].matches("left|right") && parts[1].matches("top|bottom"),
                "\"%s\" is no corner; write left or right, a comma, and top or bottom".formatted(text));
        return new Origin(parts[0].equals("right"), parts[1].equals("bottom"));
    }

    public String words() {
        return (right ? "right" : "left") + "," + (bottom ? "bottom" : "top");
    }

    /** @return a drawdown as seen: column 0 at the left, row 0 at the top; and the other way round */
    public Squares seen(Squares drawdown) {
        Squares across = right ? drawdown.mirroredAcross() : drawdown;
        return bottom ? across.mirroredDown() : across;
    }

    /** @return the end that stands in a column as seen, or the column of an end */
    public int end(int column, int ends) {
        return right ? ends - 1 - column : column;
    }

    /** @return the pick that lies in a row as seen, or the row of a pick */
    public int pick(int row, int picks) {
        return bottom ? picks - 1 - row : row;
    }
}
