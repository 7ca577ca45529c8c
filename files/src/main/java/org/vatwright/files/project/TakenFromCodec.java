package org.vatwright.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.files.json.JsonIn;

/** Where a picture was taken from, in JSON. */
final class TakenFromCodec {

    private TakenFromCodec() {}

    static void write(TakenFrom from, ObjectNode out) {
        switch (from) {
            case TakenFrom.OfDesign of -> {
                out.put("design", of.design().text()).put("colourway", of.colourway());
                if (of.layer() > 0) {
                    out.put("layer", of.layer());
                }
            }
            case TakenFrom.OfArticle of -> out.put("article", of.article().text());
        }
        TakenFrom.Area area = from.area();
        out.put("x", area.x()).put("y", area.y()).put("widthMm", area.widthMm()).put("heightMm", area.heightMm())
                .put("dpi", from.density().dpi());
    }

    static Optional<TakenFrom> read(JsonIn picture) {
        if (!picture.has("takenFrom")) {
            return Optional.empty();
        }
        JsonIn in = picture.at("takenFrom").only("design", "colourway", "layer", "article", "x", "y", "widthMm",
                "heightMm", "dpi");
        return Optional.of(in.placed(() -> {
            TakenFrom.Area area = new TakenFrom.Area(in.number("x"), in.number("y"), in.number("widthMm"),
                    in.number("heightMm"));
            Density density = new Density(in.number("dpi"));
            return in.has("article")
                    ? new TakenFrom.OfArticle(new Id(in.text("article")), area, density)
                    : new TakenFrom.OfDesign(new Id(in.text("design")), in.text("colourway", ""),
                            in.whole("layer", 0), area, density);
        }));
    }
}
