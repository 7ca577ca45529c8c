package org.vatwright.desktop.building;

import java.util.Optional;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.pattern.TakenFrom.Area;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.Studio;

/**
 * An area drawn on the cloth or on what is worn becomes a tile: what is to be taken, at which density, and where it goes.
 */
final class TakeBar extends VBox {

    /** What was drawn. @param article none for the cloth of the design @param design which was in view */
    private record Drawn(Id article, Id design, Area area) {}

    private final Studio studio;
    private final Desk desk;
    private final Label told = Ui.prose("", "quiet");
    private final NumberRow dpi;
    private final CheckBox alone = new CheckBox("this layer alone");
    private final Button fresh;
    private final Button layer;
    private Density density = new Density(300);
    private Optional<Drawn> drawn = Optional.empty();
    private Runnable redraw = () -> {};

    TakeBar(Studio studio, Desk desk) {
        super(4);
        this.studio = studio;
        this.desk = desk;
        setId("take-bar");
        getStyleClass().add("brush-bar");
        told.setId("take-told");
        alone.setId("take-alone");
        dpi = NumberRow.density(studio, "", "density to take at", d -> {
            density = d;
            show();
        });
        fresh = Ui.button("New design", () -> here().ifPresent(d -> desk.takings().fresh(from(d))));
        fresh.setId("take-new-design");
        layer = Ui.button("New layer", () -> here().ifPresent(d -> desk.takings().layer(from(d))));
        layer.setId("take-new-layer");
        getChildren().addAll(told, Ui.row(dpi, alone, Ui.spring(), fresh, layer));
        Ui.show(this, false);
    }

    /** @param redraw called when the area is another one */
    void watched(Runnable listener) {
        redraw = listener;
    }

    boolean open() {
        return isVisible();
    }

    void open(boolean shown) {
        drawn = Optional.empty();
        Ui.show(this, shown);
        show();
        redraw.run();
    }

    Optional<Area> onCloth() {
        return here().filter(d -> d.article.equals(Id.NONE)).map(Drawn::area);
    }

    Optional<Area> onWorn(Id article) {
        return here().filter(d -> !article.equals(Id.NONE) && d.article.equals(article)).map(Drawn::area);
    }

    /** @param article none for the cloth of the design */
    void draw(Id article, Area area) {
        drawn = Optional.of(new Drawn(article, studio.selection().design(), area));
        show();
        redraw.run();
    }

    private TakenFrom from(Drawn d) {
        if (!d.article.equals(Id.NONE)) {
            return new TakenFrom.OfArticle(d.article, d.area, density);
        }
        Design design = studio.design().orElseThrow();
        return new TakenFrom.OfDesign(design.id(), studio.colourway(design).name(),
                alone.isSelected() ? studio.layer().map(Layer::id).orElse(0) : 0, d.area, density);
    }

    /** On another design the area that was drawn on one is none. */
    private Optional<Drawn> here() {
        return drawn.filter(d -> !d.article.equals(Id.NONE) || d.design.equals(studio.selection().design()));
    }

    void show() {
        fresh.setDisable(here().isEmpty());
        layer.setDisable(here().isEmpty());
        alone.setVisible(here().isEmpty() || here().get().article.equals(Id.NONE));
        dpi.show(density.dpi());
        told.setText(here().map(d -> "%s x %s mm, %,d x %,d px: into".formatted(Numbers.plain(d.area.widthMm(), 1),
                Numbers.plain(d.area.heightMm(), 1), density.wholePx(d.area.widthMm()),
                density.wholePx(d.area.heightMm())))
                .orElse("Draw an area on the cloth, or on what is worn; a double click takes the whole tile or article."));
    }
}
