package org.vatwright.desktop.effect;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;

/** The numbers of one effect of the open layer. Each row changes one of them, as one step. */
final class EffectPanel<E extends Effect> extends VBox {

    /** Brings a row up to date. */
    @FunctionalInterface
    private interface Shown<E> {
        void show(E effect, Design design, Colourway colourway);
    }

    /** Whether something is to be told of an effect. */
    @FunctionalInterface
    interface Told<E> {
        boolean holds(E effect, Design design, Colourway colourway);
    }

    private final Studio studio;
    private final EffectTarget target;
    private final Class<E> type;
    private final String name;
    private final List<Shown<E>> rows = new ArrayList<>();

    EffectPanel(Studio studio, EffectTarget target, Class<E> type, String name) {
        super(4);
        this.target = target;
        this.studio = studio;
        this.type = type;
        this.name = name;
    }

    private void change(String words, UnaryOperator<E> change) {
        target.edit(words, all -> all.stream().map(e -> type.isInstance(e) ? change.apply(type.cast(e)) : e)
                .toList());
    }

    private String of(String word) {
        return "%s of the %s".formatted(word.toLowerCase(Locale.ROOT), name);
    }

    NumberRow length(String word, ToDoubleFunction<E> get, Function<E, DoubleFunction<E>> with) {
        NumberRow row = NumberRow.length(studio, word, of(word),
                mm -> change("%s %s mm".formatted(of(word), Numbers.plain(mm, 2)), e -> with.apply(e).apply(mm)));
        rows.add((e, d, c) -> row.show(get.applyAsDouble(e)));
        return row;
    }

    /** @param times what is shown by what is kept, as 100 for a share in percent */
    NumberRow number(String word, String sign, double times, ToDoubleFunction<E> get,
            Function<E, DoubleFunction<E>> with) {
        NumberRow row = NumberRow.number(studio, word, of(word), sign, 1, 5,
                n -> change("%s %s%s".formatted(of(word), Numbers.plain(n), sign),
                        e -> with.apply(e).apply(n / times)));
        rows.add((e, d, c) -> row.show(times * get.applyAsDouble(e)));
        return row;
    }

    InkChip ink(Function<E, Ink> get, Function<E, Function<Ink, E>> with) {
        InkChip chip = new InkChip("ink of the " + name,
                ink -> change("%s in %s".formatted(name, ink.words()), e -> with.apply(e).apply(ink)));
        rows.add((e, d, c) -> chip.show(get.apply(e), d, c));
        return chip;
    }

    ToggleButton toggle(String id, String words, Function<E, Boolean> get, Function<E, Function<Boolean, E>> with) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.getStyleClass().add("lone-toggle");
        button.setOnAction(e -> {
            boolean on = button.isSelected();
            change("%s%s".formatted(on ? "" : "not ", words), x -> with.apply(x).apply(on));
        });
        rows.add((e, d, c) -> button.setSelected(get.apply(e)));
        return button;
    }

    <T> Segments<T> one(String id, List<T> all, Function<T, String> words, Function<E, T> get,
            Function<E, Function<T, E>> with) {
        Segments<T> segments = new Segments<>(all, words,
                t -> change("%s %s".formatted(name, words.apply(t)), e -> with.apply(e).apply(t)));
        all.forEach(t -> segments.button(t).setId(id + "-" + words.apply(t).replace(' ', '-')));
        segments.getStyleClass().add("tight");
        rows.add((e, d, c) -> segments.show(get.apply(e)));
        return segments;
    }

    /** @return words that stand there while something holds */
    Label told(String id, String words, Told<E> holds) {
        Label label = Ui.prose(words, "quiet");
        label.setId(id);
        rows.add((e, d, c) -> Ui.show(label, holds.holds(e, d, c)));
        return label;
    }

    void again(String words, UnaryOperator<E> change) {
        getChildren().add(Ui.link(words, () -> change(words, change)));
    }

    EffectPanel<E> hold(Node... nodes) {
        getChildren().addAll(nodes);
        return this;
    }

    boolean shows(Effect effect) {
        return type.isInstance(effect);
    }

    void show(Effect effect, Design design, Colourway colourway) {
        rows.forEach(r -> r.show(type.cast(effect), design, colourway));
    }
}
