package org.vatwright.core.family.block;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.Group;

/** Blocks on one tile: which there are, where they lie, and what each looks like. */
final class BlockDrawing {

    /** A block of the tile. @param place from the unit to the tile */
    private record Spotted(Touch.Spot spot, AffineTransform place) {}

    private record Look(int slot, int kind) {}

    private final Blocks blocks;
    private final Repeat repeat;
    private final BlockUnit unit;
    private final LatticeFit fit;
    private final Lattice base;
    private final AffineTransform onTile;
    private final Map<Look, Shape> shapes = new HashMap<>();

    BlockDrawing(Blocks blocks, Repeat repeat) {
        this.blocks = blocks;
        this.repeat = repeat;
        unit = blocks.unit();
        fit = blocks.fit(repeat);
        onTile = blocks.onTile(fit);
        Lattice drawn = fit.drawn();
        base = new Lattice(drawn.ax() / blocks.unitsAcross(), drawn.ay() / blocks.unitsAcross(),
                drawn.bx() / blocks.unitsDown(), drawn.by() / blocks.unitsDown());
    }

    Drawing drawing() {
        List<VectorMark> marks = new ArrayList<>();
        for (Spotted laid : spotted()) {
            Touch touch = blocks.touch(laid.spot());
            int kind = kind(laid.spot(), touch);
            Ink ink = touch.ink().orElseGet(() -> ink(laid.spot()));
            Shape own = shape(laid.spot().index(), kind);
            // Blocks are all of one size and angle, which the fill itself follows; only where each lies differs.
            Point2D middle = laid.place().transform(new Point2D.Double(own.getBounds2D().getCenterX(),
                    own.getBounds2D().getCenterY()), null);
            AffineTransform frame = AffineTransform.getTranslateInstance(middle.getX(), middle.getY());
            Shape shape = laid.place().createTransformedShape(own);
            marks.add(new VectorMark(shape, ink, tone(kind) + touch.tone()).withFrame(frame));
        }
        List<Group> groups = new ArrayList<>();
        groups.add(new Group(marks, blocks.joint(), blocks.jointMm() == 0));
        if (blocks.bond() instanceof Bond.Argyle && blocks.line().widthMm() > 0) {
            groups.add(lines(true));
            groups.add(lines(false));
        }
        return new Drawing(groups);
    }

    private List<Spotted> spotted() {
        List<Spotted> all = new ArrayList<>();
        int across = blocks.unitsAcross();
        int down = blocks.unitsDown();
        for (LatticeFit.Step step : fit.steps()) {
            for (int row = 0; row < down; row++) {
                for (int column = 0; column < across; column++) {
                    LatticeFit.Step own = new LatticeFit.Step(step.column() * across + column,
                            step.row() * down + row);
                    AffineTransform place = LaidStructure.at(base, own, onTile);
                    for (int slot = 0; slot < unit.slots().size(); slot++) {
                        all.add(new Spotted(new Touch.Spot(own.column(), own.row(), slot), place));
                    }
                }
            }
        }
        return all;
    }

    List<Touch.Spot> spots() {
        return spotted().stream().map(Spotted::spot).toList();
    }

    private Ink ink(Touch.Spot spot) {
        List<Ink> inks = blocks.inking().inks();
        int per = blocks.perCourse();
        return switch (blocks.inking().way()) {
            case BY_TURN -> inks.get(Math.floorMod(spot.column() * per + spot.index() % per, inks.size()));
            case BY_COURSE -> inks.get(Math.floorMod(
                    spot.row() * unit.courses() + unit.slots().get(spot.index()).course(), inks.size()));
            case AT_RANDOM -> blocks.inking().at(chance(spot, 0, 7));
        };
    }

    /** @return 0 to below 1 */
    private double chance(Touch.Spot spot, int rolls, int purpose) {
        long h = blocks.variety().seed() * 1_000_003 + purpose;
        h = Noise.mix(h + 0x9E3779B97F4A7C15L * (spot.column() + 1L));
        h = Noise.mix(h + 0xC2B2AE3D27D4EB4FL * (spot.row() + 1L));
        h = Noise.mix(h + 0x165667B19E3779F9L * (spot.index() + 1L + 1000L * rolls));
        return (h >>> 11) * 0x1p-53;
    }

    private int kind(Touch.Spot spot, Touch touch) {
        Variety variety = blocks.variety();
        if (!variety.shows() && touch.rolls() == 0) {
            return 0;
        }
        int kind = (int) (chance(spot, touch.rolls(), 1) * variety.kinds());
        int flips = variety.flip() ? (int) (chance(spot, touch.rolls(), 2) * 4) : 0;
        return kind * 4 + flips;
    }

    /** Kinds are spread evenly from darkest to lightest, in a mixed order. */
    private double tone(int kind) {
        Variety variety = blocks.variety();
        if (variety.kinds() < 2) {
            return 0;
        }
        int place = (int) ((kind / 4 * 7919L + variety.seed()) % variety.kinds());
        return variety.tone() * (2.0 * place / (variety.kinds() - 1) - 1);
    }

    private Shape shape(int slot, int kind) {
        return shapes.computeIfAbsent(new Look(slot, kind), k -> BlockShapes.of(unit.slots().get(slot), blocks, kind));
    }

    /** Lines through the middles of the diamonds, along one pair of their sides, from one middle to the next. */
    private Group lines(boolean falling) {
        double w = blocks.lengthMm() + blocks.jointMm();
        double h = blocks.breadthMm() + blocks.jointMm();
        double nx = h / Math.hypot(w, h) * blocks.line().widthMm() / 2;
        double ny = w / Math.hypot(w, h) * blocks.line().widthMm() / 2;
        double side = falling ? 1 : -1;
        double fromX = w / 2;
        double fromY = h / 2;
        Path2D path = new Path2D.Double();
        path.moveTo(fromX + nx * side, fromY - ny);
        path.lineTo(fromX + w / 2 + nx * side, fromY + side * h / 2 - ny);
        path.lineTo(fromX + w / 2 - nx * side, fromY + side * h / 2 + ny);
        path.lineTo(fromX - nx * side, fromY + ny);
        path.closePath();
        List<VectorMark> marks = new ArrayList<>();
        for (Spotted laid : spotted()) {
            marks.add(new VectorMark(laid.place().createTransformedShape(path), blocks.line().ink()));
        }
        return new Group(marks);
    }

    Optional<Touch.Spot> at(double x, double y) {
        Tile tile = repeat.tile();
        for (Spotted laid : spotted()) {
            Shape shape = laid.place().createTransformedShape(
                    shape(laid.spot().index(), kind(laid.spot(), blocks.touch(laid.spot()))));
            var box = shape.getBounds2D();
            double px = near(x, box.getCenterX(), tile.widthMm());
            double py = near(y, box.getCenterY(), tile.heightMm());
            if (box.contains(px, py) && shape.contains(px, py)) {
                return Optional.of(laid.spot());
            }
        }
        return Optional.empty();
    }

    /** @return the place a whole number of tiles away that is nearest to the middle */
    private static double near(double place, double middle, double side) {
        return place - side * Math.rint((place - middle) / side);
    }

    Optional<Shape> outline(Touch.Spot spot) {
        return spotted().stream().filter(l -> l.spot().equals(spot)).findFirst()
                .map(l -> l.place().createTransformedShape(shape(spot.index(), kind(spot, blocks.touch(spot)))));
    }
}
