package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;

import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;

/** Transform lists, leniently: one that cannot be read moves nothing. */
final class SvgTransforms {

    private SvgTransforms() {}

    static AffineTransform parse(String text) {
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException e) {
            return new AffineTransform();
        }
    }

    /** How a viewBox fits its viewport, by preserveAspectRatio. */
    static AffineTransform fitting(double[] box, double x, double y, double wide, double high, String ratio) {
        double sx = wide / box[2];
        double sy = high / box[3];
        AffineTransform fit = AffineTransform.getTranslateInstance(x, y);
        if (ratio.strip().startsWith("none")) {
            fit.scale(sx, sy);
        } else {
            double s = ratio.contains("slice") ? Math.max(sx, sy) : Math.min(sx, sy);
            double dx = ratio.contains("xMin") ? 0 : ratio.contains("xMax") ? 1 : 0.5;
            double dy = ratio.contains("YMin") ? 0 : ratio.contains("YMax") ? 1 : 0.5;
            fit.translate(dx * (wide - s * box[2]), dy * (high - s * box[3]));
            fit.scale(s, s);
        }
        fit.translate(-box[0], -box[1]);
        return fit;
    }
}
