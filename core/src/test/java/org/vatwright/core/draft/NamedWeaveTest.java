package org.vatwright.core.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.measure.Refusal;

/** Drawdowns worked out by hand: the first end at the left and the first pick at the top, x where the warp is up. */
class NamedWeaveTest {

    @ParameterizedTest
    @CsvSource({"plain, x./.x",
            "basket 2/2, xx../xx../..xx/..xx",
            "basket 1/2, x./x./.x/.x",
            "twill 2/2, xx../x..x/..xx/.xx.",
            "twill 2/2 left, xx../.xx./..xx/x..x",
            "twill 3/1, xxx./xx.x/x.xx/.xxx",
            "twill 3/1 left, xxx./.xxx/x.xx/xx.x",
            "twill-1-2, x../..x/.x.",
            "twill 2/1/1/1, xx.x./x.x.x/.x.xx/x.xx./.xx.x",
            "twill 3/2 step 2, xxx../x..xx/.xxx./xx..x/..xxx",
            // The binding point of pick p lies on end p times the step.
            "satin 5/2, .xxxx/xx.xx/xxxx./x.xxx/xxx.x",
            "satin 5/3, .xxxx/xxx.x/x.xxx/xxxx./xx.xx",
            "sateen 8/3, x......./...x..../......x./.x....../....x.../.......x/..x...../.....x..",
            "satin 8/5, .xxxxxxx/xxxxx.xx/xx.xxxxx/xxxxxxx./xxxx.xxx/x.xxxxxx/xxxxxx.x/xxx.xxxx",
            // Shafts 1 2 3 4 3 2.
            "pointed 2/2, xx...x/x..x../..xxx./.xx.xx",
            // Shafts 1 2 4 3.
            "broken 3/1, xx.x/xxx./x.xx/.xxx",
            // Shafts 1 2 3 4 2 1 4 3.
            "herringbone 2/2 4, xx..xx../x..x.xx./..xx..xx/.xx.x..x",
            // Shafts and treadles 1 2 3 4 3 2: a line of binding, a diamond of warp, a diamond of weft.
            "waffle 4, ...x../..x.x./.x.x.x/x.xxx./.x.x.x/..x.x."})
    void drawsDownAsWorkedOutByHand(String name, String rows) {
        String[] lines = rows.split("/");
        Squares wanted = Squares.by(lines[0].length(), lines.length, (end, pick) -> lines[pick].charAt(end) == 'x');
        NamedWeave weave = NamedWeave.parse(name);
        assertThat(weave.draft().drawdown()).hasToString(wanted.toString());
        assertThat(NamedWeave.parse(weave.name())).isEqualTo(weave);
    }

    @Test
    void everyStepOfASatinIsEitherEvenlyBoundOrRefusedWithTheValidOnes() {
        for (int n = 5; n <= 32; n++) {
            for (int step = 1; step < n; step++) {
                boolean valid = n != 6 && step > 1 && step < n - 1
                        && BigInteger.valueOf(n).gcd(BigInteger.valueOf(step)).intValue() == 1;
                String name = "satin %d/%d".formatted(n, step);
                if (valid) {
                    Squares down = NamedWeave.parse(name).draft().drawdown();
                    Floats floats = Floats.of(down);
                    assertThat(floats.warpFace().orElseThrow().along()).as(name).isEqualTo(n - 1);
                    assertThat(floats.weftFace().orElseThrow().along()).as(name).isEqualTo(1);
                    assertThat(down.marked()).isEqualTo(n * (n - 1));
                } else {
                    assertThatThrownBy(() -> NamedWeave.parse(name)).as(name).isInstanceOf(Refusal.class)
                            .hasMessageContaining(n == 6 ? "5, or 7 to 32" : "will do");
                }
            }
        }
        assertThatThrownBy(() -> NamedWeave.parse("satin 8/4")).hasMessage(
                "a satin of 8 ends with step 4 leaves ends unbound, since both share a factor; step 3, 5 will do");
    }

    @ParameterizedTest
    @ValueSource(strings = {"twill 3", "twill 0/4", "twill 2/2 step 2", "twill 30/30", "satin 4/2", "satin 33/2",
            "waffle 3", "waffle 33", "basket 0/2", "broken 1/1", "herringbone 2/2 1", "velvet", "", "satin 99999999/2"})
    void aWrongOneIsRefusedWithWhatWouldBeRight(String name) {
        assertThatThrownBy(() -> NamedWeave.parse(name)).isInstanceOf(Refusal.class)
                .message().matches("(?s).*(\\d|such as).*");
    }

    @Test
    void familiesNameExamplesThatCanBeRead() {
        for (NamedWeave.Family family : NamedWeave.FAMILIES) {
            assertThat(NamedWeave.parse(family.example()).name()).isEqualTo(family.example());
        }
    }

    @Test
    void aDraftSaysWhatTakingShaftsAndTreadlesAwayWouldCost() {
        Draft twill = NamedWeave.parse("twill 2/2").draft().withThreads(10, 9);
        assertThat(twill.costOfShafts(3)).isEqualTo("2 ends are on shaft 4 and above; they would hang on none");
        assertThat(twill.costOfShafts(4)).isEmpty();
        assertThat(twill.costOfTreadles(3)).isEqualTo("2 picks tread treadle 4 and above; they would tread none");
        Draft fewer = twill.withShafts(3);
        assertThat(fewer.threading().columnMask(3)).isZero();
        assertThat(fewer.withShafts(4).drawdown().at(3, 0)).isFalse();
        assertThat(twill.withShafts(32).drawdown()).isEqualTo(twill.drawdown());
        assertThat(twill.withShafts(32).costOfShafts(32)).isEmpty();
        assertThatThrownBy(() -> twill.withShafts(33)).hasMessageContaining("1 to 32");
        assertThatThrownBy(() -> twill.withLiftPlan().withTreadles(3)).hasMessageContaining("no treadles");
    }

    @Test
    void theOtherShedWeavesTheSameOrIsRefused() {
        Draft twill = NamedWeave.parse("twill 3/1").draft();
        assertThat(twill.withRising(false).drawdown()).isEqualTo(twill.drawdown());
        assertThat(twill.withRising(false).tieUp().orElseThrow()).isEqualTo(twill.tieUp().orElseThrow().inverted());
        Draft two = new Draft(twill.threading(), Optional.empty(), twill.withLiftPlan().treadling(), true);
        assertThat(two.withRising(false).drawdown()).isEqualTo(two.drawdown());
        Draft unthreaded = twill.withThreading(twill.threading().with(0, 0, false));
        assertThatThrownBy(() -> unthreaded.withRising(false)).hasMessageContaining("on one shaft");
    }
}
