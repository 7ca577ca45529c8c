package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.dress.Article;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.Styles;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;

/** The column: one chapter open, none taller than there is room, the sheet that layers come from. */
class ColumnTest extends AtTheDemo {

    /** @return the names of the chapters shown, and which is open */
    private List<String> chapters(boolean open) throws Exception {
        Node any = hand.node("add-layer");
        return Hand.onFx(() -> any.getScene().getRoot().lookupAll(".chapter").stream().filter(Node::isVisible)
                .filter(n -> !open || n.getPseudoClassStates().contains(Styles.CHOSEN)).map(Node::getId).toList());
    }

    /** At 1280 x 800 nothing of Build's column has to be scrolled: all layers of the demo, all their chapters. */
    @Test
    void noChapterOfAnyFamilyIsTallerThanTheWindow() throws Exception {
        Set<String> families = new TreeSet<>();
        List<String> tooTall = new ArrayList<>();
        for (Design design : hand.studio().project().designs()) {
            for (Layer layer : design.layers()) {
                Hand.onFx(() -> {
                    hand.studio().select(s -> s.withDesign(design).withLayer(layer.id()));
                    return null;
                });
                hand.rest();
                families.add(layer.structure().family());
                List<String> all = chapters(false);
                assertThat(all.getLast()).isEqualTo("chapter-surface");
                assertThat(all.size() - 1).as("chapters of %s", design.name()).isBetween(2, 5);
                for (String chapter : all) {
                    Node door = hand.node(chapter);
                    Hand.onFx(() -> {
                        ((javafx.scene.control.Button) door).fire();
                        return null;
                    });
                    hand.rest();
                    assertThat(chapters(true)).containsExactly(chapter);
                    double[] tall = tallOf(chapter);
                    if (tall[0] > tall[1]) {
                        tooTall.add("%s, %s, %s: %.0f of %.0f".formatted(design.name(), layer.name(), chapter,
                                tall[0], tall[1]));
                    }
                }
            }
        }
        assertThat(tooTall).isEmpty();
        assertThat(families).containsExactlyInAnyOrderElementsOf(
                Catalogue.FAMILIES.stream().map(Catalogue.Family::id).toList());
    }

    @Test
    void theOpenChapterStaysWhenTheChoiceChangesWithinAKindAndComesBackToIt() throws Exception {
        hand.click("shelf-Quay");
        hand.click("layer-1");
        hand.click("chapter-variety");
        hand.click("shelf-Gangway");
        assertThat(chapters(true)).as("what it has first").containsExactly("chapter-bands");
        hand.click("shelf-Quay");
        hand.click("layer-1");
        assertThat(chapters(true)).containsExactly("chapter-variety");
        hand.click("chapter-surface");
        hand.click("shelf-Mooring");
        assertThat(chapters(true)).as("all have a surface").containsExactly("chapter-surface");
        // One thing is open at a time: the repeat, an ink, a chapter.
        hand.click("repeat");
        assertThat(chapters(true)).isEmpty();
        assertThat(hand.shows("cell-width")).isTrue();
        hand.click("swatch-Rope");
        assertThat(hand.shows("cell-width")).isFalse();
        hand.click("chapter-mesh");
        assertThat(hand.studio().selection().slot()).isEqualTo(-1);
        // A chapter is made after what waits meanwhile.
        hand.until("its chapter is there", () -> hand.showsNow("ring-size"));
    }

    @Test
    void keysWalkTheChaptersAndTheSheet() throws Exception {
        hand.click("chapter-bands");
        hand.press(KeyCode.RIGHT);
        assertThat(chapters(true)).containsExactly("chapter-edges");
        hand.press(KeyCode.LEFT);
        assertThat(chapters(true)).containsExactly("chapter-bands");

        hand.click("add-layer");
        hand.press(KeyCode.D);
        hand.press(KeyCode.ENTER);
        assertThat(design().layers().getLast().structure()).isInstanceOf(Dots.class);
        assertThat(hand.shows("family-sheet")).isFalse();
        hand.click("add-layer");
        // From the dots four to the right and one down, the last of the families.
        hand.press(KeyCode.DOWN);
        hand.press(KeyCode.RIGHT);
        hand.press(KeyCode.ENTER);
        assertThat(design().layers().getLast().name()).isEqualTo("Motifs");
        hand.click("add-layer");
        hand.press(KeyCode.ESCAPE);
        assertThat(hand.shows("family-sheet")).isFalse();
        assertThat(design().layers()).hasSize(3);
    }

    @Test
    void aNewDesignBeginsAtTheSheetAndASingleClickOnlyChooses() throws Exception {
        hand.click("new-design");
        assertThat(hand.shows("family-sheet")).isTrue();
        hand.click("add-plaid");
        assertThat(design().layers()).isEmpty();
        hand.press(KeyCode.ENTER);
        assertThat(design().layers()).extracting(Layer::name).containsExactly("Plaid");
        assertThat(chapters(true)).containsExactly("chapter-sett");
        hand.click("undo");
        assertThat(hand.shows("family-sheet")).as("without a layer it is there again").isTrue();
    }

    @Test
    void theColumnOfDressIsNotTallerEither() throws Exception {
        hand.click("stage-dress");
        List<String> tooTall = new ArrayList<>();
        for (Article article : hand.studio().project().articles()) {
            Hand.onFx(() -> {
                hand.studio().select(s -> s.withArticle(article)
                        .withPieces(Set.of(hand.studio().cut(article).ids().getFirst())));
                return null;
            });
            hand.rest();
            double[] tall = tallOf("lay");
            if (tall[0] > tall[1]) {
                tooTall.add("%s: %.0f of %.0f".formatted(article.name(), tall[0], tall[1]));
            }
        }
        assertThat(tooTall).isEmpty();
    }

    /** @param id of something in the column @return how tall that column is, and the room for it */
    private double[] tallOf(String id) throws Exception {
        Node any = hand.node(id);
        return Hand.onFx(() -> {
            ScrollPane column = (ScrollPane) any.getScene().getRoot().lookup(".column");
            return new double[]{column.getContent().getBoundsInLocal().getHeight(),
                    column.getViewportBounds().getHeight()};
        });
    }

    @Test
    void theColumnOfColourIsNotTallerEitherWithAColourOpen() throws Exception {
        hand.click("shelf-Gangway");
        hand.click("stage-colour");
        hand.click(hand.named("Navy in Morning"));
        double[] tall = tallOf("colour-hex");
        assertThat(tall[0]).isPositive().isLessThanOrEqualTo(tall[1]);
    }

    @Test
    void whatIsNotAsItShouldBeWithALayerStandsUnderItsChapterAndGoes() throws Exception {
        hand.click("shelf-Sailcloth");
        assertThat(hand.shows("layer-finding")).isFalse();
        hand.click("chapter-cloth");
        // Floats of two threads, each two centimetres wide, are longer than the limit of ten millimetres.
        hand.write("ends-per-cm", "0.5");
        hand.write("picks-per-cm", "0.5");
        hand.until("the float is told", () -> hand.studio().layer().isPresent() && hand.showsNow("layer-finding"));
        assertThat(hand.text("layer-finding")).contains("float").contains("mm");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        hand.until("it is in order again", () -> !hand.showsNow("layer-finding"));
    }

    @Test
    void bandsThatFitTheTileNoLongerSayWhereTheyAreTypedHowTheyAreDrawnAndOfferWhatWouldFit() throws Exception {
        hand.click("shelf-Gangway");
        hand.click("chapter-bands");
        double before = Hand.onFx(() -> hand.studio().design().orElseThrow().repeat().tile().widthMm());
        hand.write("band-3-width", "40");
        hand.until("it is told", () -> hand.showsNow("layer-finding"));
        assertThat(hand.text("layer-finding")).contains("Does not close").contains("narrower");
        hand.click("chapter-angle");
        hand.until("its own chapter tells it", () -> !hand.showsNow("layer-finding"));
        hand.click("chapter-bands");
        hand.until("it is told again", () -> hand.showsNow("way-resize-tile"));
        hand.click("way-resize-tile");
        hand.until("it closes", () -> !hand.showsNow("layer-finding") && !hand.showsNow("way-resize-tile"));
        double wider = Hand.onFx(() -> hand.studio().design().orElseThrow().repeat().tile().widthMm()) - before;
        assertThat(wider).as("the band comes twice in a run there and back").isCloseTo(2 * (40 - 3), within(1e-9));
        Node chapter = hand.node("band-3-width");
        assertThat(Hand.onFx(() -> chapter.getScene().getFocusOwner().getStyleClass()))
                .as("keys go on from the chapter's last control").contains("toggle-button");
        assertThat(hand.studio().history().undoName()).contains("resize the cell: 170 x 96 mm");
    }
}
