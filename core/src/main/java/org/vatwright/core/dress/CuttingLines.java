package org.vatwright.core.dress;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.Area;
import java.util.List;

import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** Where a blade goes: around the pieces of an article, so far outside them, what touches cut as one. */
public final class CuttingLines {

    private CuttingLines() {}

    /**
     * @param offsetMm outside the outlines, 0 to 500; corners are rounded by it
     * @return one outline of all rings, the holes of letters among them
     */
    public static Outline of(Cut cut, double offsetMm) {
        Require.within("offset of the cutting line", offsetMm, 0, 500, "mm");
        List<Piece> pieces = cut.pieces().stream().filter(p -> !p.hidden()).toList();
        Require.that(!pieces.isEmpty(), "%s has no pieces that could be cut".formatted(cut.article().name()));
        Area all = new Area();
        for (Piece piece : pieces) {
            Shape shape = piece.seen().path();
            all.add(new Area(shape));
            if (offsetMm > 0) {
                all.add(new Area(new BasicStroke((float) (2 * offsetMm), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                        .createStrokedShape(shape)));
            }
        }
        return Outline.of(all);
    }
}
