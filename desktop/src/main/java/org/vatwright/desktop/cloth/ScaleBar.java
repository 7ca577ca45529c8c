package org.vatwright.desktop.cloth;

import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.control.Ui;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A round length at the scale of the view. */
public final class ScaleBar extends VBox {

    private static final double[] STEPS = {1, 2, 5};
    private static final double WANTED_PX = 96;

    private final Label length = Ui.label("", "on-cloth");
    private final Region bar = new Region();

    public ScaleBar() {
        super(2);
        getStyleClass().add("scale-bar");
        bar.getStyleClass().add("scale-bar-line");
        getChildren().addAll(length, bar);
        setMouseTransparent(true);
    }

    public void show(double pxPerMm) {
        double best = 1;
        for (double ten = 0.1; ten < 1e6; ten *= 10) {
            for (double step : STEPS) {
                if (step * ten * pxPerMm <= WANTED_PX) {
                    best = step * ten;
                }
            }
        }
        length.setText(Numbers.plain(best, 1) + " mm");
        double px = best * pxPerMm;
        bar.setMinWidth(px);
        bar.setMaxWidth(px);
    }
}
