package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.vatwright.desktop.cloth.ClothImage;

import javafx.scene.image.Image;
import javafx.scene.image.PixelReader;

/** The field beside the cell. */
class WornByHandTest extends AtTheDemo {

    private static final int CELLS = 4;

    private ClothImage field() throws Exception {
        return (ClothImage) hand.node("worn").lookupAll("*").stream().filter(ClothImage.class::isInstance)
                .findFirst().orElseThrow();
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
