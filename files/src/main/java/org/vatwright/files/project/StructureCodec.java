package org.vatwright.files.project;

import java.util.List;

import org.vatwright.core.pattern.Structure;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** How one family of structures stands in JSON. */
interface StructureCodec<S extends Structure> {

    /** One codec a family, in the order of the catalogue. */
    List<StructureCodec<?>> ALL = List.of(new StripesCodec(), new ChecksCodec(), new PlaidCodec(),
            new WeavingCodec(), new DotsCodec(), new BlocksCodec(), new ZigzagCodec(), new InterlaceCodec(),
            new FlowLinesCodec(), new MotifsCodec(), new ToothCodec(), new BrushworkCodec(),
            new CoverCodec(),
            new TogetherCodec());

    String family();

    Class<S> type();

    void write(S structure, ObjectNode out);

    S read(JsonIn in);

    static void writeAny(Structure structure, ObjectNode out) {
        out.put("family", structure.family());
        ALL.stream().filter(c -> c.type().isInstance(structure)).findFirst().orElseThrow().writeCast(structure, out);
    }

    private void writeCast(Structure structure, ObjectNode out) {
        write(type().cast(structure), out);
    }

    static Structure readAny(JsonIn in) {
        String family = in.text("family");
        for (StructureCodec<?> codec : ALL) {
            if (codec.family().equals(family)) {
                return in.placed(() -> codec.read(in));
            }
        }
        throw in.at("family").wrong("is \"%s\", a structure this version does not know; it knows %s".formatted(family,
                String.join(", ", ALL.stream().map(StructureCodec::family).toList())));
    }
}
