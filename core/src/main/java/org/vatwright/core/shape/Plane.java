package org.vatwright.core.shape;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Geometry of the plane on flattened outlines, for what ends as pixels, thread or cut. (Shapes that are kept or written as
 * vectors keep their curves and are combined by {@link java.awt.geom.Area}.) Lengths in mm.
 */
public final class Plane {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double MITRE_MOST = 4;
    private static final int ARC_SEGMENTS = 8;

    private Plane() {}

    /**
     * @param flatness farthest that a curve and its chord may lie apart
     * @return the filled region by the shape's own winding rule, whatever its outlines cross
     */
    public static Geometry region(Shape shape, double flatness) {
        List<LineString> rings = rings(shape, flatness);
        if (rings.isEmpty()) {
            return FACTORY.createPolygon();
        }
        Polygonizer faces = new Polygonizer();
        faces.add(FACTORY.createMultiLineString(rings.toArray(LineString[]::new)).union());
        Path2D flat = flat(shape, flatness);
        List<Geometry> filled = new ArrayList<>();
        for (Object each : faces.getPolygons()) {
            Polygon face = (Polygon) each;
            Coordinate inside = face.getInteriorPoint().getCoordinate();
            if (inside != null && flat.contains(new Point2D.Double(inside.x, inside.y))) {
                filled.add(face);
            }
        }
        return filled.isEmpty() ? FACTORY.createPolygon() : CoverageUnion.union(filled.toArray(Geometry[]::new));
    }

    /**
     * Line by line (Sutherland and Hodgman 1974), so that outlines may cross as often as they like; where they ran outside
     * they run along the edge, there and back.
     *
     * @return the part of a shape that lies in a rectangle, by the shape's own winding rule
     */
    public static Shape cut(Shape shape, Rectangle2D to, double flatness) {
        Path2D path = new Path2D.Double(shape.getPathIterator(null).getWindingRule());
        for (LineString ring : rings(shape, flatness)) {
            List<Coordinate> left = List.of(ring.getCoordinates());
            left = cut(left, c -> c.x - to.getMinX());
            left = cut(left, c -> to.getMaxX() - c.x);
            left = cut(left, c -> c.y - to.getMinY());
            left = cut(left, c -> to.getMaxY() - c.y);
            // What was reckoned to lie on an edge may be off by a rounding.
            add(path, left.stream().map(c -> new Coordinate(Math.clamp(c.x, to.getMinX(), to.getMaxX()),
                    Math.clamp(c.y, to.getMinY(), to.getMaxY()))).toList());
        }
        return path;
    }

    /** @param within how far inside a place lies; negative outside @return closed, as it came in */
    private static List<Coordinate> cut(List<Coordinate> ring, ToDoubleFunction<Coordinate> within) {
        List<Coordinate> kept = new ArrayList<>();
        for (int i = 1; i < ring.size(); i++) {
            Coordinate a = ring.get(i - 1);
            Coordinate b = ring.get(i);
            double from = within.applyAsDouble(a);
            double end = within.applyAsDouble(b);
            if (from >= 0) {
                kept.add(a);
            }
            if (from >= 0 != end >= 0) {
                double share = from / (from - end);
                kept.add(new Coordinate(a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)));
            }
        }
        if (!kept.isEmpty()) {
            kept.add(kept.getFirst());
        }
        return kept;
    }

    /** @return the region grown by a distance on all sides, or shrunk by a negative one; corners stay corners */
    public static Geometry offset(Geometry region, double by) {
        return BufferOp.bufferOp(region, by, new BufferParameters(ARC_SEGMENTS, BufferParameters.CAP_FLAT,
                BufferParameters.JOIN_MITRE, MITRE_MOST));
    }

    /** @param xy corners in their order, pairs */
    public static Geometry polygon(double[] xy) {
        CoordinateList ring = new CoordinateList();
        for (int i = 0; i < xy.length; i += 2) {
            ring.add(new Coordinate(xy[i], xy[i + 1]), false);
        }
        ring.closeRing();
        return FACTORY.createPolygon(ring.toCoordinateArray());
    }

    /** @return outlines that do not cross, to be filled even-odd */
    public static Shape shape(Geometry region) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (int i = 0; i < region.getNumGeometries(); i++) {
            if (region.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                Polygon turned = (Polygon) polygon.norm();
                add(path, List.of(turned.getExteriorRing().getCoordinates()));
                for (int h = 0; h < turned.getNumInteriorRing(); h++) {
                    add(path, List.of(turned.getInteriorRingN(h).getCoordinates()));
                }
            }
        }
        return path;
    }

    private static void add(Path2D path, List<Coordinate> ring) {
        for (int i = 0; i < ring.size() - 1; i++) {
            Coordinate c = ring.get(i);
            if (i == 0) {
                path.moveTo(c.x, c.y);
            } else {
                path.lineTo(c.x, c.y);
            }
        }
        if (!ring.isEmpty()) {
            path.closePath();
        }
    }

    private static Path2D flat(Shape shape, double flatness) {
        PathIterator it = shape.getPathIterator(null, flatness);
        Path2D flat = new Path2D.Double(it.getWindingRule());
        flat.append(it, false);
        return flat;
    }

    private static List<LineString> rings(Shape shape, double flatness) {
        List<LineString> rings = new ArrayList<>();
        CoordinateList ring = new CoordinateList();
        Coordinate start = new Coordinate();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null, flatness); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_LINETO) {
                ring.add(new Coordinate(c[0], c[1]), false);
            } else {
                close(ring, rings);
                start = kind == PathIterator.SEG_MOVETO ? new Coordinate(c[0], c[1]) : start;
                ring = new CoordinateList();
                ring.add(start);
            }
        }
        close(ring, rings);
        return rings;
    }

    private static void close(CoordinateList ring, List<LineString> rings) {
        if (ring.size() > 2) {
            ring.closeRing();
            rings.add(FACTORY.createLineString(ring.toCoordinateArray()));
        }
    }
}
