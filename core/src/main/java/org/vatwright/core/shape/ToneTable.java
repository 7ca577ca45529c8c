package org.vatwright.core.shape;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

import org.vatwright.core.pattern.InkColours;

/** What a tone makes of any colour: known at a lattice of colours, straight between them. */
final class ToneTable {

    private static final int SIDE = 18;
    private static final int STEP = 15;
    private static final int KEPT = 64;
    /** A tone is a pure function, so all marks may share its table. */
    private static final Map<Double, ToneTable> TABLES = Collections.synchronizedMap(
            new LinkedHashMap<>(16, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Double, ToneTable> eldest) {
                    return size() > KEPT;
                }
            });

    private final int[] known = new int[SIDE * SIDE * SIDE];

    private ToneTable(double tone) {
        for (int i = 0; i < known.length; i++) {
            int red = i / (SIDE * SIDE) * STEP;
            int green = i / SIDE % SIDE * STEP;
            int blue = i % SIDE * STEP;
            known[i] = InkColours.toned(0xFF000000 | red << 16 | green << 8 | blue, tone);
        }
    }

    static ToneTable of(double tone) {
        return TABLES.computeIfAbsent(tone, ToneTable::new);
    }

    /** @param argb opaque */
    int of(int argb) {
        int red = argb >> 16 & 255;
        int green = argb >> 8 & 255;
        int blue = argb & 255;
        int at = (red / STEP * SIDE + green / STEP) * SIDE + blue / STEP;
        int fr = red % STEP;
        int fg = green % STEP;
        int fb = blue % STEP;
        int out = 0xFF000000;
        for (int shift = 0; shift < 24; shift += 8) {
            int sum = 0;
            for (int corner = 0; corner < 8; corner++) {
                int weight = ((corner & 4) == 0 ? STEP - fr : fr) * ((corner & 2) == 0 ? STEP - fg : fg)
                        * ((corner & 1) == 0 ? STEP - fb : fb);
                if (weight > 0) {
                    int place = at + ((corner & 4) == 0 ? 0 : SIDE * SIDE) + ((corner & 2) == 0 ? 0 : SIDE)
                            + (corner & 1);
                    sum += weight * (known[place] >> shift & 255);
                }
            }
            out |= (sum + STEP * STEP * STEP / 2) / (STEP * STEP * STEP) << shift;
        }
        return out;
    }
}
