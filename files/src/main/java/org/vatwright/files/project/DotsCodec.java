package org.vatwright.files.project;

import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class DotsCodec implements StructureCodec<Dots> {

    @Override
    public String family() {
        return Dots.FAMILY;
    }

    @Override
    public Class<Dots> type() {
        return Dots.class;
    }

    @Override
    public void write(Dots dots, ObjectNode out) {
        out.put("across", dots.across()).put("down", dots.down()).put("arrangement", dots.arrangement().toString());
        ArrayNode list = out.putArray("dots");
        for (Dot dot : dots.dots()) {
            ObjectNode one = list.addObject().put("x", dot.x()).put("y", dot.y()).put("diameterMm", dot.diameterMm());
            InkCodec.write(one, "ink", dot.ink());
        }
    }

    @Override
    public Dots read(JsonIn in) {
        in.only("family", "across", "down", "arrangement", "dots");
        return new Dots(in.list("dots", DotsCodec::dot), in.whole("across", 1), in.whole("down", 1),
                Arrangement.parse(in.text("arrangement", "straight")));
    }

    private static Dot dot(JsonIn in) {
        in.only("x", "y", "diameterMm", "ink");
        return new Dot(in.number("x"), in.number("y"), in.number("diameterMm"), InkCodec.read(in, "ink"));
    }
}
