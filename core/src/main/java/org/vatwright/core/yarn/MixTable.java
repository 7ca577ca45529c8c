package org.vatwright.core.yarn;

import java.util.Arrays;

import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.LightMix;

/** All mixtures of two of a few colours, by steps of 1/256, in linear light. Colours go by their number. */
final class MixTable {

    private static final int STEPS = 256;
    /** More colours than this are mixed one by one. */
    private static final int MOST_COLOURS = 24;

    private static final int LANE = 21;
    private static final int MOST = (1 << 13) - 1;
    private static final long LANES = (long) MOST << 2 * LANE | (long) MOST << LANE | MOST;
    private static final byte[] ENCODED = new byte[MOST + 1];

    static {
        for (int i = 0; i <= MOST; i++) {
            ENCODED[i] = (byte) Light.channel((float) i / MOST);
        }
    }

    private final int[] colours;
    private final long[] lights;
    private final int[][] table;

    MixTable(int[] colours) {
        this.colours = colours;
        lights = Arrays.stream(colours).mapToLong(MixTable::light).toArray();
        int n = colours.length;
        table = n > MOST_COLOURS ? null : new int[n * n][];
        for (int a = 0; a < n && table != null; a++) {
            for (int b = 0; b < n; b++) {
                int[] steps = new int[STEPS + 1];
                for (int i = 0; i <= STEPS; i++) {
                    steps[i] = LightMix.mix(colours[a], colours[b], (float) i / STEPS);
                }
                table[a * n + b] = steps;
            }
        }
    }

    private static long light(int argb) {
        return lane(argb >> 16 & 255) << 2 * LANE | lane(argb >> 8 & 255) << LANE | lane(argb & 255);
    }

    private static long lane(int channel) {
        return Math.round(Light.linear(channel) * (double) MOST);
    }

    /** @param share 0 to 1 */
    static int step(float share) {
        return Math.round(share * STEPS);
    }

    void argb(int[] numbers, int[] out) {
        for (int i = 0; i < numbers.length; i++) {
            out[i] = colours[numbers[i]];
        }
    }

    /** @param step of the second */
    int mix(int first, int second, int step) {
        return table == null
                ? LightMix.mix(colours[first], colours[second], (float) step / STEPS)
                : table[first * colours.length + second][step];
    }

    /** @return the light of a mixture of opaque colours, for {@link #opaque} */
    long light(int first, int second, int step) {
        return lerp(lights[first], lights[second], step);
    }

    /** @return the opaque colour of the mixture of two lights */
    static int opaque(long first, long second, int step) {
        long light = lerp(first, second, step);
        return 0xFF000000 | (ENCODED[(int) (light >>> 2 * LANE) & MOST] & 255) << 16
                | (ENCODED[(int) (light >>> LANE) & MOST] & 255) << 8 | ENCODED[(int) light & MOST] & 255;
    }

    /** Three channels in one multiplication: 13 bits of light and 8 of weight fill a lane of 21. */
    private static long lerp(long first, long second, int step) {
        return (first * (STEPS - step) + second * step) >>> 8 & LANES;
    }
}
