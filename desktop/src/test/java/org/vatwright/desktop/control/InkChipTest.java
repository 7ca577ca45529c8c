package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Paint;
import javafx.stage.Stage;

/** A chip shows one ink after the other in the same small area, as the sheet of styles and its own colours have it. */
@Timeout(30)
class InkChipTest {

    private static final Design DESIGN = new Design("Moorings", new Repeat(20, 20, Arrangement.STRAIGHT), Ink.CLEAR,
            List.of(), new Palette(List.of("Tar", "Rope"), List.of(new Colourway("Day",
                    List.of(Rgb.parse("#203040"), Rgb.parse("#C0A060"))))),
            Guides.NONE);

    private static Paint shown(InkChip chip, Ink ink) {
        chip.show(ink, DESIGN, DESIGN.palette().first());
        chip.applyCss();
        Region area = (Region) chip.getGraphic();
        return area.getBackground() == null ? null : area.getBackground().getFills().getFirst().getFill();
    }

    @Test
    void colourAndNoneFollowOneAnother() throws Exception {
        OnToolkit.run(() -> {
            InkChip chip = new InkChip("ink of the ground", i -> {});
            Scene scene = new Scene(new StackPane(chip));
            scene.getStylesheets().add(Styles.class.getResource("/org/vatwright/desktop/vatwright.css").toString());
            Stage stage = new Stage();
            stage.setScene(scene);
            stage.show();
            for (int i = 0; i < 2; i++) {
                assertThat(shown(chip, Ink.slot("Tar"))).isEqualTo(Color.web("#203040"));
                assertThat(shown(chip, Ink.CLEAR)).as("the sign for none").isInstanceOf(LinearGradient.class);
                assertThat(shown(chip, Ink.slot("Rope"))).isEqualTo(Color.web("#C0A060"));
            }
            assertThat(shown(chip, Ink.CLEAR)).isInstanceOf(LinearGradient.class);
            assertThat(shown(chip, Ink.CLEAR)).as("once more").isInstanceOf(LinearGradient.class);
            stage.hide();
            return null;
        });
    }
}
