package org.vatwright.files.svg;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.w3c.dom.Element;

/** Patterns that shapes of a drawing are filled with, as fills that show designs of their own. */
final class PatternFills {

    private static final int MOST = 60;
    /** What a slant or a mirror leaves of a right angle still counts as one. */
    private static final double SQUARE = 1e-3;

    /** Draws what stands in a pattern's cell. */
    interface Drawer {
        MotifReader.Reading draw(SvgPatterns.Cell cell, AffineTransform contentToMm, double wideMm, double highMm);
    }

    private record Key(Element pattern, AffineTransform cell, double wide, double high) {}

    private final Map<String, Element> byId;
    private final Drawer drawer;
    private final Parting parting;
    private final Consumer<String> left;
    private final Map<Key, Optional<Ink>> known = new HashMap<>();
    private final List<Fill> fills = new ArrayList<>();

    /** @param left told what is left out */
    PatternFills(Map<String, Element> byId, Drawer drawer, Parting parting, Consumer<String> left) {
        this.byId = byId;
        this.drawer = drawer;
        this.parting = parting;
        this.left = left;
    }

    /** @return begun where their cell's middle lies in the drawing, in mm */
    List<Fill> fills() {
        return List.copyOf(fills);
    }

    /** @return the ink of a pattern as it lies in a shape; nothing when it draws nothing */
    Optional<Ink> ink(Element pattern, Rectangle2D box, AffineTransform toMm) {
        return SvgPatterns.of(pattern, byId, box, toMm).flatMap(cell -> {
            Key key = new Key(pattern, cell.cellToMm(), cell.wide(), cell.high());
            Optional<Ink> before = known.get(key);
            if (before != null) {
                return before;
            }
            if (fills.size() >= MOST) {
                left.accept("only the first %d pattern fills are kept".formatted(MOST));
                return Optional.empty();
            }
            known.put(key, Optional.empty());
            Optional<Ink> ink = fill(cell).map(fill -> {
                fills.add(fill);
                return fill.ink();
            });
            known.put(key, ink);
            return ink;
        });
    }

    private Optional<Fill> fill(SvgPatterns.Cell cell) {
        AffineTransform m = cell.cellToMm();
        double acrossMm = Math.hypot(m.getScaleX(), m.getShearY());
        double downMm = Math.hypot(m.getShearX(), m.getScaleY());
        double wide = cell.wide() * acrossMm;
        double high = cell.high() * downMm;
        if (!(wide >= Repeat.LEAST_MM * Fill.LEAST_SCALE) || !(high >= Repeat.LEAST_MM * Fill.LEAST_SCALE)
                || !(wide <= Repeat.MOST_MM) || !(high <= Repeat.MOST_MM)) {
            left.accept("a pattern of no size that can be drawn is left out");
            return Optional.empty();
        }
        double dot = (m.getScaleX() * m.getShearX() + m.getShearY() * m.getScaleY()) / (acrossMm * downMm);
        if (Math.abs(dot) > SQUARE || m.getDeterminant() < 0) {
            left.accept("a pattern's slant or mirroring is left out");
        }
        // A cell finer than a design can have is drawn larger and shown smaller.
        double larger = Math.max(1, Math.max(Repeat.LEAST_MM / wide, Repeat.LEAST_MM / high));
        AffineTransform content = AffineTransform.getScaleInstance(acrossMm * larger, downMm * larger);
        content.concatenate(cell.content());
        MotifReader.Reading drawn = drawer.draw(cell, content, wide * larger, high * larger);
        List<VectorMark> inside = cut(drawn.marks(), wide * larger, high * larger);
        if (inside.isEmpty()) {
            left.accept("a pattern in which nothing is drawn is left out");
            return Optional.empty();
        }
        String name = "Pattern %d".formatted(fills.size() + 1);
        Design design = MotifDrawing.filling(blank(name, wide * larger, high * larger), new MotifReader.Reading(name,
                wide * larger, high * larger, inside, drawn.palette(), drawn.fills(), List.of()));
        AffineTransform middle = new AffineTransform(m);
        middle.translate(cell.wide() / 2, cell.high() / 2);
        return Optional.of(new Fill(Id.fresh(), name, new Fill.OfDesign(design, Optional.empty()), 1 / larger,
                1 / larger, -Math.toDegrees(Math.atan2(m.getShearY(), m.getScaleX())), middle.getTranslateX(),
                middle.getTranslateY(), true, true));
    }

    /** What reaches out of the cell of a pattern is not seen. */
    private List<VectorMark> cut(List<VectorMark> marks, double wide, double high) {
        Rectangle2D cell = new Rectangle2D.Double(0, 0, wide, high);
        List<VectorMark> inside = new ArrayList<>();
        for (VectorMark mark : marks) {
            if (cell.contains(mark.shape().getBounds2D())) {
                inside.add(mark);
            } else if (mark.shape().intersects(cell)) {
                inside.add(mark.withShape(parting.cut(mark.shape(), new Area(cell))));
            }
        }
        return inside;
    }

    private static Design blank(String name, double wide, double high) {
        return new Design(name, new Repeat(wide, high, Arrangement.STRAIGHT), Ink.CLEAR, List.of(),
                new Palette(List.of("Ground"), List.of(new Colourway("As drawn", List.of(new Rgb(255, 255, 255))))),
                Guides.NONE);
    }
}
