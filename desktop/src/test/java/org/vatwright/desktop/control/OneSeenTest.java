package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

@Timeout(30)
class OneSeenTest {

    private final Region first = sized(30);
    private final Region second = sized(50);
    private final OneSeen place = new OneSeen();

    private static Region sized(double side) {
        Region region = new Region();
        region.setMinSize(side, side);
        return region;
    }

    @Test
    void oneIsSeenAndTakesRoomAndTheOthersWait() throws Exception {
        OnToolkit.run(() -> {
            assertThat(place.show(first)).as("new there").isTrue();
            assertThat(place.show(second)).isTrue();
            assertThat(place.getChildren()).containsExactly(first, second);
            assertThat(place.minHeight(-1)).isEqualTo(50);
            assertThat(place.show(first)).as("was there before").isFalse();
            assertThat(place.minHeight(-1)).isEqualTo(30);
            assertThat(place.getChildren()).filteredOn(Node::isVisible).containsExactly(first);
            place.showNone();
            assertThat(place.minHeight(-1)).isZero();
            return null;
        });
    }

    @Test
    void whatWaitsIsTakenOutHoweverDeepButNotWhatItsOwnerHides() throws Exception {
        OnToolkit.run(() -> {
            OneSeen inner = new OneSeen();
            Region waits = sized(10);
            Region hidden = sized(20);
            inner.show(waits);
            inner.show(hidden);
            VBox stage = new VBox(inner);
            place.show(stage);
            place.show(first);
            Ui.show(first, false);
            OneSeen.clear(new VBox(place));
            assertThat(place.getChildren()).containsExactly(first);
            assertThat(inner.getChildren()).as("in what was taken out as well").containsExactly(hidden);
            Ui.show(first, true);
            assertThat(place.minHeight(-1)).isEqualTo(30);
            assertThat(place.show(stage)).as("comes in again").isTrue();
            return null;
        });
    }
}
