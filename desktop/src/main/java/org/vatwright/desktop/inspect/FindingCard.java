package org.vatwright.desktop.inspect;

import java.util.Locale;

import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.Finding;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is to be mended or looked at: what it is, what it means, and its cure. */
final class FindingCard extends VBox {

    private final Studio studio;
    private final Region sign = new Region();
    private final Label name = Ui.prose("", "card-title");
    private final Label number = Ui.prose("", "quiet");
    private final Label words = Ui.prose("");
    private final Button seams;
    private final VBox cure = new VBox();

    FindingCard(Studio studio, Runnable showSeams) {
        super(8);
        this.studio = studio;
        getStyleClass().add("card");
        seams = Ui.link("show me", showSeams);
        getChildren().addAll(Ui.row(sign, name), number, words, seams, cure);
    }

    void show(Finding f) {
        sign.getStyleClass().setAll("sign", "sign-" + f.severity().name().toLowerCase(Locale.ROOT));
        name.setText(f.check());
        number.setText(number(f));
        Ui.show(number, !f.closesNearly());
        words.setText(f.words());
        Ui.show(seams, f.measured().filter(m -> m.limit() == CheckLimit.SEAM_STEP).isPresent());
        // Made anew, so that a second Enter on this cure never takes that of the next finding.
        cure.getChildren().setAll(f.cure().stream().map(offer -> {
            Button take = Ui.link(offer.words(), () -> studio.take(offer));
            take.setWrapText(true);
            take.setMinWidth(0);
            take.setId("cure-" + offer.id());
            return take;
        }).toList());
        Ui.show(cure, f.cure().isPresent());
    }

    /** @return what was measured, and what it is held against */
    static String number(Finding f) {
        return f.value() + (f.limit().isEmpty() ? "" : ", at most " + f.limit());
    }

    /** What is in order, in two quiet lines. */
    static final class InOrder extends VBox {

        private final Label name = Ui.prose("", "plain");
        private final Label number = Ui.prose("", "quiet", "indented");

        InOrder() {
            getChildren().addAll(Ui.row(Ui.label("\u2713", "fine"), name), number);
        }

        void show(Finding f) {
            name.setText(f.check());
            number.setText(number(f));
        }
    }
}
