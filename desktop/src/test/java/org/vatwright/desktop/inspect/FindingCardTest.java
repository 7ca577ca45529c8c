package org.vatwright.desktop.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Offer;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.layout.StackPane;

class FindingCardTest {

    private static final double COLUMN = 288;

    private static Finding nearly(String cost) {
        return Finding.nearly("House plaid: Cloth closes", "32.36 by 32.36 a cm at 0\u00b0", "16 by 16 a cm at 0\u00b0")
                .withCure(Optional.of(new Offer("count-anew", "Count the threads anew", cost, 1, d -> d)));
    }

    /** @return a card in a column that showed one after the other */
    private static FindingCard laidOut(Finding... one) {
        FindingCard card = new FindingCard(null, () -> {});
        StackPane column = new StackPane(card);
        new Scene(column, COLUMN, 400);
        for (Finding finding : one) {
            card.show(finding);
            column.applyCss();
            column.layout();
        }
        return card;
    }

    /** Words that are longer than the column is wide take several lines. */
    @Test
    void aLongCureStaysWithinTheColumn() throws Exception {
        OnToolkit.run(() -> {
            FindingCard card = laidOut(nearly("32.364 by 32.364 threads a cm, instead of 16 by 16 as you asked for"));
            Node cure = card.lookup("#cure-count-anew");
            assertThat(cure.localToScene(cure.getBoundsInLocal()).getMaxX()).isLessThanOrEqualTo(COLUMN);
            assertThat(cure.getBoundsInLocal().getHeight()).as("several lines").isGreaterThan(25);
            return null;
        });
    }

    /** Kept and shown anew, a card says nothing of the finding before. */
    @Test
    void aCardThatIsShownAnewKeepsNothingOfTheOneBefore() throws Exception {
        OnToolkit.run(() -> {
            Finding other = new Finding(Finding.Severity.WRONG, "Ends meet", "4 mm apart", "0 mm", "They must meet.");
            FindingCard card = laidOut(nearly("a little"), other);
            assertThat(card.lookup("#cure-count-anew")).isNull();
            assertThat(card.lookupAll(".label").stream().filter(Node::isVisible).map(n -> ((Labeled) n).getText()))
                    .containsExactlyInAnyOrder("Ends meet", "4 mm apart, at most 0 mm", "They must meet.");
            assertThat(card.lookup(".sign-wrong")).isNotNull();
            assertThat(card.lookup(".sign-look")).isNull();
            return null;
        });
    }
}
