package org.vatwright.core.motif;

import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** The shape of a part of a motif, its middle at 0, 0, in mm, y down. */
public sealed interface Form {

    double LEAST_MM = 0.01;
    double MOST_MM = 5000;

    /** One of each that can be drawn by its numbers, in that size. */
    static List<Form> examples(double mm) {
        return List.of(new Rectangle(mm, mm * 0.7, 0), new Ellipse(mm, mm), new Ring(mm, 0.5), new Wedge(mm, 90),
                new Polygon(6, mm), new Star(5, mm, 0.45), new Drop(mm * 0.65, mm), new Leaf(mm * 0.5, mm));
    }

    /** @param radiusMm of its corners */
    record Rectangle(double widthMm, double heightMm, double radiusMm) implements Form {
        public Rectangle {
            size(widthMm, heightMm);
            Require.within("corner radius", radiusMm, 0, Math.min(widthMm, heightMm) / 2, "mm");
        }
    }

    record Ellipse(double widthMm, double heightMm) implements Form {
        public Ellipse {
            size(widthMm, heightMm);
        }
    }

    /** @param hole diameter of the hole as a share of the whole, 0.01 to 0.99 */
    record Ring(double diameterMm, double hole) implements Form {
        public Ring {
            size(diameterMm, diameterMm);
            Require.within("hole", hole * 100, 1, 99, "%");
        }
    }

    /** Of a round cake, its point at the middle. @param sweepDeg of the piece, around the upright */
    record Wedge(double diameterMm, double sweepDeg) implements Form {
        public Wedge {
            size(diameterMm, diameterMm);
            Require.within("sweep", sweepDeg, 1, 359, "degrees");
        }
    }

    /** Equal sides, a corner above. */
    record Polygon(int sides, double diameterMm) implements Form {
        public Polygon {
            Require.within("sides", sides, 3, 60);
            size(diameterMm, diameterMm);
        }
    }

    /** @param inner how near the middle the inner corners stand, as a share, 0.05 to 0.99 */
    record Star(int points, double diameterMm, double inner) implements Form {
        public Star {
            Require.within("points", points, 3, 60);
            size(diameterMm, diameterMm);
            Require.within("inner corners", inner * 100, 5, 99, "%");
        }
    }

    /** Round below, a point above. */
    record Drop(double widthMm, double heightMm) implements Form {
        public Drop {
            size(widthMm, heightMm);
        }
    }

    /** Pointed above and below. */
    record Leaf(double widthMm, double heightMm) implements Form {
        public Leaf {
            size(widthMm, heightMm);
        }
    }

    /** A path of any shape: drawn by hand, read, or made of others. */
    record Free(Outline outline) implements Form {
        public Free {
            outline.checked("a path");
        }
    }

    /** Letters of a typeface. @param outline of the letters at that height, their middle at 0, 0 */
    record Letters(String text, String typeface, double heightMm, Outline outline) implements Form {
        public Letters {
            text = Require.named("letters", text);
            size(heightMm, heightMm);
        }
    }

    private static void size(double widthMm, double heightMm) {
        Require.within("width", widthMm, LEAST_MM, MOST_MM, "mm");
        Require.within("height", heightMm, LEAST_MM, MOST_MM, "mm");
    }

    default String name() {
        return getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    /** @return the shape; outlines that do not cross themselves */
    default Shape shape() {
        return switch (this) {
            case Rectangle(double w, double h, double r) -> r > 0
                    ? new RoundRectangle2D.Double(-w / 2, -h / 2, w, h, 2 * r, 2 * r)
                    : new Rectangle2D.Double(-w / 2, -h / 2, w, h);
            case Ellipse(double w, double h) -> new Ellipse2D.Double(-w / 2, -h / 2, w, h);
            case Ring(double d, double hole) -> {
                Area ring = new Area(new Ellipse2D.Double(-d / 2, -d / 2, d, d));
                ring.subtract(new Area(new Ellipse2D.Double(-d * hole / 2, -d * hole / 2, d * hole, d * hole)));
                yield ring;
            }
            case Wedge(double d, double sweep) ->
                new Arc2D.Double(-d / 2, -d / 2, d, d, 90 - sweep / 2, sweep, Arc2D.PIE);
            case Polygon(int sides, double d) -> corners(sides, d / 2, d / 2, 1);
            case Star(int points, double d, double inner) -> corners(2 * points, d / 2, d / 2 * inner, 2);
            case Drop(double w, double h) -> drop(w, h);
            case Leaf(double w, double h) -> leaf(w, h);
            case Free(Outline outline) -> outline.path();
            case Letters(_, _, _, Outline outline) -> outline.path();
        };
    }

    /** Corners in turn on two radii, the first above. */
    private static Path2D corners(int count, double outer, double inner, int step) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < count; i++) {
            double r = i % step == 0 ? outer : inner;
            double a = 2 * Math.PI * i / count - Math.PI / 2;
            if (i == 0) {
                path.moveTo(r * Math.cos(a), r * Math.sin(a));
            } else {
                path.lineTo(r * Math.cos(a), r * Math.sin(a));
            }
        }
        path.closePath();
        return path;
    }

    private static Path2D drop(double w, double h) {
        double r = w / 2;
        double low = h / 2;
        double middle = low - Math.min(r, h / 2);
        // Quarter arcs below by cubic curves, 0.5523 of the radius; above, sides that leave the round upright.
        double k = 0.5522847498;
        double deep = low - middle;
        Path2D path = new Path2D.Double();
        path.moveTo(0, -low);
        path.curveTo(r * 0.15, -low + (middle + low) * 0.35, r, middle - (middle + low) * 0.35, r, middle);
        path.curveTo(r, middle + deep * k, r * k, low, 0, low);
        path.curveTo(-r * k, low, -r, middle + deep * k, -r, middle);
        path.curveTo(-r, middle - (middle + low) * 0.35, -r * 0.15, -low + (middle + low) * 0.35, 0, -low);
        path.closePath();
        return path;
    }

    private static Path2D leaf(double w, double h) {
        Path2D path = new Path2D.Double();
        double side = w * 2 / 3;
        path.moveTo(0, -h / 2);
        path.curveTo(side, -h / 6, side, h / 6, 0, h / 2);
        path.curveTo(-side, h / 6, -side, -h / 6, 0, -h / 2);
        path.closePath();
        return path;
    }
}
