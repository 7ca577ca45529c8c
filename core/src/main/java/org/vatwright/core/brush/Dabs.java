package org.vatwright.core.brush;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Arrays;

import org.vatwright.core.measure.Noise;

/**
 * Where a stroke touches the cloth: by the length gone along its way, so the same at every density.
 */
public final class Dabs {

    /** No stroke leaves more; one that would has them farther apart. */
    static final int MOST = 200_000;
    /** Where a stroke tapers its dabs come nearer to each other, but not without end. */
    private static final double LEAST_SHARE = 0.2;
    private static final int DROPS = 14;
    private static final double DROP_LEAST = 0.02;
    private static final double DROP_MORE = 0.06;
    private static final double MOST_ANGLE = Math.PI;
    private static final long STEP = 0x9E3779B97F4A7C15L;

    private static final Cache<BrushStroke, Dabs> LAST = Caffeine.newBuilder().weakKeys()
            .expireAfterAccess(Duration.ofMinutes(5)).build();

    /** One of them. */
    @FunctionalInterface
    public interface Each {
        /**
         * @param x,y in mm
         * @param half of its longer side in mm
         * @param angle of its longer side in radians, clockwise as seen
         * @param gone mm along the way
         */
        void dab(double x, double y, double half, double angle, double gone);
    }

    private final BrushStroke stroke;
    private double[] x = new double[64];
    private double[] y = new double[64];
    private float[] half = new float[64];
    private float[] angle = new float[64];
    private float[] gone = new float[64];
    private float[] way = new float[64];
    /** -1 to 1, how its ink differs. */
    private float[] shade = new float[64];
    private int count;

    private Dabs(BrushStroke stroke) {
        this.stroke = stroke;
        place();
    }

    /** @return those of a stroke; worked out once as long as it is there */
    public static Dabs of(BrushStroke stroke) {
        return LAST.get(stroke, Dabs::new);
    }

    public int count() {
        return count;
    }

    double x(int i) {
        return x[i];
    }

    double y(int i) {
        return y[i];
    }

    double half(int i) {
        return half[i];
    }

    double angle(int i) {
        return angle[i];
    }

    double gone(int i) {
        return gone[i];
    }

    /** @return which way the hand went there, in radians, clockwise as seen */
    double way(int i) {
        return way[i];
    }

    float shade(int i) {
        return shade[i];
    }

    /** @return whether one of them reaches to a place, or so near to it */
    boolean near(double px, double py, double slack) {
        for (int i = 0; i < count; i++) {
            double far = half[i] + slack;
            double dx = px - x[i];
            double dy = py - y[i];
            if (dx * dx + dy * dy <= far * far) {
                return true;
            }
        }
        return false;
    }

    /** @return how many, from the first on, will most likely stay as they are when the hand goes on */
    int settled() {
        Track track = stroke.track();
        if (track.size() < 3 || count == 0) {
            return 0;
        }
        int last = track.size() - 1;
        double moving = Math.hypot(track.x(last) - track.x(last - 1), track.y(last) - track.y(last - 1))
                + Math.hypot(track.x(last - 1) - track.x(last - 2), track.y(last - 1) - track.y(last - 2))
                + stroke.brush().taper() * stroke.brush().sizeMm();
        int n = count;
        while (n > 0 && gone[n - 1] > gone[count - 1] - moving) {
            n--;
        }
        return n;
    }

    /** @return whether the first so many are the very same as those of another one */
    boolean beginsAs(Dabs other, int first) {
        return first <= count && first <= other.count && Arrays.equals(x, 0, first, other.x, 0, first)
                && Arrays.equals(y, 0, first, other.y, 0, first)
                && Arrays.equals(half, 0, first, other.half, 0, first)
                && Arrays.equals(angle, 0, first, other.angle, 0, first)
                && Arrays.equals(gone, 0, first, other.gone, 0, first)
                && Arrays.equals(shade, 0, first, other.shade, 0, first);
    }

    /** @param each called for each of them, in the order in which the hand left them */
    public void each(Each each) {
        for (int i = 0; i < count; i++) {
            each.dab(x[i], y[i], half[i], angle[i], gone[i]);
        }
    }

    private void place() {
        Brush brush = stroke.brush();
        Track track = stroke.track();
        if (track.size() == 1) {
            touch(0, new Way.Place(track.x(0), track.y(0), 0, 0, track.pressed(0)), 0, 1);
            return;
        }
        Way way = new Way(track);
        Way.Walk walk = way.new Walk();
        double taper = Math.min(brush.taper() * brush.sizeMm(), way.length() / 2);
        double least = way.length() / (MOST / perTouch());
        double s = 0;
        for (int k = 0; s <= way.length() * (1 + 1e-12); k++) {
            Way.Place place = walk.at(s);
            double width = (1 - brush.thins() * (1 - place.pressed())) * tapered(s, taper)
                    * tapered(way.length() - s, taper);
            touch(k, place, s, width);
            s += Math.max(least, brush.spacing() * brush.sizeMm() * Math.max(LEAST_SHARE, width));
        }
    }

    private int perTouch() {
        return stroke.brush().tip() == Tip.SPRAY ? DROPS : 1;
    }

    /** Round at its end, not pointed: a hair lands and lifts in an arc. */
    private static double tapered(double from, double over) {
        if (from >= over) {
            return 1;
        }
        double t = Math.max(0, from) / over;
        return Math.sqrt(t * (2 - t));
    }

    private void touch(int k, Way.Place at, double s, double width) {
        Brush brush = stroke.brush();
        Brush.Jitter jitter = brush.jitter();
        double size = brush.sizeMm() / 2;
        if (brush.tip() == Tip.SPRAY) {
            for (int i = 0; i < DROPS; i++) {
                int n = k * DROPS + i;
                // Evenly over the disc.
                double far = Math.sqrt(chance(n, 0)) * size * width;
                double way = 2 * Math.PI * chance(n, 1);
                double drop = DROP_LEAST + DROP_MORE * Math.pow(chance(n, 2), 3);
                add(at.x() + far * Math.cos(way) + aside(n, 4), at.y() + far * Math.sin(way) + aside(n, 5),
                        size * drop * (1 - jitter.size() * chance(n, 3)), way, way, s, n);
            }
            return;
        }
        double turn = -Math.toRadians(brush.angleDeg()) + jitter.angle() * MOST_ANGLE * (chance(k, 6) - 0.5);
        double way = Math.atan2(at.dy(), at.dx());
        add(at.x() + aside(k, 4), at.y() + aside(k, 5), size * width * (1 - jitter.size() * chance(k, 3)),
                (brush.along() ? way : 0) + turn, way, s, k);
    }

    private double aside(int k, int what) {
        double far = stroke.brush().jitter().place();
        return far == 0 ? 0 : far * stroke.brush().sizeMm() * (2 * chance(k, what) - 1);
    }

    /** @return 0 to 1, for the k-th of them; another one for each thing it is asked for */
    private double chance(int k, int what) {
        return (Noise.mix(stroke.seed() * 31 + STEP * (8L * k + what + 1)) >>> 11) * 0x1p-53;
    }

    private void add(double px, double py, double h, double a, double to, double s, int k) {
        if (count == x.length) {
            x = Arrays.copyOf(x, 2 * count);
            y = Arrays.copyOf(y, 2 * count);
            half = Arrays.copyOf(half, 2 * count);
            angle = Arrays.copyOf(angle, 2 * count);
            gone = Arrays.copyOf(gone, 2 * count);
            way = Arrays.copyOf(way, 2 * count);
            shade = Arrays.copyOf(shade, 2 * count);
        }
        x[count] = px;
        y[count] = py;
        half[count] = (float) h;
        angle[count] = (float) a;
        gone[count] = (float) s;
        way[count] = (float) to;
        shade[count] = (float) (stroke.brush().jitter().ink() * (2 * chance(k, 7) - 1));
        count++;
    }
}
