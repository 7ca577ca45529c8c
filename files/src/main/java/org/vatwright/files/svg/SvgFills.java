package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.w3c.dom.Element;

/** What shapes of a drawing are filled with, and the inks that makes. */
final class SvgFills {

    private static final int MOST_INKS = 200;

    private final Map<String, Element> byId;
    private final SvgGradients gradients;
    private final Consumer<String> left;
    private final PatternFills patterns;
    private final Map<Rgb, String> slots = new LinkedHashMap<>();

    /** @param left told what is left out */
    SvgFills(Map<String, Element> byId, SvgRules rules, Consumer<String> left, PatternFills patterns) {
        this.byId = byId;
        this.patterns = patterns;
        this.left = left;
        gradients = new SvgGradients(byId, rules, this::ink);
    }

    /** @return each ink's colour, in the order they were met */
    Map<String, Rgb> palette() {
        Map<String, Rgb> palette = new LinkedHashMap<>();
        slots.forEach((rgb, slot) -> palette.put(slot, rgb));
        return palette;
    }

    /** @return a mark with no shape yet, that has the fill; nothing when it draws nothing */
    Optional<VectorMark> of(SvgLook look, String property, String otherwise, String opacityProperty,
            Rectangle2D box, AffineTransform toMm) {
        String text = look.get(property, otherwise);
        double opacity = look.share(opacityProperty);
        String fallback = "";
        if (text.startsWith("url(")) {
            int end = text.indexOf(')');
            Optional<Gradient> gradient = gradients.of(MotifReader.id(text), box, toMm, look, opacity);
            if (gradient.isPresent()) {
                return Optional.of(new VectorMark(box, gradient.get()));
            }
            fallback = end > 0 ? text.substring(end + 1).strip() : "";
            Element target = byId.get(MotifReader.id(text));
            if (target != null && SafeXml.localName(target).equals("pattern")) {
                Optional<Ink> ink = opacity == 0 ? Optional.empty() : patterns.ink(target, box, toMm);
                if (ink.isPresent()) {
                    return Optional.of(new VectorMark(box, ink.get()).withOpacity(opacity)
                            .withFrame(new AffineTransform()));
                }
            } else {
                left.accept("a fill that cannot be found is left out");
            }
            text = fallback;
        }
        if (text.isEmpty() || text.equals("none") || opacity == 0) {
            return Optional.empty();
        }
        String colour = text.equals("currentColor") ? look.get("color", "black") : text;
        Optional<SvgColours.Colour> read = SvgColours.parse(colour);
        if (read.isEmpty() && (colour.startsWith("context-") || colour.startsWith("var("))) {
            left.accept("the colour %s is left out".formatted(colour));
            return Optional.empty();
        }
        SvgColours.Colour known = read.orElse(new SvgColours.Colour(new Rgb(0, 0, 0), 1));
        double all = opacity * known.opacity();
        return all == 0 ? Optional.empty() : Optional.of(new VectorMark(box, ink(known.rgb())).withOpacity(all));
    }

    /** Equal colours are one ink; more than a palette takes fall on the nearest. */
    private Ink ink(Rgb rgb) {
        if (slots.size() >= MOST_INKS && !slots.containsKey(rgb)) {
            left.accept("only the first %d colours are kept, others fall on the nearest".formatted(MOST_INKS));
            return Ink.slot(slots.entrySet().stream().min(Comparator.comparingDouble(e -> far(e.getKey(), rgb)))
                    .orElseThrow().getValue());
        }
        return Ink.slot(slots.computeIfAbsent(rgb, c -> "Ink %d".formatted(slots.size() + 1)));
    }

    private static double far(Rgb a, Rgb b) {
        return Math.hypot(Math.hypot(a.red() - b.red(), a.green() - b.green()), a.blue() - b.blue());
    }
}
