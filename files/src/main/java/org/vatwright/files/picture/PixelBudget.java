package org.vatwright.files.picture;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Limits;

/** What the pictures of one file may have together; goes down with each that is read. */
public final class PixelBudget {

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

    /** Takes what a picture has that was read before. @throws Refusal as for one that is read now */
    public void take(String name, long pixels) {
        left -= pixels;
        check(name);
    }

    /** @throws Refusal when a picture is too large, or too large after all that were read before it */
    void take(String name, long width, long height) {
        if (width * height > limits.picturePx()) {
            throw new Refusal("%s claims %,d x %,d pixels; %,d in all is the most that is read with the memory there is"
                    .formatted(name, width, height, limits.picturePx()));
        }
        take(name, width * height);
    }

    private void check(String name) {
        if (left < 0) {
            throw new Refusal(
                    "with %s the pictures have more than %,d pixels together, the most that is read with the memory there is"
                            .formatted(name, limits.picturesPx()));
        }
    }
}
