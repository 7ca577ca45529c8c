package org.vatwright.core.family.motif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.core.stitch.TrimForm.Touch;

/** Motifs as a trim, held against areas and places by hand. */
class TrimMarksTest {

    private static final Repeat CELL = new Repeat(120, 100, Arrangement.STRAIGHT);
    private static final String FRAME = "M 20 20 L 100 20 L 100 80 L 20 80 Z";

    private static Motif box(int id, double wide, double high) {
        return new Motif(id, "box " + id, List.of(new Part(new Form.Rectangle(wide, high, 0), Samples.MADDER)));
    }

    private static TrimForm form(double breadth) {
        return TrimForm.fresh(breadth).with().insetMm(0).build();
    }

    private static Motifs trim(String line, TrimForm form, Optional<Integer> corner, Motif... motifs) {
        return new Motifs(List.of(motifs), List.of(), new Placing.Trim(Outline.parse(line), corner, form),
                WallpaperGroup.P1);
    }

    private static List<Shape> shapes(Motifs motifs) {
        return motifs.drawing(CELL, Phase.OWN, Work.on(1)).groups().stream().flatMap(g -> g.marks().stream())
                .map(VectorMark::shape).toList();
    }

    /** By the trapezoid rule over the flattened outline. */
    private static double area(Shape shape) {
        double sum = 0;
        double[] c = new double[6];
        double[] first = new double[2];
        double[] last = new double[2];
        for (PathIterator it = shape.getPathIterator(null, 1e-4); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double[] to = kind == PathIterator.SEG_CLOSE ? first : new double[]{c[0], c[1]};
            if (kind == PathIterator.SEG_MOVETO) {
                first = to;
            } else {
                sum += (to[0] - last[0]) * (to[1] + last[1]) / 2;
            }
            last = to;
        }
        return Math.abs(sum);
    }

    private static double together(List<Shape> shapes) {
        Area all = new Area();
        shapes.forEach(s -> all.add(new Area(s)));
        return area(all);
    }

    @Test
    void theSameTrimOfOtherMotifsHasOtherRepeats() {
        // 12 mm broad: boxes of 10 x 10 are 12 long, boxes of 20 x 10 are 24.
        Motifs narrow = trim("M 0 50 L 96 50", form(12), Optional.empty(), box(1, 10, 10));
        Motifs wide = new Motifs(List.of(box(1, 20, 10)), List.of(), narrow.placing(), WallpaperGroup.P1);
        for (int again = 0; again < 2; again++) {
            assertThat(narrow.trimRun().orElseThrow().seen()).hasSize(8);
            assertThat(wide.trimRun().orElseThrow().seen()).hasSize(4);
        }
        assertThat(shapes(wide)).hasSize(4);
    }

    @Test
    void onAStraightLineWholeRepeatsStandSideBySide() {
        // 120 mm take thirteen repeats of 9 mm, each drawn out to 120 / 13.
        List<Shape> shapes = shapes(trim("M 0 50 L 120 50", form(6), Optional.empty(), box(1, 18, 12)));
        assertThat(shapes).hasSize(13);
        for (int i = 0; i < 13; i++) {
            Rectangle2D at = shapes.get(i).getBounds2D();
            assertThat(at.getMinX()).isEqualTo(i * 120.0 / 13, within(1e-9));
            assertThat(at.getMaxX()).isEqualTo((i + 1) * 120.0 / 13, within(1e-9));
            assertThat(at.getMinY()).isEqualTo(47, within(1e-9));
            assertThat(at.getMaxY()).isEqualTo(53, within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aMitredFrameIsFilledWithoutGapsAndNothingLiesOverAnother(boolean bent) {
        List<Shape> shapes = shapes(trim(FRAME, form(10).with().bent(bent).corner(Corner.MITRE).build(),
                Optional.empty(), box(1, 10, 10)));
        double frame = 90.0 * 70 - 70.0 * 50;
        assertThat(together(shapes)).isEqualTo(frame, within(0.01));
        assertThat(shapes.stream().mapToDouble(TrimMarksTest::area).sum()).isEqualTo(frame, within(0.01));
    }

    @Test
    void aMotifOfItsOwnTurnsTheCornersAndStandsNowhereElse() {
        Motifs motifs = trim(FRAME, form(10).withCorner(Corner.MOTIF), Optional.of(2), box(1, 10, 10), box(2, 4, 2));
        List<Rectangle2D> corners = new ArrayList<>();
        for (Shape s : shapes(motifs)) {
            Rectangle2D at = s.getBounds2D();
            if (Math.abs(at.getWidth() * at.getHeight() - 50) < 1e-6) {
                corners.add(at);
            }
        }
        assertThat(corners).extracting(r -> Math.rint(r.getCenterX()), r -> Math.rint(r.getCenterY()))
                .containsExactlyInAnyOrder(org.assertj.core.groups.Tuple.tuple(20.0, 20.0),
                        org.assertj.core.groups.Tuple.tuple(100.0, 20.0),
                        org.assertj.core.groups.Tuple.tuple(100.0, 80.0),
                        org.assertj.core.groups.Tuple.tuple(20.0, 80.0));
        // Between corners as broad as the trim 70 and 50 mm are left: seven repeats and five, twice.
        assertThat(motifs.trimRun().orElseThrow().seen()).hasSize(24);
        assertThat(motifs.placed(CELL).stream().filter(i -> i.motif() == 2)).hasSize(4);
        assertThat(motifs.without(2).placing()).isEqualTo(new Placing.Trim(Outline.parse(FRAME), Optional.empty(),
                form(10).withCorner(Corner.MOTIF)));
    }

    /** A box bent around a ring is a sector: its sides on two circles, its ends on two rays. */
    @ParameterizedTest
    @CsvSource({"30, 8", "20, 12"})
    void aBentBoxIsASectorOfTheRing(double r, double broad) {
        double k = r * 4 / 3 * Math.tan(Math.PI / 8);
        String ring = "M 60 %s C %s %s %s %s %s 50 C %s %s %s %s 60 %s C %s %s %s %s %s 50 C %s %s %s %s 60 %s Z"
                .formatted(50 - r, 60 + k, 50 - r, 60 + r, 50 - k, 60 + r, 60 + r, 50 + k, 60 + k, 50 + r, 50 + r,
                        60 - k, 50 + r, 60 - r, 50 + k, 60 - r, 60 - r, 50 - k, 60 - k, 50 - r, 50 - r);
        List<Shape> shapes = shapes(trim(ring, form(broad), Optional.empty(), box(1, 16, 8)));
        int count = (int) Math.rint(2 * Math.PI * r / (2 * broad));
        assertThat(shapes).hasSize(count);
        double[] c = new double[6];
        for (Shape shape : shapes) {
            double least = Double.MAX_VALUE;
            double most = 0;
            for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
                if (it.currentSegment(c) != PathIterator.SEG_CLOSE) {
                    double far = Math.hypot(c[0] - 60, c[1] - 50);
                    least = Math.min(least, far);
                    most = Math.max(most, far);
                }
            }
            // The four curves are no true circle: off by 0.03 % of its radius.
            assertThat(least).isEqualTo(r - broad / 2, within(0.02));
            assertThat(most).isEqualTo(r + broad / 2, within(0.02));
            assertThat(area(shape)).isEqualTo(2 * Math.PI * r * broad / count, within(0.1));
        }
        assertThat(together(shapes)).isEqualTo(2 * Math.PI * r * broad, within(0.6));
    }

    @Test
    void motifsTakeTurnsInOneBoxAndSingleOnesAreTreatedAlone() {
        TrimForm form = form(10).with().touched(Map.of(1, new Touch(0, 1, true), 2, new Touch(1.5, 0.5, false)))
                .build();
        List<Shape> shapes = shapes(trim("M 0 50 L 120 50", form, Optional.empty(), box(1, 10, 10), box(2, 4, 6)));
        assertThat(shapes).hasSize(11);
        assertThat(shapes.get(0).getBounds2D()).isEqualTo(new Rectangle2D.Double(0, 45, 10, 10));
        // The second is left out, the third half as large and slid, the fourth the smaller motif in its place.
        Rectangle2D third = shapes.get(1).getBounds2D();
        assertThat(third.getCenterX()).isEqualTo(26.5, within(1e-9));
        assertThat(third.getWidth()).isEqualTo(5, within(1e-9));
        Rectangle2D fourth = shapes.get(2).getBounds2D();
        assertThat(fourth.getCenterX()).isEqualTo(35, within(1e-9));
        assertThat(fourth.getWidth()).isEqualTo(4, within(1e-9));
        assertThat(fourth.getHeight()).isEqualTo(6, within(1e-9));
    }

    @Test
    void cutRepeatsEndWithTheLine() {
        List<Shape> shapes = shapes(trim("M 10 50 L 105 50", form(10).withWhole(false), Optional.empty(),
                box(1, 10, 10)));
        assertThat(shapes).hasSize(10);
        assertThat(shapes.getLast().getBounds2D().getMaxX()).isEqualTo(105, within(1e-9));
        assertThat(together(shapes)).isEqualTo(950, within(1e-6));
    }

    @Test
    void setByHandEachStandsWhereItStoodAndIsTurnedAsItWas() {
        Motifs motifs = trim(FRAME, form(10).with().bent(false).corner(Corner.MOTIF).build(), Optional.of(2),
                box(1, 10, 4), box(2, 8, 8));
        List<Shape> trim = shapes(motifs);
        List<Shape> byHand = shapes(motifs.setByHand(CELL));
        assertThat(byHand).hasSameSizeAs(trim);
        for (int i = 0; i < trim.size(); i++) {
            Rectangle2D a = trim.get(i).getBounds2D();
            Rectangle2D b = byHand.get(i).getBounds2D();
            assertThat(b.getCenterX()).isEqualTo(a.getCenterX(), within(1e-6));
            assertThat(b.getCenterY()).isEqualTo(a.getCenterY(), within(1e-6));
            // Drawn out along the line it was, which a motif set by hand is not.
            assertThat(Math.min(b.getWidth(), b.getHeight())).isEqualTo(Math.min(a.getWidth(), a.getHeight()),
                    within(0.8));
        }
    }

    /** A line that ends where it begins a cell on: moved by whole pixels it is the picture rolled. */
    @Test
    void aTrimAcrossTheEdgeHasNoSeam() {
        Motif pennant = new Motif(1, "pennant", List.of(new Part(new Form.Polygon(3, 4), Samples.MADDER)));
        String wave = "M %1$s 50 C %2$s 20 %3$s 20 %4$s 50 C %5$s 80 %6$s 80 %7$s 50";
        Raster first = painted(wave.formatted(0, 20, 40, 60, 80, 100, 120), pennant);
        Raster second = painted(wave.formatted(37, 57, 77, 97, 117, 137, 157), pennant);
        for (int y = 0; y < 100; y++) {
            for (int x = 0; x < 120; x++) {
                for (int shift = 0; shift < 32; shift += 8) {
                    assertThat(second.at((x + 37) % 120, y) >>> shift & 255).as("%d, %d", x, y)
                            .isCloseTo(first.at(x, y) >>> shift & 255, within(1));
                }
            }
        }
    }

    private static Raster painted(String line, Motif motif) {
        Design design = Samples.design(120, 100, Arrangement.STRAIGHT,
                trim(line, form(14), Optional.empty(), motif)).withGround(Ink.CLEAR);
        Raster raster = TileRenderer.render(new Cloth(design, Samples.morning()), new TileGrid(120, 100, 120, 100),
                Work.on(2));
        assertThat(Arrays.stream(raster.argb()).filter(p -> p != 0).count()).as("something is there").isPositive();
        return raster;
    }

    @Test
    void whatCannotBeIsTold() {
        assertThatThrownBy(() -> trim(FRAME, form(10), Optional.of(9), box(1, 10, 10))).isInstanceOf(Refusal.class)
                .hasMessage("there is no motif with the number 9 to turn corners with");
    }

    /** Thin motifs and long lines ask for more than can be drawn: refused at once. */
    @ParameterizedTest
    @CsvSource({"0, 0.01, 4", "3, 10, 0.5"})
    void whatIsTooMuchIsToldAtOnce(double inset, double wide, double broad) {
        Motifs motifs = trim("M 0 0 L 19000 0", form(broad).withInsetMm(inset), Optional.empty(), box(1, wide, 10));
        assertThatThrownBy(() -> motifs.drawing(CELL, Phase.OWN, Work.on(1))).isInstanceOf(Refusal.class)
                .hasMessage(
                        "the trim would have 20,000 repeats or more; it should be broader, its gaps wider or its line shorter");
    }

    @Test
    void aLineOfVeryManyPointsIsNotSetOff() {
        StringBuilder line = new StringBuilder("M 0 0");
        for (int i = 1; i < 9000; i++) {
            line.append(" L ").append(i).append(' ').append(i % 2 * 40);
        }
        Motifs motifs = trim(line.toString(), form(40).withInsetMm(1), Optional.empty(), box(1, 100, 1));
        assertThatThrownBy(() -> motifs.drawing(CELL, Phase.OWN, Work.on(1))).isInstanceOf(Refusal.class)
                .hasMessageContaining("is too much to be set off from its outline");
    }
}
