package org.vatwright.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.DesignTurn;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * Seams, held against the design and not against copies of the tile: a tile of several cells is painted as one, so that what
 * is an edge in the single tile lies in the middle of the large one, and what crosses it is drawn there as a whole. Every
 * family of the catalogue is tried as it is there.
 */
class SeamTest {

    private static final int TRIALS = 14;
    private static final Arrangement[] ARRANGEMENTS = {Arrangement.STRAIGHT, Arrangement.HALF_DROP,
            Arrangement.HALF_BRICK, Arrangement.parse("drop 1/3")};

    static Stream<Catalogue.Family> families() {
        return Catalogue.FAMILIES.stream();
    }

    /** A tooth wanders over the whole tile, so that a larger tile is another one; its own test looks at its edges. */
    static Stream<Catalogue.Family> recurring() {
        return families().filter(f -> f.type() != Tooth.class);
    }

    /** A fresh layer of the family on some cell, by itself over open ground; at times turned with the whole repeat. */
    private static Design any(Catalogue.Family family, Random random) {
        Arrangement arrangement = ARRANGEMENTS[random.nextInt(ARRANGEMENTS.length)];
        Design empty = Samples.design(12 + random.nextInt(40), 12 + random.nextInt(40), arrangement);
        Structure fresh = even(family.fresh().apply(empty, List.of(Samples.NAVY, Samples.MADDER, Samples.LINEN)));
        List<Closing> closings = fresh.closings(empty.repeat());
        Structure closed = closings.isEmpty() ? fresh : closings.getFirst().structure();
        Repeat repeat = closings.isEmpty() ? empty.repeat() : closings.getFirst().repeat();
        Design design = Samples.design(repeat.widthMm(), repeat.heightMm(), repeat.arrangement(), closed);
        if (random.nextInt(3) == 0) {
            List<Offer> turns = new ArrayList<>(DesignTurn.offers(design, 5 + random.nextInt(80)));
            for (Offer turn : turns) {
                try {
                    Design turned = turn.change().apply(design);
                    return turned.repeat().tile().widthMm() > 400 ? design : turned;
                } catch (org.vatwright.core.measure.Refusal e) {
                    // This one cannot be turned by that angle; as it was it will do.
                    continue;
                }
            }
        }
        return design;
    }

    /** Uneven yarn wanders over the whole tile, so that a larger tile is another cloth; even yarn is the same. */
    private static Structure even(Structure structure) {
        return structure instanceof Weaving w && w.fabric().look() instanceof Look.Yarns(YarnLook yarn)
                ? w.withFabric(w.fabric().withLook(new Look.Yarns(yarn.with().slub(0).uneven(0).build())))
                : structure;
    }

    /** @return the largest difference between the tile, laid side by side, and several cells painted as one */
    private static int seam(Design design, int across, int down, int px) {
        Repeat repeat = design.repeat();
        int w = px;
        int h = (int) Math.max(1, Math.rint(px * repeat.tile().heightMm() / repeat.tile().widthMm()));
        TileGrid one = new TileGrid(w, h, repeat.tile().widthMm(), repeat.tile().heightMm());
        Raster tile = TileRenderer.render(Samples.cloth(design), one, Work.on(2));
        Design many = design.withRepeat(repeat.withCells(across, down));
        Raster large = TileRenderer.render(Samples.cloth(many), new TileGrid(across * w, down * h,
                across * one.widthMm(), down * one.heightMm()), Work.on(2));
        int most = 0;
        for (int y = 0; y < large.height(); y++) {
            for (int x = 0; x < large.width(); x++) {
                most = Math.max(most, apart(large.at(x, y), tile.at(x % w, y % h)));
            }
        }
        return most;
    }

    @ParameterizedTest
    @MethodSource("recurring")
    void severalCellsPaintedAsOneShowNoEdges(Catalogue.Family family) {
        Random random = new Random(family.id().hashCode());
        for (int n = 0; n < TRIALS; n++) {
            Design design = any(family, random);
            int px = 40 + random.nextInt(120);
            int across = 1 + random.nextInt(3);
            int down = across == 1 ? 2 : 1 + random.nextInt(2);
            assertThat(seam(design, across, down, px))
                    .as("%s, %d x %d cells at %d px: %s", family.id(), across, down, px,
                            design.repeat())
                    .isLessThanOrEqualTo(2);
        }
    }

    /** A view far into a large design asks for some columns of some rows. */
    @ParameterizedTest
    @MethodSource("families")
    void someColumnsOfSomeRowsAreWhatTheWholeShowsThere(Catalogue.Family family) {
        Random random = new Random(family.id().hashCode() + 2);
        for (int n = 0; n < TRIALS; n++) {
            Design design = any(family, random);
            Tile tile = design.repeat().tile();
            TileGrid grid = new TileGrid(60 + random.nextInt(90), 60 + random.nextInt(90), tile.widthMm(),
                    tile.heightMm());
            Cloth cloth = Samples.cloth(design);
            Structure structure = design.layers().getFirst().structure();
            Painter painter = structure.painter(new PaintRequest(design.repeat(), grid,
                    new InkColours(design.palette(), cloth.colourway()), cloth.phase(), Work.on(1)));
            int[] whole = new int[grid.widthPx() * grid.heightPx()];
            painter.paint(whole, 0, 0, grid.heightPx());
            int left = random.nextInt(grid.widthPx());
            int right = left + 1 + random.nextInt(grid.widthPx() - left);
            int from = random.nextInt(grid.heightPx());
            int to = from + 1 + random.nextInt(grid.heightPx() - from);
            int[] part = new int[3 + (to - from) * (right - left)];
            painter.paint(part, 3, from, to, grid.widthPx(), left, right);
            for (int y = from; y < to; y++) {
                for (int x = left; x < right; x++) {
                    assertThat(part[3 + (y - from) * (right - left) + x - left]).as("%d, %d of %s", x, y, design)
                            .isEqualTo(whole[y * grid.widthPx() + x]);
                }
            }
        }
    }

    /**
     * In a drop or brick each cell stands a fraction of one beside the last. Painted as one tile, every cell has to be the
     * first one shifted by that fraction: what is an edge in one lies half-way, or a third, in the next. (Structures without
     * end close on the tile and know no cells; for those see the next.)
     */
    @ParameterizedTest
    @ValueSource(strings = {Dots.FAMILY, Motifs.FAMILY})
    void shiftedByFractionsOfACellItIsTheSame(String id) {
        Catalogue.Family family = families().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
        Random random = new Random(family.id().hashCode() + 1);
        for (int n = 0; n < TRIALS; n++) {
            int parts = 2 + random.nextInt(3);
            boolean drop = random.nextBoolean();
            Arrangement arrangement = Arrangement.parse((drop ? "drop 1/" : "brick 1/") + parts);
            Repeat repeat = new Repeat(12 + random.nextInt(30), 12 + random.nextInt(30), arrangement);
            Structure fresh = even(
                    family.fresh().apply(Samples.design(repeat.widthMm(), repeat.heightMm(), arrangement),
                            List.of(Samples.NAVY, Samples.MADDER, Samples.LINEN)));
            Design design = Samples.design(repeat.widthMm(), repeat.heightMm(), arrangement, fresh);
            int cellW = parts * (8 + random.nextInt(20));
            int cellH = parts * (8 + random.nextInt(20));
            int across = (int) Math.rint(repeat.tile().widthMm() / repeat.widthMm());
            int down = (int) Math.rint(repeat.tile().heightMm() / repeat.heightMm());
            TileGrid grid = new TileGrid(across * cellW, down * cellH, repeat.tile().widthMm(),
                    repeat.tile().heightMm());
            Raster tile = TileRenderer.render(Samples.cloth(design), grid, Work.on(2));
            int dx = drop ? cellW : cellW / parts;
            int dy = drop ? cellH / parts : cellH;
            int most = 0;
            for (int y = 0; y < tile.height(); y++) {
                for (int x = 0; x < tile.width(); x++) {
                    most = Math.max(most, apart(tile.at(x, y),
                            tile.at((x + dx) % tile.width(), (y + dy) % tile.height())));
                }
            }
            assertThat(most).as("%s on %s, %d x %d px a cell", family.id(), repeat, cellW, cellH)
                    .isLessThanOrEqualTo(2);
        }
    }

    /** A run that begins within its first band: the same bands, begun that much later. */
    private static BandRun begun(BandRun run, double by) {
        Band first = run.bands().getFirst();
        BandRun parted = run.with(0, first.withWidth(by)).insert(1, first.withWidth(first.width() - by));
        return parted.move(0, parted.bands().size() - 1);
    }

    private static void assertShifted(Design design, Design begun, TileGrid grid, int dx, int dy, int most) {
        Raster tile = TileRenderer.render(Samples.cloth(design), grid, Work.on(2));
        Raster other = TileRenderer.render(Samples.cloth(begun), grid, Work.on(2));
        for (int y = 0; y < grid.heightPx(); y++) {
            for (int x = 0; x < grid.widthPx(); x++) {
                int moved = tile.at((x + dx) % grid.widthPx(), (y + dy) % grid.heightPx());
                assertThat(apart(other.at(x, y), moved)).as("at %d, %d", x, y).isLessThanOrEqualTo(most);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "0, 13", "0, 40", "90, 7", "90, 33", "0, 65", "90, 49"})
    void stripesBegunLaterAreTheSameShifted(double angle, int px) {
        Stripes stripes = Samples.stripes(angle, 7, 3, 2.5, 3.5, 4);
        Design design = Samples.design(40, 40, Arrangement.STRAIGHT, stripes);
        Design begun = Samples.design(40, 40, Arrangement.STRAIGHT, stripes.withRun(begun(stripes.run(), px / 10.0)));
        boolean upright = angle == 0;
        assertShifted(design, begun, new TileGrid(400, 400, 40, 40), upright ? px : 0, upright ? 0 : 400 - px, 1);
    }

    /** By whole turns of the twill, at pixels that threads share and at threads that are finer than pixels. */
    @ParameterizedTest
    @CsvSource({"3, 4", "3, 20", "1.5, 8", "0.75, 12", "5.25, 4"})
    void aSettBegunLaterIsTheSameShifted(double pxPerThread, int threads) {
        BandRun run = new BandRun(List.of(new Band(Samples.NAVY, 24), new Band(Samples.MADDER, 12),
                new Band(Samples.LINEN, 4)), false);
        Plaid plaid = new Plaid(new Fabric(run, Optional.empty(), Weave.twill(List.of(2, 2), false), Look.WOVEN, 20,
                20));
        Plaid later = plaid.withFabric(plaid.fabric().withWarp(begun(run, threads)).withOwnWeft(Optional.of(run)));
        double side = 4 * plaid.fabric().periodWidthMm();
        int px = (int) Math.rint(160 * pxPerThread);
        assertShifted(Samples.design(side, side, Arrangement.STRAIGHT, plaid),
                Samples.design(side, side, Arrangement.STRAIGHT, later), new TileGrid(px, px, side, side),
                (int) Math.rint(threads * pxPerThread), 0, 1);
    }

    /** @return the largest difference in a channel */
    private static int apart(int a, int b) {
        int most = 0;
        for (int shift = 0; shift < 32 && a != b; shift += 8) {
            most = Math.max(most, Math.abs((a >>> shift & 255) - (b >>> shift & 255)));
        }
        return most;
    }

    /** A structure that is no pattern on the torus: it begins anew at each tile's edge. */
    private record Ramp(boolean torn) implements Structure {
        @Override
        public String family() {
            return "ramp";
        }

        @Override
        public List<Ink> inks() {
            return List.of(Samples.NAVY);
        }

        @Override
        public Structure withInks(UnaryOperator<Ink> change) {
            return this;
        }

        @Override
        public Structure fitted(Repeat repeat) {
            return this;
        }

        @Override
        public Painter painter(PaintRequest asked) {
            int w = asked.grid().widthPx();
            InkColours inks = asked.inks();
            return (out, at, from, to) -> {
                for (int y = from; y < to; y++) {
                    for (int x = 0; x < w; x++) {
                        double u = (x + 0.5) / w;
                        double wave = torn
                                ? u
                                : 0.5 - 0.5 * Math.cos(2 * Math.PI * u * w * asked.grid().mmPerPxX() / 20);
                        out[at + (y - from) * w + x] = 0xFF000000 | (int) (255 * wave) << 8
                                | inks.argb(Samples.NAVY) & 255;
                    }
                }
            };
        }

        @Override
        public Structure resized(double by) {
            return this;
        }

        @Override
        public List<Finding> findings(Repeat repeat) {
            return List.of();
        }
    }

    @Test
    void aRampWithASeamFailsAndAWaveWithoutOneDoesNot() {
        assertThat(seam(Samples.design(20, 20, Arrangement.STRAIGHT, new Ramp(true)), 2, 1, 60)).isGreaterThan(100);
        assertThat(seam(Samples.design(20, 20, Arrangement.STRAIGHT, new Ramp(false)), 2, 1, 60))
                .isLessThanOrEqualTo(1);
    }
}
