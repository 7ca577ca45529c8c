package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.w3c.dom.Element;

/** Where the cell of a pattern lies (SVG 2, 14.3 Patterns). */
final class SvgPatterns {

    private static final int MOST_LINKS = 20;

    private SvgPatterns() {}

    /**
     * @param holder of what is drawn in the cell
     * @param cellToMm from the cell, its corner at 0, 0, in user units, to the drawing
     * @param wide,high of the cell, in user units
     * @param content from the content's units to the cell's
     * @param contentWide,contentHigh that shares in the content refer to
     */
    record Cell(Element holder, AffineTransform cellToMm, double wide, double high, AffineTransform content,
            double contentWide, double contentHigh) {}

    /**
     * @param box of the shape, in its own units
     * @param toMm from the shape's units
     * @return nothing when it has no cell, or nothing is drawn in it
     */
    static Optional<Cell> of(Element pattern, Map<String, Element> byId, Rectangle2D box, AffineTransform toMm) {
        List<Element> chain = chain(pattern, byId);
        Optional<Element> holder = chain.stream().filter(e -> e.getElementsByTagName("*").getLength() > 0).findFirst();
        boolean boxUnits = !"userSpaceOnUse".equals(attribute(chain, "patternUnits"));
        double x = number(chain, "x", boxUnits ? 1 : box.getWidth());
        double y = number(chain, "y", boxUnits ? 1 : box.getHeight());
        double wide = number(chain, "width", boxUnits ? 1 : box.getWidth());
        double high = number(chain, "height", boxUnits ? 1 : box.getHeight());
        if (boxUnits) {
            x = box.getX() + x * box.getWidth();
            y = box.getY() + y * box.getHeight();
            wide *= box.getWidth();
            high *= box.getHeight();
        }
        if (holder.isEmpty() || !(wide > 0) || !(high > 0)) {
            return Optional.empty();
        }
        AffineTransform cell = new AffineTransform(toMm);
        cell.concatenate(SvgTransforms.parse(attribute(chain, "patternTransform")));
        cell.translate(x, y);
        double[] view = chain.stream().map(SvgNumbers::viewBox).filter(v -> v != null).findFirst().orElse(null);
        boolean contentInBox = "objectBoundingBox".equals(attribute(chain, "patternContentUnits"));
        AffineTransform content = view != null
                ? SvgTransforms.fitting(view, 0, 0, wide, high, attribute(chain, "preserveAspectRatio"))
                : contentInBox
                        ? AffineTransform.getScaleInstance(box.getWidth(), box.getHeight())
                        // As renderers do, the content begins at the corner of the cell.
                        : new AffineTransform();
        return Optional.of(new Cell(holder.get(), cell, wide, high, content, view != null ? view[2] : wide,
                view != null ? view[3] : high));
    }

    private static List<Element> chain(Element first, Map<String, Element> byId) {
        List<Element> chain = new ArrayList<>();
        Set<Element> seen = new HashSet<>();
        for (Element e = first; e != null && SafeXml.localName(e).equals("pattern") && seen.add(e)
                && chain.size() < MOST_LINKS;) {
            chain.add(e);
            String href = SafeXml.link(e);
            e = href.startsWith("#") ? byId.get(href.substring(1)) : null;
        }
        return chain;
    }

    private static String attribute(List<Element> chain, String name) {
        return chain.stream().filter(e -> e.hasAttribute(name)).map(e -> e.getAttribute(name).strip()).findFirst()
                .orElse("");
    }

    private static double number(List<Element> chain, String name, double whole) {
        String text = attribute(chain, name);
        return text.isEmpty() ? 0 : SvgNumbers.length(text, whole, 0);
    }
}
