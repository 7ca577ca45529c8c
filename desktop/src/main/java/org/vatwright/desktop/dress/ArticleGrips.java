package org.vatwright.desktop.dress;

import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Piece;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;

/** Something on an article that a hand takes hold of, before the hand takes the cloth. */
abstract class ArticleGrips extends Pane {

    static final double REACH_PX = 9;
    private static final double KNOB_PX = 5;

    final Studio studio;
    Cut cut;
    Viewport view = new Viewport(0, 0, 1);

    ArticleGrips(Studio studio) {
        this.studio = studio;
        setMouseTransparent(true);
        setManaged(false);
    }

    final void show(Cut shown, Viewport viewport) {
        cut = shown;
        view = viewport;
        getChildren().clear();
        draw();
    }

    abstract void draw();

    /** @return whether the hand has taken hold */
    abstract boolean press(MouseEvent e);

    void drag(MouseEvent e) {}

    void release(MouseEvent e) {}

    /** @return whether the key was meant for it */
    boolean key(KeyEvent e) {
        return false;
    }

    /** @return the only chosen piece */
    final Optional<Piece> piece() {
        return cut == null ? Optional.empty() : DressEdits.piece(studio).flatMap(cut::piece);
    }

    final Optional<Dressing> worn() {
        return piece().map(cut::dressing);
    }

    final double px(Piece piece, Place p) {
        return view.pxX(p.x() + piece.asideX());
    }

    final double py(Piece piece, Place p) {
        return view.pxY(p.y() + piece.asideY());
    }

    final Place place(Piece piece, MouseEvent e) {
        return new Place(clean(view.mmX(e.getX()) - piece.asideX()), clean(view.mmY(e.getY()) - piece.asideY()));
    }

    static double clean(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }

    /** @return the knob, to be named */
    final Circle knob(double x, double y, String... styles) {
        Circle knob = new Circle(x, y, KNOB_PX);
        knob.getStyleClass().add("grip");
        knob.getStyleClass().addAll(styles);
        getChildren().add(knob);
        return knob;
    }

    /** A line that is seen on light cloth and on dark. */
    final void line(double[] places, String style) {
        for (String each : new String[]{style + "-under", style}) {
            Polyline line = new Polyline(places);
            line.getStyleClass().add(each);
            getChildren().add(line);
        }
    }

    static Node named(Node node, String id) {
        node.setId(id);
        return node;
    }
}
