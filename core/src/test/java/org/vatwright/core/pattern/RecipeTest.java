package org.vatwright.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

class RecipeTest {

    private static final Rgb SEA = new Rgb(20, 60, 90);
    private static final Rgb FOAM = new Rgb(240, 240, 230);

    /** Layers 1 to n from the ground up, each a stripe of the first ink. */
    private static Design of(int layers, List<String> slots, List<Rgb> colours) {
        Stripes stripe = new Stripes(new BandRun(List.of(new Band(Ink.slot(slots.getFirst()), 5),
                new Band(Ink.CLEAR, 5)), false), new BandMeasure.Millimetres(), 0, 1);
        return new Design("Decks", new Repeat(100, 100, Arrangement.STRAIGHT), Ink.CLEAR,
                IntStream.rangeClosed(1, layers).mapToObj(i -> new Layer(i, "L" + i, stripe)).toList(),
                new Palette(slots, List.of(new Colourway("Morning", colours))), Guides.NONE);
    }

    private static Design five() {
        return of(5, List.of("Sea"), List.of(SEA));
    }

    private static List<Integer> order(Design design) {
        return design.layers().stream().map(Layer::id).toList();
    }

    private static List<String> groups(Design design) {
        return design.layers().stream().map(Layer::group).toList();
    }

    @ParameterizedTest
    @CsvSource({"2 4,0,2 4 1 3 5", "2 4,1,1 2 4 3 5", "2 4,3,1 3 5 2 4", "5,-7,5 1 2 3 4", "1,99,2 3 4 5 1",
            "1 2 3 4 5,2,1 2 3 4 5"})
    void layersAreLaidOnSoManyOfTheOthersInTheirOwnOrder(String moved, int place, String wanted) {
        assertThat(order(Recipe.moved(five(), ids(moved), place))).isEqualTo(list(wanted));
    }

    @ParameterizedTest
    @CsvSource({"2,1,1 3 2 4 5", "2,-1,2 1 3 4 5", "5,1,1 2 3 4 5", "1,-1,1 2 3 4 5", "2 4,1,1 3 5 2 4",
            "2 4,-1,2 4 1 3 5", "1 2,-1,1 2 3 4 5"})
    void raisingGoesOverTheNextAndLoweringUnderIt(String moved, int by, String wanted) {
        Design design = five();
        assertThat(order(Recipe.moved(design, ids(moved), Recipe.place(design, ids(moved), by))))
                .isEqualTo(list(wanted));
    }

    @Test
    void aGroupStandsWhereItsTopmostLayerStoodAndWhatIsDraggedInOrOutBelongsOrLeaves() {
        Design grouped = Recipe.grouped(five(), Set.of(1, 4), "Water");
        assertThat(order(grouped)).containsExactly(2, 3, 1, 4, 5);
        assertThat(groups(grouped)).containsExactly("", "", "Water", "Water", "");
        // Layer 2 between the two belongs to them.
        assertThat(groups(Recipe.moved(grouped, Set.of(2), 2))).containsExactly("", "Water", "Water", "Water", "");
        // Layer 4 above the topmost of all leaves them.
        assertThat(groups(Recipe.moved(grouped, Set.of(4), 4))).containsExactly("", "", "Water", "", "");
        // Over its own companion it stays.
        assertThat(groups(Recipe.moved(grouped, Set.of(4), 2))).containsExactly("", "", "Water", "Water", "");
        // Both together are still the group, wherever they go.
        assertThat(groups(Recipe.moved(grouped, Set.of(1, 4), 0))).containsExactly("Water", "Water", "", "", "");
        assertThat(groups(Recipe.grouped(grouped, Set.of(1), " "))).containsExactly("", "", "", "Water", "");
    }

    @Test
    void copiesLieOnTopOfTheTopmostAndAreOpenToTheHand() {
        Design locked = Recipe.changed(five(), Set.of(1, 3), l -> l.withLocked(true));
        Design doubled = Recipe.doubled(locked, Set.of(1, 3));
        assertThat(order(doubled)).containsExactly(1, 2, 3, 6, 7, 4, 5);
        assertThat(doubled.layer(6).orElseThrow()).isEqualTo(
                locked.layer(1).orElseThrow().withId(6).withName("L1 copy").withLocked(false));
    }

    @Test
    void aLockedLayerIsNotDeletedAndSaysWhy() {
        Design locked = Recipe.changed(five(), Set.of(3), l -> l.withLocked(true));
        assertThat(order(Recipe.without(locked, Set.of(2, 4)))).containsExactly(1, 3, 5);
        assertThatThrownBy(() -> Recipe.without(locked, Set.of(2, 3))).isInstanceOf(Refusal.class)
                .hasMessage("L3 is locked; unlock it in the recipe to change it");
    }

    @Test
    void broughtLayersFindTheirColoursAndBringWhatIsMissing() {
        Design from = of(1, List.of("Sea"), List.of(SEA));
        Design same = of(2, List.of("Foam", "Deep"), List.of(FOAM, SEA));
        Design brought = Recipe.brought(same, from, Set.of(1));
        assertThat(order(brought)).containsExactly(1, 2, 3);
        assertThat(brought.palette()).isEqualTo(same.palette());
        assertThat(brought.layers().getLast().structure().inks()).contains(Ink.slot("Deep"));

        // A slot of that name in another colour is another ink.
        Design other = of(1, List.of("Sea"), List.of(FOAM));
        Design second = Recipe.brought(other, from, Set.of(1));
        assertThat(second.palette().slots()).containsExactly("Sea", "Sea 2");
        assertThat(second.palette().first().colours()).containsExactly(FOAM, SEA);
        assertThat(second.layers().getLast().structure().inks()).contains(Ink.slot("Sea 2"));

        Fill cloth = Fill.of("Cloth", same);
        Design filled = from.addFill(cloth).replace(1,
                l -> l.withStructure(l.structure().withInks(i -> i instanceof Ink.Slot ? cloth.ink() : i)));
        Design twice = Recipe.brought(Recipe.brought(other, filled, Set.of(1)), filled, Set.of(1));
        assertThat(twice.fills()).as("one fill serves both").containsExactly(cloth);
        assertThat(twice.layers()).hasSize(3);
    }

    private static Set<Integer> ids(String text) {
        return Set.copyOf(list(text));
    }

    private static List<Integer> list(String text) {
        return List.of(text.split(" ")).stream().map(Integer::valueOf).toList();
    }

    @Test
    void aCopiedLayerBringsTheInksOfItsEffects() {
        Design from = of(1, List.of("Foam", "Glow"), List.of(FOAM, new Rgb(250, 200, 40))).replace(1,
                l -> l.withEffects(List.of(new CastShadow(2, 135, 1, 0.5, Ink.slot("Glow")))));
        Design into = Recipe.brought(five(), from, Set.of(1));
        Layer copied = into.layers().getLast();
        assertThat(copied.inks()).allMatch(i -> i instanceof Ink.Clear || into.palette().slots().contains(i.words()));
        Ink shadow = copied.effects().getFirst().inks().getFirst();
        assertThat(into.palette().first().colours().get(into.palette().slot(shadow.words())))
                .isEqualTo(new Rgb(250, 200, 40));
    }

    @Test
    void anInkThatOnlyAnEffectUsesIsRenamedWithItAndUnknownOnesAreRefused() {
        Design glowing = of(1, List.of("Foam", "Glow"), List.of(FOAM, SEA)).replace(1,
                l -> l.withEffects(List.of(new CastShadow(2, 135, 1, 0.5, Ink.slot("Glow")))));
        Design renamed = glowing.renameSlot("Glow", "Ember");
        assertThat(renamed.layers().getFirst().effects().getFirst().inks()).containsExactly(Ink.slot("Ember"));
        assertThatThrownBy(() -> five().replace(1,
                l -> l.withEffects(List.of(new CastShadow(2, 135, 1, 0.5, Ink.slot("Glow"))))))
                .isInstanceOf(Refusal.class).hasMessageContaining("Glow");
    }
}
