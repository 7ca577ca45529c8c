package org.vatwright.files.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * Reads a drawing as a motif: shapes with their fills and outlines, in mm at the drawing's true size, equal colours one
 * ink. What cannot be read is named and left out; nothing outside the file is ever looked at.
 */
public final class MotifReader {

    private static final Set<String> UNDRAWN = Set.of("defs", "metadata", "title", "desc", "style", "linearGradient",
            "radialGradient", "clipPath", "mask", "filter", "marker", "pattern", "symbol", "script", "animate",
            "animateTransform", "animateMotion", "set", "namedview", "cursor", "view", "font", "font-face");
    private static final Set<String> UNREAD = Set.of("text", "image", "foreignObject", "video", "audio", "canvas",
            "iframe");
    static final int MOST_USES = 16;
    private static final int MOST_WITHIN = 3;
    private static final int MOST_MARKS = 20_000;
    private static final int MOST_SHOWN_THROUGH = 120;

    /**
     * What was read.
     *
     * @param marks lowest first, in mm from the drawing's upper left corner
     * @param palette each ink's colour, in the order they were met
     * @param fills that inks name; each begins where the middle of its cell lies, in mm from the same corner
     * @param findings what was left out or is only nearly so, one sentence each
     */
    public record Reading(String name, double widthMm, double heightMm, List<VectorMark> marks,
            Map<String, Rgb> palette, List<Fill> fills, List<String> findings) {}

    private final Limits limits;
    private final SvgRules rules;
    private final Map<String, Element> byId;
    private final Map<String, Integer> left;
    private final PatternFills patterns;
    private final SvgFills fills;
    private final SvgClips clips;
    private final Parting parting;
    /** How many patterns this is within. */
    private final int within;
    private int elements;
    private int marks;
    /** There was one more shape than are read. */
    private boolean full;

    private MotifReader(Limits limits) {
        this(limits, new SvgRules(), new HashMap<>(), new LinkedHashMap<>(), Optional.empty(), 0);
    }

    /** @param outer which reads the pattern that this is within */
    private MotifReader(Limits limits, SvgRules rules, Map<String, Element> byId, Map<String, Integer> left,
            Optional<MotifReader> outer, int within) {
        this.limits = limits;
        this.rules = rules;
        this.byId = byId;
        this.left = left;
        this.within = within;
        parting = outer.map(o -> o.parting).orElseGet(() -> new Parting(this::leave));
        patterns = new PatternFills(byId, this::inPattern, parting, this::leave);
        fills = new SvgFills(byId, rules, this::leave, patterns);
        clips = new SvgClips(byId, rules, parting, this::leave, this::broken);
    }

    /** What is drawn in the cell of a pattern has inks of its own. */
    private Reading inPattern(SvgPatterns.Cell cell, AffineTransform contentToMm, double wideMm, double highMm) {
        MotifReader inner = new MotifReader(limits, rules, byId, left, Optional.of(this), within + 1);
        inner.elements = elements;
        inner.marks = marks;
        inner.full = full;
        SvgView view = new SvgView(contentToMm, cell.contentWide(), cell.contentHigh(), 0, 0);
        List<VectorMark> drawn = within >= MOST_WITHIN
                ? List.of()
                : inner.children(cell.holder(), view, SvgLook.start().within(cell.holder(), rules));
        elements = inner.elements;
        marks = inner.marks;
        full = inner.full;
        return new Reading("pattern", wideMm, highMm, drawn, inner.fills.palette(), inner.patterns.fills(), List.of());
    }

    /** @throws Refusal when the file is no drawing, hostile, or nothing in it can be read */
    public static Reading read(Path file) {
        String name = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        return read(Disk.read(file, Limits.STANDARD), name, Limits.STANDARD);
    }

    public static Reading read(byte[] svg, String name, Limits limits) {
        return new MotifReader(limits).drawing(SafeXml.drawing(svg, name, limits), name);
    }

    private Reading drawing(Element root, String name) {
        collect(root, 0);
        DrawingSize size = DrawingSize.of(root);
        SvgView view = new SvgView(size.toMm(), size.boxWide(), size.boxHigh(), 0, 0);
        SvgLook look = SvgLook.start().within(root, rules);
        List<VectorMark> all = look.hidden() ? List.of() : children(root, view, look);
        if (all.isEmpty()) {
            throw new Refusal("%s holds nothing that can be read as a motif%s".formatted(name,
                    left.isEmpty() ? "" : ": " + String.join("; ", left.keySet())));
        }
        List<String> findings = left.entrySet().stream()
                .map(e -> e.getValue() == 1 ? e.getKey() : "%s (%d times)".formatted(e.getKey(), e.getValue()))
                .toList();
        return new Reading(name, size.widthMm(), size.heightMm(), all, fills.palette(), patterns.fills(), findings);
    }

    private void collect(Element element, int depth) {
        if (depth > limits.depth() || ++elements > limits.elements()) {
            throw new Refusal("the drawing nests deeper than %d or has more than %,d elements; it is not read"
                    .formatted(limits.depth(), limits.elements()));
        }
        if (!element.getAttribute("id").isEmpty()) {
            byId.putIfAbsent(element.getAttribute("id"), element);
        }
        if (SafeXml.localName(element).equals("style")) {
            rules.add(element.getTextContent());
        }
        for (Node n = element.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child) {
                collect(child, depth + 1);
            }
        }
    }

    private void leave(String what) {
        left.merge(what, 1, Integer::sum);
    }

    private void broken(String what) {
        leave("drawn up to where it breaks off: " + what);
    }

    private List<VectorMark> children(Element parent, SvgView view, SvgLook look) {
        List<VectorMark> all = new ArrayList<>();
        for (Node n = parent.getFirstChild(); n != null && view.depth() <= limits.depth(); n = n.getNextSibling()) {
            if (n instanceof Element element) {
                all.addAll(element(element, view, look));
                if (SafeXml.localName(parent).equals("switch") && !all.isEmpty()) {
                    break;
                }
            }
        }
        return all;
    }

    private List<VectorMark> element(Element element, SvgView parent, SvgLook parentLook) {
        String kind = SafeXml.localName(element);
        if (UNDRAWN.contains(kind)
                || element.getNodeName().contains(":") && !element.getNodeName().startsWith("svg:")) {
            return List.of();
        }
        if (UNREAD.contains(kind)) {
            leave("left out: " + kind);
            return List.of();
        }
        SvgLook look = parentLook.within(element, rules);
        if (look.hidden() || full) {
            return List.of();
        }
        SvgView view = parent.moved(SvgTransforms.parse(element.getAttribute("transform")));
        List<VectorMark> drawn = switch (kind) {
            case "g", "a", "switch" -> children(element, view, look);
            case "svg" -> nested(element, view, look, -1, -1);
            case "use" -> use(element, view, look);
            case "path", "rect", "circle", "ellipse", "polygon", "polyline", "line" -> shape(element, kind, view, look);
            default -> {
                leave("left out: " + kind);
                yield List.of();
            }
        };
        return effects(drawn, element, view, look);
    }

    /** Clip path and opacity of the whole; what else it asks for is named. */
    private List<VectorMark> effects(List<VectorMark> drawn, Element element, SvgView view, SvgLook look) {
        List<VectorMark> all = drawn;
        if (all.isEmpty()) {
            return all;
        }
        if (look.get("mask").isPresent()) {
            leave("a mask is not applied");
        }
        if (look.get("filter").isPresent()) {
            leave("a filter is not applied");
        }
        Optional<String> clip = look.get("clip-path");
        if (clip.isPresent()) {
            all = clips.clipped(all, id(clip.get()), view, look);
        }
        return look.share("opacity") < 1 ? faded(all, look.share("opacity")) : all;
    }

    /** Several shapes under one opacity: each keeps only what shows of it, so that none shows through another. */
    private List<VectorMark> faded(List<VectorMark> drawn, double opacity) {
        List<VectorMark> result = new ArrayList<>();
        if (drawn.size() > MOST_SHOWN_THROUGH
                || !parting.affords(drawn.stream().map(VectorMark::shape).toList())) {
            leave("shapes under one opacity show through each other");
            drawn.forEach(m -> result.add(m.withOpacity(m.opacity() * opacity)));
            return result;
        }
        Area above = new Area();
        for (VectorMark mark : drawn.reversed()) {
            Area shown = new Area(mark.shape());
            shown.subtract(above);
            if (mark.opacity() == 1 && mark.gradient().isEmpty()) {
                above.add(new Area(mark.shape()));
            }
            if (!shown.isEmpty()) {
                result.addFirst(mark.withShape(shown).withOpacity(mark.opacity() * opacity));
            }
        }
        return result;
    }

    private List<VectorMark> use(Element element, SvgView view, SvgLook look) {
        String id = link(element);
        Element target = byId.get(id);
        if (id.isEmpty() || target == null) {
            leave(id.isEmpty() ? "a link out of the file is not followed" : "what a use refers to cannot be found");
            return List.of();
        }
        if (view.uses() >= MOST_USES) {
            leave("uses nested deeper than %d are left out".formatted(MOST_USES));
            return List.of();
        }
        if (++elements > limits.elements()) {
            leave("uses beyond the first %,d elements are left out".formatted(limits.elements()));
            return List.of();
        }
        SvgView placed = view.used().moved(AffineTransform.getTranslateInstance(
                SvgNumbers.of(element, "x", view.wide(), 0), SvgNumbers.of(element, "y", view.high(), 0)));
        String kind = SafeXml.localName(target);
        if (kind.equals("symbol") || kind.equals("svg")) {
            SvgLook own = look.within(target, rules);
            return own.hidden()
                    ? List.of()
                    : nested(target, placed, own, SvgNumbers.of(element, "width", view.wide(), -1),
                            SvgNumbers.of(element, "height", view.high(), -1));
        }
        return element(target, placed, look);
    }

    /** A drawing or symbol within: its own viewport, cut at its edge. */
    private List<VectorMark> nested(Element element, SvgView view, SvgLook look, double useWide, double useHigh) {
        double wide = useWide >= 0 ? useWide : SvgNumbers.of(element, "width", view.wide(), view.wide());
        double high = useHigh >= 0 ? useHigh : SvgNumbers.of(element, "height", view.high(), view.high());
        if (wide <= 0 || high <= 0) {
            return List.of();
        }
        boolean symbol = SafeXml.localName(element).equals("symbol");
        double x = symbol ? 0 : SvgNumbers.of(element, "x", view.wide(), 0);
        double y = symbol ? 0 : SvgNumbers.of(element, "y", view.high(), 0);
        double[] box = SvgNumbers.viewBox(element);
        SvgView inside = box == null
                ? view.moved(AffineTransform.getTranslateInstance(x, y)).sized(wide, high)
                : view.moved(SvgTransforms.fitting(box, x, y, wide, high,
                        element.getAttribute("preserveAspectRatio"))).sized(box[2], box[3]);
        List<VectorMark> drawn = children(element, inside, look);
        Shape window = view.toMm().createTransformedShape(new Rectangle2D.Double(x, y, wide, high));
        if (!SvgForms.finite(window)) {
            return drawn;
        }
        Area port = new Area(window);
        List<VectorMark> cut = new ArrayList<>();
        for (VectorMark mark : drawn) {
            if (port.contains(mark.shape().getBounds2D())) {
                cut.add(mark);
            } else {
                Shape shown = parting.cut(mark.shape(), port);
                if (!(shown instanceof Area area && area.isEmpty())) {
                    cut.add(mark.withShape(shown));
                }
            }
        }
        return cut;
    }

    private List<VectorMark> shape(Element element, String kind, SvgView view, SvgLook look) {
        Path2D path = SvgForms.shape(element, kind, view.wide(), view.high(), this::broken);
        if (path == null || look.invisible()) {
            return List.of();
        }
        if (!SvgForms.finite(path) || Math.abs(view.toMm().getDeterminant()) < 1e-18) {
            leave("left out: a %s without finite size".formatted(kind));
            return List.of();
        }
        for (String marker : new String[]{"marker-start", "marker-mid", "marker-end"}) {
            if (look.get(marker).isPresent()) {
                leave("line markers are left out");
            }
        }
        Rectangle2D box = path.getBounds2D();
        List<VectorMark> drawn = new ArrayList<>();
        if (!kind.equals("line")) {
            fills.of(look, "fill", "black", "fill-opacity", box, view.toMm()).ifPresent(mark -> mark(drawn, mark,
                    SvgForms.filled(path, look.evenOdd("fill-rule"), parting), view));
        }
        fills.of(look, "stroke", "none", "stroke-opacity", box, view.toMm())
                .ifPresent(mark -> SvgForms.stroked(path, look, view.wide(), view.high(), parting, this::leave)
                        .ifPresent(shape -> mark(drawn, mark, shape, view)));
        return look.get("paint-order", "normal").startsWith("stroke") && drawn.size() == 2 ? drawn.reversed() : drawn;
    }

    private void mark(List<VectorMark> drawn, VectorMark fill, Shape shape, SvgView view) {
        Shape inMm = view.toMm().createTransformedShape(shape);
        if (inMm.getBounds2D().isEmpty() || !SvgForms.finite(inMm)) {
            return;
        }
        if (marks == MOST_MARKS) {
            if (!full) {
                leave("only the first %,d shapes are read".formatted(MOST_MARKS));
            }
            full = true;
            return;
        }
        marks++;
        drawn.add(fill.withShape(inMm));
    }

    static String id(String url) {
        return url.replaceFirst("^url\\(\\s*['\"]?#", "").replaceFirst("['\"]?\\s*\\).*$", "");
    }

    static String link(Element e) {
        String href = SafeXml.link(e);
        return href.startsWith("#") ? href.substring(1) : "";
    }
}
