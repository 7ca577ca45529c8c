package org.vatwright.desktop.studio;

import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.shape.Outline;

/**
 * With what a hand shades. Not part of the document.
 *
 * @param kind none while the hand holds nothing
 * @param widthMm how broad; 0 until it was set: then as suits the article
 * @param path that confines it, when it was drawn
 * @param carried whether it goes with the drape of the piece
 */
@RecordBuilder
public record ShadeHand(Optional<ShadeStroke.Kind> kind, double widthMm, double soft, double strength, Keep keep,
        Optional<Outline> path, boolean carried) implements ShadeHandBuilder.With {

    public static final ShadeHand FIRST = new ShadeHand(Optional.empty(), 0, 0.8, 0.35, Keep.PIECE, Optional.empty(),
            false);

    /** What it keeps to. */
    public enum Keep {
        PIECE("the piece"), BESIDE("beside it"), PATH("a path"), FREE("free");

        private final String words;

        Keep(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @return the breadth for an article of that size, in mm */
    public double widthFor(double articleMm) {
        return widthMm > 0 ? widthMm : Math.max(1, Math.rint(articleMm / 20));
    }
}
