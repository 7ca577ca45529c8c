package org.vatwright.desktop.frame;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;

import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;

/** What the window says in passing, over the foot of the cloth; it goes by itself, wrong things stay longer. */
final class MessageBar extends HBox {

    private static final Duration PASSING = Duration.seconds(7);
    private static final Duration STAYING = Duration.seconds(20);

    private final FontIcon sign = new FontIcon("fth-info");
    private final Label text = Ui.prose("");
    private final HBox acts = Ui.row();
    private final PauseTransition clock = new PauseTransition(PASSING);

    MessageBar() {
        super(10);
        getStyleClass().add("message");
        setId("message");
        text.setId("message-text");
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(sign, text, acts, Ui.icon("x", "Close this message", this::hide));
        setMaxHeight(USE_PREF_SIZE);
        clock.setOnFinished(e -> hide());
        hide();
    }

    private void hide() {
        Ui.show(this, false);
    }

    void show(Message message) {
        getStyleClass().removeAll("wrong", "done", "hint");
        getStyleClass().add(message.tone().name().toLowerCase(java.util.Locale.ROOT));
        sign.setIconLiteral(switch (message.tone()) {
            case WRONG -> "fth-alert-triangle";
            case DONE -> "fth-check";
            case HINT -> "fth-info";
        });
        text.setText(message.text());
        acts.getChildren().setAll(message.acts().stream().map(act -> Ui.link(act.words(), () -> {
            hide();
            act.does().run();
        })).toList());
        Ui.show(acts, !message.acts().isEmpty());
        Ui.show(this, true);
        clock.stop();
        // A choice that keeps work from being written waits until it is made.
        if (message.tone() != Message.Tone.WRONG || message.acts().isEmpty()) {
            clock.setDuration(message.tone() == Message.Tone.WRONG ? STAYING : PASSING);
            clock.playFromStart();
        }
    }
}
