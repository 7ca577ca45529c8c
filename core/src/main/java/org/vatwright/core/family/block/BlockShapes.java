package org.vatwright.core.family.block;

import java.awt.Shape;
import java.awt.geom.Path2D;

import org.locationtech.jts.geom.Coordinate;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.shape.Plane;

/** The outline of a block in its place: half a joint inside it, corners rounded, edges worn, corners broken out. */
final class BlockShapes {

    /** Of a circle's quarter by a cubic curve: 4/3 tan(angle/4) times the radius. */
    private static final double ARC = 4.0 / 3;
    /** Points along a worn edge stand this share of the breadth apart. */
    private static final double STEP = 0.06;

    private BlockShapes() {}

    static Shape of(BlockUnit.Slot slot, Blocks blocks, int kind) {
        double[] xy = blocks.jointMm() == 0 ? slot.xy() : inset(slot, blocks.jointMm() / 2);
        Variety variety = blocks.variety();
        if (variety.wornMm() > 0 || variety.chipped() > 0) {
            return closed(worn(xy, blocks, kind));
        }
        return blocks.radiusMm() > 0 && !slot.curved() ? rounded(xy, blocks.radiusMm()) : closed(xy);
    }

    /** @return whether blocks have something left when that much is taken off all around */
    static boolean leaves(BlockUnit unit, double by) {
        for (BlockUnit.Slot slot : unit.slots()) {
            double[] xy = slot.xy();
            if (!slot.curved() && by > 0) {
                double[] moved = straight(xy, by);
                for (int i = 0; i < xy.length; i += 2) {
                    int next = (i + 2) % xy.length;
                    // A side that turned about has no length left.
                    if ((moved[next] - moved[i]) * (xy[next] - xy[i])
                            + (moved[next + 1] - moved[i + 1]) * (xy[next + 1] - xy[i + 1]) <= 0) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private static double[] inset(BlockUnit.Slot slot, double by) {
        return slot.curved() ? buffered(slot.xy(), by) : straight(slot.xy(), by);
    }

    /** Each side moved inwards; neighbours meet anew. */
    private static double[] straight(double[] xy, double by) {
        int n = xy.length / 2;
        double[] moved = new double[xy.length];
        for (int i = 0; i < n; i++) {
            double[] in = normal(xy, (i + n - 1) % n);
            double[] out = normal(xy, i);
            // The corner p + d with d . in = d . out = by.
            double det = in[0] * out[1] - in[1] * out[0];
            moved[2 * i] = xy[2 * i] + by * (out[1] - in[1]) / det;
            moved[2 * i + 1] = xy[2 * i + 1] + by * (in[0] - out[0]) / det;
        }
        return moved;
    }

    /** @return the inward normal of the side that begins at a corner; corners run clockwise as seen */
    private static double[] normal(double[] xy, int corner) {
        int next = (corner + 1) % (xy.length / 2);
        double dx = xy[2 * next] - xy[2 * corner];
        double dy = xy[2 * next + 1] - xy[2 * corner + 1];
        double length = Math.hypot(dx, dy);
        return new double[]{-dy / length, dx / length};
    }

    private static double[] buffered(double[] xy, double by) {
        Coordinate[] inside = Plane.offset(Plane.polygon(xy), -by).getCoordinates();
        if (inside.length < 4) {
            return xy;
        }
        double[] result = new double[2 * (inside.length - 1)];
        for (int i = 0; i < inside.length - 1; i++) {
            result[2 * i] = inside[i].x;
            result[2 * i + 1] = inside[i].y;
        }
        return result;
    }

    private static Path2D closed(double[] xy) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < xy.length; i += 2) {
            if (i == 0) {
                path.moveTo(xy[0], xy[1]);
            } else {
                path.lineTo(xy[i], xy[i + 1]);
            }
        }
        path.closePath();
        return path;
    }

    /** Every corner an arc that touches both its sides, never longer than half a side. */
    private static Path2D rounded(double[] xy, double radius) {
        int n = xy.length / 2;
        Path2D path = new Path2D.Double();
        for (int i = 0; i < n; i++) {
            double[] before = along(xy, i, (i + n - 1) % n);
            double[] after = along(xy, i, (i + 1) % n);
            double half = Math.acos(Math.max(-1, Math.min(1, before[0] * after[0] + before[1] * after[1]))) / 2;
            double reach = Math.min(radius / Math.tan(half), Math.min(before[2], after[2]) / 2);
            double own = reach * Math.tan(half);
            double pull = reach - ARC * Math.tan((Math.PI - 2 * half) / 4) * own;
            double x = xy[2 * i];
            double y = xy[2 * i + 1];
            if (i == 0) {
                path.moveTo(x + before[0] * reach, y + before[1] * reach);
            } else {
                path.lineTo(x + before[0] * reach, y + before[1] * reach);
            }
            path.curveTo(x + before[0] * pull, y + before[1] * pull, x + after[0] * pull, y + after[1] * pull,
                    x + after[0] * reach, y + after[1] * reach);
        }
        path.closePath();
        return path;
    }

    /** @return the direction from a corner to another, and the length */
    private static double[] along(double[] xy, int from, int to) {
        double dx = xy[2 * to] - xy[2 * from];
        double dy = xy[2 * to + 1] - xy[2 * from + 1];
        double length = Math.hypot(dx, dy);
        return new double[]{dx / length, dy / length, length};
    }

    /** Points set along the sides, each moved inwards by seeded noise; where the block is chipped, by a bite. */
    private static double[] worn(double[] xy, Blocks blocks, int kind) {
        Variety variety = blocks.variety();
        long seed = Noise.mix(variety.seed() * 131 + kind / 4);
        double step = Math.max(0.05, STEP * Math.min(blocks.breadthMm(), blocks.lengthMm()));
        double midX = 0;
        double midY = 0;
        double around = 0;
        int n = xy.length / 2;
        for (int i = 0; i < n; i++) {
            midX += xy[2 * i] / n;
            midY += xy[2 * i + 1] / n;
            around += along(xy, i, (i + 1) % n)[2];
        }
        int points = Math.max(12, (int) Math.rint(around / step));
        boolean chip = (Noise.mix(seed + 5) >>> 11) * 0x1p-53 < variety.chipped();
        double chipAt = (Noise.mix(seed + 6) >>> 11) * 0x1p-53;
        double chipSize = (0.5 + (Noise.mix(seed + 7) >>> 11) * 0x1p-53) * 0.25
                * Math.min(blocks.breadthMm(), blocks.lengthMm());
        double[] moved = new double[2 * points];
        double bound = 0.3 * Math.min(blocks.breadthMm(), blocks.lengthMm());
        int corner = 0;
        double passed = 0;
        for (int i = 0; i < points; i++) {
            double at = i * around / points;
            double[] side = along(xy, corner, (corner + 1) % n);
            while (at > passed + side[2] && corner < n - 1) {
                passed += side[2];
                corner++;
                side = along(xy, corner, (corner + 1) % n);
            }
            double x = xy[2 * corner] + side[0] * (at - passed);
            double y = xy[2 * corner + 1] + side[1] * (at - passed);
            double share = flipped((double) i / points, kind % 4);
            double deep = variety.wornMm() * (0.5 + 0.5 * Noise.torus(seed, share, 0.5, Math.max(4, points / 3), 1))
                    * (0.6 + 0.4 * Noise.torus(seed + 1, share, 0.5, 6, 1));
            if (chip) {
                double off = Math.abs(share - chipAt - Math.rint(share - chipAt)) * around;
                deep += Math.max(0, chipSize - off) * (0.8 + 0.2 * Noise.torus(seed + 2, share, 0.5, points, 1));
            }
            double toX = midX - x;
            double toY = midY - y;
            double far = Math.hypot(toX, toY);
            double by = Math.min(deep, Math.min(bound, 0.6 * far)) / far;
            moved[2 * i] = x + toX * by;
            moved[2 * i + 1] = y + toY * by;
        }
        return moved;
    }

    /** The way around is begun at the far side, or gone the other way. */
    private static double flipped(double share, int flips) {
        double turned = (flips & 1) == 0 ? share : share + 0.5;
        double way = (flips & 2) == 0 ? turned : 1 - turned;
        return way - Math.floor(way);
    }
}
