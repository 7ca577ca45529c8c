package org.vatwright.desktop.building;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.desktop.studio.Studio;

/** An arm in the middle of the cell at the angle of what lies there; its knob turns it, with Shift in steps of 15 degrees. */
final class TurnGrip extends ClothHandles {

    private static final double ARM_PX = 54;
    private static final double REACH_PX = 9;

    /** What can be turned: its angle, and how to set another. */
    private record Turned(double degrees, DoubleFunction<UnaryOperator<Structure>> to) {}

    private final HandNumber number;
    private boolean held;

    TurnGrip(Studio studio, CellPane pane, HandNumber number) {
        super(studio, pane);
        this.number = number;
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

    private double middleX() {
        return viewport.pxX(design.repeat().widthMm() / 2);
    }

    private double middleY() {
        return viewport.pxY(design.repeat().heightMm() / 2);
    }

    @Override
    void draw() {
        turned().ifPresent(t -> {
            double a = Math.toRadians(t.degrees());
            double x = middleX() + ARM_PX * Math.cos(a);
            double y = middleY() - ARM_PX * Math.sin(a);
            for (String style : new String[]{"grip-arm-under", "grip-arm"}) {
                Line arm = new Line(middleX(), middleY(), x, y);
                arm.getStyleClass().add(style);
                getChildren().add(arm);
            }
            Circle knob = new Circle(x, y, 5.5);
            knob.getStyleClass().addAll("grip", "grip-turn");
            knob.setId("grip-turn");
            getChildren().add(knob);
        });
    }

    @Override
    void press(MouseEvent e) {
        held = false;
        if (e.getButton() != MouseButton.PRIMARY || design == null || rolled) {
            return;
        }
        turned().ifPresent(t -> {
            double a = Math.toRadians(t.degrees());
            held = Math.hypot(middleX() + ARM_PX * Math.cos(a) - e.getX(),
                    middleY() - ARM_PX * Math.sin(a) - e.getY()) < REACH_PX;
            if (held) {
                e.consume();
            }
        });
    }

    @Override
    void drag(MouseEvent e) {
        if (!held) {
            return;
        }
        e.consume();
        if (!studio.dragging()) {
            studio.beginDrag("turn");
        }
        double step = e.isShiftDown() ? 15 : 0.5;
        turn(Math.rint(Math.toDegrees(Math.atan2(middleY() - e.getY(), e.getX() - middleX())) / step) * step);
        turned().ifPresent(t -> number.pulled(e, Numbers.plain(t.degrees(), 2) + "\u00b0"));
    }

    private void turn(double degrees) {
        turned().ifPresent(t -> studio.editStructure("turn to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                Structure.class, t.to().apply(degrees)));
    }

    @Override
    void release(MouseEvent e) {
        if (held && studio.dragging()) {
            studio.endDrag();
            number.released(text -> turn(LengthText.parseNumber(text, "\u00b0")));
        }
        held = false;
    }
}
