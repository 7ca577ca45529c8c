package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * One closed shape of an article that takes a lay.
 *
 * @param id for as long as it lives, by which it is dressed
 * @param outline in mm from the article's upper left corner
 * @param stroke drawn over the lay, so that the outline stays when the piece is filled
 */
@RecordBuilder
public record Piece(Id id, String name, Outline outline,
        Optional<Pen> stroke) implements PieceBuilder.With {

    public Piece {
        name = Require.named("piece", name);
        outline.checked(name);
    }
}
