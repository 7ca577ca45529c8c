package org.vatwright.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Refusal;

/** Random drafts against the plainest way of working them out. */
class DraftTest {

    static Draft random(Random random, int mostThreads) {
        int shafts = 1 + random.nextInt(32);
        int ends = 1 + random.nextInt(mostThreads);
        int picks = 1 + random.nextInt(mostThreads);
        boolean several = random.nextInt(4) == 0;
        Squares threading = one(random, ends, shafts, several);
        boolean rising = random.nextBoolean();
        if (random.nextInt(3) == 0) {
            return new Draft(threading, Optional.empty(), Squares.by(shafts, picks, (c, r) -> random.nextInt(3) == 0),
                    rising);
        }
        int treadles = 1 + random.nextInt(32);
        return new Draft(threading, Optional.of(Squares.by(treadles, shafts, (c, r) -> random.nextBoolean())),
                one(random, picks, treadles, several).turned(), rising);
    }

    /** A column each with one mark, or with any number of them. */
    private static Squares one(Random random, int columns, int rows, boolean several) {
        int[] chosen = random.ints(columns, 0, rows).toArray();
        return Squares.by(columns, rows, (c, r) -> several ? random.nextInt(8) == 0 : chosen[c] == r);
    }

    private static boolean up(Draft draft, int end, int pick) {
        boolean moved = false;
        for (int shaft = 0; shaft < draft.shafts(); shaft++) {
            boolean shaftMoved = false;
            if (draft.tieUp().isEmpty()) {
                shaftMoved = draft.treadling().at(shaft, pick);
            } else {
                for (int treadle = 0; treadle < draft.treadles(); treadle++) {
                    shaftMoved |= draft.treadling().at(treadle, pick) && draft.tieUp().get().at(treadle, shaft);
                }
            }
            moved |= shaftMoved && draft.threading().at(end, shaft);
        }
        return moved == draft.rising();
    }

    @Test
    void theFastDrawdownIsThatOfEveryCrossingAlone() {
        Random random = new Random(41);
        for (int n = 0; n < 150; n++) {
            Draft draft = random(random, n < 147 ? 90 : 2000);
            Squares down = draft.drawdown();
            int step = n < 147 ? 1 : 7;
            for (int pick = 0; pick < draft.picks(); pick += step) {
                for (int end = 0; end < draft.ends(); end += step) {
                    if (down.at(end, pick) != up(draft, end, pick)) {
                        throw new AssertionError("draft %d differs at end %d, pick %d".formatted(n, end, pick));
                    }
                }
            }
        }
    }

    @Test
    void aDrawdownBecomesADraftThatWeavesIt() {
        Random random = new Random(42);
        for (int n = 0; n < 200; n++) {
            Draft draft = random(random, 200);
            Squares down = draft.drawdown();
            long columns = java.util.stream.IntStream.range(0, down.columns())
                    .mapToObj(c -> down.part(new Area(c, 0, 1, down.rows()))).distinct().count();
            long rows = java.util.stream.IntStream.range(0, down.rows())
                    .mapToObj(r -> down.part(new Area(0, r, down.columns(), 1))).distinct().count();
            if (columns > 32 || rows > 32) {
                assertThatThrownBy(() -> Draft.weaving(down)).isInstanceOf(Refusal.class)
                        .hasMessageContaining("needs %d shafts and %d treadles".formatted(columns, rows));
            } else {
                Draft found = Draft.weaving(down);
                assertThat(found.drawdown()).isEqualTo(down);
                assertThat(found.shafts()).isEqualTo((int) columns);
                assertThat(found.treadles()).isEqualTo((int) rows);
                assertThat(Draft.weaving(found.drawdown())).isEqualTo(found);
            }
        }
    }

    @Test
    void tieUpAndLiftPlanWeaveTheSame() {
        Random random = new Random(43);
        int refused = 0;
        for (int n = 0; n < 200; n++) {
            Draft draft = random(random, 60);
            Draft plan = draft.withLiftPlan();
            assertThat(plan.tieUp()).isEmpty();
            assertThat(plan.drawdown()).isEqualTo(draft.drawdown());
            try {
                assertThat(plan.withTreadles().drawdown()).isEqualTo(draft.drawdown());
            } catch (Refusal tooMany) {
                refused++;
                assertThat(tooMany)
                        .hasMessageMatching("this lift plan needs (3[3-9]|[456]\\d) treadles; 32 are the most");
            }
        }
        assertThat(refused).isBetween(1, 120);
    }

    @Test
    void floatsAreThoseFoundStepByStep() {
        Random random = new Random(44);
        for (int n = 0; n < 1000; n++) {
            Squares down = random(random, 24).drawdown();
            Floats floats = Floats.of(down);
            assertThat(floats.warpFace().map(Floats.Run::along)).isEqualTo(longest(down, true, true));
            assertThat(floats.weftFace().map(Floats.Run::along)).isEqualTo(longest(down, false, false));
            assertThat(floats.warpBack().map(Floats.Run::along)).isEqualTo(longest(down, true, false));
            assertThat(floats.weftBack().map(Floats.Run::along)).isEqualTo(longest(down, false, true));
            floats.warpFace().filter(Floats.Run::bound).ifPresent(run -> {
                for (int i = 0; i < run.along(); i++) {
                    assertThat(down.at(run.end(), (run.pick() + i) % down.rows())).isTrue();
                }
            });
            floats.weftFace().filter(Floats.Run::bound).ifPresent(run -> {
                for (int i = 0; i < run.along(); i++) {
                    assertThat(down.at((run.end() + i) % down.columns(), run.pick())).isFalse();
                }
            });
        }
    }

    /** From every crossing as far as the mark goes, round the edge. */
    private static Optional<Integer> longest(Squares down, boolean warp, boolean mark) {
        int best = 0;
        for (int end = 0; end < down.columns(); end++) {
            for (int pick = 0; pick < down.rows(); pick++) {
                int side = warp ? down.rows() : down.columns();
                int run = 0;
                while (run < side && mark == (warp
                        ? down.at(end, (pick + run) % side)
                        : down.at((end + run) % side, pick))) {
                    run++;
                }
                best = Math.max(best, run == side ? Integer.MAX_VALUE : run);
            }
        }
        return best == 0 ? Optional.empty() : Optional.of(best);
    }

    @Test
    void areasAreFilledAdvancedMirroredAndShifted() {
        Squares blank = Squares.blank(12, 4);
        Squares motif = Squares.by(4, 4, (c, r) -> c == r);
        Area all = Area.all(blank);
        Squares straight = SquareFill.fill(blank, all, motif);
        assertThat(straight).isEqualTo(Squares.by(12, 4, (c, r) -> c % 4 == r));
        Squares advanced = SquareFill.advance(blank, all, motif, 1, true);
        assertThat(advanced).isEqualTo(Squares.by(12, 4, (c, r) -> (c % 4 + c / 4) % 4 == r));
        Area part = Area.spanning(7, 3, 4, 0);
        assertThat(SquareFill.change(straight, part, Squares::mirroredAcross).at(4, 3)).isTrue();
        assertThat(SquareFill.change(straight, part, Squares::inverted).marked()).isEqualTo(4 + 12 + 4);
        assertThat(SquareFill.change(straight, part, s -> s.shifted(1, 0)).at(5, 0)).isTrue();
        assertThat(straight.shifted(12, 4)).isEqualTo(straight);
        assertThat(straight.mirroredDown().mirroredDown()).isEqualTo(straight);
        assertThat(straight.pasted(10, 2, motif).at(10, 2)).isTrue();
        assertThat(straight.turned().turned()).isEqualTo(straight);
    }
}
