package org.vatwright.files.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.StringReader;

import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.vatwright.core.measure.Refusal;
import org.w3c.dom.Element;

/** SVG's shapes as paths, in their own units. */
final class SvgShapes {

    private SvgShapes() {}

    static AffineTransform transform(Element element) {
        String text = element.getAttribute("transform");
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            throw new Refusal("the drawing has a transform that cannot be read: \"%s\"".formatted(text), e);
        }
    }

    static Path2D shape(Element e, String kind) {
        return switch (kind) {
            case "path" -> path(e.getAttribute("d"));
            case "polygon" -> points(e.getAttribute("points"), true);
            case "polyline" -> points(e.getAttribute("points"), false);
            case "line" ->
                points("%s,%s %s,%s".formatted(number(e, "x1"), number(e, "y1"), number(e, "x2"), number(e, "y2")),
                        false);
            case "rect" -> rect(e);
            case "circle" -> ellipse(number(e, "cx"), number(e, "cy"), number(e, "r"), number(e, "r"));
            default -> ellipse(number(e, "cx"), number(e, "cy"), number(e, "rx"), number(e, "ry"));
        };
    }

    private static Path2D path(String data) {
        if (data.isBlank()) {
            return new Path2D.Double();
        }
        try {
            Shape shape = AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_NON_ZERO);
            return new Path2D.Double(shape);
        } catch (IOException | ParseException e) {
            throw new Refusal("the drawing has a path that cannot be read: \"%s\"".formatted(
                    data.length() > 60 ? data.substring(0, 60) + "\u2026" : data), e);
        }
    }

    private static Path2D points(String text, boolean close) {
        Path2D path = new Path2D.Double();
        String[] words = text.strip().split("[\\s,]+");
        try {
            for (int i = 0; i + 1 < words.length; i += 2) {
                double x = Double.parseDouble(words[i]);
                double y = Double.parseDouble(words[i + 1]);
                if (i == 0) {
                    path.moveTo(x, y);
                } else {
                    path.lineTo(x, y);
                }
            }
        } catch (NumberFormatException e) {
            throw new Refusal("the drawing has points that are no numbers: \"%s\"".formatted(text), e);
        }
        if (close && path.getCurrentPoint() != null) {
            path.closePath();
        }
        return path;
    }

    private static Path2D rect(Element e) {
        double rx = e.hasAttribute("rx") ? number(e, "rx") : number(e, "ry");
        double ry = e.hasAttribute("ry") ? number(e, "ry") : rx;
        double w = number(e, "width");
        double h = number(e, "height");
        return w <= 0 || h <= 0
                ? new Path2D.Double()
                : new Path2D.Double(rx > 0 && ry > 0
                        ? new RoundRectangle2D.Double(number(e, "x"), number(e, "y"), w, h, 2 * rx, 2 * ry)
                        : new java.awt.geom.Rectangle2D.Double(number(e, "x"), number(e, "y"), w, h));
    }

    private static Path2D ellipse(double cx, double cy, double rx, double ry) {
        return rx <= 0 || ry <= 0
                ? new Path2D.Double()
                : new Path2D.Double(new Ellipse2D.Double(cx - rx, cy - ry, 2 * rx, 2 * ry));
    }

    private static double number(Element e, String name) {
        String text = e.getAttribute(name).strip().replaceFirst("[a-z%]+$", "");
        try {
            return text.isEmpty() ? 0 : Double.parseDouble(text);
        } catch (NumberFormatException x) {
            throw new Refusal("the drawing has %s=\"%s\", which is no number".formatted(name, text), x);
        }
    }

    /** @return whether every stretch of the path ends where it began */
    static boolean closed(Path2D path) {
        double[] c = new double[6];
        Point2D start = null;
        Point2D at = null;
        boolean open = false;
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                if (open && !near(start, at)) {
                    return false;
                }
                start = at = new Point2D.Double(c[0], c[1]);
                open = false;
            } else if (kind == PathIterator.SEG_CLOSE) {
                at = start;
                open = false;
            } else {
                int last = kind == PathIterator.SEG_LINETO ? 0 : kind == PathIterator.SEG_QUADTO ? 2 : 4;
                at = new Point2D.Double(c[last], c[last + 1]);
                open = true;
            }
        }
        return start != null && (!open || near(start, at));
    }

    private static boolean near(Point2D a, Point2D b) {
        return a.distance(b) < 1e-6 * (1 + Math.abs(a.getX()) + Math.abs(a.getY()));
    }
}
