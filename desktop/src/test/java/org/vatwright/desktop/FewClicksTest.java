package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Circle;

/** What takes one click or one pull: a tile as a picture, a dressed article, the grain of a piece that nobody has chosen. */
@Timeout(120)
class FewClicksTest extends AtTheDemo {

    @TempDir
    private Path into;

    private Cut cut() {
        return hand.studio().cut(hand.studio().article().orElseThrow());
    }

    private Lay lay(Id piece) {
        return cut().piece(piece).flatMap(cut()::lay).orElseThrow();
    }

    @Test
    void theGrainOfAPieceIsPulledWithoutChoosingItAndWhatLiesInItsMiddleStays() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-apron");
        Node article = hand.node("article");
        Viewport view = ((ClothPane) article).viewport();
        hand.point(article);
        Piece piece = cut().pieceAt(view.mmX(article.getLayoutBounds().getWidth() / 2),
                view.mmY(article.getLayoutBounds().getHeight() / 2), p -> true).orElseThrow();
        assertThat(hand.studio().selection().pieces()).isEmpty();
        Lay before = lay(piece.id());
        double x = piece.seen().bounds().getCenterX();
        double y = piece.seen().bounds().getCenterY();
        Point2D middle = article.localToScreen(view.pxX(x), view.pxY(y));
        Circle knob = (Circle) hand.node("grain-knob");
        Point2D head = knob.localToScreen(knob.getCenterX(), knob.getCenterY());
        double turned = Math.toDegrees(Math.atan2(middle.getX() - head.getX(), middle.getY() - head.getY()));
        assertThat(turned).as("the arrow lies along the warp").isEqualTo(before.grainDeg(), within(0.5));
        double away = head.distance(middle);
        hand.dragBetween(head, middle.add(away, 0));
        Lay after = lay(piece.id());
        assertThat(after.grainDeg()).as("to the right, clockwise").isEqualTo(-90, within(2.0));
        assertThat(place(after, x, y).distance(place(before, x, y))).as("mm of the design").isLessThan(1e-6);
        assertThat(hand.studio().selection().pieces()).containsExactly(piece.id());
        hand.type("30");
        hand.press(KeyCode.ENTER);
        assertThat(lay(piece.id()).grainDeg()).isEqualTo(30, within(1e-9));
        assertThat(place(lay(piece.id()), x, y).distance(place(before, x, y))).isLessThan(1e-6);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lay(piece.id())).as("the typed number is one step").isEqualTo(after);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(lay(piece.id())).as("the pull is one step").isEqualTo(before);
        Hand.onFx(() -> hand.studio().editArticle("lock", a -> ((Article.Flat) a).editPiece(piece.id(),
                p -> p.withLocked(true))));
        hand.rest();
        assertThat(hand.showsNow("grain-knob")).as("a locked piece is kept from a stray hand").isFalse();
    }

    private static Point2D place(Lay lay, double x, double y) throws Exception {
        var p = lay.place().inverseTransform(new java.awt.geom.Point2D.Double(x, y), null);
        return new Point2D(p.getX(), p.getY());
    }

    @Test
    void aTileAndAnArticleAreWrittenByOneClickEach() throws Exception {
        hand.window.desk().produceInto(into);
        int jobs = hand.studio().project().jobs().size();
        // On the docket already: written as it is set there, not a second time beside it.
        hand.click("shelf-Gangway");
        hand.click("write-tile");
        written("Gangway-tile.png");
        hand.click("shelf-Foredeck");
        hand.click("write-tile");
        Path tile = into.resolve("Foredeck-tile.png");
        written("Foredeck-tile.png");
        Tile repeat = design().repeat().tile();
        Density density = hand.studio().project().density();
        BufferedImage picture = ImageIO.read(tile.toFile());
        assertThat(picture.getWidth()).isEqualTo(density.wholePx(repeat.widthMm()));
        assertThat(picture.getHeight()).isEqualTo(density.wholePx(repeat.heightMm()));
        hand.click("stage-dress");
        hand.click("article-Tote");
        hand.click("write-article");
        Path article = into.resolve("Tote.png");
        written("Tote.png");
        assertThat(ImageIO.read(article.toFile()).getWidth()).as("as the docket has it")
                .isEqualTo(new Density(100).wholePx(cut().widthMm()));
        assertThat(hand.studio().project().jobs()).as("the docket").hasSize(jobs);
    }

    @Test
    void whatIsWrittenByOneClickIsStoppedByOne() throws Exception {
        hand.window.desk().produceInto(into);
        hand.click("shelf-Foredeck");
        Hand.onFx(() -> hand.studio().edit("finer", p -> p.withDensity(new Density(2400))));
        hand.click("write-tile");
        hand.click(hand.words("stop"));
        hand.until("it says so", () -> hand.messageText().equals("Foredeck tile was stopped; nothing was written."));
        try (Stream<Path> left = Files.list(into)) {
            assertThat(left).isEmpty();
        }
    }

    @Test
    void dressedLettersBecomeAMotifAndBentOnesAreRefused() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Ferry-line");
        List<Piece> letters = cut().pieces();
        hand.click("words-setting");
        hand.click("words-motif");
        Design made = hand.studio().project().designs().getLast();
        assertThat(made.name()).isEqualTo("Ferry line");
        Motifs motifs = (Motifs) made.layers().getFirst().structure();
        assertThat(motifs.motifs().getFirst().parts()).extracting(Part::name)
                .containsExactlyElementsOf(letters.stream().map(Piece::name).toList());
        assertThat(made.fills()).extracting(f -> ((Fill.OfDesign) f.source()).design().id())
                .containsExactlyElementsOf(letters.stream().map(l -> lay(l.id()).design()).toList());
        assertThat(hand.messageText()).contains("Ferry line is on the shelf");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        Project before = hand.studio().project();
        assertThat(before.designs()).doesNotContain(made);
        Hand.onFx(() -> hand.studio().editArticle("lean a letter", a -> a.withEachLay(l -> l.withShearDeg(9))));
        hand.click("words-motif");
        assertThat(hand.messageText()).contains("is leaning").contains("flat and upright");
    }

    /** A document of another machine names a face that is missing here. */
    @Test
    void aMissingTypefaceIsTold() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Ferry-line");
        assertThat(hand.text("article-size")).startsWith("Lettering").doesNotContain("typeface");
        Hand.onFx(() -> hand.studio().editArticle("another face", a -> a instanceof Article.Lettering l
                ? l.withTypeface("Nobody's Grotesque")
                : a));
        hand.rest();
        assertThat(hand.text("article-size"))
                .endsWith(
                        "there is no typeface Nobody's Grotesque here; the letters are drawn in League Spartan Black");
    }

    /** Large pictures take their time on a busy machine. */
    private void written(String file) throws Exception {
        long end = System.currentTimeMillis() + 60_000;
        while (!Hand.onFx(() -> hand.messageText()).contains(file + " is written")) {
            assertThat(System.currentTimeMillis()).as("waited for " + file).isLessThan(end);
            Thread.sleep(50);
        }
    }
}
