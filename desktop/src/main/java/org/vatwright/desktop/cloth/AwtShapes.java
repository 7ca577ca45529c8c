package org.vatwright.desktop.cloth;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;

import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.QuadCurveTo;

/** Shapes of the core as shapes of the window. */
public final class AwtShapes {

    private AwtShapes() {}

    public static Path path(Shape shape, AffineTransform map) {
        Path path = new Path();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(map); !it.isDone(); it.next()) {
            path.getElements().add(switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> new MoveTo(c[0], c[1]);
                case PathIterator.SEG_LINETO -> new LineTo(c[0], c[1]);
                case PathIterator.SEG_QUADTO -> new QuadCurveTo(c[0], c[1], c[2], c[3]);
                case PathIterator.SEG_CUBICTO -> new CubicCurveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
                default -> new ClosePath();
            });
        }
        return path;
    }
}
