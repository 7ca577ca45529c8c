package org.vatwright.core.stitch;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * How a trim runs along a line.
 *
 * @param insetMm how far inside an outline its middle runs; below 0 outside
 * @param breadthMm of a row, across the line; how long a repeat is follows from it
 * @param whole whether each stretch between corners takes a whole number of repeats, drawn out for that; else the last is cut
 * @param gapMm from one to the next
 * @param gapVary by what share gaps differ at most, 0 to 1
 * @param sizeVary by what share repeats differ in size at most, 0 to 0.9
 * @param rows side by side
 * @param rowShift of each next row, in repeats, 0 to 1
 * @param bent whether repeats are bent with the line; else each is turned as a whole
 * @param touched single repeats that were slid, resized or left out, by their number along the line
 */
@RecordBuilder
public record TrimForm(double insetMm, double breadthMm, Corner corner, boolean whole, double gapMm, double gapVary,
        double sizeVary, long seed, int rows, double rowShift, boolean bent,
        Map<Integer, Touch> touched) implements TrimFormBuilder.With {

    public static final int MOST_ROWS = 8;

    /** What becomes of it where the line turns. */
    public enum Corner {
        ROUND, MITRE, MOTIF;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Corner parse(String text) {
            for (Corner one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no corner of a trim; it should be round, mitre or motif".formatted(text));
        }
    }

    /** What was done to one repeat. @param slideMm along the line @param size times as large, 0.1 to 4 @param out left out */
    public record Touch(double slideMm, double size, boolean out) {

        public static final Touch NONE = new Touch(0, 1, false);

        public Touch {
            Require.within("way of a repeat", slideMm, -1e4, 1e4, "mm");
            Require.within("size of a repeat", size * 100, 10, 400, "%");
        }
    }

    public TrimForm {
        Require.within("inset of the trim", insetMm, -500, 500, "mm");
        Require.within("breadth of the trim", breadthMm, 0.5, 2000, "mm");
        Require.within("gap of the trim", gapMm, 0, 2000, "mm");
        Require.within("variety of gaps", gapVary * 100, 0, 100, "%");
        Require.within("variety of sizes", sizeVary * 100, 0, 90, "%");
        Require.within("rows of the trim", rows, 1, MOST_ROWS);
        Require.within("shift of rows", rowShift, 0, 1, "repeats");
        Map<Integer, Touch> kept = new TreeMap<>(touched);
        kept.values().removeIf(Touch.NONE::equals);
        touched = Map.copyOf(kept);
    }

    /** @return as it is sewn on at first. @param breadthMm of it */
    public static TrimForm fresh(double breadthMm) {
        return new TrimForm(breadthMm / 2, breadthMm, Corner.MITRE, true, 0, 0, 0, 1, 1, 0.5, true, Map.of());
    }

    public Touch touch(int number) {
        return touched.getOrDefault(number, Touch.NONE);
    }

    /** @return with one repeat treated otherwise */
    public TrimForm touching(int number, Touch touch) {
        Map<Integer, Touch> changed = new TreeMap<>(touched);
        changed.put(number, touch);
        return withTouched(changed);
    }

    /** @return on a drawing so much larger */
    public TrimForm scaled(double by) {
        return with().insetMm(insetMm * by).breadthMm(Math.max(0.5, breadthMm * by)).gapMm(gapMm * by).build();
    }

}
