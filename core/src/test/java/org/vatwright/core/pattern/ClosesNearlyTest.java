package org.vatwright.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/** What does not close as asked for says what was asked, what is drawn instead and where to have it exact. */
class ClosesNearlyTest {

    private static final Repeat CELL = new Repeat(96, 96, Arrangement.STRAIGHT);

    private static Finding closing(Structure structure) {
        List<Finding> all = structure.fitted(CELL).findings(CELL).stream().filter(f -> f.check().contains("close"))
                .toList();
        assertThat(all).hasSize(1);
        return all.getFirst();
    }

    @Test
    void stripesTellTheirAngleAndHowMuchWiderTheyBecome() {
        Stripes stripes = Samples.stripes(37, 40, 40);
        Finding nearly = closing(stripes);
        assertThat(nearly.closesNearly()).isTrue();
        assertThat(nearly.limit()).isEqualTo("37\u00b0");
        assertThat(nearly.value()).matches("[\\d.]+\u00b0 with bands [\\d.]+ % (wider|narrower)");
        assertThat(nearly.words()).startsWith("At 37\u00b0 it does not close on this tile")
                .contains(nearly.value()).endsWith("Build offers ways to have it exact.");
        // The width is told the right way round: what is offered at that angle is wider or narrower just so.
        Finding exact = closing(Samples.stripes(0, 48, 48));
        assertThat(exact.closesNearly()).isFalse();
        assertThat(exact.words()).isEmpty();
    }

    @Test
    void linesAndRingsTellWhatTheyAskedForInOneNumber() {
        Zigzag zigzag = new Zigzag(20, 5, 9, List.of(new Zigzag.Line(Samples.NAVY, 3)), Zigzag.Corner.SHARP, 0.4, 11);
        Interlace rings = new Interlace(new Mesh.Rings(), 26, 20, 20, 3, 0.5, 0.1, List.of(Samples.NAVY), 11,
                Set.of());
        for (Structure structure : List.of(zigzag, rings)) {
            Finding nearly = closing(structure);
            assertThat(nearly.closesNearly()).as(structure.family()).isTrue();
            assertThat(nearly.limit()).isEqualTo("11\u00b0");
            assertThat(nearly.words()).contains("At 11\u00b0").contains("% across").doesNotContain("100 %.");
        }
    }
}
