package org.vatwright.core.pattern;

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
public record Layer(int id, String name, Structure structure, boolean visible, double opacity, BlendMode mode,
        Optional<Mask> mask) {

    public Layer {
        name = Require.named("layer", name);
        Require.within("opacity", opacity * 100, 0, 100, "%");
    }

    public Layer(int id, String name, Structure structure) {
        this(id, name, structure, true, 1, BlendMode.NORMAL, Optional.empty());
    }

    public Layer withId(int other) {
        return new Layer(other, name, structure, visible, opacity, mode, mask);
    }

    public Layer withName(String other) {
        return new Layer(id, other, structure, visible, opacity, mode, mask);
    }

    public Layer withStructure(Structure other) {
        return new Layer(id, name, other, visible, opacity, mode, mask);
    }

    public Layer withVisible(boolean shown) {
        return new Layer(id, name, structure, shown, opacity, mode, mask);
    }

    public Layer withOpacity(double share) {
        return new Layer(id, name, structure, visible, share, mode, mask);
    }

    public Layer withMode(BlendMode other) {
        return new Layer(id, name, structure, visible, opacity, other, mask);
    }

    public Layer withMask(Optional<Mask> other) {
        return new Layer(id, name, structure, visible, opacity, mode, other);
    }
}
