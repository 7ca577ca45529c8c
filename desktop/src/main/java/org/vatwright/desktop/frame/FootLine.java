package org.vatwright.desktop.frame;

import java.util.List;

import org.vatwright.core.colour.Rgb;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Swatch;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Foot;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** The line at the foot: sizes, what the pointer is over, the scale of the view. */
final class FootLine extends HBox {

    private final HBox notes = new HBox(28);
    private final Pool<Label> labels = new Pool<>(notes, i -> Ui.label(""));
    private final Rectangle colour = new Rectangle(11, 11);
    private final Label place = Ui.label("");
    private final Label scale = Ui.label("", "quiet");

    FootLine() {
        super(10);
        getStyleClass().add("foot");
        place.setId("read-out");
        scale.setId("zoom");
        colour.getStyleClass().add("foot-colour");
        getChildren().addAll(notes, Ui.spring(), colour, place, Ui.spring(), scale);
    }

    void show(Foot foot) {
        List<Label> seen = labels.show(foot.notes().size());
        for (int i = 0; i < seen.size(); i++) {
            seen.get(i).setText(foot.notes().get(i));
        }
        place.setText(foot.place());
        colour.setVisible(foot.argb() >>> 24 != 0);
        colour.setFill(foot.argb() >>> 24 == 0 ? Color.TRANSPARENT : Swatch.fx(Rgb.ofArgb(foot.argb())));
        scale.setText(foot.scale());
    }
}
