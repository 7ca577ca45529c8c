package org.vatwright.files.project;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** How trims run, among what else is told of them, in JSON; all but the breadth has what a fresh one has when it is left out. */
final class TrimFormCodec {

    /** What it reads and writes. */
    static final List<String> NAMES = List.of("insetMm", "breadthMm", "corner", "whole", "gapMm", "gapVary", "sizeVary",
            "seed", "rows", "rowShift", "bent", "touched");

    private TrimFormCodec() {}

    static void write(TrimForm f, ObjectNode out) {
        out.put("insetMm", f.insetMm()).put("breadthMm", f.breadthMm()).put("corner", f.corner().keyword())
                .put("whole", f.whole()).put("gapMm", f.gapMm()).put("gapVary", f.gapVary())
                .put("sizeVary", f.sizeVary()).put("seed", f.seed()).put("rows", f.rows())
                .put("rowShift", f.rowShift()).put("bent", f.bent());
        if (!f.touched().isEmpty()) {
            ArrayNode touched = out.putArray("touched");
            new TreeMap<>(f.touched()).forEach((n, t) -> touched.addObject().put("number", n)
                    .put("slideMm", t.slideMm()).put("size", t.size()).put("out", t.out()));
        }
    }

    static TrimForm read(JsonIn in) {
        Map<Integer, Touch> touched = new TreeMap<>();
        in.list("touched", t -> touched.put(t.only("number", "slideMm", "size", "out").whole("number", 0),
                t.placed(() -> new Touch(t.number("slideMm", 0), t.number("size", 1), t.truth("out", false)))));
        TrimForm fresh = TrimForm.fresh(in.number("breadthMm"));
        return new TrimForm(in.number("insetMm", fresh.insetMm()), fresh.breadthMm(),
                TrimForm.Corner.parse(in.text("corner", fresh.corner().keyword())), in.truth("whole", true),
                in.number("gapMm", 0), in.number("gapVary", 0), in.number("sizeVary", 0), in.longWhole("seed", 1),
                in.whole("rows", 1), in.number("rowShift", fresh.rowShift()), in.truth("bent", true), touched);
    }
}
