package org.vatwright.files.project;

import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.dress.Trim;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

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
        TrimFormCodec.write(trim.form(), out);
        return out;
    }

    public static Trim read(JsonIn in) {
        in.only(Stream.concat(Stream.of("piece", "line", "figure", "cornerFigure"), TrimFormCodec.NAMES.stream())
                .toArray(String[]::new));
        if (in.has("piece") == in.has("line")) {
            throw in.wrong("should have either \"piece\" or \"line\"");
        }
        return in.placed(() -> {
            TrimForm form = TrimFormCodec.read(in);
            return new Trim(
                    in.has("piece") ? in.at("piece").placed(p -> Optional.of(new Id(p.asText()))) : Optional.empty(),
                    in.has("line") ? Optional.of(Outline.parse(in.text("line"))) : Optional.empty(),
                    LayCodec.print(in.at("figure")),
                    in.has("cornerFigure") ? Optional.of(LayCodec.print(in.at("cornerFigure"))) : Optional.empty(),
                    form);
        });
    }
}
