package org.vatwright.core.effect;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.tooth.ToothRows;

/**
 * Marks worn by the roughness of the surface they lie on: where the tooth is, they are gone.
 *
 * @param form any kind but glitter, which is an ink and not a roughness
 */

public record ToothWear(ToothForm form) implements Effect {

    public static final String KIND = "tooth";
    private static final int STRIP_ROWS = 32;

    public ToothWear {
        Require.that(form.kind() != ToothKind.GLITTER,
                "glitter does not wear marks; lay a layer of glitter and show it in the marks below");
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.TOOTH.ordinal();
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        if (form.amount() == 0) {
            return coat;
        }
        int w = coat.width();
        Raster out = new Raster(w, coat.height());
        ToothRows rows = new ToothRows(form, asked.grid(), 0, asked.work());
        Rows.each(coat.height(), STRIP_ROWS, asked.work().telling(s -> {}), (from, to) -> {
            ToothRows.Reader reader = rows.reader(false);
            float[] cover = new float[w];
            for (int y = from; y < to; y++) {
                reader.cover(y, cover);
                for (int x = 0; x < w; x++) {
                    out.argb()[y * w + x] = Packed.scaled(coat.at(x, y), Math.round((1 - cover[x]) * 256));
                }
            }
        });
        return out;
    }

    @Override
    public ToothWear resized(double by) {
        return new ToothWear(form.resized(by));
    }
}
