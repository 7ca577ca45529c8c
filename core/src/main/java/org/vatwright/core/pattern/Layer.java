package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.BlendMode;

/**
 * One step of a design.
 *
 * @param id tells layers of one design apart for as long as they live, whatever their order and name
 * @param opacity 0 to 1
 * @param mask where alone it shows; everywhere when there is none
 */
@RecordBuilder
public record Layer(int id, String name, Structure structure, boolean visible, double opacity, BlendMode mode,
        Optional<Mask> mask) implements LayerBuilder.With {

    public Layer {
        name = Require.named("layer", name);
        Require.within("opacity", opacity * 100, 0, 100, "%");
    }

    public Layer(int id, String name, Structure structure) {
        this(id, name, structure, true, 1, BlendMode.NORMAL, Optional.empty());
    }
}
