package org.vatwright.core.tooth;

import java.util.Arrays;

import org.vatwright.core.measure.Noise;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * A roughness laid out on the pixels of a tile: how much of each pixel it covers, and with which of several inks. Where its
 * smallest things come near the size of a pixel, a pixel takes the mean of several places, so that every density shows the
 * same.
 */
public final class ToothRows {

    private static final int MOST_EACH = 6;
    private static final int PLAIN = 0;

    private final ToothForm.Slope slope;
    private final int width;
    private final int each;
    private final ToothField field;
    private final Glitter glitter;

    /**
     * @param phase 0 to below 1 of a whole turn of what moves; 0 where it stands still
     * @param work under which it is made ready, which may be stopped
     */
    public ToothRows(ToothForm form, TileGrid grid, double phase, Work work) {
        // Hills take it with what evens them.
        slope = switch (form.kind()) {
            case FINE, PAPER, CLOUD -> ToothForm.Slope.NONE;
            default -> form.slope();
        };
        width = grid.widthPx();
        double finest = form.sizeMm() * form.kind().finest();
        each = (int) Math.max(1, Math.min(MOST_EACH, Math.ceil(
                Math.max(grid.mmPerPxX(), grid.mmPerPxY()) * 2.2 / finest)));
        Samples across = Samples.of(grid.widthPx(), each, grid.widthMm(), form.x(),
                Facets.share(Noise.mix(form.seed() + 101)));
        Samples down = Samples.of(grid.heightPx(), each, grid.heightMm(), form.y(),
                Facets.share(Noise.mix(form.seed() + 102)));
        glitter = form.kind() == ToothKind.GLITTER ? new Glitter(form, across, down, phase) : null;
        field = switch (form.kind()) {
            case FINE -> Octaves.of(Octaves.Sort.FINE, form, across, down, phase);
            case PAPER -> Octaves.of(Octaves.Sort.PAPER, form, across, down, phase);
            case CLOUD -> Octaves.of(Octaves.Sort.CLOUD, form, across, down, phase);
            case FIBRE, FELT, SLUB -> Hairs.of(form, across, down, phase, work);
            case CRYSTALS -> new Crystals(form, across, down, phase);
            case MARBLE -> new Veins(form, across, down, phase);
            case GLITTER -> null;
        };
    }

    /** @return places a pixel is made of, each way */
    int each() {
        return each;
    }

    /** What is told of the places of a row of pixels. */
    public interface Taker {
        /**
         * @param x pixel
         * @param cover 0 to 1 of this place
         * @param kind of a tooth the share of the way through its inks, 0 to below 1; of glitter its brightness
         */
        void place(int x, float cover, float kind);
    }

    /** @return who reads rows of pixels; one a thread */
    public Reader reader(boolean severalInks) {
        return new Reader(severalInks);
    }

    /** Reads rows of pixels, best from the top. */
    public final class Reader {
        private final float[] level = new float[width * each];
        private final float[] pick;
        private final ToothField.Reader reader;
        private final Glitter.Reader sparkling;
        private float[] covers;

        private Reader(boolean severalInks) {
            pick = new float[severalInks ? level.length : PLAIN];
            reader = field == null ? null : field.reader();
            sparkling = glitter == null ? null : glitter.reader();
        }

        /** @return how many places a pixel has in all; so often the taker is told of each pixel of the row */
        public int places() {
            return each * each;
        }

        public void row(int y, Taker taker) {
            for (int k = 0; k < each; k++) {
                if (sparkling != null) {
                    sparkling.row(y * each + k, level);
                    for (int x = 0, i = 0; x < width; x++) {
                        for (int e = 0; e < each; e++, i++) {
                            taker.place(x, level[i] < 0 ? 0 : 1, level[i]);
                        }
                    }
                } else {
                    reader.row(y * each + k, level, pick);
                    for (int x = 0, i = 0; x < width; x++) {
                        for (int e = 0; e < each; e++, i++) {
                            taker.place(x, slope.at(level[i]), pick.length == 0 ? 0 : pick[i]);
                        }
                    }
                }
            }
        }

        /**
         * Writes a row of pixels in colours.
         *
         * @param byCover 256 of them, the first where nothing is covered, the last where all is; the same ones for every row
         */
        public void shades(int y, int[] byCover, int[] out, int at) {
            if (each == 1 && sparkling == null && slope == ToothForm.Slope.NONE) {
                reader.shades(y, level, byCover, out, at);
                return;
            }
            if (covers == null) {
                covers = new float[width];
            }
            cover(y, covers);
            for (int x = 0; x < width; x++) {
                out[at + x] = byCover[(int) (covers[x] * (byCover.length - 1) + 0.5f)];
            }
        }

        /** @param cover written: how much of each pixel of the row is covered, 0 to 1 */
        public void cover(int y, float[] cover) {
            if (each == 1 && sparkling == null) {
                reader.row(y, cover, pick);
                if (slope != ToothForm.Slope.NONE) {
                    slope.apply(cover);
                }
                return;
            }
            Arrays.fill(cover, 0);
            float share = 1f / places();
            for (int k = 0; k < each; k++) {
                if (sparkling == null) {
                    reader.row(y * each + k, level, pick);
                    for (int i = 0; i < level.length; i++) {
                        level[i] = slope.at(level[i]);
                    }
                } else {
                    sparkling.row(y * each + k, level);
                    for (int i = 0; i < level.length; i++) {
                        level[i] = level[i] < 0 ? 0 : 1;
                    }
                }
                for (int x = 0, i = 0; x < width; x++) {
                    for (int e = 0; e < each; e++) {
                        cover[x] += level[i++] * share;
                    }
                }
            }
        }
    }
}
