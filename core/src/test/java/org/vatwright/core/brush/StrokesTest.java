package org.vatwright.core.brush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.pattern.Ink;

class StrokesTest {

    private static BrushStroke stroke(int seed, String ink) {
        return new BrushStroke(Track.of(seed, 2, 3, 4), ShippedBrushes.ALL.getFirst(), Ink.slot(ink)).withSeed(seed);
    }

    @Test
    void theirInksAreThoseThatShowEachOnceAsTheyCome() {
        List<BrushStroke> all = List.of(stroke(1, "Kelp"), stroke(2, "Rust").withErases(true), stroke(3, "Foam"),
                stroke(4, "Kelp").withOther(Optional.of(Ink.slot("Tar"))), stroke(5, "Foam"));
        assertThat(Strokes.of(all).inks()).containsExactly(Ink.slot("Kelp"), Ink.slot("Foam"), Ink.slot("Tar"));
        assertThat(Strokes.of(List.of()).inks()).isEmpty();
    }

    @Test
    void theyAreAListLikeAnyOther() {
        List<BrushStroke> all = new ArrayList<>(List.of(stroke(1, "Kelp"), stroke(2, "Rust"), stroke(3, "Foam")));
        Strokes strokes = Strokes.of(all);
        assertThat(strokes).isEqualTo(all).hasSameHashCodeAs(all);
        assertThat(all).isEqualTo(strokes);
        assertThat(Strokes.of(strokes)).isSameAs(strokes);
        assertThat(strokes).isEqualTo(Strokes.of(List.of(stroke(1, "Kelp"), stroke(2, "Rust"), stroke(3, "Foam"))));
        assertThat(strokes).isNotEqualTo(Strokes.of(all.subList(0, 2)));
        assertThat(strokes).isNotEqualTo(Strokes.of(List.of(stroke(9, "Kelp"), stroke(2, "Rust"), stroke(3, "Foam"))));
        all.set(0, stroke(7, "Kelp"));
        assertThat(strokes.getFirst()).as("what was given is not looked at again").isEqualTo(stroke(1, "Kelp"));
        assertThatThrownBy(() -> strokes.set(0, stroke(7, "Kelp"))).isInstanceOf(UnsupportedOperationException.class);
    }
}
