package org.vatwright.core.dress;

import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Id;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;

/**
 * A trim of an article: a design or a motif again and again along a line.
 *
 * @param piece along whose outline it runs; none for one along a line of its own
 * @param line that it runs along when it has no piece
 * @param figure what is repeated; its place, scale and turn do not matter
 * @param corner what stands in corners that are turned by a motif; the figure itself when there is none
 */
@RecordBuilder
public record Trim(Optional<Id> piece, Optional<Outline> line, Print figure, Optional<Print> corner,
        TrimForm form) implements TrimBuilder.With {

    public Trim {
        line.ifPresent(l -> l.checked("the line of a trim"));
    }

    /** @return where it runs; nowhere when its piece is gone or hidden */
    Optional<Outline> way(Cut cut) {
        return piece.isPresent()
                ? piece.flatMap(cut::piece).filter(p -> !p.hidden()).map(Piece::seen)
                : line;
    }

    /** @return how long a repeat is, in its breadths. Of a dropped one it is what recurs straight on. */
    static double ratio(Repeat cell) {
        return cell.tile().widthMm() / cell.tile().heightMm();
    }
}
