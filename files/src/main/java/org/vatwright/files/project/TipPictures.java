package org.vatwright.files.project;

import java.util.Base64;

import org.vatwright.core.brush.TipForm;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;

/** Pictures as tips: a small grey PNG in one line of text, so that a brush is one thing that can be handed on. */
public final class TipPictures {

    private static final String HEAD = "data:image/png;base64,";
    private static final int MOST = 255;

    private TipPictures() {}

    /** @return ink where the picture is dark and not clear; a large one is made smaller */
    public static TipForm.OfPicture of(Raster picture) {
        Raster small = Pictures.smaller(picture, TipForm.OfPicture.MOST_PX);
        byte[] ink = new byte[small.argb().length];
        for (int i = 0; i < ink.length; i++) {
            int argb = small.argb()[i];
            int alpha = argb >>> 24;
            // Premultiplied: what is clear counts as nothing, as white does.
            double light = 0.2126 * (argb >> 16 & 255) + 0.7152 * (argb >> 8 & 255) + 0.0722 * (argb & 255);
            ink[i] = (byte) Math.max(0, Math.min(MOST, Math.round(alpha - light)));
        }
        return new TipForm.OfPicture(small.width(), small.height(), ink);
    }

    static String text(TipForm.OfPicture tip) {
        Raster grey = new Raster(tip.width(), tip.height());
        for (int i = 0; i < grey.argb().length; i++) {
            int light = MOST - tip.at(i % tip.width(), i / tip.width());
            grey.argb()[i] = 0xFF000000 | light * 0x010101;
        }
        return HEAD + Base64.getEncoder().encodeToString(Pictures.png(grey));
    }

    static TipForm.OfPicture of(String text) {
        if (!text.startsWith(HEAD)) {
            throw new Refusal("a picture as a tip begins with \"%s\"".formatted(HEAD));
        }
        byte[] png;
        try {
            png = Base64.getDecoder().decode(text.substring(HEAD.length()));
        } catch (IllegalArgumentException e) {
            throw new Refusal("the picture of a tip breaks off: " + e.getMessage(), e);
        }
        Raster read = Pictures.read(png, "the picture of a tip", Limits.STANDARD);
        if (Math.max(read.width(), read.height()) > TipForm.OfPicture.MOST_PX) {
            throw new Refusal("the picture of a tip has %d x %d px; %d a side are the most".formatted(read.width(),
                    read.height(), TipForm.OfPicture.MOST_PX));
        }
        return of(read);
    }
}
