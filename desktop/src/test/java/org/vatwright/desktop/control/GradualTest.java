package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.control.Label;

@Timeout(30)
class GradualTest {

    private final List<String> done = new ArrayList<>();

    private Runnable step(String name) {
        return () -> done.add(name);
    }

    private Runnable slow(String name) {
        return () -> {
            done.add(name);
            long end = System.nanoTime() + 30_000_000;
            while (System.nanoTime() < end) {
                Thread.onSpinWait();
            }
        };
    }

    private List<String> inTheEnd(int count) throws Exception {
        List<String> now = List.of();
        for (int i = 0; i < 200 && now.size() < count; i++) {
            Thread.sleep(10);
            now = OnToolkit.run(() -> List.copyOf(done));
        }
        return now;
    }

    @Test
    void slowStepsLetTheWindowAnswerInBetween() throws Exception {
        List<String> atOnce = OnToolkit.run(() -> {
            new Gradual().start(List.of(slow("a"), slow("b"), slow("c")));
            return List.copyOf(done);
        });
        assertThat(atOnce).containsExactly("a");
        assertThat(inTheEnd(3)).containsExactly("a", "b", "c");
    }

    @Test
    void whatIsAskedForAnewTakesThePlaceOfWhatWasStillToCome() throws Exception {
        OnToolkit.run(() -> {
            Gradual gradual = new Gradual();
            gradual.start(List.of(slow("a"), step("never")));
            gradual.start(List.of(step("b")));
            return null;
        });
        Thread.sleep(200);
        assertThat(inTheEnd(2)).containsExactly("a", "b");
    }

    @Test
    void whatComesFirstLosesNothingOfWhatWasStillToCome() throws Exception {
        OnToolkit.run(() -> {
            Gradual gradual = new Gradual();
            gradual.start(List.of(slow("a"), step("b")));
            gradual.first(List.of(slow("c"), step("d")));
            return null;
        });
        assertThat(inTheEnd(4)).containsExactly("a", "c", "d", "b");
    }

    @Test
    void theRestCanBeHadAtOnce() throws Exception {
        List<String> all = OnToolkit.run(() -> {
            Gradual gradual = new Gradual();
            gradual.start(List.of(slow("a"), slow("b"), step("c")));
            gradual.rest();
            return List.copyOf(done);
        });
        assertThat(all).containsExactly("a", "b", "c");
        Thread.sleep(100);
        assertThat(inTheEnd(3)).as("and none twice").hasSize(3);
    }

    @Test
    void whatIsNotLookedAtFirstWaitsForTheNextPicture() throws Exception {
        List<String> atOnce = OnToolkit.run(() -> {
            new Gradual().later(List.of(step("a"), step("b")));
            return List.copyOf(done);
        });
        assertThat(atOnce).isEmpty();
        assertThat(inTheEnd(2)).containsExactly("a", "b");
    }

    @Test
    void aFoldHoldsNothingUntilItIsOpenedAndKeepsItThen() throws Exception {
        OnToolkit.run(() -> {
            Label inside = new Label("Every number");
            Fold fold = new Fold("More", inside);
            assertThat(fold.getContent()).isNull();
            assertThat(fold.inside()).isSameAs(inside);
            fold.setExpanded(true);
            assertThat(fold.getContent()).isSameAs(inside);
            fold.setExpanded(false);
            assertThat(fold.getContent()).isSameAs(inside);
            return null;
        });
    }
}
