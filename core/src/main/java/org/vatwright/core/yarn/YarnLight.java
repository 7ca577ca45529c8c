package org.vatwright.core.yarn;

import org.vatwright.core.loom.YarnLook;

/**
 * How light a thread is at a place of it, as a factor on its linear light: the product of what holds across it and what
 * holds along it. Across, a rounded thread is lighter in the middle and towards the light; along, it darkens where it
 * dives and lightens where it rises towards the light. Means across a thread are 1, so that rounding changes no colour
 * as a whole.
 */
final class YarnLight {

    /** Fibre streaks a pitch, along the thread. */
    private static final int TURNS = 2;
    /** How far a streak runs along while it crosses half the thread, in turns. */
    private static final float SLANT = 0.35f;
    private static final float FALL = 0.55f;
    private static final float SIDE = 0.35f;
    private static final float DIVE = 0.75f;
    private static final float SLOPE = 0.22f;
    private static final float FIBRE = 0.16f;
    private static final float UNDER = 0.8f;

    private final float middle;
    private final float fall;
    private final float sideEnd;
    private final float sidePick;
    private final float slopeEnd;
    private final float slopePick;
    private final float dive;
    private final float under;
    private final float slant;
    private final float fibre;
    private final boolean far;

    /**
     * @param pxPerThread finer streaks than pixels are not drawn but fade
     * @param far whether a thread is seen as a whole: then its light is what it is on average
     */
    YarnLight(YarnLook look, double pxPerThread, boolean far) {
        this.far = far;
        float x = (float) Math.cos(Math.toRadians(look.lightDeg()));
        float y = (float) -Math.sin(Math.toRadians(look.lightDeg()));
        float r = far ? 0 : (float) look.rounding();
        fall = FALL * r;
        middle = 1 + fall / 3;
        sideEnd = SIDE * r * x;
        sidePick = SIDE * r * y;
        dive = DIVE * (float) look.depth();
        slopeEnd = SLOPE * (float) look.depth() * y;
        slopePick = SLOPE * (float) look.depth() * x;
        under = 1 - UNDER * (float) look.depth();
        slant = look.twist() < 0 ? -SLANT : SLANT;
        double f = TURNS / pxPerThread;
        double fades = f >= 1 ? 0 : Math.sin(Math.PI * f) / (Math.PI * f);
        fibre = (float) (4 * FIBRE * Math.abs(look.twist()) * fades);
    }

    /**
     * The light of each part of a row of ends on top, but for where they dive.
     *
     * @param middle of each part in its pitch, -0.5 to 0.5
     * @param half of the end's width there
     * @param phase of the row, from {@link #phase}
     */
    void ends(float[] middle, float[] half, float phase, float[] out) {
        float m = this.middle;
        float f = fall;
        float side = sideEnd;
        float s = slant;
        float amount = fibre;
        for (int i = 0; i < out.length; i++) {
            float across = Math.max(-1, Math.min(1, middle[i] / half[i]));
            float turn = phase + s * across;
            // A wave of two parabolas, near enough to a sine: 4x(1 - |x|) for x from -1 to 1.
            float x = 2 * (turn - (int) turn) - 1;
            out[i] = (m + across * (side - f * across)) * (1 + amount * x * (1 - Math.abs(x)));
        }
    }

    /** The light of each part of a row of a pick on top. @param place of the row in its pitch, -0.5 to 0.5 */
    void picks(float place, float[] half, float[] phase, float[] out) {
        float m = middle;
        float f = fall;
        float side = sidePick;
        float s = slant;
        float amount = fibre;
        for (int i = 0; i < out.length; i++) {
            float across = Math.max(-1, Math.min(1, place / half[i]));
            float turn = phase[i] - s * across;
            float x = 2 * (turn - (int) turn) - 1;
            out[i] = (m + across * (side - f * across)) * (1 + amount * x * (1 - Math.abs(x)));
        }
    }

    /** @param along -0.5 to 0.5 on the crossing: to the right on a pick, upwards on an end @return in turns, above 0 */
    static float phase(float along) {
        return TURNS * along + 4 * TURNS;
    }

    /** @return by how much an end darkens at that place where it dives at the near crossing; 0 in the middle */
    float endDive(float along) {
        return 1 - way(along, false, false, slopeEnd);
    }

    /** @param along -0.5 to 0.5 to the right @param before,after whether the pick stays on top left and right of it */
    float alongPick(float along, boolean before, boolean after) {
        return way(along, before, after, slopePick);
    }

    private float way(float along, boolean before, boolean after, float slope) {
        float t = 2 * along;
        if (t < 0 ? before : after) {
            return 1;
        }
        if (far) {
            // The means over half a pitch, of t^4 and of t|t|.
            return 1 - dive / 5 + Math.signum(t) * slope / 3;
        }
        return 1 - dive * t * t * t * t + slope * t * Math.abs(t);
    }

    /** @return of a thread seen in the gap of the one above it */
    float under() {
        return under;
    }
}
