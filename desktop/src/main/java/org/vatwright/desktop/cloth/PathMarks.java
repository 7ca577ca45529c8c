package org.vatwright.desktop.cloth;

import java.util.List;

import org.vatwright.core.motif.FreePath;

import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;

/** The points of a path that can be taken hold of: round when smooth, square when a corner; the chosen one with its handles. */
public final class PathMarks {

    private PathMarks() {}

    public static void point(Viewport view, FreePath.Point p, boolean chosen, List<Node> nodes) {
        double x = view.pxX(p.x());
        double y = view.pxY(p.y());
        if (chosen) {
            handle(x, y, view.pxX(p.inX()), view.pxY(p.inY()), nodes);
            handle(x, y, view.pxX(p.outX()), view.pxY(p.outY()), nodes);
        }
        Shape mark = p.smooth() ? new Circle(x, y, 4.5) : new Rectangle(x - 4, y - 4, 8, 8);
        nodes.add(styled(mark, chosen ? "grip-small" : "grip"));
    }

    private static void handle(double x, double y, double toX, double toY, List<Node> nodes) {
        if (Math.hypot(toX - x, toY - y) > 1) {
            for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
                nodes.add(styled(new Line(x, y, toX, toY), style));
            }
            nodes.add(styled(new Circle(toX, toY, 4), "grip-small"));
        }
    }

    private static Node styled(Node node, String style) {
        node.getStyleClass().add(style);
        return node;
    }
}
