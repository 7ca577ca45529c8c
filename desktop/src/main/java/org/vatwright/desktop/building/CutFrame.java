package org.vatwright.desktop.building;

import java.util.function.Consumer;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.CutHand;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The whole picture in the column, small, with the part that is taken and how much that is. */
final class CutFrame extends VBox {

    private static final int WIDE = 276;
    private static final int HIGH = 190;
    private static final double PERCENT = 100;

    private final CutPull pull;
    private final Label told = Ui.label("", "quiet");
    /** Beside the window: a photograph takes longer than a hand waits. */
    private final Aside<Raster> lessened = new Aside<>(Platform::runLater, this::take);
    private Raster whole;
    private Raster small;
    private Runnable again = () -> {};

    /** @param take is told the part when it is let go */
    CutFrame(Consumer<CutOut> take) {
        super(2);
        pull = new CutPull("cut-frame", take, false);
        pull.watched(this::tell);
        told.setId("cut-told");
        getChildren().addAll(pull, told);
    }

    void show(CutHand hand, Fill.OfPicture of) {
        Raster now = of.picture().raster();
        double by = Math.min((double) WIDE / now.width(), (double) HIGH / now.height());
        double wide = px(by * now.width());
        double high = px(by * now.height());
        if (whole != now) {
            whole = now;
            small = null;
            lessened.ask(now, work -> SmallPicture.of(now, (int) Math.max(wide, high)));
        }
        again = () -> {
            pull.setVisible(small != null);
            if (small == null) {
                // What stands below must not move when it comes.
                pull.hold(wide, high);
            } else {
                pull.show(hand, of, small, wide, high);
            }
        };
        again.run();
    }

    private static double px(double exact) {
        return Math.max(1, Math.rint(exact));
    }

    private void take(Raster less) {
        small = less;
        again.run();
    }

    private void tell(CutOut shown) {
        told.setText("%s x %s %% of it, %,d x %,d px".formatted(
                Numbers.plain(PERCENT * (shown.right() - shown.left()), 1),
                Numbers.plain(PERCENT * (shown.bottom() - shown.top()), 1), shown.width(whole.width()),
                shown.height(whole.height())));
    }
}
