package org.vatwright.files.project;

import org.vatwright.core.effect.Blur;
import org.vatwright.core.pattern.Effect;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** What is done to a layer's marks, in JSON. */
final class EffectCodec {

    private EffectCodec() {}

    static ObjectNode write(Effect effect) {
        ObjectNode out = Json.object().put("kind", effect.kind());
        switch (effect) {
            case Blur(double spreadMm) -> out.put("spreadMm", spreadMm);
            default -> throw new IllegalStateException(effect.kind() + " is not written yet");
        }
        return out;
    }

    static Effect read(JsonIn in) {
        String kind = in.text("kind");
        if (kind.equals(Blur.KIND)) {
            return in.only("kind", "spreadMm").placed(() -> new Blur(in.number("spreadMm")));
        }
        throw in.at("kind").wrong("is \"%s\", an effect this version does not know; it knows %s".formatted(kind,
                Blur.KIND));
    }
}
