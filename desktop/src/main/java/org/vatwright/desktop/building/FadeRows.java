package org.vatwright.desktop.building;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.CheckBox;
import javafx.scene.layout.VBox;

/** How the open layer fades from place to place; where it begins and ends is pulled on the cloth. */
final class FadeRows extends VBox {

    private final Studio studio;
    private final CheckBox on = new CheckBox("faded");
    private final Segments<Course.Kind> kind;
    private final CheckBox back = new CheckBox("there and back");
    private final NumberRow from;
    private final NumberRow to;
    private final VBox more = new VBox(4);

    FadeRows(Studio studio) {
        super(4);
        this.studio = studio;
        on.setId("faded");
        on.setOnAction(e -> studio.editOpen(on.isSelected() ? "fade" : "no fade", (d, id) -> d.replace(id,
                l -> l.withFade(on.isSelected() ? Optional.of(fresh(d)) : Optional.empty()))));
        kind = new Segments<>(List.of(Course.Kind.values()), k -> k.name().toLowerCase(Locale.ROOT),
                k -> fade("%s fade".formatted(k.name().toLowerCase(Locale.ROOT)),
                        f -> f.withCourse(f.course().withKind(k))));
        for (Course.Kind each : Course.Kind.values()) {
            kind.button(each).setId("fade-" + each.name().toLowerCase(Locale.ROOT));
        }
        back.setId("fade-back");
        back.setOnAction(e -> fade(back.isSelected() ? "fade there and back" : "fade one way",
                f -> f.withCourse(f.course().withBack(back.isSelected()))));
        from = NumberRow.number(studio, "Begins", "share where the fade begins", "%", 1, 5,
                n -> fade("fade", f -> f.withFrom(n / 100)));
        to = NumberRow.number(studio, "Ends", "share where the fade ends", "%", 1, 5,
                n -> fade("fade", f -> f.withTo(n / 100)));
        more.getChildren().addAll(Ui.row(kind), Ui.pair(from, to), back);
        getChildren().add(more);
    }

    /** @return what puts it on and off; it stands elsewhere */
    CheckBox toggle() {
        return on;
    }

    /** From all to nothing and back, once across each cell. */
    private static Fade fresh(Design design) {
        return new Fade(new Course(Course.Kind.LINEAR, 0, 0.5, 1.0 / design.repeat().tile().columns(), 0.5, true), 1,
                0);
    }

    private void fade(String words, UnaryOperator<Fade> change) {
        studio.editLayer(words, l -> l.withFade(l.fade().map(change)));
    }

    void show(Layer layer) {
        on.setSelected(layer.fade().isPresent());
        Ui.show(more, layer.fade().isPresent());
        layer.fade().ifPresent(f -> {
            kind.show(f.course().kind());
            back.setSelected(f.course().back());
            from.show(100 * f.from());
            to.show(100 * f.to());
        });
    }
}
