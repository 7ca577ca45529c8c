package org.vatwright.files.project;

import java.util.List;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** What an article wears as a whole, in JSON; what is plain is left out. */
public final class FinishCodec {

    private static final String[] WHOLE = {"ground", "effects", "shades", "shading", "callouts", "trims"};

    private FinishCodec() {}

    static ObjectNode write(Whole whole) {
        ObjectNode out = Json.object();
        switch (whole.ground()) {
            case Ground.Clear _ -> {
            }
            case Ground.OneInk(var colour) -> out.putObject("ground").put("ink", colour.hex());
            case Ground.OfDesign(var lay) -> out.putObject("ground").set("lay", LayCodec.write(lay));
        }
        if (!whole.effects().isEmpty()) {
            ArrayNode effects = out.putArray("effects");
            whole.effects().forEach(e -> effects.add(EffectCodec.write(e)));
        }
        if (!whole.shades().isEmpty()) {
            ArrayNode shades = out.putArray("shades");
            whole.shades().forEach(s -> shades.add(write(s)));
        }
        if (whole.shading() != 1) {
            out.put("shading", whole.shading());
        }
        if (!whole.callouts().isEmpty()) {
            ArrayNode callouts = out.putArray("callouts");
            whole.callouts().forEach(c -> callouts.add(write(c)));
        }
        if (!whole.trims().isEmpty()) {
            ArrayNode trims = out.putArray("trims");
            whole.trims().forEach(t -> trims.add(TrimCodec.write(t)));
        }
        return out;
    }

    public static Whole read(JsonIn in) {
        in.only(WHOLE);
        return new Whole(in.has("ground") ? in.at("ground").placed(FinishCodec::ground) : Ground.CLEAR,
                in.list("effects", EffectCodec::read), in.list("shades", FinishCodec::shade), in.number("shading", 1),
                in.list("callouts", FinishCodec::callout), in.list("trims", TrimCodec::read));
    }

    private static Ground ground(JsonIn in) {
        in.only("ink", "lay");
        if (in.has("ink") == in.has("lay")) {
            throw in.wrong("should have either \"ink\" or \"lay\"");
        }
        return in.has("ink")
                ? new Ground.OneInk(Rgb.parse(in.text("ink")))
                : new Ground.OfDesign(in.at("lay").placed(LayCodec::lay));
    }

    private static ObjectNode write(ShadeStroke s) {
        ObjectNode out = Json.object().put("kind", s.kind().keyword());
        DrapeCodec.places(out, s.points()).put("widthMm", s.widthMm()).put("soft", s.soft()).put("strength",
                s.strength());
        switch (s.confine()) {
            case Confine.Free _ -> {
            }
            case Confine.OfPiece(Id piece, boolean outside) -> outside(out.put("piece", piece.text()), outside);
            case Confine.OfPath(Outline path, boolean outside) -> outside(out.put("path", path.data()), outside);
        }
        return s.carried() ? out.put("carried", true) : out;
    }

    private static void outside(ObjectNode out, boolean outside) {
        if (outside) {
            out.put("outside", true);
        }
    }

    private static ShadeStroke shade(JsonIn in) {
        in.only("kind", "points", "widthMm", "soft", "strength", "piece", "path", "outside", "carried");
        boolean outside = in.truth("outside", false);
        Confine confine = in.has("piece")
                ? new Confine.OfPiece(in.at("piece").placed(p -> new Id(p.asText())), outside)
                : in.has("path") ? new Confine.OfPath(Outline.parse(in.text("path")), outside) : Confine.FREE;
        return in.placed(() -> new ShadeStroke(ShadeStroke.Kind.parse(in.text("kind")), DrapeCodec.places(in),
                in.number("widthMm"), in.number("soft", 0.7), in.number("strength", 0.3), confine,
                in.truth("carried", false)));
    }

    private static ObjectNode write(Callout c) {
        ObjectNode out = Json.object().put("form", c.form().keyword());
        out.putArray("spot").add(c.spot().x()).add(c.spot().y());
        out.putArray("middle").add(c.middle().x()).add(c.middle().y());
        FlatCodec.pen(out.put("sizeMm", c.sizeMm()).put("times", c.times()).putObject("border"), c.border());
        return out.put("line", c.line()).put("caption", c.caption()).put("scale", c.scale());
    }

    private static Callout callout(JsonIn in) {
        in.only("form", "spot", "middle", "sizeMm", "times", "border", "line", "caption", "scale");
        return in.placed(() -> new Callout(Callout.Form.parse(in.text("form", "round")), place(in, "spot"),
                place(in, "middle"), in.number("sizeMm"), in.number("times"), FlatCodec.pen(in.at("border")),
                in.truth("line", true), in.text("caption", ""), in.truth("scale", true)));
    }

    /** @return effects of a piece, as they are written with it */
    public static List<Effect> effects(JsonIn in) {
        return in.list("effects", EffectCodec::read);
    }

    static ObjectNode write(Fade f) {
        ObjectNode out = Json.object().put("way", f.way().keyword());
        out.putArray("full").add(f.full().x()).add(f.full().y());
        out.putArray("clear").add(f.clear().x()).add(f.clear().y());
        return out;
    }

    public static Fade fade(JsonIn in) {
        in.only("way", "full", "clear");
        return in.placed(() -> new Fade(Fade.Way.parse(in.text("way", "along")), place(in, "full"),
                place(in, "clear")));
    }

    private static Place place(JsonIn in, String name) {
        List<Double> both = in.list(name, JsonIn::asNumber);
        if (both.size() != 2) {
            throw in.wrong("lacks \"%s\", two numbers, mm to the right and down".formatted(name));
        }
        return new Place(both.get(0), both.get(1));
    }
}
