package org.vatwright.desktop.frame;

import java.util.Optional;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;

import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;

/**
 * What the window says in passing, over the foot of the cloth; it goes by itself, wrong things stay longer. What tells of
 * something that goes on stays as long as that, and comes again when another message was in between.
 */
final class MessageBar extends HBox {

    private static final Duration PASSING = Duration.seconds(7);
    private static final Duration STAYING = Duration.seconds(20);
    private static final Duration LOOKING = Duration.millis(300);

    private final FontIcon sign = new FontIcon("fth-info");
    private final Label text = Ui.prose("");
    private final HBox acts = Ui.row();
    private final PauseTransition clock = new PauseTransition();
    private final Duration passing;
    private Optional<Message> going = Optional.empty();
    private Message shown;

    MessageBar() {
        this(PASSING);
    }

    /** @param passing how long what is not wrong is seen */
    MessageBar(Duration passing) {
        super(10);
        this.passing = passing;
        getStyleClass().add("message");
        setId("message");
        text.setId("message-text");
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(sign, text, acts, Ui.icon("x", "Close this message", this::close));
        setMaxHeight(USE_PREF_SIZE);
        clock.setOnFinished(e -> over());
        hide();
    }

    /** What was said is over: what still goes on is told again, or nothing is. */
    private void over() {
        going = going.filter(m -> m.goesOn().getAsBoolean());
        going.ifPresentOrElse(m -> {
            if (m == shown) {
                clock.playFromStart();
            } else {
                show(m);
            }
        }, this::hide);
    }

    private void close() {
        going = going.filter(m -> m != shown);
        over();
    }

    private void hide() {
        clock.stop();
        Ui.show(this, false);
    }

    void show(Message message) {
        boolean goesOn = message.goesOn().getAsBoolean();
        if (goesOn) {
            going = Optional.of(message);
        }
        getStyleClass().removeAll("wrong", "done", "hint");
        getStyleClass().add(message.tone().name().toLowerCase(java.util.Locale.ROOT));
        sign.setIconLiteral(switch (message.tone()) {
            case WRONG -> "fth-alert-triangle";
            case DONE -> "fth-check";
            case HINT -> "fth-info";
        });
        shown = message;
        text.setText(message.text());
        acts.getChildren().setAll(message.acts().stream().map(act -> Ui.link(act.words(), () -> {
            close();
            act.does().run();
        })).toList());
        Ui.show(acts, !message.acts().isEmpty());
        Ui.show(this, true);
        clock.stop();
        // A choice that keeps work from being written waits until it is made.
        if (message.tone() != Message.Tone.WRONG || message.acts().isEmpty()) {
            clock.setDuration(goesOn ? LOOKING : message.tone() == Message.Tone.WRONG ? STAYING : passing);
            clock.playFromStart();
        }
    }
}
