package org.vatwright.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;
import org.vatwright.desktop.studio.Message;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.util.Duration;

@Timeout(30)
class MessageBarTest {

    private static final int PASSING_MILLIS = 200;

    private final AtomicBoolean writing = new AtomicBoolean(true);
    private final List<String> done = new ArrayList<>();
    private final Message lasting = Message.hint("Writing Quay tile\u2026").offering("stop", () -> done.add("stop"))
            .whileItGoesOn(writing::get);
    private MessageBar bar;

    @BeforeEach
    void makeBar() throws Exception {
        bar = OnToolkit.run(() -> new MessageBar(Duration.millis(PASSING_MILLIS)));
    }

    private void say(Message message) throws Exception {
        OnToolkit.run(() -> {
            bar.show(message);
            return null;
        });
    }

    /** @return the words that are seen, none when the bar is away */
    private String seen() throws Exception {
        return OnToolkit.run(() -> bar.isVisible()
                ? bar.getChildren().stream().filter(Label.class::isInstance).map(n -> ((Label) n).getText()).findFirst()
                        .orElseThrow()
                : "");
    }

    private void comesToBe(String words) throws Exception {
        String now = seen();
        for (int i = 0; i < 400 && !now.equals(words); i++) {
            Thread.sleep(10);
            now = seen();
        }
        assertThat(now).isEqualTo(words);
    }

    private void follow(String words) throws Exception {
        OnToolkit.run(() -> {
            bar.getChildren().stream().filter(Pane.class::isInstance).map(Pane.class::cast)
                    .flatMap(row -> row.getChildren().stream()).filter(Button.class::isInstance)
                    .map(Button.class::cast).filter(l -> l.getText().equals(words)).findFirst().orElseThrow().fire();
            return null;
        });
    }

    @Test
    void whatPassesGoesByItself() throws Exception {
        say(Message.hint("Copied."));
        assertThat(seen()).isEqualTo("Copied.");
        comesToBe("");
    }

    @Test
    void whatGoesOnStaysToBeStoppedUntilItEnds() throws Exception {
        say(lasting);
        Thread.sleep(5 * PASSING_MILLIS);
        assertThat(seen()).isEqualTo("Writing Quay tile\u2026");
        follow("stop");
        assertThat(done).containsExactly("stop");
        assertThat(seen()).as("who stopped it has read it").isEmpty();
    }

    @Test
    void whatGoesOnGoesWhenItIsOver() throws Exception {
        say(lasting);
        Thread.sleep(3 * PASSING_MILLIS);
        writing.set(false);
        comesToBe("");
    }

    @Test
    void whatGoesOnComesAgainAfterAnotherMessage() throws Exception {
        say(lasting);
        say(Message.done("Saved.").offering("open folder", () -> done.add("folder")));
        assertThat(seen()).isEqualTo("Saved.");
        comesToBe("Writing Quay tile\u2026");
        say(Message.done("Saved.").offering("open folder", () -> done.add("folder")));
        follow("open folder");
        assertThat(done).containsExactly("folder");
        assertThat(seen()).isEqualTo("Writing Quay tile\u2026");
    }

    @Test
    void closedItStaysClosed() throws Exception {
        say(lasting);
        OnToolkit.run(() -> {
            Node x = bar.getChildren().get(bar.getChildren().size() - 1);
            ((Button) x).fire();
            return null;
        });
        say(Message.hint("Copied."));
        comesToBe("");
        Thread.sleep(2 * PASSING_MILLIS);
        assertThat(seen()).isEmpty();
    }
}
