package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One layer of the recipe: a strip of what it makes, its name and look; open, everything that shapes it. */
final class LayerCard extends VBox {

    private static final double STRIP_WIDTH = 250;
    private static final double STRIP_HEIGHT = 24;

    private final Studio studio;
    private final int id;
    private final ClothImage strip = new ClothImage();
    private final Button eye;
    private final Button title = new Button();
    private final Label look = Ui.label("", "quiet");
    private final VBox open = new VBox(8);
    private final TextField name = new TextField();
    private final NumberRow opacity;
    private final ComboBox<String> mode = new ComboBox<>();
    private final StructureForm form;
    private final ShowsRow shows;
    private final NumberRow blur;
    private final String family;
    private boolean showing;

    LayerCard(Studio studio, Layer layer) {
        super(6);
        this.studio = studio;
        id = layer.id();
        family = layer.structure().family();
        getStyleClass().addAll("card", "layer-card");
        setId("layer-" + id);
        eye = Ui.icon("eye", "Hide this layer",
                () -> edit("show or hide " + layer().name(), l -> l.withVisible(!l.visible())));
        title.getStyleClass().add("card-title-button");
        title.setOnAction(e -> studio.select(s -> s.withLayer(s.layer() == id ? 0 : id)));
        form = StructureForm.ALL.get(family).apply(studio);
        shows = new ShowsRow(studio, where -> edit(words(where), l -> l.withShows(where)));
        blur = NumberRow.length(studio, "Blur", "blur of the marks",
                mm -> edit("blur %s mm".formatted(Numbers.plain(mm, 2)), l -> l.withEffect(new Blur(mm), mm > 0)));
        opacity = NumberRow.number(studio, "Opacity", "opacity", "%", 1, 5,
                percent -> edit("opacity %s %%".formatted(Numbers.plain(percent)), l -> l.withOpacity(percent / 100)));
        mode.setId("blend-mode");
        mode.setAccessibleText("Blend mode");
        mode.getItems().setAll(List.of(BlendMode.values()).stream().map(BlendMode::words).toList());
        mode.setOnAction(e -> {
            if (!showing && mode.getSelectionModel().getSelectedIndex() >= 0) {
                BlendMode chosen = BlendMode.values()[mode.getSelectionModel().getSelectedIndex()];
                edit("blend " + chosen.words(), l -> l.withMode(chosen));
            }
        });
        name.setAccessibleText("Name of the layer");
        name.setId("layer-name");
        name.setOnAction(e -> edit("rename layer", l -> l.withName(name.getText())));
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is && !name.getText().equals(layer().name())) {
                edit("rename layer", l -> l.withName(name.getText()));
            }
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        open.getChildren().addAll(Ui.row(name, actions()), form.node(), opacity, Ui.labelled("Blend", mode), blur,
                shows);
        StackPane stripFrame = new StackPane(strip);
        stripFrame.getStyleClass().add("layer-strip");
        stripFrame.setMinHeight(STRIP_HEIGHT);
        stripFrame.setMaxHeight(STRIP_HEIGHT);
        getChildren().addAll(stripFrame, Ui.row(eye, title, Ui.spring(), look), open);
    }

    private static String words(Shows where) {
        return switch (where) {
            case Shows.Everywhere _ -> "show everywhere";
            case Shows.InMarksBelow _ -> "show in the marks below";
            case Shows.Where _ -> "weave in";
        };
    }

    private HBox actions() {
        return new HBox(2, Ui.icon("arrow-up", "Raise this layer", () -> order(1)),
                Ui.icon("arrow-down", "Lower this layer", () -> order(-1)),
                Ui.icon("copy", "Duplicate this layer", this::duplicate),
                Ui.icon("trash-2", "Delete this layer", () -> studio.editDesign("delete " + layer().name(),
                        d -> d.withLayers(d.layers().stream().filter(l -> l.id() != id).toList()))));
    }

    /** @return whether this card can go on standing for that layer */
    boolean fits(Layer layer) {
        return layer.id() == id && layer.structure().family().equals(family);
    }

    private Layer layer() {
        return studio.design().flatMap(d -> d.layer(id)).orElseThrow();
    }

    private void edit(String what, java.util.function.UnaryOperator<Layer> change) {
        if (studio.design().flatMap(d -> d.layer(id)).isPresent()) {
            studio.editDesign(what, d -> d.replace(id, change));
        }
    }

    private void order(int by) {
        studio.editDesign(by > 0 ? "raise " + layer().name() : "lower " + layer().name(), d -> {
            var layers = new java.util.ArrayList<>(d.layers());
            int from = layers.indexOf(layer());
            int to = Math.max(0, Math.min(layers.size() - 1, from + by));
            layers.add(to, layers.remove(from));
            return d.withLayers(layers);
        });
    }

    private void duplicate() {
        studio.design().ifPresent(d -> {
            int fresh = d.freeId();
            studio.editDesign("duplicate " + layer().name(), x -> {
                var layers = new java.util.ArrayList<>(x.layers());
                layers.add(layers.indexOf(layer()) + 1, layer().withId(fresh).withName(layer().name() + " copy"));
                return x.withLayers(layers);
            });
            studio.select(s -> s.withLayer(fresh));
        });
    }

    void show(Design design, Colourway colourway, Layer layer) {
        showing = true;
        boolean chosen = studio.selection().layer() == id;
        pseudoClassStateChanged(Styles.CHOSEN, chosen);
        title.setText(layer.name());
        Ui.setIcon(eye, layer.visible() ? "eye" : "eye-off", layer.visible() ? "Hide this layer" : "Show this layer");
        look.setText("%s%s".formatted(layer.mode() == BlendMode.NORMAL ? "" : layer.mode().words() + " ",
                Numbers.plain(100 * layer.opacity(), 1) + " %"));
        setOpacity(layer.visible() ? 1 : 0.6);
        Design alone = design.withLayers(List.of(layer.withVisible(true).withOpacity(1).withMode(BlendMode.NORMAL)));
        double pxPerMm = STRIP_WIDTH / Math.max(40, 1.5 * design.repeat().tile().widthMm());
        Scenes.Field field = new Scenes.Field(alone.withGround(org.vatwright.core.pattern.Ink.CLEAR), colourway, 0,
                design.repeat().heightMm() / 4, (int) STRIP_WIDTH, (int) STRIP_HEIGHT, pxPerMm);
        strip.draw(field, field.subject(studio.tiles()), STRIP_WIDTH, STRIP_HEIGHT);
        Ui.show(open, chosen);
        if (chosen) {
            if (!name.isFocused()) {
                name.setText(layer.name());
            }
            opacity.show(100 * layer.opacity());
            mode.getSelectionModel().select(layer.mode().ordinal());
            blur.show(layer.effects().stream().filter(Blur.class::isInstance).map(Blur.class::cast)
                    .mapToDouble(Blur::spreadMm).findFirst().orElse(0));
            shows.show(layer.shows(), design.layers().getFirst().id() == id);
            form.show(design, colourway, layer.structure());
        }
        showing = false;
    }
}
