package org.vatwright.core.family.tooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.tooth.ToothStart;

class ToothTest {

    private static final double WIDE = 24;
    private static final double HIGH = 18;
    private static final TileGrid GRID = new TileGrid(192, 144, WIDE, HIGH);

    private static Tooth tooth(ToothKind kind) {
        Tooth fresh = Tooth.fresh(kind, kind == ToothKind.FINE ? 0.8 : 3, List.of(Samples.NAVY));
        return fresh.withForm(fresh.form().withDirectionDeg(25));
    }

    private static Design design(Tooth tooth) {
        return Samples.design(WIDE, HIGH, Arrangement.STRAIGHT, tooth).withGround(Ink.CLEAR);
    }

    private static Raster painted(Tooth tooth, TileGrid grid, Work work) {
        return TileRenderer.render(Samples.cloth(design(tooth)), grid, work);
    }

    private static Raster painted(Tooth tooth) {
        return painted(tooth, GRID, Work.on(2));
    }

    /** The share of the surface that is covered. */
    private static double covered(Raster raster) {
        return Arrays.stream(raster.argb()).mapToDouble(p -> (p >>> 24) / 255.0).average().orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void aStartMovedByWholePixelsIsTheRolledPictureToTheBit(ToothKind kind) {
        Tooth several = tooth(kind).withInks(List.of(Samples.NAVY, Samples.MADDER));
        Raster plain = painted(several);
        for (int[] by : new int[][]{{37, 0}, {0, 91}, {150, 143}, {-19, 5}}) {
            Raster moved = painted(several.withForm(several.form().withX(by[0] * WIDE / GRID.widthPx())
                    .withY(by[1] * HIGH / GRID.heightPx())));
            for (int y = 0; y < GRID.heightPx(); y++) {
                for (int x = 0; x < GRID.widthPx(); x++) {
                    assertThat(moved.at(Math.floorMod(x + by[0], GRID.widthPx()),
                            Math.floorMod(y + by[1], GRID.heightPx()))).as("%s at %d, %d by %s", kind, x, y,
                                    Arrays.toString(by))
                            .isEqualTo(plain.at(x, y));
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void theSeedSaysWhichAndThreadsChangeNothing(ToothKind kind) {
        Tooth tooth = tooth(kind);
        int[] one = painted(tooth, GRID, Work.on(1)).argb();
        assertThat(painted(tooth, GRID, Work.on(5)).argb()).isEqualTo(one);
        assertThat(painted(tooth.withForm(tooth.form().withSeed(2))).argb()).isNotEqualTo(one);
    }

    /**
     * Steps across the edges beside the steps between neighbours everywhere. Over the seeds the mean step across an edge must
     * lie within four of its own standard errors of that inside. The power: a tile cut at the edge (another seed begins
     * there) is told in the same way, and must be found.
     */
    @ParameterizedTest
    @EnumSource
    void stepsAcrossTheEdgeAreNoLargerThanInside(ToothKind kind) {
        double[] whole = new double[12];
        double[] cut = new double[12];
        for (int seed = 0; seed < whole.length; seed++) {
            Tooth tooth = tooth(kind).withForm(tooth(kind).form().withSeed(seed + 10));
            Raster a = painted(tooth);
            Raster b = painted(tooth.withForm(tooth.form().withSeed(seed + 500)));
            double inside = inside(a);
            whole[seed] = edge(a, a) - inside;
            cut[seed] = edge(a, b) - inside;
        }
        assertThat(apart(whole)).as("%s closes", kind).isLessThan(4);
        assertThat(apart(cut)).as("%s: a cut would be found", kind).isGreaterThan(6);
    }

    /** @return the mean in standard errors of the mean */
    private static double apart(double[] values) {
        double mean = Arrays.stream(values).average().orElseThrow();
        double variance = Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum() / (values.length - 1);
        return mean / Math.sqrt(variance / values.length + 1e-12);
    }

    private static int alpha(Raster r, int x, int y) {
        // Of glitter all is covered, so its colour is looked at.
        return (r.at(x, y) >>> 24) + (r.at(x, y) & 255);
    }

    private static double edge(Raster left, Raster right) {
        double sum = 0;
        int w = left.width();
        int h = left.height();
        for (int y = 0; y < h; y++) {
            sum += Math.abs(alpha(left, w - 1, y) - alpha(right, 0, y));
        }
        for (int x = 0; x < w; x++) {
            sum += Math.abs(alpha(left, x, h - 1) - alpha(right, x, 0));
        }
        return sum / (w + h);
    }

    private static double inside(Raster r) {
        double across = 0;
        double down = 0;
        int w = r.width();
        int h = r.height();
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                across += x + 1 < w ? Math.abs(alpha(r, x, y) - alpha(r, x + 1, y)) : 0;
                down += y + 1 < h ? Math.abs(alpha(r, x, y) - alpha(r, x, y + 1)) : 0;
            }
        }
        // In the shares in which the edge has steps across and down.
        return (across / (h * (w - 1.0)) * h + down / (w * (h - 1.0)) * w) / (w + h);
    }

    /** Four times as fine and reduced by means it is the same picture, up to the ends of the steps a pixel is made of. */
    @ParameterizedTest
    @EnumSource
    void everyDensityShowsTheSame(ToothKind kind) {
        Tooth tooth = tooth(kind);
        TileGrid coarse = new TileGrid(96, 72, WIDE, HIGH);
        TileGrid fine = new TileGrid(384, 288, WIDE, HIGH);
        Raster low = painted(tooth, coarse, Work.on(2));
        Raster high = painted(tooth, fine, Work.on(2));
        double sum = 0;
        for (int y = 0; y < 72; y++) {
            for (int x = 0; x < 96; x++) {
                double mean = 0;
                for (int k = 0; k < 16; k++) {
                    mean += alpha(high, 4 * x + k % 4, 4 * y + k / 4) / 16.0;
                }
                sum += Math.abs(mean - alpha(low, x, y));
            }
        }
        assertThat(sum / (96 * 72) / 510).as("%s at two densities", kind).isLessThan(0.035);
        assertThat(covered(low)).isCloseTo(covered(high), within(0.012));
    }

    @ParameterizedTest
    @CsvSource({"fine", "fibre", "felt", "crystals", "paper", "slub", "marble", "cloud"})
    void theAmountIsTheShareThatIsCovered(String name) {
        Tooth tooth = tooth(ToothKind.parse(name));
        TileGrid grid = new TileGrid(300, 300, 60, 60);
        for (double amount : new double[]{0, 0.2, 0.5, 0.8, 1}) {
            Design design = Samples.design(60, 60, Arrangement.STRAIGHT,
                    tooth.withForm(tooth.form().withAmount(amount).withContrast(0.9))).withGround(Ink.CLEAR);
            double share = covered(TileRenderer.render(Samples.cloth(design), grid, Work.on(2)));
            assertThat(share).as("%s at %s", name, amount).isCloseTo(amount,
                    within(amount == 0 || amount == 1 ? 1e-9 : 0.09));
        }
    }

    @Test
    void aContrastOfOneHasHardEdgesAndOfNoneSoftOnes() {
        Tooth cloud = tooth(ToothKind.CLOUD);
        Raster hard = painted(cloud.withForm(cloud.form().withContrast(1)));
        Raster soft = painted(cloud.withForm(cloud.form().withContrast(0)));
        assertThat(between(hard)).isLessThan(0.05);
        assertThat(between(soft)).isGreaterThan(0.9);
    }

    private static double between(Raster r) {
        return Arrays.stream(r.argb()).filter(p -> p >>> 24 > 4 && p >>> 24 < 251).count() / (double) r.argb().length;
    }

    @Test
    void fibresLieTheWayTheyAreTold() {
        for (double degrees : new double[]{0, 90}) {
            Tooth fibre = Tooth.fresh(ToothKind.FIBRE, 3, List.of(Samples.NAVY));
            Raster r = painted(fibre.withForm(fibre.form().withDirectionDeg(degrees)));
            double across = 0;
            double down = 0;
            for (int y = 0; y < r.height() - 1; y++) {
                for (int x = 0; x < r.width() - 1; x++) {
                    across += Math.abs(alpha(r, x, y) - alpha(r, x + 1, y));
                    down += Math.abs(alpha(r, x, y) - alpha(r, x, y + 1));
                }
            }
            assertThat(degrees == 0 ? down / across : across / down).isGreaterThan(2);
        }
    }

    /** No twin: moved by anything but the tile itself, glitter is like itself no more than chance and a facet allow. */
    @Test
    void glitterHasNoTwinButAtTheTile() {
        TileGrid grid = new TileGrid(160, 160, 40, 40);
        Tooth glitter = Tooth.fresh(ToothKind.GLITTER, 0.8, List.of(Samples.MADDER));
        Design design = Samples.design(40, 40, Arrangement.STRAIGHT, glitter);
        Raster r = TileRenderer.render(Samples.cloth(design), grid, Work.on(2));
        double[] light = Arrays.stream(r.argb()).mapToDouble(p -> p >> 8 & 255).toArray();
        double mean = Arrays.stream(light).average().orElseThrow();
        double power = Arrays.stream(light).map(v -> (v - mean) * (v - mean)).sum();
        double most = 0;
        // Facets are about three pixels wide; what is nearer than two of them is still the same facet.
        for (int dy = 0; dy < 160; dy++) {
            for (int dx = dy == 0 ? 7 : 0; dx < 160; dx++) {
                boolean near = Math.min(dx, 160 - dx) < 7 && Math.min(dy, 160 - dy) < 7;
                if (!near) {
                    double sum = 0;
                    for (int y = 0; y < 160; y++) {
                        int other = (y + dy) % 160 * 160;
                        for (int x = 0; x < 160; x++) {
                            sum += (light[y * 160 + x] - mean) * (light[other + (x + dx) % 160] - mean);
                        }
                    }
                    most = Math.max(most, sum / power);
                }
            }
        }
        assertThat(most).isLessThan(0.12);
    }

    @Test
    void glitterIsRecolouredByItsOneInk() {
        Tooth glitter = Tooth.fresh(ToothKind.GLITTER, 1, List.of(Samples.MADDER, Samples.NAVY));
        Design design = design(glitter);
        Raster morning = TileRenderer.render(new Cloth(design, design.palette().colourways().getFirst()), GRID,
                Work.on(2));
        Raster night = TileRenderer.render(new Cloth(design, design.palette().colourways().getLast()), GRID,
                Work.on(2));
        long reddish = Arrays.stream(morning.argb()).filter(p -> (p >> 16 & 255) >= (p & 255)).count();
        assertThat(reddish / (double) morning.argb().length).as("its second ink is not used").isGreaterThan(0.99);
        assertThat(night.argb()).isNotEqualTo(morning.argb());
        // Sparks are few and far lighter than the ink.
        long sparks = Arrays.stream(morning.argb()).filter(p -> (p >> 8 & 255) > 150).count();
        assertThat(sparks / (double) morning.argb().length).isBetween(0.005, 0.08);
    }

    @ParameterizedTest
    @EnumSource
    void whatMovesComesRoundAndWhatStandsDoesNotMove(ToothKind kind) {
        Tooth tooth = tooth(kind);
        assertThat(tooth.moves()).isFalse();
        assertThat(at(tooth, 0.3)).isEqualTo(at(tooth, 0));
        Tooth moving = tooth.withMoving(true);
        assertThat(moving.moves()).isTrue();
        assertThat(at(moving, 0.3)).isNotEqualTo(at(moving, 0));
        assertThat(at(moving, 1)).isEqualTo(at(moving, 0));
        assertThat(at(moving, 0)).isEqualTo(at(tooth, 0));
    }

    private static int[] at(Tooth tooth, double phase) {
        Design design = design(tooth);
        return TileRenderer.render(new Cloth(design, design.palette().first(), Phase.of(phase)), GRID, Work.on(2))
                .argb();
    }

    @Test
    void severalInksShareTheSurface() {
        Tooth two = tooth(ToothKind.CRYSTALS)
                .withInks(List.of(Samples.NAVY, Samples.MADDER));
        Raster r = painted(two.withForm(two.form().withAmount(1)));
        long red = Arrays.stream(r.argb()).filter(p -> (p >> 16 & 255) > (p & 255)).count();
        assertThat(red / (double) r.argb().length).isBetween(0.3, 0.7);
    }

    @Test
    void numbersOutsideTheirRangeAreRefusedWithTheValue() {
        assertThatThrownBy(() -> ToothForm.of(ToothKind.FELT, 0)).isInstanceOf(Refusal.class)
                .hasMessageContaining("size of a tooth").hasMessageContaining("0");
        assertThatThrownBy(() -> ToothForm.of(ToothKind.FELT, 1).withAmount(1.2)).hasMessageContaining("120");
        assertThatThrownBy(() -> ToothKind.parse("grain")).hasMessageContaining("fibre");
        assertThatThrownBy(() -> new Tooth(ToothForm.of(ToothKind.FELT, 1), List.of(), false))
                .hasMessageContaining("inks of a tooth");
        assertThat(ToothKind.parse(" Felt ")).isEqualTo(ToothKind.FELT);
        assertThat(Arrays.stream(ToothStart.values()).map(ToothStart::form).distinct()).hasSize(6);
    }

    @Test
    void itGrowsWithItsDesign() {
        ToothForm form = ToothForm.of(ToothKind.FELT, 2).with().x(3).y(4).build().resized(2.5);
        assertThat(form.sizeMm()).isEqualTo(5);
        assertThat(form.x()).isEqualTo(7.5);
        assertThat(form.y()).isEqualTo(10);
    }
}
