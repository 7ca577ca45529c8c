package org.vatwright.core.dress;

import java.awt.geom.Rectangle2D;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Repeat;

/**
 * How large a background must be. Its cloth runs without end, so at any turn it covers all of the sheet; the sheet itself grows
 * with what lies on it.
 */
public final class Surround {

    private Surround() {}

    /** @return the box around all figures on the piece, when there are some; in mm */
    public static Optional<Rectangle2D> figures(Dressing worn, Function<Id, Optional<Design>> designs) {
        return worn.prints().stream().flatMap(p -> designs.apply(p.design()).stream().map(d -> {
            Repeat cell = p.alone(d).repeat();
            return p.place(cell).createTransformedShape(new Rectangle2D.Double(0, 0, cell.widthMm(), cell.heightMm()))
                    .getBounds2D();
        })).reduce(Rectangle2D::createUnion);
    }

    /** @return the sheet as large as it must be to hold all of that, never smaller than it is. @param marginMm around it */
    public static Article.Sheet grown(Article.Sheet sheet, Rectangle2D content, double marginMm) {
        return sheet.withSize(Math.min(Article.MOST_MM, Math.max(sheet.widthMm(), content.getMaxX() + marginMm)),
                Math.min(Article.MOST_MM, Math.max(sheet.heightMm(), content.getMaxY() + marginMm)));
    }
}
