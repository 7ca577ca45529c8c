package org.vatwright.core.pattern;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A gradient ready to be seen. Across the piece that wears it it is seen only on that piece; a tile shows it across the tile.
 */
public final class GradientFill implements FillPaint {

    private final Fill fill;
    private final Fill.OfGradient gradient;
    private final Tile outer;
    private final Ramp ramp;

    /** @param outer the tile it lies on @param inks of the design it belongs to */
    public GradientFill(Fill fill, Tile outer, InkColours inks) {
        this.fill = fill;
        this.outer = outer;
        gradient = fill.gradient().orElseThrow();
        ramp = new Ramp(gradient, inks);
    }

    @Override
    public Fill fill() {
        return fill;
    }

    @Override
    public int mean() {
        return ramp.mean();
    }

    /** @return its colour, premultiplied, where the course has come that far; held at both ends */
    public int argb(double place) {
        return ramp.held(place);
    }

    @Override
    public Seeing through(TileGrid grid) {
        Course course = gradient.course();
        Course.Along along = course.on(outer.widthMm(), outer.heightMm());
        double breadth = course.kind() == Course.Kind.LINEAR ? breadth(course, grid) : 0;
        boolean radial = course.kind() == Course.Kind.RADIAL;
        return seen((px, py) -> {
            double t = along.at((px + 0.5) / grid.widthPx(), (py + 0.5) / grid.heightPx());
            return radial ? ramp.held(t) : ramp.round(t, breadth);
        });
    }

    /** @return of a pixel, in shares of a linear course */
    private double breadth(Course course, TileGrid grid) {
        int[] whole = course.whole(outer.widthMm(), outer.heightMm());
        return (double) Math.abs(whole[0]) / grid.widthPx() + (double) Math.abs(whole[1]) / grid.heightPx();
    }

    @Override
    public Seeing in(VectorMark mark, TileGrid grid) {
        if (mark.spine().isPresent() && gradient.across() == Fill.Across.LINE) {
            return along(mark.spine().get(), grid);
        }
        if (mark.spine().isPresent() && gradient.across() == Fill.Across.MARK) {
            return over(mark.spine().get(), grid);
        }
        Optional<Box> box = box(mark);
        if (box.isEmpty()) {
            return through(grid);
        }
        Course course = gradient.course();
        double[] map = Gradient.byPixel(box.get().toUnit, grid);
        double w = box.get().width;
        double h = box.get().height;
        boolean round = course.kind() == Course.Kind.ROUND;
        return seen((px, py) -> {
            double t = course.in(w, h, map[0] * px + map[2] * py + map[4], map[1] * px + map[3] * py + map[5]);
            return round ? ramp.round(t, 0) : ramp.held(t);
        });
    }

    /** From the line's beginning to its end, as often as the course's stretch asks for, in whole numbers. */
    private Seeing along(Spine spine, TileGrid grid) {
        Course course = gradient.course();
        double times = Math.max(1, Math.rint(1 / Math.max(1e-3, Math.abs(course.toU() - course.fromU()))));
        double sign = course.toU() < course.fromU() ? -1 : 1;
        double breadth = times * grid.mmPerPxX() / spine.lengthMm();
        return seen((px, py) -> ramp.round(sign * times
                * (spine.along((px + 0.5) * grid.mmPerPxX(), (py + 0.5) * grid.mmPerPxY()) - course.fromU()), breadth));
    }

    /** From one edge of the line to the other. */
    private Seeing over(Spine spine, TileGrid grid) {
        Course course = gradient.course();
        boolean radial = course.kind() != Course.Kind.LINEAR;
        // A line has no place along it that all its stretches share: the way across alone counts.
        boolean level = Math.abs(course.toV() - course.fromV()) < 1e-6;
        double from = radial ? 0.5 : level ? course.fromU() : course.fromV();
        double to = radial ? 1 : level ? course.toU() : course.toV();
        return seen((px, py) -> {
            double across = spine.across((px + 0.5) * grid.mmPerPxX(), (py + 0.5) * grid.mmPerPxY());
            double t = (across - from) / (to - from);
            return ramp.held(radial ? Math.abs(t) : t);
        });
    }

    /** What a mark's course crosses. @param toUnit from mm of the tile to shares of it @param back the other way */
    record Box(AffineTransform toUnit, AffineTransform back, double width, double height) {}

    private Optional<Box> box(VectorMark mark) {
        return gradient.inMarks() ? box(mark, outer) : Optional.empty();
    }

    /** In the mark's own frame; a mark that runs on from tile to tile has none. */
    static Optional<Box> box(VectorMark mark, Tile outer) {
        AffineTransform own = new AffineTransform();
        if (mark.frame().isPresent()) {
            try {
                own = mark.frame().get().createInverse();
            } catch (NoninvertibleTransformException e) {
                return Optional.empty();
            }
        }
        Shape shape = own.createTransformedShape(mark.shape());
        Rectangle2D box = shape.getBounds2D();
        boolean runsOn = mark.frame().isEmpty()
                && (box.getWidth() >= outer.widthMm() || box.getHeight() >= outer.heightMm());
        if (runsOn || box.getWidth() <= 0 || box.getHeight() <= 0) {
            return Optional.empty();
        }
        AffineTransform unit = AffineTransform.getScaleInstance(1 / box.getWidth(), 1 / box.getHeight());
        unit.translate(-box.getX(), -box.getY());
        unit.concatenate(own);
        AffineTransform back = new AffineTransform(mark.frame().orElseGet(AffineTransform::new));
        back.translate(box.getX(), box.getY());
        back.scale(box.getWidth(), box.getHeight());
        return Optional.of(new Box(unit, back, box.getWidth(), box.getHeight()));
    }

    /**
     * @return the same mark with its ink as a gradient that files of shapes know; empty when they know none that looks the
     *         same
     */
    public static Optional<VectorMark> asShape(VectorMark mark, Fill fill, Tile outer) {
        Fill.OfGradient gradient = fill.gradient().orElseThrow();
        Course course = gradient.course();
        boolean alone = mark.from().equals(mark.to()) && mark.tone() == 0;
        boolean inMark = gradient.inMarks();
        boolean line = inMark && mark.spine().isPresent();
        if (!alone || line || course.kind() == Course.Kind.ROUND) {
            return Optional.empty();
        }
        Optional<Box> box = inMark ? box(mark, outer) : Optional.empty();
        if (box.isEmpty() && course.kind() == Course.Kind.RADIAL) {
            return Optional.empty();
        }
        Course drawn = box.isPresent() ? course : course.drawn(outer.widthMm(), outer.heightMm());
        double w = box.map(Box::width).orElse(outer.widthMm());
        double h = box.map(Box::height).orElse(outer.heightMm());
        // Along u the course runs, at right angles to it v, both as long as the course.
        double dx = (drawn.toU() - drawn.fromU()) * w;
        double dy = (drawn.toV() - drawn.fromV()) * h;
        AffineTransform place = new AffineTransform(dx, dy, -dy, dx, drawn.fromU() * w, drawn.fromV() * h);
        try {
            AffineTransform toCourse = place.createInverse();
            AffineTransform toMm = AffineTransform.getScaleInstance(w, h);
            toMm.concatenate(box.map(Box::toUnit).orElse(AffineTransform.getScaleInstance(1 / w, 1 / h)));
            toCourse.concatenate(toMm);
            Gradient shaped = Gradient.of(course.kind() == Course.Kind.RADIAL, 0, 0, toCourse, stops(gradient),
                    box.isPresent() ? Gradient.Spread.PAD : Gradient.Spread.REPEAT);
            return Optional.of(mark.withGradient(Optional.of(shaped)));
        } catch (NoninvertibleTransformException e) {
            return Optional.empty();
        }
    }

    private static List<Gradient.Stop> stops(Fill.OfGradient gradient) {
        if (!gradient.course().back()) {
            return gradient.stops();
        }
        List<Gradient.Stop> all = new ArrayList<>();
        gradient.stops().forEach(s -> all.add(new Gradient.Stop(s.place() / 2, s.ink(), s.opacity())));
        gradient.stops().reversed()
                .forEach(s -> all.add(new Gradient.Stop(1 - s.place() / 2, s.ink(), s.opacity())));
        return all;
    }

    private interface ByPixel {
        int argb(int x, int y);
    }

    private Seeing seen(ByPixel colours) {
        boolean opaque = ramp.opaque();
        return new Seeing() {
            @Override
            public int argb(int x, int y) {
                return colours.argb(x, y);
            }

            @Override
            public boolean opaque() {
                return opaque;
            }
        };
    }
}
