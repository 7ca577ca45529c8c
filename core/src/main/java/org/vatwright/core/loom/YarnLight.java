package org.vatwright.core.loom;

/**
 * How light a thread is at a place of it, as a factor on its linear light. Across, a rounded thread is lighter in the
 * middle and towards the light; along, it darkens where it dives and lightens where it rises towards the light. Means
 * across a thread are 1, so that rounding changes no colour as a whole.
 */
final class YarnLight {

    private static final int STREAKS = 256;
    /** Fibre streaks a pitch, along the thread. */
    private static final int TURNS = 2;
    private static final float FALL = 0.55f;
    private static final float SIDE = 0.35f;
    private static final float DIVE = 0.75f;
    private static final float SLOPE = 0.22f;
    private static final float FIBRE = 0.16f;

    private final float fall;
    private final float sideWarp;
    private final float sideWeft;
    private final float slopeWarp;
    private final float slopeWeft;
    private final float dive;
    private final float under;
    private final float turn;
    private final float[] streak = new float[STREAKS];

    /** @param pxPerThread finer streaks than pixels are not drawn but fade */
    YarnLight(YarnLook look, double pxPerThread) {
        float x = (float) Math.cos(Math.toRadians(look.lightDeg()));
        float y = (float) -Math.sin(Math.toRadians(look.lightDeg()));
        float r = (float) look.rounding();
        fall = FALL * r;
        sideWarp = SIDE * r * x;
        sideWeft = SIDE * r * y;
        dive = DIVE * (float) look.depth();
        slopeWarp = SLOPE * (float) look.depth() * y;
        slopeWeft = SLOPE * (float) look.depth() * x;
        under = 1 - 0.8f * (float) look.depth();
        turn = look.twist() < 0 ? -1 : 1;
        double f = TURNS / pxPerThread;
        double fades = f >= 1 ? 0 : Math.sin(Math.PI * f) / (Math.PI * f);
        for (int i = 0; i < STREAKS; i++) {
            streak[i] = (float) (FIBRE * Math.abs(look.twist()) * fades * Math.sin(2 * Math.PI * i / STREAKS));
        }
    }

    /**
     * @param across -1 to 1 from the left side of the end to the right
     * @param along -0.5 to 0.5 down the crossing
     * @param before,after whether the end stays on top at the crossings above and below
     */
    float end(float across, float along, boolean before, boolean after) {
        return (1 + fall * (1f / 3 - across * across) + sideWarp * across) * way(along, before, after, slopeWarp)
                * (1 + streak(across, -along));
    }

    /** @param across -1 to 1 from the upper side of the pick to the lower @param along -0.5 to 0.5 to the right */
    float pick(float across, float along, boolean before, boolean after) {
        return (1 + fall * (1f / 3 - across * across) + sideWeft * across) * way(along, before, after, slopeWeft)
                * (1 + streak(-across, along));
    }

    /** @return of a thread seen in the gap of the one above it */
    float under() {
        return under;
    }

    private float way(float along, boolean before, boolean after, float slope) {
        float t = 2 * along;
        if (t < 0 ? before : after) {
            return 1;
        }
        return 1 - dive * t * t * t * t + slope * t * Math.abs(t);
    }

    private float streak(float across, float along) {
        return streak[(int) ((TURNS * along + turn * 0.35f * across) * STREAKS + 4 * STREAKS) & STREAKS - 1];
    }
}
