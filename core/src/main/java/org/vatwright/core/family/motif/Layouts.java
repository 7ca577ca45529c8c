package org.vatwright.core.family.motif;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.vatwright.core.motif.Motif;

import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;

/** Motifs in rows and on rings. */
final class Layouts {

    private static final double FLATNESS_MM = 0.005;

    private Layouts() {}

    static List<Instance> rows(List<Motif> motifs, Placing.Rows rows, Repeat repeat) {
        double w = repeat.widthMm() / rows.across();
        double h = repeat.heightMm() / rows.down();
        List<Instance> all = new ArrayList<>();
        for (int row = 0; row < rows.down(); row++) {
            for (int column = 0; column < rows.across(); column++) {
                double x = (column + 0.5 + rows.arrangement().shift(row)) * w;
                double y = (row + 0.5 + rows.arrangement().drop(column)) * h;
                all.add(nth(motifs, row * rows.across() + column, x, y, rows.turnStep() * (row + column))
                        .withFlip(rows.flipEverySecond() && (row + column) % 2 == 1));
            }
        }
        return all;
    }

    private static Instance nth(List<Motif> motifs, int n, double x, double y, double turn) {
        return new Instance(motifs.get(n % motifs.size()).id(), x, y).withTurnDeg(turn);
    }

    static List<Instance> along(List<Motif> motifs, Placing.Along along, Repeat repeat) {
        List<double[]> points = new ArrayList<>();
        double[] c = new double[6];
        double[] start = {0, 0};
        for (PathIterator it = along.line().path().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> {
                    if (points.isEmpty()) {
                        start = new double[]{c[0], c[1]};
                        points.add(start);
                    }
                }
                case PathIterator.SEG_LINETO -> points.add(new double[]{c[0], c[1]});
                default -> points.add(start);
            }
        }
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += far(points, i);
        }
        List<Instance> all = new ArrayList<>();
        if (length == 0) {
            return all;
        }
        double step = length / (meets(points, repeat) || along.count() == 1 ? along.count() : along.count() - 1);
        int segment = 1;
        double passed = 0;
        for (int n = 0; n < along.count(); n++) {
            double at = Math.min(length, (n + along.startShare()) * step);
            while (segment < points.size() - 1 && passed + far(points, segment) < at) {
                passed += far(points, segment++);
            }
            double[] a = points.get(segment - 1);
            double[] b = points.get(segment);
            double far = Math.max(1e-12, far(points, segment));
            double t = (at - passed) / far;
            double ux = (b[0] - a[0]) / far;
            double uy = (b[1] - a[1]) / far;
            // To the left as one goes, y down.
            double x = a[0] + t * (b[0] - a[0]) + along.asideMm() * uy;
            double y = a[1] + t * (b[1] - a[1]) - along.asideMm() * ux;
            all.add(nth(motifs, n, x, y, along.turned() ? -Math.toDegrees(Math.atan2(uy, ux)) : 0));
        }
        return all;
    }

    private static double far(List<double[]> points, int i) {
        return Math.hypot(points.get(i)[0] - points.get(i - 1)[0], points.get(i)[1] - points.get(i - 1)[1]);
    }

    /** Whether a line's ends are the same place of the endless cloth. */
    private static boolean meets(List<double[]> points, Repeat repeat) {
        double dx = points.getLast()[0] - points.getFirst()[0];
        double dy = points.getLast()[1] - points.getFirst()[1];
        return Lattice.of(repeat).holds(dx, dy);
    }

    static List<Instance> rings(List<Motif> motifs, Placing.Rings rings, Repeat repeat) {
        List<Instance> all = new ArrayList<>();
        for (int ring = 0; ring < rings.rings(); ring++) {
            int count = rings.first() + ring * rings.more();
            double r = rings.radiusMm() + ring * rings.stepMm();
            for (int i = 0; i < count; i++) {
                double a = 360.0 * i / count;
                double x = repeat.widthMm() / 2 + r * Math.sin(Math.toRadians(a));
                double y = repeat.heightMm() / 2 - r * Math.cos(Math.toRadians(a));
                all.add(nth(motifs, i + ring, x, y, rings.outward() ? -a : 0));
            }
        }
        return all;
    }
}
