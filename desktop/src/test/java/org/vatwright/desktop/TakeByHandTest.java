package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.picture.Making;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.files.project.ProjectFile;

import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** Tiles taken of what there is, by mouse in the window. */
@Timeout(120)
class TakeByHandTest extends AtTheDemo {

    private Point2D at(double x, double y) throws Exception {
        Node cell = hand.node("cell");
        return Hand.onFx(() -> {
            Viewport v = ((ClothPane) cell).viewport();
            return cell.localToScene(v.pxX(x), v.pxY(y));
        });
    }

    private Fill.OfPicture picture() {
        return design().fills().getLast().picture().orElseThrow();
    }

    @Test
    void anAreaOfTheClothBecomesADesignAndTheSourceStaysAsItIs() throws Exception {
        hand.click("shelf-Buoys");
        Project before = hand.studio().project();
        Design buoys = design();
        hand.click("take");
        assertThat(hand.text("take-told")).startsWith("Draw an area");
        hand.dragBetween(at(5, 5), at(35, 25));
        assertThat(hand.text("take-told"))
                .matches("(29.5|30|30.5) x (19.5|20|20.5|21) mm, 3[45]\\d x 2[34]\\d px: into");
        hand.write("density-to-take-at", "150");
        hand.click("take-new-design");
        hand.until("it is there", () -> design().name().equals("From Buoys"));
        assertThat(design().repeat().widthMm()).isCloseTo(30, within(0.2));
        assertThat(picture().making()).contains(Making.HEAL);
        TakenFrom.OfDesign from = (TakenFrom.OfDesign) picture().from().orElseThrow();
        assertThat(from.design()).isEqualTo(buoys.id());
        assertThat(from.density()).isEqualTo(new Density(150));
        assertThat(from.area().x()).isCloseTo(5, within(0.6));
        assertThat(hand.studio().project().design(buoys.id())).contains(buoys);
        var file = folder.resolve("taken.vatwright");
        ProjectFile.write(hand.studio().project(), file);
        assertThat(ProjectFile.read(file)).isEqualTo(hand.studio().project());
        assertThat(undoAll()).isEqualTo(before);
    }

    /** The whole tile at the density of the picture is the tile, pixel by pixel, and closes as it is. */
    @Test
    void aDoubleClickTakesTheWholeTileWhichClosesAndIsTakenAgainWhenTheSourceHasChanged() throws Exception {
        hand.click("shelf-Buoys");
        Design buoys = design();
        hand.click("take");
        hand.write("density-to-take-at", "127");
        Point2D middle = at(20, 20);
        Node cell = hand.node("cell");
        Point2D inCell = Hand.onFx(() -> cell.sceneToLocal(middle));
        hand.twice(cell, inCell.getX(), inCell.getY());
        hand.click("take-new-design");
        hand.until("it is there", () -> design().name().equals("From Buoys"));
        Node again = hand.node("take-new-design");
        assertThat(Hand.onFx(again::isDisabled)).as("the area was drawn on the other design").isTrue();
        assertThat(picture().making()).isEmpty();
        Raster taken = picture().picture().raster();
        TileGrid grid = new TileGrid(taken.width(), taken.height(), buoys.repeat().tile().widthMm(),
                buoys.repeat().tile().heightMm());
        int[] tile = TileRenderer.render(new Cloth(buoys, buoys.palette().first()), grid, Work.plain()).argb();
        int differ = 0;
        for (int i = 0; i < tile.length; i++) {
            differ += tile[i] == taken.argb()[i] ? 0 : 1;
        }
        assertThat(differ).isLessThan(tile.length / 50);

        Design copy = design();
        Hand.onFx(() -> {
            hand.studio().edit("empty it", p -> p.edit(buoys.id(), d -> d.withLayers(List.of())));
            return null;
        });
        assertThat(picture().picture()).as("it does not follow by itself")
                .isEqualTo(copy.fills().getLast().picture().orElseThrow().picture());
        hand.click("take");
        hand.click("chapter-cover");
        hand.click("cover-how-it-lies");
        hand.click("take-again");
        hand.until("it is taken again", () -> !picture().picture().raster().equals(taken));
        int ground = buoys.palette().first().colours().get(buoys.palette().slot(buoys.ground().words())).argb();
        assertThat(picture().picture().raster().argb()).containsOnly(ground);
        assertThat(hand.text("undo")).isEqualTo("Undo: take again");
        Hand.onFx(() -> {
            hand.studio().edit("away with it", p -> p.withArticles(List.of()).withJobs(List.of())
                    .removeDesign(buoys.id()));
            return null;
        });
        hand.click("take-again");
        hand.until("it is refused", () -> hand.messageText().contains("no longer there"));
    }

    @Test
    void oneLayerIsTakenOnClearGroundIntoALayerOfTheSameDesign() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("take");
        hand.dragBetween(at(5, 5), at(25, 25));
        hand.click("take-alone");
        int count = design().layers().size();
        hand.click("take-new-layer");
        hand.until("it is there", () -> design().layers().size() == count + 1);
        assertThat(hand.studio().layer().orElseThrow().structure()).isInstanceOf(Cover.class);
        assertThat(((TakenFrom.OfDesign) picture().from().orElseThrow()).layer()).isPositive();
        assertThat(picture().picture().raster().argb()).as("clear around its marks").contains(0);
    }

    @Test
    void anAreaOfAnArticleIsTakenAsItIsDressed() throws Exception {
        hand.click("shelf-Gangway");
        hand.click("worn-Crew-apron");
        hand.click("take");
        Node worn = hand.node("worn");
        Point2D middle = hand.middle(worn);
        hand.dragBetween(middle.add(-40, -80), middle.add(20, -30));
        assertThat(hand.text("take-told")).contains(" mm, ");
        hand.click("take-new-design");
        hand.until("it is there", () -> design().name().equals("From Crew apron"));
        assertThat(picture().from().orElseThrow()).isInstanceOf(TakenFrom.OfArticle.class);
        assertThat(Arrays.stream(picture().picture().raster().argb()).distinct().count())
                .as("cloth and not one colour").isGreaterThan(3);
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project().designs()).extracting(Design::name).doesNotContain("From Crew apron");
    }

    @Test
    void whileAnAreaIsDrawnNothingIsPaintedAndRolledItSaysWhy() throws Exception {
        hand.click("shelf-Buoys");
        hand.addLayer("brush");
        Project before = hand.studio().project();
        hand.click("take");
        assertThat(hand.shows("brush-bar")).as("one thing at a time").isFalse();
        hand.dragBetween(at(5, 5), at(25, 25));
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.click("roll");
        hand.dragBetween(at(5, 5), at(25, 25));
        assertThat(hand.messageText()).contains("roll it back first");
        assertThat(hand.studio().project()).isEqualTo(before);
        hand.click("take");
        assertThat(hand.shows("brush-bar")).isTrue();
    }
}
