package org.vatwright.desktop.cloth;

import org.vatwright.desktop.control.Ui;

import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/**
 * A view on something in mm that can be moved (middle button, or space and drag) and scaled (wheel). What is shown and
 * what lies over it is up to who owns it.
 */
public abstract class ClothPane extends Pane {

    private static final double WHEEL_STEP = 1.15;

    private Viewport viewport = new Viewport(0, 0, 1);
    private boolean fitted;
    private boolean space;
    private double panX;
    private double panY;
    private boolean panning;
    private Runnable scaled = () -> {};

    protected ClothPane() {
        getStyleClass().add("surround");
        setMinSize(60, 60);
        // It takes the room there is; what is drawn on it, however large, asks for none.
        setPrefSize(60, 60);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        setFocusTraversable(true);
        setOnScroll(e -> {
            if (e.getDeltaY() != 0) {
                fitted = false;
                setViewport(viewport.zoomed(Math.pow(WHEEL_STEP, Math.signum(e.getDeltaY())), e.getX(), e.getY()));
            }
        });
        addEventFilter(MouseEvent.MOUSE_PRESSED, this::beginPan);
        addEventFilter(MouseEvent.MOUSE_DRAGGED, this::pan);
        addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            if (panning) {
                panning = false;
                setCursor(Cursor.DEFAULT);
                e.consume();
            }
        });
        setOnKeyReleased(e -> space &= e.getCode() != javafx.scene.input.KeyCode.SPACE);
        addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED,
                e -> space |= e.getCode() == javafx.scene.input.KeyCode.SPACE);
        widthProperty().addListener((o, a, b) -> resized());
        heightProperty().addListener((o, a, b) -> resized());
    }

    private void resized() {
        // What waits hidden in another stage is laid out as well: its own room it gets when it is shown.
        if (getWidth() > 1 && getHeight() > 1 && Ui.seen(this)) {
            if (fitted || viewport.pxPerMm() == 1) {
                fit();
            } else {
                update();
            }
        }
    }

    private void beginPan(MouseEvent e) {
        if (e.getButton() == MouseButton.MIDDLE || space && e.getButton() == MouseButton.PRIMARY) {
            panning = true;
            panX = e.getX();
            panY = e.getY();
            setCursor(Cursor.MOVE);
            e.consume();
        }
    }

    private void pan(MouseEvent e) {
        if (panning) {
            fitted = false;
            setViewport(viewport.moved(e.getX() - panX, e.getY() - panY));
            panX = e.getX();
            panY = e.getY();
            e.consume();
        }
    }

    public final Viewport viewport() {
        return viewport;
    }

    protected final void setViewport(Viewport other) {
        boolean otherScale = viewport.pxPerMm() != other.pxPerMm();
        viewport = other;
        update();
        if (otherScale && Ui.seen(this)) {
            scaled.run();
        }
    }

    /** @param listener told when the scale has changed */
    public final void onScaled(Runnable listener) {
        scaled = listener;
    }

    /** Brings all of it into view, and keeps it there when the window's size changes. */
    public final void fit() {
        if (getWidth() > 1 && getHeight() > 1) {
            fitted = true;
            setViewport(fitting());
        }
    }

    public final void trueSize() {
        fitted = false;
        setViewport(viewport.zoomed(TrueSize.pxPerMm() / viewport.pxPerMm(), getWidth() / 2, getHeight() / 2));
    }

    /** @return the viewport in which all of it is in view */
    protected abstract Viewport fitting();

    /** Draws everything anew for the present viewport. */
    protected abstract void update();
}
