package org.vatwright.core.drape;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * What a hand does to points of a mesh. Those that are held do it whole; others within reach take part, less the farther they are
 * from the nearest held one as the cloth lies flat: (1 - (d/reach)^2)^2. Pinned points never move.
 *
 * @param held places in the mesh's list of points
 * @param reachMm 0 for the held points alone
 */
public record MeshHand(Set<Integer> held, double reachMm) {

    private double share(Mesh mesh, int point) {
        if (mesh.pins().contains(point)) {
            return 0;
        }
        if (held.contains(point)) {
            return 1;
        }
        if (reachMm <= 0) {
            return 0;
        }
        Place here = mesh.rest(point);
        double near = held.stream().mapToDouble(h -> mesh.rest(h).far(here)).min().orElse(Double.MAX_VALUE);
        double rest = 1 - near / reachMm * (near / reachMm);
        return near >= reachMm ? 0 : rest * rest;
    }

    private Mesh each(Mesh mesh, UnaryOperator<Place> change) {
        List<Place> points = new ArrayList<>();
        for (int i = 0; i < mesh.points().size(); i++) {
            Place was = mesh.points().get(i);
            double share = share(mesh, i);
            if (share == 0) {
                points.add(was);
                continue;
            }
            Place is = change.apply(was);
            points.add(new Place(was.x() + share * (is.x() - was.x()), was.y() + share * (is.y() - was.y())));
        }
        return mesh.withPoints(points);
    }

    public Mesh moved(Mesh mesh, double dx, double dy) {
        return each(mesh, p -> p.moved(dx, dy));
    }

    /** @return the middle of what is held */
    public Place middle(Mesh mesh) {
        return new Place(mean(mesh, Place::x), mean(mesh, Place::y));
    }

    private double mean(Mesh mesh, Function<Place, Double> side) {
        return held.stream().mapToDouble(i -> side.apply(mesh.points().get(i))).average().orElse(0);
    }

    /** Turns about the middle of what is held. @param degrees counter-clockwise as seen */
    public Mesh turned(Mesh mesh, double degrees) {
        Place c = middle(mesh);
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        return each(mesh, p -> new Place(c.x() + cos * (p.x() - c.x()) + sin * (p.y() - c.y()),
                c.y() - sin * (p.x() - c.x()) + cos * (p.y() - c.y())));
    }

    /** Draws out or in about the middle of what is held. */
    public Mesh scaled(Mesh mesh, double factor) {
        Place c = middle(mesh);
        return each(mesh, p -> new Place(c.x() + factor * (p.x() - c.x()), c.y() + factor * (p.y() - c.y())));
    }

    /** Each goes half the way to where its neighbours would have it. */
    public Mesh smoothed(Mesh mesh) {
        int wide = mesh.columns() + 1;
        List<Place> points = new ArrayList<>();
        for (int i = 0; i < mesh.points().size(); i++) {
            Place was = mesh.points().get(i);
            double share = share(mesh, i) / 2;
            double sumX = 0;
            double sumY = 0;
            int count = 0;
            for (int side : new int[]{-1, 1, -wide, wide}) {
                int other = i + side;
                boolean there = other >= 0 && other < mesh.points().size()
                        && (Math.abs(side) == wide || other / wide == i / wide);
                if (there) {
                    sumX += mesh.points().get(other).x() - mesh.rest(other).x();
                    sumY += mesh.points().get(other).y() - mesh.rest(other).y();
                    count++;
                }
            }
            Place flat = mesh.rest(i);
            points.add(new Place(was.x() + share * (flat.x() + sumX / count - was.x()),
                    was.y() + share * (flat.y() + sumY / count - was.y())));
        }
        return mesh.withPoints(points);
    }

    /** @return those held pinned, or free again when they all were */
    public Mesh pinned(Mesh mesh) {
        Set<Integer> pins = new HashSet<>(mesh.pins());
        if (!pins.addAll(held)) {
            pins.removeAll(held);
        }
        return mesh.withPins(pins);
    }

    /** @return as bent as it is, in other patches; pins are kept where a point stays */
    public static Mesh cut(Mesh mesh, int columns, int rows) {
        List<Place> points = new ArrayList<>();
        Set<Integer> pins = new HashSet<>();
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column <= columns; column++) {
                double s = (double) column / columns;
                double t = (double) row / rows;
                if (column * mesh.columns() % columns == 0 && row * mesh.rows() % rows == 0) {
                    int old = row * mesh.rows() / rows * (mesh.columns() + 1) + column * mesh.columns() / columns;
                    points.add(mesh.points().get(old));
                    if (mesh.pins().contains(old)) {
                        pins.add(points.size() - 1);
                    }
                } else {
                    points.add(mesh.seen(s, t));
                }
            }
        }
        Mesh cut = new Mesh(mesh.rest(), columns, rows, points, pins);
        return mesh.atRest() ? Mesh.of(mesh.rest(), columns, rows).withPins(pins) : cut;
    }
}
