package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Check;
import org.vatwright.core.measure.Refusal;
import org.w3c.dom.Element;

/** How large a drawing is, and the way from its units to mm. An SVG px is 1/96 in. */
record SvgSize(double widthMm, double heightMm, AffineTransform toMm) {

    private static final double MM_PER_PX = 25.4 / 96;
    private static final Pattern LENGTH = Pattern.compile("\\s*([+-]?[0-9.]+(?:[eE][+-]?[0-9]+)?)\\s*([a-zA-Z%]*)\\s*");

    static SvgSize of(Element root) {
        double[] box = viewBox(root);
        Optional<Double> width = lengthMm(root.getAttribute("width"));
        Optional<Double> height = lengthMm(root.getAttribute("height"));
        if (box == null) {
            double w = width.orElseThrow(() -> new Refusal("the drawing says neither its width nor a viewBox"));
            double h = height.orElseThrow(() -> new Refusal("the drawing says neither its height nor a viewBox"));
            return sized(w, h, AffineTransform.getScaleInstance(MM_PER_PX, MM_PER_PX));
        }
        double w = width.orElseGet(() -> height.map(h -> h * box[2] / box[3]).orElse(box[2] * MM_PER_PX));
        double h = height.orElse(w * box[3] / box[2]);
        // As preserveAspectRatio's default has it: the whole drawing, undistorted, in the middle.
        double scale = Math.min(w / box[2], h / box[3]);
        AffineTransform toMm = AffineTransform.getTranslateInstance((w - scale * box[2]) / 2, (h - scale * box[3]) / 2);
        toMm.scale(scale, scale);
        toMm.translate(-box[0], -box[1]);
        return sized(w, h, toMm);
    }

    private static SvgSize sized(double w, double h, AffineTransform toMm) {
        Check.within("drawing width", w, Article.LEAST_MM, Article.MOST_MM, "mm");
        Check.within("drawing height", h, Article.LEAST_MM, Article.MOST_MM, "mm");
        return new SvgSize(w, h, toMm);
    }

    private static double[] viewBox(Element root) {
        String[] words = root.getAttribute("viewBox").strip().split("[\\s,]+");
        if (words.length != 4) {
            return null;
        }
        double[] box = new double[4];
        try {
            for (int i = 0; i < 4; i++) {
                box[i] = Double.parseDouble(words[i]);
            }
        } catch (NumberFormatException e) {
            throw new Refusal(
                    "the drawing's viewBox \"%s\" is not four numbers".formatted(root.getAttribute("viewBox")), e);
        }
        Check.that(box[2] > 0 && box[3] > 0, "the drawing's viewBox has no area");
        return box;
    }

    private static Optional<Double> lengthMm(String text) {
        Matcher m = LENGTH.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        double value = Double.parseDouble(m.group(1));
        double mm = switch (m.group(2)) {
            case "", "px" -> value * MM_PER_PX;
            case "mm" -> value;
            case "cm" -> value * 10;
            case "in" -> value * 25.4;
            case "pt" -> value * 25.4 / 72;
            case "pc" -> value * 25.4 / 6;
            default -> Double.NaN;
        };
        return Double.isNaN(mm) ? Optional.empty() : Optional.of(mm);
    }
}
