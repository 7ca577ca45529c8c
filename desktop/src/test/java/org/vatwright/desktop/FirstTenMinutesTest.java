package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.stripe.Waves;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.files.project.ProjectFile;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** What a new user does first, with mouse and keys alone. */
@SuppressWarnings("try")
class FirstTenMinutesTest {

    private static final String TOTE = """
            <svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="500mm" viewBox="0 0 400 500">
              <g stroke="#202020" stroke-width="3" fill="none">
                <rect id="body" x="40" y="120" width="320" height="340"/>
                <path id="left-handle" d="M 100 120 L 100 30 L 120 30 L 120 120 Z"/>
                <path id="right-handle" d="M 280 120 L 280 30 L 300 30 L 300 120 Z"/>
              </g>
            </svg>
            """;

    @TempDir
    private Path folder;
    private Hand hand;

    @Test
    void fromTheDemoToAFileAndAllTheWayBack() throws Exception {
        try (Hand opened = Hand.onDemo(folder)) {
            hand = opened;
            Project start = hand.studio().project();
            widenABand();
            turnTheStripe();
            addDots();
            changeAnInk();
            typeAnotherWord();
            giveTwoLettersDifferentDesigns();
            dressAnotherFlat();
            writeItAsPng();
            saveAndReopen(start);
        }
    }

    private Design gangway() {
        return hand.studio().project().design(new Id("gangway")).orElseThrow();
    }

    private void widenABand() throws Exception {
        hand.click("shelf-Gangway");
        Stripes before = (Stripes) gangway().layers().getFirst().structure();
        Node edge = hand.node("band-edge-4");
        hand.drag(edge, 4, 10, 12, 0);
        Stripes after = (Stripes) gangway().layers().getFirst().structure();
        assertThat(after.run().bands().get(3).width()).isGreaterThan(before.run().bands().get(3).width());
        assertThat(after.run().bands().get(4).width()).isLessThan(before.run().bands().get(4).width());
        assertThat(after.run().length()).isEqualTo(before.run().length());
        assertThat(hand.text("undo")).isEqualTo("Undo: widen Navy band");
    }

    private void turnTheStripe() throws Exception {
        hand.write("angle-of-the-stripe", "30");
        assertThat(((Stripes) gangway().layers().getFirst().structure()).angleDeg()).isEqualTo(30);
        hand.click("offer-resize-tile");
        Stripes turned = (Stripes) gangway().layers().getFirst().structure();
        assertThat(turned.angleDeg()).isEqualTo(30);
        assertThat(Waves.of(turned, gangway().repeat().tile()).exact(turned)).isTrue();
        assertThat(hand.shows("offer-resize-tile")).isFalse();
    }

    private void addDots() throws Exception {
        hand.addLayer("dots");
        Dots dots = (Dots) gangway().layers().getLast().structure();
        assertThat(dots.arrangement()).isEqualTo(Arrangement.HALF_DROP);
        hand.click("dot-arrangement-brick-1/2");
        hand.click("dot-arrangement-drop-1/2");
        hand.write("dot-1-size", "1/2in");
        dots = (Dots) gangway().layers().getLast().structure();
        assertThat(dots.arrangement()).isEqualTo(Arrangement.HALF_DROP);
        assertThat(dots.dots().getFirst().diameterMm()).isEqualTo(12.7);
    }

    private void changeAnInk() throws Exception {
        hand.click("swatch-Madder");
        hand.write("colour-hex", "#2f6a4a");
        assertThat(gangway().palette().first().colours().get(2)).isEqualTo(Rgb.parse("#ab3b2c"));
        assertThat(hand.studio().selection().colourway()).isEqualTo("Morning 2");
        assertThat(gangway().palette().find("Morning 2").orElseThrow().colours().get(2))
                .isEqualTo(Rgb.parse("#2f6a4a"));
    }

    private Article.Lettering words() {
        return (Article.Lettering) hand.studio().project().article(new Id("ship-s-name")).orElseThrow();
    }

    private void typeAnotherWord() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Ship-s-name");
        hand.write("lettering-text", "TERN");
        assertThat(words().text()).isEqualTo("TERN");
        assertThat(hand.studio().history().undoName().orElseThrow()).contains("TERN");
    }

    private void giveTwoLettersDifferentDesigns() throws Exception {
        hand.click("piece-0");
        chooseDesign(0);
        hand.click("piece-3");
        chooseDesign(6);
        List<Lay> lays = IntStream.rangeClosed(1, 4).mapToObj(
                n -> words().dressing(Article.Lettering.letter(n)).lay().orElseThrow()).toList();
        assertThat(lays.get(0).design()).isEqualTo(new Id("gangway"));
        assertThat(lays.get(3).design()).isEqualTo(new Id("buoys"));
    }

    /** Takes an entry of the list of designs by the keys. */
    private void chooseDesign(int entry) throws Exception {
        hand.click("lay-design");
        for (int i = 0; i < 20; i++) {
            hand.press(KeyCode.UP);
        }
        for (int i = 0; i < entry; i++) {
            hand.press(KeyCode.DOWN);
        }
        hand.press(KeyCode.ENTER);
    }

    private void dressAnotherFlat() throws Exception {
        Path svg = folder.resolve("tote.svg");
        Files.writeString(svg, TOTE);
        hand.outside.answers.add(svg);
        hand.menu("add-article", 2);
        Article.Flat tote = (Article.Flat) hand.studio().article().orElseThrow();
        assertThat(tote.pieces()).extracting(p -> p.name()).containsExactly("body", "left handle", "right handle");
        hand.click(hand.words("choose all"));
        hand.click("lay-here");
        hand.click("piece-0");
        hand.write("grain-of-the-lay", "45");
        Article dressed = hand.studio().article().orElseThrow();
        List<Lay> lays = tote.pieces().stream().map(p -> dressed.dressing(p.id()).lay().orElseThrow()).toList();
        assertThat(lays).extracting(Lay::design).containsOnly(new Id("gangway"));
        assertThat(lays).extracting(Lay::grainDeg).containsExactly(45.0, 0.0, 0.0);
    }

    private void writeItAsPng() throws Exception {
        hand.click("stage-produce");
        hand.outside.answers.add(folder.resolve("made"));
        hand.click("choose-folder");
        hand.click("add-dressed");
        hand.write("density-of-the-job", "50");
        hand.click("run-tote-article");
        Path png = folder.resolve("made/tote-article.png");
        hand.until("the file is there", () -> Files.exists(png));
        assertThat(ImageIO.read(png.toFile()).getWidth()).isEqualTo(787);
        assertThat(hand.text("message-text")).contains("tote-article.png is written to");
        hand.click(hand.words("open folder"));
        assertThat(hand.outside.foldersShown).containsExactly(folder.resolve("made"));
    }

    private void saveAndReopen(Project start) throws Exception {
        Path file = folder.resolve("mine.vatwright");
        hand.outside.answers.add(file);
        hand.press(KeyCode.CONTROL, KeyCode.S);
        hand.until("it is saved", () -> Files.exists(file));
        Project end = hand.studio().project();
        assertThat(ProjectFile.read(file)).isEqualTo(end);
        int steps = 0;
        while (hand.studio().history().undoName().isPresent()) {
            hand.press(KeyCode.CONTROL, KeyCode.Z);
            assertThat(++steps).isLessThan(100);
        }
        assertThat(steps).isGreaterThan(10);
        assertThat(hand.studio().project()).isEqualTo(start);
        hand.outside.answers.add(file);
        hand.press(KeyCode.CONTROL, KeyCode.O);
        assertThat(hand.studio().project()).isEqualTo(end);
        assertThat(hand.studio().history().unsaved()).isFalse();
    }
}
