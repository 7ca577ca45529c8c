package org.vatwright.files.project;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Task;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Jobs in JSON. */
final class JobCodec {

    private JobCodec() {}

    static ObjectNode write(Job job) {
        ObjectNode out = Json.object().put("id", job.id().text()).put("name", job.name())
                .put("kind", job.task().kind()).put("of", job.task().subject().text());
        job.task().worn().ifPresent(c -> out.put("colourway", c));
        if (job.task() instanceof Task.Field field) {
            out.putObject("size").put("widthMm", field.widthMm()).put("heightMm", field.heightMm());
        }
        return out.put("format", job.output().format().name().toLowerCase(Locale.ROOT))
                .put("dpi", job.output().density().dpi()).put("quality", job.output().quality());
    }

    static Job read(JsonIn in) {
        in.only("id", "name", "kind", "of", "colourway", "format", "dpi", "quality", "size");
        return in.placed(() -> new Job(FillCodec.id(in), in.text("name"), task(in),
                new Output(format(in), new Density(in.number("dpi", 300)), in.whole("quality", Output.QUALITY))));
    }

    private static Task task(JsonIn in) {
        Id of = in.at("of").placed(o -> new Id(o.asText()));
        String colourway = in.text("colourway", "");
        boolean sized = in.has("size");
        return switch (in.text("kind")) {
            case "tile" -> new Task.Tile(of, colourway);
            case "field" -> new Task.Field(of, colourway,
                    sized ? in.at("size").number("widthMm") : Task.Field.USUAL_MM,
                    sized ? in.at("size").number("heightMm") : Task.Field.USUAL_MM);
            case "article" -> new Task.Dressed(of, Optional.of(colourway).filter(c -> !c.isEmpty()));
            default -> throw in.at("kind").wrong("is \"%s\"; it should be one of tile, field, article"
                    .formatted(in.text("kind")));
        };
    }

    private static Output.Format format(JsonIn in) {
        String text = in.text("format");
        for (Output.Format one : Output.Format.values()) {
            if (one.name().toLowerCase(Locale.ROOT).equals(text)) {
                return one;
            }
        }
        throw in.at("format").wrong("is \"%s\"; it should be one of %s".formatted(text,
                Arrays.toString(Output.Format.values()).toLowerCase(Locale.ROOT)));
    }
}
