package org.vatwright.core.dress;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.shape.Outline;

/** What a callout shows and how it is framed. */
public final class CalloutSteps {

    /** The measure is about so long, as a share of the window. */
    private static final double BAR = 0.35;
    /** Height of capitals of its words, as a share of the window. */
    private static final double WORDS = 0.055;
    private static final double LEAST_WORDS_MM = 1.2;

    private CalloutSteps() {}

    /** @return its window, in mm. */
    public static Shape window(Callout c) {
        return shape(c.form(), c.middle(), c.sizeMm());
    }

    /** @return what of the article is seen in it, in mm */
    public static Shape seen(Callout c) {
        return shape(c.form(), c.spot(), c.sizeMm() / c.times());
    }

    private static Shape shape(Callout.Form form, Place middle, double size) {
        double left = middle.x() - size / 2;
        double top = middle.y() - size / 2;
        return form == Callout.Form.ROUND
                ? new Ellipse2D.Double(left, top, size, size)
                : new Rectangle2D.Double(left, top, size, size);
    }

    /** @return how long the measure in it is, in mm of the article: 1, 2 or 5 and noughts */
    public static double measure(Callout c) {
        double about = BAR * c.sizeMm() / c.times();
        double ten = Math.pow(10, Math.floor(Math.log10(about)));
        double times = about / ten;
        return ten * (times >= 5 ? 5 : times >= 2 ? 2 : 1);
    }

    static double wordsMm(Callout c) {
        return Math.max(LEAST_WORDS_MM, WORDS * c.sizeMm());
    }

    /** Below the window, where cloth does not hide it. */
    private static double barY(Callout c) {
        return c.middle().y() + c.sizeMm() / 2 + 1.6 * wordsMm(c);
    }

    /** The measure stands left of the middle, its words right of it. */
    private static double shift(Callout c) {
        return 1.8 * wordsMm(c);
    }

    /** @return how far below the window its words reach, in mm */
    private static double below(Callout c) {
        return (c.scale() ? 2.4 : 0) * wordsMm(c) + (c.caption().isBlank() ? 0 : 2.4 * wordsMm(c));
    }

    /** @return the words of a callout, in mm of the article. @param face in which they are set */
    static List<Outline> words(Callout c, Typeface face) {
        double high = wordsMm(c);
        List<Outline> all = new ArrayList<>();
        if (!c.caption().isBlank()) {
            all.addAll(words(c.caption(), face, high, c.middle().x(),
                    c.middle().y() + c.sizeMm() / 2 + below(c) - 0.4 * high));
        }
        if (c.scale()) {
            String measure = org.vatwright.core.measure.Numbers.plain(measure(c)) + " mm";
            double right = c.middle().x() - shift(c) + measure(c) * c.times() / 2 + 0.5 * high;
            all.addAll(words(measure, face, high, right + TypeLine.set(measure, face, 0).width() * high / 2,
                    barY(c) + high / 2));
        }
        return all;
    }

    /** @param x,y the middle of their foot */
    private static List<Outline> words(String words, Typeface face, double high, double x, double y) {
        TypeLine line = TypeLine.set(words, face, 0);
        AffineTransform place = AffineTransform.getTranslateInstance(x - line.width() * high / 2, y);
        place.scale(high, high);
        return line.letters().stream().filter(l -> !l.shape().getBounds2D().isEmpty())
                .map(l -> Outline.of(l.shape(), place)).toList();
    }

    /** @return how far to the right and down it reaches with its words, in mm */
    static Place reach(Callout c) {
        double pen = c.border().drawnMm();
        return new Place(c.middle().x() + c.sizeMm() / 2 + pen, c.middle().y() + c.sizeMm() / 2 + pen + below(c));
    }

    /** @return all of it, to be laid over the article. */
    static List<Step> of(Callout c, Worn.Making making) {
        double px = making.density().px(1);
        AffineTransform toPx = AffineTransform.getScaleInstance(px, px);
        List<Step> steps = new ArrayList<>();
        Shape seen = toPx.createTransformedShape(seen(c));
        Shape window = toPx.createTransformedShape(window(c));
        BasicStroke pen = c.border().stroke(px);
        int colour = c.border().colour().argb();
        if (c.line()) {
            line(c).ifPresent(
                    l -> steps.add(new Step.Drawn(pen.createStrokedShape(toPx.createTransformedShape(l)), colour,
                            null)));
            steps.add(new Step.Drawn(pen.createStrokedShape(seen), colour, null));
        }
        steps.add(larger(c, window, making));
        steps.add(new Step.Drawn(pen.createStrokedShape(window), colour, null));
        if (c.scale()) {
            double half = measure(c) * c.times() / 2;
            double left = c.middle().x() - half - shift(c);
            double thick = Math.max(0.2 * wordsMm(c), 1 / px);
            steps.add(new Step.Drawn(toPx.createTransformedShape(new Rectangle2D.Double(left,
                    barY(c) - thick / 2, 2 * half, thick)), colour, null));
        }
        return steps;
    }

    /** @return from the rim of what is seen to the rim of the window, unless they lie on each other */
    private static Optional<Shape> line(Callout c) {
        double far = c.spot().far(c.middle());
        double from = c.sizeMm() / c.times() / 2;
        double to = c.sizeMm() / 2;
        if (far <= from + to) {
            return Optional.empty();
        }
        double dx = (c.middle().x() - c.spot().x()) / far;
        double dy = (c.middle().y() - c.spot().y()) / far;
        // Of a square the rim is farther away towards its corners.
        double more = c.form() == Callout.Form.SQUARE ? 1 / Math.max(Math.abs(dx), Math.abs(dy)) : 1;
        return Optional.of(new Line2D.Double(c.spot().x() + from * more * dx, c.spot().y() + from * more * dy,
                c.middle().x() - to * more * dx, c.middle().y() - to * more * dy));
    }

    /** The article is drawn so much denser, the part that is seen; nothing of it is enlarged pixels. */
    private static Step larger(Callout c, Shape window, Worn.Making making) {
        Rectangle2D box = window.getBounds2D();
        int left = (int) Math.rint(box.getX());
        int top = (int) Math.rint(box.getY());
        int wide = (int) Math.max(1, Math.ceil(box.getMaxX()) - left);
        int high = (int) Math.max(1, Math.ceil(box.getMaxY()) - top);
        Cut cut = making.cut();
        Cut bare = cut.with().article(cut.article().withDressings(cut.article().dressings()
                .withWhole(w -> w.withCallouts(List.of())))).captions(List.of()).build();
        Density density = new Density(making.density().dpi() * c.times());
        int fromX = (int) Math.rint(density.px(c.spot().x()) - box.getWidth() / 2);
        int fromY = (int) Math.rint(density.px(c.spot().y()) - box.getHeight() / 2);
        Frame part = new Frame(Math.max(0, fromX), Math.max(0, fromY),
                Math.min(density.wholePx(cut.widthMm()), fromX + wide),
                Math.min(density.wholePx(cut.heightMm()), fromY + high));
        Raster shown = new Raster(wide, high);
        if (part.width() > 0 && part.height() > 0) {
            Raster there = new DressedRows(making.how(), bare, density, Optional.of(part), making.mostPx(),
                    making.tolerancePx(), making.work()).gathered(making.work());
            for (int y = 0; y < there.height(); y++) {
                System.arraycopy(there.argb(), y * there.width(), shown.argb(),
                        (y + part.top() - fromY) * wide + part.left() - fromX, there.width());
            }
        }
        return new Step.Window(window, left, top, shown);
    }
}
