package org.vatwright.files.project;

import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Stitches of a piece; all but kind and thread have what a fresh one has when they are left out. */
public final class StitchCodec {

    private StitchCodec() {}

    static ObjectNode write(Stitching s) {
        ObjectNode out = Json.object().put("kind", s.kind().keyword()).put("insetMm", s.insetMm())
                .put("lengthMm", s.lengthMm())
                .put("gapMm", s.gapMm()).put("slantDeg", s.slantDeg()).put("rows", s.rows())
                .put("apartMm", s.apartMm()).put("thread", s.thread().hex()).put("thickMm", s.thickMm())
                .put("relief", s.relief());
        s.line().ifPresent(l -> out.put("line", l.data()));
        return out;
    }

    public static Stitching read(JsonIn in) {
        in.only("kind", "insetMm", "lengthMm", "gapMm", "slantDeg", "rows", "apartMm", "thread", "thickMm", "relief",
                "line");
        Stitching fresh = Stitching.fresh(Stitching.Kind.parse(in.text("kind")), Rgb.parse(in.text("thread")));
        return new Stitching(fresh.kind(), in.number("insetMm", fresh.insetMm()),
                in.number("lengthMm", fresh.lengthMm()),
                in.number("gapMm", fresh.gapMm()), in.number("slantDeg", fresh.slantDeg()),
                in.whole("rows", fresh.rows()), in.number("apartMm", fresh.apartMm()),
                fresh.thread(), in.number("thickMm", fresh.thickMm()), in.number("relief", fresh.relief()),
                in.has("line") ? Optional.of(Outline.parse(in.text("line"))) : Optional.empty());
    }
}
