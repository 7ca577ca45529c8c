package org.vatwright.desktop.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.OnToolkit;

@Timeout(60)
class ClothImageTest {

    private static final int MADDER = 0xFFB4472F;
    private static final int WOAD = 0xFF3F7D5A;
    private static final int HALF_MADDER = 0x805A2318;

    private static Raster full(int argb, int w, int h) {
        Raster raster = new Raster(w, h);
        Arrays.fill(raster.argb(), argb);
        return raster;
    }

    private static void draw(ClothImage image, Object whose, int argb, int w, int h, CountDownLatch after)
            throws Exception {
        OnToolkit.run(() -> {
            start(image, whose, argb, w, h, after);
            return null;
        });
    }

    private static void start(ClothImage image, Object whose, int argb, int w, int h, CountDownLatch after) {
        image.of(whose);
        image.draw(argb, (fineness, work) -> {
            try {
                assertThat(after.await(20, TimeUnit.SECONDS)).isTrue();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            return full(argb, w, h);
        }, w, h);
    }

    private static void until(ClothImage image, int argb) throws Exception {
        while (OnToolkit.run(() -> image.argb(1, 1)) != argb) {
            Thread.sleep(10);
        }
    }

    private static ClothImage inMadder() throws Exception {
        ClothImage image = OnToolkit.run(ClothImage::new);
        draw(image, "A", MADDER, 8, 6, atOnce());
        until(image, MADDER);
        return image;
    }

    private static CountDownLatch atOnce() {
        return new CountDownLatch(0);
    }

    @Test
    void itShowsThePixelsThatWereDrawnAlsoInTheSamePlace() throws Exception {
        ClothImage image = inMadder();
        Object first = OnToolkit.run(image::getImage);
        draw(image, "A", WOAD, 8, 6, atOnce());
        until(image, WOAD);
        assertThat((Object) OnToolkit.run(image::getImage)).as("of one size: no new image").isSameAs(first);
        draw(image, "A", HALF_MADDER, 9, 6, atOnce());
        while (OnToolkit.run(() -> image.getImage().getWidth()) != 9) {
            Thread.sleep(10);
        }
        int argb = OnToolkit.run(() -> image.argb(1, 1));
        assertThat(argb >>> 24).isEqualTo(0x80);
        assertThat(argb >> 16 & 255).as("given back as it was before it was multiplied").isBetween(0xB2, 0xB5);
    }

    @Test
    void whatHasThePixelsOfTheScreenIsNotSmoothed() throws Exception {
        ClothImage image = inMadder();
        assertThat(OnToolkit.run(image::isSmooth)).isFalse();
        OnToolkit.run(() -> {
            image.draw("coarse", (fineness, work) -> full(WOAD, 4, 3), 8, 6);
            return null;
        });
        until(image, WOAD);
        assertThat(OnToolkit.run(image::isSmooth)).as("stretched").isTrue();
    }

    @Test
    void thePictureOfSomethingElseStaysForAMomentOnly() throws Exception {
        ClothImage image = inMadder();
        CountDownLatch slow = new CountDownLatch(1);
        int next = OnToolkit.run(() -> {
            start(image, "B", WOAD, 8, 6, slow);
            return image.argb(1, 1);
        });
        assertThat(next).as("no blink").isEqualTo(MADDER);
        until(image, 0);
        slow.countDown();
        until(image, WOAD);
        Thread.sleep(400);
        assertThat(OnToolkit.run(() -> image.argb(1, 1))).as("its own stays").isEqualTo(WOAD);
    }

    @Test
    void aPictureThatComesWhenSomethingElseIsChosenIsNotShown() throws Exception {
        ClothImage image = inMadder();
        CountDownLatch late = new CountDownLatch(1);
        draw(image, "A", WOAD, 8, 6, late);
        CountDownLatch slow = new CountDownLatch(1);
        draw(image, "B", HALF_MADDER, 8, 6, slow);
        until(image, 0);
        late.countDown();
        Thread.sleep(400);
        assertThat(OnToolkit.run(() -> image.argb(1, 1))).as("not that of A any more").isZero();
        slow.countDown();
        while (OnToolkit.run(() -> image.argb(1, 1)) == 0) {
            Thread.sleep(10);
        }
    }

    @Test
    void whatLooksTheSameInBothIsShown() throws Exception {
        ClothImage image = inMadder();
        CountDownLatch slow = new CountDownLatch(1);
        draw(image, "A", WOAD, 8, 6, slow);
        draw(image, "B", WOAD, 8, 6, slow);
        slow.countDown();
        until(image, WOAD);
    }

    @Test
    void ofOneThingThePictureBeforeStaysHoweverLongTheNextTakes() throws Exception {
        ClothImage image = inMadder();
        CountDownLatch slow = new CountDownLatch(1);
        draw(image, "A", WOAD, 8, 6, slow);
        Thread.sleep(500);
        assertThat(OnToolkit.run(() -> image.argb(1, 1))).isEqualTo(MADDER);
        slow.countDown();
        until(image, WOAD);
    }
}
