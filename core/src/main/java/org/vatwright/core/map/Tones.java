package org.vatwright.core.map;

/** How bent cloth turns to the light, which comes from the upper left: drawn out along the light it turns towards it. */
final class Tones {

    /** So much is a stretch of a tenth worth as tone. */
    private static final double TONE = 1.8;
    private static final double DIAGONAL = Math.sqrt(0.5);

    private Tones() {}

    /** @return for each node, -1 to 1 */
    static float[] of(Grid g) {
        float[] tone = new float[g.x().length];
        byte[] count = new byte[tone.length];
        int wide = g.columns() + 1;
        for (int row = 0; row < g.rows(); row++) {
            for (int column = 0; column < g.columns(); column++) {
                int i = row * wide + column;
                float one = tone(g, i, i + 1, i + wide);
                for (int k : new int[]{i, i + 1, i + wide, i + wide + 1}) {
                    tone[k] += Float.isFinite(one) ? one : 0;
                    count[k]++;
                }
            }
        }
        for (int i = 0; i < tone.length; i++) {
            tone[i] /= Math.max(1, count[i]);
        }
        return tone;
    }

    private static float tone(Grid g, int i, int right, int below) {
        double pa = g.p()[right] - g.p()[i];
        double qa = g.q()[right] - g.q()[i];
        double pb = g.p()[below] - g.p()[i];
        double qb = g.q()[below] - g.q()[i];
        double det = pa * qb - qa * pb;
        // The share of each side in a step along the light on the flat cloth.
        double a = (qb - pb) * DIAGONAL / det;
        double b = (pa - qa) * DIAGONAL / det;
        double seenX = a * (g.x()[right] - g.x()[i]) + b * (g.x()[below] - g.x()[i]);
        double seenY = a * (g.y()[right] - g.y()[i]) + b * (g.y()[below] - g.y()[i]);
        return (float) Math.max(-1, Math.min(1, TONE * (Math.hypot(seenX, seenY) - 1)));
    }
}
