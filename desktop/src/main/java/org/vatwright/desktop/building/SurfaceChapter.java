package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.recipe.RecipeActions;
import org.vatwright.desktop.studio.Studio;

/** How a layer lies on those below it: opacity, blend, where it shows, what is done to its marks. */
final class SurfaceChapter extends Chapter {

    private final NumberRow opacity;
    private static final LivePicker.Shape PICTURES = new LivePicker.Shape(6, 41, 23);

    private final LivePicker<BlendMode> blend;
    private final ShowsRow shows;
    private final NumberRow blur;

    SurfaceChapter(Studio studio) {
        super(studio);
        RecipeActions all = new RecipeActions(studio);
        opacity = NumberRow.number(studio, "Opacity", "opacity", "%", 1, 5, percent -> all.change(
                "opacity %s %%".formatted(Numbers.plain(percent)), l -> l.withOpacity(percent / 100)));
        blur = NumberRow.length(studio, "Blur", "blur of the marks", mm -> studio.editLayer(
                "blur %s mm".formatted(Numbers.plain(mm, 2)), l -> l.withEffect(new Blur(mm), mm > 0)));
        blend = new LivePicker<>(studio, "Blend", "blend", List.of(BlendMode.values()), BlendMode::words, PICTURES,
                m -> all.change("blend " + m.words(), l -> l.withMode(m)));
        shows = new ShowsRow(studio, where -> studio.editLayer(words(where), l -> l.withShows(where)));
        hold(Ui.pair(opacity, blur), blend, shows);
    }

    private static String words(Shows where) {
        return switch (where) {
            case Shows.Everywhere _ -> "show everywhere";
            case Shows.InMarksBelow _ -> "show in the marks below";
            case Shows.Where _ -> "weave in";
        };
    }

    @Override
    void show(Design design, Colourway colourway, Layer layer) {
        opacity.show(100 * layer.opacity());
        blur.show(layer.effects().stream().filter(Blur.class::isInstance).map(Blur.class::cast)
                .mapToDouble(Blur::spreadMm).findFirst().orElse(0));
        blend.show(layer.mode(), m -> design.replace(layer.id(), l -> l.withMode(m)), colourway,
                PICTURES.wide() / Math.max(8, 0.75 * design.repeat().widthMm()));
        shows.show(layer.shows(), design.layers().getFirst().id() == layer.id());
    }
}
