package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;

import org.vatwright.core.measure.Refusal;
import org.w3c.dom.Element;

/**
 * How large a drawing says it is, in mm, and the way from its user units. What is not said is as a browser has it: by the
 * viewBox, else 300 x 150 px.
 *
 * @param boxWide,boxHigh of the viewport in user units
 */
record DrawingSize(double widthMm, double heightMm, double boxWide, double boxHigh, AffineTransform toMm) {

    private static final double MM_PER_PX = 25.4 / 96;
    private static final double LEAST_MM = 0.01;
    private static final double MOST_MM = 20_000;

    static DrawingSize of(Element root) {
        double[] box = SvgNumbers.viewBox(root);
        double width = percentless(root, "width");
        double height = percentless(root, "height");
        if (width <= 0 && height <= 0) {
            width = box == null ? 300 : box[2];
            height = box == null ? 150 : box[3];
        } else if (width <= 0) {
            width = box == null ? 300 : height * box[2] / box[3];
        } else if (height <= 0) {
            height = box == null ? 150 : width * box[3] / box[2];
        }
        double w = width * MM_PER_PX;
        double h = height * MM_PER_PX;
        within("width", w);
        within("height", h);
        AffineTransform toMm = AffineTransform.getScaleInstance(MM_PER_PX, MM_PER_PX);
        if (box != null) {
            toMm.concatenate(SvgTransforms.fitting(box, 0, 0, width, height, root.getAttribute("preserveAspectRatio")));
        }
        return new DrawingSize(w, h, box == null ? width : box[2], box == null ? height : box[3], toMm);
    }

    private static void within(String side, double mm) {
        if (mm > MOST_MM || mm < LEAST_MM) {
            throw new Refusal("the drawing %s is %.4g mm; from %.2f to %,.0f mm is read".formatted(side, mm, LEAST_MM,
                    MOST_MM));
        }
    }

    private static double percentless(Element root, String name) {
        String text = root.getAttribute(name).strip();
        return text.endsWith("%") ? -1 : SvgNumbers.number(text.isEmpty() ? null : text, -1);
    }
}
