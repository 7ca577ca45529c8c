package org.vatwright.files.picture;

import java.awt.Rectangle;
import java.io.IOException;

import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;

import org.vatwright.core.map.Resized;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * Reads a picture that is larger than the memory for one at a whole part of its density. It is read in strips, so that
 * never more than the half of what one picture may have is there; each pixel is the mean of the square it stands for, in
 * linear light.
 */
final class Shrunk {

    /** A strip is begun anew each time from the first row by most readers; more strips would take ever longer. */
    static final int MOST_TIMES_LARGER = 8;

    private Shrunk() {}

    /**
     * @param most pixels that it may have
     * @return how many pixels a side become one: the least that is enough, 1 for all there are
     */
    static int part(long width, long height, long most) {
        int part = 1;
        while (pixels(width, height, part) > most) {
            part++;
        }
        return part;
    }

    /** @return how many it has when so many a side become one */
    static long pixels(long width, long height, int part) {
        return side(width, part) * side(height, part);
    }

    private static long side(long px, int part) {
        return (px + part - 1) / part;
    }

    /**
     * @param part from {@link #part}
     * @param stripPx pixels that may be read at a time
     * @throws Refusal when not even the rows for one row of it are that few
     */
    static Raster read(ImageReader reader, String name, int part, long stripPx) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        long rows = stripPx / width / part * part;
        if (rows == 0) {
            throw new Refusal("%s has rows of %,d pixels; %,d is the most that is read with the memory there is"
                    .formatted(name, width, stripPx / part));
        }
        Raster out = new Raster((int) side(width, part), (int) side(height, part));
        for (int top = 0; top < height; top += (int) rows) {
            ImageReadParam only = reader.getDefaultReadParam();
            only.setSourceRegion(new Rectangle(0, top, width, (int) Math.min(rows, height - top)));
            Raster strip = Pictures.raster(reader.read(0, only));
            Raster small = Resized.of(strip, out.width(), (int) side(strip.height(), part), Work.plain());
            System.arraycopy(small.argb(), 0, out.argb(), top / part * out.width(), small.argb().length);
        }
        return out;
    }
}
