package org.vatwright.files.project;

import java.util.Base64;
import java.util.function.Function;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.picture.Pictures;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** How what a fill shows is written: as links within a project, or whole in a design that stands alone. */
interface LinksOut {

    void design(ObjectNode fill, Design design);

    /** @param picture the object of the picture, its density in it already */
    void picture(ObjectNode picture, Picture shown);

    /** Everything in the text itself. */
    LinksOut WHOLE = new LinksOut() {
        @Override
        public void design(ObjectNode fill, Design design) {
            fill.set("design", DesignCodec.write(design, this));
        }

        @Override
        public void picture(ObjectNode picture, Picture shown) {
            picture.put("png", Base64.getEncoder().encodeToString(Pictures.png(shown.raster())));
        }
    };

    /** Designs by their ids, pictures by the entries they stand in. */
    static LinksOut within(Function<Raster, String> entries) {
        return new LinksOut() {
            @Override
            public void design(ObjectNode fill, Design design) {
                fill.put("design", design.id().text());
            }

            @Override
            public void picture(ObjectNode picture, Picture shown) {
                picture.put("entry", entries.apply(shown.raster()));
            }
        };
    }
}
