package org.vatwright.core.pattern;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * The middle of a mark that is a line, for what runs along it or across it: points close together, in mm, over one period of
 * the line or its whole length. Not changed after it is made.
 */
public final class Spine {

    /** Stretches that are passed over together where none of them can be the nearest. */
    private static final int BLOCK = 16;

    private final double[] x;
    private final double[] y;
    private final double[] way;
    private final double half;
    private final double[] blockX;
    private final double[] blockY;
    private final double[] blockReach;
    /** From where the line is to where its points are: a line laid many times shares them. */
    private final AffineTransform back;

    /** @param half half the line's thickness, in mm */
    public Spine(double[] x, double[] y, double half) {
        Require.within("points of a line", x.length, 2, 1_000_000);
        this.x = x.clone();
        this.y = y.clone();
        this.half = half;
        way = new double[x.length];
        for (int i = 1; i < x.length; i++) {
            way[i] = way[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        int blocks = (x.length - 2) / BLOCK + 1;
        blockX = new double[blocks];
        blockY = new double[blocks];
        blockReach = new double[blocks];
        for (int b = 0; b < blocks; b++) {
            int from = b * BLOCK;
            int to = Math.min(x.length - 1, from + BLOCK);
            int middle = (from + to) / 2;
            blockX[b] = x[middle];
            blockY[b] = y[middle];
            for (int i = from; i <= to; i++) {
                blockReach[b] = Math.max(blockReach[b], Math.hypot(x[i] - x[middle], y[i] - y[middle]));
            }
        }
        back = new AffineTransform();
    }

    private Spine(Spine of, AffineTransform back) {
        x = of.x;
        y = of.y;
        way = of.way;
        half = of.half;
        blockX = of.blockX;
        blockY = of.blockY;
        blockReach = of.blockReach;
        this.back = back;
    }

    /** @return as it is where its points are */
    public double lengthMm() {
        return way[way.length - 1];
    }

    /** @throws Refusal when the move leaves it no length */
    public Spine moved(AffineTransform by) {
        try {
            AffineTransform there = new AffineTransform(back);
            there.concatenate(by.createInverse());
            return new Spine(this, there);
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a line cannot be scaled to nothing", e);
        }
    }

    /** @param along,across as the methods of these names tell them @return the place, in mm */
    public double[] point(double along, double across) {
        double wanted = Math.max(0, Math.min(1, along)) * lengthMm();
        int i = 0;
        while (i < x.length - 2 && way[i + 1] < wanted) {
            i++;
        }
        double span = way[i + 1] - way[i];
        double t = span == 0 ? 0 : (wanted - way[i]) / span;
        double dx = x[i + 1] - x[i];
        double dy = y[i + 1] - y[i];
        double off = span == 0 ? 0 : (across - 0.5) * 2 * half / span;
        double[] at = {x[i] + t * dx - off * dy, y[i] + t * dy + off * dx};
        try {
            back.inverseTransform(at, 0, at, 0, 1);
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a line cannot be scaled to nothing", e);
        }
        return at;
    }

    /** @return how far a place is along the line, 0 to 1 */
    public double along(double placeX, double placeY) {
        double px = ownX(placeX, placeY);
        double py = ownY(placeX, placeY);
        int i = nearest(px, py);
        return (way[i] + on(i, px, py) * (way[i + 1] - way[i])) / lengthMm();
    }

    /** @return where a place is across the line, 0 at its left edge to 1 at its right */
    public double across(double placeX, double placeY) {
        double px = ownX(placeX, placeY);
        double py = ownY(placeX, placeY);
        int i = nearest(px, py);
        double side = (x[i + 1] - x[i]) * (py - y[i]) - (y[i + 1] - y[i]) * (px - x[i]);
        return 0.5 + Math.copySign(Math.sqrt(squared(i, px, py)), side) / (2 * half);
    }

    private double ownX(double placeX, double placeY) {
        return back.getScaleX() * placeX + back.getShearX() * placeY + back.getTranslateX();
    }

    private double ownY(double placeX, double placeY) {
        return back.getShearY() * placeX + back.getScaleY() * placeY + back.getTranslateY();
    }

    /** @return how far on a stretch the nearest of its places is, 0 to 1 */
    private double on(int i, double px, double py) {
        double dx = x[i + 1] - x[i];
        double dy = y[i + 1] - y[i];
        double squared = dx * dx + dy * dy;
        return squared == 0 ? 0 : Math.max(0, Math.min(1, ((px - x[i]) * dx + (py - y[i]) * dy) / squared));
    }

    private double squared(int i, double px, double py) {
        double on = on(i, px, py);
        double offX = px - x[i] - on * (x[i + 1] - x[i]);
        double offY = py - y[i] - on * (y[i + 1] - y[i]);
        return offX * offX + offY * offY;
    }

    /** @return the number of the nearest stretch */
    private int nearest(double px, double py) {
        double least = Double.MAX_VALUE;
        int nearest = 0;
        for (int b = 0; b < blockX.length; b++) {
            double far = Math.hypot(px - blockX[b], py - blockY[b]) - blockReach[b];
            if (far > 0 && far * far >= least) {
                continue;
            }
            int end = Math.min(x.length - 1, (b + 1) * BLOCK);
            for (int i = b * BLOCK; i < end; i++) {
                double squared = squared(i, px, py);
                if (squared < least) {
                    least = squared;
                    nearest = i;
                }
            }
        }
        return nearest;
    }
}
