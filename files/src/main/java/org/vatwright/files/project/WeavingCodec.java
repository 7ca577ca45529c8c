package org.vatwright.files.project;

import java.util.Optional;

import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Weave;
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
        Fabric fabric = weaving.fabric();
        out.put("name", weaving.name());
        DraftCodec.write(out, weaving.draft());
        out.put("origin", weaving.origin().words());
        FabricCodec.look(out, fabric.look());
        out.put("endsPerCm", fabric.endsPerCm()).put("picksPerCm", fabric.picksPerCm());
        out.put("angleDeg", weaving.angleDeg());
        FabricCodec.run(out, "warp", fabric.warp());
        fabric.ownWeft().ifPresent(w -> FabricCodec.run(out, "weft", w));
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
        Fabric fabric = new Fabric(FabricCodec.run(in.at("warp")),
                in.has("weft") ? Optional.of(FabricCodec.run(in.at("weft"))) : Optional.empty(), Weave.plain(),
                FabricCodec.look(in), ends, in.number("picksPerCm", ends));
        Origin origin = in.has("origin")
                ? in.at("origin").placed(o -> Origin.parse(o.asText()))
                : Origin.USUAL;
        return new Weaving(in.text("name", "weave"), draft, origin, fabric, in.number("angleDeg", 0),
                in.text("source", ""));
    }
}
