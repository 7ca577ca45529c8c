package org.vatwright.files.picture;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Picture;
import org.vatwright.files.disk.Limits;

/** What the pictures of one file may have together; goes down with each that is read. */
public final class PixelBudget {

    /** A picture that must be smaller than that is none any more. */
    private static final long LEAST_PX = 10_000;
    private final Limits limits;
    private long left;

    public PixelBudget(Limits limits) {
        this.limits = limits;
        left = limits.picturesPx();
    }

    /** @param taken pixels that are in use already */
    public PixelBudget(Limits limits, long taken) {
        this.limits = limits;
        left = limits.picturesPx() - taken;
    }

    Limits limits() {
        return limits;
    }

    /**
     * @return the pixels that a picture may have which may be made smaller
     * @throws Refusal when it claims more than is worth reading for that
     */
    long room(String name, long width, long height) {
        long most = Math.min(Math.min(limits.picturePx(), left), Picture.MOST_PX);
        if (width * height > limits.picturePx() * Shrunk.MOST_TIMES_LARGER) {
            throw new Refusal(
                    "%s claims %,d x %,d pixels; %,d in all is the most that is read, and made smaller, with the memory there is"
                            .formatted(name, width, height, limits.picturePx() * Shrunk.MOST_TIMES_LARGER));
        }
        if (Math.min(width * height, LEAST_PX) > most) {
            throw tooMany(name);
        }
        return most;
    }

    /** Takes what a picture has that was read before. @throws Refusal as for one that is read now */
    public void take(String name, long pixels) {
        left -= pixels;
        if (left < 0) {
            throw tooMany(name);
        }
    }

    /** @throws Refusal when a picture is too large, or too large after all that were read before it */
    void take(String name, long width, long height) {
        if (width * height > limits.picturePx()) {
            throw new Refusal("%s claims %,d x %,d pixels; %,d in all is the most that is read with the memory there is"
                    .formatted(name, width, height, limits.picturePx()));
        }
        take(name, width * height);
    }

    private Refusal tooMany(String name) {
        return new Refusal(
                "with %s the pictures have more than %,d pixels together, the most that is read with the memory there is"
                        .formatted(name, limits.picturesPx()));
    }
}
