package org.vatwright.desktop.control;

import java.util.function.Consumer;

import org.vatwright.core.colour.Oklch;

import javafx.scene.AccessibleRole;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;

/** Lightness upwards and chroma to the right for one hue, and below it a strip of all hues. */
final class ColourPlane extends Pane {

    private static final int WIDTH = 250;
    private static final int HEIGHT = 96;
    private static final int STRIP = 16;
    private static final int GAP = 8;
    private static final double MOST_CHROMA = 0.3;
    private static final double STRIP_CHROMA = 0.12;
    private static final double STRIP_LIGHTNESS = 0.68;

    private final Consumer<Oklch> change;
    private final WritableImage plane = new WritableImage(WIDTH, HEIGHT);
    private final Circle knob = new Circle(6);
    private final Rectangle hueKnob = new Rectangle(6, STRIP + 4);
    private Oklch now = new Oklch(0, 0, 0);
    private double drawnHue = Double.NaN;
    private boolean onStrip;

    /** @param change called while it is dragged, {@code done} when the hand rests */
    ColourPlane(Consumer<Oklch> change, Runnable done) {
        this.change = change;
        setId("colour-plane");
        setPrefSize(WIDTH, HEIGHT + GAP + STRIP);
        setMinSize(WIDTH, HEIGHT + GAP + STRIP);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        ImageView strip = new ImageView(strip());
        strip.setY(HEIGHT + GAP);
        knob.getStyleClass().add("colour-knob");
        hueKnob.getStyleClass().add("colour-knob");
        hueKnob.setY(HEIGHT + GAP - 2);
        getChildren().addAll(new ImageView(plane), strip, knob, hueKnob);
        setOnMousePressed(e -> {
            requestFocus();
            onStrip = e.getY() > HEIGHT + GAP / 2.0;
            drag(e);
        });
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> done.run());
        setOnKeyPressed(e -> {
            key(e);
            done.run();
        });
    }

    void show(Oklch colour, boolean dragging) {
        // A grey has no hue of its own, and while a hand drags, rounding must not make the hue wander.
        double hue = colour.chroma() < 0.004 || dragging && !Double.isNaN(drawnHue) ? now.hue() : colour.hue();
        now = new Oklch(colour.lightness(), colour.chroma(), hue);
        if (hue != drawnHue) {
            drawnHue = hue;
            draw(hue);
        }
        knob.setCenterX(now.chroma() / MOST_CHROMA * WIDTH);
        knob.setCenterY((1 - now.lightness()) * HEIGHT);
        hueKnob.setX(hue / 360 * WIDTH - 3);
        setAccessibleText(
                "lightness %.2f, chroma %.2f, hue %.0f degrees".formatted(now.lightness(), now.chroma(), hue));
    }

    private void draw(double hue) {
        int[] pixels = new int[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                pixels[y * WIDTH + x] = new Oklch(1 - (y + 0.5) / HEIGHT, MOST_CHROMA * x / WIDTH, hue).toRgb().argb();
            }
        }
        plane.getPixelWriter().setPixels(0, 0, WIDTH, HEIGHT, PixelFormat.getIntArgbInstance(), pixels, 0, WIDTH);
    }

    private static WritableImage strip() {
        WritableImage strip = new WritableImage(WIDTH, STRIP);
        for (int x = 0; x < WIDTH; x++) {
            int argb = new Oklch(STRIP_LIGHTNESS, STRIP_CHROMA, 360.0 * x / WIDTH).toRgb().argb();
            for (int y = 0; y < STRIP; y++) {
                strip.getPixelWriter().setArgb(x, y, argb);
            }
        }
        return strip;
    }

    private void drag(MouseEvent e) {
        double across = Math.max(0, Math.min(1, e.getX() / WIDTH));
        if (onStrip) {
            turn(across * 359.99);
        } else {
            double down = Math.max(0, Math.min(1, e.getY() / HEIGHT));
            change.accept(new Oklch(1 - down, across * MOST_CHROMA, now.hue()));
        }
    }

    private void turn(double hue) {
        Oklch turned = new Oklch(now.lightness(), Math.max(0.01, now.chroma()), hue);
        now = turned;
        change.accept(turned);
    }

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? 0.05 : 0.01;
        switch (e.getCode()) {
            case UP -> change.accept(new Oklch(Math.min(1, now.lightness() + step), now.chroma(), now.hue()));
            case DOWN -> change.accept(new Oklch(Math.max(0, now.lightness() - step), now.chroma(), now.hue()));
            case RIGHT -> change.accept(new Oklch(now.lightness(), Math.min(0.37, now.chroma() + step), now.hue()));
            case LEFT -> change.accept(new Oklch(now.lightness(), Math.max(0, now.chroma() - step), now.hue()));
            case COMMA -> turn((now.hue() + 355) % 360);
            case PERIOD -> turn((now.hue() + 5) % 360);
            default -> {
                return;
            }
        }
        e.consume();
    }
}
