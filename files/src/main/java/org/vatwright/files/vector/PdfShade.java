package org.vatwright.files.vector;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.Arrays;

import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;

/**
 * A gradient in a PDF: the mark as a clip, filled by areas that each lie over the one before, so that none of their edges
 * shows. The opacity of its inks is taken together.
 */
final class PdfShade {

    private static final int STEPS = 96;
    /** Beyond its ends a gradient that is repeated is drawn so many times. */
    private static final int REACH = 4;

    private PdfShade() {}

    /** How a path is written. */
    @FunctionalInterface
    interface Paths {
        void write(PDFormContentStream content, Shape shape) throws IOException;
    }

    /** @param tone of all of it */
    static void fill(PDFormContentStream content, VectorMark mark, InkColours inks, double tone, Paths paths)
            throws IOException {
        Gradient gradient = mark.gradient().orElseThrow();
        AffineTransform toMark;
        try {
            toMark = gradient.toUnit().createInverse();
        } catch (NoninvertibleTransformException e) {
            return;
        }
        content.saveGraphicsState();
        double opacity = mark.opacity()
                * gradient.stops().stream().mapToDouble(Gradient.Stop::opacity).average().orElse(1);
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setNonStrokingAlphaConstant((float) opacity);
        content.setGraphicsStateParameters(state);
        paths.write(content, mark.shape());
        content.clip();
        int[] ramp = Arrays.stream(inks.ramp(opaque(gradient).stops(), STEPS, 1)).map(c -> InkColours.toned(c, tone))
                .toArray();
        Rectangle2D box = gradient.toUnit().createTransformedShape(mark.shape()).getBounds2D();
        double reach = gradient.spread() == Gradient.Spread.PAD ? 1 : REACH;
        double least = gradient.radial() || gradient.spread() == Gradient.Spread.PAD ? 0 : -REACH;
        int count = (int) Math.round((reach - least) * STEPS);
        for (int i = 0; i < count; i++) {
            double t = gradient.radial() ? reach - (double) i / STEPS : least + (double) i / STEPS;
            double place = gradient.place(gradient.radial() ? gradient.focusU() + t * (1 - gradient.focusU()) : t,
                    gradient.radial() ? gradient.focusV() * (1 - t) : 0);
            content.setNonStrokingColor(new Color(ramp[(int) Math.round(place * (STEPS - 1))] | 0xFF000000));
            Shape area = gradient.radial() ? circle(gradient, t, i == 0, box) : half(box, i == 0 ? box.getMinX() : t);
            if (!area.getBounds2D().isEmpty()) {
                paths.write(content, toMark.createTransformedShape(area));
                content.fill();
            }
        }
        content.restoreGraphicsState();
    }

    private static Gradient opaque(Gradient gradient) {
        return gradient.withStops(gradient.stops().stream()
                .map(s -> new Gradient.Stop(s.place(), s.ink(), 1)).toList());
    }

    /** Everything beyond a place of a linear gradient. */
    private static Shape half(Rectangle2D box, double from) {
        double left = Math.max(box.getMinX(), from);
        return new Rectangle2D.Double(left, box.getMinY(), Math.max(0, box.getMaxX() - left), box.getHeight());
    }

    /** The circle of a place between focus and rim; the first covers all. */
    private static Shape circle(Gradient gradient, double t, boolean first, Rectangle2D box) {
        if (first) {
            return box;
        }
        double x = gradient.focusU() * (1 - t);
        double y = gradient.focusV() * (1 - t);
        Path2D path = new Path2D.Double();
        PathIterator round = new Ellipse2D.Double(x - t, y - t, 2 * t, 2 * t).getPathIterator(null);
        path.append(round, false);
        return path;
    }
}
