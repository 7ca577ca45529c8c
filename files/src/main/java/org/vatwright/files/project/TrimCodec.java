package org.vatwright.files.project;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.vatwright.core.dress.Trim;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Trims in JSON; all of a form but its breadth has what a fresh one has when it is left out. */
public final class TrimCodec {

    private TrimCodec() {}

    static ObjectNode write(Trim trim) {
        ObjectNode out = Json.object();
        trim.piece().ifPresent(p -> out.put("piece", p.text()));
        trim.line().ifPresent(l -> out.put("line", l.data()));
        out.set("figure", LayCodec.write(trim.figure()));
        trim.corner().ifPresent(c -> out.set("cornerFigure", LayCodec.write(c)));
        TrimForm f = trim.form();
        out.put("insetMm", f.insetMm()).put("breadthMm", f.breadthMm()).put("corner", f.corner().keyword())
                .put("whole", f.whole()).put("gapMm", f.gapMm()).put("gapVary", f.gapVary())
                .put("sizeVary", f.sizeVary()).put("seed", f.seed()).put("rows", f.rows())
                .put("rowShift", f.rowShift()).put("bent", f.bent());
        if (!f.touched().isEmpty()) {
            ArrayNode touched = out.putArray("touched");
            new TreeMap<>(f.touched()).forEach((n, t) -> touched.addObject().put("number", n)
                    .put("slideMm", t.slideMm()).put("size", t.size()).put("out", t.out()));
        }
        return out;
    }

    public static Trim read(JsonIn in) {
        in.only("piece", "line", "figure", "cornerFigure", "insetMm", "breadthMm", "corner", "whole", "gapMm",
                "gapVary", "sizeVary", "seed", "rows", "rowShift", "bent", "touched");
        if (in.has("piece") == in.has("line")) {
            throw in.wrong("should have either \"piece\" or \"line\"");
        }
        Map<Integer, Touch> touched = new TreeMap<>();
        in.list("touched", t -> touched.put(t.only("number", "slideMm", "size", "out").whole("number", 0),
                t.placed(() -> new Touch(t.number("slideMm", 0), t.number("size", 1), t.truth("out", false)))));
        return in.placed(() -> {
            TrimForm fresh = TrimForm.fresh(in.number("breadthMm"));
            TrimForm form = new TrimForm(in.number("insetMm", fresh.insetMm()), fresh.breadthMm(),
                    TrimForm.Corner.parse(in.text("corner", fresh.corner().keyword())), in.truth("whole", true),
                    in.number("gapMm", 0), in.number("gapVary", 0), in.number("sizeVary", 0), in.longWhole("seed", 1),
                    in.whole("rows", 1), in.number("rowShift", fresh.rowShift()), in.truth("bent", true), touched);
            return new Trim(
                    in.has("piece") ? in.at("piece").placed(p -> Optional.of(new Id(p.asText()))) : Optional.empty(),
                    in.has("line") ? Optional.of(Outline.parse(in.text("line"))) : Optional.empty(),
                    LayCodec.print(in.at("figure")),
                    in.has("cornerFigure") ? Optional.of(LayCodec.print(in.at("cornerFigure"))) : Optional.empty(),
                    form);
        });
    }
}
