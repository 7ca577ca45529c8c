package org.vatwright.core.family.stripe;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.band.BandEdges;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Spine;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Tile;

/**
 * Stripes as shapes. Each band reaches on under the next one, so that a renderer that softens edges shows no gap between
 * them; a feather is drawn as steps, a straying edge as a fine line.
 */
final class StripeOutlines {

    private static final int MOST_FEATHER_STEPS = 24;
    private static final double FEATHER_STEP_MM = 0.05;
    /** Points of a straying edge for each of its finest waves. */
    private static final int POINTS = 8;
    private static final double SPARE_MM = 1;
    private static final int STRAIGHT = -1;

    private final Stripes stripes;
    private final Waves waves;
    private final BandEdges edges;
    /** The direction of the run, and the stretch across it that covers the tile. */
    private final double nx;
    private final double ny;
    private final double least;
    private final double most;
    private final List<VectorMark> marks = new ArrayList<>();
    private double points;

    private StripeOutlines(Stripes stripes, Tile tile) {
        this.stripes = stripes;
        waves = Waves.of(stripes, tile);
        edges = new BandEdges(stripes.run(), stripes.measure().mm() * waves.bandScale(stripes));
        nx = waves.across() / waves.tileWidthMm() * waves.periodMm();
        ny = -waves.down() / waves.tileHeightMm() * waves.periodMm();
        least = Math.min(0, -ny * waves.tileWidthMm()) + Math.min(0, nx * waves.tileHeightMm()) - SPARE_MM;
        most = Math.max(0, -ny * waves.tileWidthMm()) + Math.max(0, nx * waves.tileHeightMm()) + SPARE_MM;
    }

    static List<VectorMark> of(Stripes stripes, Tile tile) {
        return new StripeOutlines(stripes, tile).all();
    }

    private List<VectorMark> all() {
        double first = Math.min(0, nx * waves.tileWidthMm()) + Math.min(0, ny * waves.tileHeightMm());
        double last = Math.max(0, nx * waves.tileWidthMm()) + Math.max(0, ny * waves.tileHeightMm());
        int n = edges.count();
        for (double turn = Math.floor(first / edges.period()) - 1; turn * edges.period() <= last; turn++) {
            for (int i = 0; i < n; i++) {
                double from = turn * edges.period() + edges.start(i);
                double to = turn * edges.period() + edges.end(i);
                if (to + edges.period() > first && from - edges.period() < last) {
                    feather(i, from);
                    band(i, from, to);
                }
            }
        }
        return marks;
    }

    private Ink ink(int i) {
        return stripes.run().bands().get(edges.band(Math.floorMod(i, edges.count()))).ink();
    }

    private void feather(int i, double at) {
        double breadth = edges.feather(i);
        if (breadth == 0) {
            return;
        }
        boolean overlap = !(ink(i - 1) instanceof Ink.Clear) && !(ink(i) instanceof Ink.Clear);
        int steps = (int) Math.max(4, Math.min(MOST_FEATHER_STEPS, breadth / FEATHER_STEP_MM));
        double step = breadth / steps;
        int before = Math.floorMod(i - 1, edges.count());
        Spine middle = ink(i - 1) instanceof Ink.Filled
                ? middle(at - (edges.end(before) - edges.start(before)), at)
                : middle(at, at + edges.end(i) - edges.start(i));
        for (int s = 0; s < steps; s++) {
            double from = at - breadth / 2 + s * step;
            double to = overlap ? at + breadth / 2 + step : from + step;
            marks.add(new VectorMark(between(from, i, to, i), ink(i - 1), ink(i), (s + 0.5) / steps).along(middle));
        }
    }

    private void band(int i, double from, double to) {
        if (ink(i) instanceof Ink.Clear) {
            return;
        }
        int next = (i + 1) % edges.count();
        boolean open = ink(next) instanceof Ink.Clear;
        double begin = from + edges.feather(i) / 2;
        double end = open ? to - edges.feather(next) / 2 : to + (edges.end(next) - edges.start(next)) / 2;
        marks.add(new VectorMark(between(begin, i, end, open ? next : STRAIGHT), ink(i)).along(middle(from, to)));
    }

    /** The line amid a band; on its right lies what comes later in the run. */
    private Spine middle(double from, double to) {
        double u = (from + to) / 2;
        return new Spine(new double[]{u * nx - most * ny, u * nx - least * ny},
                new double[]{u * ny + most * nx, u * ny + least * nx}, Math.max(1e-6, (to - from) / 2));
    }

    /** The stretch between two lines across the run; each strays as its edge does, or is {@link #STRAIGHT}. */
    private Path2D between(double from, int edgeFrom, double to, int edgeTo) {
        Path2D path = new Path2D.Double();
        line(path, from, edgeFrom, 1);
        line(path, to, edgeTo, -1);
        path.closePath();
        return path;
    }

    private void line(Path2D path, double u, int edge, int direction) {
        boolean strays = edge != STRAIGHT && edges.wobble(edge) > 0;
        int steps = strays ? (int) Math.ceil((most - least) * 3 * POINTS / edges.wobbleLength(edge)) : 1;
        points += steps;
        VectorMark.checkPoints(points);
        for (int k = 0; k <= steps; k++) {
            double share = (double) (direction > 0 ? k : steps - k) / steps;
            double s = least + share * (most - least);
            double at = u;
            // The painter asks for the stray where the edge ends up, not where it started from.
            for (int pass = 0; strays && pass < 3; pass++) {
                at = u - stray(edge, at, s);
            }
            double x = at * nx - s * ny;
            double y = at * ny + s * nx;
            if (path.getCurrentPoint() == null) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
    }

    private double stray(int edge, double u, double s) {
        return StripePainter.stray(edges, waves, stripes.seed(), edge, (u * nx - s * ny) / waves.tileWidthMm(),
                (u * ny + s * nx) / waves.tileHeightMm());
    }
}
