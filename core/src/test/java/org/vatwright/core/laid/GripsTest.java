package org.vatwright.core.laid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.Blob;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.family.flow.Sway;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/** What a hand pulls on the cloth, and the ways to close, for every laid family alike. */
class GripsTest {

    private static List<LaidStructure> all() {
        List<LaidStructure> all = new ArrayList<>();
        Inking inking = new Inking(Inking.Way.BY_TURN, List.of(Samples.NAVY, Samples.MADDER));
        for (Bond bond : Bond.EXAMPLES) {
            all.add(new Blocks(new Bond.Stacked(), 30, 14, 1, Samples.LINEN, inking).withBond(bond));
        }
        all.add(new Zigzag(20, 5, 9, List.of(new Zigzag.Line(Samples.NAVY, 3), new Zigzag.Line(Samples.MADDER, 1)),
                Zigzag.Corner.CUT, 0.4, 0));
        for (Mesh mesh : Mesh.EXAMPLES) {
            all.add(new Interlace(new Mesh.Rings(), 26, 20, 20, 3, 0.5, 0.1, List.of(Samples.NAVY), 0, Set.of())
                    .withMesh(mesh));
        }
        all.add(new FlowLines(60, 24, List.of(new Knot(0, 6, 8, -4, 1), new Knot(30, 9, 8, 5, 1.3)),
                new FlowLines.Copies(2, 1, 8, 0), new Ribbon(2, List.of(Samples.NAVY), List.of()),
                List.of(new BeadRow(Samples.LINEN, 0, 1, BeadRow.Cap.ROUND, List.of(new BeadRow.Step(1, 1)), false)),
                List.of(new Blob(20, 18, 5, 3, 0, 0, Samples.MADDER)), Sway.NONE, 1, 0, 0));
        return all;
    }

    /** A grip pulled by a little stands where it was pulled to, so that it stays under the hand. */
    @Test
    void aGripStaysUnderTheHand() {
        for (LaidStructure laid : all()) {
            List<Grip> grips = laid.grips();
            for (int i = 0; i < grips.size(); i++) {
                Grip grip = grips.get(i);
                LaidStructure pulled = grip.pull().to(grip.x() + 0.4, grip.y() + 0.3);
                Grip after = pulled.grips().get(i);
                assertThat(after.name()).isEqualTo(grip.name());
                boolean across = Math.abs(after.x() - grip.x() - 0.4) < 0.02;
                boolean down = Math.abs(after.y() - grip.y() - 0.3) < 0.02;
                assertThat(across || down).as("%s of %s: %s, %s", grip.name(), laid, after.x() - grip.x(),
                        after.y() - grip.y()).isTrue();
                assertThat(pulled).isNotEqualTo(laid);
                // Where it stands nothing changes.
                LaidStructure same = grip.pull().to(grip.x(), grip.y());
                assertThat(same.lattice().ax()).isEqualTo(laid.lattice().ax(), within(1e-9));
                assertThat(same.lattice().by()).isEqualTo(laid.lattice().by(), within(1e-9));
            }
        }
    }

    /** The length that a grip tells is the one it pulls: typed back it changes nothing, typed otherwise it is told so. */
    @Test
    void theLengthOfAGripIsThatWhichItPulls() {
        int measured = 0;
        for (LaidStructure laid : all()) {
            for (int i = 0; i < laid.grips().size(); i++) {
                Grip grip = laid.grips().get(i);
                if (grip.measure().isEmpty()) {
                    continue;
                }
                measured++;
                Grip.Measure measure = grip.measure().get();
                String what = "%s of %s".formatted(grip.name(), laid);
                assertThat(measure.with().apply(measure.mm())).as(what).isEqualTo(laid);
                double other = 0.95 * measure.mm() + 0.1;
                LaidStructure typed = measure.with().apply(other);
                assertThat(typed).as(what).isNotEqualTo(laid);
                assertThat(typed.grips().get(i).measure().orElseThrow().mm()).as(what).isEqualTo(other, within(1e-6));
                LaidStructure pulled = grip.pull().to(grip.x() + 0.4, grip.y() + 0.3);
                double change = pulled.grips().get(i).measure().orElseThrow().mm() - measure.mm();
                assertThat(Math.abs(change)).as(what).isBetween(0.01, 1.0);
            }
        }
        assertThat(measured).isGreaterThan(40);
    }

    /** However far a hand pulls, what comes of it is a structure that can be drawn. */
    @Test
    void pullsTooFarRestAtTheirEnd() {
        Random random = new Random(7);
        Repeat repeat = new Repeat(100, 90, Arrangement.STRAIGHT);
        for (LaidStructure laid : all()) {
            for (Grip grip : laid.grips()) {
                for (int n = 0; n < 6; n++) {
                    LaidStructure pulled = grip.pull().to(random.nextInt(8000) - 4000, random.nextInt(8000) - 4000);
                    assertThat(pulled.lattice().cell()).as("%s of %s", grip.name(), laid).isPositive();
                }
            }
            assertThat(laid.fitted(repeat)).isEqualTo(laid);
        }
    }

    /** Every offer closes exactly; scaled all together, a structure closes on the cell that is scaled as well. */
    @Test
    void everyOfferClosesAndAllSizesScaleTogether() {
        Random random = new Random(8);
        int offers = 0;
        for (LaidStructure laid : all()) {
            for (int n = 0; n < 6; n++) {
                LaidStructure turned = laid.withAngle(n < 3 ? 0 : random.nextInt(90));
                Repeat repeat = new Repeat(40 + random.nextInt(160), 40 + random.nextInt(160), Arrangement.STRAIGHT);
                for (Closing offer : turned.closings(repeat)) {
                    offers++;
                    LaidStructure closed = (LaidStructure) offer.structure();
                    assertThat(closed.closes(offer.repeat())).as("%s", offer).isTrue();
                    assertThat(closed.fit(offer.repeat()).map().isIdentity()).isTrue();
                }
            }
            LaidClosing.tile(laid).ifPresent(tile -> {
                LaidStructure large = laid.scaled(1.7);
                assertThat(large.closes(new Repeat(1.7 * tile.widthMm(), 1.7 * tile.heightMm(), Arrangement.STRAIGHT)))
                        .as("%s", laid).isTrue();
                assertThat(large.grips().getFirst().x()).isEqualTo(1.7 * laid.grips().getFirst().x(), within(1e-6));
            });
        }
        assertThat(offers).isGreaterThan(150);
    }
}
