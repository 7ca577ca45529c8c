package org.vatwright.desktop.building;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.IntSupplier;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The parts of the motif in hand: their order, and the one chosen with its sizes, place, fill and outline. */
final class PartRows extends VBox {

    /** A motif with many parts, as drawings have, shows so many of them at once. */
    private static final int MOST_SHOWN = 12;

    /** How a shape is made of two. */
    private enum Together {
        UNION("join"), SUBTRACT("cut out"), INTERSECT("keep shared"), EXCLUDE("leave shared out");

        private final String words;

        Together(String words) {
            this.words = words;
        }
    }

    private record Line(HBox row, Button name, InkChip ink) {}

    private final Studio studio;
    private final IntSupplier motif;
    private final VBox list = new VBox(3);
    private final List<Line> lines = new ArrayList<>();
    private final FormRows form;
    private final NumberRow x;
    private final NumberRow y;
    private final NumberRow turn;
    private final NumberRow wide;
    private final NumberRow high;
    private final NumberRow lean;
    private final PartPaint paint;
    private final NumberRow edge;
    private final InkChip edgeInk;
    private final NumberRow opacity;

    PartRows(Studio studio, IntSupplier motif) {
        super(4);
        this.studio = studio;
        this.motif = motif;
        MenuButton add = new MenuButton("Add a shape");
        add.setId("add-shape");
        for (Form each : Form.examples(10)) {
            MenuItem item = new MenuItem(each.name());
            item.setOnAction(e -> add(each.name()));
            add.getItems().add(item);
        }
        MenuButton together = new MenuButton("Combine");
        together.setId("with-below");
        Ui.tip(together, "Make one shape of this one and the one below");
        for (Together each : Together.values()) {
            MenuItem item = new MenuItem(each.words);
            item.setOnAction(e -> together(each));
            together.getItems().add(item);
        }
        form = new FormRows(studio, (name, change) -> part(name, p -> p.withForm(change.apply(p.form()))));
        x = NumberRow.length(studio, "Across", "shape across", mm -> part("place a shape", p -> p.at(mm, p.y())));
        y = NumberRow.length(studio, "Down", "shape down", mm -> part("place a shape", p -> p.at(p.x(), mm)));
        turn = NumberRow.number(studio, "Turned", "turn of the shape", "\u00b0", 2, 5,
                n -> part("turn a shape", p -> p.withTurn(n)));
        wide = percent("Wide", "width of the shape", Part::wide, (p, v) -> p.withScale(v, p.high()));
        high = percent("High", "height of the shape", Part::high, (p, v) -> p.withScale(p.wide(), v));
        lean = NumberRow.number(studio, "Leaning", "lean of the shape", "\u00b0", 2, 5,
                n -> part("lean a shape", p -> p.withShear(n)));
        paint = new PartPaint(studio, this::part);
        edge = NumberRow.length(studio, "Outline", "outline of the shape", mm -> part(mm == 0
                ? "no outline"
                : "outline %s mm".formatted(Numbers.plain(mm)),
                p -> p.withEdge(mm == 0
                        ? Optional.empty()
                        : Optional.of(p.edge().map(e -> e.withWidthMm(mm)).orElse(new Part.Edge(p.fill(), mm))))));
        edgeInk = new InkChip("ink of the outline", ink -> part("ink an outline with " + ink.words(),
                p -> p.withEdge(p.edge().map(e -> e.withInk(ink)))));
        opacity = percent("Opacity", "opacity of the shape", Part::opacity, Part::withOpacity);
        getChildren().addAll(Ui.row(Ui.label("Its shapes", "card-title"), Ui.spring(), add), list,
                Ui.row(Ui.icon("arrow-up", "Raise this shape", () -> order(1)),
                        Ui.icon("arrow-down", "Lower this shape", () -> order(-1)),
                        Ui.icon("copy", "Duplicate this shape", this::duplicate),
                        Ui.icon("trash-2", "Remove this shape", this::remove), together),
                Ui.row(Ui.link("flip across", () -> part("flip a shape", p -> p.withScale(-p.wide(), p.high()))),
                        Ui.link("flip down", () -> part("flip a shape", p -> p.withScale(p.wide(), -p.high()))),
                        Ui.link("to the middle", () -> part("centre a shape", p -> p.at(0, 0)))),
                form, x, y, turn, wide, high, lean, edge, Ui.labelled("", edgeInk), opacity, paint,
                new PartExtras(studio, this::edit, n -> Math.max(0, Math.min(n - 1, studio.motifHand().part()))));
    }

    private NumberRow percent(String word, String what, ToDoubleFunction<Part> now,
            BiFunction<Part, Double, Part> change) {
        return NumberRow.number(studio, word, what, "%", 1, 5,
                n -> part("%s %s %%".formatted(what, Numbers.plain(n)), p -> change.apply(p, n / 100)));
    }

    private void edit(String name, UnaryOperator<Motif> change) {
        int id = motif.getAsInt();
        studio.editStructure(name, Motifs.class, m -> m.replace(id, change));
    }

    private int chosen(Motif m) {
        return studio.motifHand().part(m);
    }

    private void next(int part) {
        studio.holdNext(studio.motifHand().withPart(part));
    }

    private void part(String name, UnaryOperator<Part> change) {
        edit(name, m -> m.with(chosen(m), change.apply(m.parts().get(chosen(m)))));
    }

    private void add(String name) {
        edit("add a " + name, m -> {
            double side = Math.max(0.5, Math.max(m.bounds().getWidth(), m.bounds().getHeight()) * 0.5);
            Form fresh = Form.examples(side).stream().filter(f -> f.name().equals(name)).findFirst().orElseThrow();
            List<Part> more = new ArrayList<>(m.parts());
            next(more.size());
            more.add(new Part(fresh, m.parts().getLast().fill()));
            return m.withParts(more);
        });
    }

    private void order(int by) {
        edit(by > 0 ? "raise a shape" : "lower a shape", m -> {
            List<Part> parts = new ArrayList<>(m.parts());
            int from = chosen(m);
            int to = Math.max(0, Math.min(parts.size() - 1, from + by));
            parts.add(to, parts.remove(from));
            next(to);
            return m.withParts(parts);
        });
    }

    private void duplicate() {
        edit("duplicate a shape", m -> {
            List<Part> more = new ArrayList<>(m.parts());
            Part like = more.get(chosen(m));
            double step = Math.max(m.bounds().getWidth(), m.bounds().getHeight()) / 8;
            int at = chosen(m) + 1;
            more.add(at, like.at(like.x() + step, like.y() + step));
            next(at);
            return m.withParts(more);
        });
    }

    private void remove() {
        edit("remove a shape", m -> {
            List<Part> fewer = new ArrayList<>(m.parts());
            fewer.remove(chosen(m));
            return m.withParts(fewer);
        });
    }

    /** The chosen shape and the one below it become one, which keeps the lower one's fill. */
    private void together(Together how) {
        edit(how.words, m -> {
            int at = chosen(m);
            if (at == 0) {
                throw new Refusal("nothing lies below this shape; raise it, or choose another one");
            }
            Part below = m.parts().get(at - 1);
            Area area = new Area(below.place().createTransformedShape(below.form().shape()));
            Area other = new Area(m.parts().get(at).place().createTransformedShape(m.parts().get(at).form().shape()));
            switch (how) {
                case UNION -> area.add(other);
                case SUBTRACT -> area.subtract(other);
                case INTERSECT -> area.intersect(other);
                case EXCLUDE -> area.exclusiveOr(other);
            }
            if (area.isEmpty()) {
                throw new Refusal("nothing would be left of the two shapes; let them lie over each other");
            }
            List<Part> parts = new ArrayList<>(m.parts());
            parts.remove(at);
            parts.set(at - 1, new Part(new Form.Free(Outline.of(area)), below.fill()).withEdge(below.edge())
                    .withOpacity(below.opacity()));
            next(at - 1);
            return m.withParts(parts);
        });
    }

    void show(Design design, Colourway colourway, Motif m) {
        int now = chosen(m);
        int shown = Math.min(MOST_SHOWN, m.parts().size());
        int first = Math.max(0, Math.min(m.parts().size() - shown, now - shown / 2));
        if (lines.size() != shown) {
            lines.clear();
            list.getChildren().clear();
            for (int i = 0; i < shown; i++) {
                lines.add(line());
                list.getChildren().add(lines.get(i).row());
            }
        }
        for (int i = 0; i < shown; i++) {
            int index = first + shown - 1 - i;
            Part part = m.parts().get(index);
            Line line = lines.get(i);
            line.name().setText(part.name());
            line.name().setOnAction(e -> studio.hold(h -> h.withPart(index)));
            line.row().setUserData(index);
            line.ink().show(part.fill(), design, colourway);
            if (part.gradient().isPresent()) {
                line.ink().setText("shaded");
            }
            line.row().pseudoClassStateChanged(Styles.CHOSEN,
                    index == now || studio.motifHand().parts().contains(index));
        }
        Part part = m.parts().get(now);
        form.show(part.form());
        x.show(part.x());
        y.show(part.y());
        turn.show(part.turnDeg());
        wide.show(100 * part.wide());
        high.show(100 * part.high());
        lean.show(part.shearDeg());
        paint.show(part, design, colourway);
        edge.show(part.edge().map(Part.Edge::widthMm).orElse(0.0));
        Ui.show(edgeInk.getParent(), part.edge().isPresent());
        edgeInk.show(part.edge().map(Part.Edge::ink).orElse(Ink.CLEAR), design, colourway);
        opacity.show(100 * part.opacity());
    }

    private Line line() {
        Button name = Ui.link("", () -> {});
        HBox row = Ui.row(name, Ui.spring());
        InkChip ink = new InkChip("fill of the shape", k -> edit("fill with " + k.words(), m -> {
            int index = (int) row.getUserData();
            return m.with(index, m.parts().get(index).withFill(k));
        }));
        row.getChildren().add(ink);
        row.getStyleClass().add("band-line");
        return new Line(row, name, ink);
    }
}
