package org.vatwright.core.coat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.family.together.Taken;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.DesignTurn;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.core.woven.ThreadMask;

/** Where layers show: by the marks of others, faded, taken together. */
class ShowsTest {

    private static final int PX = 200;
    /** Left half of the tile, its upper half, all of it. */
    private static final Layer LEFT = layer(1, "Left", 0, Samples.NAVY, Ink.CLEAR);
    private static final Layer UPPER = layer(2, "Upper", 90, Samples.MADDER, Ink.CLEAR);
    private static final Layer ALL = layer(3, "All", 0, Samples.NAVY, Samples.NAVY);

    private static Layer layer(int id, String name, double angle, Ink... inks) {
        int[] next = {0};
        return new Layer(id, name, Samples.stripes(angle, 20, 20).withInks(i -> inks[next[0]++ % 2]));
    }

    private static Design design(Layer... layers) {
        return Samples.design(40, 40, Arrangement.STRAIGHT).withLayers(List.of(layers));
    }

    private static Raster paint(Design design) {
        return TileRenderer.render(new Cloth(design, Samples.morning()), TileGrid.ofWidth(design.repeat().tile(), PX),
                Work.on(2));
    }

    /** By quarter: upper left, upper right, lower left, lower right. */
    private static List<Boolean> shown(Design design, Ink ink) {
        Raster tile = paint(design);
        int colour = Samples.morning().colours().get(Samples.PALETTE.slot(ink.words())).argb();
        return List.of(tile.at(50, 50) == colour, tile.at(150, 50) == colour, tile.at(50, 150) == colour,
                tile.at(150, 150) == colour);
    }

    @Test
    void inTheMarksOfAnyLowerLayerOrOutsideThem() {
        List<Boolean> upper = shown(design(UPPER), Samples.MADDER);
        assertThat(upper).containsOnly(true, false).containsSequence(true, true);
        Layer unseen = UPPER.withVisible(false);
        assertThat(shown(design(unseen, ALL.withShows(Shows.IN_MARKS_BELOW)), Samples.NAVY)).isEqualTo(upper);
        assertThat(shown(design(unseen, ALL.withShows(new Shows.InMarks(0, true))), Samples.NAVY))
                .isEqualTo(upper.stream().map(b -> !b).toList());
        // Of the lower of two.
        assertThat(shown(design(unseen, LEFT.withVisible(false), ALL.withShows(new Shows.InMarks(2, false))),
                Samples.NAVY)).isEqualTo(upper);
        assertThat(shown(design(unseen, LEFT.withVisible(false), ALL.withShows(new Shows.InMarks(1, true))),
                Samples.NAVY)).containsExactly(false, true, false, true);
        // Of one that lies above, or is gone: everywhere.
        for (int of : new int[]{2, 77}) {
            assertThat(shown(design(LEFT.withVisible(false), ALL.withShows(new Shows.InMarks(of, false)), unseen),
                    Samples.NAVY)).containsOnly(true);
        }
    }

    @Test
    void marksOfALayerThatIsConfinedItselfAreWhatItShows() {
        Design chain = design(LEFT.withVisible(false), UPPER.withShows(new Shows.InMarks(1, false)).withVisible(false),
                ALL.withShows(new Shows.InMarks(2, false)));
        List<Boolean> upper = shown(design(UPPER), Samples.MADDER);
        assertThat(shown(chain, Samples.NAVY)).containsExactly(upper.get(0), false, upper.get(2), false);
    }

    @Test
    void whatIsKeptIsTheSameAsWhatIsPaintedAnew() {
        TileCache cache = new TileCache(10_000_000, 40_000_000);
        Layer base = layer(4, "Base", 0, Samples.MADDER, Samples.LINEN);
        List<Layer> layers = new ArrayList<>(List.of(base, UPPER, LEFT.withOpacity(0.5),
                ALL.withShows(new Shows.InMarks(2, true)).withMode(BlendMode.MULTIPLY)));
        TileGrid grid = TileGrid.ofWidth(design(base).repeat().tile(), PX);
        for (double opacity : new double[]{1, 0.3, 0.7}) {
            // The top one asks for a coat that lies below what changes.
            layers.set(2, layers.get(2).withOpacity(opacity).withEffects(List.of(new Blur(opacity))));
            Design design = design(layers.toArray(Layer[]::new));
            assertThat(cache.tile(new Cloth(design, Samples.morning()), grid, Work.on(2)).argb())
                    .isEqualTo(paint(design).argb());
        }
    }

    @Test
    void aFadeShowsWhatItsCourseSays() {
        Design design = design(ALL.withFade(Optional.of(new Fade(new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5), 0.2,
                0.8)))).withGround(Ink.CLEAR);
        Raster tile = paint(design);
        for (int x = 5; x < PX; x += 19) {
            assertThat((tile.at(x, 33) >>> 24) / 255.0).isCloseTo(0.2 + 0.6 * (x + 0.5) / PX, within(0.005));
        }
        assertThat(new Fade(new Course(Course.Kind.LINEAR, 0, 0.5, 1, 0.5), 0.2, 0.8).agrees()).isFalse();
        assertThat(new Fade(new Course(Course.Kind.RADIAL, 0, 0.5, 1, 0.5), 0.2, 0.8).agrees()).isTrue();
        Design whole = design(ALL.withFade(Optional.of(new Fade(new Course(Course.Kind.ROUND, 0.5, 0.5, 1, 0.5), 1,
                1))));
        assertThat(paint(whole).argb()).as("all of it everywhere changes nothing").isEqualTo(paint(design(ALL)).argb());
        assertThatThrownBy(() -> new Fade(new Course(Course.Kind.LINEAR, 0, 0, 1, 0), 0, 1.5))
                .hasMessageContaining("150 %");
    }

    @Test
    void takenTogetherTheyLookTheSameAndOneEffectIsOfAll() {
        Design apart = design(LEFT, UPPER.withMode(BlendMode.MULTIPLY), layer(3, "Ring", 45, Samples.LINEN, Ink.CLEAR)
                .withShows(new Shows.InMarks(1, false)));
        Design one = Taken.together(apart.withGround(Ink.CLEAR), Set.of(1, 2, 3), "Both");
        assertThat(one.layers()).extracting(Layer::name).containsExactly("Both");
        assertThat(paint(one).argb()).isEqualTo(paint(apart.withGround(Ink.CLEAR)).argb());
        assertThat(one.usedSlots()).isEqualTo(apart.withGround(Ink.CLEAR).usedSlots());
        // One shadow of all of them: beneath the one above no shadow falls on the one below.
        CastShadow shadow = new CastShadow(3, 135, 0, 1, Samples.LINEN);
        Design lit = one.replace(one.layers().getFirst().id(), l -> l.withEffects(List.of(shadow)));
        Raster plain = paint(one);
        Raster shaded = paint(lit);
        int marks = 0;
        for (int i = 0; i < plain.argb().length; i++) {
            if (plain.argb()[i] >>> 24 == 255) {
                marks++;
                assertThat(shaded.argb()[i]).isEqualTo(plain.argb()[i]);
            }
        }
        assertThat(marks).isGreaterThan(PX * PX / 3);
        assertThat(shaded.argb()).isNotEqualTo(plain.argb());
        Design again = Taken.opened(lit, lit.layers().getFirst().id());
        assertThat(again.layers()).extracting(Layer::name).containsExactly("Left", "Upper", "Ring");
        assertThat(paint(again).argb()).isEqualTo(paint(apart.withGround(Ink.CLEAR)).argb());
    }

    @Test
    void halfOfWhatShowsByAnotherIsNotTaken() {
        Design design = design(LEFT, UPPER, ALL.withShows(new Shows.InMarks(1, false)));
        assertThatThrownBy(() -> Taken.together(design, Set.of(2, 3), "Two")).isInstanceOf(Refusal.class)
                .hasMessage("All shows by the marks of Left; take both, or neither");
        assertThatThrownBy(() -> Taken.together(design, Set.of(2), "One")).hasMessageContaining("at least two");
        assertThatThrownBy(() -> new Together(List.of(LEFT, LEFT))).hasMessageContaining("number 1");
        Layer deep = LEFT;
        for (int i = 0; i < 7; i++) {
            deep = new Layer(1, "Deep", new Together(List.of(deep)));
        }
        Layer deepest = deep;
        assertThatThrownBy(() -> new Together(List.of(new Layer(1, "Deep", new Together(List.of(deepest))))))
                .hasMessageContaining("depth");
    }

    @Test
    void broughtIntoAnotherDesignALayerKeepsTheMarksThatComeAlong() {
        Design from = design(LEFT, UPPER, ALL.withShows(new Shows.InMarks(1, true)));
        Design into = design(layer(1, "Own", 0, Samples.NAVY, Ink.CLEAR));
        Design brought = Recipe.brought(into, from, Set.of(1, 3));
        Layer last = brought.layers().getLast();
        assertThat(last.shows()).isEqualTo(new Shows.InMarks(brought.layers().get(1).id(), true));
        assertThat(Recipe.brought(into, from, Set.of(3)).layers().getLast().shows())
                .isEqualTo(new Shows.InMarks(Shows.InMarks.BELOW, true));
    }

    /** What is asked of all of them is asked of each. */
    @Test
    void togetherTheyAreTurnedResizedInkedAndToldAsEachWouldBe() {
        Design apart = design(LEFT, UPPER.withEffects(List.of(new Blur(2))));
        Design one = Taken.together(apart, Set.of(1, 2), "Both");
        Together both = (Together) one.layers().getFirst().structure();
        assertThat(both.resized(0.5).layers().getLast().effects()).containsExactly(new Blur(1));
        assertThat(paint(DesignTurn.scale(one, 0.5)).argb()).isEqualTo(paint(DesignTurn.scale(apart, 0.5)).argb());
        TurnedLattice.Closing turn = DesignTurn.closings(apart, 90).getFirst();
        assertThat(paint(DesignTurn.turn(one, turn)).argb()).isEqualTo(paint(DesignTurn.turn(apart, turn)).argb());
        assertThat(one.renameSlot("Madder", "Rust").usedSlots()).contains("Rust");
        assertThat(both.findings(one.repeat())).isNotEmpty().allMatch(f -> f.check().matches("(Left|Upper): .+"));
        assertThat(both.moves()).isFalse();
        Layer masked = LEFT.withMask(Optional.of(new ThreadMask(Weave.plain(), true, 10, 10)));
        assertThat(new Together(List.of(masked)).turned(one.repeat(), turn)).as("threads stand upright").isEmpty();
    }

    /** Another design as an ink of a layer that is held by another one: it is in use, and seen. */
    @Test
    void whatFillsAnInnerLayerIsSeen() {
        Design inner = Samples.design(10, 10, Arrangement.STRAIGHT).withGround(Samples.MADDER);
        Design outer = design(LEFT, UPPER).addFill(Fill.of("Deck", inner));
        Ink deck = outer.fills().getLast().ink();
        Design filled = outer.replace(1, l -> l.withInks(i -> i instanceof Ink.Slot ? deck : i));
        Design one = Taken.together(filled, Set.of(1, 2), "Both");
        assertThat(one.usedFills()).extracting(Fill::name).containsExactly("Deck");
        assertThat(paint(one).argb()).isEqualTo(paint(filled).argb());
        assertThat(paint(one).at(50, 150)).isEqualTo(0xFFAB3B2C);
    }

    /** Marks on the left half of each repeat, on a dark ground; around them light of one ink is added, 4 mm wide. */
    @Test
    void aHaloAroundMarksAddsItsLightToWhatLiesBelow() {
        Halo halo = new Halo(false, 4, 0.8, true, Samples.NAVY);
        Layer marks = layer(1, "Left", 0, Samples.LINEN, Ink.CLEAR);
        Design plain = design(marks).withGround(Samples.MADDER);
        Design lit = design(marks.withEffects(List.of(halo))).withGround(Samples.MADDER);
        Raster before = paint(plain);
        Raster after = paint(lit);
        double last = 2;
        for (int x = 100; x < PX; x++) {
            int added = 0;
            for (int shift = 0; shift < 24; shift += 8) {
                added += (after.at(x, 50) >> shift & 255) - (before.at(x, 50) >> shift & 255);
            }
            // Navy has 32, 54 and 95; nothing of madder's 171 comes to its end.
            double share = added / 181.0;
            double mm = (x + 0.5 - 100) / 5;
            double wanted = mm < 4 ? 0.8 * (1 - mm / 4) * (1 - mm / 4) : mm > 16 ? share : 0;
            assertThat(share).as("%s mm away", mm).isCloseTo(wanted, within(0.06));
            assertThat(mm < 4 ? share : 0).isLessThanOrEqualTo(last);
            last = mm < 4 ? share : last;
        }
        assertThat(after.at(50, 50)).as("the marks stay").isEqualTo(before.at(50, 50));
        assertThat(after.at(150, 50)).as("far away nothing comes").isEqualTo(before.at(150, 50));
        // Kept coats, half the opacity, a mask by another layer: the light goes the same ways.
        TileCache cache = new TileCache(10_000_000, 40_000_000);
        Layer upper = UPPER.withVisible(false);
        Design all = design(upper, layer(5, "More", 45, Samples.NAVY, Ink.CLEAR),
                marks.withEffects(List.of(halo)).withOpacity(0.5).withShows(new Shows.InMarks(2, false)));
        TileGrid grid = TileGrid.ofWidth(all.repeat().tile(), PX);
        for (int turn = 0; turn < 2; turn++) {
            assertThat(cache.tile(new Cloth(all, Samples.morning()), grid, Work.on(2)).argb())
                    .isEqualTo(paint(all).argb());
        }
        Design without = all.replace(1, l -> l.withEffects(List.of()));
        List<Boolean> shown = shown(design(UPPER), Samples.MADDER);
        assertThat(paint(all).at(105, 50) != paint(without).at(105, 50)).isEqualTo(shown.get(1));
        assertThat(paint(all).at(105, 150) != paint(without).at(105, 150)).isEqualTo(shown.get(3));
        assertThat(lit.layers().getFirst().shapeless()).contains("light added to all below it");
    }
}
