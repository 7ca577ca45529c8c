package org.vatwright.core.finish;

import java.util.List;
import java.util.Locale;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * A stroke of light or dark over cloth. It has no colour: it lets black or white through, so that it lies over every cloth alike.
 *
 * @param points of its line, in mm of the article
 * @param widthMm how broad all of it is; of gathers how far they reach
 * @param soft 0 for a clear edge to 1 for one that fades from the middle
 * @param strength 0 to 1
 * @param carried whether the drape of the piece carries it along: then the points lie on its flat cloth
 */
@RecordBuilder
public record ShadeStroke(Kind kind, List<Place> points, double widthMm, double soft, double strength, Confine confine,
        boolean carried) implements ShadeStrokeBuilder.With {

    public static final int MOST_POINTS = 4000;

    /** Light and dark by hand; a fold with a light flank and a dark one; gathers below a line; cloth that lies over an edge. */
    public enum Kind {
        LIGHT, DARK, FOLD, GATHER, EDGE;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @return whether it is painted by a hand that goes to and fro, not dropped along a line */
        public boolean byHand() {
            return this == LIGHT || this == DARK;
        }

        /** @throws Refusal for a word that is none of them */
        public static Kind parse(String text) {
            for (Kind one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no shading; it should be light, dark, fold, gather or edge".formatted(text));
        }
    }

    public ShadeStroke {
        Require.within("points of a stroke of shading", points.size(), 1, MOST_POINTS);
        Require.within("breadth of shading", widthMm, 0.1, 5000, "mm");
        Require.within("softness of shading", soft * 100, 0, 100, "%");
        Require.within("strength of shading", strength * 100, 0, 100, "%");
        points = List.copyOf(points);
    }

    /** @return the line moved. */
    public ShadeStroke moved(double dx, double dy) {
        return withPoints(points.stream().map(p -> p.moved(dx, dy)).toList());
    }

    /** @return on a drawing so much larger */
    public ShadeStroke scaled(double by) {
        return with().points(points.stream().map(p -> new Place(p.x() * by, p.y() * by)).toList())
                .widthMm(Math.max(0.1, Math.min(5000, widthMm * by))).build();
    }
}
