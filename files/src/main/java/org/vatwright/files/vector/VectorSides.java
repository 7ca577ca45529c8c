package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;

import org.vatwright.core.dress.Pen;

/** Where a line may lie whose breadth is all on one side of a shape: it is drawn twice as broad and clipped. */
final class VectorSides {

    private VectorSides() {}

    /** @return the shape within a box around all of the line: what lies between them is outside, by the even-odd rule */
    static Path2D outside(Shape shape, Pen pen) {
        Rectangle2D box = shape.getBounds2D();
        double around = 2 * pen.drawnMm();
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        path.append(new Rectangle2D.Double(box.getX() - around, box.getY() - around, box.getWidth() + 2 * around,
                box.getHeight() + 2 * around), false);
        path.append(shape, false);
        return path;
    }

    static boolean evenOdd(Shape shape, Pen pen) {
        return pen.side() == Pen.Side.OUTSIDE
                || shape.getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD;
    }
}
