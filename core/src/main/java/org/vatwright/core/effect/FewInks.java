package org.vatwright.core.effect;

import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;

import org.vatwright.core.colour.Light;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** A coat in two or three inks, more or less of one of which covers each pixel: marks that lie apart or meet in hard edges. */
final class FewInks {

    private static final int AT_ONCE = 1 << 13;
    private static final int SOME = 16;
    private static final int OPAQUE = 255;
    /** Coverage in steps of what four numbers in a long may be. */
    private static final int BYTES = 257;
    private static final int NOWHERE = Integer.MAX_VALUE;

    private final int[] inks;
    /** By alpha; of two inks the last is the second again. */
    private final int[] first;
    private final int[] second;
    private final int[] third;
    /** By ink and alpha the pixel by which it alone is known, or one with another alpha; a clear one is in any. */
    private final int[][] own;

    private FewInks(int... inks) {
        // Which of them is met first depends on where the tile begins, and nothing may.
        this.inks = Arrays.stream(inks).sorted().toArray();
        first = OneInk.shades(this.inks[0]);
        second = OneInk.shades(this.inks[1]);
        third = OneInk.shades(this.inks[this.inks.length - 1]);
        own = new int[][]{first, first.clone(), first.clone()};
        for (int alpha = 1; alpha <= OPAQUE; alpha++) {
            int none = (alpha ^ 1) << 24;
            own[1][alpha] = second[alpha] == first[alpha] ? none : second[alpha];
            own[2][alpha] = third[alpha] == first[alpha] || third[alpha] == second[alpha] ? none : third[alpha];
        }
    }

    /** Told where a pixel is read that is in none of the inks. */
    static final class Other extends RuntimeException {
        private static final long serialVersionUID = 1;

        private Other() {
            super("in none of these inks", null, false, false);
        }
    }

    /** @return nothing of a coat in one ink, in more than three or with pixels in which inks mix */
    static Optional<FewInks> of(int[] argb, Work work) {
        return of(argb, 1, work);
    }

    /** The same by a part of the pixels: who reads the others is told by {@link Other} if it is not so. */
    static Optional<FewInks> likely(int[] argb, Work work) {
        return of(argb, SOME, work);
    }

    private static Optional<FewInks> of(int[] argb, int every, Work work) {
        int first = OneInk.opaque(argb, 0);
        int second = first == OneInk.NONE ? OneInk.NONE : OneInk.opaque(argb, 0, first);
        if (second == OneInk.NONE) {
            return Optional.empty();
        }
        FewInks two = new FewInks(first, second);
        int other = two.other(argb, every, work);
        if (other == NOWHERE) {
            return Optional.of(two);
        }
        int third = OneInk.opaque(argb, other, first, second);
        if (third == OneInk.NONE) {
            return Optional.empty();
        }
        FewInks three = new FewInks(first, second, third);
        return Optional.of(three).filter(inks -> inks.other(argb, every, work) == NOWHERE);
    }

    /** @return a pixel in none of these inks, {@link #NOWHERE} where there is none in each so-manieth part */
    private int other(int[] argb, int every, Work work) {
        AtomicInteger other = new AtomicInteger(NOWHERE);
        Rows.each(argb.length, AT_ONCE, work, (from, to) -> {
            if (other.get() == NOWHERE && from / AT_ONCE % every == 0) {
                other.compareAndSet(NOWHERE, other(argb, from, to));
            }
        });
        return other.get();
    }

    private int other(int[] argb, int from, int to) {
        int last = 0;
        for (int i = from; i < to; i++) {
            int pixel = argb[i];
            if (pixel != last && !isIn(pixel)) {
                return i;
            }
            last = pixel;
        }
        return NOWHERE;
    }

    private boolean isIn(int pixel) {
        int alpha = pixel >>> 24;
        // Nearly all are just that, and to see it takes little.
        return pixel == first[alpha] || pixel == second[alpha] || pixel == third[alpha]
                || OneInk.near(pixel, first[alpha]) || OneInk.near(pixel, second[alpha])
                || OneInk.near(pixel, third[alpha]);
    }

    int count() {
        return inks.length;
    }

    /** @return which ink the pixel is in: of two that are as near, always the same @throws Other of a pixel in none */
    int which(int pixel) {
        int alpha = pixel >>> 24;
        if (pixel == first[alpha]) {
            return 0;
        }
        if (pixel == second[alpha]) {
            return 1;
        }
        if (pixel == third[alpha]) {
            return 2;
        }
        for (int k = 0; k < inks.length; k++) {
            if (OneInk.near(pixel, k == 0 ? first[alpha] : k == 1 ? second[alpha] : third[alpha])) {
                return k;
            }
        }
        throw new Other();
    }

    /** @return by alpha the pixel by which an ink alone is known, or one with another alpha: a clear one is in any */
    int[] own(int ink) {
        return own[ink];
    }

    /** @return of two inks what covers and what of it is the other, in the halves of a long, each up to 2^16 - 1 */
    long covers(int pixel) {
        long all = (pixel >>> 24) * BYTES;
        return which(pixel) == 1 ? all << Integer.SIZE | all : all;
    }

    /** @return the light of an ink, 0 to 1 @param shift where the channel lies in a pixel */
    float light(int ink, int shift) {
        return Light.linear(inks[ink] >> shift & 255);
    }

    /** @return of two inks by steps of the other's share their mixture in light, opaque */
    int[] mixtures(int steps) {
        int[] mixtures = new int[steps + 1];
        for (int i = 0; i <= steps; i++) {
            float share = i / (float) steps;
            mixtures[i] = OPAQUE << 24 | mixed(16, share) | mixed(8, share) | mixed(0, share);
        }
        return mixtures;
    }

    private int mixed(int shift, float share) {
        float light = light(0, shift);
        return Light.channel(light + share * (light(1, shift) - light)) << shift;
    }
}
