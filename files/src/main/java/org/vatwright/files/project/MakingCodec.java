package org.vatwright.files.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.Making;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** How a picture becomes a tile, and the few inks it is shown in, in JSON. */
final class MakingCodec {

    private MakingCodec() {}

    static void write(ObjectNode picture, Fill.OfPicture of) {
        CutOut cut = of.cut();
        if (!cut.equals(CutOut.WHOLE)) {
            picture.putArray("cut").add(cut.left()).add(cut.top()).add(cut.right()).add(cut.bottom());
        }
        of.making().ifPresent(m -> picture.putObject("seamless").put("way", m.way().word())
                .put("margin", m.margin()).put("even", m.even()));
        if (!of.reduced().isEmpty()) {
            ArrayNode inks = picture.putArray("inks");
            for (Fill.Reduced each : of.reduced()) {
                InkCodec.write(inks.addObject().put("found", each.found().hex()), "ink", each.ink());
            }
        }
    }

    static CutOut cut(JsonIn picture) {
        if (!picture.has("cut")) {
            return CutOut.WHOLE;
        }
        List<Double> edges = picture.list("cut", JsonIn::asNumber);
        if (edges.size() != 4) {
            throw picture.at("cut").wrong("should be four numbers, the left, upper, right and lower edge as shares");
        }
        return picture.at("cut").placed(() -> new CutOut(edges.get(0), edges.get(1), edges.get(2), edges.get(3)));
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
