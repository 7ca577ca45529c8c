package org.vatwright.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlineAreaTest {

    @ParameterizedTest
    @CsvSource({"'M 0 0 L 30 0 L 30 20 L 0 20 Z', 600", "'M 0 0 L 0 20 L 30 20 L 30 0 Z', 600",
            "'M 0 0 L 30 0 L 30 20 L 0 20', 600", "'M 0 0 L 10 0 Z', 0", "'M 5 5 L 5 5', 0",
            // A square with a square hole that runs the other way round, and beside it another square.
            "'M 0 0 L 30 0 L 30 30 L 0 30 Z M 10 10 L 10 20 L 20 20 L 20 10 Z M 50 0 L 60 0 L 60 10 L 50 10 Z', 900",
            // The same way round it is no hole.
            "'M 0 0 L 30 0 L 30 30 L 0 30 Z M 10 10 L 20 10 L 20 20 L 10 20 Z', 900",
            // Two that lie over each other count once; a bow tie counts both its halves.
            "'M 0 0 L 20 0 L 20 20 L 0 20 Z M 10 0 L 30 0 L 30 20 L 10 20 Z', 600",
            "'M 0 0 L 20 20 L 20 0 L 0 20 Z', 200"})
    void itIsWhatIsFilled(String data, double area) {
        assertThat(Outline.parse(data).area()).isCloseTo(area, within(1e-6));
    }

    @Test
    void ofACurveItIsNearlyExactWhereverItLies() {
        Outline round = Outline.of(new Ellipse2D.Double(100, -40, 60, 30),
                AffineTransform.getRotateInstance(0.7, 20, 30));
        assertThat(round.area()).isCloseTo(Math.PI * 30 * 15, within(2.0));
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(new Ellipse2D.Double(0, 0, 100, 100), false);
        ring.append(new Ellipse2D.Double(20, 20, 60, 60), false);
        assertThat(Outline.of(ring).area()).isCloseTo(Math.PI * (2500 - 900), within(4.0));
    }

    @ParameterizedTest
    @CsvSource({"'M 0 0 L 30 0 L 30 20 L 3 4', 5", "'M 0 0 L 30 0 L 30 20 Z', 0",
            "'M 0 0 L 9 0 L 9 9 Z M 0 0 L 8 0 L 0 6 M 5 5 L 6 5 L 5 6 Z', 6"})
    void itTellsHowFarItsEndsLieApart(String data, double gap) {
        assertThat(Outline.parse(data).gapMm()).isCloseTo(gap, within(1e-9));
    }
}
