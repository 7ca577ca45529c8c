package org.vatwright.core.brush;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;

/** What one stroke is painted again as, in the same cell. */
public sealed interface Symmetry {

    Symmetry NONE = new None();
    int MOST_AXES = 16;
    int MOST_TURNS = 32;

    /** The stroke alone. */
    record None() implements Symmetry {}

    /**
     * Mirrored across lines through a point, evenly around it.
     *
     * @param count 1 to 16
     * @param x,y in mm
     * @param angleDeg of the first line, counter-clockwise as seen
     */
    record Axes(int count, double x, double y, double angleDeg) implements Symmetry {
        public Axes {
            Require.within("mirror axes", count, 1, MOST_AXES);
            place(x, y);
            angleDeg = Angle.turn(angleDeg);
        }
    }

    /** Turned about a point. @param count of copies all around, 2 to 32 */
    record Turns(int count, double x, double y) implements Symmetry {
        public Turns {
            Require.within("turning copies", count, 2, MOST_TURNS);
            place(x, y);
        }
    }

    /** By the moves of a wallpaper group of the cell. */
    record Group(WallpaperGroup group) implements Symmetry {}

    private static void place(double x, double y) {
        Require.within("middle of the symmetry", x, -1e6, 1e6, "mm");
        Require.within("middle of the symmetry", y, -1e6, 1e6, "mm");
    }

    /** @return the point it is about, in mm; empty when it has none */
    default Optional<Point2D> middle() {
        return switch (this) {
            case Axes a -> Optional.of(new Point2D.Double(a.x, a.y));
            case Turns t -> Optional.of(new Point2D.Double(t.x, t.y));
            case None _,Group _ -> Optional.empty();
        };
    }

    /** @return about another point; itself when it has none */
    default Symmetry about(double newX, double newY) {
        return switch (this) {
            case Axes a -> new Axes(a.count, newX, newY, a.angleDeg);
            case Turns t -> new Turns(t.count, newX, newY);
            case None _,Group _ -> this;
        };
    }

    default Symmetry resized(double by) {
        return switch (this) {
            case Axes a -> about(a.x * by, a.y * by);
            case Turns t -> about(t.x * by, t.y * by);
            case None _,Group _ -> this;
        };
    }

    /** Refuses a cell it cannot stand on. */
    default void check(Repeat repeat) {
        if (this instanceof Group(WallpaperGroup group)) {
            group.check(repeat);
        }
    }

    /** @return what makes all copies in the cell, the stroke itself first; each keeps lengths */
    default List<AffineTransform> copies(Repeat repeat) {
        return switch (this) {
            case None _ -> List.of(new AffineTransform());
            case Group(WallpaperGroup group) -> group.operations(repeat.widthMm(), repeat.heightMm());
            case Turns(int count, double x, double y) -> turns(count, x, y);
            case Axes(int count, double x, double y, double angle) -> {
                List<AffineTransform> all = new ArrayList<>(turns(count, x, y));
                for (int k = 0; k < count; k++) {
                    // Across a line at an angle a: by twice the angle. Downwards is positive, so it is counted the other way.
                    double twice = -2 * (angle + 180.0 * k / count);
                    all.add(about(cos(twice), sin(twice), sin(twice), -cos(twice), x, y));
                }
                yield all;
            }
        };
    }

    private static List<AffineTransform> turns(int count, double x, double y) {
        List<AffineTransform> all = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            double degrees = 360.0 * k / count;
            all.add(about(cos(degrees), sin(degrees), -sin(degrees), cos(degrees), x, y));
        }
        return all;
    }

    /** @param xx,yx,xy,yy what the two directions become */
    private static AffineTransform about(double xx, double yx, double xy, double yy, double x, double y) {
        return new AffineTransform(xx, yx, xy, yy, x - (xx * x + xy * y), y - (yx * x + yy * y));
    }

    /** Exact at every quarter, so that pixels fall on pixels. */
    private static double cos(double degrees) {
        return sin(degrees + 90);
    }

    private static double sin(double degrees) {
        double turn = degrees - 360 * Math.floor(degrees / 360);
        if (turn % 90 == 0) {
            return new double[]{0, 1, 0, -1}[(int) (turn / 90)];
        }
        return Math.sin(Math.toRadians(turn));
    }
}
