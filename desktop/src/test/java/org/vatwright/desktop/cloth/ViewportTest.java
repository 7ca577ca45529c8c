package org.vatwright.desktop.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;

import org.junit.jupiter.api.Test;

class ViewportTest {

    @Test
    void whatFitsStandsInTheMiddleAndTouchesTheNearerSides() {
        Viewport v = Viewport.fitting(200, 100, 40, 20, 600, 500);
        assertThat(v.pxPerMm()).isEqualTo(3);
        assertThat(v.pxX(0)).isEqualTo(40);
        assertThat(v.pxX(200)).isEqualTo(640);
        assertThat(v.pxY(50)).as("the middle").isEqualTo(270);
    }

    @Test
    void scalesStayWithinWhatCanBeDrawn() {
        assertThat(Viewport.fitting(1e9, 1, 0, 0, 500, 500).pxPerMm()).isEqualTo(0.01);
        assertThat(Viewport.fitting(0.001, 0.001, 0, 0, 500, 500).pxPerMm()).isEqualTo(400);
        Viewport near = new Viewport(0, 0, 399).zoomed(5, 10, 10);
        assertThat(near.pxPerMm()).isEqualTo(400);
        assertThat(near.mmX(10)).as("even so the place under the pointer stays").isCloseTo(10 / 399.0, within(1e-9));
    }

    @Test
    void aPlaceUnderThePointerStaysThereHoweverItIsScaledAndMmAndPixelsAgree() {
        Random random = new Random(4);
        for (int n = 0; n < 200; n++) {
            Viewport v = new Viewport(random.nextDouble(900) - 450, random.nextDouble(900) - 450,
                    0.05 + random.nextDouble(20));
            double px = random.nextDouble(800);
            double py = random.nextDouble(600);
            Viewport zoomed = v.zoomed(0.3 + random.nextDouble(4), px, py);
            assertThat(zoomed.mmX(px)).isCloseTo(v.mmX(px), within(1e-6));
            assertThat(zoomed.mmY(py)).isCloseTo(v.mmY(py), within(1e-6));
            assertThat(zoomed.pxX(zoomed.mmX(px))).isCloseTo(px, within(1e-6));
            Viewport moved = v.moved(7, -3);
            assertThat(moved.pxX(11)).isCloseTo(v.pxX(11) + 7, within(1e-9));
            assertThat(moved.pxY(11)).isCloseTo(v.pxY(11) - 3, within(1e-9));
        }
    }
}
