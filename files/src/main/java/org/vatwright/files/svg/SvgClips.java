package org.vatwright.files.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import org.vatwright.core.pattern.VectorMark;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Clip paths: of each shape only what lies in one of the path's own shapes is kept. */
final class SvgClips {

    private static final Set<String> SHAPES = Set.of("path", "rect", "circle", "ellipse", "polygon", "polyline",
            "line");

    private final Map<String, Element> byId;
    private final SvgRules rules;
    private final Parting parting;
    private final Consumer<String> left;
    private final Consumer<String> broken;

    /** @param left told what is left out @param broken told of a path that breaks off */
    SvgClips(Map<String, Element> byId, SvgRules rules, Parting parting, Consumer<String> left,
            Consumer<String> broken) {
        this.byId = byId;
        this.rules = rules;
        this.parting = parting;
        this.left = left;
        this.broken = broken;
    }

    List<VectorMark> clipped(List<VectorMark> drawn, String id, SvgView view, SvgLook look) {
        Element clip = byId.get(id);
        if (clip == null || !SafeXml.localName(clip).equals("clipPath")) {
            left.accept("a clip path cannot be found");
            return drawn;
        }
        SvgView own = view.moved(SvgTransforms.parse(clip.getAttribute("transform")));
        if ("objectBoundingBox".equals(clip.getAttribute("clipPathUnits"))) {
            Rectangle2D box = bounds(drawn, view.toMm());
            own = own.moved(new AffineTransform(box.getWidth(), 0, 0, box.getHeight(), box.getX(), box.getY()));
        }
        List<Shape> shapes = new ArrayList<>();
        SvgLook within = look.within(clip, rules);
        for (Node n = clip.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element child) {
                shape(child, own, within).ifPresent(shapes::add);
            }
        }
        List<Area> parts = new ArrayList<>();
        for (Shape shape : shapes) {
            Optional<Area> part = parting.area(shape);
            if (part.isEmpty()) {
                return drawn;
            }
            part.filter(a -> !a.isEmpty()).ifPresent(parts::add);
        }
        return cut(drawn, parts);
    }

    /** Each shape meets only those parts of the clip that lie near it, so that many of both take no longer than they must. */
    private List<VectorMark> cut(List<VectorMark> drawn, List<Area> parts) {
        STRtree near = new STRtree();
        parts.forEach(p -> near.insert(envelope(p.getBounds2D()), p));
        Area whole = null;
        List<VectorMark> result = new ArrayList<>();
        for (VectorMark mark : drawn) {
            List<Area> met = new ArrayList<>();
            near.query(envelope(mark.shape().getBounds2D()), p -> met.add((Area) p));
            if (met.isEmpty()) {
                continue;
            }
            boolean most = met.size() > parts.size() / 2;
            if (most ? whole == null && !parting.affords(parts) : !parting.affords(met)) {
                left.accept(Parting.NOT_CLIPPED);
                return drawn;
            }
            if (most && whole == null) {
                whole = union(parts);
            }
            Shape shown = parting.cut(mark.shape(), most ? whole : union(met));
            if (!(shown instanceof Area area && area.isEmpty())) {
                result.add(mark.withShape(shown));
            }
        }
        return result;
    }

    private static Envelope envelope(Rectangle2D box) {
        return new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMaxY());
    }

    /** Halves first: each part takes part in few unions of few, instead of all in one that grows. */
    private static Area union(List<Area> parts) {
        if (parts.size() == 1) {
            return new Area(parts.getFirst());
        }
        Area all = union(parts.subList(0, parts.size() / 2));
        all.add(union(parts.subList(parts.size() / 2, parts.size())));
        return all;
    }

    private Optional<Shape> shape(Element child, SvgView view, SvgLook parent) {
        String kind = SafeXml.localName(child);
        SvgView moved = view.moved(SvgTransforms.parse(child.getAttribute("transform")));
        if (kind.equals("use")) {
            Element target = byId.get(MotifReader.link(child));
            return target == null || view.uses() > MotifReader.MOST_USES
                    ? Optional.empty()
                    : shape(target, moved.used().moved(AffineTransform.getTranslateInstance(
                            SvgNumbers.of(child, "x", view.wide(), 0), SvgNumbers.of(child, "y", view.high(), 0))),
                            parent);
        }
        if (!SHAPES.contains(kind)) {
            return Optional.empty();
        }
        Path2D path = SvgForms.shape(child, kind, view.wide(), view.high(), broken);
        if (path == null || !SvgForms.finite(path)) {
            return Optional.empty();
        }
        SvgLook look = parent.within(child, rules);
        path.setWindingRule(look.evenOdd("clip-rule") ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
        return Optional.of(moved.toMm().createTransformedShape(path)).filter(SvgForms::finite);
    }

    /** @return the box of marks in the units of the view */
    private static Rectangle2D bounds(List<VectorMark> drawn, AffineTransform toMm) {
        Rectangle2D box = null;
        try {
            AffineTransform back = toMm.createInverse();
            for (VectorMark mark : drawn) {
                Rectangle2D own = back.createTransformedShape(mark.shape()).getBounds2D();
                box = box == null ? own : box.createUnion(own);
            }
        } catch (NoninvertibleTransformException e) {
            return new Rectangle2D.Double(0, 0, 1, 1);
        }
        return box;
    }
}
