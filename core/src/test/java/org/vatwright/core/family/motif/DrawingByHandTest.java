package org.vatwright.core.family.motif;

import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.EdgeSight;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.shape.Outline;

/** What a hand does to the parts of a motif. */
class DrawingByHandTest {

    private static Part rectangle(double x, double y, double w, double h) {
        return new Part(new Form.Rectangle(w, h, 0), Samples.NAVY).at(x, y);
    }

    private static double area(Area area) {
        double sum = 0;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (var it = area.getPathIterator(null, 1e-4); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double toX = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startX : c[0];
            double toY = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startY : c[1];
            if (kind == java.awt.geom.PathIterator.SEG_MOVETO) {
                startX = toX;
                startY = toY;
            } else {
                sum += (x * toY - toX * y) / 2;
            }
            x = toX;
            y = toY;
        }
        return Math.abs(sum);
    }

    /** Whatever is done about whatever point, the part is the same figure as the map makes of it. */
    @Test
    void anyMapOfAPartIsAPart() {
        Random random = new Random(11);
        for (int n = 0; n < 300; n++) {
            Part part = new Part(Form.examples(8).get(n % Form.examples(8).size()), Samples.NAVY)
                    .at(random.nextInt(20), random.nextInt(20)).withTurn(random.nextInt(360))
                    .withScale(random.nextBoolean() ? -1.5 : 0.7, 1.2).withShear(random.nextInt(60) - 30);
            AffineTransform by = Arranging.about(random.nextInt(30), random.nextInt(30), random.nextInt(360),
                    random.nextBoolean() ? -1 : 0.5 + random.nextDouble(), 0.5 + random.nextDouble(),
                    random.nextInt(40) - 20);
            Part moved;
            try {
                moved = part.moved(by);
            } catch (Refusal e) {
                assertThat(e).hasMessageContaining("shear");
                continue;
            }
            AffineTransform wanted = new AffineTransform(by);
            wanted.concatenate(part.place());
            double[] a = new double[6];
            double[] b = new double[6];
            wanted.getMatrix(a);
            moved.place().getMatrix(b);
            assertThat(b).containsExactly(a, within(1e-9));
        }
        assertThat(rectangle(3, 4, 2, 2).moved(AffineTransform.getTranslateInstance(1, 1)))
                .isEqualTo(rectangle(4, 5, 2, 2));
    }

    @Test
    void partsComeInLineWithEqualGapsAndGroupsMoveAsOne() {
        Motif motif = new Motif(1, "Row", List.of(rectangle(0, 0, 4, 2), rectangle(10, 3, 2, 2),
                rectangle(30, -5, 6, 4), rectangle(32, -5, 2, 8)));
        Set<Integer> all = Set.of(0, 1, 2);
        Motif top = Arranging.aligned(motif, all, Arranging.Line.TOP);
        assertThat(all).allSatisfy(i -> assertThat(top.parts().get(i).shape().getBounds2D().getMinY()).isEqualTo(-7));
        Motif even = Arranging.distributed(motif, all, true);
        // From -2 to 33 with 12 of shapes: two gaps of 11.5.
        assertThat(even.parts().get(1).x()).isEqualTo(2 + 11.5 + 1, within(1e-9));
        assertThat(even.parts().get(0).x()).isEqualTo(0);
        assertThat(even.parts().get(2).x()).isEqualTo(30, within(1e-9));
        assertThatThrownBy(() -> Arranging.distributed(motif, Set.of(0, 1), true)).hasMessageContaining("three");
        Motif grouped = Arranging.grouped(motif, Set.of(2, 3), true);
        assertThat(Arranging.whole(grouped, Set.of(3))).containsExactlyInAnyOrder(2, 3);
        Motif left = Arranging.aligned(grouped, Set.of(0, 2, 3), Arranging.Line.LEFT);
        assertThat(left.parts().get(3).x() - left.parts().get(2).x()).isEqualTo(2, within(1e-9));
        assertThat(Arranging.box(left, Set.of(2, 3)).getMinX()).isEqualTo(-2, within(1e-9));
        // One alone is set to the motif's own middle.
        assertThat(Arranging.aligned(motif, Set.of(1), Arranging.Line.MIDDLE).parts().get(1).x()).isZero();
    }

    @Test
    void whatIsMovedRestsOnEdgesMiddlesAndPointsAndSaysWhy() {
        Motif motif = new Motif(1, "Rest", List.of(rectangle(20, 20, 4, 4), rectangle(0, 0, 2, 2),
                new Part(new Form.Free(Outline.parse("M 40 31 L 50 35 L 45 60 Z")), Samples.NAVY)));
        Arranging.Snap edge = Arranging.snap(motif, Set.of(1), new Rectangle2D.Double(22.3, 3, 2, 2), 0.5,
                Arranging.GuideMarks.NONE);
        assertThat(edge.dx()).isEqualTo(-0.3, within(1e-9));
        assertThat(edge.why()).isEqualTo("at the edge of rectangle");
        assertThat(edge.down()).isEmpty();
        Arranging.Snap middle = Arranging.snap(motif, Set.of(1), new Rectangle2D.Double(-1.2, 18.9, 2, 2), 0.5,
                Arranging.GuideMarks.NONE);
        assertThat(middle.dx()).isEqualTo(0.2, within(1e-9));
        assertThat(middle.dy()).isEqualTo(0.1, within(1e-9));
        assertThat(middle.why()).isEqualTo("on the motif's middle");
        Arranging.Snap point = Arranging.snap(motif, Set.of(1), new Rectangle2D.Double(60, 34.2, 2, 2), 0.5,
                Arranging.GuideMarks.NONE);
        assertThat(point.down().orElseThrow().why()).isEqualTo("level with a point of free");
        Arranging.Snap guide = Arranging.snap(motif, Set.of(1), new Rectangle2D.Double(30.1, 50, 2, 2), 0.5,
                new Arranging.GuideMarks(List.of(32.0), List.of()));
        assertThat(guide.dx()).isEqualTo(-0.1, within(1e-9));
        assertThat(guide.why()).isEqualTo("on a guide");
        assertThat(Arranging
                .snap(motif, Set.of(1), new Rectangle2D.Double(70, 70, 2, 2), 0.5, Arranging.GuideMarks.NONE).why())
                .isEmpty();
    }

    @Test
    void aPathByItsPointsComesBackAndIsChangedPointByPoint() {
        for (Form form : Form.examples(10)) {
            Outline outline = Outline.of(form.shape());
            Outline again = FreePath.of(outline).outline();
            Area difference = new Area(outline.path());
            difference.exclusiveOr(new Area(again.path()));
            assertThat(area(difference)).as(form.name()).isLessThan(1e-6);
        }
        FreePath ellipse = FreePath.of(Outline.of(new Form.Ellipse(20, 10).shape()));
        assertThat(ellipse.runs()).singleElement().satisfies(r -> {
            assertThat(r.closed()).isTrue();
            assertThat(r.points()).hasSize(4).allMatch(FreePath.Point::smooth);
        });
        // A point more leaves the figure as it is.
        Random random = new Random(3);
        FreePath more = ellipse;
        for (int n = 0; n < 6; n++) {
            more = more.split(more.nearest(random.nextInt(20) - 10, random.nextInt(10) - 5));
        }
        assertThat(more.runs().getFirst().points()).hasSize(10);
        Area same = new Area(more.outline().path());
        same.exclusiveOr(new Area(ellipse.outline().path()));
        assertThat(area(same)).isLessThan(1e-4);
        // The other handle of a smooth point turns with the one that is pulled.
        FreePath.Point pulled = ellipse.point(0, 0).withHandle(true, ellipse.point(0, 0).x() + 3,
                ellipse.point(0, 0).y() + 4);
        assertThat(pulled.inX() - pulled.x()).isEqualTo(-0.6 * Math.hypot(pulled.inX() - pulled.x(),
                pulled.inY() - pulled.y()), within(1e-9));
        FreePath corner = ellipse.turned(0, 1);
        assertThat(corner.point(0, 1)).isEqualTo(FreePath.Point.corner(corner.point(0, 1).x(), corner.point(0, 1).y()));
        assertThat(corner.turned(0, 1).point(0, 1).smooth()).isTrue();
        List<FreePath> fewer = new ArrayList<>(List.of(ellipse));
        for (int n = 0; n < 5; n++) {
            fewer.add(fewer.getLast().without(0, 0));
        }
        assertThat(fewer.getLast().runs().getFirst().points()).hasSize(2);
    }

    @Test
    void edgesThatLieOnEachOtherAndSliversBetweenThemAreSeen() {
        // The second shares a whole side with the first, the third leaves 0.1 mm beside the second.
        Motif motif = new Motif(1, "Boards", List.of(rectangle(0, 0, 4, 10), rectangle(4, 1, 4, 6),
                rectangle(8.1, 0, 4, 20)));
        EdgeSight sight = EdgeSight.of(motif);
        assertThat(sight.doubledMm()).isEqualTo(6, within(1e-9));
        assertThat(sight.gappedMm()).isEqualTo(6, within(1e-9));
        assertThat(sight.stretches()).filteredOn(s -> !s.doubled()).singleElement()
                .satisfies(s -> assertThat(s.gapMm()).isEqualTo(0.1, within(1e-9)));
        Motif turned = Arranging.moved(motif, Set.of(0, 1, 2), Arranging.about(3, 3, 31, 1, 1, 0));
        assertThat(EdgeSight.of(turned).doubledMm()).isEqualTo(6, within(1e-6));
        assertThat(EdgeSight.of(new Motif(1, "Apart", List.of(rectangle(0, 0, 4, 4), rectangle(9, 0, 4, 4))))
                .stretches()).isEmpty();
    }
}
