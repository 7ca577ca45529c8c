package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.files.type.ShippedTypefaces;

/** What is painted with, without a window. */
class BrushHandTest {

    private static Design design(String ground, String... colours) {
        List<String> slots = new ArrayList<>();
        for (int i = 0; i < colours.length; i++) {
            slots.add("Ink " + (i + 1));
        }
        return new Design("Painted", new Repeat(10, 10, Arrangement.STRAIGHT), Ink.slot(ground), List.of(),
                new Palette(slots, List.of(new Colourway("Own", Arrays.stream(colours).map(Rgb::parse)
                        .toList()))),
                Guides.NONE);
    }

    @Test
    void theFirstInkIsTheOneSeenBestOnTheGround() {
        assertThat(BrushHand.FIRST.inkIn(design("Ink 1", "#f1e9d8", "#d8d0c0", "#20365f", "#9fb6d8")))
                .isEqualTo(Ink.slot("Ink 3"));
        assertThat(BrushHand.FIRST.inkIn(design("Ink 3", "#f1e9d8", "#d8d0c0", "#20365f", "#9fb6d8")))
                .isEqualTo(Ink.slot("Ink 1"));
        assertThat(BrushHand.FIRST.inkIn(design("Ink 1", "#f1e9d8"))).as("the only one").isEqualTo(Ink.slot("Ink 1"));
    }

    @Test
    void anInkThatADesignDoesNotHaveIsNotPaintedWithThere() {
        BrushHand hand = BrushHand.FIRST.withInk(Optional.of(Ink.slot("Ink 2"))).withOther(
                Optional.of(Ink.slot("Ink 4")));
        Design few = design("Ink 1", "#f1e9d8", "#d8d0c0", "#20365f");
        assertThat(hand.inkIn(few)).isEqualTo(Ink.slot("Ink 2"));
        assertThat(hand.otherIn(few)).isEmpty();
        Design fewer = design("Ink 1", "#f1e9d8");
        assertThat(hand.inkIn(fewer)).isEqualTo(Ink.slot("Ink 1"));
        assertThat(hand.withInk(Optional.of(Ink.CLEAR)).inkIn(fewer)).isEqualTo(Ink.CLEAR);
        assertThat(hand.withInk(Optional.of(new Ink.Filled("Foil"))).inkIn(fewer)).isEqualTo(Ink.slot("Ink 1"));
    }

    @Test
    void ownBrushesAreKeptByNameAndTheShippedOnesStay() {
        Brush own = Brush.plain("Herring", Tip.SEED, 4);
        BrushHand hand = BrushHand.FIRST.keeping(own);
        assertThat(hand.brush()).isEqualTo(own);
        assertThat(hand.all()).hasSize(ShippedBrushes.ALL.size() + 1).endsWith(own);
        Brush broader = own.withBreadth(0.8);
        assertThat(hand.keeping(broader).own()).as("one of its name is replaced").containsExactly(broader);
        assertThat(hand.dropping("Herring").own()).isEmpty();
        assertThat(hand.dropping("Tar").all()).as("none of ours").hasSize(ShippedBrushes.ALL.size() + 1);
        assertThatThrownBy(() -> hand.keeping(own.withName("Tar"))).isInstanceOf(Refusal.class)
                .hasMessageContaining("comes with the program");
        assertThatThrownBy(() -> BrushHand.FIRST.withSteadyMm(101)).hasMessageContaining("steady hand 101 mm");
    }

    @Test
    void theShippedOnesAreEightAllDifferentAndEachOfItsOwnName() {
        assertThat(ShippedBrushes.ALL).hasSize(8);
        assertThat(ShippedBrushes.ALL).extracting(Brush::name).doesNotHaveDuplicates();
        assertThat(ShippedBrushes.ALL).extracting(Brush::tip).contains(Tip.ROUND, Tip.DRY, Tip.SEED, Tip.BRISTLE,
                Tip.SPRAY);
    }

    @Test
    void whoLooksOnIsToldOnceOfEachChangeAndOfARefusal() {
        Studio studio = new Studio(Project.empty("Refit"), new ShippedTypefaces());
        List<Change> told = new ArrayList<>();
        List<String> said = new ArrayList<>();
        studio.watch(told::add);
        studio.hear(m -> said.add(m.text()));
        studio.holdBrush(h -> h.withDoing(BrushHand.Doing.ERASE));
        studio.holdBrush(h -> h.withDoing(BrushHand.Doing.ERASE));
        assertThat(told).hasSize(1);
        assertThat(studio.history().undoName()).as("what is in the hand is not undone").isEmpty();
        studio.attempt(() -> studio.holdBrush(h -> h.withSteadyMm(-1)));
        assertThat(said).hasSize(1).first().asString().contains("Steady hand -1 mm");
        assertThat(studio.brushHand().steadyMm()).isZero();
    }
}
