package org.vatwright.core.map;

import org.vatwright.core.map.Footing.Shadow;

/**
 * Fills in where pixels lie by a map that knows it of every place. How much is shrunk follows from how far neighbours lie apart;
 * it is worked out at the corners of small blocks and goes over evenly between them, so that no block shows.
 */
final class BlockFooting {

    static final int BLOCK = 16;

    private final ClothMap map;
    private final Footing f;
    private final int top;
    private final double[] uv = new double[2];

    private BlockFooting(ClothMap map, Footing footing, int top) {
        this.map = map;
        f = footing;
        this.top = top;
    }

    /** @param top the first row, a multiple of {@link #BLOCK} @param rows how many */
    static void lay(ClothMap map, Footing footing, int top, int rows) {
        BlockFooting all = new BlockFooting(map, footing, top);
        for (int y = 0; y < rows; y += BLOCK) {
            Shadow left = all.shadow(0, top + y);
            Shadow below = all.shadow(0, top + y + BLOCK);
            for (int x = 0; x < footing.width; x += BLOCK) {
                Shadow right = all.shadow(x + BLOCK, top + y);
                Shadow corner = all.shadow(x + BLOCK, top + y + BLOCK);
                all.block(x, y, Math.min(rows, y + BLOCK), left, right, below, corner);
                left = right;
                below = corner;
            }
        }
    }

    private Shadow shadow(double x, double y) {
        map.at(x - 0.5, y - 0.5, uv);
        double u = uv[0];
        double v = uv[1];
        map.at(x + 0.5, y - 0.5, uv);
        double au = uv[0] - u;
        double av = uv[1] - v;
        map.at(x - 0.5, y + 0.5, uv);
        Shadow there = f.shadow(au, av, uv[0] - u, uv[1] - v);
        return Float.isFinite(there.level() + there.u() + there.v()) ? there : Shadow.NONE;
    }

    private void block(int left, int first, int last, Shadow a, Shadow b, Shadow c, Shadow d) {
        int right = Math.min(f.width, left + BLOCK);
        for (int y = first; y < last; y++) {
            float t = (y + 0.5f - first) / BLOCK;
            for (int x = left; x < right; x++) {
                float s = (x + 0.5f - left) / BLOCK;
                int i = y * f.width + x;
                map.at(x + 0.5, top + y + 0.5, uv);
                f.u[i] = uv[0];
                f.v[i] = uv[1];
                f.level[i] = mix(s, t, a.level(), b.level(), c.level(), d.level());
                f.du[i] = mix(s, t, a.u(), b.u(), c.u(), d.u());
                f.dv[i] = mix(s, t, a.v(), b.v(), c.v(), d.v());
                f.taps[i] = f.taps(f.level[i], f.du[i], f.dv[i]);
                if (f.tone != null) {
                    f.tone[i] = map instanceof Cylinder round ? round.tone(x + 0.5, top + y + 0.5) : 0;
                }
            }
        }
    }

    private static float mix(float s, float t, float a, float b, float c, float d) {
        return (1 - t) * ((1 - s) * a + s * b) + t * ((1 - s) * c + s * d);
    }
}
