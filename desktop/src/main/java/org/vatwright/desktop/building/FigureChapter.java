package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.MotifHand;
import org.vatwright.desktop.studio.Bringing;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is drawn: the motifs of the layer and the shapes of the one in hand. */
final class FigureChapter extends Chapter.Of<Motifs> {

    private final VBox list = new VBox(3);
    private final Pool<Line> lines = new Pool<>(list, Line::new);
    private final PartList parts;

    FigureChapter(Studio studio) {
        super(studio, Motifs.class);
        MenuButton draw = new MenuButton("Draw a motif");
        draw.setId("draw-motif");
        for (Form form : Form.examples(10)) {
            MenuItem item = new MenuItem(form.name());
            item.setOnAction(e -> add(form.name()));
            draw.getItems().add(item);
        }
        Menu others = new Menu("from a design");
        draw.getItems().add(others);
        draw.setOnShowing(e -> fromDesigns(others));
        others.getItems().add(new MenuItem(""));
        parts = new PartList(studio);
        hold(Ui.row(Ui.label("Motifs", "card-title"), Ui.spring(), draw), Ui.capped(list, 104), parts);
    }

    /** A new motif of one shape, a sixth of the cell; placed at once where all are set by hand. */
    private void add(String form) {
        studio.design().ifPresent(d -> {
            double side = Math.max(0.5, Math.min(d.repeat().widthMm(), d.repeat().heightMm()) / 6);
            Form fresh = Form.examples(side).stream().filter(f -> f.name().equals(form)).findFirst().orElseThrow();
            edit("draw a " + form, m -> {
                Ink ink = m.inks().stream().filter(i -> !(i instanceof Ink.Clear)).findFirst()
                        .orElse(Ink.slot(d.palette().slots().getFirst()));
                List<Motif> more = new ArrayList<>(m.motifs());
                int id = m.freeId();
                studio.holdNext(MotifHand.on(id));
                more.add(new Motif(id, form.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + form.substring(1),
                        List.of(new Part(fresh, ink))));
                return m.withMotifs(more);
            });
        });
    }

    /** Whole designs that do not show this one, and single motifs of theirs. */
    private void fromDesigns(Menu menu) {
        menu.getItems().clear();
        studio.design().ifPresent(d -> {
            for (Design other : studio.project().fillable(d.id())) {
                MenuItem whole = new MenuItem("all of " + other.name());
                whole.setOnAction(e -> new Bringing(studio).motif("motif of " + other.name(), (x, layer) -> MotifsFrom
                        .source(x, layer, other.name(), new Fill.OfDesign(other, Optional.empty()))));
                menu.getItems().add(whole);
            }
            for (Design other : studio.project().fillable(d.id())) {
                other.layers().stream().map(l -> l.structure()).filter(Motifs.class::isInstance)
                        .flatMap(s -> ((Motifs) s).motifs().stream()).forEach(motif -> {
                            MenuItem item = new MenuItem("%s of %s".formatted(motif.name(), other.name()));
                            item.setOnAction(e -> new Bringing(studio).motif("motif " + motif.name(),
                                    (x, layer) -> MotifsFrom.copied(x, layer, other, motif)));
                            menu.getItems().add(item);
                        });
            }
        });
    }

    @Override
    void show(Design design, Colourway colourway, Motifs motifs) {
        int now = studio.motifHand().in(motifs).id();
        int count = motifs.motifs().size();
        List<Line> seen = lines.show(count);
        for (int i = 0; i < count; i++) {
            seen.get(i).show(motifs.motifs().get(i), now, count > 1);
        }
        parts.show(design, colourway, motifs.motif(now).orElseThrow());
    }

    private final class Line extends HBox {

        private final Button name;
        private final Button remove;

        Line(int index) {
            super(8);
            name = Ui.link("", () -> {
                Motifs motifs = (Motifs) studio.layer().orElseThrow().structure();
                studio.hold(h -> MotifHand.on(motifs.motifs().get(index).id()));
            });
            name.setId("motif-" + (index + 1));
            remove = Ui.icon("x", "Remove motif " + (index + 1),
                    () -> edit("remove a motif", m -> m.without(m.motifs().get(index).id())));
            getStyleClass().addAll("row", "band-line");
            getChildren().addAll(name, Ui.spring(), remove);
        }

        void show(Motif motif, int now, boolean oneOfMany) {
            name.setText("%s, %d part%s".formatted(motif.name(), motif.parts().size(),
                    motif.parts().size() == 1 ? "" : "s"));
            Ui.show(remove, oneOfMany);
            pseudoClassStateChanged(Styles.CHOSEN, motif.id() == now);
        }
    }
}
