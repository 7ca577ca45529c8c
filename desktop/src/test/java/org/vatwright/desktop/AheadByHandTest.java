package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.Beforehand;
import org.vatwright.desktop.control.Ui;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.input.KeyCode;

/** Chapters and stages that were made while nobody did anything are those that are opened by hand afterwards. */
@Timeout(120)
class AheadByHandTest {

    private static final int MOST_NEW = 70;
    private static final int FEW_NEW = 20;

    @TempDir
    private Path folder;
    private Hand hand;

    @BeforeEach
    void theDemoInAWindowSomebodyLooksAt() throws Exception {
        hand = Hand.onWelcome(folder);
        Node demo = hand.node("welcome-demo");
        Hand.onFx(() -> {
            Beforehand.allow(demo.getScene());
            return null;
        });
        hand.click("welcome-demo");
        hand.rest();
    }

    @AfterEach
    void leave() throws Exception {
        hand.close();
    }

    /** @return the window, once nothing more is made beforehand */
    private Parent whenAllIsMade() throws Exception {
        List<Beforehand> ahead = all();
        hand.until("all is made", 3, () -> ahead.stream().allMatch(Beforehand::done));
        return hand.node("stage-dress").getScene().getRoot();
    }

    private List<Beforehand> all() throws Exception {
        Parent root = hand.node("stage-dress").getScene().getRoot();
        return Hand.onFx(() -> {
            List<Beforehand> found = new ArrayList<>();
            collect(root, found);
            return found;
        });
    }

    private static void collect(Node node, List<Beforehand> found) {
        if (node instanceof Beforehand one) {
            found.add(one);
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> collect(n, found));
        }
    }

    private static boolean skinned(Node node) {
        return !(node instanceof Control c && c.getSkin() == null)
                && (!(node instanceof Parent p)
                        || p.getChildrenUnmodifiable().stream().allMatch(AheadByHandTest::skinned));
    }

    @Test
    void whatWasMadeInQuietIsOpenedAndWorks() throws Exception {
        List<Beforehand> ahead = all();
        assertThat(ahead).as("chapters, and stages").hasSize(2);
        hand.until("all is made", 3, () -> ahead.stream().allMatch(Beforehand::done));

        hand.click("stage-dress");
        assertThat(hand.shows("article-Deck-blanket")).isTrue();
        hand.click("stage-build");
        hand.click("shelf-Gangway");
        hand.click("chapter-angle");
        Node angle = hand.node("angle-of-the-stripe");
        assertThat(Hand.onFx(() -> skinned(angle))).isTrue();
        hand.write("angle-of-the-stripe", "30");
        hand.press(KeyCode.ENTER);
        Layer layer = hand.studio().layer().orElseThrow();
        assertThat(((Stripes) layer.structure()).angleDeg()).isEqualTo(30);
    }

    /** Rows, swatches and lines of layers are there before a design that takes more of them is chosen for the first time. */
    @ParameterizedTest
    @CsvSource({"Tarpaulin, 30", "Skarholm, 120", "Terns, 30", "Kelp, 40", "Galley letters, 30"})
    void aDesignThatIsChosenForTheFirstTimeBringsLittleThatIsNew(String design, int most) throws Exception {
        Parent root = whenAllIsMade();
        Set<Node> before = Nodes.of(root);
        hand.click("shelf-" + design.replace(' ', '-'));
        hand.rest();
        Set<Node> after = Nodes.of(root);
        after.removeAll(before);
        assertThat(after).hasSizeLessThan(most);
    }

    /** Also lists within it have as many rows as the longest of the demo takes. */
    @Test
    void aChapterThatIsOpenedForTheFirstTimeBringsLittleThatIsNew() throws Exception {
        Parent root = whenAllIsMade();
        Map<String, Integer> made = new TreeMap<>();
        for (Design design : hand.studio().project().designs()) {
            for (Layer layer : design.layers()) {
                List<Node> chapters = Hand.onFx(() -> {
                    hand.studio().select(s -> s.withDesign(design).withLayer(layer.id()));
                    return root.lookupAll(".chapter").stream().filter(Ui::seen).toList();
                });
                for (Node chapter : chapters) {
                    Set<Node> before = Nodes.of(root);
                    Hand.onFx(() -> {
                        ((Button) chapter).fire();
                        root.layout();
                        return null;
                    });
                    Set<Node> after = Nodes.of(root);
                    after.removeAll(before);
                    made.put(design.name() + ", " + layer.name() + ", " + chapter.getId(), after.size());
                }
            }
        }
        assertThat(made).hasSizeGreaterThan(100).allSatisfy((where, count) -> assertThat(count).isLessThan(FEW_NEW));
    }

    /** Rows of colourways with their swatches; findings. */
    @ParameterizedTest
    @CsvSource({"Colour, Tarpaulin, colourway-row", "Colour, Gangway, colourway-row", "Inspect, Gangway, fine",
            "Inspect, Skarholm, fine"})
    void colourwaysAndFindingsAreThereBeforeTheyAreLookedAt(String stage, String design, String style)
            throws Exception {
        List<Beforehand> ahead = all();
        hand.click("shelf-" + design);
        hand.until("all is made", 3, () -> ahead.stream().allMatch(Beforehand::done));
        Parent root = hand.node("stage-dress").getScene().getRoot();
        Set<Node> before = Nodes.of(root);
        hand.click("stage-" + stage.toLowerCase(Locale.ROOT));
        hand.until("it is shown", () -> root.lookupAll("." + style).stream().anyMatch(Ui::seen));
        hand.rest();
        Set<Node> after = Nodes.of(root);
        after.removeAll(before);
        assertThat(after).hasSizeLessThan(FEW_NEW);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Tarpaulin", "Galley napkin"})
    void rowsOfColourwaysKeepTheirStylesWhenAnotherDesignIsShown(String design) throws Exception {
        List<Beforehand> ahead = all();
        hand.click("shelf-Gangway");
        hand.until("all is made", 3, () -> ahead.stream().allMatch(Beforehand::done));
        Parent root = hand.node("stage-dress").getScene().getRoot();
        List<String> ids = idsOf(root, ".colourway-row");
        assertThat(ids).isNotEmpty();
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withDesign(hand.studio().project().designs().stream()
                    .filter(d -> d.name().equals(design)).findFirst().orElseThrow()));
            return null;
        });
        hand.click("stage-colour");
        hand.rest();
        assertThat(idsOf(root, ".colourway-row")).as("another id is another style").isEqualTo(ids);
    }

    private static List<String> idsOf(Parent root, String selector) throws Exception {
        List<Node> all = new ArrayList<>();
        for (Node row : Hand.onFx(() -> root.lookupAll(selector))) {
            all.addAll(Nodes.of(row));
        }
        return Hand.onFx(() -> all.stream().map(n -> String.valueOf(n.getId())).sorted().toList());
    }

    @Test
    void theBandsOfAPlaidAreThereBeforeTheyAreLookedAt() throws Exception {
        Parent root = whenAllIsMade();
        Set<Node> before = Nodes.of(root);
        hand.click("shelf-Skarholm");
        hand.rest();
        Set<Node> bands = Hand.onFx(() -> root.lookupAll("#weft-rule > .rule-band").stream().filter(Ui::seen)
                .collect(Collectors.toSet()));
        assertThat(bands).hasSizeGreaterThan(6);
        assertThat(before).containsAll(bands);
        assertThat(before).contains(hand.node("weft-edge-" + bands.size()));
    }

    @Test
    void theBrushesAreThereBeforeTheyAreLookedAt() throws Exception {
        Parent root = whenAllIsMade();
        Set<Node> before = Nodes.of(root);
        hand.click("shelf-Kelp");
        hand.rest();
        int brushes = hand.studio().brushHand().all().size();
        assertThat(brushes).isGreaterThan(4);
        Set<Node> chips = Hand.onFx(() -> root.lookupAll(".brushes > .toggle-button"));
        assertThat(chips).hasSize(brushes).allMatch(Ui::seen);
        assertThat(before).containsAll(chips);
    }

    @Test
    void theDocketAndTheArticlesAreThereBeforeTheyAreLookedAt() throws Exception {
        Parent root = whenAllIsMade();
        assertThat(Hand.onFx(() -> root.lookupAll(".job-row").size())).isEqualTo(hand.studio().project().jobs().size());
        Set<Node> before = Nodes.of(root);
        hand.click("stage-produce");
        Set<Node> docket = Nodes.of(root);
        docket.removeAll(before);
        assertThat(docket).hasSizeLessThan(MOST_NEW);
        assertThat(
                hand.shows("job-" + hand.studio().project().jobs().getLast().name().replaceAll("[^A-Za-z0-9]+", "-")))
                .isTrue();
        hand.click("stage-build");
        before = Nodes.of(root);
        hand.click("stage-dress");
        Set<Node> dressed = Nodes.of(root);
        dressed.removeAll(before);
        assertThat(dressed).hasSizeLessThan(MOST_NEW);
    }

    @Test
    void aChapterOpenedMeanwhileIsWhole() throws Exception {
        hand.click("shelf-Gangway");
        // Quiet long enough that it has begun, but not that it has ended.
        Thread.sleep(1200);
        for (String chapter : List.of("edges", "surface", "angle", "bands")) {
            hand.click("chapter-" + chapter);
        }
        List<Beforehand> ahead = all();
        hand.until("all is made", 3, () -> ahead.stream().allMatch(Beforehand::done));
        Node column = hand.node("run-pivot").getScene().getRoot().lookup(".column-content");
        int nodes = Hand.onFx(() -> count(column));
        assertThat(hand.shows("measure-threads")).isTrue();
        hand.click("chapter-surface");
        hand.click("chapter-bands");
        assertThat(hand.shows("measure-threads")).isTrue();
        assertThat(Hand.onFx(() -> count(column))).as("seen once more").isEqualTo(nodes);
    }

    private static int count(Node node) {
        return !node.isVisible()
                ? 0
                : node instanceof Parent p
                        ? 1 + p.getChildrenUnmodifiable().stream().mapToInt(AheadByHandTest::count).sum()
                        : 1;
    }
}
