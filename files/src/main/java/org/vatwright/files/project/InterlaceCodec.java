package org.vatwright.files.project;

import java.util.Comparator;
import java.util.Set;

import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class InterlaceCodec implements StructureCodec<Interlace> {

    @Override
    public String family() {
        return Interlace.FAMILY;
    }

    @Override
    public Class<Interlace> type() {
        return Interlace.class;
    }

    @Override
    public void write(Interlace interlace, ObjectNode out) {
        if (interlace.mesh() instanceof Mesh.Strips(var weave)) {
            out.put("mesh", "strips");
            FabricCodec.weave(out, weave);
        } else {
            out.put("mesh", interlace.mesh().words());
        }
        out.put("sizeMm", interlace.sizeMm()).put("spacingMm", interlace.spacingMm()).put("downMm", interlace.downMm())
                .put("thicknessMm", interlace.thicknessMm()).put("gapMm", interlace.gapMm())
                .put("light", interlace.light()).put("angleDeg", interlace.angleDeg());
        ArrayNode inks = out.putArray("inks");
        interlace.inks().forEach(ink -> InkCodec.add(inks, ink));
        if (!interlace.flipped().isEmpty()) {
            ArrayNode flipped = out.putArray("flipped");
            interlace.flipped().stream().sorted(Comparator.comparingInt(Interlace.Spot::row)
                    .thenComparingInt(Interlace.Spot::column).thenComparingInt(Interlace.Spot::index))
                    .forEach(s -> flipped.addObject().put("column", s.column()).put("row", s.row())
                            .put("index", s.index()));
        }
    }

    @Override
    public Interlace read(JsonIn in) {
        in.only("family", "mesh", "weave", "sizeMm", "spacingMm", "downMm", "thicknessMm", "gapMm", "light", "angleDeg",
                "inks", "flipped");
        Mesh mesh = in.text("mesh").equals("strips") && in.has("weave")
                ? new Mesh.Strips(FabricCodec.weave(in))
                : Mesh.parse(in.text("mesh"));
        return new Interlace(mesh, in.number("sizeMm", 10), in.number("spacingMm"),
                in.number("downMm", in.number("spacingMm")), in.number("thicknessMm"), in.number("gapMm", 0),
                in.number("light", 0), in.at("inks").items(InkCodec::read), in.number("angleDeg", 0),
                Set.copyOf(in.list("flipped", InterlaceCodec::spot)));
    }

    private static Interlace.Spot spot(JsonIn in) {
        in.only("column", "row", "index");
        return new Interlace.Spot(in.whole("column", 0), in.whole("row", 0), in.whole("index", 0));
    }
}
