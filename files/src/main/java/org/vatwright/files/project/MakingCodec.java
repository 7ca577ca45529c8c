package org.vatwright.files.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.Making;
import org.vatwright.core.picture.Paper;
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
        if (!cut.equals(new CutOut(cut.left(), cut.top(), cut.right(), cut.bottom()))) {
            ObjectNode out = picture.putObject("taken").put("inverted", cut.inverted()).put("growMm", cut.growMm())
                    .put("featherMm", cut.featherMm());
            ArrayNode shapes = out.putArray("shapes");
            cut.paper().ifPresent(p -> out.putObject("paper").put("amount", p.amount()).put("dustMm", p.dustMm()));
            cut.shapes().forEach(s -> CutShapeCodec.write(s, shapes.addObject()));
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
        CutOut frame = frame(picture);
        if (!picture.has("taken")) {
            return frame;
        }
        JsonIn in = picture.at("taken").only("shapes", "inverted", "growMm", "featherMm",
                "paper");
        return in.placed(() -> new CutOut(frame.left(), frame.top(), frame.right(), frame.bottom(),
                in.list("shapes", CutShapeCodec::read), in.truth("inverted", false), in.number("growMm", 0),
                in.number("featherMm", 0), paper(in)));
    }

    private static Optional<Paper> paper(JsonIn in) {
        if (!in.has("paper")) {
            return Optional.empty();
        }
        JsonIn paper = in.at("paper").only("amount", "dustMm");
        return Optional.of(paper.placed(() -> new Paper(paper.number("amount", Paper.USUAL.amount()),
                paper.number("dustMm", Paper.USUAL.dustMm()))));
    }

    private static CutOut frame(JsonIn picture) {
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
