package org.vatwright.files.project;

import java.util.Optional;

import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.loom.Cloth;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.weave.Weaving;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

final class WeavingCodec implements StructureCodec<Weaving> {

    @Override
    public String family() {
        return Weaving.FAMILY;
    }

    @Override
    public Class<Weaving> type() {
        return Weaving.class;
    }

    @Override
    public void write(Weaving weaving, ObjectNode out) {
        Cloth cloth = weaving.cloth();
        out.put("name", weaving.name());
        DraftCodec.write(out, weaving.draft());
        out.put("origin", weaving.origin().words());
        ClothCodec.look(out, cloth.look());
        out.put("endsPerCm", cloth.endsPerCm()).put("picksPerCm", cloth.picksPerCm());
        out.put("angleDeg", weaving.angleDeg());
        ClothCodec.run(out, "warp", cloth.warp());
        cloth.ownWeft().ifPresent(w -> ClothCodec.run(out, "weft", w));
        if (!weaving.source().isEmpty()) {
            out.put("source", weaving.source());
        }
    }

    @Override
    public Weaving read(JsonIn in) {
        in.only("family", "name", "draft", "origin", "look", "warpShare", "yarn", "endsPerCm", "picksPerCm", "angleDeg",
                "warp", "weft", "source");
        double ends = in.number("endsPerCm");
        Draft draft = DraftCodec.read(in.at("draft"));
        Cloth cloth = new Cloth(ClothCodec.run(in.at("warp")),
                in.has("weft") ? Optional.of(ClothCodec.run(in.at("weft"))) : Optional.empty(), Weave.plain(),
                ClothCodec.look(in), ends, in.number("picksPerCm", ends));
        Origin origin = in.has("origin")
                ? in.at("origin").placed(o -> Origin.parse(o.asText()))
                : Origin.USUAL;
        return new Weaving(in.text("name", "weave"), draft, origin, cloth, in.number("angleDeg", 0),
                in.text("source", ""));
    }
}
