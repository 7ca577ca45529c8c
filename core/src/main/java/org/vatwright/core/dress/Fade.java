package org.vatwright.core.dress;

import java.util.Locale;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;

/**
 * Cloth that fades out: whole at one place, clear at another, evenly between; before the one and beyond the other it goes on as it is
 * there.
 *
 * @param full where it is whole, in mm of the article
 * @param clear where nothing of it is left
 */
@RecordBuilder
public record Fade(Way way, Place full, Place clear) implements FadeBuilder.With {

    private static final double LEAST_MM = 0.01;

    /** Along the line between the two places, as towards an edge; or round about the first. */
    public enum Way {
        ALONG, ROUND;

        public String keyword() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws Refusal for a word that is none of them */
        public static Way parse(String text) {
            for (Way one : values()) {
                if (one.keyword().equals(text)) {
                    return one;
                }
            }
            throw new Refusal("\"%s\" is no way to fade; it should be along or round".formatted(text));
        }
    }

    public Fade {
        Require.that(full.far(clear) >= LEAST_MM,
                "a fade needs a way to go; its two places lie %s mm apart, %s mm at least"
                        .formatted(full.far(clear), LEAST_MM));
    }

    /** @return how much of the cloth is seen there, 0 to 1. @param x,y in mm of the article */
    public double at(double x, double y) {
        double wayX = clear.x() - full.x();
        double wayY = clear.y() - full.y();
        double far = Math.hypot(wayX, wayY);
        double gone = way == Way.ROUND
                ? Math.hypot(x - full.x(), y - full.y()) / far
                : ((x - full.x()) * wayX + (y - full.y()) * wayY) / (far * far);
        return Math.max(0, Math.min(1, 1 - gone));
    }

    /** @return on the other side of an upright line */
    Fade mirrored(double axisX) {
        return new Fade(way, new Place(2 * axisX - full.x(), full.y()), new Place(2 * axisX - clear.x(), clear.y()));
    }

    /** @return on a drawing so much larger */
    Fade scaled(double by) {
        return new Fade(way, new Place(full.x() * by, full.y() * by), new Place(clear.x() * by, clear.y() * by));
    }

    /** Takes off what is faded. @param left,top of the picture in the article @param aside how far the cloth lies aside, in pixels */
    void on(Raster cloth, int left, int top, double asideX, double asideY, double pxPerMm) {
        int[] argb = cloth.argb();
        for (int y = 0; y < cloth.height(); y++) {
            double mmY = (top + y + 0.5 - asideY) / pxPerMm;
            for (int x = 0; x < cloth.width(); x++) {
                int share = (int) Math.round(256 * at((left + x + 0.5 - asideX) / pxPerMm, mmY));
                int i = y * cloth.width() + x;
                argb[i] = share == 256 ? argb[i] : Packed.scaled(argb[i], share);
            }
        }
    }
}
