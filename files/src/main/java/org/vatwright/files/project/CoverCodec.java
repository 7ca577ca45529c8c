package org.vatwright.files.project;

import org.vatwright.core.family.cover.Cover;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

final class CoverCodec implements StructureCodec<Cover> {

    @Override
    public String family() {
        return Cover.FAMILY;
    }

    @Override
    public Class<Cover> type() {
        return Cover.class;
    }

    @Override
    public void write(Cover cover, ObjectNode out) {
        InkCodec.write(out, "ink", cover.ink());
    }

    @Override
    public Cover read(JsonIn in) {
        in.only("family", "ink");
        return new Cover(InkCodec.read(in, "ink"));
    }
}
