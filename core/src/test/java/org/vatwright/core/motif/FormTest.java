package org.vatwright.core.motif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.shape.Dashes;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.shape.Plane;

/** Forms held against what geometry says of them. */
class FormTest {

    private static double area(Shape shape) {
        return Plane.region(shape, 1e-4).getArea();
    }

    private static double triangle(int sides, double outer, double inner) {
        return sides * outer * inner * Math.sin(Math.PI / sides * (outer == inner ? 2 : 1));
    }

    static Stream<Object[]> areas() {
        double quarter = Math.PI / 4;
        return Stream.of(new Object[]{new Form.Rectangle(8, 5, 0), 40.0},
                new Object[]{new Form.Rectangle(8, 5, 2), 40 - (4 - Math.PI) * 4},
                new Object[]{new Form.Ellipse(8, 5), quarter * 40},
                new Object[]{new Form.Ring(10, 0.6), quarter * 100 * (1 - 0.36)},
                new Object[]{new Form.Wedge(10, 90), quarter * 25},
                new Object[]{new Form.Wedge(10, 300), quarter * 100 * 300 / 360},
                // n triangles of two radii; a star has two a point, between the radii.
                new Object[]{new Form.Polygon(6, 10), triangle(6, 5, 5) / 2},
                new Object[]{new Form.Polygon(3, 10), triangle(3, 5, 5) / 2},
                new Object[]{new Form.Star(5, 10, 0.45), triangle(5, 5, 2.25)});
    }

    @ParameterizedTest
    @MethodSource("areas")
    void aFormHasTheAreaOfItsNumbers(Form form, double wanted) {
        assertThat(area(form.shape())).isCloseTo(wanted, within(wanted * 1e-3));
    }

    @Test
    void everyFormStandsAroundItsMiddleAndGrowsEvenly() {
        for (Form form : Form.examples(12)) {
            Rectangle2D box = form.shape().getBounds2D();
            boolean round = !(form instanceof Form.Star || form instanceof Form.Wedge);
            if (round) {
                assertThat(box.getCenterX()).as(form.name()).isCloseTo(0, within(1e-6));
                assertThat(box.getCenterY()).as(form.name()).isCloseTo(0, within(1e-6));
            }
            assertThat(Math.max(box.getWidth(), box.getHeight())).as(form.name()).isLessThanOrEqualTo(12 + 1e-9);
            Form twice = Form.examples(24).stream().filter(f -> f.getClass() == form.getClass()).findFirst()
                    .orElseThrow();
            assertThat(area(twice.shape()) / area(form.shape())).as(form.name()).isCloseTo(4, within(0.01));
        }
    }

    /** What is filled must not depend on the rule: outlines do not cross, holes run the other way round. */
    @Test
    void outlinesAreTheSameByEitherWindingRule() {
        for (Form form : Form.examples(9)) {
            PathIterator it = form.shape().getPathIterator(null);
            java.awt.geom.Path2D other = new java.awt.geom.Path2D.Double(
                    it.getWindingRule() == PathIterator.WIND_EVEN_ODD
                            ? PathIterator.WIND_NON_ZERO
                            : PathIterator.WIND_EVEN_ODD);
            other.append(it, false);
            assertThat(area(other)).as(form.name()).isCloseTo(area(form.shape()), within(1e-6));
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 5, width", "6000, 5, width", "5, 0.001, height"})
    void sizesThatCannotBeAreRefusedByName(double width, double height, String said) {
        assertThatThrownBy(() -> new Form.Ellipse(width, height)).isInstanceOf(Refusal.class)
                .hasMessageContaining(said);
    }

    @Test
    void numbersThatMakeNoShapeAreRefused() {
        assertThatThrownBy(() -> new Form.Rectangle(8, 4, 2.1)).hasMessageContaining("corner radius");
        assertThatThrownBy(() -> new Form.Ring(8, 1)).hasMessageContaining("hole");
        assertThatThrownBy(() -> new Form.Wedge(8, 360)).hasMessageContaining("sweep");
        assertThatThrownBy(() -> new Form.Polygon(2, 8)).hasMessageContaining("sides");
        assertThatThrownBy(() -> new Form.Star(61, 8, 0.5)).hasMessageContaining("points");
        assertThatThrownBy(() -> new Form.Star(5, 8, 0.01)).hasMessageContaining("inner corners");
    }

    @Test
    void aPartIsLeantScaledTurnedAndSet() {
        Part part = new Part(new Form.Rectangle(10, 4, 0), Samples.NAVY).withScale(2, 1).withTurn(90).at(30, 7);
        Rectangle2D box = part.shape().getBounds2D();
        assertThat(box.getWidth()).isCloseTo(4, within(1e-9));
        assertThat(box.getHeight()).isCloseTo(20, within(1e-9));
        assertThat(box.getCenterX()).isCloseTo(30, within(1e-9));
        assertThat(box.getCenterY()).isCloseTo(7, within(1e-9));
        Part flipped = part.withTurn(0).withScale(-1, 1);
        assertThat(flipped.place().getDeterminant()).isCloseTo(-1, within(1e-9));
        assertThat(area(part.withShear(30).shape())).as("leaning keeps the area")
                .isCloseTo(area(part.shape()), within(1e-6));
    }

    /** Counter-clockwise as seen, y down: a point on the right goes up. */
    @Test
    void turnsRunCounterClockwiseAsSeen() {
        Part part = new Part(new Form.Rectangle(2, 2, 0), Samples.NAVY).withTurn(90);
        double[] right = {1, 0};
        part.place().transform(right, 0, right, 0, 1);
        assertThat(right[0]).isCloseTo(0, within(1e-9));
        assertThat(right[1]).isCloseTo(-1, within(1e-9));
    }

    private static List<VectorMark> marks(Part part) {
        return new Motif(1, "One", List.of(part)).marks();
    }

    @Test
    void anOutlineIsAMarkOfItsOwnAboveTheFill() {
        Part.Edge edge = new Part.Edge(Samples.MADDER, 1, Part.Join.MITER, Part.Cap.BUTT, List.of());
        Part part = new Part(new Form.Rectangle(10, 6, 0), Samples.NAVY).withEdge(Optional.of(edge));
        List<VectorMark> marks = marks(part);
        assertThat(marks).extracting(VectorMark::inks).containsExactly(List.of(Samples.NAVY), List.of(Samples.MADDER));
        assertThat(area(marks.get(1).shape())).as("a millimetre along the sides").isCloseTo(11 * 7 - 9 * 5,
                within(1e-6));
        List<VectorMark> bare = marks(part.withFill(Ink.CLEAR));
        assertThat(bare).hasSize(1);
        assertThat(marks(part.withEdge(Optional.of(new Part.Edge(Ink.CLEAR, 1, Part.Join.MITER, Part.Cap.BUTT,
                List.of()))))).hasSize(1);
    }

    @Test
    void dashesLeaveGapsAndAnOddNumberOfThemIsTakenTwice() {
        Form line = new Form.Rectangle(100, 40, 0);
        double whole = edgeArea(line, List.of());
        assertThat(edgeArea(line, List.of(4.0, 4.0)) / whole).isCloseTo(0.5, within(0.02));
        assertThat(edgeArea(line, List.of(6.0, 2.0)) / whole).isCloseTo(0.75, within(0.02));
        assertThat(edgeArea(line, List.of(5.0)) / whole).isCloseTo(0.5, within(0.02));
    }

    private static double edgeArea(Form form, List<Double> dashes) {
        Part.Edge edge = new Part.Edge(Samples.MADDER, 1, Part.Join.BEVEL, Part.Cap.BUTT, dashes);
        return area(marks(new Part(form, Ink.CLEAR).withEdge(Optional.of(edge))).getFirst().shape());
    }

    @Test
    void aMotifIsAsWideAsAllItsPartsAndMovesWithThem() {
        Motif motif = new Motif(3, "Two", List.of(new Part(new Form.Ellipse(4, 4), Samples.NAVY).at(-8, 0),
                new Part(new Form.Ellipse(4, 4), Samples.MADDER).at(8, 3)));
        assertThat(motif.bounds()).isEqualTo(new Rectangle2D.Double(-10, -2, 20, 7));
        assertThat(motif.radiusMm()).isCloseTo(Math.hypot(8, 3) + 2, within(0.05));
        assertThat(motif.inked(i -> Samples.LINEN).inks()).containsOnly(Samples.LINEN);
        VectorMark moved = motif.marks().getFirst().moved(AffineTransform.getTranslateInstance(5, 5));
        assertThat(moved.shape().getBounds2D().getCenterX()).isCloseTo(-3, within(1e-9));
    }

    @Test
    void aPathThatGoesFartherThanAnyCellIsRefused() {
        assertThatThrownBy(() -> new Form.Free(Outline.parse("M 0 0 L 5 0 L 5 1e9 Z"))).isInstanceOf(Refusal.class)
                .hasMessageContaining("a path reaches to").hasMessageContaining("20,000 mm");
        assertThat(new Form.Free(Outline.parse("M 0 0 L 5 0 L 5 15000 Z")).shape().getBounds2D().getHeight())
                .isEqualTo(15_000);
    }

    /** Many thousand dashes of a hundredth of a millimetre fill the memory and look like none. */
    @Test
    void dashesTooFineToBeToldApartAreAWholeLine() {
        Form line = new Form.Rectangle(100, 40, 0);
        assertThat(edgeArea(line, List.of(0.01, 0.01))).isEqualTo(edgeArea(line, List.of()));
        assertThat(Dashes.tooFine(line.shape(), 280.0 / Dashes.MOST + 1e-6, 1)).isFalse();
        assertThat(Dashes.tooFine(line.shape(), 280.0 / Dashes.MOST - 1e-6, 1)).isTrue();
    }
}
