package org.vatwright.core.family.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.picture.Making;
import org.vatwright.core.picture.Making.Way;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/** A picture brought in to lie over everything. */
public final class PictureCover {

    private PictureCover() {}

    /**
     * @param name of the picture, which its ink and its layer get
     * @return with a layer on top that shows it without seams; the cell of a design without layers becomes as large as it
     */
    public static Design into(Design design, String name, Picture picture) {
        Fill.OfPicture source = new Fill.OfPicture(picture, making(picture), List.of());
        Design with = design.addFill(new Fill(name, source));
        if (design.layers().isEmpty()) {
            with = with.withRepeat(new Repeat(source.widthMm(), source.heightMm(), Arrangement.STRAIGHT));
        }
        List<Layer> layers = new ArrayList<>(with.layers());
        layers.add(new Layer(with.freeId(), name, new Cover(with.fills().getLast().ink())));
        return with.withLayers(layers);
    }

    /** @return the way that takes it: healed, cross-faded when it is too large, as it is when it is too small */
    private static Optional<Making> making(Picture picture) {
        for (Way way : List.of(Way.HEAL, Way.FADE)) {
            Making making = new Making(way);
            try {
                making.checkTakes(picture.raster().width(), picture.raster().height());
                return Optional.of(making);
            } catch (Refusal e) {
                // The next one asks for less.
                continue;
            }
        }
        return Optional.empty();
    }
}
