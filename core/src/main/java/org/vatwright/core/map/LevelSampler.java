package org.vatwright.core.map;

import java.util.Arrays;

import org.vatwright.core.colour.Light;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * Samples a tile through any map: each place from the halved tiles that are as dense as the picture is there, several samples
 * along the way that is shrunk more, all mixed as light. Where next to nothing is shrunk one bilinear sample is all.
 */
final class LevelSampler {

    /** So few rows of a net that their places stay in the nearest cache. */
    private static final int NET_ROWS = 6;
    /** Up to this level the tile itself is dense enough: a bilinear sample takes in as much. Above, levels go over evenly. */
    private static final float ONE = 0.3f;
    /** Shares are whole numbers of this many. */
    private static final int SHARE_BITS = 8;
    static final int SHARES = 1 << SHARE_BITS;
    /** Light of the 256 values, in whole numbers; times the shares it fits. */
    private static final int[] LINEAR = new int[256];
    private static final int LIGHT_BITS = 14;

    static {
        for (int i = 0; i < 256; i++) {
            LINEAR[i] = Math.round(Light.linear(i) * (1 << LIGHT_BITS));
        }
    }

    private final TileLevel[] levels;
    private final int tileWidth;
    private final int tileHeight;
    private final boolean opaque;

    /** @param tiles the tile and its halves */
    LevelSampler(Raster[] tiles) {
        levels = Arrays.stream(tiles).map(TileLevel::of).toArray(TileLevel[]::new);
        tileWidth = tiles[0].width();
        tileHeight = tiles[0].height();
        opaque = Packed.opaque(tiles[0].argb());
    }

    void sample(ClothMap map, Reading how, Raster out, Work work) {
        boolean plain = map instanceof Net && !how.once() && how.shade() == 0;
        int rows = plain || !(map instanceof Net) ? BlockFooting.BLOCK : NET_ROWS;
        ThreadLocal<Footing> footings = ThreadLocal.withInitial(() -> new Footing(out.width(), plain ? 0 : rows,
                tileWidth, tileHeight, how.shade() > 0));
        Rows.each(out.height(), rows, work, (from, to) -> {
            Footing footing = footings.get();
            int first = from * out.width();
            int count = (to - from) * out.width();
            if (plain && map instanceof Net net) {
                Arrays.fill(out.argb(), first, first + count, 0);
                net.lay(new NetPixels(this, footing, out.argb(), first), footing, from, to - from);
                return;
            }
            if (map instanceof Net net) {
                footing.clear(to - from);
                net.lay(footing.spans(), footing, from, to - from);
            } else {
                BlockFooting.lay(map, footing, from, to - from);
            }
            fill(footing, out.argb(), first, count);
            if (how.once()) {
                once(footing, how, out.argb(), first, count);
            }
            if (footing.tone != null) {
                for (int i = 0; i < count; i++) {
                    out.argb()[first + i] = Tone.shaded(out.argb()[first + i], footing.tone[i] * (float) how.shade());
                }
            }
        });
    }

    private void fill(Footing f, int[] out, int first, int count) {
        TileLevel tile = levels[0];
        for (int i = 0; i < count; i++) {
            double u = f.u[i];
            double v = f.v[i];
            if (u != u || v != v) {
                out[first + i] = 0;
            } else if (f.level[i] < ONE && f.taps[i] == 1) {
                out[first + i] = tile.at(u, v);
            } else {
                out[first + i] = mixed(u, v, f.level[i], f.taps[i], f.du[i], f.dv[i]);
            }
        }
    }

    /** @return whether one sample of the tile itself is all */
    static boolean one(float level, int taps) {
        return level < ONE && taps == 1;
    }

    TileLevel tile(int level) {
        return levels[Math.min(level, levels.length - 1)];
    }

    boolean opaque() {
        return opaque;
    }

    /** @param along,down the way that is shrunk more, in tiles */
    int mixed(double u, double v, float level, int taps, float along, float down) {
        return opaque ? opaque(u, v, level, taps, along, down) : clear(u, v, level, taps, along, down);
    }

    int share(float level, int low) {
        return Math.max(0, Math.min(SHARES, (int) ((level - low - ONE) * (SHARES / (1 - ONE)))));
    }

    private int opaque(double u, double v, float level, int taps, float along, float down) {
        int low = Math.min((int) level, levels.length - 1);
        int share = share(level, low);
        TileLevel fine = levels[low];
        TileLevel coarse = tile(low + 1);
        if (taps == 1 && (share == 0 || share == SHARES)) {
            return (share == 0 ? fine : coarse).at(u, v);
        }
        if (taps == 1) {
            return two(fine.at(u, v), coarse.at(u, v), share);
        }
        double stepU = along / taps;
        double stepV = down / taps;
        if (taps == 2 && (share == 0 || share == SHARES)) {
            TileLevel one = share == 0 ? fine : coarse;
            return two(one.at(u - stepU / 2, v - stepV / 2), one.at(u + stepU / 2, v + stepV / 2), SHARES / 2);
        }
        double atU = u - stepU * (taps - 1) / 2;
        double atV = v - stepV * (taps - 1) / 2;
        int red = 0;
        int green = 0;
        int blue = 0;
        for (int tap = 0; tap < taps; tap++) {
            if (share < SHARES) {
                int argb = fine.at(atU, atV);
                red += (SHARES - share) * LINEAR[argb >> 16 & 255];
                green += (SHARES - share) * LINEAR[argb >> 8 & 255];
                blue += (SHARES - share) * LINEAR[argb & 255];
            }
            if (share > 0) {
                int argb = coarse.at(atU, atV);
                red += share * LINEAR[argb >> 16 & 255];
                green += share * LINEAR[argb >> 8 & 255];
                blue += share * LINEAR[argb & 255];
            }
            atU += stepU;
            atV += stepV;
        }
        int bits = SHARE_BITS + Integer.numberOfTrailingZeros(taps);
        return 0xFF000000 | Light.at(red >> bits) << 16 | Light.at(green >> bits) << 8 | Light.at(blue >> bits);
    }

    /** Two opaque pixels as light. Of nearly the same ones it does not matter how they are mixed. */
    static int two(int a, int b, int share) {
        if (((a ^ b) & 0xFFE0E0E0) == 0) {
            return Packed.between(a, b, share);
        }
        int rest = SHARES - share;
        return 0xFF000000
                | Light.at(rest * LINEAR[a >> 16 & 255] + share * LINEAR[b >> 16 & 255] >> SHARE_BITS) << 16
                | Light.at(rest * LINEAR[a >> 8 & 255] + share * LINEAR[b >> 8 & 255] >> SHARE_BITS) << 8
                | Light.at(rest * LINEAR[a & 255] + share * LINEAR[b & 255] >> SHARE_BITS);
    }

    private int clear(double u, double v, float level, int taps, float along, float down) {
        int low = Math.min((int) level, levels.length - 1);
        float share = (float) share(level, low) / SHARES;
        TileLevel fine = levels[low];
        TileLevel coarse = tile(low + 1);
        float[] sum = new float[4];
        for (int tap = 0; tap < taps; tap++) {
            double at = (tap + 0.5) / taps - 0.5;
            add(fine.at(u + at * along, v + at * down), (1 - share) / taps, sum);
            if (share > 0) {
                add(coarse.at(u + at * along, v + at * down), share / taps, sum);
            }
        }
        return LightMix.encode(sum);
    }

    private static void add(int argb, float share, float[] sum) {
        float[] light = LightMix.linear(argb);
        for (int k = 0; k < 4; k++) {
            sum[k] += share * light[k];
        }
    }

    /** What is shown once ends where it would begin anew, softly over a pixel. */
    private void once(Footing f, Reading how, int[] out, int first, int count) {
        for (int i = 0; i < count; i++) {
            int argb = out[first + i];
            if (argb != 0) {
                double across = Math.min(f.u[i], how.mostU() - f.u[i]) * tileWidth;
                double down = Math.min(f.v[i], how.mostV() - f.v[i]) * tileHeight;
                double inside = Math.min(across, down) / Math.pow(2, f.level[i]) + 0.5;
                out[first + i] = inside >= 1
                        ? argb
                        : inside > 0 ? Packed.scaled(argb, (int) Math.round(SHARES * inside)) : 0;
            }
        }
    }
}
