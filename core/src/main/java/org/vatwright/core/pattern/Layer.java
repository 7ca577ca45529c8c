package org.vatwright.core.pattern;

import org.vatwright.core.measure.Check;
import org.vatwright.core.raster.BlendMode;

/**
 * One step of a design.
 *
 * @param id tells layers of one design apart for as long as they live, whatever their order and name
 * @param opacity 0 to 1
 */
public record Layer(int id, String name, Structure structure, boolean visible, double opacity, BlendMode mode) {

    public Layer {
        name = Check.named("layer", name);
        Check.within("opacity", opacity * 100, 0, 100, "%");
    }

    public Layer(int id, String name, Structure structure) {
        this(id, name, structure, true, 1, BlendMode.NORMAL);
    }

    public Layer withId(int other) {
        return new Layer(other, name, structure, visible, opacity, mode);
    }

    public Layer withName(String other) {
        return new Layer(id, other, structure, visible, opacity, mode);
    }

    public Layer withStructure(Structure other) {
        return new Layer(id, name, other, visible, opacity, mode);
    }

    public Layer withVisible(boolean shown) {
        return new Layer(id, name, structure, shown, opacity, mode);
    }

    public Layer withOpacity(double share) {
        return new Layer(id, name, structure, visible, share, mode);
    }

    public Layer withMode(BlendMode other) {
        return new Layer(id, name, structure, visible, opacity, other);
    }
}
