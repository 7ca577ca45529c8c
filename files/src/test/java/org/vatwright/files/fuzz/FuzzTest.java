package org.vatwright.files.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A few of what {@code scripts/fuzz} tries by the hundred thousand. */
class FuzzTest {

    @TempDir
    Path folder;

    @Test
    void changedInputsAreRefusedInASentenceOrStandAllThatIsDoneWithThem() throws Exception {
        FuzzTrial.Outcome outcome = FuzzTrial.run(7_000_000, 2000, FuzzTrial.drawings(Path.of("..", "demo")), folder,
                false);
        assertThat(outcome.faults()).isEmpty();
        assertThat(outcome.accepted()).as("every reader was tried").hasSize(FuzzInputs.Kind.values().length);
        outcome.accepted().forEach((kind, counts) -> assertThat(counts[1]).as("some %s are accepted", kind)
                .isBetween(1, counts[0] - 1));
    }
}
