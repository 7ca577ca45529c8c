package org.vatwright.desktop.control;

import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.HLineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.VLineTo;

/** Chooses how cells recur, from drawings of what each does; the share can be typed. */
public final class ArrangementPicker extends VBox {

    private static final List<Arrangement> SHOWN = List.of(Arrangement.STRAIGHT, Arrangement.HALF_DROP,
            new Arrangement.Drop(new Fraction(1, 3)), Arrangement.HALF_BRICK,
            new Arrangement.Brick(new Fraction(1, 3)));

    private static final double SMALL = 0.52;

    private final Segments<Arrangement> pictures;
    private final TextField share = new TextField();
    private Arrangement now = Arrangement.STRAIGHT;

    /** The drawings alone, small enough to stand in a line. @param what in front of their ids */
    public static Segments<Arrangement> small(String what, Consumer<Arrangement> take) {
        Segments<Arrangement> all = new Segments<>(SHOWN, ArrangementPicker::words, a -> drawing(a, SMALL), take);
        SHOWN.forEach(a -> all.button(a).setId(what + "-" + a.toString().replace(' ', '-')));
        all.getStyleClass().add("small-drawings");
        return all;
    }

    public ArrangementPicker(Studio studio, String what, Consumer<Arrangement> take) {
        super(4);
        pictures = new Segments<>(SHOWN, ArrangementPicker::words, a -> drawing(a, 1), take);
        SHOWN.forEach(a -> pictures.button(a).setId(what.replace(' ', '-') + "-" + a.toString().replace(' ', '-')));
        pictures.getStyleClass().add("drawings");
        share.setId(what.replace(' ', '-'));
        share.setAccessibleText(what + " as text");
        share.getStyleClass().add("number");
        share.setOnAction(e -> {
            try {
                take.accept(Arrangement.parse(share.getText()));
            } catch (Refusal wrong) {
                share.setText(now.toString());
                studio.say(Message.wrong("That arrangement is unknown: " + wrong.getMessage()));
            }
        });
        getChildren().addAll(pictures, share);
    }

    public void show(Arrangement arrangement) {
        now = arrangement;
        pictures.show(arrangement);
        if (!share.isFocused() || share.getText().isBlank()) {
            share.setText(arrangement.toString());
        }
    }

    private static String words(Arrangement a) {
        return switch (a) {
            case Arrangement.Straight _ -> "Straight";
            case Arrangement.Drop(Fraction f) -> (f.equals(new Fraction(1, 2)) ? "Half drop" : "Drop " + f)
                    + ": each next column lower by " + f;
            case Arrangement.Brick(Fraction f) -> (f.equals(new Fraction(1, 2)) ? "Half brick" : "Brick " + f)
                    + ": each next row to the right by " + f;
        };
    }

    private static Node drawing(Arrangement a, double scale) {
        Pane pane = new Pane();
        pane.setMinSize(30 * scale, 26 * scale);
        pane.setPrefSize(30 * scale, 26 * scale);
        pane.setClip(new Rectangle(30 * scale, 26 * scale));
        double w = 10 * scale;
        double h = 9 * scale;
        double gap = scale;
        // One path for all but the chosen one: many small nodes are slow to be styled.
        Path others = new Path();
        others.getStyleClass().add("cell-drawn");
        pane.getChildren().add(others);
        for (int column = -1; column < 4; column++) {
            for (int row = -1; row < 4; row++) {
                double x = (column + a.shift(Math.floorMod(row, a.rows()))) * w + gap;
                double y = (row + a.drop(Math.floorMod(column, a.columns()))) * h;
                if (column == 1 && row == 1) {
                    Rectangle cell = new Rectangle(x, y, w - 2 * gap, h - 2 * gap);
                    cell.getStyleClass().add("cell-drawn-chosen");
                    pane.getChildren().add(cell);
                } else {
                    others.getElements().addAll(new MoveTo(x, y), new HLineTo(x + w - 2 * gap),
                            new VLineTo(y + h - 2 * gap), new HLineTo(x), new ClosePath());
                }
            }
        }
        return pane;
    }
}
