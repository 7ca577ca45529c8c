package org.vatwright.core.family.brush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.brush.Track;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;

class BrushworkTest {

    private static final Ink KELP = Ink.slot("Kelp");
    private static final Ink RUST = Ink.slot("Rust");
    private static final Brush TAR = ShippedBrushes.ALL.get(1);
    private static final Palette PALETTE = new Palette(List.of("Paper", "Kelp", "Rust"), List.of(
            new Colourway("Own", List.of(Rgb.parse("#f2ebdd"), Rgb.parse("#245b57"), Rgb.parse("#c0603a")))));

    private static BrushStroke stroke(Ink ink, double... at) {
        return new BrushStroke(Track.of(at), TAR, ink);
    }

    private static int[] painted(Brushwork work, Repeat repeat, int wide) {
        Design design = new Design("Painted", repeat, Ink.slot("Paper"), List.of(new Layer(1, "Painted", work)),
                PALETTE,
                Guides.NONE);
        return TileRenderer.render(new Cloth(design, PALETTE.first()), TileGrid.ofWidth(repeat.tile(), wide),
                Work.on(2)).argb();
    }

    @Test
    void itsInksAreThoseThatStrokesLeaveNotThoseOfErasers() {
        Brushwork work = Brushwork.empty().and(stroke(KELP, 1, 1, 9, 9)).and(stroke(KELP, 2, 1, 9, 9))
                .and(stroke(RUST, 1, 1).withErases(true));
        assertThat(work.inks()).containsExactly(KELP);
        assertThat(work.and(stroke(KELP, 5, 5).withOther(Optional.of(RUST))).inks()).containsExactly(KELP, RUST);
        assertThat(work.withInks(i -> RUST).strokes()).extracting(BrushStroke::ink).containsOnly(RUST);
    }

    @Test
    void strokesAreChangedAndTakenOutByTheirPlace() {
        Brushwork work = Brushwork.empty().and(stroke(KELP, 1, 1)).and(stroke(KELP, 2, 2)).and(stroke(KELP, 3, 3));
        Brushwork changed = work.edit(Set.of(0, 2), s -> s.withInk(RUST));
        assertThat(changed.strokes()).extracting(BrushStroke::ink).containsExactly(RUST, KELP, RUST);
        assertThat(changed.without(Set.of(1)).strokes()).extracting(s -> s.track().x(0)).containsExactly(1.0, 3.0);
        assertThat(work.strokes()).as("the first stays as it is").extracting(BrushStroke::ink).containsOnly(KELP);
    }

    @Test
    void inACellTwiceAsLargeItIsThePictureTwiceAsLarge() {
        Repeat small = new Repeat(40, 30, Arrangement.STRAIGHT);
        Brushwork work = Brushwork.empty().and(new BrushStroke(Track.of(5, 5, 30, 20), ShippedBrushes.ALL.get(4), KELP)
                .withSymmetry(new Symmetry.Axes(3, 20, 15, 10))).and(stroke(RUST, 35, 25, 45, 25));
        Repeat large = new Repeat(80, 60, Arrangement.STRAIGHT);
        int[] before = painted(work, small, 160);
        int[] after = painted(work.resized(2), large, 160);
        int differ = 0;
        for (int i = 0; i < before.length; i++) {
            differ += before[i] == after[i] ? 0 : 1;
        }
        // Grain and hairs are measured in sizes of the brush, so they grow with it.
        assertThat(differ).isLessThan(before.length / 200);
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void everyGroupPaintsAStrokeOnceForEachOfItsMoves(WallpaperGroup group) {
        double w = 60;
        double h = group.heightFor(w, 50);
        Repeat repeat = new Repeat(w, h, Arrangement.STRAIGHT);
        int moves = group.operations(w, h).size();
        // On no mirror of any group, where a dot and its image would be one.
        Brush dot = Brush.plain("Dot", Tip.ROUND, 1.2);
        Brushwork one = Brushwork.empty().and(new BrushStroke(Track.of(9.3, 2.1), dot, KELP));
        Brushwork all = one.edit(Set.of(0), s -> s.withSymmetry(new Symmetry.Group(group)));
        all.fitted(repeat);
        double ratio = ink(painted(all, repeat, 480)) / ink(painted(one, repeat, 480));
        assertThat(ratio).isBetween(moves * 0.98, moves * 1.02);
    }

    private static double ink(int[] argb) {
        int paper = Rgb.parse("#f2ebdd").red();
        double sum = 0;
        for (int pixel : argb) {
            sum += paper - (pixel >> 16 & 255);
        }
        return sum;
    }

    @Test
    void aCellThatItsGroupCannotStandOnIsRefusedWithTheRightOne() {
        Brushwork work = Brushwork.empty().and(stroke(KELP, 1, 1).withSymmetry(new Symmetry.Group(WallpaperGroup.P4M)));
        assertThatThrownBy(() -> work.fitted(new Repeat(60, 50, Arrangement.STRAIGHT))).isInstanceOf(Refusal.class)
                .hasMessageContaining("60 x 60 mm would be right");
        assertThatThrownBy(() -> new Brushwork(List.of(), new Symmetry.Group(WallpaperGroup.P2))
                .fitted(new Repeat(60, 50, Arrangement.HALF_DROP))).hasMessageContaining("laid straight");
        assertThat(work.fitted(new Repeat(60, 60, Arrangement.STRAIGHT))).isEqualTo(work);
    }

    @Test
    void whatItTellsOfItselfCountsItsStrokes() {
        Repeat repeat = new Repeat(60, 50, Arrangement.STRAIGHT);
        assertThat(Brushwork.empty().findings(repeat).getFirst().value()).isEqualTo("nothing is painted yet");
        assertThat(Brushwork.empty().and(stroke(KELP, 1, 1)).findings(repeat).getFirst().value())
                .isEqualTo("1 stroke, painted around the tile");
    }

    @Test
    void scaledAboutItsMiddleAStrokeKeepsItsMiddleAndItsBrushGrows() {
        BrushStroke twice = stroke(KELP, 10, 10, 20, 10).scaledAbout(2, 15, 10);
        assertThat(twice.track().x(0)).isEqualTo(5);
        assertThat(twice.track().x(1)).isEqualTo(25);
        assertThat(twice.brush().sizeMm()).isEqualTo(2 * TAR.sizeMm());
        assertThatThrownBy(() -> twice.scaledAbout(0, 0, 0)).isInstanceOf(Refusal.class);
    }
}
