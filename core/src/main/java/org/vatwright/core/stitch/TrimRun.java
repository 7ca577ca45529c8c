package org.vatwright.core.stitch;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.shape.Outline;

/**
 * Where the repeats of a trim lie along an outline: stretch by stretch between corners, with what is inside of the outline to the right of
 * the way. Lengths are mm.
 *
 * @param repeats in the order of their numbers; those of further rows follow those of the first
 * @param corners where a corner motif is laid
 */
public record TrimRun(List<Stretch> stretches, List<Repeat> repeats, List<Turn> corners) {

    private static final double ROUND_STEPS = 12;
    /** Further ones are left out. */
    public static final int MOST_REPEATS = 20_000;

    /**
     * A stretch of the line.
     *
     * @param x,y,s places and their lengths from its beginning
     * @param begins,ends planes at which it meets its neighbours in a mitre; none where there is no corner
     * @param closed whether it ends where it begins
     * @param times how much repeats are drawn out on it
     */
    public record Stretch(double[] x, double[] y, double[] s, Plane begins, Plane ends, boolean closed, double times) {

        public double length() {
            return s[s.length - 1];
        }

        /** @return place and direction. @param along clamped to the stretch unless it is closed */
        public double[] at(double along) {
            double way = closed
                    ? along - length() * Math.floor(along / length())
                    : Math.max(0, Math.min(length(), along));
            int i = java.util.Arrays.binarySearch(s, way);
            i = Math.max(0, Math.min(s.length - 2, i < 0 ? -i - 2 : i));
            double far = s[i + 1] - s[i];
            double part = far == 0 ? 0 : (way - s[i]) / far;
            double dx = x[i + 1] - x[i];
            double dy = y[i + 1] - y[i];
            double one = Math.max(1e-12, Math.hypot(dx, dy));
            return new double[]{x[i] + part * dx, y[i] + part * dy, dx / one, dy / one};
        }
    }

    /** Places before it, against its normal, belong to the stretch that ends there. */
    public record Plane(double x, double y, double nx, double ny) {

        public double side(double px, double py) {
            return (px - x) * nx + (py - y) * ny;
        }
    }

    /**
     * One repeat.
     *
     * @param stretch number of its stretch
     * @param from,to along it; a cut one ends where its stretch does
     * @param longMm how long all of it would be
     * @param offMm of its middle from the line, to the left
     * @param broadMm across the line
     */
    public record Repeat(int number, int stretch, double from, double to, double longMm, double offMm,
            double broadMm) {}

    /** A corner and the way that leads to it. */
    public record Turn(double x, double y, double dx, double dy) {}

    /** @param ratio of a repeat's length to its breadth */
    public static TrimRun of(Outline outline, TrimForm form, double ratio) {
        List<Stretch> stretches = new ArrayList<>();
        List<Turn> turns = new ArrayList<>();
        for (StitchLine line : Inset.of(outline, form.insetMm())) {
            StitchLine way = line.rightIsInside(outline)
                    .withoutShort(Math.max(1, form.breadthMm() * Math.min(1, ratio) / 2));
            stretches(way, form, ratio, stretches, turns);
        }
        List<Repeat> repeats = new ArrayList<>();
        SplittableRandom chance = new SplittableRandom(form.seed());
        for (int row = 0; row < form.rows(); row++) {
            for (int k = 0; k < stretches.size(); k++) {
                repeats(form, ratio, row, k, stretches.get(k), chance, repeats);
            }
        }
        return new TrimRun(List.copyOf(stretches), List.copyOf(repeats), List.copyOf(turns));
    }

    /** @return by how much repeats are drawn out, the least and the most, 1 for not at all */
    public double[] drawnOut() {
        return new double[]{stretches.stream().mapToDouble(Stretch::times).min().orElse(1),
                stretches.stream().mapToDouble(Stretch::times).max().orElse(1)};
    }

    private static void stretches(StitchLine line, TrimForm form, double ratio, List<Stretch> out, List<Turn> turns) {
        double[][] points = line.points();
        List<Integer> at = line.cornerPlaces();
        boolean cornered = at.size() > 2 || line.closed() && !line.round();
        if (form.corner() == TrimForm.Corner.ROUND && cornered) {
            points = rounded(points, at, line.closed(), form.breadthMm() / 2 * form.rows());
            at = List.of(0, points[0].length - 1);
            cornered = false;
        }
        for (int k = 0; k + 1 < at.size(); k++) {
            int from = at.get(k);
            int to = at.get(k + 1);
            double[] x = java.util.Arrays.copyOfRange(points[0], from, to + 1);
            double[] y = java.util.Arrays.copyOfRange(points[1], from, to + 1);
            boolean first = k == 0 && !line.closed();
            boolean last = k + 2 == at.size() && !line.closed();
            Plane begins = cornered && !first ? plane(points, from, line.closed()) : null;
            Plane ends = cornered && !last ? plane(points, to, line.closed()) : null;
            if (form.corner() == TrimForm.Corner.MOTIF && cornered) {
                double off = form.breadthMm() / 2 * form.rows();
                if (ends != null) {
                    int n = x.length - 1;
                    double far = Math.hypot(x[n] - x[n - 1], y[n] - y[n - 1]);
                    turns.add(new Turn(x[n], y[n], (x[n] - x[n - 1]) / far, (y[n] - y[n - 1]) / far));
                }
                double[][] shorter = shortened(x, y, begins == null ? 0 : off, ends == null ? 0 : off);
                if (shorter[0].length < 2) {
                    continue;
                }
                x = shorter[0];
                y = shorter[1];
                begins = null;
                ends = null;
            }
            double[] s = lengths(x, y);
            boolean closed = !cornered && line.closed();
            double room = s[s.length - 1];
            double step = form.breadthMm() * ratio + form.gapMm();
            double times = form.whole() ? room / (step * Math.max(1, Math.rint(room / step))) : 1;
            out.add(new Stretch(x, y, s, begins, ends, closed, times));
        }
    }

    private static double[] lengths(double[] x, double[] y) {
        double[] s = new double[x.length];
        for (int i = 1; i < x.length; i++) {
            s[i] = s[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return s;
    }

    /** Half way between the ways that lead to a corner and on from it. */
    private static Plane plane(double[][] p, int at, boolean closed) {
        int last = p[0].length - 1;
        int before = at == 0 ? closed ? last - 1 : 0 : at - 1;
        int after = at == last ? closed ? 1 : last : at + 1;
        double ax = p[0][at] - p[0][before];
        double ay = p[1][at] - p[1][before];
        double bx = p[0][after] - p[0][at];
        double by = p[1][after] - p[1][at];
        double a = Math.max(1e-12, Math.hypot(ax, ay));
        double b = Math.max(1e-12, Math.hypot(bx, by));
        return new Plane(p[0][at], p[1][at], ax / a + bx / b, ay / a + by / b);
    }

    private static double[][] shortened(double[] x, double[] y, double atBegin, double atEnd) {
        double[] s = lengths(x, y);
        double from = atBegin;
        double to = s[s.length - 1] - atEnd;
        List<double[]> kept = new ArrayList<>();
        if (to - from < 1e-6) {
            return new double[2][0];
        }
        Stretch whole = new Stretch(x, y, s, null, null, false, 1);
        kept.add(whole.at(from));
        for (int i = 0; i < s.length; i++) {
            if (s[i] > from + 1e-9 && s[i] < to - 1e-9) {
                kept.add(new double[]{x[i], y[i]});
            }
        }
        kept.add(whole.at(to));
        return columns(kept);
    }

    private static double[][] columns(List<double[]> places) {
        return new double[][]{places.stream().mapToDouble(p -> p[0]).toArray(),
                places.stream().mapToDouble(p -> p[1]).toArray()};
    }

    /** Each corner becomes an arc that touches the stretches on both sides, as large as they have room for. */
    private static double[][] rounded(double[][] points, List<Integer> corners, boolean closed, double radius) {
        double[] s = lengths(points[0], points[1]);
        Stretch line = new Stretch(points[0], points[1], s, null, null, closed, 1);
        List<double[]> out = new ArrayList<>();
        int count = corners.size() - 1;
        for (int k = 0; k < count; k++) {
            double from = s[corners.get(k)];
            double to = s[corners.get(k + 1)];
            double cutBegin = closed || k > 0 ? cut(line, from, from, to, radius, closed) : 0;
            double cutEnd = closed || k + 1 < count ? cut(line, to, from, to, radius, closed) : 0;
            for (double[] p : stretch(line, s, from + cutBegin, to - cutEnd)) {
                out.add(p);
            }
            if (cutEnd > 0) {
                double next = s[corners.get(k + 1 < count ? k + 1 : 0)];
                double nextTo = s[corners.get(k + 1 < count ? k + 2 : 1)];
                arc(line.at(to - cutEnd), line.at(Math.min(to, s[s.length - 1] - 1e-12)),
                        line.at(next + cut(line, next, next, nextTo, radius, closed)), out);
            }
        }
        if (closed) {
            out.add(out.getFirst());
        }
        return columns(out);
    }

    /** @return how much of a stretch an arc takes at its end. @param at the corner */
    private static double cut(Stretch line, double at, double from, double to, double radius, boolean closed) {
        double all = line.length();
        double[] before = line.at(closed ? at - 1e-6 : Math.max(0, at - 1e-6));
        double[] after = line.at(closed ? at + 1e-6 : Math.min(all, at + 1e-6));
        double turn = Math.abs(Math.atan2(before[2] * after[3] - before[3] * after[2],
                before[2] * after[2] + before[3] * after[3]));
        return Math.min(radius * Math.tan(Math.min(1.5, turn / 2)), 0.45 * (to - from));
    }

    private static List<double[]> stretch(Stretch line, double[] s, double from, double to) {
        List<double[]> out = new ArrayList<>(List.of(line.at(from)));
        for (int i = 0; i < s.length; i++) {
            if (s[i] > from + 1e-9 && s[i] < to - 1e-9) {
                out.add(new double[]{line.x()[i], line.y()[i]});
            }
        }
        out.add(line.at(to));
        return out;
    }

    private static void arc(double[] from, double[] corner, double[] to, List<double[]> out) {
        for (int i = 1; i < ROUND_STEPS; i++) {
            double t = i / ROUND_STEPS;
            double u = 1 - t;
            out.add(new double[]{u * u * from[0] + 2 * u * t * corner[0] + t * t * to[0],
                    u * u * from[1] + 2 * u * t * corner[1] + t * t * to[1]});
        }
    }

    private static void repeats(TrimForm form, double ratio, int row, int k, Stretch stretch, SplittableRandom chance,
            List<Repeat> out) {
        double room = stretch.length();
        double step = (form.breadthMm() * ratio + form.gapMm()) * stretch.times();
        int count = (int) Math.min(MOST_REPEATS,
                form.whole() ? Math.max(1, Math.rint(room / step)) : Math.ceil(room / step - 1e-9));
        double[] sizes = new double[count];
        double[] gaps = new double[count];
        double sum = 0;
        for (int i = 0; i < count; i++) {
            sizes[i] = 1 + form.sizeVary() * (2 * chance.nextDouble() - 1);
            gaps[i] = 1 + form.gapVary() * (2 * chance.nextDouble() - 1);
            sum += form.breadthMm() * ratio * sizes[i] + form.gapMm() * gaps[i];
        }
        // Unlike ones fill the stretch all together as like ones would.
        double times = form.whole() ? room / sum : 1;
        double shift = row * form.rowShift() * step;
        double at = form.gapMm() * times / 2 + shift - (stretch.closed() ? 0 : step * Math.floor(shift / step));
        int before = !stretch.closed() && at - step * 0.5 > form.gapMm() ? 1 : 0;
        at -= before * step;
        double off = ((form.rows() - 1) / 2.0 - row) * form.breadthMm();
        for (int i = 0; i < count + before && out.size() < MOST_REPEATS; i++) {
            int one = i % count;
            int number = out.size();
            TrimForm.Touch touch = form.touch(number);
            double full = form.breadthMm() * ratio * sizes[one] * times;
            double middle = at + full / 2 + touch.slideMm();
            double longMm = full * touch.size();
            double broad = form.breadthMm() * sizes[one] * touch.size();
            double from = middle - longMm / 2;
            double to = middle + longMm / 2;
            if (!touch.out()) {
                out.add(new Repeat(number, k, from, to, longMm, off, broad));
            } else {
                out.add(new Repeat(number, k, from, from, longMm, off, broad));
            }
            at += full + form.gapMm() * gaps[one] * times;
        }
    }

    /** @return in words how many repeats there are and by how much they are drawn out */
    public String told() {
        String count = seen().size() + " repeats";
        String least = percent(drawnOut()[0]);
        String most = percent(drawnOut()[1]);
        if (least.equals("0") && most.equals("0")) {
            return count;
        }
        return least.equals(most)
                ? "%s, drawn out %s %%".formatted(count, least)
                : "%s, drawn out %s to %s %%".formatted(count, least, most);
    }

    private static String percent(double times) {
        double percent = Math.rint(1000 * (times - 1)) / 10;
        return percent == 0 ? "0" : (percent > 0 ? "+" : "") + Numbers.plain(percent, 1);
    }

    /** @return the middle of a repeat, also of one that is left out */
    public Optional<double[]> middle(int number) {
        return repeats.stream().filter(r -> r.number() == number).findFirst().map(this::middle);
    }

    /** @return the number of the repeat that lies there, -1 for none */
    public int at(double x, double y) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (Repeat r : repeats) {
            double[] p = middle(r);
            double far = Math.hypot(x - p[0], y - p[1]);
            if (far < least && far < Math.max(r.longMm(), r.broadMm()) * 0.6) {
                least = far;
                best = r.number();
            }
        }
        return best;
    }

    private double[] middle(Repeat r) {
        double[] at = stretches.get(r.stretch()).at(r.from() + r.longMm() / 2);
        return new double[]{at[0] + r.offMm() * at[3], at[1] - r.offMm() * at[2]};
    }

    /** @return the repeats that are seen */
    public List<Repeat> seen() {
        List<Repeat> all = new ArrayList<>(repeats);
        all.removeIf(r -> r.to() <= r.from());
        return Collections.unmodifiableList(all);
    }
}
