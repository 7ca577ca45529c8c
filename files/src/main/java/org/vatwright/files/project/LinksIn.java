package org.vatwright.files.project;

import java.util.Base64;
import java.util.function.Function;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.picture.PixelBudget;

/**
 * Where what a fill shows is found.
 *
 * @param known a design by its id, or by its name in a design that stands alone; null when there is none
 * @param entries the picture of an entry of the project's file
 * @param budget of the pictures that stand in the text
 */
record LinksIn(Function<String, Design> known, Function<String, Raster> entries, PixelBudget budget) {

    LinksIn(Function<String, Design> known, Function<String, Raster> entries) {
        this(known, entries, new PixelBudget(Limits.STANDARD));
    }

    static LinksIn alone(Function<String, Design> known) {
        return new LinksIn(known, entry -> {
            throw new Refusal("the picture %s stands in a project's file; here is none".formatted(entry));
        });
    }

    Design design(JsonIn in) {
        if (!in.isText()) {
            return DesignCodec.read(in, this);
        }
        Design found = known.apply(in.asText());
        if (found == null) {
            throw in.wrong("is \"%s\"; there is no such design".formatted(in.asText()));
        }
        return found;
    }

    Raster picture(JsonIn in) {
        if (in.has("entry")) {
            return in.at("entry").placed(e -> entries.apply(e.asText()));
        }
        return Pictures.read(bytes(in.text("png")), "the picture", budget);
    }

    private static byte[] bytes(String base64) {
        try {
            return Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw new Refusal("a picture is not whole: its Base64 text breaks off or holds other signs", e);
        }
    }
}
