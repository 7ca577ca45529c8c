package org.vatwright.desktop.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;
import org.vatwright.desktop.control.Ui;

import javafx.scene.Scene;
import javafx.scene.layout.VBox;

@Timeout(30)
class ClothPaneTest {

    /** Shows 100 x 50 mm. */
    private static final class Cloth extends ClothPane {

        private final List<Double> drawn = new ArrayList<>();

        @Override
        protected Viewport fitting() {
            return Viewport.fitting(100, 50, 0, 0, getWidth(), getHeight());
        }

        @Override
        protected void update() {
            drawn.add(viewport().pxPerMm());
        }
    }

    @Test
    void whatWaitsHiddenIsNeitherDrawnNorTellsItsScaleUntilItIsShownInItsOwnRoom() throws Exception {
        OnToolkit.run(() -> {
            Cloth cloth = new Cloth();
            List<Double> told = new ArrayList<>();
            cloth.onScaled(() -> told.add(cloth.viewport().pxPerMm()));
            VBox stage = new VBox(cloth);
            Ui.show(stage, false);
            new Scene(new VBox(stage), 400, 300);

            cloth.resize(60, 60);
            assertThat(cloth.drawn).isEmpty();
            assertThat(told).isEmpty();

            Ui.show(stage, true);
            cloth.resize(400, 300);
            assertThat(cloth.drawn).last().isEqualTo(4.0);
            assertThat(told).last().isEqualTo(4.0);

            Ui.show(stage, false);
            cloth.trueSize();
            int before = told.size();
            cloth.fit();
            assertThat(told).as("hidden once more").hasSize(before);
            Ui.show(stage, true);
            cloth.resize(200, 300);
            assertThat(told).last().isEqualTo(2.0);
            return null;
        });
    }

    @Test
    void onlyWhatIsInAWindowAndShownWithAllAroundItIsSeen() throws Exception {
        OnToolkit.run(() -> {
            VBox inner = new VBox();
            VBox outer = new VBox(inner);
            assertThat(Ui.seen(inner)).as("in no window").isFalse();
            new Scene(new VBox(outer));
            assertThat(Ui.seen(inner)).isTrue();
            outer.setVisible(false);
            assertThat(inner.isVisible()).isTrue();
            assertThat(Ui.seen(inner)).isFalse();
            return null;
        });
    }
}
