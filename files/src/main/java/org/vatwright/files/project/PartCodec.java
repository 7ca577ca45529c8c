package org.vatwright.files.project;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Parts of motifs in JSON; what has its neutral value is left out. */
final class PartCodec {

    private PartCodec() {}

    static void write(Part part, ObjectNode out) {
        out.put("name", part.name());
        form(part.form(), out.putObject("form"));
        if (part.x() != 0 || part.y() != 0) {
            out.put("x", part.x()).put("y", part.y());
        }
        if (part.turnDeg() != 0) {
            out.put("turnDeg", part.turnDeg());
        }
        if (part.wide() != 1 || part.high() != 1) {
            out.putArray("scale").add(part.wide()).add(part.high());
        }
        if (part.shearDeg() != 0) {
            out.put("shearDeg", part.shearDeg());
        }
        if (part.group() != 0) {
            out.put("group", part.group());
        }
        InkCodec.write(out, "fill", part.fill());
        part.gradient().ifPresent(g -> gradient(g, out.putObject("gradient")));
        if (part.opacity() != 1) {
            out.put("opacity", part.opacity());
        }
        part.edge().ifPresent(e -> {
            ObjectNode edge = out.putObject("outline").put("widthMm", e.widthMm())
                    .put("join", e.join().name().toLowerCase(Locale.ROOT))
                    .put("cap", e.cap().name().toLowerCase(Locale.ROOT));
            InkCodec.write(edge, "ink", e.ink());
            ArrayNode dashes = edge.putArray("dashesMm");
            e.dashesMm().forEach(dashes::add);
        });
    }

    private static void form(Form form, ObjectNode out) {
        out.put("kind", form.name());
        switch (form) {
            case Form.Rectangle(double w, double h, double r) ->
                out.put("widthMm", w).put("heightMm", h).put("radiusMm", r);
            case Form.Ellipse(double w, double h) -> out.put("widthMm", w).put("heightMm", h);
            case Form.Ring(double d, double hole) -> out.put("diameterMm", d).put("hole", hole);
            case Form.Wedge(double d, double sweep) -> out.put("diameterMm", d).put("sweepDeg", sweep);
            case Form.Polygon(int sides, double d) -> out.put("sides", sides).put("diameterMm", d);
            case Form.Star(int points, double d, double inner) ->
                out.put("points", points).put("diameterMm", d).put("inner", inner);
            case Form.Drop(double w, double h) -> out.put("widthMm", w).put("heightMm", h);
            case Form.Leaf(double w, double h) -> out.put("widthMm", w).put("heightMm", h);
            case Form.Free(Outline outline) -> out.put("outline", outline.data());
            case Form.Letters(String text, String face, double h, Outline outline) ->
                out.put("text", text).put("typeface", face).put("heightMm", h).put("outline", outline.data());
        }
    }

    private static void gradient(Gradient g, ObjectNode out) {
        out.put("kind", g.radial() ? "radial" : "linear");
        out.putArray("toUnit").add(g.m00()).add(g.m10()).add(g.m01()).add(g.m11()).add(g.m02()).add(g.m12());
        if (g.radial()) {
            out.putArray("focus").add(g.focusU()).add(g.focusV());
        }
        out.put("spread", g.spread().name().toLowerCase(Locale.ROOT));
        ArrayNode stops = out.putArray("stops");
        g.stops().forEach(s -> InkCodec.write(stops.addObject().put("place", s.place()).put("opacity", s.opacity()),
                "ink", s.ink()));
    }

    static Part read(JsonIn in) {
        in.only("name", "form", "x", "y", "turnDeg", "scale", "shearDeg", "group", "fill", "gradient", "opacity",
                "outline");
        List<Double> scale = in.list("scale", JsonIn::asNumber);
        if (!scale.isEmpty() && scale.size() != 2) {
            throw in.at("scale").wrong("should be two numbers, across and down");
        }
        Form form = in.at("form").placed(PartCodec::form);
        return new Part(in.text("name", form.name()), form, in.number("x", 0), in.number("y", 0),
                in.number("turnDeg", 0), scale.isEmpty() ? 1 : scale.get(0), scale.isEmpty() ? 1 : scale.get(1),
                in.number("shearDeg", 0), InkCodec.read(in, "fill"),
                in.has("gradient") ? Optional.of(gradient(in.at("gradient"))) : Optional.empty(),
                in.number("opacity", 1), in.has("outline") ? Optional.of(edge(in.at("outline"))) : Optional.empty(),
                in.whole("group", 0));
    }

    private static Form form(JsonIn in) {
        return switch (in.text("kind")) {
            case "rectangle" -> {
                in.only("kind", "widthMm", "heightMm", "radiusMm");
                yield new Form.Rectangle(in.number("widthMm"), in.number("heightMm"), in.number("radiusMm", 0));
            }
            case "ellipse" -> new Form.Ellipse(width(in), in.number("heightMm"));
            case "drop" -> new Form.Drop(width(in), in.number("heightMm"));
            case "leaf" -> new Form.Leaf(width(in), in.number("heightMm"));
            case "ring" -> {
                in.only("kind", "diameterMm", "hole");
                yield new Form.Ring(in.number("diameterMm"), in.number("hole"));
            }
            case "wedge" -> {
                in.only("kind", "diameterMm", "sweepDeg");
                yield new Form.Wedge(in.number("diameterMm"), in.number("sweepDeg"));
            }
            case "polygon" -> {
                in.only("kind", "sides", "diameterMm");
                yield new Form.Polygon(in.whole("sides", 6), in.number("diameterMm"));
            }
            case "star" -> {
                in.only("kind", "points", "diameterMm", "inner");
                yield new Form.Star(in.whole("points", 5), in.number("diameterMm"), in.number("inner", 0.45));
            }
            case "free" -> {
                in.only("kind", "outline");
                yield new Form.Free(Outline.parse(in.text("outline")));
            }
            case "letters" -> {
                in.only("kind", "text", "typeface", "heightMm", "outline");
                yield new Form.Letters(in.text("text"), in.text("typeface"), in.number("heightMm"),
                        Outline.parse(in.text("outline")));
            }
            default -> throw in.at("kind").wrong(
                    "is no form; rectangle, ellipse, ring, wedge, polygon, star, drop, leaf, free and letters are");
        };
    }

    private static double width(JsonIn in) {
        in.only("kind", "widthMm", "heightMm");
        return in.number("widthMm");
    }

    private static Gradient gradient(JsonIn in) {
        in.only("kind", "toUnit", "focus", "spread", "stops");
        List<Double> m = in.at("toUnit").items(JsonIn::asNumber);
        List<Double> focus = in.list("focus", JsonIn::asNumber);
        if (m.size() != 6 || !focus.isEmpty() && focus.size() != 2) {
            throw in.wrong("should have six numbers in \"toUnit\" and two in \"focus\"");
        }
        return new Gradient(in.text("kind").equals("radial"), focus.isEmpty() ? 0 : focus.get(0),
                focus.isEmpty() ? 0 : focus.get(1), m.get(0), m.get(1), m.get(2), m.get(3), m.get(4), m.get(5),
                in.at("stops").items(PartCodec::stop), Part.choice(Gradient.Spread.class, in.text("spread", "pad")));
    }

    private static Gradient.Stop stop(JsonIn in) {
        in.only("place", "ink", "opacity");
        return new Gradient.Stop(in.number("place"), InkCodec.read(in, "ink"), in.number("opacity", 1));
    }

    private static Part.Edge edge(JsonIn in) {
        in.only("ink", "widthMm", "join", "cap", "dashesMm");
        return new Part.Edge(InkCodec.read(in, "ink"), in.number("widthMm"),
                Part.choice(Part.Join.class, in.text("join", "miter")),
                Part.choice(Part.Cap.class, in.text("cap", "butt")), in.list("dashesMm", JsonIn::asNumber));
    }
}
