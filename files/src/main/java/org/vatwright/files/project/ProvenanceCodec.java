package org.vatwright.files.project;

import org.vatwright.core.measure.Provenance;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Where something comes from, in JSON; left out where nothing is known. */
final class ProvenanceCodec {

    private ProvenanceCodec() {}

    static void write(ObjectNode out, Provenance provenance) {
        if (!provenance.equals(Provenance.NONE)) {
            out.putObject("provenance").put("madeBy", provenance.madeBy()).put("from", provenance.from()).put("terms",
                    provenance.terms());
        }
    }

    static Provenance read(JsonIn in) {
        if (!in.has("provenance")) {
            return Provenance.NONE;
        }
        JsonIn at = in.at("provenance").only("madeBy", "from", "terms");
        return at.placed(() -> new Provenance(at.text("madeBy", ""), at.text("from", ""), at.text("terms", "")));
    }
}
