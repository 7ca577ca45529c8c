package org.vatwright.desktop.building;

import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** How a layer blends with those below it, chosen from small pictures of this very design. */
final class BlendPicker extends VBox {

    private static final int COLUMNS = 6;
    private static final double WIDE = 41;
    private static final double HIGH = 23;

    private final Studio studio;
    private final Map<BlendMode, ClothImage> pictures = new EnumMap<>(BlendMode.class);
    private final Segments<BlendMode> modes;
    private final Label words = Ui.label("", "quiet");

    /** @param take is told the mode that is chosen */
    BlendPicker(Studio studio, Consumer<BlendMode> take) {
        super(4);
        this.studio = studio;
        modes = new Segments<>(List.of(BlendMode.values()), BlendMode::words,
                m -> pictures.computeIfAbsent(m, k -> new ClothImage()),
                take);
        GridPane grid = new GridPane();
        grid.getStyleClass().addAll("segments", "pictures");
        for (BlendMode mode : BlendMode.values()) {
            modes.button(mode).setId("blend-" + mode.keyword());
            grid.add(modes.button(mode), mode.ordinal() % COLUMNS, mode.ordinal() / COLUMNS);
        }
        words.setId("blend-mode");
        getChildren().addAll(Ui.labelled("Blend", words), grid);
    }

    void show(Design design, Colourway colourway, Layer layer) {
        modes.show(layer.mode());
        words.setText(layer.mode().words());
        Repeat repeat = design.repeat();
        double pxPerMm = WIDE / Math.max(8, 0.75 * repeat.widthMm());
        pictures.forEach((mode, picture) -> {
            Scenes.Field field = new Scenes.Field(design.replace(layer.id(), l -> l.withMode(mode)), colourway, 0, 0,
                    (int) WIDE, (int) HIGH, pxPerMm);
            picture.draw(field, field.subject(studio.tiles()), WIDE, HIGH);
        });
    }
}
