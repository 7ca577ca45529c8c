package org.vatwright.files.svg;

import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Stroke;
import org.vatwright.core.measure.Refusal;
import org.w3c.dom.Element;

/** What a shape takes over from the groups around it: its line. Presentation attributes and the style attribute. */
record SvgStyle(String strokeColour, double strokeWidth, boolean hidden) {

    static final SvgStyle START = new SvgStyle("none", 1, false);

    SvgStyle within(Element element) {
        String colour = value(element, "stroke").orElse(strokeColour);
        double width = value(element, "stroke-width").map(SvgStyle::number).orElse(strokeWidth);
        boolean out = hidden || value(element, "display").filter("none"::equals).isPresent()
                || value(element, "visibility").filter("hidden"::equals).isPresent();
        return new SvgStyle(colour, width, out);
    }

    private static Optional<String> value(Element element, String property) {
        for (String rule : element.getAttribute("style").split(";")) {
            int colon = rule.indexOf(':');
            if (colon > 0 && rule.substring(0, colon).strip().equals(property)) {
                return known(rule.substring(colon + 1).replace("!important", "").strip());
            }
        }
        return known(element.getAttribute(property).strip());
    }

    private static Optional<String> known(String value) {
        return value.isEmpty() || value.equals("inherit") ? Optional.empty() : Optional.of(value);
    }

    private static double number(String text) {
        try {
            return Math.max(0, Double.parseDouble(text.replaceFirst("[a-z%]+$", "")));
        } catch (NumberFormatException e) {
            return 1;
        }
    }

    /** @param mmPerUnit of the shape's own coordinates */
    Optional<Stroke> stroke(double mmPerUnit) {
        double mm = strokeWidth * mmPerUnit;
        return strokeColour.equals("none") || mm < 0.01
                ? Optional.empty()
                : Optional.of(new Stroke(colour(strokeColour), Math.min(200, mm)));
    }

    /** Colours by hex, by rgb() and by the few names drawings use; all others are drawn black. */
    private static Rgb colour(String text) {
        try {
            if (text.startsWith("#")) {
                return Rgb.parse(text);
            }
            if (text.startsWith("rgb(") && text.endsWith(")")) {
                String[] c = text.substring(4, text.length() - 1).split("[\\s,]+");
                return new Rgb(Integer.parseInt(c[0]), Integer.parseInt(c[1]), Integer.parseInt(c[2]));
            }
        } catch (Refusal | NumberFormatException | ArrayIndexOutOfBoundsException e) {
            return new Rgb(0, 0, 0);
        }
        return switch (text) {
            case "white" -> new Rgb(255, 255, 255);
            case "gray", "grey" -> new Rgb(128, 128, 128);
            case "red" -> new Rgb(255, 0, 0);
            case "blue" -> new Rgb(0, 0, 255);
            case "navy" -> new Rgb(0, 0, 128);
            default -> new Rgb(0, 0, 0);
        };
    }
}
