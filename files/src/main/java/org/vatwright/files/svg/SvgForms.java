package org.vatwright.files.svg;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.StringReader;
import java.util.Optional;
import java.util.function.Consumer;

import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import org.vatwright.core.shape.Dashes;
import org.w3c.dom.Element;

/** Shapes of a drawing in its own units, read as far as they make sense, as the SVG recommendation asks for. */
final class SvgForms {

    /** Numbers of a segment: move, line, quadratic, cubic, close. */
    private static final int[] PLACES = {2, 2, 4, 6, 0};
    private static final double FARTHEST = 1e7;
    private static final double LONGEST_DASH = 1e6;

    private SvgForms() {}

    /**
     * @param wide,high of the viewport, for percentages
     * @param fault told what cannot be read; what came before it is drawn
     * @return null when it draws nothing
     */
    static Path2D shape(Element e, String kind, double wide, double high, Consumer<String> fault) {
        return switch (kind) {
            case "path" -> path(e.getAttribute("d"), fault);
            case "polygon" -> points(e.getAttribute("points"), true, fault);
            case "polyline" -> points(e.getAttribute("points"), false, fault);
            case "line" -> line(SvgNumbers.of(e, "x1", wide, 0), SvgNumbers.of(e, "y1", high, 0),
                    SvgNumbers.of(e, "x2", wide, 0), SvgNumbers.of(e, "y2", high, 0));
            case "rect" -> rect(e, wide, high);
            case "circle" -> {
                double r = SvgNumbers.of(e, "r", Math.hypot(wide, high) / Math.sqrt(2), 0);
                yield ellipse(SvgNumbers.of(e, "cx", wide, 0), SvgNumbers.of(e, "cy", high, 0), r, r);
            }
            default -> {
                double rx = SvgNumbers.of(e, "rx", wide, 0);
                double ry = SvgNumbers.of(e, "ry", high, 0);
                yield ellipse(SvgNumbers.of(e, "cx", wide, 0), SvgNumbers.of(e, "cy", high, 0), rx, ry);
            }
        };
    }

    private static Path2D path(String data, Consumer<String> fault) {
        if (data.isBlank()) {
            return null;
        }
        AWTPathProducer producer = new AWTPathProducer();
        PathParser parser = new PathParser();
        parser.setPathHandler(producer);
        try {
            parser.parse(new StringReader(data));
        } catch (ParseException | IllegalPathStateException | NullPointerException e) {
            // The library fails so on a path that begins by closing.
            fault.accept("a path that cannot be read: \"%s\"".formatted(start(data)));
        }
        Shape shape = producer.getShape();
        return shape == null ? null : new Path2D.Double(shape);
    }

    private static String start(String text) {
        return text.length() > 60 ? text.substring(0, 60) + "\u2026" : text;
    }

    private static Path2D points(String text, boolean close, Consumer<String> fault) {
        String[] words = text.strip().split("[\\s,]+|(?<=[\\d.])(?=-)");
        Path2D path = null;
        for (int i = 0; i + 1 < words.length; i += 2) {
            double x = SvgNumbers.number(words[i], Double.NaN);
            double y = SvgNumbers.number(words[i + 1], Double.NaN);
            if (Double.isNaN(x) || Double.isNaN(y)) {
                fault.accept("points that are no numbers: \"%s\"".formatted(start(text)));
                break;
            }
            if (path == null) {
                path = new Path2D.Double();
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        if (close && path != null) {
            path.closePath();
        }
        return path;
    }

    private static Path2D line(double x1, double y1, double x2, double y2) {
        Path2D path = new Path2D.Double();
        path.moveTo(x1, y1);
        path.lineTo(x2, y2);
        return path;
    }

    private static Path2D rect(Element e, double wide, double high) {
        double x = SvgNumbers.of(e, "x", wide, 0);
        double y = SvgNumbers.of(e, "y", high, 0);
        double w = SvgNumbers.of(e, "width", wide, 0);
        double h = SvgNumbers.of(e, "height", high, 0);
        if (w <= 0 || h <= 0) {
            return null;
        }
        double rx = SvgNumbers.of(e, "rx", wide, -1);
        double ry = SvgNumbers.of(e, "ry", high, -1);
        rx = rx < 0 ? ry : rx;
        ry = ry < 0 ? rx : ry;
        return rx <= 0 || ry <= 0
                ? new Path2D.Double(new Rectangle2D.Double(x, y, w, h))
                : new Path2D.Double(new RoundRectangle2D.Double(x, y, w, h, Math.min(2 * rx, w), Math.min(2 * ry, h)));
    }

    private static Path2D ellipse(double cx, double cy, double rx, double ry) {
        return rx <= 0 || ry <= 0 ? null : new Path2D.Double(new Ellipse2D.Double(cx - rx, cy - ry, 2 * rx, 2 * ry));
    }

    /** By every place it goes through: the box of a curve may be finite though its handles are not. */
    static boolean finite(Shape shape) {
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            int count = PLACES[it.currentSegment(c)];
            for (int i = 0; i < count; i++) {
                if (!(Math.abs(c[i]) < FARTHEST)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** @return the filled region as outlines that do not cross themselves, holes the other way round */
    static Shape filled(Path2D path, boolean evenOdd, Parting parting) {
        path.setWindingRule(evenOdd ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
        return parting.simple(path);
    }

    static int segments(Shape shape) {
        int count = 0;
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            count++;
        }
        return count;
    }

    /** @param fault told what is drawn otherwise @return the region of the outline; nothing when it draws none */
    static Optional<Shape> stroked(Path2D path, SvgLook look, double wide, double high, Parting parting,
            Consumer<String> fault) {
        double diagonal = Math.hypot(wide, high) / Math.sqrt(2);
        double width = SvgNumbers.length(look.get("stroke-width", "1"), diagonal, 1);
        if (width <= 0) {
            return Optional.empty();
        }
        int cap = switch (look.get("stroke-linecap", "butt")) {
            case "round" -> BasicStroke.CAP_ROUND;
            case "square" -> BasicStroke.CAP_SQUARE;
            default -> BasicStroke.CAP_BUTT;
        };
        int join = switch (look.get("stroke-linejoin", "miter")) {
            case "round" -> BasicStroke.JOIN_ROUND;
            case "bevel" -> BasicStroke.JOIN_BEVEL;
            default -> BasicStroke.JOIN_MITER;
        };
        float limit = (float) Math.max(1, look.number("stroke-miterlimit", 4));
        float[] dashes = dashes(look.get("stroke-dasharray", "none"), diagonal);
        float offset = 0;
        if (dashes != null) {
            float sum = 0;
            for (float dash : dashes) {
                sum += dash;
            }
            double asked = SvgNumbers.length(look.get("stroke-dashoffset", "0"), diagonal, 0) % sum;
            offset = Double.isFinite(asked) ? (float) ((asked + sum) % sum) : 0;
            if (Dashes.tooFine(path, sum, dashes.length / 2)) {
                fault.accept("dashes too fine to be drawn; the line is drawn whole");
                dashes = null;
            }
        }
        Shape stroked = dashes == null
                ? new BasicStroke((float) width, cap, join, limit).createStrokedShape(path)
                : new BasicStroke((float) width, cap, join, limit, dashes, offset).createStrokedShape(path);
        return Optional.of(parting.simple(stroked));
    }

    private static float[] dashes(String text, double whole) {
        if (text.equals("none") || text.isBlank()) {
            return null;
        }
        String[] words = text.strip().split("[\\s,]+");
        float[] dashes = new float[words.length % 2 == 0 ? words.length : 2 * words.length];
        float sum = 0;
        for (int i = 0; i < dashes.length; i++) {
            // A dash longer than any line is as good as one that never ends, and can be reckoned with.
            dashes[i] = (float) Math.min(LONGEST_DASH, SvgNumbers.length(words[i % words.length], whole, -1));
            if (dashes[i] < 0) {
                return null;
            }
            sum += dashes[i];
        }
        return sum > 0 ? dashes : null;
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
