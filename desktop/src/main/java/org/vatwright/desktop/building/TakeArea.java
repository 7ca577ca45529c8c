package org.vatwright.desktop.building;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;

import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.TakenFrom.Area;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

/** An area drawn on the cloth of the cell, to be taken. It may reach over any edge. */
final class TakeArea extends ClothHandles {

    private static final double STEP_MM = 0.5;
    private static final double LEAST_PX = 4;

    private final TakeBar bar;
    private boolean held;
    private double fromX;
    private double fromY;

    TakeArea(Studio studio, CellPane pane, TakeBar bar) {
        super(studio, pane);
        this.bar = bar;
    }

    @Override
    void draw() {
        bar.onCloth().ifPresent(a -> {
            for (String style : new String[]{"take-under", "take"}) {
                Rectangle frame = new Rectangle(viewport.pxX(a.x()), viewport.pxY(a.y()),
                        a.widthMm() * viewport.pxPerMm(), a.heightMm() * viewport.pxPerMm());
                frame.getStyleClass().add(style);
                getChildren().add(frame);
            }
        });
    }

    @Override
    void press(MouseEvent e) {
        held = false;
        if (!bar.open() || design == null || e.isConsumed() || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        pane.requestFocus();
        // Rolled or not, nothing else is taken hold of.
        e.consume();
        held = !rolled;
        if (rolled) {
            studio.say(Message.hint("An area is drawn on the cell as it lies: roll it back first."));
            return;
        }
        fromX = viewport.mmX(e.getX());
        fromY = viewport.mmY(e.getY());
        if (e.getClickCount() == 2) {
            Tile tile = design.repeat().tile();
            bar.draw(Id.NONE, new Area(0, 0, tile.widthMm(), tile.heightMm()));
            held = false;
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (!held) {
            return;
        }
        e.consume();
        double toX = viewport.mmX(e.getX());
        double toY = viewport.mmY(e.getY());
        double wide = Math.abs(toX - fromX);
        double high = Math.abs(toY - fromY);
        if (Math.min(wide, high) * viewport.pxPerMm() >= LEAST_PX && Math.min(wide, high) >= Area.LEAST_MM) {
            bar.draw(Id.NONE, new Area(stepped(Math.min(fromX, toX)), stepped(Math.min(fromY, toY)),
                    Math.max(Area.LEAST_MM, stepped(wide)), Math.max(Area.LEAST_MM, stepped(high))));
        }
    }

    private static double stepped(double mm) {
        return Math.rint(mm / STEP_MM) * STEP_MM;
    }

    @Override
    void release(MouseEvent e) {
        held = false;
    }
}
