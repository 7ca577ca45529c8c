package org.vatwright.files.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Print;
import org.vatwright.core.measure.Id;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** What a piece wears in JSON. */
public final class LayCodec {

    private static final String FIRST = "Morning";

    private LayCodec() {}

    static ObjectNode write(Dressing dressing) {
        ObjectNode out = Json.object();
        dressing.lay().ifPresent(lay -> out.set("lay", write(lay)));
        dressing.drape().ifPresent(drape -> out.set("drape", DrapeCodec.write(drape)));
        if (dressing.shade() > 0) {
            out.put("shade", dressing.shade());
        }
        if (dressing.light() > 0) {
            out.put("light", dressing.light());
        }
        if (!dressing.prints().isEmpty()) {
            ArrayNode prints = out.putArray("prints");
            dressing.prints().forEach(p -> prints.add(write(p)));
        }
        if (!dressing.stitches().isEmpty()) {
            ArrayNode stitches = out.putArray("stitches");
            dressing.stitches().forEach(s -> stitches.add(StitchCodec.write(s)));
        }
        if (!dressing.effects().isEmpty()) {
            ArrayNode effects = out.putArray("effects");
            dressing.effects().forEach(e -> effects.add(EffectCodec.write(e)));
        }
        return out;
    }

    static Dressing read(JsonIn in) {
        in.only("lay", "drape", "shade", "light", "prints", "stitches", "effects");
        return new Dressing(in.has("lay") ? Optional.of(in.at("lay").placed(LayCodec::lay)) : Optional.empty(),
                in.has("drape") ? Optional.of(in.at("drape").placed(DrapeCodec::read)) : Optional.empty(),
                in.number("shade", 0), in.number("light", 0), in.list("prints", LayCodec::print),
                in.list("stitches", StitchCodec::read), in.list("effects", EffectCodec::read));
    }

    static ObjectNode write(Lay lay) {
        ObjectNode out = Json.object().put("design", lay.design().text()).put("colourway", lay.colourway())
                .put("scale", lay.scale()).put("grainDeg", lay.grainDeg());
        out.putArray("start").add(lay.startX()).add(lay.startY());
        if (lay.shearDeg() != 0) {
            out.put("shearDeg", lay.shearDeg());
        }
        if (lay.flipped()) {
            out.put("flipped", true);
        }
        out.put("opacity", lay.opacity()).put("mode", lay.mode().keyword());
        if (lay.together()) {
            out.put("together", true);
        }
        lay.fade().ifPresent(f -> out.set("fade", FinishCodec.write(f)));
        return out;
    }

    /** Only the design is needed; all else has its neutral value. */
    static Lay lay(JsonIn in) {
        in.only("design", "colourway", "scale", "grainDeg", "start", "shearDeg", "flipped", "opacity", "mode",
                "together", "fade");
        List<Double> start = in.list("start", JsonIn::asNumber);
        if (start.size() != 0 && start.size() != 2) {
            throw in.at("start").wrong("should be two numbers, mm to the right and down");
        }
        return new Lay(in.at("design").placed(d -> new Id(d.asText())), in.text("colourway", FIRST),
                in.number("scale", 1), in.number("grainDeg", 0), start.isEmpty() ? 0 : start.get(0),
                start.isEmpty() ? 0 : start.get(1), in.number("shearDeg", 0), in.truth("flipped", false),
                in.number("opacity", 1), BlendMode.parse(in.text("mode", "normal")), in.truth("together", false),
                in.has("fade") ? Optional.of(in.at("fade").placed(FinishCodec::fade)) : Optional.empty());
    }

    static ObjectNode write(Print print) {
        ObjectNode out = Json.object().put("design", print.design().text()).put("colourway", print.colourway());
        if (print.motif() > 0) {
            out.put("layer", print.layer()).put("motif", print.motif());
        }
        if (print.ground()) {
            out.put("ground", true);
        }
        out.putArray("middle").add(print.x()).add(print.y());
        return out.put("scale", print.scale()).put("turnDeg", print.turnDeg()).put("opacity", print.opacity());
    }

    public static Print print(JsonIn in) {
        in.only("design", "colourway", "layer", "motif", "ground", "middle", "scale", "turnDeg", "opacity");
        List<Double> middle = in.list("middle", JsonIn::asNumber);
        if (middle.size() != 2) {
            throw in.wrong("lacks \"middle\", two numbers, mm to the right and down");
        }
        return in.placed(() -> new Print(in.at("design").placed(d -> new Id(d.asText())), in.text("colourway", FIRST),
                in.whole("layer", 0), in.whole("motif", 0), in.truth("ground", false), middle.get(0), middle.get(1),
                in.number("scale", 1), in.number("turnDeg", 0), in.number("opacity", 1)));
    }
}
