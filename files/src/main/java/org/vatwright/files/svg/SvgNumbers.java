package org.vatwright.files.svg;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.w3c.dom.Element;

/** Numbers and lengths of a drawing, in its user units (an SVG px). */
final class SvgNumbers {

    private static final Pattern LENGTH = Pattern
            .compile("([+-]?(?:\\d++\\.?+\\d*+|\\.\\d++)(?:[eE][+-]?\\d++)?+)\\s*+([a-zA-Z%]*+)");
    /** No number anybody means is longer. */
    private static final int MOST_SIGNS = 400;
    private static final double FONT_PX = 16;

    private SvgNumbers() {}

    /** @return the number, or {@code otherwise} where there is none; percentages count as they stand */
    static double number(String text, double otherwise) {
        return length(text, 100, otherwise);
    }

    /** @param whole what 100 % is */
    static double length(String text, double whole, double otherwise) {
        if (text == null || text.length() > MOST_SIGNS) {
            return otherwise;
        }
        Matcher m = LENGTH.matcher(text.strip());
        if (!m.matches()) {
            return otherwise;
        }
        double value = Double.parseDouble(m.group(1));
        if (!Double.isFinite(value)) {
            return otherwise;
        }
        return switch (m.group(2)) {
            case "", "px" -> value;
            case "%" -> value / 100 * whole;
            case "mm" -> value * 96 / 25.4;
            case "cm" -> value * 96 / 2.54;
            case "in" -> value * 96;
            case "pt" -> value * 96 / 72;
            case "pc" -> value * 16;
            case "em", "rem" -> value * FONT_PX;
            case "ex" -> value * FONT_PX / 2;
            default -> otherwise;
        };
    }

    static double of(Element e, String name, double whole, double otherwise) {
        return length(e.hasAttribute(name) ? e.getAttribute(name) : null, whole, otherwise);
    }

    /** @return four numbers, or null */
    static double[] viewBox(Element e) {
        String[] words = e.getAttribute("viewBox").strip().split("[\\s,]+");
        if (words.length != 4) {
            return null;
        }
        double[] box = new double[4];
        for (int i = 0; i < 4; i++) {
            box[i] = number(words[i], Double.NaN);
        }
        return box[2] > 0 && box[3] > 0 && Double.isFinite(box[0]) && Double.isFinite(box[1]) ? box : null;
    }
}
