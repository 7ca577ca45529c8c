package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

/** An arm in the middle of the cell at the angle of what lies there. */
final class TurnGrip extends ArmGrip {

    private static final double ARM_PX = 54;

    /** What can be turned: its angle, and how to set another. */
    private record Turned(double degrees, DoubleFunction<UnaryOperator<Structure>> to) {}

    TurnGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane, number, "turn", "grip-turn", ARM_PX);
    }

    private Optional<Turned> turned() {
        return studio.layer().map(Layer::structure).flatMap(s -> switch (s) {
            case Stripes stripes -> Optional.of(new Turned(stripes.angleDeg(),
                    a -> x -> ((Stripes) x).withAngle(a)));
            case FabricStructure cloth -> Optional.of(new Turned(cloth.angleDeg(), a -> x -> {
                FabricStructure now = (FabricStructure) x;
                return now.closed(a, now.fabric().endsPerCm(), now.fabric().picksPerCm());
            }));
            case LaidStructure laid ->
                Optional.of(new Turned(laid.angleDeg(), a -> x -> ((LaidStructure) x).withAngle(a)));
            case Tooth tooth when tooth.form().kind().directed() -> Optional.of(new Turned(tooth.form().directionDeg(),
                    a -> x -> ((Tooth) x).withForm(((Tooth) x).form().withDirectionDeg(a))));
            default -> Optional.empty();
        });
    }

    @Override
    OptionalDouble degrees() {
        return turned().map(t -> OptionalDouble.of(t.degrees())).orElse(OptionalDouble.empty());
    }

    @Override
    void turn(double degrees) {
        turned().ifPresent(t -> studio.editStructure("turn to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                Structure.class, t.to().apply(degrees)));
    }
}
