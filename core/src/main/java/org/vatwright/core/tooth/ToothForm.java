package org.vatwright.core.tooth;

import io.soabase.recordbuilder.core.RecordBuilder;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Require;

/**
 * A roughness by its numbers.
 *
 * @param sizeMm of its specks, hairs, cells or hills, 0.02 to 2000 mm
 * @param amount share of the surface it takes, 0 to 1
 * @param directionDeg of hairs, slubs and veins, of glitter where the light comes from; counter-clockwise as seen
 * @param contrast 0 for one soft slope from nothing to all, 1 for hard edges
 * @param seed another one is another roughness of the same kind
 * @param x,y where it begins, in mm from the upper left corner
 */
@RecordBuilder
public record ToothForm(ToothKind kind, double sizeMm, double amount, double directionDeg, double contrast, long seed,
        double x, double y) implements ToothFormBuilder.With {

    public static final double LEAST_MM = 0.02;
    public static final double MOST_MM = 2000;

    public ToothForm {
        Require.within("size of a tooth", sizeMm, LEAST_MM, MOST_MM, "mm");
        Require.within("amount of a tooth", amount * 100, 0, 100, "%");
        Require.within("contrast of a tooth", contrast * 100, 0, 100, "%");
        Require.within("place of a tooth", x, -1e6, 1e6, "mm");
        Require.within("place of a tooth", y, -1e6, 1e6, "mm");
        directionDeg = Angle.turn(directionDeg);
    }

    /** @return that kind with an amount and a contrast at which it reads as what it is */
    public static ToothForm of(ToothKind kind, double sizeMm) {
        double amount = switch (kind) {
            case FINE, PAPER, CLOUD, FELT, CRYSTALS -> 0.5;
            case FIBRE -> 0.45;
            case SLUB -> 0.25;
            case MARBLE -> 0.35;
            case GLITTER -> 1;
        };
        double contrast = switch (kind) {
            case CLOUD, PAPER -> 0;
            case CRYSTALS, FELT, FIBRE -> 0.3;
            default -> 0.6;
        };
        return new ToothForm(kind, sizeMm, amount, kind == ToothKind.GLITTER ? 45 : 0, contrast, 1, 0, 0);
    }

    public ToothForm resized(double by) {
        return with().sizeMm(Math.max(LEAST_MM, Math.min(MOST_MM, sizeMm * by))).x(x * by).y(y * by).build();
    }

    /**
     * How much of a place is covered, by its level, 0 to 1, each as frequent as any other: nothing at first, then all, with
     * a slope between.
     */
    record Slope(float rise, float start) {

        /** A level is how much is covered. */
        static final Slope NONE = new Slope(1, 0);

        float at(float level) {
            return Math.max(0, Math.min(1, level * rise + start));
        }

        void apply(float[] levels) {
            for (int i = 0; i < levels.length; i++) {
                levels[i] = Math.max(0, Math.min(1, levels[i] * rise + start));
            }
        }
    }

    Slope slope() {
        double soft = 0.5 * (1 - contrast) + 0.004;
        double threshold = (1 - amount) * (1 + 2 * soft) - soft;
        return new Slope((float) (0.5 / soft), (float) (0.5 - threshold * 0.5 / soft));
    }
}
