package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * One closed shape of an article that takes a lay.
 *
 * @param id for as long as it lives, by which it is dressed
 * @param outline in mm from the article's upper left corner
 * @param stroke drawn over the lay, so that the outline stays when the piece is filled
 * @param fill the drawing's own colour of it, below all that it wears
 * @param hidden whether it is left out of every picture
 * @param locked whether a hand that passes by leaves it as it is
 * @param asideX,asideY how far it lies beside its place for the while, in mm; its cloth goes with it
 */
@RecordBuilder
public record Piece(Id id, String name, Outline outline, Optional<Pen> stroke, Optional<Rgb> fill, boolean hidden,
        boolean locked,
        double asideX, double asideY) implements PieceBuilder.With {

    public Piece {
        name = Require.named("piece", name);
        outline.checked(name);
        Require.within("way aside", asideX, -1e4, 1e4, "mm");
        Require.within("way aside", asideY, -1e4, 1e4, "mm");
    }

    /** In its place, seen and free. */
    public Piece(Id id, String name, Outline outline, Optional<Pen> stroke) {
        this(id, name, outline, stroke, Optional.empty(), false, false, 0, 0);
    }

    /** @return whether it lies beside its place */
    public boolean aside() {
        return asideX != 0 || asideY != 0;
    }

    public Piece withAside(double x, double y) {
        return with().asideX(x).asideY(y).build();
    }

    /** @return the outline where it lies */
    public Outline seen() {
        return aside() ? Outline.of(outline.path(), AffineTransform.getTranslateInstance(asideX, asideY)) : outline;
    }
}
