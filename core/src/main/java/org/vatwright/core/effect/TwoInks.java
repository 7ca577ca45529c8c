package org.vatwright.core.effect;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;

import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** A coat in two inks, more or less of either of which covers each pixel, but never both: marks that lie apart or meet in hard edges. */
final class TwoInks {

    private static final int AT_ONCE = 1 << 15;
    private static final int OPAQUE = 255;
    /** Coverage in steps of what four numbers in a long may be. */
    private static final int BYTES = 257;

    private final int[] shades;
    private final int[] others;
    private final int ink;
    private final int other;

    private TwoInks(int ink, int other) {
        this.ink = ink;
        this.other = other;
        shades = OneInk.shades(ink);
        others = OneInk.shades(other);
    }

    /** @return nothing of a coat in one ink, in more than two or with pixels in which inks mix */
    static Optional<TwoInks> of(int[] argb, Work work) {
        int first = OneInk.opaque(argb, OneInk.NONE);
        int second = first == OneInk.NONE ? OneInk.NONE : OneInk.opaque(argb, first);
        if (second == OneInk.NONE) {
            return Optional.empty();
        }
        // Which of them is met first depends on where the tile begins, and nothing may.
        TwoInks inks = new TwoInks(Math.min(first, second), Math.max(first, second));
        AtomicBoolean more = new AtomicBoolean();
        Rows.each(argb.length, AT_ONCE, work, (from, to) -> {
            if (!more.get() && !inks.cover(argb, from, to)) {
                more.set(true);
            }
        });
        return more.get() ? Optional.empty() : Optional.of(inks);
    }

    private boolean cover(int[] argb, int from, int to) {
        int last = 0;
        for (int i = from; i < to; i++) {
            int pixel = argb[i];
            if (pixel != last && !OneInk.near(pixel, shades[pixel >>> 24])
                    && !OneInk.near(pixel, others[pixel >>> 24])) {
                return false;
            }
            last = pixel;
        }
        return true;
    }

    /** @return what covers and what of it is the other ink, in the halves of a long, each up to 2^16 - 1 */
    long covers(int pixel) {
        int alpha = pixel >>> 24;
        long all = alpha * BYTES;
        boolean isOther = pixel != shades[alpha]
                && (pixel == others[alpha] || !OneInk.near(pixel, shades[alpha]));
        return isOther ? all << Integer.SIZE | all : all;
    }

    /** @return by steps of the other ink's share their mixture in light, opaque */
    int[] mixtures(int steps) {
        int[] mixtures = new int[steps + 1];
        for (int i = 0; i <= steps; i++) {
            float share = i / (float) steps;
            mixtures[i] = OPAQUE << 24 | mixed(16, share) | mixed(8, share) | mixed(0, share);
        }
        return mixtures;
    }

    private int mixed(int shift, float share) {
        float light = Light.linear(ink >> shift & 255);
        return Light.channel(light + share * (Light.linear(other >> shift & 255) - light)) << shift;
    }
}
