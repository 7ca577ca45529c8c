package org.vatwright.core.family.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.laid.LaidClosing;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.TurnedLattice;

class BlocksTest {

    private static final Inking TWO = new Inking(Inking.Way.BY_TURN, List.of(Samples.NAVY, Samples.MADDER));
    private static final Inking ONE = new Inking(Inking.Way.BY_TURN, List.of(Samples.NAVY));

    private static Blocks blocks(Bond bond, double length, double breadth, double joint, Inking inking) {
        int times = bond.breadthsInLength();
        return new Blocks(bond, times == 0 ? length : times * (breadth + joint) - joint, breadth, joint,
                Samples.LINEN, inking);
    }

    private static Repeat tile(Blocks blocks) {
        TurnedLattice.Closing tile = LaidClosing.tile(blocks).orElseThrow();
        return new Repeat(tile.widthMm(), tile.heightMm(), Arrangement.STRAIGHT);
    }

    @Test
    void herringboneHasTheTilesThatArithmeticGives() {
        Repeat turned = tile(blocks(new Bond.Herringbone(3), 0, 190, 10, ONE).withAngle(45));
        assertThat(turned.widthMm()).isEqualTo(600 * Math.sqrt(2), within(1e-9));
        assertThat(turned.heightMm()).isEqualTo(200 * Math.sqrt(2), within(1e-9));
        Blocks upright = blocks(new Bond.Herringbone(3), 0, 90, 10, ONE);
        assertThat(tile(upright)).isEqualTo(new Repeat(600, 600, Arrangement.STRAIGHT));
        Repeat brick = upright.closings(new Repeat(500, 500, Arrangement.STRAIGHT)).stream()
                .filter(o -> o.id().equals("resize-brick")).findFirst().orElseThrow().repeat();
        assertThat(brick).isEqualTo(new Repeat(600, 300, Arrangement.HALF_BRICK));
        assertThat(upright.closes(brick)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"running 1/2", "running 1/3", "stacked", "halves 3", "herringbone 3", "herringbone 4",
            "basket 3", "chevron 45", "chevron 30", "hexagons", "scales", "diamonds", "argyle", "triangles"})
    void everyBondFillsItsTileOnceAndNoSmallerRectangleRecurs(String name) {
        Bond bond = Bond.parse(name);
        assertThat(bond.words()).isEqualTo(name);
        Random random = new Random(name.hashCode());
        for (int n = 0; n < 25; n++) {
            Inking.Way way = n % 2 == 0 ? Inking.Way.BY_TURN : Inking.Way.BY_COURSE;
            List<Ink> inks = List.of(Samples.NAVY, Samples.MADDER, Samples.LINEN).subList(0, 1 + n % 3);
            Blocks none = blocks(bond, 10 + random.nextInt(60), 6 + random.nextInt(20), 0, new Inking(way, inks));
            Repeat repeat = tile(none);
            assertThat(none.closes(repeat)).isTrue();
            double area = repeat.widthMm() * repeat.heightMm();
            assertThat(area(none, repeat)).isEqualTo(area, within(1e-9 * area));
            recursOnce(none, repeat);
            if (!(bond instanceof Bond.Scales)) {
                Blocks jointed = none.withJointWidth(0.3 + random.nextInt(3));
                Repeat wider = tile(jointed);
                double joints = 0;
                for (BlockUnit.Slot slot : jointed.unit().slots()) {
                    joints += slot.area() - shoelace(BlockShapes.of(slot, jointed, 0));
                }
                double all = wider.widthMm() * wider.heightMm();
                joints *= (double) jointed.count(wider) / jointed.unit().slots().size();
                assertThat(area(jointed, wider) + joints).isEqualTo(all, within(1e-9 * all));
                if (name.startsWith("running") || bond.breadthsInLength() > 0) {
                    assertThat(area(jointed, wider)).isEqualTo(
                            jointed.count(wider) * jointed.lengthMm() * jointed.breadthMm(), within(1e-9 * all));
                }
            }
        }
    }

    private static double area(Blocks blocks, Repeat repeat) {
        return blocks.drawing(repeat, Phase.OWN, Work.on(2)).groups().getFirst().marks().stream().map(VectorMark::shape)
                .mapToDouble(BlocksTest::shoelace).sum();
    }

    private static double shoelace(java.awt.Shape shape) {
        double twice = 0;
        double[] c = new double[6];
        double[] first = new double[2];
        double[] last = new double[2];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            assertThat(kind).isNotEqualTo(PathIterator.SEG_CUBICTO);
            double[] to = kind == PathIterator.SEG_CLOSE ? first.clone() : new double[]{c[0], c[1]};
            if (kind == PathIterator.SEG_MOVETO) {
                first = to;
            } else {
                twice += last[0] * to[1] - to[0] * last[1];
            }
            last = to;
        }
        return Math.abs(twice) / 2;
    }

    private static void recursOnce(Blocks blocks, Repeat repeat) {
        // A thin joint shows blocks of one ink.
        Blocks seen = blocks.withJointWidth(0.4).withJoint(Ink.slot("Linen"));
        Repeat own = tile(seen);
        Design design = Samples.design(own.widthMm(), own.heightMm(), Arrangement.STRAIGHT, seen);
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()),
                new TileGrid(120, 120, own.widthMm(), own.heightMm()), Work.on(2));
        for (int part : new int[]{2, 3, 5}) {
            assertThat(same(tile, 120 / part, 0)).as("%s, %s across", seen.bond(), part).isFalse();
            assertThat(same(tile, 0, 120 / part)).as("%s, %s down", seen.bond(), part).isFalse();
        }
    }

    private static boolean same(Raster tile, int dx, int dy) {
        long off = 0;
        for (int y = 0; y < tile.height(); y++) {
            for (int x = 0; x < tile.width(); x++) {
                int a = tile.at(x, y);
                int b = tile.at((x + dx) % tile.width(), (y + dy) % tile.height());
                off += Math.abs((a >> 16 & 255) - (b >> 16 & 255));
            }
        }
        return off < tile.width() * tile.height() / 50;
    }

    @Test
    void fieldsWithoutJointsShowTheBlocksInksAndNothingElse() {
        Random random = new Random(2);
        for (Bond bond : Bond.EXAMPLES) {
            for (int n = 0; n < 6; n++) {
                Blocks blocks = blocks(bond, 20, 12, 0, TWO).withJoint(Ink.CLEAR).withAngle(random.nextInt(180));
                Design design = Samples.design(60 + random.nextInt(40), 60 + random.nextInt(40), Arrangement.STRAIGHT,
                        blocks);
                Raster field = FieldRenderer.render(new Cloth(design, Samples.morning()), new FieldSpec(50, 50,
                        new Density(30 + random.nextInt(200)), 0.2 + random.nextDouble(), random.nextInt(360), 1, 2),
                        TileSource.PAINTED, Work.on(2));
                for (int argb : field.argb()) {
                    // Linen under them is f1e9d8; navy is 20365f and madder ab3b2c.
                    assertThat(argb >> 8 & 255).as("%s", bond).isBetween(0x35, 0x3c);
                    assertThat(argb >>> 24).isEqualTo(255);
                }
            }
        }
    }

    @Test
    void varietyHidesTheRecurrenceAndIsDecidedByItsSeed() {
        Blocks blocks = blocks(Bond.parse("running 1/2"), 19, 9, 1, ONE)
                .withVariety(new Variety(12, 0.2, true, 0.4, 0.3, 7));
        Design design = Samples.design(160, 120, Arrangement.STRAIGHT, blocks);
        TileGrid grid = new TileGrid(320, 240, 160, 120);
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), grid, Work.on(2));
        assertThat(same(tile, 160, 0)).isFalse();
        assertThat(same(tile, 0, 120)).isFalse();
        assertThat(TileRenderer.render(new Cloth(design, Samples.morning()), grid, Work.on(1)).argb())
                .isEqualTo(tile.argb());
        Raster other = TileRenderer.render(Samples.cloth(design.replace(1,
                l -> l.withStructure(blocks.withVariety(blocks.variety().withSeed(8))))), grid, Work.on(2));
        assertThat(Samples.difference(tile, other)).isGreaterThan(20);
        // Worn blocks lose area, and never gain any.
        assertThat(blocks.count(design.repeat())).isEqualTo(96);
        Inking random = new Inking(Inking.Way.AT_RANDOM, List.of(Samples.NAVY, Samples.MADDER), List.of(3.0, 1.0));
        long navy = blocks.withInking(random)
                .drawing(new Repeat(2000, 1000, Arrangement.STRAIGHT), Phase.OWN, Work.on(2)).groups()
                .getFirst().marks().stream().filter(m -> m.from().equals(Samples.NAVY)).count();
        assertThat(navy / 10_000.0).isEqualTo(0.75, within(0.02));
    }

    @Test
    void aSingleBlockIsPickedAndChangedAndNoOther() {
        Blocks blocks = blocks(new Bond.Herringbone(3), 0, 18, 2, ONE);
        Repeat repeat = new Repeat(120, 120, Arrangement.STRAIGHT);
        Touch.Spot spot = blocks.at(repeat, 30, 10).orElseThrow();
        assertThat(blocks.at(repeat, 30 - 120, 10 + 240)).contains(spot);
        assertThat(blocks.at(repeat, 0.2, 0.2)).isEmpty();
        Blocks touched = blocks.withTouch(spot, new Touch(0.2, Optional.of(Samples.MADDER), 0));
        int red = 0;
        Raster before = TileRenderer.render(
                new Cloth(Samples.design(120, 120, Arrangement.STRAIGHT, blocks), Samples.morning()),
                new TileGrid(240, 240, 120, 120), Work.on(1));
        Raster after = TileRenderer.render(
                new Cloth(Samples.design(120, 120, Arrangement.STRAIGHT, touched), Samples.morning()),
                new TileGrid(240, 240, 120, 120), Work.on(1));
        for (int i = 0; i < before.argb().length; i++) {
            red += before.argb()[i] != after.argb()[i] ? 1 : 0;
        }
        assertThat(red).isBetween(4 * 58 * 18 - 400, 4 * 58 * 18 + 400);
        assertThat(touched.withTouch(spot, Touch.NONE)).isEqualTo(blocks);
        assertThat(touched.withInks(i -> Samples.LINEN).touches()).isEqualTo(
                Map.of(spot, new Touch(0.2, Optional.of(Samples.LINEN), 0)));
    }

    @Test
    void rulesAreSaidAndSolved() {
        assertThatThrownBy(() -> new Blocks(new Bond.Herringbone(3), 100, 30, 2, Ink.CLEAR, ONE))
                .isInstanceOf(Refusal.class).hasMessageContaining("3 x (breadth + joint)")
                .hasMessageContaining("94 mm");
        Blocks solved = blocks(Bond.parse("stacked"), 100, 30, 2, ONE).withBond(new Bond.Herringbone(3));
        assertThat(solved.lengthMm()).isEqualTo(94);
        assertThat(solved.withBreadth(40).lengthMm()).isEqualTo(124);
        assertThatThrownBy(() -> blocks(Bond.parse("stacked"), 40, 10, 12, ONE)).isInstanceOf(Refusal.class)
                .hasMessageContaining("joint 12 mm must be less than breadth 10 mm");
        assertThatThrownBy(() -> Bond.parse("parquet")).isInstanceOf(Refusal.class).hasMessageContaining("basket 3");
        Design nearly = Samples.design(100, 100, Arrangement.STRAIGHT, solved);
        assertThat(solved.findings(nearly.repeat()).getFirst().severity()).isEqualTo(Finding.Severity.LOOK);
        List<Closing> closings = solved.withAngle(40).closings(nearly.repeat());
        for (Closing closing : closings) {
            assertThat(((Blocks) closing.structure()).closes(closing.repeat())).as("%s", closing).isTrue();
        }
        assertThat(closings).anyMatch(o -> o.id().startsWith("turn")
                && Math.abs(((Blocks) o.structure()).angleDeg() - 45) < 1e-9);
    }
}
