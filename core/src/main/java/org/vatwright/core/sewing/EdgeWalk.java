package org.vatwright.core.sewing;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.drape.Place;
import org.vatwright.core.shape.Outline;

/** The longest ring of an outline, walked by length. A share of it is 0 to 1, from where it is drawn from. */
public final class EdgeWalk {

    private static final double FLATNESS_MM = 0.002;

    private final double[] x;
    private final double[] y;
    /** Lengths from the start to each point; the last is all of it. */
    private final double[] s;

    /** Near a place of the outline. @param share of it @param far in mm */
    public record Near(double share, double far) {}

    private EdgeWalk(List<double[]> ring) {
        x = ring.stream().mapToDouble(p -> p[0]).toArray();
        y = ring.stream().mapToDouble(p -> p[1]).toArray();
        s = new double[x.length];
        for (int i = 1; i < x.length; i++) {
            s[i] = s[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
    }

    public static EdgeWalk of(Outline outline) {
        List<EdgeWalk> rings = new ArrayList<>();
        List<double[]> ring = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = outline.path().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                close(ring, rings);
                ring = new ArrayList<>();
            }
            if (kind != PathIterator.SEG_CLOSE) {
                ring.add(new double[]{c[0], c[1]});
            }
        }
        close(ring, rings);
        return rings.stream().reduce((a, b) -> b.length() > a.length() ? b : a)
                .orElseGet(() -> new EdgeWalk(List.of(new double[]{0, 0})));
    }

    private static void close(List<double[]> ring, List<EdgeWalk> rings) {
        if (ring.size() > 1) {
            if (!Arrays.equals(ring.getFirst(), ring.getLast())) {
                ring.add(ring.getFirst());
            }
            rings.add(new EdgeWalk(ring));
        }
    }

    /** @return in mm */
    public double length() {
        return s[s.length - 1];
    }

    /** @param share any number; whole ones are the start */
    public Place at(double share) {
        double along = (share - Math.floor(share)) * length();
        int i = Arrays.binarySearch(s, along);
        i = Math.max(0, Math.min(s.length - 2, i < 0 ? -i - 2 : i));
        double part = s[i + 1] == s[i] ? 0 : (along - s[i]) / (s[i + 1] - s[i]);
        return new Place(x[i] + part * (x[i + 1] - x[i]), y[i] + part * (y[i + 1] - y[i]));
    }

    /** @return which way it goes there, of length 1 */
    double[] way(double share) {
        double step = Math.min(0.01, 0.5 / Math.max(1e-9, length()));
        Place a = at(share - step);
        Place b = at(share + step);
        double far = Math.max(1e-12, a.far(b));
        return new double[]{(b.x() - a.x()) / far, (b.y() - a.y()) / far};
    }

    /** @return the place of it that is nearest to another */
    public Near near(Place p) {
        double best = Double.MAX_VALUE;
        double at = 0;
        for (int i = 0; i + 1 < x.length; i++) {
            double dx = x[i + 1] - x[i];
            double dy = y[i + 1] - y[i];
            double square = dx * dx + dy * dy;
            double t = square == 0
                    ? 0
                    : Math.max(0, Math.min(1, ((p.x() - x[i]) * dx + (p.y() - y[i]) * dy) / square));
            double offX = x[i] + t * dx - p.x();
            double offY = y[i] + t * dy - p.y();
            double far = offX * offX + offY * offY;
            if (far < best) {
                best = far;
                at = s[i] + t * (s[i + 1] - s[i]);
            }
        }
        return new Near(at / length(), Math.sqrt(best));
    }
}
