package org.vatwright.core.picture;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntBinaryOperator;

import org.vatwright.core.measure.Noise;
import org.vatwright.core.raster.Raster;

/** Pictures whose edges do not meet, each in its own way. */
final class HardPictures {

    static final int W = 157;
    static final int H = 122;

    private HardPictures() {}

    static Map<String, Raster> all() {
        Map<String, Raster> all = new LinkedHashMap<>();
        all.put("a ramp across", each((x, y) -> grey(20 + 215 * x / W)));
        all.put("a ramp aslant in three colours",
                each((x, y) -> 0xFF000000 | 250 * x / W << 16 | 250 * y / H << 8 | 255 - 120 * (x + y) / (W + H)));
        all.put("a sphere", each((x, y) -> {
            double dx = (x - 60) / 55.0;
            double dy = (y - 50) / 55.0;
            double z = 1 - dx * dx - dy * dy;
            return z < 0 ? grey(40) : grey((int) (40 + 200 * Math.max(0, (Math.sqrt(z) + dx - dy) / 2)));
        }));
        all.put("cloth lit from one side", each((x, y) -> grey((int) ((90 + 70 * ((x / 3 + y / 3) % 2))
                * (0.4 + 0.9 * x / W) * (1.1 - 0.5 * y / H)))));
        all.put("letters over the edge",
                each((x, y) -> letter(x + 9, y) || letter(x - 120, y - 70) ? grey(15) : grey(230)));
        all.put("grit", each((x, y) -> grey((int) (60 + 130 * share(x, y) * (1 + 0.4 * y / H)))));
        all.put("half dark, half light", each((x, y) -> x + y / 3 < W / 2 ? grey(30) : grey(220)));
        all.put("one thin line", each((x, y) -> Math.abs(x - 2 * y + 40) < 3 ? grey(0) : grey(255)));
        all.put("a clear corner", each((x, y) -> x * x + y * y < 90 * 90 ? 0 : 0xFF306090 + (x / 2)));
        all.put("waves that do not close", each((x, y) -> grey((int) (128 + 90 * Math.sin(x / 7.3) * Math.cos(y / 5.1)
                + 20.0 * x / W))));
        return all;
    }

    static Raster each(IntBinaryOperator colour) {
        Raster raster = new Raster(W, H);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                raster.argb()[y * W + x] = colour.applyAsInt(x, y);
            }
        }
        return raster;
    }

    static int grey(int level) {
        int v = Math.max(0, Math.min(255, level));
        return 0xFF000000 | v << 16 | v << 8 | v;
    }

    private static double share(int x, int y) {
        return (Noise.mix(x * 31L + y * 7919L) >>> 11) * 0x1p-53;
    }

    /** An E of bars. */
    private static boolean letter(int x, int y) {
        return y > 10 && y < 60 && (x > 0 && x < 12 || x > 0 && x < 40 && (y - 10) % 20 < 9);
    }
}
