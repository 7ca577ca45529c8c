package org.vatwright.desktop.cloth;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Unit;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.animation.PauseTransition;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/**
 * The number that is being pulled, beside the hand. When the hand lets go it waits a moment: what is typed then takes its
 * place. Any other key goes where it would have gone.
 */
public final class HandNumber extends TextField {

    /** Takes a place, in mm from the left and from the top. */
    @FunctionalInterface
    public interface Place {
        void to(double x, double y);
    }

    private static final Duration WAITS = Duration.seconds(4);
    private static final double ASIDE = 16;
    private static final double LETTER = 7.6;

    private final Studio studio;
    private final Region pane;
    private final PauseTransition clock = new PauseTransition(WAITS);
    private Optional<Consumer<String>> take = Optional.empty();

    /** @param pane which gets the keys that are not meant for it */
    public HandNumber(Studio studio, Region pane) {
        this.studio = studio;
        this.pane = pane;
        setId("hand-number");
        setAccessibleText("The number in hand");
        getStyleClass().add("hand-number");
        setFocusTraversable(false);
        setManaged(false);
        // The cloth under it stays within reach.
        setMouseTransparent(true);
        setVisible(false);
        clock.setOnFinished(e -> hide());
        setOnAction(e -> taken());
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                hide();
            }
        });
        textProperty().addListener((o, was, is) -> fit());
    }

    private void fit() {
        resize(20 + LETTER * Math.max(4, getText().length()), 26);
    }

    /** Shows it while the hand pulls. @param e the pull; its place is beside it */
    public void pulled(MouseEvent e, String words) {
        take = Optional.empty();
        setEditable(false);
        setText(words);
        var at = pane.sceneToLocal(e.getSceneX(), e.getSceneY());
        fit();
        relocate(Math.max(2, Math.min(pane.getWidth() - getWidth() - 4, at.getX() + ASIDE)),
                Math.max(2, Math.min(pane.getHeight() - getHeight() - 4, at.getY() + ASIDE)));
        setVisible(true);
        toFront();
    }

    /** The hand has let go. @param typed is given what is typed now; what it refuses is told */
    public void released(Consumer<String> typed) {
        if (isVisible()) {
            take = Optional.of(typed);
            setEditable(true);
            requestFocus();
            selectAll();
            clock.playFromStart();
        }
    }

    /** The length of what was pulled, typed over. @param typed takes mm */
    public void releasedLength(DoubleConsumer typed) {
        released(text -> typed.accept(LengthText.parseMm(text, Unit.MM, studio.project().density())));
    }

    /** The place of what was pulled, typed over as two lengths. */
    public void releasedPlace(Place typed) {
        released(text -> {
            String[] both = text.strip().replaceFirst("\\s*mm$", "").split("\\s*[,;]\\s*|\\s+");
            if (both.length != 2) {
                throw new Refusal("a place is two lengths, such as 12, 8 mm");
            }
            typed.to(LengthText.parseMm(both[0], Unit.MM, studio.project().density()),
                    LengthText.parseMm(both[1], Unit.MM, studio.project().density()));
        });
    }

    /** Shows a place while the hand pulls. */
    public void pulledPlace(MouseEvent e, double x, double y) {
        pulled(e, "%s, %s mm".formatted(Numbers.plain(x, 1), Numbers.plain(y, 1)));
    }

    public void hide() {
        clock.stop();
        take = Optional.empty();
        setVisible(false);
    }

    private void taken() {
        take.ifPresent(t -> {
            try {
                t.accept(getText());
            } catch (Refusal e) {
                studio.say(Message.refused(e.getMessage()));
            }
        });
        pane.requestFocus();
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            pane.requestFocus();
            e.consume();
        } else if (getSelection().getLength() == getLength() && (e.getCode().isArrowKey()
                || e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE)) {
            // Nothing is typed yet: the arrows nudge what was pulled, and it can be taken away.
            pane.requestFocus();
            pane.fireEvent(e.copyFor(pane, pane));
            e.consume();
        } else {
            clock.stop();
        }
    }
}
