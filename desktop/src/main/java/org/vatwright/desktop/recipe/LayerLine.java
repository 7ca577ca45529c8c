package org.vatwright.desktop.recipe;

import java.util.List;
import java.util.Set;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/** One layer in the recipe: its eye, a strip of what it makes, its name, how much of it shows. */
final class LayerLine extends HBox {

    private static final double STRIP_WIDTH = 66;
    private static final double STRIP_HEIGHT = 20;
    private static final double MOST_MM = 90;
    private static final Insets LINE = new Insets(2, 8, 2, 3);
    private static final Insets IN_GROUP = new Insets(2, 8, 2, 17);

    private final Studio studio;
    private final int id;
    private final ClothImage strip = new ClothImage();
    private final Button eye;
    private final Button lock;
    private final NameInPlace name;
    private final Label share = Ui.label("", "quiet");
    private Id of;

    LayerLine(Studio studio, int id) {
        super(7);
        this.studio = studio;
        this.id = id;
        getStyleClass().add("layer-line");
        setId("layer-" + id);
        setFocusTraversable(true);
        eye = Ui.icon("eye", "Hide this layer", () -> studio.editDesign("show or hide " + layer().name(),
                d -> d.replace(id, l -> l.withVisible(!l.visible()))));
        lock = Ui.icon("lock", "Unlock this layer", () -> studio.editDesign("unlock " + layer().name(),
                d -> d.replace(id, l -> l.withLocked(false))));
        lock.setId("unlock-" + id);
        name = new NameInPlace("layer-name", "Name of the layer",
                text -> studio.editDesign("rename layer", d -> d.replace(id, l -> l.withName(text))));
        HBox.setHgrow(name, Priority.ALWAYS);
        share.setMinWidth(USE_PREF_SIZE);
        StackPane frame = new StackPane(strip);
        frame.getStyleClass().add("layer-strip");
        frame.setMinSize(STRIP_WIDTH, STRIP_HEIGHT);
        frame.setMaxSize(STRIP_WIDTH, STRIP_HEIGHT);
        getChildren().addAll(eye, frame, name, lock, share);
    }

    int layerId() {
        return id;
    }

    void rename() {
        name.open();
    }

    private Layer layer() {
        return studio.design().flatMap(d -> d.layer(id)).orElseThrow();
    }

    void show(Design design, Colourway colourway, Layer layer) {
        Set<Integer> chosen = studio.selection().layers();
        pseudoClassStateChanged(Styles.CHOSEN, studio.selection().layer() == id);
        pseudoClassStateChanged(Styles.ALSO, chosen.contains(id));
        name.show(layer.name());
        setAccessibleText("Layer %s".formatted(layer.name()));
        Ui.setIcon(eye, layer.visible() ? "eye" : "eye-off", layer.visible() ? "Hide this layer" : "Show this layer");
        Ui.show(lock, layer.locked());
        String percent = Numbers.plain(100 * layer.opacity(), 0) + " %";
        share.setText(layer.mode() == BlendMode.NORMAL ? percent : layer.mode().words() + " " + percent);
        strip.setOpacity(layer.visible() ? 1 : 0.45);
        setPadding(layer.group().isEmpty() ? LINE : IN_GROUP);
        Layer plain = layer.with().visible(true).opacity(1).mode(BlendMode.NORMAL).shows(Shows.EVERYWHERE).build();
        // A small cell from top to bottom, so that every mark is somewhere in it; of a large one enough to know its marks.
        double pxPerMm = STRIP_HEIGHT / Math.min(MOST_MM, design.repeat().heightMm());
        if (!design.id().equals(of)) {
            // Until its own picture is there it shows none: that of another design's layer would be taken for its own.
            strip.clear();
            of = design.id();
        }
        double[] start = start(layer, STRIP_HEIGHT / pxPerMm);
        Scenes.Made made = new Scenes.Made(
                List.of(design.id(), plain, design.repeat(), design.palette(), design.fills()),
                colourway, (int) STRIP_WIDTH, (int) STRIP_HEIGHT, pxPerMm, start[0], start[1]);
        strip.draw(made,
                made.subject(studio.tiles(),
                        () -> design.with().layers(List.of(plain)).ground(Ink.CLEAR).build()),
                STRIP_WIDTH, STRIP_HEIGHT);
    }

    /** A trim leaves most of a cell empty: its strip begins with its first repeat. */
    private static double[] start(Layer layer, double highMm) {
        if (layer.structure() instanceof Motifs motifs && motifs.placing() instanceof Placing.Trim) {
            return motifs.trimRun().flatMap(run -> run.middle(0))
                    .map(p -> new double[]{p[0] - highMm / 2, p[1] - highMm / 2}).orElse(new double[2]);
        }
        return new double[2];
    }
}
