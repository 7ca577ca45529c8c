package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Linear and radial gradients of a drawing, with what they take over from others by their links. */
final class SvgGradients {

    private static final int MOST_LINKS = 12;

    private final Map<String, Element> byId;
    private final SvgRules rules;
    private final Function<Rgb, Ink> inks;

    SvgGradients(Map<String, Element> byId, SvgRules rules, Function<Rgb, Ink> inks) {
        this.byId = byId;
        this.rules = rules;
        this.inks = inks;
    }

    /**
     * @param box of the shape, in its own units
     * @param toMm from the shape's units
     * @param look of the shape, for its own colour
     * @param opacity of the fill
     * @return nothing when there is no such gradient, or it has no inks
     */
    Optional<Gradient> of(String id, Rectangle2D box, AffineTransform toMm, SvgLook look, double opacity) {
        Element element = byId.get(id);
        if (element == null) {
            return Optional.empty();
        }
        String kind = SafeXml.localName(element);
        List<Element> chain = chain(element);
        List<Gradient.Stop> stops = stops(chain, look, opacity);
        if (stops.isEmpty() || !kind.equals("linearGradient") && !kind.equals("radialGradient")) {
            return Optional.empty();
        }
        boolean boxUnits = !"userSpaceOnUse".equals(attribute(chain, "gradientUnits", "objectBoundingBox"));
        AffineTransform toUser = new AffineTransform();
        if (boxUnits) {
            toUser.translate(box.getX(), box.getY());
            toUser.scale(Math.max(1e-9, box.getWidth()), Math.max(1e-9, box.getHeight()));
        }
        toUser.concatenate(SvgTransforms.parse(attribute(chain, "gradientTransform", "")));
        Gradient.Spread spread = switch (attribute(chain, "spreadMethod", "pad")) {
            case "reflect" -> Gradient.Spread.REFLECT;
            case "repeat" -> Gradient.Spread.REPEAT;
            default -> Gradient.Spread.PAD;
        };
        double whole = boxUnits ? 1 : 100;
        return kind.equals("linearGradient")
                ? linear(chain, toMm, toUser, whole, stops, spread)
                : radial(chain, toMm, toUser, whole, stops, spread);
    }

    private Optional<Gradient> linear(List<Element> chain, AffineTransform toMm, AffineTransform toUser, double whole,
            List<Gradient.Stop> stops, Gradient.Spread spread) {
        double x1 = number(chain, "x1", whole, 0);
        double y1 = number(chain, "y1", whole, 0);
        double x2 = number(chain, "x2", whole, whole);
        double y2 = number(chain, "y2", whole, 0);
        double dx = x2 - x1;
        double dy = y2 - y1;
        if (dx * dx + dy * dy == 0) {
            return Optional.of(Gradient.of(false, 0, 0, AffineTransform.getTranslateInstance(1, 0),
                    List.of(stops.getLast()), spread));
        }
        // The unit's u runs along the line, v across it.
        return unit(new AffineTransform(dx, dy, -dy, dx, x1, y1), toUser, toMm)
                .map(m -> Gradient.of(false, 0, 0, m, stops, spread));
    }

    private Optional<Gradient> radial(List<Element> chain, AffineTransform toMm, AffineTransform toUser, double whole,
            List<Gradient.Stop> stops, Gradient.Spread spread) {
        double cx = number(chain, "cx", whole, whole / 2);
        double cy = number(chain, "cy", whole, whole / 2);
        double r = number(chain, "r", whole, whole / 2);
        if (r <= 0) {
            return Optional.of(Gradient.of(false, 0, 0, AffineTransform.getTranslateInstance(1, 0),
                    List.of(stops.getLast()), spread));
        }
        double fu = (number(chain, "fx", whole, cx) - cx) / r;
        double fv = (number(chain, "fy", whole, cy) - cy) / r;
        double far = Math.hypot(fu, fv);
        // A focus outside lies on the circle's inner side.
        double by = far > 0.99 ? 0.99 / far : 1;
        return unit(new AffineTransform(r, 0, 0, r, cx, cy), toUser, toMm)
                .map(m -> Gradient.of(true, fu * by, fv * by, m, stops, spread));
    }

    private static Optional<AffineTransform> unit(AffineTransform fromUnit, AffineTransform toUser,
            AffineTransform toMm) {
        AffineTransform all = new AffineTransform(toMm);
        all.concatenate(toUser);
        all.concatenate(fromUnit);
        try {
            AffineTransform inverse = all.createInverse();
            double[] numbers = new double[6];
            inverse.getMatrix(numbers);
            return Arrays.stream(numbers).allMatch(Double::isFinite) ? Optional.of(inverse) : Optional.empty();
        } catch (NoninvertibleTransformException e) {
            return Optional.empty();
        }
    }

    private List<Element> chain(Element first) {
        List<Element> chain = new ArrayList<>();
        Set<Element> seen = new HashSet<>();
        for (Element e = first; e != null && seen.add(e) && chain.size() < MOST_LINKS; e = byId.get(link(e))) {
            chain.add(e);
        }
        return chain;
    }

    private static String link(Element e) {
        String href = SafeXml.link(e);
        return href.startsWith("#") ? href.substring(1) : "";
    }

    private static String attribute(List<Element> chain, String name, String otherwise) {
        return chain.stream().filter(e -> e.hasAttribute(name)).map(e -> e.getAttribute(name).strip()).findFirst()
                .orElse(otherwise);
    }

    private static double number(List<Element> chain, String name, double whole, double otherwise) {
        String text = attribute(chain, name, "");
        return text.isEmpty() ? otherwise : SvgNumbers.length(text, whole, otherwise);
    }

    private List<Gradient.Stop> stops(List<Element> chain, SvgLook shape, double opacity) {
        List<Gradient.Stop> stops = new ArrayList<>();
        for (Element e : chain) {
            double least = 0;
            for (Node n = e.getFirstChild(); n != null; n = n.getNextSibling()) {
                if (n instanceof Element stop && SafeXml.localName(stop).equals("stop") && stops.size() < 200) {
                    SvgLook look = shape.within(stop, rules);
                    String text = look.get("stop-color", "black");
                    SvgColours.Colour colour = SvgColours.parse(
                            text.equals("currentColor") ? look.get("color", "black") : text)
                            .orElse(new SvgColours.Colour(new Rgb(0, 0, 0), 1));
                    double place = Math.max(least,
                            Math.max(0, Math.min(1, SvgNumbers.of(stop, "offset", 1, 0))));
                    least = place;
                    stops.add(new Gradient.Stop(place, inks.apply(colour.rgb()),
                            opacity * colour.opacity() * look.share("stop-opacity")));
                }
            }
            if (!stops.isEmpty()) {
                break;
            }
        }
        return stops;
    }
}
