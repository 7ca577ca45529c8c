package org.vatwright.desktop.building;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The shapes of the motif in hand: their order and fills, what two of them make together. */
final class PartList extends VBox {

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

    private final Studio studio;
    private final MotifInHand hand;
    private final VBox list = new VBox(3);
    private final Pool<Line> lines = new Pool<>(list, i -> new Line());

    PartList(Studio studio) {
        super(4);
        this.studio = studio;
        hand = new MotifInHand(studio);
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
        getChildren().addAll(Ui.row(Ui.label("Its shapes", "card-title"), Ui.spring(), add), Ui.capped(list, 136),
                Ui.row(Ui.icon("arrow-up", "Raise this shape", () -> order(1)),
                        Ui.icon("arrow-down", "Lower this shape", () -> order(-1)),
                        Ui.icon("copy", "Duplicate this shape", this::duplicate),
                        Ui.icon("trash-2", "Remove this shape", this::remove), together),
                new PartExtras(studio, hand::edit, hand::chosen));
    }

    private void add(String name) {
        hand.edit("add a " + name, m -> {
            double side = Math.max(0.5, Math.max(m.bounds().getWidth(), m.bounds().getHeight()) * 0.5);
            Form fresh = Form.examples(side).stream().filter(f -> f.name().equals(name)).findFirst().orElseThrow();
            List<Part> more = new ArrayList<>(m.parts());
            hand.next(more.size());
            more.add(new Part(fresh, m.parts().getLast().fill()));
            return m.withParts(more);
        });
    }

    private void order(int by) {
        hand.edit(by > 0 ? "raise a shape" : "lower a shape", m -> {
            List<Part> parts = new ArrayList<>(m.parts());
            int from = hand.chosen(m);
            int to = Math.max(0, Math.min(parts.size() - 1, from + by));
            parts.add(to, parts.remove(from));
            hand.next(to);
            return m.withParts(parts);
        });
    }

    private void duplicate() {
        hand.edit("duplicate a shape", m -> {
            List<Part> more = new ArrayList<>(m.parts());
            Part like = more.get(hand.chosen(m));
            double step = Math.max(m.bounds().getWidth(), m.bounds().getHeight()) / 8;
            int at = hand.chosen(m) + 1;
            more.add(at, like.at(like.x() + step, like.y() + step));
            hand.next(at);
            return m.withParts(more);
        });
    }

    private void remove() {
        hand.edit("remove a shape", m -> {
            List<Part> fewer = new ArrayList<>(m.parts());
            fewer.remove(hand.chosen(m));
            return m.withParts(fewer);
        });
    }

    /** The chosen shape and the one below it become one, which keeps the lower one's fill. */
    private void together(Together how) {
        hand.edit(how.words, m -> {
            int at = hand.chosen(m);
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
            hand.next(at - 1);
            return m.withParts(parts);
        });
    }

    void show(Design design, Colourway colourway, Motif m) {
        int now = hand.chosen(m);
        int shown = Math.min(MOST_SHOWN, m.parts().size());
        int first = Math.max(0, Math.min(m.parts().size() - shown, now - shown / 2));
        List<Line> seen = lines.show(shown);
        for (int i = 0; i < shown; i++) {
            int index = first + shown - 1 - i;
            seen.get(i).show(m.parts().get(index), index, design, colourway);
            seen.get(i).pseudoClassStateChanged(Styles.CHOSEN,
                    index == now || studio.motifHand().parts().contains(index));
        }
    }

    private final class Line extends HBox {

        private final Button name = Ui.link("", this::choose);
        private final InkChip ink = new InkChip("fill of the shape", this::fill);
        private int index;

        Line() {
            super(8);
            getStyleClass().addAll("row", "band-line");
            getChildren().addAll(name, Ui.spring(), ink);
        }

        private void choose() {
            studio.hold(h -> h.withPart(index));
        }

        private void fill(Ink with) {
            hand.edit("fill with " + with.words(), m -> m.with(index, m.parts().get(index).withFill(with)));
        }

        void show(Part part, int at, Design design, Colourway colourway) {
            index = at;
            name.setText(part.name());
            ink.show(part.fill(), design, colourway);
            if (part.gradient().isPresent()) {
                ink.setText("shaded");
            }
        }
    }
}
