package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.together.Taken;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The layers that are taken together, topmost first as in the recipe: each put on or off; all opened again. */
final class TogetherChapter extends Chapter {

    private static final double WIDE = 66;
    private static final double HIGH = 20;
    private static final double MOST = 300;

    private final VBox lines = new VBox(3);

    TogetherChapter(Studio studio) {
        super(studio);
        Button open = Ui.link("open them again",
                () -> studio.editOpen("open what is taken together", (d, id) -> Taken.opened(d, id)));
        open.setId("open-together");
        hold(Ui.row(Ui.label("One coat of", "card-title"), Ui.spring(), open), Ui.capped(lines, MOST),
                Ui.prose("Effects, opacity and blend in Surface are of all of them.", "quiet"));
    }

    @Override
    void show(Design design, Colourway colourway, Layer layer) {
        Together together = (Together) layer.structure();
        lines.getChildren().clear();
        for (Layer inner : together.layers().reversed()) {
            lines.getChildren().add(line(design, colourway, together, inner));
        }
    }

    private HBox line(Design design, Colourway colourway, Together together, Layer inner) {
        Button eye = Ui.icon(inner.visible() ? "eye" : "eye-off", "Show or hide " + inner.name(),
                () -> studio.editStructure("show or hide " + inner.name(), Together.class,
                        t -> new Together(t.layers().stream()
                                .map(l -> l.id() == inner.id() ? l.withVisible(!l.visible()) : l).toList())));
        eye.setId("together-eye-" + inner.id());
        ClothImage strip = new ClothImage();
        Design alone = design.withLayers(together.layers());
        Scenes.Field field = new Scenes.Field(alone.alone(together.layers().indexOf(inner)), colourway, 0, 0,
                (int) WIDE,
                (int) HIGH, WIDE / Math.max(8, design.repeat().widthMm()));
        strip.draw(field, field.subject(studio.tiles()), WIDE, HIGH);
        StackPane frame = new StackPane(strip);
        frame.getStyleClass().add("layer-strip");
        return Ui.row(eye, frame, Ui.label(inner.name()), Ui.spring(),
                Ui.label(Numbers.plain(100 * inner.opacity()) + " %", "quiet"));
    }
}
