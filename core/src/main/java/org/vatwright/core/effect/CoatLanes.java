package org.vatwright.core.effect;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Rows of a coat for {@link Falling} of which three numbers tell a pixel, by {@link Lanes}: an opaque one by its red, green and blue
 * light, one in three inks by what of each covers it.
 */
final class CoatLanes implements Falling.Ends<long[]> {

    private static final int OPAQUE = 255;
    private static final int AT_ONCE = 1 << 15;
    /** What an alpha of one is in a lane. */
    private static final int STEP = Lanes.MOST / OPAQUE;
    private static final char[] LIT = SoftCoat.lit(OPAQUE * STEP);

    private final Raster coat;
    private final Raster out;
    private final Pixels pixels;
    private final LaneLine line;
    private final LitPixels lit;

    private CoatLanes(Raster coat, Raster out, Lanes across, Lanes down, Pixels pixels) {
        this.coat = coat;
        this.out = out;
        this.pixels = pixels;
        line = new LaneLine(coat.width(), across);
        lit = new LitPixels(down.full(across.full(OPAQUE * STEP)), Falling.STRIP);
    }

    /** How a pixel is told by three numbers. */
    private interface Pixels {

        /** Reads a row of {@code n} pixels into places from {@code at} on. */
        void read(int[] in, int from, int n, long[] places, int at);

        void write(LitPixels lit, long[] numbers, int n, int[] out, int at);
    }

    /** @return whether it was done: a coat of this sort, not too wide a spread @param inks in which the coat is, when they are few */
    static boolean blurred(Raster coat, Raster out, Spread across, Spread down, Optional<FewInks> inks, Work work) {
        Optional<Lanes> along = Lanes.of(across);
        Optional<Lanes> downwards = Lanes.of(down);
        if (along.isEmpty() || downwards.isEmpty()) {
            return false;
        }
        Optional<Pixels> pixels = inks.<Pixels>map(InThreeInks::new)
                .or(() -> isOpaque(coat.argb(), work) ? Optional.of(new Opaque()) : Optional.empty());
        pixels.ifPresent(p -> run(coat, out, along.get(), downwards.get(), p, work));
        return pixels.isPresent();
    }

    private static void run(Raster coat, Raster out, Lanes across, Lanes down, Pixels pixels, Work work) {
        Falling.run(coat.width(), coat.height(), LaneColumns.by(down), work,
                () -> new CoatLanes(coat, out, across, down, pixels));
    }

    private static boolean isOpaque(int[] argb, Work work) {
        AtomicBoolean clear = new AtomicBoolean();
        Rows.each(argb.length, AT_ONCE, work, (from, to) -> {
            if (!clear.get() && !isOpaque(argb, from, to)) {
                clear.set(true);
            }
        });
        return !clear.get();
    }

    private static boolean isOpaque(int[] argb, int from, int to) {
        int all = -1;
        for (int i = from; i < to; i++) {
            all &= argb[i];
        }
        return all >>> 24 == OPAQUE;
    }

    @Override
    public void rows(int from, int count, Falling.Taker to) {
        for (int k = 0; k < count; k++) {
            pixels.read(coat.argb(), (from + k) * coat.width(), coat.width(), line.places(), line.in());
            line.blur();
            to.take(k, line.places());
        }
    }

    @Override
    public void take(int y, int from, int n, long[] row) {
        pixels.write(lit, row, n, out.argb(), y * out.width() + from);
    }

    private static final class Opaque implements Pixels {

        @Override
        public void read(int[] in, int from, int n, long[] places, int at) {
            int last = 0;
            long light = 0;
            for (int i = 0; i < n; i++) {
                // Most of a coat is like what is beside it.
                if (in[from + i] != last) {
                    last = in[from + i];
                    light = light(last);
                }
                places[at + i] = light;
            }
        }

        private static long light(int pixel) {
            int by = OPAQUE << 8;
            return Lanes.of(LIT[by | pixel >> 16 & 255], LIT[by | pixel >> 8 & 255], LIT[by | pixel & 255]);
        }

        @Override
        public void write(LitPixels lit, long[] numbers, int n, int[] out, int at) {
            lit.writeOpaque(numbers, n, out, at);
        }
    }

    private static final class InThreeInks implements Pixels {

        private final FewInks inks;
        private final InkLight red;
        private final InkLight green;
        private final InkLight blue;

        InThreeInks(FewInks inks) {
            this.inks = inks;
            red = light(16);
            green = light(8);
            blue = light(0);
        }

        private InkLight light(int shift) {
            return new InkLight(inks.light(0, shift), inks.light(1, shift), inks.light(2, shift));
        }

        @Override
        public void read(int[] in, int from, int n, long[] places, int at) {
            int[] own = inks.own(0);
            int shift = 2 * Lanes.LANE_BITS;
            for (int i = 0; i < n; i++) {
                int pixel = in[from + i];
                int alpha = pixel >>> 24;
                // Most are in the ink of the one before, and to see it takes little.
                if (pixel != own[alpha]) {
                    int ink = inks.which(pixel);
                    own = inks.own(ink);
                    shift = (2 - ink) * Lanes.LANE_BITS;
                }
                places[at + i] = (long) (alpha * STEP) << shift;
            }
        }

        @Override
        public void write(LitPixels lit, long[] numbers, int n, int[] out, int at) {
            lit.writeMixed(numbers, red, green, blue, n, out, at);
        }
    }

    /** How much of a channel's light each of three inks gives, 0 to 1. */
    record InkLight(float one, float two, float three) {}
}
