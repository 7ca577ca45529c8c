package org.vatwright.core.brush;

import java.awt.geom.Rectangle2D;
import java.util.Arrays;

import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** What a tip that is made of something else is made of. Its longer side is the brush's size. */
public sealed interface TipForm {

    /** @return how many times as wide as high it is */
    double aspect();

    /** An outline, filled. */
    record OfOutline(Outline outline) implements TipForm {

        public OfOutline {
            outline.checked("a tip");
            Rectangle2D box = outline.path().getBounds2D();
            Require.that(box.getWidth() > 0 && box.getHeight() > 0, "a tip needs an outline with an area");
        }

        @Override
        public double aspect() {
            Rectangle2D box = outline.path().getBounds2D();
            return box.getWidth() / box.getHeight();
        }
    }

    /** A picture: where it is dark there is ink. Never changed once made. */
    final class OfPicture implements TipForm {

        /** A tip needs no more; larger pictures are made smaller. */
        public static final int MOST_PX = 512;

        private final int width;
        private final int height;
        private final byte[] ink;
        private final int hash;

        /** @param ink of each pixel, 0 for none and 255 for all, rows from the top */
        public OfPicture(int width, int height, byte[] ink) {
            Require.within("width of a tip in px", width, 1, MOST_PX);
            Require.within("height of a tip in px", height, 1, MOST_PX);
            Require.that(ink.length == width * height, "a tip of %d x %d px has %d pixels, not %d".formatted(width,
                    height, width * height, ink.length));
            this.width = width;
            this.height = height;
            this.ink = ink.clone();
            hash = 31 * width + Arrays.hashCode(ink);
        }

        public int width() {
            return width;
        }

        public int height() {
            return height;
        }

        /** @return 0 to 255 */
        public int at(int x, int y) {
            return ink[y * width + x] & 255;
        }

        @Override
        public double aspect() {
            return (double) width / height;
        }

        @Override
        public boolean equals(Object other) {
            return this == other || other instanceof OfPicture p && hash == p.hash && width == p.width
                    && Arrays.equals(ink, p.ink);
        }

        @Override
        public int hashCode() {
            return hash;
        }

        @Override
        public String toString() {
            return "a picture of %d x %d px".formatted(width, height);
        }
    }
}
