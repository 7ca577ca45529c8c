package org.vatwright.files.project;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.loom.Cloth;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.plaid.Plaid;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

final class PlaidCodec implements StructureCodec<Plaid> {

    @Override
    public String family() {
        return Plaid.FAMILY;
    }

    @Override
    public Class<Plaid> type() {
        return Plaid.class;
    }

    @Override
    public void write(Plaid plaid, ObjectNode out) {
        Cloth cloth = plaid.cloth();
        ClothCodec.weave(out, cloth.weave());
        ClothCodec.look(out, cloth.look());
        out.put("endsPerCm", cloth.endsPerCm()).put("picksPerCm", cloth.picksPerCm());
        out.put("angleDeg", plaid.angleDeg());
        ClothCodec.run(out, "warp", cloth.warp());
        cloth.ownWeft().ifPresent(w -> ClothCodec.run(out, "weft", w));
        ObjectNode letters = out.putObject("letters");
        plaid.letters().forEach((letter, ink) -> InkCodec.write(letters, letter, ink));
    }

    @Override
    public Plaid read(JsonIn in) {
        in.only("family", "weave", "look", "warpShare", "yarn", "endsPerCm", "picksPerCm", "angleDeg", "warp", "weft",
                "letters");
        double ends = in.number("endsPerCm");
        Cloth cloth = new Cloth(ClothCodec.run(in.at("warp")),
                in.has("weft") ? Optional.of(ClothCodec.run(in.at("weft"))) : Optional.empty(), ClothCodec.weave(in),
                ClothCodec.look(in), ends, in.number("picksPerCm", ends));
        Map<String, Ink> letters = new LinkedHashMap<>();
        if (in.has("letters")) {
            JsonIn given = in.at("letters");
            given.names().forEach(n -> letters.put(n, InkCodec.read(given, n)));
        }
        return new Plaid(cloth, letters, in.number("angleDeg", 0));
    }
}
