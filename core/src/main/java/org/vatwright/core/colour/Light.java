package org.vatwright.core.colour;

/**
 * sRGB transfer curve (IEC 61966-2-1), both ways, by table. Areas are averaged in linear light, since that is what
 * the eye does from a distance: half black, half white is 188, not 128.
 */
public final class Light {

    private static final float[] LINEAR = new float[256];
    /** Encoded value by linear/STEPS; fine enough that every one of the 256 values comes back. */
    private static final int STEPS = 1 << 14;
    private static final byte[] ENCODED = new byte[STEPS + 1];

    static {
        for (int i = 0; i < 256; i++) {
            LINEAR[i] = (float) decode(i / 255.0);
        }
        for (int i = 0; i <= STEPS; i++) {
            ENCODED[i] = (byte) Math.round(encode((double) i / STEPS) * 255);
        }
    }

    private Light() {}

    /** @param encoded 0 to 1; the answer for 0.5 is 0.214 */
    public static double decode(double encoded) {
        return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
    }

    public static double encode(double linear) {
        return linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    }

    public static float linear(int channel) {
        return LINEAR[channel];
    }

    /** @return 0 to 255 for a linear share, clamped to 0 to 1 */
    public static int channel(float linear) {
        int at = (int) (linear * STEPS + 0.5f);
        return ENCODED[at < 0 ? 0 : Math.min(at, STEPS)] & 255;
    }

    /** Finds for many linear shares, clamped to 0 to 1, what {@link #at} takes; a loop that is turned into vectors. */
    public static void places(float[] linear, int[] places) {
        for (int i = 0; i < places.length; i++) {
            places[i] = (int) (Math.max(0, Math.min(1, linear[i])) * STEPS + 0.5f);
        }
    }

    /** The same of each times another number. */
    public static void places(float[] linear, float[] times, int[] places) {
        for (int i = 0; i < places.length; i++) {
            places[i] = (int) (Math.max(0, Math.min(1, linear[i] * times[i])) * STEPS + 0.5f);
        }
    }

    /** @param place from {@link #places} @return 0 to 255 */
    public static int at(int place) {
        return ENCODED[place] & 255;
    }
}
