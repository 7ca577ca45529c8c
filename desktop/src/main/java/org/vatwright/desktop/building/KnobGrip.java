package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Shape;

/**
 * One knob on the cloth that changes one number while it is pulled. The number shows beside the hand and can be typed over
 * once the hand has let go; a pull is one step.
 */
abstract class KnobGrip extends ClothHandles {

    private static final double REACH_PX = 8;
    private static final double KNOB_PX = 5;

    private final HandNumber number;
    private final String id;
    private final String name;
    private boolean held;

    /** @param id of the knob @param name of the step */
    KnobGrip(Studio studio, CellPane pane, HandNumber number, String id, String name) {
        super(studio, pane);
        this.number = number;
        this.id = id;
        this.name = name;
    }

    /** @return where the knob lies, in px of the pane; empty when there is nothing to pull */
    abstract Optional<Point2D> knob();

    /** @return what a pull is called */
    String step() {
        return name;
    }

    /** Changes the number by where the hand is. */
    abstract void pull(MouseEvent e);

    /** @return the number as it is now, with its unit */
    abstract String words();

    /** Takes the number from what is typed over it. */
    abstract void offer(HandNumber typed);

    final boolean held() {
        return held;
    }

    /** Draws the knob, over whatever was drawn before. */
    final void drawKnob(String... styles) {
        knob().ifPresent(at -> {
            Circle circle = new Circle(at.getX(), at.getY(), KNOB_PX);
            circle.getStyleClass().add("grip");
            circle.getStyleClass().addAll(styles);
            circle.setId(id);
            getChildren().add(circle);
        });
    }

    /** Draws a line that can be seen on light cloth and on dark. @param style of it, and with "-under" of what lies below it */
    final void drawTwice(String style, Supplier<Shape> line) {
        for (String each : new String[]{style + "-under", style}) {
            Node drawn = line.get();
            drawn.getStyleClass().add(each);
            getChildren().add(drawn);
        }
    }

    @Override
    void press(MouseEvent e) {
        held = !e.isConsumed() && e.getButton() == MouseButton.PRIMARY && design != null && !rolled
                && knob().filter(at -> at.distance(e.getX(), e.getY()) < REACH_PX).isPresent();
        if (held) {
            e.consume();
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (held) {
            e.consume();
            if (!studio.dragging()) {
                studio.beginDrag(step());
            }
            pull(e);
            number.pulled(e, words());
        }
    }

    @Override
    void release(MouseEvent e) {
        boolean pulled = held && studio.dragging();
        held = false;
        if (pulled) {
            studio.endDrag();
            offer(number);
        }
    }
}
