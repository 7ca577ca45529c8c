package org.vatwright.core.effect;

import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** How far each pixel of a coat lies from the edge of its marks: outside positive, inside negative, in mm. */
final class Edges {

    private static final int HALF = 128;

    private Edges() {}

    static float[] of(Raster coat, PaintRequest asked) {
        Work work = asked.work().telling(share -> {});
        int[] argb = coat.argb();
        double wide = asked.grid().mmPerPxX();
        double high = asked.grid().mmPerPxY();
        boolean[] in = new boolean[argb.length];
        boolean[] out = new boolean[argb.length];
        for (int i = 0; i < argb.length; i++) {
            in[i] = argb[i] >>> 24 >= HALF;
            out[i] = !in[i];
        }
        float[] outside = DistancePlane.to(in, coat.width(), wide, high, work);
        float[] inside = DistancePlane.to(out, coat.width(), wide, high, work);
        // The edge runs between the pixels; where a pixel is partly covered it runs through it.
        float px = (float) Math.sqrt(wide * high);
        for (int i = 0; i < argb.length; i++) {
            float d = in[i] ? 0.5f * px - inside[i] : outside[i] - 0.5f * px;
            int alpha = argb[i] >>> 24;
            outside[i] = alpha > 0 && alpha < 255 && Math.abs(d) < px ? (0.5f - alpha / 255f) * px : d;
        }
        return outside;
    }

    /** @return how much of a pixel lies nearer than so far @param px size of a pixel, mm */
    static float within(float distance, double mm, double px) {
        return (float) Math.max(0, Math.min(1, (mm - distance) / px + 0.5));
    }
}
