package org.vatwright.files.project;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.pattern.Ink;
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
        Fabric fabric = plaid.fabric();
        FabricCodec.weave(out, fabric.weave());
        FabricCodec.look(out, fabric.look());
        out.put("endsPerCm", fabric.endsPerCm()).put("picksPerCm", fabric.picksPerCm());
        out.put("angleDeg", plaid.angleDeg());
        FabricCodec.run(out, "warp", fabric.warp());
        fabric.ownWeft().ifPresent(w -> FabricCodec.run(out, "weft", w));
        ObjectNode letters = out.putObject("letters");
        plaid.letters().forEach((letter, ink) -> InkCodec.write(letters, letter, ink));
    }

    @Override
    public Plaid read(JsonIn in) {
        in.only("family", "weave", "look", "warpShare", "yarn", "endsPerCm", "picksPerCm", "angleDeg", "warp", "weft",
                "letters");
        double ends = in.number("endsPerCm");
        Fabric fabric = new Fabric(FabricCodec.run(in.at("warp")),
                in.has("weft") ? Optional.of(FabricCodec.run(in.at("weft"))) : Optional.empty(), FabricCodec.weave(in),
                FabricCodec.look(in), ends, in.number("picksPerCm", ends));
        Map<String, Ink> letters = new LinkedHashMap<>();
        if (in.has("letters")) {
            JsonIn given = in.at("letters");
            given.names().forEach(n -> letters.put(n, InkCodec.read(given, n)));
        }
        return new Plaid(fabric, letters, in.number("angleDeg", 0));
    }
}
