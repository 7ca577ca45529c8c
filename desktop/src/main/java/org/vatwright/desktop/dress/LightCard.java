package org.vatwright.desktop.dress;

import org.vatwright.core.dress.Article;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.effect.EffectLine;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** Light and what light makes seen: shading by hand, effects; of the whole article also what it lies on. */
final class LightCard extends VBox {

    private final Studio studio;
    private final ShadeCard shading;
    private final WornEffects worn;
    private final EffectLine effects;
    private final GroundCard ground;

    LightCard(Studio studio) {
        super(9);
        this.studio = studio;
        setId("light");
        shading = new ShadeCard(studio);
        worn = new WornEffects(studio);
        effects = new EffectLine(studio, worn, () -> studio.article().ifPresent(this::show));
        ground = new GroundCard(studio);
        getChildren().addAll(shading, effects, ground);
    }

    void show(Article article) {
        worn.seen().ifPresent(effects::show);
        // While numbers of an effect stand open, shading gives them its room.
        Ui.show(shading, !effects.isOpen());
        Ui.show(ground, !effects.isOpen() && studio.selection().pieces().isEmpty());
        shading.show(article);
        ground.show(article);
    }
}
