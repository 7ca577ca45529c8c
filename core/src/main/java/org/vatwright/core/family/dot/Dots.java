package org.vatwright.core.family.dot;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawnStructure;
import org.vatwright.core.shape.Group;

/**
 * Round motifs. The cell is parted in {@code across} x {@code down} small cells of equal size; the dots stand in the
 * first and recur in all, in the layer's own arrangement.
 *
 * @param dots lowest first
 * @param arrangement of the small cells within the cell
 */
@RecordBuilder
public record Dots(List<Dot> dots, int across, int down,
        Arrangement arrangement) implements DotsBuilder.With, DrawnStructure {

    public static final String FAMILY = "dots";
    public static final int MOST_DOTS = 2000;
    /** Places are kept to a millionth of a mm, so that a move by whole cells leaves just the same numbers. */
    private static final double PLACES_PER_MM = 1e6;

    public Dots {
        dots = List.copyOf(dots);
        Require.within("dots", dots.size(), 1, MOST_DOTS);
        Require.within("dots across", across, 1, 200);
        Require.within("dots down", down, 1, 200);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return dots.stream().map(Dot::ink).toList();
    }

    @Override
    public Dots withInks(UnaryOperator<Ink> change) {
        return withDots(dots.stream().map(d -> d.withInk(change.apply(d.ink()))).toList());
    }

    public Dots with(int index, Dot dot) {
        List<Dot> changed = new ArrayList<>(dots);
        changed.set(index, dot);
        return withDots(changed);
    }

    public Dots withCounts(int newAcross, int newDown) {
        return new Dots(dots, newAcross, newDown, arrangement);
    }

    /** @return with every dot moved by that many mm, not yet brought into the small cell */
    public Dots moved(double dx, double dy) {
        return withDots(dots.stream().map(d -> d.at(d.x() + dx, d.y() + dy)).toList());
    }

    /** @return the small cell and its arrangement, whose tile is the cell */
    public Repeat smallCell(Repeat repeat) {
        return new Repeat(repeat.widthMm() / across, repeat.heightMm() / down, arrangement);
    }

    /** Brings every dot into the small cell; a dropped or shifted row must come out even across the cell. */
    @Override
    public Dots fitted(Repeat repeat) {
        if (arrangement instanceof Arrangement.Drop(Fraction share)) {
            even("drop", across, "across", share);
        }
        if (arrangement instanceof Arrangement.Brick(Fraction share)) {
            even("brick", down, "down", share);
        }
        Repeat small = smallCell(repeat);
        return withDots(
                dots.stream().map(d -> d.at(into(d.x(), small.widthMm()), into(d.y(), small.heightMm()))).toList());
    }

    private static void even(String what, int count, String way, Fraction share) {
        int step = share.denominator();
        int low = count / step * step;
        Require.that(count % step == 0,
                "a %s of %s does not close with %d dots %s; %s would".formatted(what, share, count, way,
                        low == 0 ? step : low + " or " + (low + step)));
    }

    private static double into(double place, double side) {
        double rounded = Math.rint((place - side * Math.floor(place / side)) * PLACES_PER_MM) / PLACES_PER_MM;
        return rounded >= side ? 0 : rounded;
    }

    /** Where one dot shows in the tile. */
    public record Spot(double x, double y) {}

    /** @return the middle of each copy of the dot in the tile, in mm, each once, 0 to below the tile's size */
    public List<Spot> spots(Dot dot, Repeat repeat) {
        Repeat small = smallCell(repeat);
        Tile tile = repeat.tile();
        List<Spot> spots = new ArrayList<>();
        for (Tile.Origin cell : tile.cells()) {
            for (int row = 0; row < down; row++) {
                for (int column = 0; column < across; column++) {
                    double x = cell.x() + (column + arrangement.shift(row)) * small.widthMm();
                    double y = cell.y() + (row + arrangement.drop(column)) * small.heightMm();
                    spots.add(new Spot(wrap(x + dot.x(), tile.widthMm()), wrap(y + dot.y(), tile.heightMm())));
                }
            }
        }
        return spots;
    }

    private static double wrap(double place, double side) {
        double in = place - side * Math.floor(place / side);
        return in >= side ? 0 : in;
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase phase, Work work) {
        List<Group> groups = new ArrayList<>();
        for (Dot dot : dots) {
            double r = dot.diameterMm() / 2;
            for (Spot spot : spots(dot, repeat)) {
                groups.add(Group.of(new VectorMark(
                        new Ellipse2D.Double(spot.x() - r, spot.y() - r, 2 * r, 2 * r), dot.ink())
                        .withFrame(AffineTransform.getTranslateInstance(spot.x(), spot.y()))));
            }
        }
        return new Drawing(groups);
    }

    @Override
    public Dots resized(double by) {
        return withDots(dots.stream().map(d -> d.at(d.x() * by, d.y() * by).withDiameterMm(d.diameterMm() * by))
                .toList());
    }

    /** Every dot of the turned tile becomes one of its own. */
    @Override
    public Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        Tile tile = repeat.tile();
        List<Dot> all = new ArrayList<>();
        for (Dot dot : dots) {
            List<double[]> places = spots(dot, repeat).stream().map(s -> new double[]{s.x(), s.y()}).toList();
            for (double[] place : by.places(places, tile.widthMm(), tile.heightMm())) {
                all.add(dot.at(place[0], place[1]));
            }
        }
        return all.size() > MOST_DOTS ? Optional.empty() : Optional.of(new Dots(all, 1, 1, Arrangement.STRAIGHT));
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        return List.of(Finding.fine("Dots recur", "%d in a cell".formatted(dots.size() * across * down)));
    }
}
