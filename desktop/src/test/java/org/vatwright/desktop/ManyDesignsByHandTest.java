package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Stage;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;

/** Many designs that come in at once, and the walk through all of them that trains the start-up cache. */
@Timeout(240)
class ManyDesignsByHandTest extends AtTheDemo {

    private Parent root;

    @BeforeEach
    void lookAtTheWindow() throws Exception {
        root = hand.node("shelf-toggle").getScene().getRoot();
    }

    /** On the window's own thread. */
    private List<String> shelf() {
        return root.lookupAll(".shelf-item").stream().map(Node::getAccessibleText).toList();
    }

    private List<String> names() {
        return hand.studio().project().designs().stream().map(Design::name).toList();
    }

    @Test
    void theyStandOnTheShelfInTheirOrderWhateverComesBetween() throws Exception {
        String one = "{\"name\": \"Rope %d\", \"cell\": {\"widthMm\": 20, \"heightMm\": 20}, \"layers\": [], "
                + "\"palette\": {\"slots\": [\"A\"], \"colourways\": [{\"name\": \"One\", \"colours\": {\"A\": \"#%06x\"}}]}}";
        int before = names().size();
        for (int i = 1; i <= 20; i++) {
            Path file = folder.resolve("rope-%02d.json".formatted(i));
            Files.writeString(file, one.formatted(i, i * 5000));
            Hand.onFx(() -> {
                hand.window.desk().dropped(file);
                return null;
            });
        }
        hand.until("all are there", () -> names().size() == before + 20);
        hand.until("all are on the shelf", () -> shelf().equals(names()));
        assertThat(names()).containsAll(IntStream.rangeClosed(1, 20).mapToObj("Rope %d"::formatted).toList());
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.rest();
        assertThat(names()).hasSize(before + 19);
        hand.until("what was undone has gone", () -> shelf().equals(names()));
        hand.click("shelf-toggle");
        hand.click(hand.named("Search the shelf"));
        hand.type("rope 1");
        hand.until("those that are looked for",
                () -> shelf().equals(names().stream().filter(n -> n.startsWith("Rope 1")).toList()));
    }

    @Test
    void theTourShowsEveryDesignLayerAndStage() throws Exception {
        // What is chosen already needs no choosing.
        var begun = hand.studio().selection();
        Set<String> designs = new HashSet<>(Set.of(begun.design().toString()));
        Set<String> layers = new HashSet<>(Set.of(begun.design() + " " + begun.layer()));
        Set<Stage> stages = new HashSet<>();
        boolean[] over = {false};
        Hand.onFx(() -> {
            hand.studio().watch(change -> {
                var now = hand.studio().selection();
                designs.add(now.design().toString());
                layers.add(now.design() + " " + now.layer());
                stages.add(now.stage());
            });
            hand.window.tour(() -> over[0] = true);
            return null;
        });
        long end = System.currentTimeMillis() + 120_000;
        while (!Hand.onFx(() -> over[0]) && System.currentTimeMillis() < end) {
            Thread.sleep(100);
        }
        assertThat(over[0]).as("it comes to its end").isTrue();
        List<Design> all = hand.studio().project().designs();
        assertThat(designs).containsAll(all.stream().map(d -> d.id().toString()).toList());
        assertThat(layers).containsAll(all.stream().flatMap(d -> d.layers().stream().map(l -> d.id() + " " + l.id()))
                .collect(Collectors.toSet()));
        assertThat(stages).containsExactlyInAnyOrder(Stage.values());
    }
}
