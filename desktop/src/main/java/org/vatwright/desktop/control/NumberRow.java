package org.vatwright.desktop.control;

import java.util.function.DoubleConsumer;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Unit;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * A number with its name: typed with a unit, a fraction or a sum; dragged by its name; stepped with the arrow keys. A
 * wrong text keeps the old value and says why below.
 */
public final class NumberRow extends VBox {

    /** What kind of number it is. */
    private record Kind(String unit, ToDoubleFunction<String> read, int decimals, double step) {}

    private final Studio studio;
    private final String what;
    private final Kind kind;
    private final DoubleConsumer commit;
    private final Label name;
    private final TextField field = new TextField();
    private final HBox row;
    /** What few rows ever show is made when it is wanted: there are many rows, and each node has to be styled. */
    private Label trail;
    private Label error;
    private double value;
    private double dragFrom;
    private double dragX;

    private NumberRow(Studio studio, String word, String what, Kind kind, DoubleConsumer commit) {
        this.studio = studio;
        this.what = what;
        this.kind = kind;
        this.commit = commit;
        name = Ui.label(word, "field-label");
        name.setLabelFor(field);
        field.setId(what.replace(' ', '-'));
        field.setAccessibleText(what);
        field.setAccessibleHelp(word);
        field.getStyleClass().add("number");
        row = Ui.row(field);
        if (!word.isEmpty()) {
            row.getChildren().addFirst(name);
        }
        getChildren().add(row);
        field.setOnAction(e -> take());
        field.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                field.selectAll();
            } else {
                take();
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        draggable();
    }

    /** A length in mm inside, shown and typed in the unit; px mean the project's density. */
    public static NumberRow length(Studio studio, String word, String what, DoubleConsumer commitMm) {
        return new NumberRow(studio, word, what, new Kind("mm",
                text -> LengthText.parseMm(text, Unit.MM, studio.project().density()), 3, 1), commitMm);
    }

    /** A bare number with a sign behind it, such as % or degrees. */
    public static NumberRow number(Studio studio, String word, String what, String sign, int decimals, double step,
            DoubleConsumer commit) {
        return new NumberRow(studio, word, what,
                new Kind(sign, text -> LengthText.parseNumber(text, sign), decimals, step), commit);
    }

    public static NumberRow density(Studio studio, String word, String what,
            java.util.function.Consumer<Density> commit) {
        return number(studio, word, what, "dpi", 2, 10, dpi -> commit.accept(new Density(dpi)));
    }

    /** Shows the document's value, unless something is being typed. */
    public void show(double newValue) {
        value = newValue;
        if (!field.isFocused() || studio.dragging()) {
            write();
        }
    }

    /** Shows what came of what was typed, when that took a while: the field may still be the one that is typed in. */
    public void showTaken(double newValue) {
        value = newValue;
        write();
    }

    public void trail(String text) {
        if (trail == null) {
            trail = Ui.label("", "quiet");
            trail.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
            row.getChildren().add(trail);
            field.setPrefWidth(84);
        }
        trail.setText(text);
        Ui.show(trail, !text.isEmpty());
    }

    public TextField field() {
        return field;
    }

    private void write() {
        field.setText(words(value));
        if (error != null) {
            Ui.show(error, false);
            field.pseudoClassStateChanged(Styles.WRONG, false);
        }
    }

    private String words(double number) {
        String plain = Numbers.plain(number, kind.decimals());
        return kind.unit().isEmpty()
                ? plain
                : kind.unit().equals("\u00b0") ? plain + "\u00b0" : plain + " " + kind.unit();
    }

    private void take() {
        if (field.getText().equals(words(value))) {
            write();
            return;
        }
        try {
            double typed = kind.read().applyAsDouble(field.getText());
            double before = value;
            commit.accept(typed);
            if (field.isFocused()) {
                write();
                field.selectAll();
            }
            if (value == before && typed != before) {
                write();
            }
        } catch (Refusal e) {
            String old = words(value);
            write();
            if (error == null) {
                error = Ui.prose("", "field-error");
                getChildren().add(error);
            }
            error.setText("%s: %s. It stays %s.".formatted(what, e.getMessage(), old));
            Ui.show(error, true);
            field.pseudoClassStateChanged(Styles.WRONG, true);
        }
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            double step = kind.step() * (e.isShiftDown() ? 10 : 1) * (e.getCode() == KeyCode.UP ? 1 : -1);
            attempt(v -> v + step);
            write();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            write();
            e.consume();
        }
    }

    private void attempt(DoubleUnaryOperator change) {
        try {
            double scale = Math.pow(10, kind.decimals());
            commit.accept(Math.rint(change.applyAsDouble(value) * scale) / scale);
        } catch (Refusal e) {
            studio.say(org.vatwright.desktop.studio.Message.refused(e.getMessage()));
        }
    }

    private void draggable() {
        name.getStyleClass().add("draggable");
        name.setOnMousePressed(e -> {
            dragFrom = value;
            dragX = e.getScreenX();
        });
        name.setOnMouseDragged(e -> {
            if (!studio.dragging()) {
                studio.beginDrag("change " + what);
            }
            double by = Math.rint((e.getScreenX() - dragX) / 3) * kind.step() * (e.isShiftDown() ? 10 : 1);
            attempt(v -> dragFrom + by);
        });
        name.setOnMouseReleased(e -> {
            if (studio.dragging()) {
                studio.endDrag();
            }
        });
    }
}
