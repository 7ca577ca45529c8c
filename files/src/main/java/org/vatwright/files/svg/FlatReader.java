package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * Reads a flat from a drawing: every closed shape becomes a piece, every open line is kept as a line. Nothing outside
 * the file is ever looked at.
 */
public final class FlatReader {

    private static final int MOST_NOTES = 50;
    private static final Set<String> SKIPPED = Set.of("defs", "clipPath", "mask", "symbol", "pattern", "marker",
            "metadata", "style", "script", "title", "desc", "filter", "linearGradient", "radialGradient");

    /**
     * What was read.
     *
     * @param notes what was left out, one sentence each
     */
    public record Reading(Article.Flat article, List<String> notes) {}

    /**
     * A shape of a drawing.
     *
     * @param closed whether it is a piece; else it would be one if it were closed
     * @param gapMm between the ends of one that is open
     */
    public record Found(String name, boolean closed, Outline outline, double gapMm) {}

    /** All shapes of a drawing in their order, and what was left out. */
    public record Shapes(List<Found> found, List<String> notes) {}

    /** An open line that would enclose less is a fold or a seam. */
    private static final double LEAST_AREA = 1;
    private static final Rgb BLACK = new Rgb(0, 0, 0);

    private final Limits limits;
    private final SvgRules rules;
    private final DrawingSize size;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Article.Line> lines = new ArrayList<>();
    private final List<Found> found = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final Set<String> names = new HashSet<>();
    private int elements;
    private int opened;

    private FlatReader(Limits limits, SvgRules rules, DrawingSize size) {
        this.limits = limits;
        this.rules = rules;
        this.size = size;
    }

    /** @throws Refusal when the drawing is broken, hostile or has no closed shape */
    public static Reading read(Path file) {
        String name = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        return read(Disk.read(file, Limits.STANDARD), name, Limits.STANDARD);
    }

    /** @return what an article would be made of; also of a drawing with no closed shape. @throws Refusal when it is broken or hostile */
    public static Shapes shapes(Path file) {
        FlatReader reader = walked(Disk.read(file, Limits.STANDARD), String.valueOf(file.getFileName()),
                Limits.STANDARD);
        return new Shapes(List.copyOf(reader.found), List.copyOf(reader.notes));
    }

    private static FlatReader walked(byte[] svg, String name, Limits limits) {
        Element root = SafeXml.drawing(svg, name, limits);
        DrawingSize size = size(root);
        FlatReader reader = new FlatReader(limits, SvgRules.within(root), size);
        reader.children(root, size.toMm(), SvgLook.start(), 1);
        return reader;
    }

    public static Reading read(byte[] svg, String name, Limits limits) {
        FlatReader reader = walked(svg, name, limits);
        DrawingSize size = reader.size;
        if (reader.pieces.isEmpty()) {
            throw new Refusal(
                    "%s has no closed shape; a piece is a closed path, a rectangle, a circle, an ellipse or a polygon"
                            .formatted(name));
        }
        String title = name.replace('-', ' ').replace('_', ' ').strip();
        return new Reading(
                new Article.Flat(Id.fresh(), title.isEmpty() ? "Flat" : title, size.widthMm(), size.heightMm(),
                        reader.pieces, reader.lines, Dressings.NONE),
                reader.notes);
    }

    /** A flat is cut from cloth, so its size must be said, and be one a garment or a product can have. */
    private static DrawingSize size(Element root) {
        for (String side : new String[]{"width", "height"}) {
            if (root.getAttribute("viewBox").isBlank() && root.getAttribute(side).isBlank()) {
                throw new Refusal("the drawing says neither its %s nor a viewBox".formatted(side));
            }
        }
        if (!root.getAttribute("viewBox").isBlank() && SvgNumbers.viewBox(root) == null) {
            throw new Refusal("the drawing's viewBox \"%s\" has no area or is not four numbers"
                    .formatted(root.getAttribute("viewBox")));
        }
        DrawingSize size = DrawingSize.of(root);
        Require.within("drawing width", size.widthMm(), Article.LEAST_MM, Article.MOST_MM, "mm");
        Require.within("drawing height", size.heightMm(), Article.LEAST_MM, Article.MOST_MM, "mm");
        return size;
    }

    private void children(Element parent, AffineTransform toMm, SvgLook look, int depth) {
        if (depth > limits.depth()) {
            throw new Refusal(
                    "the drawing nests its groups more than %d deep; it is not read".formatted(limits.depth()));
        }
        for (Node node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element element) {
                element(element, toMm, look, depth);
            }
        }
    }

    private void element(Element element, AffineTransform parentToMm, SvgLook parentLook, int depth) {
        Require.that(++elements <= limits.elements(),
                "the drawing has more than %,d elements; it is not read".formatted(limits.elements()));
        String kind = SafeXml.localName(element);
        SvgLook look = parentLook.within(element, rules);
        if (SKIPPED.contains(kind) || look.hidden() || look.invisible()) {
            return;
        }
        AffineTransform toMm = new AffineTransform(parentToMm);
        toMm.concatenate(SvgTransforms.parse(element.getAttribute("transform")));
        switch (kind) {
            case "g", "a", "svg", "switch" -> children(element, toMm, look, depth + 1);
            case "path", "rect", "circle", "ellipse", "polygon", "polyline", "line" ->
                shape(element, kind, toMm, look);
            case "image", "use", "text", "foreignObject" -> note(element, kind);
            default -> {
                // Elements of other vocabularies carry nothing that is drawn.
            }
        }
    }

    private void note(Element element, String kind) {
        String link = SafeXml.link(element);
        String outside = link.isEmpty() || link.startsWith("#") || link.startsWith("data:")
                ? ""
                : "; its link to %s was not followed"
                        .formatted(link.length() > 60 ? link.substring(0, 60) + "\u2026" : link);
        if (notes.size() < MOST_NOTES) {
            notes.add("left out: %s%s".formatted(kind, outside));
        }
    }

    private void shape(Element element, String kind, AffineTransform toMm, SvgLook look) {
        Path2D path = SvgForms.shape(element, kind, size.boxWide(), size.boxHigh(), what -> {
            throw new Refusal("the drawing has " + what);
        });
        if (path == null || path.getCurrentPoint() == null) {
            return;
        }
        Outline outline = Outline.of(path, toMm);
        if (!drawable(outline, kind)) {
            return;
        }
        Optional<Pen> stroke = stroke(look, Math.sqrt(Math.abs(toMm.getDeterminant())));
        if (SvgForms.closed(path) && !outline.bounds().isEmpty()) {
            Require.that(pieces.size() < Article.Flat.MOST_PIECES,
                    "the drawing has more than %,d closed shapes; a flat takes that many"
                            .formatted(Article.Flat.MOST_PIECES));
            Piece piece = new Piece(Id.fresh(), name(element, "piece", pieces.size() + 1), outline, stroke)
                    .withFill(fill(look));
            pieces.add(piece);
            found.add(new Found(piece.name(), true, outline, 0));
        } else {
            stroke.ifPresent(s -> lines.add(new Article.Line(outline, s)));
            if (!kind.equals("line") && outline.area() >= LEAST_AREA) {
                opened++;
                found.add(new Found(name(element, "open shape", opened), false, outline,
                        outline.gapMm()));
            }
        }
    }

    private boolean drawable(Outline outline, String kind) {
        try {
            outline.checked("a shape");
            return true;
        } catch (Refusal e) {
            if (notes.size() < MOST_NOTES) {
                notes.add("left out: %s: %s".formatted(kind, e.getMessage()));
            }
            return false;
        }
    }

    /** The drawing's own plain colour of a shape; a shading, or nothing, is none. */
    private static Optional<Rgb> fill(SvgLook look) {
        String colour = look.get("fill", "black");
        return colour.equals("none") ? Optional.empty() : SvgColours.parse(colour).map(SvgColours.Colour::rgb);
    }

    /** The line of a shape, in its colour; a shading or anything else that is no colour is drawn black. */
    private static Optional<Pen> stroke(SvgLook look, double mmPerUnit) {
        double mm = look.number("stroke-width", 1) * mmPerUnit;
        String colour = look.get("stroke", "none");
        return colour.equals("none") || mm < 0.01
                ? Optional.empty()
                : Optional.of(new Pen(SvgColours.parse(colour).map(SvgColours.Colour::rgb).orElse(BLACK),
                        Math.min(200, mm)));
    }

    /** The title a person reads, else the id, else a number; each name once. */
    private String name(Element element, String otherwise, int number) {
        String name = element.getAttribute("id").replace('_', ' ').replace('-', ' ').strip();
        for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element child && "title".equals(SafeXml.localName(child))
                    && !child.getTextContent().isBlank()) {
                name = child.getTextContent().strip();
            }
        }
        String base = name.isEmpty() ? otherwise : name.length() > 80 ? name.substring(0, 80) : name;
        String free = name.isEmpty() ? otherwise + " " + number : base;
        for (int n = 2; !names.add(free); n++) {
            free = base + " " + n;
        }
        return free;
    }
}
