package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.layout.Background;
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

    private static Background background(InkChip chip) throws Exception {
        return OnToolkit.run(() -> ((Region) chip.getGraphic()).getBackground());
    }

    private static Background painted(InkChip chip) throws Exception {
        Background now = background(chip);
        for (int i = 0; i < 500 && (now == null || now.getImages().isEmpty()); i++) {
            Thread.sleep(10);
            now = background(chip);
        }
        assertThat(now.getImages()).as("a picture of the design").hasSize(1);
        return now;
    }

    private static void show(InkChip chip, Ink ink, Design design) throws Exception {
        OnToolkit.run(() -> {
            chip.show(ink, design, design.palette().first());
            return null;
        });
    }

    @Test
    void aDesignAsAnInkIsPaintedBesideTheWindowAndComesNoMoreWhenItIsNotWanted() throws Exception {
        Fill cloth = new Fill("Cloth", new Fill.OfDesign(DESIGN.withGround(Ink.slot("Rope")), Optional.empty()));
        Fill other = new Fill("Other", new Fill.OfDesign(DESIGN.withGround(Ink.slot("Tar")), Optional.empty()));
        Design outer = DESIGN.withFills(List.of(cloth, other));
        InkChip chip = OnToolkit.run(() -> new InkChip("ink of the sail", i -> {}));
        show(chip, cloth.ink(), outer);
        Background first = painted(chip);
        Image picture = first.getImages().getFirst().getImage();
        assertThat(picture.getPixelReader().getColor(3, 3)).isEqualTo(Color.web("#C0A060"));

        OnToolkit.run(() -> {
            chip.show(other.ink(), outer, outer.palette().first());
            assertThat(((Region) chip.getGraphic()).getBackground()).as("nothing, rather than the one before").isNull();
            chip.show(Ink.slot("Tar"), outer, outer.palette().first());
            return null;
        });
        Thread.sleep(300);
        assertThat(background(chip).getFills()).as("what came too late").hasSize(1);
        show(chip, other.ink(), outer);
        assertThat(painted(chip)).isNotEqualTo(first);
        show(chip, cloth.ink(), outer);
        assertThat(background(chip)).as("there at once").isEqualTo(first);
    }
}
