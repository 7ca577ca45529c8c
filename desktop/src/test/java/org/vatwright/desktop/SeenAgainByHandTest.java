package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

/** What was looked at before is there at once, for nothing of it is made anew; and it shows what it stands for now. */
class SeenAgainByHandTest extends AtTheDemo {

    private Node column() throws Exception {
        Node any = hand.node("add-layer");
        return Hand.onFx(() -> any.getScene().getRoot().lookup(".column-content"));
    }

    private Set<Node> nodes() throws Exception {
        return Nodes.of(column());
    }

    /** @return all words and numbers in the column, as they are seen from above */
    private List<String> words() throws Exception {
        Node column = column();
        return Hand.onFx(() -> {
            List<String> words = new ArrayList<>();
            read(column, words);
            return words;
        });
    }

    /** Rows come one after the other where the machine is slow. */
    private List<String> allWords() throws Exception {
        List<String> before = List.of();
        List<String> now = words();
        while (!now.equals(before)) {
            Thread.sleep(250);
            before = now;
            now = words();
        }
        return now;
    }

    private static void read(Node node, List<String> words) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof TextInputControl field) {
            words.add(field.getText());
        } else if (node instanceof Labeled label && label.getText() != null && !label.getText().isBlank()) {
            words.add(label.getText());
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> read(n, words));
        }
    }

    @ParameterizedTest
    @CsvSource({"Gangway, Sailcloth", "Skarholm, Buoys", "Galley letters, Gangway", "Pennants, Portholes"})
    void aDesignThatWasSeenIsNotMadeAnew(String one, String other) throws Exception {
        look(one);
        List<String> first = allWords();
        look(other);
        List<String> second = allWords();
        assertThat(second).isNotEqualTo(first);
        Set<Node> before = nodes();
        look(one);
        assertThat(allWords()).isEqualTo(first);
        assertThat(before).containsAll(nodes());
        look(other);
        assertThat(allWords()).isEqualTo(second);
        assertThat(before).containsAll(nodes());
    }

    private void look(String design) throws Exception {
        hand.click("shelf-" + design.replace(' ', '-'));
        hand.rest();
    }

    /** Chapters that are opened one right after the other, before the first has come row by row. */
    @Test
    void aChapterLeftAtOnceIsWholeLater() throws Exception {
        look("Gangway");
        List<String> rested = walked(true);
        hand.close();
        openTheDemo();
        look("Gangway");
        walked(false);
        assertThat(walked(true)).isEqualTo(rested);
    }

    /** What waits hidden would be styled with all the rest when the surround changes: it is taken out, and comes again. */
    @Test
    void anotherSurroundIsShownWithoutWhatIsHidden() throws Exception {
        look("Gangway");
        List<String> first = walked(true);
        int all = nodes().size();
        hand.press(KeyCode.F10);
        hand.rest();
        assertThat(nodes()).hasSizeLessThan(all - 50);
        assertThat(walked(true)).isEqualTo(first);
        assertThat(nodes()).hasSize(all);
        hand.click("stage-dress");
        hand.press(KeyCode.F10);
        hand.click("stage-build");
        assertThat(walked(true)).isEqualTo(first);
    }

    private List<String> walked(boolean resting) throws Exception {
        List<String> all = new ArrayList<>();
        for (String chapter : List.of("edges", "angle", "surface", "bands")) {
            Button door = (Button) hand.node("chapter-" + chapter);
            Hand.onFx(() -> {
                door.fire();
                return null;
            });
            if (resting) {
                hand.rest();
                all.addAll(allWords());
            }
        }
        return all;
    }
}
