package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A few of the kills that {@code scripts/kill-test} makes by the hundred. */
class KillTrialTest {

    @TempDir
    Path folder;

    @Test
    void whatWasFinishedBeforeTheProgramWasKilledIsThereWhenItStartsAgain() throws Exception {
        KillTrial.Outcome outcome = KillTrial.run(3, 11, folder, KillTrial.small(), false);
        assertThat(outcome.lost()).isEmpty();
        assertThat(outcome.states()).as("it was at work").isGreaterThan(3);
        assertThat(outcome.takenUp()).as("killed with work in hand at least once").isPositive();
    }
}
