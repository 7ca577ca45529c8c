package org.vatwright.files.project;

import org.vatwright.core.family.check.Checks;
import org.vatwright.core.pattern.Ink;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class ChecksCodec implements StructureCodec<Checks> {

    @Override
    public String family() {
        return Checks.FAMILY;
    }

    @Override
    public Class<Checks> type() {
        return Checks.class;
    }

    @Override
    public void write(Checks checks, ObjectNode out) {
        out.put("kind", checks.kind().words()).put("band", checks.band()).put("line", checks.line());
        out.put("threadsPerCm", checks.threadsPerCm()).put("angleDeg", checks.angleDeg());
        ArrayNode inks = out.putArray("inks");
        for (Ink ink : checks.inks()) {
            InkCodec.add(inks, ink);
        }
    }

    @Override
    public Checks read(JsonIn in) {
        in.only("family", "kind", "band", "line", "threadsPerCm", "angleDeg", "inks");
        Checks.Kind kind = in.at("kind").placed(() -> Checks.Kind.parse(in.text("kind")));
        Checks fresh = Checks.fresh(kind, in.list("inks", InkCodec::read));
        return new Checks(kind, in.list("inks", InkCodec::read), in.whole("band", fresh.band()),
                in.whole("line", fresh.line()), in.number("threadsPerCm", fresh.threadsPerCm()),
                in.number("angleDeg", 0));
    }
}
