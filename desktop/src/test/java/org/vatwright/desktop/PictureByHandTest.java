package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.CutShape;
import org.vatwright.core.picture.Making;
import org.vatwright.core.picture.Paper;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.project.ProjectFile;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;

/** A picture made into a tile and into inks, by mouse and keys in the window. */
@Timeout(120)
class PictureByHandTest extends AtTheDemo {

    private static final Rgb SAIL = Rgb.parse("#e8dcc0");
    private static final Rgb RUST = Rgb.parse("#a2492c");
    private static final Rgb SEA = Rgb.parse("#2c5a6e");

    /** Sailcloth with a rusty and a blue patch that meet no edge of their own kind. */
    private Path sail() {
        Raster raster = new Raster(240, 160);
        for (int y = 0; y < 160; y++) {
            for (int x = 0; x < 240; x++) {
                Rgb colour = x > 180 && y > 90 ? RUST : x < 60 ? SEA : SAIL;
                raster.argb()[y * 240 + x] = colour.argb();
            }
        }
        Path file = folder.resolve("Sail.png");
        PictureWriter.write(raster, new Density(100), Output.Format.PNG, 90, file);
        return file;
    }

    private Fill.OfPicture picture() {
        return design().fills().getLast().picture().orElseThrow();
    }

    private void bring() throws Exception {
        hand.outside.answers.add(sail());
        hand.addFrom("read-cover-picture");
        hand.until("the picture is read", () -> design().fills().stream().anyMatch(f -> f.name().equals("Sail")));
    }

    @Test
    void itBecomesALayerIsMadeEachWayAndEachActIsOneUndo() throws Exception {
        hand.click("shelf-Gangway");
        Project before = hand.studio().project();
        bring();
        assertThat(hand.text("undo")).isEqualTo("Undo: picture Sail");
        assertThat(hand.studio().layer().orElseThrow().structure()).isEqualTo(new Cover(new Ink.Filled("Sail")));
        assertThat(picture().making()).contains(Making.HEAL);
        assertThat(hand.text("cover-picture")).isEqualTo(
                "240 x 160 px, its tile 61 x 40.6 mm here: 100 dpi. For 300 dpi it may be 20 mm wide at most. "
                        + "It has on Crew apron 100 dpi, on Deckchair 100 dpi, on Floor mat 111.1 dpi and more on 4 others.");
        Label heal = (Label) hand.node("seam-heal");
        hand.until("seams are measured", () -> heal.getText().contains(" x"));
        assertThat(seam("as it is")).startsWith("as it is\n");
        assertThat(number("as it is")).isGreaterThan(0.9);
        assertThat(number("mirror")).isZero();

        hand.click("making-mirror");
        assertThat(picture().making()).contains(new Making(Making.Way.MIRROR));
        assertThat(hand.text("undo")).isEqualTo("Undo: mirror the picture");
        assertThat(hand.shows("margin-of-the-picture")).as("a mirror has none").isFalse();
        hand.click("making-cross-fade");
        hand.write("margin-of-the-picture", "25");
        hand.write("even-out-of-the-picture", "40 %");
        assertThat(picture().making()).contains(new Making(Making.Way.FADE, 0.25, 0.4));
        assertThat(picture().widthPx()).isEqualTo(200);
        hand.click("making-as-it-is");
        assertThat(picture().making()).isEmpty();
        // What was tuned before is there again.
        hand.click("making-heal");
        assertThat(picture().making()).contains(new Making(Making.Way.HEAL, 0.25, 0.4));
        hand.write("margin-of-the-picture", "80");
        assertThat(picture().making().orElseThrow().margin()).isEqualTo(0.25);
        hand.click("cover-how-it-lies");
        assertThat(hand.text("fill-name")).isEqualTo("Sail");
        hand.click(hand.node("cell"));
        assertThat(undoAll()).isEqualTo(before);
    }

    private String seam(String way) throws Exception {
        return hand.text("seam-" + way.replace(' ', '-'));
    }

    private double number(String way) throws Exception {
        return Double.parseDouble(seam(way).split("\n")[1].replace(" x", ""));
    }

    /** Its rows come one after the other. */
    private void openCutOut() throws Exception {
        hand.click("chapter-cut-out");
        hand.until("all of it is there", () -> hand.showsNow("cut-invert"));
        hand.rest();
    }

    /** Pulls on the small picture, in shares of its sides. */
    private void pull(double x, double y, double dx, double dy) throws Exception {
        Node frame = hand.node("cut-frame");
        Bounds box = Hand.onFx(frame::getBoundsInLocal);
        hand.drag(frame, x * box.getWidth(), y * box.getHeight(), dx * box.getWidth(), dy * box.getHeight());
    }

    @Test
    void partsAreDrawnOnThePictureAndTakenByTheirColour() throws Exception {
        hand.click("shelf-Gangway");
        bring();
        openCutOut();
        hand.click("cut-by-like");
        // The rusty patch, which hangs together.
        Node frame = hand.node("cut-frame");
        Bounds box = Hand.onFx(frame::getBoundsInLocal);
        hand.clickOn(frame, 0.9 * box.getWidth(), 0.8 * box.getHeight());
        assertThat(picture().cut().shapes()).hasSize(1);
        assertThat(picture().cut().shapes().getFirst().form()).isInstanceOf(CutShape.Form.Like.class);
        Raster taken = picture().cutOut(Work.plain());
        assertThat(taken.at(220, 130)).isEqualTo(RUST.argb());
        assertThat(taken.at(100, 40)).isZero();
        assertThat(taken.at(20, 40)).isZero();
        hand.click("cut-by-ellipse");
        pull(0.4, 0.3, 0.2, 0.3);
        assertThat(picture().cut().shapes()).hasSize(2);
        assertThat(picture().cutOut(Work.plain()).at(120, 72)).isEqualTo(SAIL.argb());
        hand.click("cut-subtract");
        hand.click("cut-by-outline");
        pull(0.8, 0.7, 0.1, 0.02);
        assertThat(picture().cut().shapes()).hasSize(3);
        assertThat(picture().cut().shapes().getLast().how()).isEqualTo(CutShape.How.SUBTRACT);
        hand.click("cut-less");
        assertThat(picture().cut().shapes()).hasSize(2);
        hand.write("feather-of-the-cut-out", "3mm");
        hand.write("cut-out-drawn-out", "-1mm");
        assertThat(picture().cut().featherMm()).isEqualTo(3);
        assertThat(picture().cut().growMm()).isEqualTo(-1);
        hand.write("feather-of-the-cut-out", "300mm");
        assertThat(picture().cut().featherMm()).as("100 mm at most").isEqualTo(3);
        hand.click("cut-invert");
        assertThat(picture().cutOut(Work.plain()).at(100, 10)).isEqualTo(SAIL.argb());
        hand.click("clear-paper");
        assertThat(picture().cut().paper()).contains(Paper.USUAL);
        hand.write("how-much-is-paper", "35");
        hand.write("dust-on-the-paper", "1.5");
        assertThat(picture().cut().paper()).contains(new Paper(0.35, 1.5));
        Path file = folder.resolve("cut.vatwright");
        ProjectFile.write(hand.studio().project(), file);
        assertThat(ProjectFile.read(file)).isEqualTo(hand.studio().project());
    }

    @Test
    void aPartIsTakenByPullingItsFrameAndTheWholePictureStays() throws Exception {
        hand.click("shelf-Gangway");
        bring();
        Raster whole = picture().picture().raster();
        openCutOut();
        Node frame = hand.node("cut-frame");
        pull(0.02, 0.5, 0.247, 0);
        assertThat(hand.text("undo")).isEqualTo("Undo: take a part of the picture");
        assertThat(picture().cut().left()).isEqualTo(0.25, within(0.02));
        assertThat(picture().cut().right()).isEqualTo(1);
        pull(0.987, 0.98, -0.247, -0.5);
        assertThat(picture().cut().right()).isEqualTo(0.75, within(0.02));
        assertThat(picture().cut().bottom()).isEqualTo(0.5, within(0.02));
        CutOut pulled = picture().cut();
        // Moved as far as it goes.
        pull(0.5, 0.25, 0.45, 0.7);
        assertThat(picture().cut().right()).isEqualTo(1);
        assertThat(picture().cut().bottom()).isEqualTo(1);
        assertThat(picture().cut().right() - picture().cut().left()).isEqualTo(pulled.right() - pulled.left(),
                within(1e-9));
        hand.press(KeyCode.LEFT);
        assertThat(picture().cut().right()).isEqualTo(0.99, within(1e-9));
        hand.press(KeyCode.SHIFT, KeyCode.UP);
        assertThat(picture().cut().bottom()).isEqualTo(0.99, within(1e-9));
        assertThat(hand.text("cut-told")).contains("% of it");
        assertThat(picture().picture().raster()).isSameAs(whole);
        assertThat(picture().widthPx()).isLessThan(130);
        hand.twice(frame, 100, 90);
        assertThat(picture().cut()).isEqualTo(CutOut.WHOLE);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(picture().cut().bottom()).isEqualTo(0.99, within(1e-9));
    }

    @Test
    void itsInksBecomeSlotsAreMergedByHandAndGoAgain() throws Exception {
        hand.click("shelf-Gangway");
        Design start = design();
        bring();
        hand.click("chapter-inks");
        hand.click("picture-few-inks");
        hand.until("inks are found", () -> !picture().reduced().isEmpty());
        // It has three colours, so there are no more inks.
        assertThat(picture().reduced()).extracting(Fill.Reduced::found).containsExactly(SAIL, SEA, RUST);
        assertThat(hand.text("undo")).isEqualTo("Undo: Sail in 3 inks");
        List<String> slots = design().palette().slots();
        assertThat(slots).containsAll(List.of("Sail 1", "Sail 2", "Sail 3"))
                .hasSize(start.palette().slots().size() + 3);
        assertThat(hand.text("picture-share-1")).startsWith("64.");
        hand.click("picture-ink-3");
        MenuButton chip = (MenuButton) hand.node("picture-ink-3");
        Hand.onFx(() -> {
            chip.getItems().stream().filter(i -> "Sail 2".equals(i.getText())).findFirst().orElseThrow().fire();
            chip.hide();
            return null;
        });
        assertThat(picture().reduced()).extracting(Fill.Reduced::ink)
                .containsExactly(Ink.slot("Sail 1"), Ink.slot("Sail 2"), Ink.slot("Sail 2"));
        assertThat(design().palette().slots()).as("what nothing shows is gone").doesNotContain("Sail 3");
        hand.write("inks-of-the-picture", "2");
        hand.until("fewer inks are found", () -> picture().reduced().size() == 2);
        assertThat(design().palette().slots()).hasSize(start.palette().slots().size() + 2);
        hand.click("picture-own-colours");
        assertThat(picture().reduced()).isEmpty();
        assertThat(design().palette()).isEqualTo(start.palette());
        hand.click("picture-few-inks");
        hand.until("inks are found once more", () -> picture().reduced().size() == 3);
    }

    @Test
    void aPictureThatIsDroppedIsALayerOrAMotifOfTheOpenMotifs() throws Exception {
        hand.click("shelf-Gangway");
        Project before = hand.studio().project();
        hand.click("stage-colour");
        hand.drop(Files.move(sail(), folder.resolve("Sail.PNG")));
        hand.until("the picture is read", () -> hand.studio().project() != before);
        assertThat(hand.text("undo")).isEqualTo("Undo: picture Sail");
        assertThat(hand.studio().selection().stage()).isEqualTo(Stage.BUILD);
        assertThat(hand.studio().layer().orElseThrow().structure()).isEqualTo(new Cover(new Ink.Filled("Sail")));

        hand.click("shelf-Terns");
        Project terns = hand.studio().project();
        int motifs = hand.studio().structure(Motifs.class).orElseThrow().motifs().size();
        hand.drop(sail());
        hand.until("the picture is read", () -> hand.studio().project() != terns);
        assertThat(hand.studio().structure(Motifs.class).orElseThrow().motifs()).hasSize(motifs + 1).last()
                .satisfies(m -> assertThat(m.name()).isEqualTo("Sail"));
    }

    @Test
    void inAnEmptyDesignTheCellBecomesAsLargeAsThePicture() throws Exception {
        hand.click("new-design");
        hand.outside.answers.add(sail());
        hand.twice(hand.node("read-cover-picture"));
        hand.until("the picture is read", () -> design().layers().size() == 1);
        assertThat(design().repeat().widthMm()).isEqualTo(240 * 0.254);
        assertThat(hand.shows("cover-closes")).isFalse();
        openCutOut();
        pull(0.987, 0.98, -0.333, -0.3);
        hand.click("chapter-cover");
        hand.until("it is told", () -> hand.showsNow("cover-closes"));
        assertThat(hand.text("cover-closes")).startsWith("Does not close; drawn at");
        hand.click("cover-cell-size");
        assertThat(design().repeat().widthMm()).isEqualTo(picture().widthMm());
        assertThat(design().repeat().heightMm()).isEqualTo(picture().heightMm());
        assertThat(hand.shows("cover-closes")).isFalse();
        assertThat(design().layers().getFirst().name()).isEqualTo("Sail");
        assertThat(Optional.of(design().layers().getFirst().structure())).contains(new Cover(new Ink.Filled("Sail")));
    }

    @Test
    void aPictureOfFewInksIsTurnedIntoShapesOfItsInks() throws Exception {
        hand.click("new-design");
        hand.outside.answers.add(sail());
        hand.twice(hand.node("read-cover-picture"));
        hand.until("the picture is read", () -> design().layers().size() == 1);
        hand.click("making-as-it-is");
        hand.click("chapter-inks");
        hand.click("picture-few-inks");
        hand.until("it is shown in three", () -> picture().reduced().size() == 3);
        List<Ink> inks = picture().reduced().stream().map(Fill.Reduced::ink).toList();
        hand.until("all of them are there", () -> hand.showsNow("picture-share-3"));
        hand.rest();
        hand.click("picture-shapes");
        hand.until("shapes are there", () -> design().layers().size() == 2);
        Motifs motifs = (Motifs) hand.studio().layer().orElseThrow().structure();
        assertThat(motifs.inks()).containsExactlyElementsOf(inks);
        assertThat(hand.text("undo")).isEqualTo("Undo: Sail as shapes");
        // The shapes alone show what the picture shows, but for its edges.
        Design whole = design();
        int[] shown = tile(whole.withLayers(List.of(whole.layers().get(0))));
        int[] drawn = tile(whole.withLayers(List.of(whole.layers().get(1))));
        int differ = 0;
        for (int i = 0; i < shown.length; i++) {
            differ += shown[i] == drawn[i] ? 0 : 1;
        }
        assertThat(differ).isLessThan(shown.length / 25);
    }

    private static int[] tile(Design design) {
        return TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.ofWidth(design.repeat().tile(), 240), Work.plain()).argb();
    }

    @Test
    void whatItHasOnEachArticleIsTold() throws Exception {
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withDesign(hand.studio().project().design(new Id("old-chart")).orElseThrow())
                    .withLayer(1));
            return null;
        });
        hand.until("it is told", () -> hand.showsNow("cover-picture"));
        assertThat(hand.text("cover-picture"))
                .endsWith("It has on Notice panel 74.9 dpi, on Wrapping paper 149.9 dpi.");
        Hand.onFx(() -> {
            hand.studio().edit("larger", p -> p.withArticles(p.articles().stream().map(a -> a.withEachLay(
                    l -> l.design().equals(new Id("old-chart")) ? l.withScale(2) : l)).toList()));
            return null;
        });
        hand.rest();
        assertThat(hand.text("cover-picture")).endsWith("on Wrapping paper 74.9 dpi.");
    }
}
