package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.desktop.cloth.ClothImage;

import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.PixelReader;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;

/** The field beside the cell. */
class WornByHandTest extends AtTheDemo {

    private static final int CELLS = 4;

    private ClothImage field() throws Exception {
        return (ClothImage) hand.node("worn").lookupAll("*").stream().filter(ClothImage.class::isInstance)
                .findFirst().orElseThrow();
    }

    /** What is put into the window anew is styled anew; of many articles that takes longer than a hand waits. */
    @Test
    void theSmallPicturesOfOtherArticlesStayWhenOneComesIn() throws Exception {
        List<Node> before = pictures();
        assertThat(before).hasSizeGreaterThan(10);
        Hand.onFx(() -> {
            hand.studio().edit("add",
                    p -> p.addArticle(new Article.Sheet(Id.fresh(), "Chart", 200, 100, new Density(150),
                            Dressings.of(Article.Sheet.PIECE, Optional.empty()))));
            return null;
        });
        hand.rest();
        List<Node> after = pictures();
        assertThat(after).hasSize(before.size() + 1).startsWith(before.toArray(Node[]::new));
        assertThat(after.getLast().getId()).isEqualTo("worn-Chart");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(pictures()).isEqualTo(before);
    }

    private List<Node> pictures() throws Exception {
        Node worn = hand.node("worn");
        return Hand.onFx(() -> List.copyOf(((Pane) worn.lookup(".bare-scroll .thumb").getParent()).getChildren()));
    }

    /** Facets of a pixel or two: lain half a pixel off, they are seen as something else. */
    @Test
    void eachRepeatOfTheFieldIsAsSharpAsTheFirst() throws Exception {
        hand.click("shelf-Spray");
        ClothImage field = field();
        hand.until("the true picture is there", field::settled);
        hand.rest();
        Image image = Hand.onFx(field::getImage);
        int cell = (int) Math.rint(Math.max(image.getWidth(), image.getHeight()) / CELLS);
        int last = cell * ((int) image.getWidth() / cell - 1);
        PixelReader pixels = image.getPixelReader();
        int seen = 0;
        for (int y = 0; y < cell; y++) {
            for (int x = 0; x < cell; x++) {
                assertThat(Integer.toHexString(pixels.getArgb(x + last, y))).as("%d, %d", x, y)
                        .isEqualTo(Integer.toHexString(pixels.getArgb(x, y)));
                seen += pixels.getArgb(x, y) == pixels.getArgb(0, 0) ? 0 : 1;
            }
        }
        assertThat(seen).as("something is seen").isGreaterThan(cell * cell / 10);
    }
}
