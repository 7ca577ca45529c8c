package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

@Timeout(30)
class LateTest {

    @Test
    void whatIsMadeReadyIsInTheWindowAndStaysHidden() throws Exception {
        OnToolkit.run(() -> {
            Region chapter = new Region();
            chapter.setMinSize(40, 30);
            Late late = new Late(chapter);
            VBox column = new VBox(late);
            late.ready();
            assertThat(chapter.getParent()).isSameAs(late);
            assertThat(chapter.isVisible()).isFalse();
            assertThat(column.prefHeight(-1)).isZero();
            Ui.show(chapter, true);
            late.ready();
            assertThat(late.getChildren()).containsExactly(chapter);
            assertThat(column.prefHeight(-1)).isEqualTo(30);
            return null;
        });
    }

    @Test
    void whatIsHiddenTakesNoRoomAndComesInWhenItIsFirstShown() throws Exception {
        OnToolkit.run(() -> {
            Region chapter = new Region();
            chapter.setMinSize(40, 30);
            Region beside = new Region();
            beside.setMinSize(40, 10);
            VBox column = new VBox(5, beside, new Late(chapter));
            assertThat(chapter.getParent()).isNull();
            assertThat(column.prefHeight(-1)).isEqualTo(10);

            Ui.show(chapter, true);
            assertThat(chapter.getParent()).isInstanceOf(Late.class);
            assertThat(column.prefHeight(-1)).isEqualTo(45);
            column.resize(100, 45);
            column.layout();
            chapter.getParent().layout();
            assertThat(chapter.getWidth()).as("as wide as the column").isEqualTo(100);

            Ui.show(chapter, false);
            assertThat(column.prefHeight(-1)).isEqualTo(10);
            assertThat(chapter.getParent()).as("stays, for it is styled").isInstanceOf(Late.class);
            Ui.show(chapter, true);
            assertThat(column.prefHeight(-1)).isEqualTo(45);
            return null;
        });
    }
}
