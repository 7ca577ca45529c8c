package org.vatwright.core.picture;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.map.Resized;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * How a picture becomes a tile without seams.
 *
 * @param margin of the shorter side that may change (heal) or is laid over the opposite one (fade), 0.01 to 0.45
 * @param even how much of what is uneven over the whole is taken away first, 0 to 1
 */
@RecordBuilder
public record Making(Way way, double margin, double even) implements MakingBuilder.With {

    public static final double LEAST_MARGIN = 0.01;
    public static final double MOST_MARGIN = 0.45;
    public static final Making HEAL = new Making(Way.HEAL, 0.12, 0);
    /** A side has that many pixels at least. */
    public static final int LEAST_PX = 4;
    /** That are healed at once. */
    public static final int MOST_HEALED_PX = 24_000_000;
    private static final int PLANES_BYTES = 20;

    /** What makes opposite edges meet. */
    public enum Way {
        /** The size stays; near the edges colours give way until both meet. */
        HEAL("Heal"),
        /** One margin is laid over the opposite one; the tile loses a margin each way. */
        FADE("Cross-fade"),
        /** The picture and its mirror images; the tile has twice its sides. */
        MIRROR("Mirror");

        private final String title;

        Way(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Way parse(String text) {
            return Arrays.stream(values()).filter(w -> w.word().equalsIgnoreCase(text.strip())).findFirst()
                    .orElseThrow(() -> new Refusal("\"%s\" is no way to make a picture seamless; %s are".formatted(text,
                            Arrays.stream(values()).map(Way::word).collect(Collectors.joining(", ")))));
        }
    }

    public Making {
        Require.within("margin", margin * 100, LEAST_MARGIN * 100, MOST_MARGIN * 100, "%");
        Require.within("even-out", even * 100, 0, 100, "%");
    }

    public Making(Way way) {
        this(way, HEAL.margin, 0);
    }

    /** @return pixels of the margin in a picture of that size */
    int margin(int width, int height) {
        int shorter = Math.min(width, height);
        return Math.max(1, Math.min((shorter - 1) / 2, (int) Math.rint(margin * shorter)));
    }

    /** @return how wide the tile of a picture of that size is */
    public int width(int width, int height) {
        return side(width, width, height);
    }

    /** @return how high the tile of a picture of that size is */
    public int height(int width, int height) {
        return side(height, width, height);
    }

    private int side(int side, int width, int height) {
        return switch (way) {
            case HEAL -> side;
            case FADE -> side - margin(width, height);
            case MIRROR -> 2 * side;
        };
    }

    /** @throws Refusal when a picture of that size is too small, or too large to be healed or doubled */
    public void checkTakes(int width, int height) {
        Require.that(Math.min(width, height) >= LEAST_PX,
                "the picture has %,d x %,d pixels; a tile is made of %d x %d at least".formatted(width, height,
                        LEAST_PX, LEAST_PX));
        Require.that(way != Way.HEAL || (long) width * height <= MOST_HEALED_PX,
                "the picture has %,d x %,d pixels; %,d in all is the most that is healed at once: cross-fade or mirror it, or take it smaller"
                        .formatted(width, height, MOST_HEALED_PX));
        Require.that(way != Way.MIRROR || 4L * width * height <= Raster.MOST_PX,
                "the picture has %,d x %,d pixels; mirrored it would have more than %,d in all: take it smaller"
                        .formatted(width, height, Raster.MOST_PX));
    }

    /**
     * @return a tile of it, the same with any number of threads; of fewer pixels where the program's memory does not hold what
     *         all of them need
     * @throws Refusal as {@link #checkTakes} does
     */
    public Raster of(Raster picture, Work work) {
        return of(picture, Runtime.getRuntime().maxMemory() / 2, work);
    }

    /** @param room for it, in bytes */
    Raster of(Raster picture, long room, Work work) {
        checkTakes(picture.width(), picture.height());
        Raster even = EvenOut.of(fitting(picture, room / bytesAPixel(), work), this.even, work);
        int margin = margin(even.width(), even.height());
        return switch (way) {
            case HEAL -> Healing.of(even, margin, work);
            case FADE -> CrossFade.of(even, margin);
            case MIRROR -> mirrored(even);
        };
    }

    private int bytesAPixel() {
        return switch (way) {
            case HEAL -> 150;
            case FADE -> 12 + (even > 0 ? PLANES_BYTES : 0);
            case MIRROR -> 20 + (even > 0 ? PLANES_BYTES : 0);
        };
    }

    private static Raster fitting(Raster picture, long mostPx, Work work) {
        long px = (long) picture.width() * picture.height();
        if (px <= mostPx) {
            return picture;
        }
        double by = Math.sqrt((double) mostPx / px);
        return Resized.of(picture, (int) Math.max(LEAST_PX, by * picture.width()),
                (int) Math.max(LEAST_PX, by * picture.height()), work.telling(share -> {}));
    }

    private static Raster mirrored(Raster in) {
        int w = in.width();
        int h = in.height();
        Raster out = new Raster(2 * w, 2 * h);
        for (int y = 0; y < 2 * h; y++) {
            for (int x = 0; x < 2 * w; x++) {
                out.argb()[y * 2 * w + x] = in.at(x < w ? x : 2 * w - 1 - x, y < h ? y : 2 * h - 1 - y);
            }
        }
        return out;
    }
}
