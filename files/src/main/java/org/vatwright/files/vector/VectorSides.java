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
        double left = box.getX() - around;
        double top = box.getY() - around;
        double right = box.getMaxX() + around;
        double bottom = box.getMaxY() + around;
        // Against the shape's own turn, for programs that know no other rule than that turns add up.
        boolean clockwise = !clockwise(shape);
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        path.moveTo(left, top);
        path.lineTo(clockwise ? right : left, clockwise ? top : bottom);
        path.lineTo(right, bottom);
        path.lineTo(clockwise ? left : right, clockwise ? bottom : top);
        path.closePath();
        path.append(shape, false);
        return path;
    }

    /** @return whether it turns to the right on the whole, y down */
    private static boolean clockwise(Shape shape) {
        double twice = 0;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (PathIterator it = shape.getPathIterator(null, 0.1); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                startX = c[0];
                startY = c[1];
            } else {
                double toX = kind == PathIterator.SEG_CLOSE ? startX : c[0];
                double toY = kind == PathIterator.SEG_CLOSE ? startY : c[1];
                twice += x * toY - toX * y;
                c[0] = toX;
                c[1] = toY;
            }
            x = c[0];
            y = c[1];
        }
        return twice > 0;
    }

    static boolean evenOdd(Shape shape, Pen pen) {
        return pen.side() == Pen.Side.OUTSIDE
                || shape.getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD;
    }
}
