package org.vatwright.core.family.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

class FlowLinesTest {

    private static FlowLines any(Random random) {
        List<Knot> knots = new ArrayList<>();
        int count = 1 + random.nextInt(5);
        for (int i = 0; i < count; i++) {
            knots.add(new Knot(i * 100.0 / count, 10 + random.nextInt(20), 5 + random.nextInt(10),
                    random.nextInt(20) - 10, 0.5 + random.nextDouble()));
        }
        List<BeadRow.Step> steps = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            steps.add(new BeadRow.Step(0.5 + random.nextInt(6), 0.5 + random.nextInt(4)));
        }
        return new FlowLines(100, 40, knots, new FlowLines.Copies(1 + random.nextInt(3), 2, 11, -0.3),
                new Ribbon(3, List.of(Samples.NAVY, Samples.MADDER), List.of()),
                List.of(new BeadRow(Samples.LINEN, 1, 1.2, BeadRow.Cap.values()[random.nextInt(3)], steps, true)),
                List.of(new Blob(98, 38, 12, 6, 30, 0.2, Samples.MADDER)), new Sway(random.nextInt(5), 3, 5), 2, 0, 0);
    }

    @Test
    void endsMeetInPlaceAndDirectionAndBeadsAddUp() {
        Random random = new Random(11);
        for (int n = 0; n < 200; n++) {
            FlowLines lines = any(random).withPhase(random.nextDouble());
            for (int copy = 0; copy < lines.copies().count(); copy++) {
                Centreline line = Centreline.of(lines, copy);
                int last = line.x().length - 1;
                assertThat(line.x()[last] - line.x()[0]).isEqualTo(100, within(1e-9));
                assertThat(line.y()[last]).isEqualTo(line.y()[0], within(1e-9));
                assertThat(line.direction(last)).isEqualTo(line.direction(0));
                assertThat(line.swell()[last]).isEqualTo(line.swell()[0]);
                BeadRow row = lines.beads().getFirst();
                double sum = row.steps(line.lengthMm()).stream().mapToDouble(s -> s.lengthMm() + s.gapMm()).sum();
                assertThat(sum * row.times(line.lengthMm())).isEqualTo(line.lengthMm(), within(1e-9));
                Centreline.Spot start = line.at(0);
                Centreline.Spot end = line.at(line.lengthMm());
                assertThat(end.x() - start.x()).isEqualTo(100, within(1e-9));
                assertThat(end.dy()).isEqualTo(start.dy(), within(1e-9));
            }
        }
    }

    @Test
    void aPhaseOfOneIsTheStartToTheBitAndHalfWayIsElsewhere() {
        Random random = new Random(12);
        for (int n = 0; n < 8; n++) {
            Design design = Samples.design(100, 80, Arrangement.STRAIGHT, any(random).withSway(new Sway(4, 3, n)));
            TileGrid grid = new TileGrid(200, 160, 100, 80);
            Raster start = TileRenderer.render(new Cloth(design, Samples.morning(), Phase.of(0)), grid, Work.on(2));
            assertThat(TileRenderer.render(new Cloth(design, Samples.morning(), Phase.of(1)), grid, Work.on(2)).argb())
                    .isEqualTo(start.argb());
            assertThat(TileRenderer.render(new Cloth(design, Samples.morning(), Phase.of(-3)), grid, Work.on(1)).argb())
                    .isEqualTo(start.argb());
            assertThat(Samples.difference(start,
                    TileRenderer.render(new Cloth(design, Samples.morning(), Phase.of(0.4)), grid, Work.on(2))))
                    .isGreaterThan(50);
        }
    }

    /** No seam: the step across the tile's edge is no larger than steps inside, at any angle. */
    @Test
    void linesAndColoursGoOnAcrossTheEdges() {
        Random random = new Random(13);
        for (int n = 0; n < 30; n++) {
            FlowLines lines = any(random).withAngle(n % 2 == 0 ? 0 : random.nextInt(90));
            FlowLines coloured = n % 3 == 0
                    ? lines.withStroke(lines.stroke().withAlong(List.of(new Ribbon.Stop(0.2, Samples.NAVY),
                            new Ribbon.Stop(0.7, Samples.MADDER))))
                    : lines;
            Design design = Samples.design(200, 120, Arrangement.STRAIGHT, coloured);
            Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), new TileGrid(400, 240, 200, 120),
                    Work.on(2));
            assertThat(SeamCheck.ratio(tile)).as("%s", coloured).isLessThan(1.5);
        }
    }

    @Test
    void aPointSetInLeavesTheLineAndTiedBeadsKeepTheirSum() {
        Random random = new Random(14);
        for (int n = 0; n < 40; n++) {
            FlowLines lines = any(random).withSway(Sway.NONE);
            int index = random.nextInt(lines.knots().size());
            FlowLines split = lines.splitAfter(index);
            assertThat(split.knots()).hasSize(lines.knots().size() + 1);
            assertThat(split.centreline().lengthMm()).isEqualTo(lines.centreline().lengthMm(), within(0.02));
            BeadRow row = lines.beads().getFirst();
            BeadRow.Step first = row.steps().getFirst();
            if (first.lengthMm() > 0.6) {
                BeadRow changed = row.with(0, true, first.gapMm() + 0.2);
                assertThat(changed.sumMm()).isEqualTo(row.sumMm(), within(1e-9));
                assertThat(changed.steps().getFirst().lengthMm()).isEqualTo(first.lengthMm() - 0.2, within(1e-9));
            }
        }
        assertThatThrownBy(() -> new BeadRow(Samples.NAVY, 0, 1, BeadRow.Cap.ROUND,
                List.of(new BeadRow.Step(3, 0)), false)).isInstanceOf(Refusal.class).hasMessageContaining("gap");
        FlowLines tight = any(random).withKnots(List.of(new Knot(0, 10, 2, 20, 1), new Knot(50, 10, 2, -20, 1)))
                .withStroke(new Ribbon(30, List.of(Samples.NAVY), List.of()));
        assertThat(tight.findings(new Repeat(100, 80, Arrangement.STRAIGHT)))
                .anyMatch(f -> f.check().contains("tighter"));
    }

    @Test
    void colourAlongTheLineComesBackToItsStart() {
        Ribbon stroke = new Ribbon(2, List.of(Samples.NAVY),
                List.of(new Ribbon.Stop(0.25, Samples.MADDER), new Ribbon.Stop(0.75, Samples.LINEN)));
        assertThat(stroke.at(0.5)).isEqualTo(new Ribbon.Mixture(Samples.MADDER, Samples.LINEN, 0.5));
        assertThat(stroke.at(0)).isEqualTo(new Ribbon.Mixture(Samples.LINEN, Samples.MADDER, 0.5));
        assertThat(stroke.at(0.999999).share()).isEqualTo(0.5, within(1e-5));
    }
}
