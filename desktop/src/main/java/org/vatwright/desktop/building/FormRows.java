package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Form;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** The numbers a form is drawn by. */
final class FormRows extends VBox {

    private record Number(NumberRow row, ToDoubleFunction<Form> now) {}

    private final Studio studio;
    private final BiConsumer<String, UnaryOperator<Form>> take;
    /** Those of other forms stay hidden: made once. */
    private final Map<Class<?>, List<Number>> numbers = new HashMap<>();

    FormRows(Studio studio, BiConsumer<String, UnaryOperator<Form>> take) {
        super(4);
        this.studio = studio;
        this.take = take;
    }

    void show(Form form) {
        if (!numbers.containsKey(form.getClass())) {
            numbers.put(form.getClass(), new ArrayList<>());
            rows(form);
        }
        numbers.forEach((type, all) -> all.forEach(n -> Ui.show(n.row(), type == form.getClass())));
        numbers.get(form.getClass()).forEach(n -> n.row().show(n.now().applyAsDouble(form)));
    }

    private <F extends Form> void length(Class<F> type, String word, ToDoubleFunction<F> now,
            BiFunction<F, Double, Form> change) {
        NumberRow row = NumberRow.length(studio, word, "form " + word.toLowerCase(java.util.Locale.ROOT),
                mm -> take.accept("shape %s mm".formatted(Numbers.plain(mm)),
                        f -> change.apply(type.cast(f), mm)));
        add(type, row, now);
    }

    private <F extends Form> void number(Class<F> type, String word, String sign, double step,
            ToDoubleFunction<F> now, BiFunction<F, Double, Form> change) {
        NumberRow row = NumberRow.number(studio, word, "form " + word.toLowerCase(java.util.Locale.ROOT), sign, 2,
                step, n -> take.accept("%s %s".formatted(word.toLowerCase(java.util.Locale.ROOT),
                        Numbers.plain(n)), f -> change.apply(type.cast(f), n)));
        add(type, row, now);
    }

    private <F extends Form> void add(Class<F> type, NumberRow row, ToDoubleFunction<F> now) {
        numbers.get(type).add(new Number(row, f -> now.applyAsDouble(type.cast(f))));
        getChildren().add(row);
    }

    private void rows(Form form) {
        switch (form) {
            case Form.Rectangle _ -> {
                length(Form.Rectangle.class, "Width", Form.Rectangle::widthMm,
                        (f, v) -> new Form.Rectangle(v, f.heightMm(), Math.min(f.radiusMm(), v / 2)));
                length(Form.Rectangle.class, "Height", Form.Rectangle::heightMm,
                        (f, v) -> new Form.Rectangle(f.widthMm(), v, Math.min(f.radiusMm(), v / 2)));
                length(Form.Rectangle.class, "Corner", Form.Rectangle::radiusMm,
                        (f, v) -> new Form.Rectangle(f.widthMm(), f.heightMm(), v));
            }
            case Form.Ellipse _ -> {
                length(Form.Ellipse.class, "Width", Form.Ellipse::widthMm,
                        (f, v) -> new Form.Ellipse(v, f.heightMm()));
                length(Form.Ellipse.class, "Height", Form.Ellipse::heightMm,
                        (f, v) -> new Form.Ellipse(f.widthMm(), v));
            }
            case Form.Ring _ -> {
                length(Form.Ring.class, "Size", Form.Ring::diameterMm, (f, v) -> new Form.Ring(v, f.hole()));
                number(Form.Ring.class, "Hole", "%", 5, f -> 100 * f.hole(),
                        (f, v) -> new Form.Ring(f.diameterMm(), v / 100));
            }
            case Form.Wedge _ -> {
                length(Form.Wedge.class, "Size", Form.Wedge::diameterMm,
                        (f, v) -> new Form.Wedge(v, f.sweepDeg()));
                number(Form.Wedge.class, "Sweep", "\u00b0", 5, Form.Wedge::sweepDeg,
                        (f, v) -> new Form.Wedge(f.diameterMm(), v));
            }
            case Form.Polygon _ -> {
                number(Form.Polygon.class, "Sides", "", 1, Form.Polygon::sides,
                        (f, v) -> new Form.Polygon((int) Math.rint(v), f.diameterMm()));
                length(Form.Polygon.class, "Size", Form.Polygon::diameterMm,
                        (f, v) -> new Form.Polygon(f.sides(), v));
            }
            case Form.Star _ -> {
                number(Form.Star.class, "Points", "", 1, Form.Star::points,
                        (f, v) -> new Form.Star((int) Math.rint(v), f.diameterMm(), f.inner()));
                length(Form.Star.class, "Size", Form.Star::diameterMm,
                        (f, v) -> new Form.Star(f.points(), v, f.inner()));
                number(Form.Star.class, "Inner", "%", 5, f -> 100 * f.inner(),
                        (f, v) -> new Form.Star(f.points(), f.diameterMm(), v / 100));
            }
            case Form.Drop _ -> {
                length(Form.Drop.class, "Width", Form.Drop::widthMm, (f, v) -> new Form.Drop(v, f.heightMm()));
                length(Form.Drop.class, "Height", Form.Drop::heightMm, (f, v) -> new Form.Drop(f.widthMm(), v));
            }
            case Form.Leaf _ -> {
                length(Form.Leaf.class, "Width", Form.Leaf::widthMm, (f, v) -> new Form.Leaf(v, f.heightMm()));
                length(Form.Leaf.class, "Height", Form.Leaf::heightMm, (f, v) -> new Form.Leaf(f.widthMm(), v));
            }
            case Form.Free _ -> {
                // A free path has no numbers of its own; its scale stands below.
            }
            case Form.Letters _ -> {
                // Letters are scaled as a whole.
            }
        }
    }
}
