package org.vatwright.core.brush;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/**
 * One pull of a brush. It stays a line: it can be painted anew with anything else.
 *
 * @param ink what it leaves; of an eraser without meaning
 * @param other the ink towards which its dabs differ; without one they are lighter and darker
 * @param erases whether it takes away what the strokes before it left
 * @param seed by which its dabs differ
 */
@RecordBuilder
public record BrushStroke(Track track, Brush brush, Ink ink, Optional<Ink> other, boolean erases, Symmetry symmetry,
        long seed) implements BrushStrokeBuilder.With {

    /** Painted once, in one ink. */
    public BrushStroke(Track track, Brush brush, Ink ink) {
        this(track, brush, ink, Optional.empty(), false, Symmetry.NONE, 1);
    }

    public List<Ink> inks() {
        return erases ? List.of() : Stream.concat(Stream.of(ink), other.stream()).toList();
    }

    public BrushStroke inked(UnaryOperator<Ink> change) {
        return with().ink(change.apply(ink)).other(other.map(change)).build();
    }

    /** @return moved by so many mm; its symmetry stays where it is */
    public BrushStroke moved(double dx, double dy) {
        return withTrack(track.moved(AffineTransform.getTranslateInstance(dx, dy)));
    }

    /** @return so many times as large about a point, its brush as well */
    public BrushStroke scaledAbout(double by, double x, double y) {
        Require.that(by > 0, "a stroke cannot be scaled to nothing");
        AffineTransform scale = AffineTransform.getTranslateInstance(x, y);
        scale.scale(by, by);
        scale.translate(-x, -y);
        return withTrack(track.moved(scale)).withBrush(brush.resized(by));
    }

    /** @return for a cell so many times as large */
    public BrushStroke resized(double by) {
        return scaledAbout(by, 0, 0).withSymmetry(symmetry.resized(by));
    }

    /**
     * Whether it shows at a place, in any cell and any copy of it; its gaps count as shown.
     *
     * @param x,y in mm of the tile
     * @param slackMm how far beside it is near enough
     */
    public boolean touches(Repeat repeat, double x, double y, double slackMm) {
        double reach = brush.sizeMm() * (0.5 + 2 * brush.jitter().place()) + slackMm;
        Dabs dabs = Dabs.of(this);
        Rectangle2D box = track.bounds();
        box.setRect(box.getX() - reach, box.getY() - reach, box.getWidth() + 2 * reach, box.getHeight() + 2 * reach);
        Tile tile = repeat.tile();
        Point2D place = new Point2D.Double();
        for (AffineTransform copy : symmetry.copies(repeat)) {
            Rectangle2D there = copy.createTransformedShape(box).getBounds2D();
            AffineTransform back = inverse(copy);
            for (Tile.Origin cell : tile.cells()) {
                for (double px = first(x - cell.x(), there.getMinX(), tile.widthMm()); px <= there.getMaxX(); px += tile
                        .widthMm()) {
                    for (double py = first(y - cell.y(), there.getMinY(), tile.heightMm()); py <= there
                            .getMaxY(); py += tile.heightMm()) {
                        place.setLocation(px, py);
                        back.transform(place, place);
                        if (box.contains(place) && dabs.near(place.getX(), place.getY(), slackMm)) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }

    private static double first(double place, double least, double side) {
        return place + side * Math.ceil((least - place) / side);
    }

    private static AffineTransform inverse(AffineTransform copy) {
        try {
            return copy.createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new IllegalStateException("a copy keeps lengths", e);
        }
    }

    /** By where the hand went: paintings are looked up by what they are, and strokes that differ differ there. */
    @Override
    public int hashCode() {
        return 31 * track.hashCode() + Long.hashCode(seed);
    }
}
