package org.vatwright.core.shape;

import java.util.Map;

import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Compositor;

/**
 * What a mark's mixture, tone and opacity make of its fill. A mixture follows from where black and white come out, in
 * linear light.
 */
final class FillTone {

    private final boolean mixed;
    private final ToneTable tone;
    private final int opacity;
    private final int[] red = new int[256];
    private final int[] green = new int[256];
    private final int[] blue = new int[256];

    FillTone(VectorMark mark, FillPaint fill, InkColours inks) {
        opacity = (int) Math.round(mark.opacity() * 256);
        tone = mark.tone() == 0 ? null : ToneTable.of(mark.tone());
        mixed = !mark.from().equals(mark.to());
        if (mixed) {
            String name = fill.fill().name();
            VectorMark mixture = new VectorMark(mark.shape(), mark.from(), mark.to(), mark.share());
            int black = inks.plain(Map.of(name, 0xFF000000)).argb(mixture);
            int white = inks.plain(Map.of(name, 0xFFFFFFFF)).argb(mixture);
            table(red, black >> 16 & 255, white >> 16 & 255);
            table(green, black >> 8 & 255, white >> 8 & 255);
            table(blue, black & 255, white & 255);
        }
    }

    private static void table(int[] table, int black, int white) {
        float low = Light.linear(black);
        float high = Light.linear(white);
        for (int i = 0; i < 256; i++) {
            table[i] = Light.channel(low + (high - low) * Light.linear(i));
        }
    }

    int of(int argb) {
        int seen = argb;
        if (argb >>> 24 == 255) {
            if (mixed) {
                seen = 0xFF000000 | red[argb >> 16 & 255] << 16 | green[argb >> 8 & 255] << 8 | blue[argb & 255];
            }
            if (tone != null) {
                seen = tone.of(seen);
            }
        }
        return opacity == 256 ? seen : Compositor.normal(0, seen, opacity);
    }

    boolean opaque() {
        return opacity == 256;
    }
}
