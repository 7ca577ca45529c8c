package org.vatwright.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlaneTest {

    /** Corners jumped to anyhow, so that outlines cross themselves many times. */
    private static Path2D tangle(Random random, int winding) {
        Path2D path = new Path2D.Double(winding);
        for (int ring = 0; ring < 2; ring++) {
            path.moveTo(random.nextDouble(40), random.nextDouble(40));
            for (int i = 0; i < 6; i++) {
                if (random.nextBoolean()) {
                    path.lineTo(random.nextDouble(40), random.nextDouble(40));
                } else {
                    path.quadTo(random.nextDouble(40), random.nextDouble(40), random.nextDouble(40),
                            random.nextDouble(40));
                }
            }
            path.closePath();
        }
        return path;
    }

    @ParameterizedTest
    @ValueSource(ints = {Path2D.WIND_EVEN_ODD, Path2D.WIND_NON_ZERO})
    void aTangleIsCutByItsOwnWindingRule(int winding) {
        Random random = new Random(5);
        for (int n = 0; n < 20; n++) {
            Path2D tangle = tangle(random, winding);
            Rectangle2D frame = new Rectangle2D.Double(10, 8, 20, 15);
            Shape cut = Plane.cut(tangle, frame, 0.01);
            int inside = 0;
            int wrong = 0;
            for (int i = 0; i < 4000; i++) {
                double x = random.nextDouble(40);
                double y = random.nextDouble(40);
                boolean wanted = frame.contains(x, y) && tangle.contains(x, y);
                inside += wanted ? 1 : 0;
                wrong += wanted == cut.contains(x, y) ? 0 : 1;
            }
            assertThat(wrong).as("of %d inside; only what lies next to a flattened curve may differ", inside)
                    .isLessThanOrEqualTo(12);
            assertThat(frame.createIntersection(cut.getBounds2D())).isEqualTo(cut.getBounds2D());
        }
    }

    @Test
    void anOffsetDiscHasTheAreaOfALargerOneAndItsHoleShrinks() {
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(new Ellipse2D.Double(-10, -10, 20, 20), false);
        ring.append(new Ellipse2D.Double(-4, -4, 8, 8), false);
        double area = Plane.offset(Plane.region(ring, 1e-4), 1).getArea();
        assertThat(area).isCloseTo(Math.PI * (11 * 11 - 3 * 3), within(0.1));
        assertThat(Plane.offset(Plane.region(ring, 1e-4), -3.1).isEmpty()).as("thinner than twice that").isTrue();
    }

    @Test
    void cornersStayCorners() {
        Shape grown = Plane.shape(Plane.offset(Plane.polygon(new double[]{0, 0, 10, 0, 10, 6, 0, 6}), 2));
        assertThat(grown.getBounds2D()).isEqualTo(new Rectangle2D.Double(-2, -2, 14, 10));
        assertThat(grown.contains(-1.99, -1.99)).isTrue();
    }

    @Test
    void whatLiesOutsideOrHasNoAreaLeavesNothing() {
        Rectangle2D frame = new Rectangle2D.Double(0, 0, 5, 5);
        Shape away = AffineTransform.getTranslateInstance(20, 0).createTransformedShape(frame);
        Path2D line = new Path2D.Double();
        line.moveTo(-3, 2);
        line.lineTo(9, 2);
        line.closePath();
        for (Shape shape : new Shape[]{away, line, new Path2D.Double()}) {
            assertThat(Plane.cut(shape, frame, 0.01).getPathIterator(null).isDone()).isTrue();
        }
    }
}
