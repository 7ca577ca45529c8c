package org.vatwright.core.shape;

import java.util.Arrays;
import java.util.Optional;

import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.TileGrid;

/** The colours of a mark that has more than one, by pixel. */
sealed interface Shade {

    /** @param x,y a pixel, as the mark is drawn, before it comes in again at the other side */
    int argb(int x, int y);

    boolean opaque();

    /** @return none when the mark has one colour */
    static Optional<Shade> of(VectorMark mark, TileGrid grid, InkColours inks) {
        if (mark.gradient().isPresent()) {
            return Optional
                    .of(new OfGradient(mark.gradient().get(),
                            inks.ramp(mark.gradient().get().stops(), OfGradient.COLOURS,
                                    mark.opacity()),
                            Gradient.byPixel(mark.gradient().get().toUnit(), grid)));
        }
        return inks.fill(mark.from()).or(() -> inks.fill(mark.to()))
                .map(fill -> new OfFill(fill.in(mark, grid), new FillTone(mark, fill, inks)));
    }

    /** @param ramp its colours, evenly spaced @param map from pixels to u, v */
    record OfGradient(Gradient gradient, int[] ramp, double[] map) implements Shade {

        private static final int COLOURS = 1024;

        @Override
        public int argb(int x, int y) {
            double place = gradient.place(map[0] * x + map[2] * y + map[4], map[1] * x + map[3] * y + map[5]);
            return ramp[(int) (place * (COLOURS - 1) + 0.5)];
        }

        @Override
        public boolean opaque() {
            return Arrays.stream(ramp).allMatch(argb -> argb >>> 24 == 255);
        }
    }

    record OfFill(FillPaint.Seeing laid, FillTone tone) implements Shade {

        @Override
        public int argb(int x, int y) {
            return tone.of(laid.argb(x, y));
        }

        @Override
        public boolean opaque() {
            return tone.opaque() && laid.opaque();
        }
    }
}
