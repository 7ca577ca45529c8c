package org.vatwright.core.picture;

import java.util.Arrays;
import java.util.List;

import org.vatwright.core.colour.Oklab;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.raster.Raster;

/** Which of a few colours each pixel of a picture is nearest to, by how they look. */
public final class InkMap {

    private static final int COLOURS = 1 << 24;
    /** Pixels for which it is worth while to remember every colour. */
    private static final int MANY = 1 << 17;

    private InkMap() {}

    /**
     * @param found what pixels are held against
     * @param worn what each of them is shown in, premultiplied ARGB
     * @return the picture in those colours; coverage stays
     */
    public static Raster shown(Raster picture, List<Rgb> found, int[] worn) {
        Oklab[] middles = found.stream().map(Oklab::of).toArray(Oklab[]::new);
        boolean many = picture.argb().length > MANY;
        byte[] near = new byte[many ? COLOURS : 0];
        Arrays.fill(near, (byte) -1);
        Raster out = new Raster(picture.width(), picture.height());
        for (int i = 0; i < out.argb().length; i++) {
            int argb = picture.argb()[i];
            int a = argb >>> 24;
            if (a == 0) {
                continue;
            }
            int r = straight(argb >> 16 & 255, a);
            int g = straight(argb >> 8 & 255, a);
            int b = straight(argb & 255, a);
            int colour = r << 16 | g << 8 | b;
            int nearest = many ? near[colour] : -1;
            if (nearest < 0) {
                nearest = Inks.nearest(Oklab.of(new Rgb(r, g, b)), middles);
                if (many) {
                    near[colour] = (byte) nearest;
                }
            }
            int shown = worn[nearest];
            out.argb()[i] = a == 255 ? shown : Packed.times255(shown, a);
        }
        return out;
    }

    private static int straight(int value, int alpha) {
        return alpha == 255 ? value : Math.min(255, (value * 255 + alpha / 2) / alpha);
    }
}
