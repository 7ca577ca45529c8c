package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Underlay;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.project.ProjectFile;

import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** Pictures and articles that are traced, chosen in the window. */
@Timeout(120)
class TraceByHandTest extends AtTheDemo {

    private void choose(String... words) throws Exception {
        MenuButton guides = (MenuButton) hand.node("guides");
        Hand.onFx(() -> {
            guides.show();
            List<MenuItem> items = guides.getItems();
            MenuItem item = null;
            for (String word : words) {
                item = items.stream().filter(i -> word.equals(i.getText())).findFirst().orElseThrow();
                if (item instanceof Menu menu) {
                    menu.show();
                    items = menu.getItems();
                }
            }
            item.fire();
            guides.hide();
            return null;
        });
    }

    private Optional<Underlay> underlay() {
        return design().guides().underlay();
    }

    private static int[] tile(Design design) {
        return TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.ofWidth(design.repeat().tile(), 120), Work.plain()).argb();
    }

    @Test
    void aPictureIsTracedOverTheCellAndNeverInWhatIsProduced() throws Exception {
        hand.click("shelf-Gangway");
        Project before = hand.studio().project();
        int[] plain = tile(design());
        Raster red = new Raster(60, 40);
        Arrays.fill(red.argb(), 0xFFD01010);
        Path file = folder.resolve("Sketch.png");
        PictureWriter.write(red, new Density(100), Output.Format.PNG, 90, file);
        hand.outside.answers.add(file);
        choose("Trace a picture\u2026");
        hand.until("it is read", () -> underlay().isPresent());
        Node view = hand.node("underlay");
        assertThat(view.getOpacity()).isEqualTo(0.4);
        choose("How much of it is seen", "80 %");
        assertThat(underlay().orElseThrow().opacity()).isEqualTo(0.8);
        assertThat(view.getOpacity()).isEqualTo(0.8);
        assertThat(tile(design())).isEqualTo(plain);
        // Other guides leave it there, and a pull on the cloth passes through it.
        choose("thirds");
        assertThat(underlay()).isPresent();
        assertThat(design().guides().across()).hasSize(2);
        Path saved = folder.resolve("traced.vatwright");
        ProjectFile.write(hand.studio().project(), saved);
        assertThat(ProjectFile.read(saved)).isEqualTo(hand.studio().project());
        choose("Trace nothing");
        assertThat(view.isVisible()).isFalse();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void anArticleIsTracedAsLongAsItIsThere() throws Exception {
        hand.click("shelf-Gangway");
        choose("How much of it is seen", "20 %");
        assertThat(hand.messageText()).contains("Nothing is traced yet");
        choose("Trace an article", "Tote");
        Id tote = ((Underlay.OfArticle) underlay().orElseThrow().source()).article();
        assertThat(hand.studio().project().article(tote).orElseThrow().name()).isEqualTo("Tote");
        Node view = hand.node("underlay");
        assertThat(view.isVisible()).isTrue();
        Path saved = folder.resolve("traced.vatwright");
        ProjectFile.write(hand.studio().project(), saved);
        assertThat(ProjectFile.read(saved)).isEqualTo(hand.studio().project());
        Hand.onFx(() -> {
            hand.studio().edit("away with it", p -> p.withArticles(List.of()).withJobs(List.of()));
            return null;
        });
        hand.rest();
        assertThat(hand.shows("cell")).as("the window goes on").isTrue();
    }
}
