package org.vatwright.core.motif;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/** Where outlines of different parts run along each other: just on each other, or with a sliver between. */
public record EdgeSight(List<Stretch> stretches) {

    /** Below what a loom, a printer or a cutter can tell apart. */
    private static final double SAME_MM = 0.002;
    /** Wider than this two edges were meant to be apart. */
    private static final double SLIVER_MM = 0.25;
    private static final double FLATNESS_MM = 0.01;
    /** Edges whose directions differ by more do not run along each other (sine). */
    private static final double ALONG = 0.02;
    private static final int MOST_EDGES = 6000;

    /** Part of an edge. @param gapMm 0 where two edges lie on each other, else the width of the sliver */
    public record Stretch(double x0, double y0, double x1, double y1, double gapMm) {
        public boolean doubled() {
            return gapMm == 0;
        }
    }

    private record Edge(int part, double x0, double y0, double x1, double y1) {
        double length() {
            return Math.hypot(x1 - x0, y1 - y0);
        }
    }

    /** @return none for a motif of so many edges that it would take long */
    public static EdgeSight of(Motif motif) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < motif.parts().size(); i++) {
            edges(motif.parts().get(i), i, edges);
        }
        List<Stretch> found = new ArrayList<>();
        if (edges.size() <= MOST_EDGES) {
            for (int i = 0; i < edges.size(); i++) {
                for (int k = i + 1; k < edges.size(); k++) {
                    if (edges.get(i).part() != edges.get(k).part()) {
                        compare(edges.get(i), edges.get(k), found);
                    }
                }
            }
        }
        return new EdgeSight(found);
    }

    private static void edges(Part part, int index, List<Edge> edges) {
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (PathIterator it = part.shape().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double toX = kind == PathIterator.SEG_CLOSE ? startX : c[0];
            double toY = kind == PathIterator.SEG_CLOSE ? startY : c[1];
            if (kind == PathIterator.SEG_MOVETO) {
                startX = toX;
                startY = toY;
            } else if (toX != x || toY != y) {
                edges.add(new Edge(index, x, y, toX, toY));
            }
            x = toX;
            y = toY;
        }
    }

    /** The shared stretch, measured along the first edge, when the second runs along it. */
    private static void compare(Edge a, Edge b, List<Stretch> found) {
        double length = a.length();
        double ux = (a.x1() - a.x0()) / length;
        double uy = (a.y1() - a.y0()) / length;
        double along = Math.abs(((b.x1() - b.x0()) * uy - (b.y1() - b.y0()) * ux) / b.length());
        double from = (b.x0() - a.x0()) * ux + (b.y0() - a.y0()) * uy;
        double to = (b.x1() - a.x0()) * ux + (b.y1() - a.y0()) * uy;
        double start = Math.max(0, Math.min(from, to));
        double end = Math.min(length, Math.max(from, to));
        if (along > ALONG || end - start < 1e-6) {
            return;
        }
        double far = Math.max(Math.abs(off(a, ux, uy, b.x0(), b.y0())), Math.abs(off(a, ux, uy, b.x1(), b.y1())));
        if (far <= SLIVER_MM) {
            found.add(new Stretch(a.x0() + start * ux, a.y0() + start * uy, a.x0() + end * ux, a.y0() + end * uy,
                    far <= SAME_MM ? 0 : far));
        }
    }

    private static double off(Edge a, double ux, double uy, double x, double y) {
        return (x - a.x0()) * uy - (y - a.y0()) * ux;
    }

    /** @return length of edges that lie on each other, in mm */
    public double doubledMm() {
        return stretches.stream().filter(Stretch::doubled).mapToDouble(EdgeSight::length).sum();
    }

    /** @return length of slivers, in mm */
    public double gappedMm() {
        return stretches.stream().filter(s -> !s.doubled()).mapToDouble(EdgeSight::length).sum();
    }

    private static double length(Stretch s) {
        return Math.hypot(s.x1() - s.x0(), s.y1() - s.y0());
    }
}
