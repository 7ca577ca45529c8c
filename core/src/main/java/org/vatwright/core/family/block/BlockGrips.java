package org.vatwright.core.family.block;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.laid.Grip;

/** What can be pulled on a block: its length, its breadth, the joint beside it, its corner. */
final class BlockGrips {

    private static final double LEAST = 0.2;
    private static final double MOST = 5000;

    private BlockGrips() {}

    static List<Grip> of(Blocks b) {
        double joint = b.jointMm();
        double w = b.lengthMm() + joint;
        double h = b.breadthMm() + joint;
        int times = b.bond().breadthsInLength();
        // A length that follows from the breadth must be within its limits too.
        double broadest = times == 0 ? MOST : (MOST + joint) / times - joint;
        List<Grip> grips = new ArrayList<>();
        if (b.bond() instanceof Bond.Chevron(double slopeDeg)) {
            double slope = Math.toRadians(slopeDeg);
            double wide = w * Math.cos(slope);
            double pitch = h / Math.cos(slope);
            grips.add(new Grip("length", wide, pitch / 2,
                    (x, y) -> b.withLength(Grip.kept(x / Math.cos(slope) - joint, length(b), MOST)))
                    .measuring(b.lengthMm(), b::withLength));
            grips.add(new Grip("breadth", wide / 2, w * Math.sin(slope) / 2 + pitch, (x, y) -> b.withBreadth(
                    Grip.kept((y - w * Math.sin(slope) / 2) * Math.cos(slope) - joint, breadth(b), MOST)))
                    .measuring(b.breadthMm(), b::withBreadth));
            return grips;
        }
        double high = b.bond() instanceof Bond.Scales ? 2 * h : h;
        grips.add(new Grip("length", w - joint / 2, high / 2, (x, y) -> times == 0
                ? b.withLength(Grip.kept(x - joint / 2, length(b), MOST))
                : b.withBreadth(Grip.kept((x + joint / 2) / times - joint, breadth(b), broadest)))
                .measuring(b.lengthMm(),
                        mm -> times == 0 ? b.withLength(mm) : b.withBreadth((mm + joint) / times - joint)));
        grips.add(new Grip("breadth", w / 2, high - joint / 2, (x, y) -> b.withBreadth(
                Grip.kept(b.bond() instanceof Bond.Scales ? (y + joint / 2) / 2 - joint : y - joint / 2,
                        breadth(b), broadest)))
                .measuring(b.breadthMm(), b::withBreadth));
        if (!(b.bond() instanceof Bond.Scales || b.bond() instanceof Bond.Diamonds
                || b.bond() instanceof Bond.Argyle || b.bond() instanceof Bond.Triangles)) {
            // Where the length is so many breadths less a joint, it grows with the joint and the grip with both.
            grips.add(new Grip("joint", w + joint / 2, high / 4, (x, y) -> b.withJointWidth(Grip.kept(
                    times == 0 ? (x - b.lengthMm()) / 1.5 : (x - times * b.breadthMm()) / (times + 0.5), 0,
                    0.8 * Math.min(b.lengthMm(), b.breadthMm())))).measuring(joint, b::withJointWidth));
            if (!(b.bond() instanceof Bond.Hexagons)) {
                grips.add(new Grip("corner", joint / 2 + b.radiusMm(), joint / 2, (x, y) -> b.withRadiusMm(
                        Grip.kept(x - joint / 2, 0, Math.min(b.lengthMm(), b.breadthMm()) / 2)))
                        .measuring(b.radiusMm(), b::withRadiusMm));
            }
        }
        return grips;
    }

    private static double length(Blocks b) {
        return Math.max(LEAST, b.jointMm() * 1.3);
    }

    private static double breadth(Blocks b) {
        return Math.max(LEAST, b.jointMm() * 1.3);
    }
}
