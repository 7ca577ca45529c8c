package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.effect.EffectLine;
import org.vatwright.desktop.recipe.RecipeActions;
import org.vatwright.desktop.studio.Studio;

/** How a layer lies on those below it: opacity, blend, where it shows, what is done to its marks. */
final class SurfaceChapter extends Chapter {

    private static final LivePicker.Shape PICTURES = new LivePicker.Shape(7, 35, 20);

    private final NumberRow opacity;
    private final LivePicker<BlendMode> blend;
    private final ShowsRow shows;
    private final FadeRows fade;
    private final LayerEffects worn;
    private final EffectLine effects;

    /** What else takes room; when it changes, the pictures of blends open or close. */
    private record Arranged(int layer, boolean effect, boolean masked) {}

    private Arranged arranged;

    SurfaceChapter(Studio studio) {
        super(studio);
        RecipeActions all = new RecipeActions(studio);
        opacity = NumberRow.number(studio, "Opacity", "opacity", "%", 1, 5, percent -> all.change(
                "opacity %s %%".formatted(Numbers.plain(percent)), l -> l.withOpacity(percent / 100)));
        worn = new LayerEffects(studio);
        effects = new EffectLine(studio, worn, () -> studio.design().ifPresent(d -> studio.layer()
                .ifPresent(l -> show(d, studio.colourway(d), l))));
        blend = new LivePicker<>(studio, "", "blend", List.of(BlendMode.values()), BlendMode::words, PICTURES,
                m -> all.change("blend " + m.words(), l -> l.withMode(m)));
        fade = new FadeRows(studio);
        shows = new ShowsRow(studio, fade.toggle(), where -> studio.editLayer(words(where), l -> l.withShows(where)));
        // What opens or closes for something lies below it: nothing moves away from under the hand.
        hold(effects, shows, fade, Ui.pair(opacity, Ui.labelled("Blend", blend.word())), blend);
    }

    private static String words(Shows where) {
        return switch (where) {
            case Shows.Everywhere _ -> "show everywhere";
            case Shows.InMarks m -> m.outside() ? "show outside marks" : "show in the marks below";
            case Shows.Where _ -> "weave in";
        };
    }

    @Override
    void show(Design design, Colourway colourway, Layer layer) {
        opacity.show(100 * layer.opacity());
        worn.seen().ifPresent(effects::show);
        // While numbers of an effect stand open, what else there is gives them its room.
        Ui.show(shows, !effects.isOpen());
        Ui.show(fade, !effects.isOpen());
        fade.show(layer);
        shows.show(design, layer);
        Arranged now = new Arranged(layer.id(), effects.isOpen(), shows.hasRows() || layer.fade().isPresent());
        if (!now.equals(arranged)) {
            arranged = now;
            blend.open(!now.effect() && !now.masked());
        }
        Design plain = design.replace(layer.id(), l -> l.withMode(BlendMode.NORMAL));
        blend.show(layer.mode(), List.of(plain), m -> plain.replace(layer.id(), l -> l.withMode(m)), colourway,
                PICTURES.wide() / Math.max(8, 0.75 * design.repeat().widthMm()));
    }
}
