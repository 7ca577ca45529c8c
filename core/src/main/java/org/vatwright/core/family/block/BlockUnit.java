package org.vatwright.core.family.block;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Fraction;
import org.vatwright.core.repeat.Lattice;

/**
 * The blocks of a bond that recur by its lattice, in mm, y down: their places with half a joint all around, so that the
 * places fill the plane.
 *
 * @param courses rows of blocks in it
 */
record BlockUnit(Lattice lattice, int courses, List<Slot> slots) {

    private static final int ARC_POINTS = 24;

    /**
     * A block's place.
     *
     * @param xy corners, clockwise as seen
     * @param curved whether its sides are arcs, given by many corners
     */
    record Slot(double[] xy, int course, boolean curved) {

        double area() {
            double twice = 0;
            for (int i = 0; i < xy.length; i += 2) {
                int next = (i + 2) % xy.length;
                twice += xy[i] * xy[next + 1] - xy[next] * xy[i + 1];
            }
            return Math.abs(twice) / 2;
        }
    }

    /** @param w,h of a block and its joint */
    static BlockUnit of(Bond bond, double w, double h) {
        List<Slot> slots = new ArrayList<>();
        return switch (bond) {
            case Bond.Running(Fraction shift) -> {
                slots.add(box(0, 0, w, h, 0));
                yield new BlockUnit(new Lattice(w, 0, w * shift.numerator() / shift.denominator(), h), 1, slots);
            }
            case Bond.Stacked _ -> {
                slots.add(box(0, 0, w, h, 0));
                yield new BlockUnit(new Lattice(w, 0, 0, h), 1, slots);
            }
            case Bond.Halves(int every) -> halves(every, w, h);
            case Bond.Herringbone(int times) -> {
                slots.add(box(0, 0, w, h, 0));
                slots.add(box(w, 0, h, w, 0));
                yield new BlockUnit(new Lattice(2 * times * h, 0, -h, h), 1, slots);
            }
            case Bond.Basket(int times) -> basket(times, w, h);
            case Bond.Chevron(double slope) -> chevron(slope, w, h);
            case Bond.Hexagons _ -> {
                slots.add(new Slot(new double[]{w / 2, 0, w, h / 4, w, 3 * h / 4, w / 2, h, 0, 3 * h / 4, 0, h / 4}, 0,
                        false));
                yield new BlockUnit(new Lattice(w, 0, w / 2, 3 * h / 4), 1, slots);
            }
            case Bond.Scales _ -> {
                slots.add(scale(w, h));
                yield new BlockUnit(new Lattice(w, 0, w / 2, h), 1, slots);
            }
            case Bond.Diamonds _ -> diamond(w, h);
            case Bond.Argyle _ -> diamond(w, h);
            case Bond.Triangles _ -> {
                slots.add(new Slot(new double[]{w / 2, 0, w, h, 0, h}, 0, false));
                slots.add(new Slot(new double[]{w / 2, 0, 3 * w / 2, 0, w, h}, 0, false));
                yield new BlockUnit(new Lattice(w, 0, w / 2, h), 1, slots);
            }
        };
    }

    private static Slot box(double x, double y, double w, double h, int course) {
        return new Slot(new double[]{x, y, x + w, y, x + w, y + h, x, y + h}, course, false);
    }

    /** Full courses shifted by half in turn; the last of each set is of half blocks. */
    private static BlockUnit halves(int every, double w, double h) {
        List<Slot> slots = new ArrayList<>();
        for (int course = 0; course < every - 1; course++) {
            slots.add(box(course % 2 * w / 2, course * h, w, h, course));
        }
        slots.add(box(w / 4, (every - 1) * h, w / 2, h, every - 1));
        slots.add(box(3 * w / 4, (every - 1) * h, w / 2, h, every - 1));
        return new BlockUnit(new Lattice(w, 0, 0, every * h), every, slots);
    }

    private static BlockUnit basket(int times, double w, double h) {
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            slots.add(box(0, i * h, w, h, 0));
            slots.add(box(w + i * h, 0, h, w, 0));
        }
        return new BlockUnit(new Lattice(2 * w, 0, w, w), 1, slots);
    }

    /** A column slopes up, the next one down; blocks stand above each other by their breadth along the upright. */
    private static BlockUnit chevron(double slopeDeg, double w, double h) {
        double slope = Math.toRadians(slopeDeg);
        double wide = w * Math.cos(slope);
        double rise = w * Math.sin(slope);
        double pitch = h / Math.cos(slope);
        List<Slot> slots = List.of(
                new Slot(new double[]{0, rise, wide, 0, wide, pitch, 0, rise + pitch}, 0, false),
                new Slot(new double[]{wide, 0, 2 * wide, rise, 2 * wide, rise + pitch, wide, pitch}, 0, false));
        return new BlockUnit(new Lattice(2 * wide, 0, 0, pitch), 1, slots);
    }

    private static BlockUnit diamond(double w, double h) {
        return new BlockUnit(new Lattice(w, 0, w / 2, h / 2), 1,
                List.of(new Slot(new double[]{w / 2, 0, w, h / 2, w / 2, h, 0, h / 2}, 0, false)));
    }

    /** Below, half an ellipse as wide as the block and one course deep; above, what the two over it leave. */
    private static Slot scale(double w, double h) {
        int n = ARC_POINTS;
        double[] xy = new double[8 * n];
        for (int i = 0; i < n; i++) {
            // Quarter arcs: the left one of the neighbour above, its right one, then the own right and left.
            double t = Math.PI / 2 * i / n;
            point(xy, i, w / 2 * Math.sin(t), h * Math.cos(t) - h, w / 2, h);
            point(xy, n + i, w / 2 + w / 2 * (1 - Math.cos(t)), -h + h * Math.sin(t), w / 2, h);
            point(xy, 2 * n + i, w / 2 + w / 2 * Math.cos(t), h * Math.sin(t), w / 2, h);
            point(xy, 3 * n + i, w / 2 - w / 2 * Math.sin(t), h * Math.cos(t), w / 2, h);
        }
        return new Slot(xy, 0, true);
    }

    private static void point(double[] xy, int at, double x, double y, double midX, double high) {
        xy[2 * at] = x;
        xy[2 * at + 1] = y + high;
    }
}
