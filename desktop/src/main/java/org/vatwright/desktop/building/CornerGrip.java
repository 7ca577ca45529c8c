package org.vatwright.desktop.building;

import java.util.Locale;

import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/** The lower right corner of the cell: pulled, the repeat is as large as the hand says. With Shift in tenths of a mm. */
final class CornerGrip extends Circle {

    private final Studio studio;
    private final CellPane pane;
    private final HandNumber number;
    private Repeat from;
    private double pressX;
    private double pressY;

    CornerGrip(Studio studio, CellPane pane, HandNumber number) {
        super(6);
        this.studio = studio;
        this.pane = pane;
        this.number = number;
        getStyleClass().add("grip");
        setId("repeat-corner");
        setManaged(false);
        setCursor(Cursor.SE_RESIZE);
        setOnMousePressed(e -> {
            from = studio.design().map(Design::repeat).orElse(null);
            pressX = e.getSceneX();
            pressY = e.getSceneY();
            e.consume();
        });
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
    }

    private void drag(MouseEvent e) {
        e.consume();
        if (from == null) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("pull the cell");
        }
        double step = e.isShiftDown() ? 0.1 : 1;
        double pxPerMm = pane.viewport().pxPerMm();
        double wide = length(from.widthMm() + (e.getSceneX() - pressX) / pxPerMm, step);
        double high = length(from.heightMm() + (e.getSceneY() - pressY) / pxPerMm, step);
        studio.editDesign("pull the cell", d -> d.withRepeat(from.withSize(wide, high)));
        number.pulled(e, words());
    }

    private static double length(double mm, double step) {
        return Math.max(Repeat.LEAST_MM, Math.min(Repeat.MOST_MM, Math.rint(Math.rint(mm / step) * step * 1e6) / 1e6));
    }

    private String words() {
        return studio.design().map(d -> "%s x %s mm".formatted(Numbers.plain(d.repeat().widthMm(), 2),
                Numbers.plain(d.repeat().heightMm(), 2))).orElse("");
    }

    private void release(MouseEvent e) {
        e.consume();
        from = null;
        if (studio.dragging()) {
            studio.endDrag();
            pane.fit();
            number.released(this::typed);
        }
    }

    /** Two lengths are both sides; one is the width, and the height keeps its share of it. */
    private void typed(String text) {
        String[] sides = text.toLowerCase(Locale.ROOT).split("\\s*[x\u00d7]\\s*");
        double wide = mm(sides[0]);
        studio.editDesign("cell %s".formatted(text.strip()), d -> d.withRepeat(d.repeat().withSize(wide,
                sides.length > 1 ? mm(sides[1]) : d.repeat().heightMm() * wide / d.repeat().widthMm())));
    }

    private double mm(String text) {
        return LengthText.parseMm(text, Unit.MM, studio.project().density());
    }
}
