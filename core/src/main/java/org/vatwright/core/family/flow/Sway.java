package org.vatwright.core.family.flow;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.measure.Require;

/**
 * A slow wandering of lines, periodic in space and in time.
 *
 * @param amountMm how far at most, 0 to 500
 * @param waves bends along one period of the line, 1 to 40
 */
@RecordBuilder
public record Sway(double amountMm, int waves, long seed) implements SwayBuilder.With {

    public static final Sway NONE = new Sway(0, 3, 1);

    public Sway {
        Require.within("sway", amountMm, 0, 500, "mm");
        Require.within("waves of the sway", waves, 1, 40);
    }

    /**
     * @param u,v place in units: whole numbers are the same place
     * @param phase of the motion, 0 to below 1
     * @return how far a place is moved down, in mm
     */
    double at(double u, double v, double phase) {
        if (amountMm == 0) {
            return 0;
        }
        double turn = 2 * Math.PI * phase;
        double still = Noise.torus(seed, u, v, waves, Math.max(1, waves / 2));
        double other = Noise.torus(seed + 1, u, v, waves, Math.max(1, waves / 2));
        return amountMm * (Math.cos(turn) * still + Math.sin(turn) * other);
    }
}
