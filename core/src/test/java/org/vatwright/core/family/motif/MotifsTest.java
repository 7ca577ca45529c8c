package org.vatwright.core.family.motif;

import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.render.Cloth;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;
import org.vatwright.core.shape.Group;

class MotifsTest {

    private static Motif motif(int id, double mm, Ink ink) {
        return new Motif(id, "m" + id, List.of(new Part(new Form.Leaf(mm * 0.5, mm), ink).withEdge(
                Optional.of(new Part.Edge(Samples.NAVY, 0.4)))));
    }

    private static Motifs scattered(Placing.Scattered how, double... sizes) {
        List<Motif> motifs = new ArrayList<>();
        for (double mm : sizes) {
            motifs.add(motif(motifs.size() + 1, mm, Samples.MADDER));
        }
        return new Motifs(motifs, List.of(), how, WallpaperGroup.P1);
    }

    /** What crosses an edge comes in again: the tile is the sum over 7 x 7 neighbouring tiles, to the bit. */
    @ParameterizedTest
    @ValueSource(strings = {"straight", "drop 1/2", "brick 1/3"})
    void theTileIsTheSumOverItsNeighbours(String arrangement) {
        Random random = new Random(arrangement.length());
        for (int n = 0; n < 12; n++) {
            List<Instance> byHand = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                byHand.add(new Instance(1 + i % 2, random.nextDouble() * 40, random.nextDouble() * 30,
                        random.nextInt(360), 0.5 + random.nextDouble(), random.nextBoolean(), Optional.empty()));
            }
            Motifs motifs = new Motifs(List.of(motif(1, 14, Samples.MADDER), motif(2, 70, Samples.LINEN)), byHand,
                    new Placing.ByHand(), WallpaperGroup.P1);
            Design design = Samples.design(40, 30, Arrangement.parse(arrangement), motifs);
            Tile tile = design.repeat().tile();
            int w = (int) (tile.widthMm() * 2);
            int h = (int) (tile.heightMm() * 2);
            Raster painted = TileRenderer.render(new Cloth(design.withGround(Ink.CLEAR), Samples.morning()),
                    new TileGrid(w, h, tile.widthMm(), tile.heightMm()), Work.on(2));
            List<Group> everywhere = new ArrayList<>();
            Motifs fitted = (Motifs) design.layers().getFirst().structure();
            for (Group group : fitted.drawing(design.repeat(), Phase.OWN, Work.on(2)).groups()) {
                VectorMark mark = group.marks().getFirst();
                // A motif that lies over itself across the edge does so from below right to above left.
                for (int row = 3; row >= -3; row--) {
                    for (int column = 3; column >= -3; column--) {
                        everywhere.add(Group.of(mark.moved(AffineTransform.getTranslateInstance(
                                (column + 3) * tile.widthMm(), (row + 3) * tile.heightMm()))));
                    }
                }
            }
            // On a sheet of 7 x 7 tiles nothing comes in again that could reach the middle one.
            DrawingPainter sheet = new DrawingPainter(new Drawing(everywhere),
                    new TileGrid(7 * w, 7 * h, 7 * tile.widthMm(), 7 * tile.heightMm()),
                    new InkColours(Samples.PALETTE, Samples.morning()), Work.on(2));
            int[] rows = new int[7 * w * h];
            sheet.paint(rows, 0, 3 * h, 4 * h);
            for (int y = 0; y < h; y++) {
                for (int x = 0; x < w; x++) {
                    assertThat(rows[y * 7 * w + 3 * w + x]).as("%d, %d", x, y).isEqualTo(painted.at(x, y));
                }
            }
        }
    }

    @Test
    void aMoveByOneCellChangesNothing() {
        Motifs motifs = new Motifs(List.of(motif(1, 14, Samples.MADDER)), List.of(new Instance(1, 12.3, 4.5)),
                new Placing.ByHand(), WallpaperGroup.P1);
        for (Arrangement arrangement : List.of(Arrangement.STRAIGHT, Arrangement.HALF_DROP,
                Arrangement.parse("brick 2/3"))) {
            Repeat repeat = new Repeat(40, 30, arrangement);
            Lattice lattice = Lattice.of(repeat);
            Motifs moved = motifs.with(0, motifs.byHand().getFirst().at(12.3 - 2 * lattice.ax() + 3 * lattice.bx(),
                    4.5 - 2 * lattice.ay() + 3 * lattice.by())).fitted(repeat);
            assertThat(moved).isEqualTo(motifs.fitted(repeat));
        }
    }

    @Test
    void scatteringKeepsItsGapOnTheTorusAndIsDecidedByItsSeed() {
        Random random = new Random(5);
        for (int n = 0; n < 30; n++) {
            Arrangement arrangement = n % 3 == 0 ? Arrangement.HALF_DROP : Arrangement.STRAIGHT;
            Repeat repeat = new Repeat(100 + random.nextInt(60), 80 + random.nextInt(60), arrangement);
            Placing.Scattered how = Placing.Scattered.of(60, 1 + random.nextInt(3), n).withSizes(0.6, 1.4)
                    .withTurns(-90, 90).withFill(n % 4).withRelax(n % 2 == 0 ? 8 : 0).withShares(List.of(3.0, 1.0));
            Motifs motifs = scattered(how, 5, 9).withByHand(List.of(new Instance(1, 30, 30), new Instance(2, 70, 50)));
            List<Instance> placed = motifs.placed(repeat);
            assertThat(new Motifs(motifs.motifs(), motifs.byHand(), how, motifs.group()).placed(repeat))
                    .isEqualTo(placed);
            assertThat(motifs.placed(repeat)).as("thrown once").isSameAs(placed);
            assertThat(motifs.placed(repeat.withSize(50, 300))).isNotEqualTo(placed);
            assertThat(motifs.withPlacing(how.withSeed(n + 100)).placed(repeat)).isNotEqualTo(placed);
            List<Instance> all = new ArrayList<>(placed);
            all.addAll(motifs.byHand());
            double[] radii = {motifs.motifs().get(0).radiusMm(), motifs.motifs().get(1).radiusMm()};
            for (int i = 0; i < all.size(); i++) {
                for (int k = 0; k < i; k++) {
                    double need = radii[all.get(i).motif() - 1] * all.get(i).scale()
                            + radii[all.get(k).motif() - 1] * all.get(k).scale() + how.gapMm();
                    double far = far(all.get(i), all.get(k), Lattice.of(repeat));
                    boolean pins = i >= placed.size() && k >= placed.size();
                    assertThat(pins || far >= need - 1e-6).as("%s to %s: %s, %s", all.get(i), all.get(k), far, need)
                            .isTrue();
                }
            }
        }
    }

    private static double far(Instance a, Instance b, Lattice lattice) {
        double least = Double.MAX_VALUE;
        for (int m = -2; m <= 2; m++) {
            for (int n = -2; n <= 2; n++) {
                least = Math.min(least, Math.hypot(a.x() - b.x() + m * lattice.ax() + n * lattice.bx(),
                        a.y() - b.y() + m * lattice.ay() + n * lattice.by()));
            }
        }
        return least;
    }

    /** Evenness: distances to the nearest neighbour vary less, and the largest gap is smaller, than by plain chance. */
    @Test
    void scatteringIsMoreEvenThanChance() {
        Repeat repeat = new Repeat(200, 200, Arrangement.STRAIGHT);
        Motifs motifs = scattered(Placing.Scattered.of(200, 2, 3).withRelax(20), 5);
        List<Instance> even = motifs.placed(repeat);
        assertThat(even).hasSize(200);
        Random random = new Random(1);
        List<Instance> chance = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            chance.add(new Instance(1, 200 * random.nextDouble(), 200 * random.nextDouble()));
        }
        Lattice lattice = Lattice.of(repeat);
        // Measured: 0.06 against 0.5, and 11 against 19 mm.
        assertThat(spread(even, lattice)).isLessThan(0.4 * spread(chance, lattice));
        assertThat(largestGap(even, lattice)).isLessThan(0.75 * largestGap(chance, lattice));
    }

    private static double spread(List<Instance> all, Lattice lattice) {
        double[] nearest = all.stream().mapToDouble(a -> all.stream().filter(b -> b != a)
                .mapToDouble(b -> far(a, b, lattice)).min().orElseThrow()).toArray();
        double mean = java.util.Arrays.stream(nearest).average().orElseThrow();
        return Math.sqrt(java.util.Arrays.stream(nearest).map(d -> (d - mean) * (d - mean)).average().orElseThrow())
                / mean;
    }

    private static double largestGap(List<Instance> all, Lattice lattice) {
        double most = 0;
        for (int i = 0; i < 40 * 40; i++) {
            Instance place = new Instance(1, i % 40 * 5, i / 40 * 5);
            most = Math.max(most,
                    all.stream().mapToDouble(a -> far(a, place, lattice)).min().orElseThrow());
        }
        return most;
    }

    @Test
    void motifsAreLinkedUntilTheyAreUnlinked() {
        Motifs motifs = new Motifs(List.of(motif(1, 10, Samples.MADDER)),
                List.of(new Instance(1, 5, 5), new Instance(1, 20, 5)), new Placing.ByHand(), WallpaperGroup.P1);
        Motifs changed = motifs.replace(1, m -> m.scaled(2));
        assertThat(changed.motifs().getFirst().bounds().getHeight()).isEqualTo(
                2 * motifs.motifs().getFirst().bounds().getHeight(), within(1e-6));
        Motifs alone = motifs.unlinked(1);
        assertThat(alone.byHand().get(0).motif()).isEqualTo(1);
        assertThat(alone.byHand().get(1).motif()).isEqualTo(2);
        assertThat(alone.replace(1, m -> m.scaled(3)).motif(2)).contains(alone.motif(2).orElseThrow());
        assertThat(alone.without(2).byHand()).hasSize(1);
        assertThatThrownBy(() -> motifs.without(1)).isInstanceOf(Refusal.class).hasMessageContaining("one motif");
        Repeat repeat = new Repeat(100, 100, Arrangement.STRAIGHT);
        Motifs rings = motifs.withPlacing(new Placing.Rings(3, 6, 6, 10, 12, true));
        assertThat(rings.placed(repeat)).hasSize(6 + 12 + 18);
        assertThat(rings.setByHand(repeat).byHand()).hasSize(2 + 36);
        assertThatThrownBy(() -> motifs.withPlacing(new Placing.Rows(3, 2, Arrangement.HALF_DROP, 0, false))
                .fitted(repeat)).isInstanceOf(Refusal.class).hasMessageContaining("multiple of 2");
    }

    @Test
    void formsHaveTheSizesTyped() {
        for (Form form : Form.examples(20)) {
            var box = form.shape().getBounds2D();
            assertThat(Math.max(box.getWidth(), box.getHeight())).as(form.name()).isBetween(9.9, 20.001);
        }
        assertThat(new Form.Drop(8, 14).shape().getBounds2D().getWidth()).isEqualTo(8, within(0.05));
        assertThat(new Form.Leaf(8, 14).shape().getBounds2D().getWidth()).isEqualTo(8, within(1e-9));
        assertThat(new Form.Ring(20, 0.5).shape().contains(0, 0)).isFalse();
        assertThatThrownBy(() -> new Form.Star(2, 9, 0.4)).isInstanceOf(Refusal.class).hasMessageContaining("points 2");
    }
}
