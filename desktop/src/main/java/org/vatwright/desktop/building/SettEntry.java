package org.vatwright.desktop.building;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.loom.Letters;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * A sett as text. Enter or leaving the field takes it; what is faulty is marked at its place and the cloth keeps its last
 * good state; a letter that stands for nothing yet is asked for once.
 */
final class SettEntry extends VBox {

    private static final int ROWS = 2;
    private static final int CONTEXT = 24;

    /** Letters with the inks they are to stand for, and the slots and colours that are new. */
    private record Answers(Map<String, Ink> letters, Map<String, Rgb> slots) {}

    private final Studio studio;
    private final boolean warp;
    private final TextArea text = new TextArea();
    private final TextFlow marks = new TextFlow();
    private final Label error = Ui.prose("", "field-error");
    private final FlowPane questions = new FlowPane(6, 4);
    private final Map<String, Ink> answered = new LinkedHashMap<>();
    private List<String> asked = List.of();
    private String shown = "";

    SettEntry(Studio studio, boolean warp) {
        super(4);
        this.studio = studio;
        this.warp = warp;
        String id = warp ? "sett-warp" : "sett-weft";
        text.setId(id);
        text.setAccessibleText(warp ? "Sett of the warp" : "Sett of the weft");
        text.setWrapText(true);
        text.setPrefRowCount(ROWS);
        text.getStyleClass().add("sett-text");
        text.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                take();
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                text.setText(shown);
                clear();
                e.consume();
            }
        });
        text.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                take();
            }
        });
        error.setId(id + "-error");
        marks.setId(id + "-marks");
        questions.setId(id + "-questions");
        getChildren().addAll(text, marks, error, questions);
        clear();
    }

    private void clear() {
        Ui.show(marks, false);
        Ui.show(error, false);
        Ui.show(questions, false);
    }

    void show(SettFabric plaid) {
        String now = plaid.text(warp).toString();
        if (!now.equals(shown)) {
            shown = now;
            text.setText(now);
            clear();
        }
    }

    private void take() {
        if (text.getText().equals(shown)) {
            clear();
            return;
        }
        Optional<SettFabric> plaid = studio.structure(SettFabric.class);
        if (plaid.isEmpty()) {
            return;
        }
        try {
            SettText sett = SettText.parse(text.getText());
            Ui.show(marks, false);
            Ui.show(error, false);
            Design design = studio.design().orElseThrow();
            Answers answers = answers(sett, plaid.get(), design);
            List<String> open = sett.letters().stream().filter(l -> !answers.letters().containsKey(l)).toList();
            if (open.isEmpty()) {
                answered.clear();
                Ui.show(questions, false);
                commit(sett, answers);
            } else {
                ask(open, design);
            }
        } catch (SettText.Faulty e) {
            mark(e.faults());
        }
    }

    /** What each letter stands for: as the plaid has it, as just answered, or as usual. */
    private Answers answers(SettText sett, SettFabric plaid, Design design) {
        Answers answers = new Answers(new LinkedHashMap<>(plaid.letters()), new LinkedHashMap<>());
        for (String letter : sett.letters()) {
            if (answered.containsKey(letter)) {
                answers.letters().put(letter, answered.get(letter));
                if (answered.get(letter) instanceof Ink.Slot(String slot) && design.palette().slot(slot) < 0) {
                    answers.slots().put(slot, Letters.distinct(design.palette().slots().size()));
                }
            } else if (!answers.letters().containsKey(letter)) {
                Letters.usual(letter).ifPresent(usual -> {
                    answers.letters().put(letter, Ink.slot(usual.slot()));
                    if (design.palette().slot(usual.slot()) < 0) {
                        answers.slots().put(usual.slot(), usual.colour());
                    }
                });
            }
        }
        return answers;
    }

    private void commit(SettText sett, Answers answers) {
        String plain = sett.toString();
        String name = "sett " + (plain.length() > CONTEXT ? plain.substring(0, CONTEXT) + "\u2026" : plain);
        boolean done = studio.editOpen(name, (d, layer) -> {
            Palette palette = d.palette();
            for (Map.Entry<String, Rgb> slot : answers.slots().entrySet()) {
                palette = palette.withSlot(slot.getKey(), slot.getValue());
            }
            return d.withPalette(palette).replace(layer, l -> l.withStructure(
                    ((SettFabric) l.structure()).withSett(warp, sett, answers.letters())));
        });
        if (done) {
            studio.structure(SettFabric.class).ifPresent(p -> {
                shown = p.text(warp).toString();
                text.setText(shown);
            });
        }
    }

    private void ask(List<String> open, Design design) {
        if (questions.isVisible() && open.equals(asked)) {
            return;
        }
        asked = open;
        questions.getChildren().setAll(Ui.label("New here; it stands for", "quiet"));
        for (String letter : open) {
            MenuButton menu = new MenuButton(letter);
            menu.setId("letter-" + letter);
            menu.setAccessibleText("What %s stands for".formatted(letter));
            for (String slot : design.palette().slots()) {
                menu.getItems().add(answer(slot, letter, Ink.slot(slot)));
            }
            String fresh = design.palette().slots().contains(letter)
                    ? Palette.freeName(letter, design.palette().slots())
                    : letter;
            menu.getItems().add(answer("a new ink", letter, Ink.slot(fresh)));
            menu.getItems().add(answer("Clear", letter, Ink.CLEAR));
            questions.getChildren().add(menu);
        }
        Ui.show(questions, true);
    }

    private MenuItem answer(String words, String letter, Ink ink) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> {
            answered.put(letter, ink);
            take();
        });
        return item;
    }

    /** Shows the text around the first fault with every fault in it underlined, and says what would be right. */
    private void mark(List<SettText.Fault> faults) {
        String whole = text.getText();
        int from = Math.max(0, faults.getFirst().from() - CONTEXT);
        int to = Math.min(whole.length(), faults.getFirst().to() + CONTEXT);
        marks.getChildren().clear();
        add(from > 0 ? "\u2026" : "", false);
        int at = from;
        for (SettText.Fault fault : faults) {
            if (fault.from() >= at && fault.to() <= to) {
                add(whole.substring(at, fault.from()), false);
                add(whole.substring(fault.from(), fault.to()), true);
                at = fault.to();
            }
        }
        add(whole.substring(Math.min(at, to), to), false);
        add(to < whole.length() ? "\u2026" : "", false);
        error.setText("%s%s. The cloth stays as it was.".formatted(
                Character.toUpperCase(faults.getFirst().sentence().charAt(0)),
                faults.getFirst().sentence().substring(1)));
        Ui.show(marks, true);
        Ui.show(error, true);
    }

    private void add(String part, boolean faulty) {
        Text run = new Text(part);
        run.getStyleClass().add(faulty ? "fault" : "sett-mark");
        marks.getChildren().add(run);
    }
}
