package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Refusal;

class PreviewTest {

    private final Preview<String> preview = new Preview<>();
    private final List<String> kept = new ArrayList<>();
    private final List<String> shown = new ArrayList<>();

    private void act(String result) {
        preview.instead().ifPresentOrElse(show -> show.accept(result), () -> kept.add(result));
    }

    @Test
    void whatIsShownIsNotKeptAndAfterwardsItIsAgain() {
        preview.run(() -> act("wide"), shown::add);
        assertThat(shown).containsExactly("wide");
        assertThat(kept).isEmpty();
        act("wide");
        assertThat(kept).containsExactly("wide");
    }

    @Test
    void whatIsRefusedShowsNothingAndAFaultIsNotSwallowed() {
        preview.run(() -> {
            throw new Refusal("too wide");
        }, shown::add);
        assertThat(shown).isEmpty();
        assertThatThrownBy(() -> preview.run(() -> {
            throw new IllegalStateException("a fault");
        }, shown::add)).isInstanceOf(IllegalStateException.class);
        act("narrow");
        assertThat(kept).as("both times it ended").containsExactly("narrow");
    }
}
