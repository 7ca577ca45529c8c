package org.vatwright.files.project;

import java.util.Locale;

import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.BreakUp;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** What is done to a layer's marks, in JSON. */
final class EffectCodec {

    private static final String KNOWN = String.join(", ", BreakUp.KIND, Blur.KIND, OutlineEffect.KIND, Relief.KIND,
            ToothWear.KIND, CastShadow.KIND, Halo.KIND);

    private EffectCodec() {}

    static ObjectNode write(Effect effect) {
        ObjectNode out = Json.object().put("kind", effect.kind());
        switch (effect) {
            case Blur(double spreadMm) -> out.put("spreadMm", spreadMm);
            case BreakUp b -> out.put("heightMm", b.heightMm()).put("widthMm", b.widthMm()).put("shiftMm", b.shiftMm())
                    .put("seed", b.seed()).put("x", b.x()).put("y", b.y());
            case OutlineEffect o -> ink(out.put("widthMm", o.widthMm()).put("side",
                    o.side().name().toLowerCase(Locale.ROOT)), o.ink());
            case Relief r -> out.put("heightMm", r.heightMm()).put("softMm", r.softMm()).put("lightDeg", r.lightDeg())
                    .put("elevationDeg", r.elevationDeg()).put("shine", r.shine()).put("sunk", r.sunk())
                    .put("fromLightness", r.fromLightness());
            case ToothWear(var form) -> ToothCodec.write(form, out);
            case CastShadow c -> ink(out.put("lengthMm", c.lengthMm()).put("lightDeg", c.lightDeg())
                    .put("softMm", c.softMm()).put("strength", c.strength()), c.ink());
            case Halo h -> ink(out.put("inner", h.inner()).put("widthMm", h.widthMm()).put("strength", h.strength())
                    .put("added", h.added()), h.ink());
            default -> throw new IllegalStateException(effect.kind() + " is not written yet");
        }
        return out;
    }

    private static void ink(ObjectNode out, Ink ink) {
        InkCodec.write(out, "ink", ink);
    }

    static Effect read(JsonIn in) {
        String kind = in.text("kind");
        return in.placed(() -> switch (kind) {
            case Blur.KIND -> new Blur(in.only("kind", "spreadMm").number("spreadMm"));
            case BreakUp.KIND -> breakUp(in.only("kind", "heightMm", "widthMm", "shiftMm", "seed", "x", "y"));
            case OutlineEffect.KIND -> outline(in.only("kind", "widthMm", "side", "ink"));
            case Relief.KIND -> relief(in.only("kind", "heightMm", "softMm", "lightDeg", "elevationDeg", "shine",
                    "sunk", "fromLightness"));
            case ToothWear.KIND -> new ToothWear(ToothCodec.form(in.only("kind", "tooth", "sizeMm", "amount",
                    "directionDeg", "contrast", "seed", "x", "y")));
            case CastShadow.KIND -> shadow(in.only("kind", "lengthMm", "lightDeg", "softMm", "strength", "ink"));
            case Halo.KIND -> halo(in.only("kind", "inner", "widthMm", "strength", "added", "ink"));
            default -> throw in.at("kind").wrong("is \"%s\", an effect this version does not know; it knows %s"
                    .formatted(kind, KNOWN));
        });
    }

    private static BreakUp breakUp(JsonIn in) {
        return new BreakUp(in.number("heightMm"), in.number("widthMm", 0), in.number("shiftMm"),
                in.longWhole("seed", 1), in.number("x", 0), in.number("y", 0));
    }

    private static OutlineEffect outline(JsonIn in) {
        String side = in.text("side", "middle");
        for (OutlineEffect.Side each : OutlineEffect.Side.values()) {
            if (each.name().toLowerCase(Locale.ROOT).equals(side)) {
                return new OutlineEffect(in.number("widthMm"), each, InkCodec.read(in, "ink"));
            }
        }
        throw in.at("side").wrong("is \"%s\"; inside, middle and outside are".formatted(side));
    }

    private static Relief relief(JsonIn in) {
        Relief fresh = Relief.fresh();
        return new Relief(in.number("heightMm"), in.number("softMm", fresh.softMm()),
                in.number("lightDeg", fresh.lightDeg()), in.number("elevationDeg", fresh.elevationDeg()),
                in.number("shine", fresh.shine()), in.truth("sunk", false), in.truth("fromLightness", false));
    }

    private static CastShadow shadow(JsonIn in) {
        return new CastShadow(in.number("lengthMm"), in.number("lightDeg", 135), in.number("softMm", 0),
                in.number("strength", 0.5), InkCodec.read(in, "ink"));
    }

    private static Halo halo(JsonIn in) {
        return new Halo(in.truth("inner", false), in.number("widthMm"), in.number("strength", 0.5),
                in.truth("added", false), InkCodec.read(in, "ink"));
    }
}
