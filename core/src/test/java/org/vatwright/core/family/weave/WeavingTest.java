package org.vatwright.core.family.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.woven.FabricTogether;
import org.vatwright.core.woven.ThreadMask;

/** Fabric from its draft: corners, colours of threads, numbers. */
class WeavingTest {

    private static final Ink A = Ink.slot("A");
    private static final Ink B = Ink.slot("B");

    private static Weaving weaving(String weave) {
        Fabric fabric = new Fabric(new BandRun(List.of(new Band(A, 2), new Band(B, 1)), false),
                Optional.of(new BandRun(List.of(new Band(B, 1)), false)), Weave.plain(), Look.WOVEN, 10, 5);
        NamedWeave named = NamedWeave.parse(weave);
        return new Weaving(named.name(), named.draft(), fabric);
    }

    /** @return the ink seen at a crossing, from the left and the top */
    private static Ink seen(Weaving w, int column, int row) {
        List<Ink> warp = Fabric.threads(w.fabric().warp());
        List<Ink> weft = Fabric.threads(w.fabric().weft());
        return w.fabric().weave().warpOnTop(column, row) ? warp.get(column % warp.size()) : weft.get(row % weft.size());
    }

    @Test
    void theFirstEndAndPickLieAtTheOriginAndThreadsKeepTheirColours() {
        Weaving usual = weaving("satin 5/2");
        Squares down = usual.draft().drawdown();
        int n = usual.fabric().endsInPeriod();
        assertThat(n).isEqualTo(15);
        for (boolean right : new boolean[]{true, false}) {
            for (boolean bottom : new boolean[]{true, false}) {
                Weaving w = usual.withOrigin(new Origin(right, bottom));
                for (int end = 0; end < n; end++) {
                    assertThat(w.endInk(end)).isEqualTo(usual.endInk(end));
                    for (int pick = 0; pick < 5; pick++) {
                        Ink wanted = down.at(end % 5, pick) ? usual.endInk(end) : B;
                        assertThat(seen(w, right ? n - 1 - end : end, bottom ? 4 - pick : pick)).isEqualTo(wanted);
                    }
                }
                assertThat(w.withOrigin(Origin.USUAL).fabric().weave()).isEqualTo(usual.fabric().weave());
            }
        }
    }

    @Test
    void aMovedClothIsTheSameClothElsewhere() {
        Random random = new Random(3);
        Weaving w = weaving("herringbone 2/2 6");
        for (int i = 0; i < 30; i++) {
            int right = random.nextInt(40) - 20;
            int lower = random.nextInt(40) - 20;
            Weaving moved = w.moved(right, lower);
            for (int k = 0; k < 200; k++) {
                int column = 60 + random.nextInt(50);
                int row = 60 + random.nextInt(50);
                assertThat(seen(moved, column + right, row + lower)).isEqualTo(seen(w, column, row));
            }
        }
    }

    @Test
    void threadsAreInkedOneByOne() {
        Weaving w = weaving("twill 2/2");
        Weaving inked = w.inked(true, List.of(1), B).inked(false, List.of(0, 3), A);
        for (int end = 0; end < 24; end++) {
            assertThat(inked.endInk(end)).isEqualTo(end % 4 == 1 ? B : w.endInk(end));
        }
        for (int pick = 0; pick < 8; pick++) {
            assertThat(inked.pickInk(pick)).isEqualTo(pick % 4 == 0 || pick % 4 == 3 ? A : B);
        }
        assertThat(inked.draft()).isEqualTo(w.draft());
    }

    @Test
    void aCellThatHoldsAllWeavesIsOffered() {
        Weaving satin = weaving("satin 5/2");
        Layer masked = new Layer(2, "Over", satin).withMask(Optional.of(new ThreadMask(Weave.parse("twill 2/2"), true,
                10, 5)));
        Palette palette = new Palette(List.of("A", "B"), List.of(new Colourway("First",
                List.of(new Rgb(0, 0, 0), new Rgb(255, 255, 255)))));
        Design design = new Design("Two", new Repeat(50, 50, Arrangement.STRAIGHT), Ink.CLEAR,
                List.of(new Layer(1, "Under", satin), masked), palette, Guides.NONE);
        // 15 and 4 ends of 1 mm; 5 and 4 picks of 2 mm.
        Repeat offered = FabricTogether.repeat(design).orElseThrow();
        assertThat(offered.widthMm()).isEqualTo(60);
        assertThat(offered.heightMm()).isEqualTo(40);
        assertThat(FabricTogether.repeat(design.withRepeat(offered))).isEmpty();
        assertThat(FabricTogether.repeat(design.withLayers(List.of()))).isEmpty();
    }

    @Test
    void yarnIsCountedByInk() {
        List<ThreadCount> counts = ThreadCount.of(weaving("twill 2/2").fabric(), 1200);
        assertThat(counts).containsExactly(new ThreadCount(A, 8, 0, 800, 0, 800),
                new ThreadCount(B, 4, 4, 400, 500, 400 + 500 * 1.2));
    }

    @Test
    void floatsThatSnagAndThreadsThatHangLooseAreFound() {
        Repeat repeat = new Repeat(24, 24, Arrangement.STRAIGHT);
        Weaving satin = weaving("satin 8/3");
        assertThat(satin.findings(repeat)).anySatisfy(f -> {
            assertThat(f.check()).isEqualTo("Longest warp float");
            assertThat(f.severity()).isEqualTo(Finding.Severity.LOOK);
            assertThat(f.value()).isEqualTo("7 picks at end 1, pick 2, 14 mm");
        });
        Draft loose = satin.draft().withTreadling(satin.draft().treadling().onlyInRow(1, 0));
        assertThat(satin.withDraft(loose).findings(repeat)).anySatisfy(f -> {
            assertThat(f.severity()).isEqualTo(Finding.Severity.WRONG);
            assertThat(f.value()).isEqualTo("end 1 is never bound");
        });
    }
}
