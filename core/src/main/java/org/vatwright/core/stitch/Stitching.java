package org.vatwright.core.stitch;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * Stitches along the outline of a piece.
 *
 * @param insetMm how far inside the outline; below 0 outside
 * @param lengthMm of a stitch, about: each stretch between corners has a whole number of them
 * @param gapMm from one to the next, about
 * @param slantDeg by which each leans against its line, counter-clockwise
 * @param rows side by side
 * @param apartMm from row to row; how broad a zigzag is, how deep an edging
 * @param thickMm of the thread
 * @param relief how much its roundness, its twist and its shadow are seen, 0 to 1
 * @param line that they run along instead of the outline, on the flat cloth, in mm of the article
 */
@RecordBuilder
public record Stitching(Kind kind, double insetMm, double lengthMm, double gapMm, double slantDeg, int rows,
        double apartMm, Rgb thread, double thickMm, double relief,
        Optional<Outline> line) implements StitchingBuilder.With {

    public static final int MOST_ROWS = 6;

    /** How the thread goes. */
    public enum Kind {
        RUNNING, ZIGZAG, BLANKET;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Kind parse(String text) {
            for (Kind one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no stitch; it should be running, zigzag or blanket".formatted(text));
        }
    }

    public Stitching {
        Require.within("inset of the stitches", insetMm, -500, 500, "mm");
        Require.within("length of a stitch", lengthMm, 0.5, 500, "mm");
        Require.within("gap between stitches", gapMm, 0, 500, "mm");
        Require.within("slant of the stitches", slantDeg, -90, 90, "degrees");
        Require.within("rows of stitches", rows, 1, MOST_ROWS);
        Require.within("breadth of the stitches", apartMm, 0.1, 500, "mm");
        Require.within("thread", thickMm, 0.05, 100, "mm");
        Require.within("relief of the stitches", relief * 100, 0, 100, "%");
        line.ifPresent(l -> l.checked("the line of the stitches"));
    }

    /** Along the outline. */
    public Stitching(Kind kind, double insetMm, double lengthMm, double gapMm, double slantDeg, int rows,
            double apartMm,
            Rgb thread, double thickMm, double relief) {
        this(kind, insetMm, lengthMm, gapMm, slantDeg, rows, apartMm, thread, thickMm, relief, Optional.empty());
    }

    /** @return the same with its line moved, turned or drawn out */
    public Stitching through(AffineTransform change) {
        return withLine(line.map(l -> Outline.of(l.path(), change)));
    }

    /** @return as they are sewn at first, with numbers that suit a garment. @param thread its ink */
    public static Stitching fresh(Kind kind, Rgb thread) {
        return switch (kind) {
            case RUNNING -> new Stitching(kind, 6, 5, 2.5, 0, 1, 4, thread, 1, 0.8);
            case ZIGZAG -> new Stitching(kind, 6, 4, 0, 0, 1, 5, thread, 0.9, 0.8);
            case BLANKET -> new Stitching(kind, 0.6, 8, 0, 0, 1, 9, thread, 1.4, 0.8);
        };
    }

    /** A stitch: a stretch of thread that is seen, in mm. */
    public record Stitch(double x1, double y1, double x2, double y2) {
        public double length() {
            return Math.hypot(x2 - x1, y2 - y1);
        }
    }

    /** @return all stitches, in the order they are sewn. @param outline or the line that they run along, as it is seen */
    public List<Stitch> along(Outline outline) {
        List<Stitch> all = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            double inset = insetMm + row * (kind == Kind.RUNNING ? apartMm : 2 * apartMm);
            for (StitchLine line : Inset.of(outline, inset)) {
                switch (kind) {
                    case RUNNING -> line.running(lengthMm, gapMm, slantDeg, all);
                    case ZIGZAG -> line.zigzag(lengthMm, apartMm, all);
                    case BLANKET -> line.blanket(lengthMm, apartMm, slantDeg, outline::contains, all);
                }
            }
        }
        return all;
    }
}
