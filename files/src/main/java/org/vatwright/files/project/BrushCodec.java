package org.vatwright.files.project;

import java.util.Optional;

import com.fasterxml.jackson.databind.node.ObjectNode;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.JsonIn;

/** How a brush stands in JSON: what is at rest is left out. */
public final class BrushCodec {

    private static final String[] KNOWN = {"name", "tip", "outline", "picture", "sizeMm", "hardness", "breadth",
            "angleDeg", "along",
            "spacing",
            "jitter", "opacity", "flow", "wet", "tooth", "taper", "thins"};

    private BrushCodec() {}

    public static void write(Brush brush, ObjectNode out) {
        Brush rest = new Brush(brush.name(), brush.tip(), brush.form(), brush.sizeMm());
        out.put("name", brush.name()).put("tip", brush.tip().words()).put("sizeMm", brush.sizeMm());
        brush.form().ifPresent(f -> {
            switch (f) {
                case TipForm.OfOutline(Outline outline) -> out.put("outline", outline.data());
                case TipForm.OfPicture picture -> out.put("picture", TipPictures.text(picture));
            }
        });
        put(out, "hardness", brush.hardness(), rest.hardness());
        put(out, "breadth", brush.breadth(), rest.breadth());
        put(out, "angleDeg", brush.angleDeg(), rest.angleDeg());
        if (brush.along()) {
            out.put("along", true);
        }
        put(out, "spacing", brush.spacing(), rest.spacing());
        if (!brush.jitter().equals(Brush.Jitter.NONE)) {
            ObjectNode jitter = out.putObject("jitter");
            put(jitter, "size", brush.jitter().size(), 0);
            put(jitter, "angle", brush.jitter().angle(), 0);
            put(jitter, "place", brush.jitter().place(), 0);
            put(jitter, "ink", brush.jitter().ink(), 0);
        }
        put(out, "opacity", brush.opacity(), rest.opacity());
        put(out, "flow", brush.flow(), rest.flow());
        put(out, "wet", brush.wet(), rest.wet());
        put(out, "tooth", brush.tooth(), rest.tooth());
        put(out, "taper", brush.taper(), rest.taper());
        put(out, "thins", brush.thins(), rest.thins());
    }

    private static void put(ObjectNode out, String name, double value, double rest) {
        if (value != rest) {
            out.put(name, value);
        }
    }

    public static Brush read(JsonIn in) {
        in.only(KNOWN);
        Tip tip = in.at("tip").placed(() -> Tip.parse(in.text("tip")));
        Brush rest = new Brush(in.text("name"), tip, form(in), in.number("sizeMm"));
        return new Brush(rest.name(), tip, rest.form(), rest.sizeMm(), in.number("hardness", rest.hardness()),
                in.number("breadth", rest.breadth()), in.number("angleDeg", rest.angleDeg()), in.truth("along", false),
                in.number("spacing", rest.spacing()), in.has("jitter") ? jitter(in.at("jitter")) : Brush.Jitter.NONE,
                in.number("opacity", rest.opacity()), in.number("flow", rest.flow()), in.number("wet", rest.wet()),
                in.number("tooth", rest.tooth()), in.number("taper", rest.taper()), in.number("thins", rest.thins()));
    }

    private static Optional<TipForm> form(JsonIn in) {
        if (in.has("outline")) {
            return Optional.of(in.at("outline").placed(
                    i -> new TipForm.OfOutline(Outline.parse(i.asText()))));
        }
        return in.has("picture")
                ? Optional.of(in.at("picture").placed(i -> TipPictures.of(i.asText())))
                : Optional.empty();
    }

    private static Brush.Jitter jitter(JsonIn in) {
        in.only("size", "angle", "place", "ink");
        return in.placed(() -> new Brush.Jitter(in.number("size", 0), in.number("angle", 0), in.number("place", 0),
                in.number("ink", 0)));
    }
}
