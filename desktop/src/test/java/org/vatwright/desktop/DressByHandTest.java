package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Setting;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.files.project.ProjectFile;

import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.ScrollEvent;

/** Articles: cloth carried from the shelf, pieces, words, sheets, and files that fall on the window. */
class DressByHandTest extends AtTheDemo {

    private static final Id SKIRT = new Id("skirt");
    private static final Id BIB = new Id("bib");

    private Article article() {
        return hand.studio().article().orElseThrow();
    }

    /** Where it does not fit behind the articles it stands in a line of its own. */
    @Test
    void theWayToAddAnArticleIsWholeInView() throws Exception {
        hand.click("stage-dress");
        Node add = hand.node("add-article");
        Bounds button = Hand.onFx(() -> add.localToScene(add.getBoundsInLocal()));
        Node strip = Hand.onFx(() -> add.getScene().lookup(".article-strip > .scroll-pane"));
        Bounds seen = Hand.onFx(() -> strip.localToScene(strip.getBoundsInLocal()));
        assertThat(button.getMaxY()).isLessThanOrEqualTo(seen.getMaxY());
        assertThat(button.getMinY()).isGreaterThanOrEqualTo(seen.getMinY());
        assertThat(button.getMaxX()).isLessThanOrEqualTo(seen.getMaxX());
    }

    @Test
    void clothIsCarriedFromTheShelfOntoAPieceAndTakenOff() throws Exception {
        hand.click("stage-dress");
        ClothPane pane = (ClothPane) hand.node("article");
        Point2D skirt = Hand.onFx(() -> pane
                .localToScreen(new Point2D(pane.viewport().pxX(330), pane.viewport().pxY(800))));
        hand.dragBetween(hand.middle(hand.node("shelf-Foredeck")), skirt);
        assertThat(article().dressing(SKIRT).lay().orElseThrow().design()).isEqualTo(new Id("foredeck"));
        assertThat(article().dressing(BIB).lay().orElseThrow().design()).isEqualTo(new Id("gangway"));
        hand.clickAt(skirt.getX(), skirt.getY());
        hand.click(hand.words("take the cloth off"));
        assertThat(article().dressing(SKIRT).lay()).isEmpty();
        hand.click("lay-here");
        assertThat(article().dressing(SKIRT).lay().orElseThrow().design()).isEqualTo(new Id("gangway"));
        hand.click(hand.words("choose all"));
        hand.write("scale-of-the-lay", "50");
        hand.click(hand.words("bias"));
        assertThat(article().dressings().byPiece()).hasSize(8);
        for (Dressing dressing : article().dressings().byPiece().values()) {
            Lay lay = dressing.lay().orElseThrow();
            assertThat(lay.scale()).isEqualTo(0.5);
            assertThat(lay.grainDeg()).isEqualTo(45);
        }
    }

    @Test
    void wordsAreTypedLiveAsOneUndoAndShareOneLayOrHaveTheirOwn() throws Exception {
        hand.click("stage-dress");
        hand.menu("add-article", 3);
        Project before = hand.studio().project();
        hand.click("lettering-text");
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.type("Quay 7");
        Article.Lettering words = (Article.Lettering) article();
        assertThat(words.text()).isEqualTo("Quay 7");
        hand.press(KeyCode.ENTER);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.write("height-of-a-capital", "3in");
        hand.click("each-own");
        hand.click("piece-1");
        hand.write("grain-of-the-lay", "90");
        words = (Article.Lettering) article();
        assertThat(words.heightMm()).isEqualTo(76.2, within(1e-9));
        assertThat(words.dressing(Article.Lettering.letter(2)).lay().orElseThrow().grainDeg()).isEqualTo(90);
        assertThat(words.dressing(Article.Lettering.letter(1)).lay().orElseThrow().grainDeg()).isZero();
        // A letter put in before keeps what the others have; lines, arc and space are set by numbers, each one undo.
        hand.click("lettering-text");
        hand.press(KeyCode.HOME);
        hand.type("W");
        words = (Article.Lettering) article();
        assertThat(words.dressing(Article.Lettering.letter(3)).lay().orElseThrow().grainDeg()).isEqualTo(90);
        assertThat(words.dressing(Article.Lettering.letter(2)).lay().orElseThrow().grainDeg()).isZero();
        assertThat(words.dressings().byPiece()).hasSize(words.text().length());
        hand.press(KeyCode.SHIFT, KeyCode.ENTER);
        hand.press(KeyCode.ENTER);
        assertThat(((Article.Lettering) article()).text()).startsWith("W\n");
        hand.click("words-setting");
        hand.click("align-middle");
        hand.write("radius-of-the-arc", "-300");
        hand.write("space-between-letters", "10");
        hand.write("line-spacing", "120");
        hand.write("width-of-the-box", "900");
        assertThat(((Article.Lettering) article()).setting())
                .isEqualTo(new Setting(Setting.Align.MIDDLE, 0.1, 1.2, -300, 900));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(((Article.Lettering) article()).setting().boxMm()).isZero();
        hand.click("one-for-all");
        assertThat(((Article.Lettering) article()).eachOwn()).isFalse();
    }

    /** By word, on a drawn line and straight again, cut, and warned of when they will not read. */
    @Test
    void wordsWearByWordStandOnALineAreCutAndWarnedOf() throws Exception {
        hand.click("stage-dress");
        hand.menu("add-article", 3);
        hand.click("lettering-text");
        hand.press(KeyCode.CONTROL, KeyCode.A);
        hand.type("HI HO");
        hand.press(KeyCode.ENTER);
        hand.click("each-word");
        hand.click("piece-3");
        hand.write("grain-of-the-lay", "90");
        Article.Lettering words = (Article.Lettering) article();
        assertThat(words.setting().byWord()).isTrue();
        for (int letter = 1; letter <= 4; letter++) {
            assertThat(words.dressing(Article.Lettering.letter(letter)).lay().orElseThrow().grainDeg())
                    .as("letter %d", letter).isEqualTo(letter > 2 ? 90 : 0);
        }
        hand.clickOn(hand.node("article"), 8, 300);
        hand.click("words-setting");
        hand.click("words-along");
        var view = ((org.vatwright.desktop.cloth.ClothPane) hand.node("article")).viewport();
        hand.clickOn(hand.node("article"), view.pxX(10), view.pxY(20));
        hand.clickOn(hand.node("article"), view.pxX(200), view.pxY(120));
        hand.press(KeyCode.ENTER);
        assertThat(((Article.Lettering) article()).setting().line()).isPresent();
        hand.click("words-straight");
        assertThat(((Article.Lettering) article()).setting().line()).isEmpty();

        Path cut = java.nio.file.Files.createTempDirectory("cut").resolve("hi.svg");
        hand.outside.answers.add(cut);
        hand.click("words-cutting");
        assertThat(java.nio.file.Files.readString(cut)).contains("fill=\"none\"", "cutting lines");

        assertThat(hand.shows("legibility")).isFalse();
        hand.write("height-of-a-capital", "8");
        hand.until("it is warned of", () -> hand.showsNow("legibility"));
        assertThat(hand.text("legibility")).contains("Hard to read", "Up to");
        hand.click("legibility-scale");
        hand.until("it reads", () -> !hand.showsNow("legibility"));
        assertThat(((Article.Lettering) article()).dressing(Article.Lettering.letter(1)).lay().orElseThrow().scale())
                .isLessThan(0.5);
    }

    @Test
    void aSheetHasSizeDensityAndASlantedLay() throws Exception {
        hand.click("stage-dress");
        hand.menu("add-article", 4);
        hand.write("sheet-width", "8in");
        hand.write("sheet-height", "2540px");
        hand.write("sheet-density", "150");
        Article.Sheet sheet = (Article.Sheet) article();
        assertThat(sheet.widthMm()).isEqualTo(203.2);
        assertThat(sheet.heightMm()).isEqualTo(hand.studio().project().density().mm(2540), within(1e-9));
        assertThat(sheet.density().dpi()).isEqualTo(150);
        Node dial = hand.node("grain-dial");
        hand.middle(dial);
        hand.drag(dial, 75, 42, -4, -28);
        assertThat(article().dressing(Article.Sheet.PIECE).lay().orElseThrow().grainDeg()).isEqualTo(45);
        assertThat(hand.text("undo")).isEqualTo("Undo: grain 45\u00b0");
        hand.press(KeyCode.RIGHT);
        assertThat(article().dressing(Article.Sheet.PIECE).lay().orElseThrow().grainDeg()).isEqualTo(46);
        hand.write("article-name", "Ticket wrap");
        assertThat(article().name()).isEqualTo("Ticket wrap");
    }

    /** Cloth larger than the window must not press the head together. */
    @Test
    void nearToTheClothTheHeadKeepsItsRoom() throws Exception {
        hand.click("stage-dress");
        Node last = hand.words("Paper sheet");
        double foot = bottom(last);
        ClothPane pane = (ClothPane) hand.node("article");
        Hand.onFx(() -> {
            for (int i = 0; i < 12; i++) {
                pane.fireEvent(new ScrollEvent(ScrollEvent.SCROLL, 300, 200, 300, 200, false, false, false, false,
                        false, false, 0, 40, 0, 40, ScrollEvent.HorizontalTextScrollUnits.NONE, 0,
                        ScrollEvent.VerticalTextScrollUnits.NONE, 0, 0, null));
            }
            return null;
        });
        hand.click("stage-inspect");
        hand.click("stage-dress");
        assertThat(bottom(last)).isEqualTo(foot);
        assertThat(Hand.onFx(() -> pane.localToScene(0, 0).getY())).isGreaterThanOrEqualTo(foot);
    }

    private static double bottom(Node node) throws Exception {
        return Hand.onFx(() -> node.localToScene(node.getBoundsInLocal()).getMaxY());
    }

    @Test
    void filesThatFallOnTheWindowAreTakenInOrRefused() throws Exception {
        Path svg = folder.resolve("pennant.svg");
        Files.writeString(svg, "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='60mm' viewBox='0 0 90 60'>"
                + "<path id='fly' d='M0 0 L90 30 L0 60 Z'/></svg>");
        hand.drop(svg);
        assertThat(hand.studio().selection().stage()).isEqualTo(Stage.DRESS);
        assertThat(article().name()).isEqualTo("pennant");
        assertThat(hand.text("message-text")).startsWith("pennant has 1 piece.");

        Project present = hand.studio().project();
        Path text = folder.resolve("letter.txt");
        Files.writeString(text, "Dear crew");
        hand.drop(text);
        assertThat(hand.text("message-text")).startsWith("letter.txt cannot be taken in");
        assertThat(hand.studio().project()).isEqualTo(present);

        Path project = folder.resolve("other.vatwright");
        ProjectFile.write(present.withName("Other ferry"), project);
        hand.outside.leave = org.vatwright.desktop.frame.Outside.Leave.STAY;
        hand.drop(project);
        assertThat(hand.studio().project()).isEqualTo(present);
        hand.outside.leave = org.vatwright.desktop.frame.Outside.Leave.DISCARD;
        hand.drop(project);
        assertThat(hand.studio().project().name()).isEqualTo("Other ferry");
    }
}
