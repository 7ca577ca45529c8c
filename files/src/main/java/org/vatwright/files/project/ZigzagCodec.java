package org.vatwright.files.project;

import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class ZigzagCodec implements StructureCodec<Zigzag> {

    @Override
    public String family() {
        return Zigzag.FAMILY;
    }

    @Override
    public Class<Zigzag> type() {
        return Zigzag.class;
    }

    @Override
    public void write(Zigzag zigzag, ObjectNode out) {
        out.put("periodMm", zigzag.periodMm()).put("amplitudeMm", zigzag.amplitudeMm())
                .put("spacingMm", zigzag.spacingMm()).put("corner", zigzag.corner().words())
                .put("cornerShare", zigzag.share()).put("angleDeg", zigzag.angleDeg());
        ArrayNode lines = out.putArray("lines");
        for (Zigzag.Line line : zigzag.lines()) {
            InkCodec.write(lines.addObject().put("thicknessMm", line.thicknessMm()), "ink", line.ink());
        }
    }

    @Override
    public Zigzag read(JsonIn in) {
        in.only("family", "periodMm", "amplitudeMm", "spacingMm", "corner", "cornerShare", "angleDeg", "lines");
        return new Zigzag(in.number("periodMm"), in.number("amplitudeMm"), in.number("spacingMm"),
                in.at("lines").items(ZigzagCodec::line), Zigzag.Corner.parse(in.text("corner", "sharp")),
                in.number("cornerShare", 0.5), in.number("angleDeg", 0));
    }

    private static Zigzag.Line line(JsonIn in) {
        in.only("ink", "thicknessMm");
        return new Zigzag.Line(InkCodec.read(in, "ink"), in.number("thicknessMm"));
    }
}
