package org.vatwright.files.svg;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.w3c.dom.Element;

/** The properties an element is drawn with: attributes, rules of style elements, the style attribute, what is inherited. */
final class SvgLook {

    private static final Set<String> INHERITED = Set.of("fill", "fill-opacity", "fill-rule", "stroke", "stroke-opacity",
            "stroke-width", "stroke-linecap", "stroke-linejoin", "stroke-miterlimit", "stroke-dasharray",
            "stroke-dashoffset", "color", "visibility", "clip-rule", "paint-order");
    private static final Set<String> OWN = Set.of("opacity", "display", "clip-path", "mask", "filter", "stop-color",
            "stop-opacity", "marker", "marker-start", "marker-mid", "marker-end", "vector-effect");

    private final Map<String, String> values;
    private final Map<String, String> handedOn;

    private SvgLook(Map<String, String> values) {
        this.values = values;
        handedOn = new HashMap<>();
        values.forEach((name, value) -> {
            if (INHERITED.contains(name)) {
                handedOn.put(name, value);
            }
        });
    }

    static SvgLook start() {
        return new SvgLook(Map.of());
    }

    SvgLook within(Element element, SvgRules rules) {
        Map<String, String> own = new LinkedHashMap<>(handedOn);
        for (String name : INHERITED) {
            take(own, name, element.getAttribute(name));
        }
        for (String name : OWN) {
            take(own, name, element.getAttribute(name));
        }
        rules.of(element).forEach((name, value) -> take(own, name, value));
        SvgRules.declarations(element.getAttribute("style")).forEach((name, value) -> take(own, name, value));
        return new SvgLook(own);
    }

    private void take(Map<String, String> own, String name, String value) {
        if (!INHERITED.contains(name) && !OWN.contains(name) || value.isBlank()) {
            return;
        }
        if (value.equals("inherit")) {
            String from = values.get(name);
            if (from != null) {
                own.put(name, from);
            }
        } else {
            own.put(name, value.strip());
        }
    }

    Optional<String> get(String name) {
        return Optional.ofNullable(values.get(name)).filter(v -> !v.equals("none") || name.equals("fill")
                || name.equals("stroke"));
    }

    String get(String name, String otherwise) {
        return values.getOrDefault(name, otherwise);
    }

    double number(String name, double otherwise) {
        return SvgNumbers.number(values.get(name), otherwise);
    }

    /** @return 0 to 1; a percentage counts as a share */
    double share(String name) {
        String text = values.get(name);
        if (text != null && text.endsWith("%")) {
            return Math.max(0, Math.min(1, SvgNumbers.number(text.substring(0, text.length() - 1), 100) / 100));
        }
        return Math.max(0, Math.min(1, SvgNumbers.number(text, 1)));
    }

    boolean hidden() {
        return "none".equals(values.get("display"));
    }

    boolean invisible() {
        String visibility = values.get("visibility");
        return "hidden".equals(visibility) || "collapse".equals(visibility);
    }

    boolean evenOdd(String property) {
        return "evenodd".equals(values.get(property));
    }
}
