package org.vatwright.core.shape;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.measure.Refusal;

/**
 * A path in mm, y down, as a value. Its text form is SVG path data with absolute M, L, Q, C and Z only, and comes back
 * to the last bit.
 */
public final class Outline {

    /** Beyond it nothing is drawn; no cloth is as wide. */
    public static final double FARTHEST_MM = 20_000;

    private static final int MOST_NUMBERS = 4_000_000;
    private static final int MOST_FOR_AREA = 20_000;
    private static final double FLATNESS_MM = 0.01;

    private final String data;
    private final Path2D path;

    private Outline(String data, Path2D path) {
        this.data = data;
        this.path = path;
    }

    public static Outline of(Shape shape) {
        return of(shape, new AffineTransform());
    }

    public static Outline of(Shape shape, AffineTransform transform) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        if (shape instanceof Path2D p) {
            path.setWindingRule(p.getWindingRule());
        }
        path.append(shape.getPathIterator(transform), false);
        return new Outline(text(path), path);
    }

    /** Reads the text form. */
    public static Outline parse(String data) {
        String[] words = data.strip().split("[\\s,]+");
        if (words.length > MOST_NUMBERS) {
            throw new Refusal("an outline has %,d numbers; %,d are the most".formatted(words.length, MOST_NUMBERS));
        }
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        int at = 0;
        try {
            while (at < words.length) {
                String command = words[at++];
                double[] n = new double[switch (command) {
                    case "M", "L" -> 2;
                    case "Q" -> 4;
                    case "C" -> 6;
                    case "Z" -> 0;
                    default ->
                        throw new Refusal("an outline has \"%s\" where M, L, Q, C or Z is due".formatted(command));
                }];
                for (int i = 0; i < n.length; i++) {
                    n[i] = Double.parseDouble(words[at++]);
                }
                switch (command) {
                    case "M" -> path.moveTo(n[0], n[1]);
                    case "L" -> path.lineTo(n[0], n[1]);
                    case "Q" -> path.quadTo(n[0], n[1], n[2], n[3]);
                    case "C" -> path.curveTo(n[0], n[1], n[2], n[3], n[4], n[5]);
                    default -> path.closePath();
                }
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException | java.awt.geom.IllegalPathStateException e) {
            throw new Refusal(
                    "an outline breaks off or has no number at its word %d; it should be as in \"M 0 0 L 9 0 L 9 9 Z\""
                            .formatted(at),
                    e);
        }
        return new Outline(text(path), path);
    }

    private static String text(Path2D path) {
        StringBuilder text = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            text.append(text.isEmpty() ? "" : " ").append("MLQCZ".charAt(kind));
            int numbers = kind == PathIterator.SEG_CLOSE ? 0 : kind <= PathIterator.SEG_LINETO ? 2 : 2 * kind;
            for (int i = 0; i < numbers; i++) {
                String number = Double.toString(c[i]);
                text.append(' ').append(number.endsWith(".0") ? number.substring(0, number.length() - 2) : number);
            }
        }
        return text.toString();
    }

    /** @return a copy, to be drawn or moved */
    public Path2D path() {
        return new Path2D.Double(path);
    }

    public Path2D path(AffineTransform transform) {
        return new Path2D.Double(path, transform);
    }

    public Rectangle2D bounds() {
        return path.getBounds2D();
    }

    public boolean contains(double x, double y) {
        return path.contains(x, y);
    }

    /**
     * @return what it encloses, in square mm, open parts closed by a straight line; of an outline of more than
     *         {@value #MOST_FOR_AREA} points that crosses itself, as far as its turns add up
     */
    public double area() {
        PathIterator flat = path.getPathIterator(null, FLATNESS_MM);
        int points = 0;
        for (PathIterator it = path.getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            points++;
        }
        // Its parts then neither cross nor lie over each other, and holes run the other way round.
        boolean tangled = points > MOST_FOR_AREA || AreaWork.of(List.of(path)) > AreaWork.MOST;
        return Math.abs(turned(tangled ? flat : new Area(path).getPathIterator(null, FLATNESS_MM)));
    }

    /** @return how far the ends of its parts lie apart at most, in mm; 0 when all are closed */
    public double gapMm() {
        double widest = 0;
        double[] c = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (PathIterator it = path.getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                widest = Math.max(widest, Math.hypot(x - startX, y - startY));
                startX = c[0];
                startY = c[1];
            }
            x = kind == PathIterator.SEG_CLOSE ? startX : c[0];
            y = kind == PathIterator.SEG_CLOSE ? startY : c[1];
        }
        return Math.max(widest, Math.hypot(x - startX, y - startY));
    }

    /** Half the sum of the cross products along each part. */
    private static double turned(PathIterator flat) {
        double sum = 0;
        double[] c = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (; !flat.isDone(); flat.next()) {
            int kind = flat.currentSegment(c);
            if (kind == PathIterator.SEG_LINETO) {
                sum += x * c[1] - c[0] * y;
                x = c[0];
                y = c[1];
                continue;
            }
            sum += x * startY - startX * y;
            x = startX;
            y = startY;
            if (kind == PathIterator.SEG_MOVETO) {
                startX = x = c[0];
                startY = y = c[1];
            }
        }
        return (sum + x * startY - startX * y) / 2;
    }

    /** @return SVG path data */
    public String data() {
        return data;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline o && data.equals(o.data);
    }

    @Override
    public int hashCode() {
        return data.hashCode();
    }

    @Override
    public String toString() {
        return data.length() > 60 ? data.substring(0, 60) + "\u2026" : data;
    }

    /** @return the outline; refuses one with a point or handle that is no number or beyond {@link #FARTHEST_MM} */
    public Outline checked(String name) {
        double[] c = new double[6];
        for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
            Arrays.fill(c, 0);
            it.currentSegment(c);
            for (double at : c) {
                if (!(Math.abs(at) <= FARTHEST_MM)) {
                    throw new Refusal(Double.isFinite(at)
                            ? "%s reaches to %,.0f mm; %,.0f mm are the farthest".formatted(name, at, FARTHEST_MM)
                            : "%s has a coordinate that is no number".formatted(name));
                }
            }
        }
        return this;
    }
}
