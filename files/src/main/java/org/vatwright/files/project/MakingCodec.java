package org.vatwright.files.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.Making;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** How a picture becomes a tile, and the few inks it is shown in, in JSON. */
final class MakingCodec {

    private MakingCodec() {}

    static void write(ObjectNode picture, Fill.OfPicture of) {
        of.making().ifPresent(m -> picture.putObject("seamless").put("way", m.way().word())
                .put("margin", m.margin()).put("even", m.even()));
        if (!of.reduced().isEmpty()) {
            ArrayNode inks = picture.putArray("inks");
            for (Fill.Reduced each : of.reduced()) {
                InkCodec.write(inks.addObject().put("found", each.found().hex()), "ink", each.ink());
            }
        }
    }

    static Optional<Making> making(JsonIn picture) {
        if (!picture.has("seamless")) {
            return Optional.empty();
        }
        JsonIn in = picture.at("seamless").only("way", "margin", "even");
        return Optional.of(in.placed(() -> new Making(Making.Way.parse(in.text("way", "heal")),
                in.number("margin", Making.HEAL.margin()),
                in.number("even", 0))));
    }

    static List<Fill.Reduced> reduced(JsonIn picture) {
        return picture.has("inks")
                ? picture.list("inks", in -> in.only("found", "ink").placed(
                        () -> new Fill.Reduced(Rgb.parse(in.text("found")), InkCodec.read(in, "ink"))))
                : List.of();
    }
}
