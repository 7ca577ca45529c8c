package org.vatwright.core.family.block;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.laid.Click;
import org.vatwright.core.laid.Grip;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Drawing;

/**
 * Blocks laid by a rule, joints between them.
 *
 * @param lengthMm,breadthMm of a block (of the box around it, where it is no rectangle), 0.2 to 5,000
 * @param jointMm between blocks, 0 to below the breadth
 * @param radiusMm of rounded corners, at most half the breadth
 * @param joint clear leaves open what lies below
 * @param line what an argyle's crossing lines are drawn with
 * @param touches what was changed on single blocks
 */
@RecordBuilder
public record Blocks(Bond bond, double lengthMm, double breadthMm, double jointMm, double radiusMm, Ink joint,
        Inking inking, Variety variety, Line line, double angleDeg,
        Map<Touch.Spot, Touch> touches) implements BlocksBuilder.With, LaidStructure {

    public static final String FAMILY = "blocks";
    public static final int MOST_BLOCKS = 60_000;
    private static final double RULE_MM = 1e-6;

    /** Crossing lines. @param widthMm 0 for none */
    public record Line(Ink ink, double widthMm) {
        public static final Line NONE = new Line(Ink.CLEAR, 0);

        public Line {
            Require.within("crossing line", widthMm, 0, 1000, "mm");
        }
    }

    public Blocks {
        Require.within("length", lengthMm, 0.2, 5000, "mm");
        Require.within("breadth", breadthMm, 0.2, 5000, "mm");
        Require.within("joint", jointMm, 0, 1000, "mm");
        Require.that(jointMm < Math.min(breadthMm, lengthMm),
                "joint %s mm must be less than %s %s mm".formatted(Numbers.plain(jointMm),
                        breadthMm <= lengthMm ? "breadth" : "length",
                        Numbers.plain(Math.min(breadthMm, lengthMm))));
        Require.that(radiusMm >= 0 && radiusMm <= Math.min(lengthMm, breadthMm) / 2,
                "corner radius %s mm must be from 0 to half the breadth, %s mm".formatted(Numbers.plain(radiusMm),
                        Numbers.plain(Math.min(lengthMm, breadthMm) / 2)));
        rule(bond, lengthMm, breadthMm, jointMm);
        Require.that(BlockShapes.leaves(BlockUnit.of(bond, lengthMm + jointMm, breadthMm + jointMm), jointMm / 2),
                "a joint of %s mm leaves nothing of blocks of %s x %s mm; make it narrower"
                        .formatted(Numbers.plain(jointMm), Numbers.plain(lengthMm), Numbers.plain(breadthMm)));
        angleDeg = Angle.turn(angleDeg);
        touches = Map.copyOf(touches);
    }

    public Blocks(Bond bond, double lengthMm, double breadthMm, double jointMm, Ink joint, Inking inking) {
        this(bond, lengthMm, breadthMm, jointMm, 0, joint, inking, Variety.NONE, Line.NONE, 0, Map.of());
    }

    /** Where a length takes whole breadths: L + J = k (B + J). */
    private static void rule(Bond bond, double length, double breadth, double joint) {
        int times = bond.breadthsInLength();
        double wanted = times * (breadth + joint) - joint;
        Require.that(times == 0 || Math.abs(length - wanted) <= RULE_MM,
                "%s asks for length + joint = %d x (breadth + joint); the length would be %s mm, not %s mm"
                        .formatted(bond.words(), times, Numbers.plain(wanted, 6), Numbers.plain(length, 6)));
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        List<Ink> inks = new ArrayList<>(inking.inks());
        inks.add(joint);
        inks.add(line.ink());
        touches.values().forEach(t -> t.ink().ifPresent(inks::add));
        return inks;
    }

    @Override
    public Blocks withInks(UnaryOperator<Ink> change) {
        Map<Touch.Spot, Touch> inked = new HashMap<>();
        touches.forEach((spot, touch) -> inked.put(spot, touch.withInk(touch.ink().map(change))));
        return with().joint(change.apply(joint)).inking(inking.withInks(change))
                .line(new Line(change.apply(line.ink()), line.widthMm())).touches(inked).build();
    }

    /** @return with a bond whose rule is solved for the length */
    public Blocks withBond(Bond other) {
        return sized(other, lengthMm, breadthMm, jointMm);
    }

    public Blocks withLength(double mm) {
        return with().lengthMm(mm).radiusMm(Math.min(radiusMm, Math.min(mm, breadthMm) / 2)).build();
    }

    public Blocks withBreadth(double mm) {
        return sized(bond, lengthMm, mm, jointMm);
    }

    public Blocks withJointWidth(double mm) {
        return sized(bond, lengthMm, breadthMm, mm);
    }

    private Blocks sized(Bond rule, double length, double breadth, double jointWidth) {
        int times = rule.breadthsInLength();
        double solved = times == 0 ? length : times * (breadth + jointWidth) - jointWidth;
        return with().bond(rule).lengthMm(solved).breadthMm(breadth).jointMm(jointWidth)
                .radiusMm(Math.min(radiusMm, Math.min(solved, breadth) / 2)).build();
    }

    @Override
    public Blocks scaled(double factor) {
        return with().lengthMm(lengthMm * factor).breadthMm(breadthMm * factor).jointMm(jointMm * factor)
                .radiusMm(radiusMm * factor).variety(variety.withWornMm(variety.wornMm() * factor))
                .line(new Line(line.ink(), line.widthMm() * factor)).build();
    }

    @Override
    public Blocks withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    public Touch touch(Touch.Spot spot) {
        return touches.getOrDefault(spot, Touch.NONE);
    }

    public Blocks withTouch(Touch.Spot spot, Touch touch) {
        Map<Touch.Spot, Touch> changed = new HashMap<>(touches);
        if (touch.equals(Touch.NONE)) {
            changed.remove(spot);
        } else {
            changed.put(spot, touch);
        }
        return withTouches(changed);
    }

    /** The joint stays as wide; a rule of whole breadths allows only what keeps it. */
    @Override
    public Optional<Blocks> stretched(double across, double down) {
        if (bond instanceof Bond.Chevron || bond.breadthsInLength() > 0) {
            return Math.abs(across - down) < 1e-9 ? Optional.of(scaled(across)) : Optional.empty();
        }
        return Optional.of(new Blocks(bond, (lengthMm + jointMm) * across - jointMm,
                (breadthMm + jointMm) * down - jointMm, jointMm, radiusMm, joint, inking, variety, line, angleDeg,
                touches));
    }

    /** @return the unit of the bond, all blocks alike */
    BlockUnit unit() {
        return BlockUnit.of(bond, lengthMm + jointMm, breadthMm + jointMm);
    }

    /** @return units along the first vector until the inks begin anew */
    int unitsAcross() {
        int inks = inking.inks().size();
        return inking.way() == Inking.Way.BY_TURN
                ? inks / org.vatwright.core.measure.Fraction.gcd(inks, perCourse())
                : 1;
    }

    /** @return units along the second vector until the inks begin anew */
    int unitsDown() {
        int inks = inking.inks().size();
        return inking.way() == Inking.Way.BY_COURSE
                ? inks / org.vatwright.core.measure.Fraction.gcd(inks, unit().courses())
                : 1;
    }

    /** @return blocks of a unit that follow each other along a course */
    int perCourse() {
        BlockUnit unit = unit();
        return Math.max(1, unit.slots().size() / unit.courses());
    }

    @Override
    public Lattice lattice() {
        return unit().lattice().every(unitsAcross(), unitsDown());
    }

    /** Touches of blocks that the tile no longer has are dropped. */
    @Override
    public Blocks fitted(Repeat repeat) {
        LatticeFit fit = fit(repeat);
        int count = count(fit);
        Require.that(count <= MOST_BLOCKS,
                "the tile would hold %,d blocks; %,d is the most: make blocks larger or the cell smaller"
                        .formatted(count, MOST_BLOCKS));
        return this;
    }

    private int count(LatticeFit fit) {
        return fit.count() * unitsAcross() * unitsDown() * unit().slots().size();
    }

    /** @return blocks in the tile, after which all recurs */
    public int count(Repeat repeat) {
        return count(fit(repeat));
    }

    @Override
    public List<Grip> grips() {
        return BlockGrips.of(this);
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase phase, Work work) {
        return new BlockDrawing(this, repeat).drawing();
    }

    /** @return every block of the tile, in a fixed order */
    public List<Touch.Spot> spots(Repeat repeat) {
        return new BlockDrawing(this, repeat).spots();
    }

    /** @return which block shows at a place of the tile, in mm; none on a joint */
    public Optional<Touch.Spot> at(Repeat repeat, double x, double y) {
        return new BlockDrawing(this, repeat).at(x, y);
    }

    /** A block is chosen, by its place among {@link #spots}; on a joint none is. */
    @Override
    public Click click(Repeat repeat, double x, double y, double reachMm) {
        BlockDrawing drawing = new BlockDrawing(this, repeat);
        return new Click.Chosen(drawing.at(x, y).map(spot -> drawing.spots().indexOf(spot)).orElse(-1));
    }

    @Override
    public Optional<Shape> outline(Repeat repeat, int part) {
        BlockDrawing drawing = new BlockDrawing(this, repeat);
        List<Touch.Spot> spots = drawing.spots();
        return part >= 0 && part < spots.size() ? drawing.outline(spots.get(part)) : Optional.empty();
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>(closing(repeat, "Blocks"));
        findings.add(Finding.fine("Blocks in the tile", "%,d, then all recurs".formatted(count(repeat))));
        return findings;
    }
}
