package org.vatwright.core.effect;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.raster.Raster;

/**
 * Marks made soft: each place takes a mean of its neighbourhood, weighed by a normal spread, in linear light.
 *
 * @param spreadMm standard deviation of the spread, 0 to 1000; 0 changes nothing
 */
public record Blur(double spreadMm) implements Effect {

    public static final String KIND = "blur";
    public static final double MOST_MM = 1000;

    public Blur {
        Require.within("spread of a blur", spreadMm, 0, MOST_MM, "mm");
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public int order() {
        return EffectOrder.BLUR.ordinal();
    }

    @Override
    public double reachMm() {
        return 3 * spreadMm;
    }

    @Override
    public Raster on(Raster coat, PaintRequest asked) {
        double across = spreadMm / asked.grid().mmPerPxX();
        double down = spreadMm / asked.grid().mmPerPxY();
        return spreadMm == 0 ? coat : SoftCoat.of(coat, across, down, asked.work());
    }

    @Override
    public Blur resized(double by) {
        return new Blur(Math.min(MOST_MM, spreadMm * by));
    }
}
