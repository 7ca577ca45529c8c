package org.vatwright.core.effect;

/** Light on a slope. */
final class Shade {

    private final float lx;
    private final float ly;
    private final float lz;
    private final float shine;
    private final float halfX;
    private final float halfY;
    private final float halfZ;
    /** Gloss of a level place. */
    private final float level;

    /** @param way,elevation in radians @param shine 0 to 1 */
    Shade(double way, double elevation, double shine) {
        lx = (float) (Math.cos(elevation) * Math.cos(way));
        ly = (float) (-Math.cos(elevation) * Math.sin(way));
        lz = (float) Math.sin(elevation);
        this.shine = (float) shine;
        double length = Math.sqrt(lx * lx + ly * ly + (lz + 1) * (lz + 1));
        halfX = (float) (lx / length);
        halfY = (float) (ly / length);
        halfZ = (float) ((lz + 1) / length);
        level = glossy(halfZ);
    }

    /** The cosine's eighteenth power. */
    private static float glossy(float cosine) {
        float second = cosine * cosine;
        float fourth = second * second;
        float eighth = fourth * fourth;
        return eighth * eighth * second;
    }

    /** Of many slopes at once, in loops that become vectors. @param sx,sy rise by run @param upright written */
    void upright(float[] sx, float[] sy, float[] upright) {
        for (int i = 0; i < upright.length; i++) {
            upright[i] = 1 / (float) Math.sqrt(sx[i] * sx[i] + sy[i] * sy[i] + 1);
        }
    }

    /** @param light written: how bright a slope is beside a level place, its cosine over the level one's */
    void light(float[] sx, float[] sy, float[] upright, float[] light) {
        float by = 1 / lz;
        for (int i = 0; i < light.length; i++) {
            light[i] = Math.max(0, (lz - sx[i] * lx - sy[i] * ly) * upright[i]) * by;
        }
    }

    /** @param gloss written: the light that is added where a slope shines more than a level place */
    void gloss(float[] sx, float[] sy, float[] upright, float[] gloss) {
        for (int i = 0; i < gloss.length; i++) {
            float cosine = Math.max(0, (halfZ - sx[i] * halfX - sy[i] * halfY) * upright[i]);
            gloss[i] = shine * Math.max(0, glossy(cosine) - level);
        }
    }
}
