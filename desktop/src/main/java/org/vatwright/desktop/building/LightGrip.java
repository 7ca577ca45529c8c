package org.vatwright.desktop.building;

import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

/** Where the light of the open layer comes from, on the cloth: relief and shadow are lit by the same one while it is pulled. */
final class LightGrip extends ArmGrip {

    private static final double ARM_PX = 96;

    LightGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "light", "grip-light", ARM_PX);
    }

    @Override
    OptionalDouble degrees() {
        return studio.layer().stream().flatMap(l -> l.effects().stream()).flatMapToDouble(e -> switch (e) {
            case Relief r -> DoubleStream.of(r.lightDeg());
            case CastShadow c -> DoubleStream.of(c.lightDeg());
            default -> DoubleStream.empty();
        }).findFirst();
    }

    @Override
    void turn(double degrees) {
        studio.editLayer("light from %s\u00b0".formatted(Numbers.plain(degrees, 2)), l -> lit(l, degrees));
    }

    private static Layer lit(Layer layer, double degrees) {
        return layer.withEffects(layer.effects().stream().map(e -> lit(e, degrees)).toList());
    }

    private static Effect lit(Effect effect, double degrees) {
        return switch (effect) {
            case Relief r -> r.withLightDeg(degrees);
            case CastShadow c -> c.withLightDeg(degrees);
            default -> effect;
        };
    }
}
