package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;

/** What of a drape is seen on the cloth: its lines, and the points that a hand takes. */
final class DrapeLines {

    private static final int STEPS = 8;
    private static final int ARC = 18;

    private DrapeLines() {}

    static List<List<Place>> lines(Drape drape) {
        List<List<Place>> all = new ArrayList<>();
        switch (drape) {
            case Mesh m -> {
                for (int row = 0; row <= m.rows(); row++) {
                    double t = (double) row / m.rows();
                    all.add(run(m.columns() * STEPS, s -> m.seen(s, t)));
                }
                for (int column = 0; column <= m.columns(); column++) {
                    double s = (double) column / m.columns();
                    all.add(run(m.rows() * STEPS, t -> m.seen(s, t)));
                }
            }
            case Panel p -> {
                for (int i = 0; i < 4; i++) {
                    all.add(List.of(p.corners().get(i), p.corners().get((i + 1) % 4)));
                }
                all.add(List.of(p.corners().get(0), p.corners().get(2)));
                all.add(List.of(p.corners().get(1), p.corners().get(3)));
            }
            case Round r -> {
                all.add(List.of(r.start(), r.end()));
                all.add(List.of(side(r, false, 1), side(r, true, 1)));
                all.add(List.of(side(r, false, -1), side(r, true, -1)));
                for (boolean end : new boolean[]{false, true}) {
                    all.add(run(ARC, s -> rim(r, end, Math.toRadians(180 * s - 90))));
                }
            }
            case Along a -> all.add(run((a.points().size() - 1) * STEPS, a::seen));
        }
        return all;
    }

    /** @return the points in the order of the drape's own; of a round one the ends of its axis and a side of each */
    static List<Place> points(Drape drape) {
        return switch (drape) {
            case Mesh m -> m.points();
            case Panel p -> p.corners();
            case Round r -> List.of(r.start(), r.end(), side(r, false, 1), side(r, true, 1), hang(r));
            case Along a -> a.points();
        };
    }

    /** @return with a point elsewhere */
    static Drape moved(Drape drape, int point, Place to) {
        return switch (drape) {
            case Mesh m -> {
                List<Place> points = new ArrayList<>(m.points());
                points.set(point, to);
                yield m.withPoints(points);
            }
            case Panel p -> p.withCorner(point, to);
            case Round r -> switch (point) {
                case 0 -> r.withStart(to);
                case 1 -> r.withEnd(to);
                case 2 -> r.withHalfMm(Math.max(1, off(r, to)));
                case 3 -> r.withEndHalfMm(Math.max(1, off(r, to)));
                default -> r.withSagMm(ArticleGrips.clean(along(r, to) - r.start().far(r.end()) / 2));
            };
            case Along a -> {
                List<Place> points = new ArrayList<>(a.points());
                points.set(point, to);
                yield a.withPoints(points);
            }
        };
    }

    private static List<Place> run(int steps, java.util.function.DoubleFunction<Place> at) {
        List<Place> run = new ArrayList<>();
        for (int k = 0; k <= steps; k++) {
            run.add(at.apply((double) k / steps));
        }
        return run;
    }

    private static double[] way(Round r) {
        double far = r.start().far(r.end());
        return new double[]{(r.end().x() - r.start().x()) / far, (r.end().y() - r.start().y()) / far};
    }

    private static double off(Round r, Place p) {
        double[] way = way(r);
        return ArticleGrips.clean(Math.abs((p.x() - r.start().x()) * way[1] - (p.y() - r.start().y()) * way[0]));
    }

    private static double along(Round r, Place p) {
        double[] way = way(r);
        return (p.x() - r.start().x()) * way[0] + (p.y() - r.start().y()) * way[1];
    }

    private static Place side(Round r, boolean end, int sign) {
        double[] way = way(r);
        double half = sign * (end ? r.endHalfMm() : r.halfMm());
        Place from = end ? r.end() : r.start();
        return from.moved(way[1] * half, -way[0] * half);
    }

    /** Half way along the axis, where a line around it hangs to. */
    private static Place hang(Round r) {
        double[] way = way(r);
        double along = r.start().far(r.end()) / 2 + r.sagMm();
        return r.start().moved(way[0] * along, way[1] * along);
    }

    private static Place rim(Round r, boolean end, double angle) {
        double[] way = way(r);
        double half = (end ? r.endHalfMm() : r.halfMm()) * Math.sin(angle);
        double sag = r.sagMm() * Math.cos(angle);
        Place from = end ? r.end() : r.start();
        return from.moved(way[1] * half + way[0] * sag, -way[0] * half + way[1] * sag);
    }
}
