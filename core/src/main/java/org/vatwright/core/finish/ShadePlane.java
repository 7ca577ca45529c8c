package org.vatwright.core.finish;

import java.util.Arrays;
import java.util.List;

import org.vatwright.core.drape.Place;

/**
 * A stroke of shading in pixels: of each the nearest place of the line, from which follows how light or dark it is. Stretches are
 * added one after the other, as a hand draws them; each touches only the pixels around itself.
 */
public final class ShadePlane {

    /** Light comes from the upper left, as on reliefs and threads. */
    private static final double LIGHT_X = -Math.sqrt(0.5);
    private static final double LIGHT_Y = -Math.sqrt(0.5);
    /** A line that turns by more than this sine from the light has one flank wholly lit. */
    private static final double CLEARLY = 0.4;
    private static final double[] DOWN = {0, 1};
    private static final int SEED = 0x9E3779B9;

    private final ShadeStroke how;
    private final double pxPerMm;
    private final double reach;
    private final int left;
    private final int top;
    private final int width;
    private final int height;
    /** Of each pixel the distance to the line, and where on it that is; the side by its sign. */
    private final float[] off;
    private final float[] along;
    /** Of the whole stroke: lengths at which its stretches begin, and where each leads. */
    private final double[] lengths;
    private final double[][] ways;
    private final double[] sines;
    private double length;
    private Place last;

    /** A rectangle of pixels. @param right,bottom excluded */
    public record Area(int left, int top, int right, int bottom) {
        public boolean isEmpty() {
            return right <= left || bottom <= top;
        }
    }

    /** Nothing drawn yet. @param how its points do not matter @param within what is looked at, in pixels of the article */
    public ShadePlane(ShadeStroke how, double pxPerMm, Area within) {
        this.how = how;
        this.pxPerMm = pxPerMm;
        reach = reach(how, pxPerMm);
        left = within.left();
        top = within.top();
        width = Math.max(0, within.right() - within.left());
        height = Math.max(0, within.bottom() - within.top());
        off = new float[width * height];
        along = new float[width * height];
        Arrays.fill(off, Float.MAX_VALUE);
        List<Place> points = how.points();
        lengths = new double[points.size()];
        ways = new double[points.size() - 1][];
        sines = new double[ways.length];
        for (int i = 1; i < points.size(); i++) {
            lengths[i] = lengths[i - 1] + points.get(i).far(points.get(i - 1)) * pxPerMm;
            ways[i - 1] = new double[]{points.get(i).x() - points.get(i - 1).x(),
                    points.get(i).y() - points.get(i - 1).y()};
            sines[i - 1] = sine(ways[i - 1]);
        }
    }

    private static double reach(ShadeStroke how, double pxPerMm) {
        return pxPerMm * (how.kind() == ShadeStroke.Kind.GATHER ? how.widthMm() : how.widthMm() / 2);
    }

    /** @return all of a stroke. @param within what is looked at */
    public static ShadePlane of(ShadeStroke how, double pxPerMm, Area within) {
        ShadePlane plane = new ShadePlane(how, pxPerMm, touched(how, how.points(), pxPerMm, within));
        how.points().forEach(plane::to);
        return plane;
    }

    private static Area touched(ShadeStroke how, List<Place> points, double pxPerMm, Area within) {
        double reach = reach(how, pxPerMm) + 1;
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        for (Place p : points) {
            minX = Math.min(minX, p.x());
            minY = Math.min(minY, p.y());
            maxX = Math.max(maxX, p.x());
            maxY = Math.max(maxY, p.y());
        }
        return new Area((int) Math.max(within.left(), Math.floor(minX * pxPerMm - reach)),
                (int) Math.max(within.top(), Math.floor(minY * pxPerMm - reach)),
                (int) Math.min(within.right(), Math.ceil(maxX * pxPerMm + reach)),
                (int) Math.min(within.bottom(), Math.ceil(maxY * pxPerMm + reach)));
    }

    public Area area() {
        return new Area(left, top, left + width, top + height);
    }

    /** Draws on to a place. @return the pixels that may have changed */
    public Area to(Place next) {
        Place from = last == null ? next : last;
        Area area = touched(how, List.of(from, next), pxPerMm, area());
        double ax = from.x() * pxPerMm;
        double ay = from.y() * pxPerMm;
        double dx = next.x() * pxPerMm - ax;
        double dy = next.y() * pxPerMm - ay;
        double square = dx * dx + dy * dy;
        double far = Math.sqrt(square);
        for (int y = area.top(); y < area.bottom(); y++) {
            for (int x = area.left(); x < area.right(); x++) {
                double px = x + 0.5 - ax;
                double py = y + 0.5 - ay;
                double share = square == 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / square));
                double offX = px - share * dx;
                double offY = py - share * dy;
                int i = (y - top) * width + x - left;
                // Most pixels lie nearer to another stretch: no root is drawn for them.
                if (offX * offX + offY * offY < (double) off[i] * off[i]) {
                    double d = Math.sqrt(offX * offX + offY * offY);
                    // Left of the way, as seen, counts above 0.
                    off[i] = (float) (px * dy - py * dx < 0 ? -d : d);
                    along[i] = (float) (length + share * far);
                }
            }
        }
        length += far;
        last = next;
        return area;
    }

    /**
     * @return how much light (above 0) or dark (below 0) falls on a pixel, -1 to 1, at full strength. @param x,y in pixels of the
     *         article, within the area
     */
    public double at(int x, int y) {
        int i = (y - top) * width + x - left;
        double d = off[i] / reach;
        if (Math.abs(d) >= 1) {
            return 0;
        }
        return switch (how.kind()) {
            case LIGHT -> flat(Math.abs(d));
            case DARK -> -flat(Math.abs(d));
            case FOLD -> fold(d, along[i]);
            case GATHER -> gather(d, along[i]);
            case EDGE -> edge(d);
        };
    }

    private double flat(double d) {
        double core = 1 - how.soft();
        return 1 - smooth(Math.max(0, core - 0.5 / reach), Math.max(core + 0.5 / reach, 1), d);
    }

    private static double smooth(double from, double to, double x) {
        double t = Math.max(0, Math.min(1, (x - from) / (to - from)));
        return t * t * (3 - 2 * t);
    }

    /** A ridge: one flank turns to the light, the other away; it runs out at both ends. */
    private double fold(double d, double s) {
        double share = length == 0 ? 0.5 : s / length;
        double wide = Math.pow(Math.sin(Math.PI * Math.max(0.001, Math.min(0.999, share))), 0.6);
        double at = Math.abs(d) / wide;
        if (at >= 1) {
            return 0;
        }
        double ridge = 0.10 + 0.16 * how.soft();
        double flank = smooth(0, ridge, at) * (1 - smooth(ridge, 1, at)) * Math.min(1, 1.6 * wide);
        // Along the light both flanks are lit alike: there one side's turn to be lit passes to the other.
        double facing = facing(s);
        double turned = flank * Math.min(1, Math.abs(facing) / CLEARLY);
        return (d > 0) == (facing > 0) ? 0.75 * turned : -turned;
    }

    /**
     * @return the sine of the angle from the line to the light, above 0 where its left flank is lit; it changes evenly from the
     *         middle of each stretch to that of the next. @param s in pixels
     */
    private double facing(double s) {
        if (ways.length == 0) {
            return sine(DOWN);
        }
        int i = stretch(s);
        double middle = (lengths[i] + lengths[i + 1]) / 2;
        int next = Math.max(0, Math.min(ways.length - 1, s < middle ? i - 1 : i + 1));
        double far = Math.abs((lengths[next] + lengths[next + 1]) / 2 - middle);
        double share = far == 0 ? 0 : Math.abs(s - middle) / far;
        return sines[i] + share * (sines[next] - sines[i]);
    }

    private static double sine(double[] way) {
        double long1 = Math.hypot(way[0], way[1]) * Math.hypot(LIGHT_X, LIGHT_Y);
        return long1 == 0 ? 0 : (way[1] * LIGHT_X - way[0] * LIGHT_Y) / long1;
    }

    /** @return the direction of the line there. @param s in pixels */
    private double[] way(double s) {
        return ways.length == 0 ? DOWN : ways[stretch(s)];
    }

    private int stretch(double s) {
        int i = Arrays.binarySearch(lengths, s);
        return Math.max(0, Math.min(ways.length - 1, i < 0 ? -i - 2 : i));
    }

    /** Small folds that hang from the line, each as long as chance has it. */
    private double gather(double d, double s) {
        double[] way = way(s);
        boolean lower = way[0] == 0 ? d < 0 : d > 0 == way[0] < 0;
        if (!lower || length == 0) {
            return 0;
        }
        int count = (int) Math.max(2, Math.rint(length / (0.28 * reach)));
        double place = s / length * count;
        int fold = (int) Math.min(count - 1, place);
        double from = place - fold;
        double long1 = 0.45 + 0.55 * chance(fold);
        double at = Math.abs(d) / long1;
        if (at >= 1) {
            return 0;
        }
        double grow = smooth(0, 0.08, at) * (1 - smooth(0.15, 1, at));
        double wave = Math.sin(2 * Math.PI * from);
        return grow * (wave > 0 ? 0.7 * wave : wave);
    }

    private static double chance(int n) {
        int h = (n + 1) * SEED;
        h ^= h >>> 15;
        h *= 0x85EBCA6B;
        h ^= h >>> 13;
        return (h >>> 8) / (double) (1 << 24);
    }

    /** Cloth bends over the line: it catches light just before, and falls away dark beyond. */
    private double edge(double d) {
        double[] way = way(0);
        boolean lit = d > 0 == way[1] * LIGHT_X - way[0] * LIGHT_Y > 0;
        double at = Math.abs(d);
        double near = 0.06 + 0.2 * how.soft();
        return lit
                ? 0.6 * smooth(0, near, at) * (1 - smooth(near, 0.7, at))
                : -smooth(0, near, at) * (1 - smooth(near, 1, at));
    }

    /**
     * @return the black or white that a pixel lets through, premultiplied. @param share of its strength, 0 to 1
     */
    public static int argb(double value, double share) {
        int alpha = (int) Math.round(255 * Math.min(1, Math.abs(value) * share));
        return value > 0 ? alpha * 0x01010101 : alpha << 24;
    }
}
