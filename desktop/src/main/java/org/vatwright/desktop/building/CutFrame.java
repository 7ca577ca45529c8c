package org.vatwright.desktop.building;

import java.util.function.Consumer;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.CutHand;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The whole picture in the column, small, with the part that is taken and how much that is. */
final class CutFrame extends VBox {

    private static final int WIDE = 276;
    private static final int HIGH = 190;
    private static final double PERCENT = 100;

    private final CutPull pull;
    private final Label told = Ui.label("", "quiet");
    private Raster whole;
    private Raster small;

    /** @param take is told the part when it is let go */
    CutFrame(Consumer<CutOut> take) {
        super(2);
        pull = new CutPull("cut-frame", take, false);
        pull.watched(this::tell);
        told.setId("cut-told");
        getChildren().addAll(pull, told);
    }

    void show(CutHand hand, Fill.OfPicture of) {
        if (whole != of.picture().raster()) {
            whole = of.picture().raster();
            double by = Math.min((double) WIDE / whole.width(), (double) HIGH / whole.height());
            small = SmallPicture.of(whole,
                    (int) Math.max(1, Math.rint(by * Math.max(whole.width(), whole.height()))));
        }
        pull.show(hand, of, small, small.width(), small.height());
    }

    private void tell(CutOut shown) {
        told.setText("%s x %s %% of it, %,d x %,d px".formatted(
                Numbers.plain(PERCENT * (shown.right() - shown.left()), 1),
                Numbers.plain(PERCENT * (shown.bottom() - shown.top()), 1), shown.width(whole.width()),
                shown.height(whole.height())));
    }
}
