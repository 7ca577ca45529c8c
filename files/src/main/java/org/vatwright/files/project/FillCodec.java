package org.vatwright.files.project;

import java.util.Optional;

import org.vatwright.core.catalogue.Texture;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Work;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** A fill in JSON: how it lies, and what it shows as a link or whole. */
final class FillCodec {

    private FillCodec() {}

    static ObjectNode write(Fill fill, LinksOut links) {
        ObjectNode out = Json.object().put("id", fill.id().text()).put("name", fill.name());
        switch (fill.source()) {
            case Fill.OfDesign(Design design, Optional<String> colourway) -> {
                links.design(out, design);
                colourway.ifPresent(c -> out.put("colourway", c));
            }
            case Fill.OfPicture of -> {
                ObjectNode shown = out.putObject("picture").put("dpi", of.picture().dpi());
                links.picture(shown, of.picture());
                ProvenanceCodec.write(shown, of.picture().provenance());
                MakingCodec.write(shown, of);
                of.from().ifPresent(f -> TakenFromCodec.write(f, shown.putObject("takenFrom")));
            }
            case Fill.OfGradient gradient -> {
                GradientCodec.write(out, gradient);
                return out;
            }
        }
        return out.put("across", fill.wide()).put("down", fill.high()).put("turnDeg", fill.turnDeg())
                .put("startX", fill.startX()).put("startY", fill.startY()).put("anew", fill.anew())
                .put("follows", fill.follows());
    }

    static Fill read(JsonIn in, LinksIn links) {
        in.only("id", "name", "design", "colourway", "picture", "across", "down", "turnDeg", "startX", "startY", "anew",
                "follows", "gradient", "texture");
        if (in.has("gradient")) {
            in.only("id", "name", "gradient");
            return in.placed(() -> new Fill(in.text("name"), GradientCodec.read(in.at("gradient"))).withId(id(in)));
        }
        double across = in.number("across", 1);
        return in.placed(() -> new Fill(id(in), in.text("name"), source(in, links), across, in.number("down", across),
                in.number("turnDeg", 0), in.number("startX", 0), in.number("startY", 0), in.truth("anew", false),
                in.truth("follows", true)));
    }

    /** What is written by hand may leave out its id, and gets one: the same whenever the same is read at the same place. */
    static Id id(JsonIn in) {
        return in.has("id") ? in.at("id").placed(i -> new Id(i.asText())) : Id.from(in.words());
    }

    private static Fill.Source source(JsonIn in, LinksIn links) {
        if (in.has("texture")) {
            return in.at("texture").placed(t -> Texture.named(t.asText()).fill(Work.plain()).source());
        }
        if (in.has("picture")) {
            JsonIn picture = in.at("picture").only("dpi", "png", "entry", "provenance", "seamless", "inks",
                    "cut", "taken", "takenFrom");
            return picture.placed(() -> new Fill.OfPicture(new Picture(links.picture(picture),
                    picture.number("dpi", 300), ProvenanceCodec.read(picture)), MakingCodec.cut(picture),
                    MakingCodec.making(picture),
                    MakingCodec.reduced(picture), TakenFromCodec.read(picture)));
        }
        return new Fill.OfDesign(links.design(in.at("design")),
                in.has("colourway") ? Optional.of(in.text("colourway")) : Optional.empty());
    }
}
