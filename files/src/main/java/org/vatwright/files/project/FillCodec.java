package org.vatwright.files.project;

import java.util.Base64;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Picture;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.picture.Pictures;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** A fill in JSON: its design by name, or whole in a design that stands alone; a picture as PNG in Base64. */
final class FillCodec {

    private FillCodec() {}

    /** @param whole whether nested designs are written into it, since there is no project that holds them */
    static ObjectNode write(Fill fill, boolean whole) {
        ObjectNode out = Json.object().put("name", fill.name());
        switch (fill.source()) {
            case Fill.OfDesign(Design design, Optional<String> colourway) -> {
                if (whole) {
                    out.set("design", DesignCodec.write(design, true));
                } else {
                    out.put("design", design.name());
                }
                colourway.ifPresent(c -> out.put("colourway", c));
            }
            case Fill.OfPicture(Picture picture) -> out.putObject("picture").put("dpi", picture.dpi()).put("png",
                    Base64.getEncoder().encodeToString(Pictures.png(picture.raster())));
        }
        return out.put("across", fill.wide()).put("down", fill.high()).put("turnDeg", fill.turnDeg())
                .put("startX", fill.startX()).put("startY", fill.startY()).put("anew", fill.anew())
                .put("follows", fill.follows());
    }

    /** @param known finds designs by name; null when there is none */
    static Fill read(JsonIn in, Function<String, Design> known) {
        in.only("name", "design", "colourway", "picture", "across", "down", "turnDeg", "startX", "startY", "anew",
                "follows");
        double across = in.number("across", 1);
        return in.placed(() -> new Fill(in.text("name"), source(in, known), across, in.number("down", across),
                in.number("turnDeg", 0), in.number("startX", 0), in.number("startY", 0), in.truth("anew", false),
                in.truth("follows", true)));
    }

    private static Fill.Source source(JsonIn in, Function<String, Design> known) {
        if (in.has("picture")) {
            JsonIn picture = in.at("picture").only("dpi", "png");
            return picture.placed(() -> new Fill.OfPicture(new Picture(
                    Pictures.read(bytes(picture.text("png")), "the picture", Limits.STANDARD),
                    picture.number("dpi", 300))));
        }
        JsonIn design = in.at("design");
        Design found = design.isText() ? known.apply(design.asText()) : DesignCodec.read(design, known);
        if (found == null) {
            throw design.wrong("is \"%s\"; there is no design of that name".formatted(design.asText()));
        }
        return new Fill.OfDesign(found,
                in.has("colourway") ? Optional.of(in.text("colourway")) : Optional.empty());
    }

    private static byte[] bytes(String base64) {
        try {
            return Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw new Refusal("a picture is not whole: its Base64 text breaks off or holds other signs", e);
        }
    }
}
