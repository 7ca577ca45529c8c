package org.vatwright.core.dress;

import java.awt.BasicStroke;
import java.util.List;
import java.util.Locale;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * A drawn line.
 *
 * @param widthMm its breadth
 * @param dashesMm lengths of dashes and gaps in turn, from the line's beginning; none for a line without gaps
 * @param side of a closed shape on which all of its breadth lies
 */
@RecordBuilder
public record Pen(Rgb colour, double widthMm, List<Double> dashesMm, Side side) implements PenBuilder.With {

    public static final int MOST_DASHES = 12;
    /** In widths: shorter dashes cannot be told apart. */
    private static final double LEAST_DASH_MM = 0.05;

    /** Where the breadth lies. */
    public enum Side {
        MIDDLE, INSIDE, OUTSIDE;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Side parse(String text) {
            for (Side one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal(
                    "\"%s\" is no side of an outline; it should be middle, inside or outside".formatted(text));
        }
    }

    public Pen {
        Require.within("outline", widthMm, 0.01, 200, "mm");
        Require.within("dashes of an outline", dashesMm.size(), 0, MOST_DASHES);
        Require.that(dashesMm.size() % 2 == 0, "an outline has %d dashes and gaps; each dash needs its gap"
                .formatted(dashesMm.size()));
        dashesMm.forEach(d -> Require.within("dash of an outline", d, LEAST_DASH_MM, 2000, "mm"));
        dashesMm = List.copyOf(dashesMm);
    }

    /** Without gaps, half of it on either side. */
    public Pen(Rgb colour, double widthMm) {
        this(colour, widthMm, List.of(), Side.MIDDLE);
    }

    /** @return how broad a line in the middle is whose one half lies where this one does */
    public double drawnMm() {
        return side == Side.MIDDLE ? widthMm : 2 * widthMm;
    }

    /** @param pxPerMm of the picture @return the stroke of {@link #drawnMm} */
    BasicStroke stroke(double pxPerMm) {
        float[] dashes = new float[dashesMm.size()];
        for (int i = 0; i < dashes.length; i++) {
            dashes[i] = (float) (dashesMm.get(i) * pxPerMm);
        }
        float wide = (float) (drawnMm() * pxPerMm);
        // A round end would fill the gaps between short dashes.
        return dashes.length == 0
                ? new BasicStroke(wide, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                : new BasicStroke(wide, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, dashes, 0);
    }
}
