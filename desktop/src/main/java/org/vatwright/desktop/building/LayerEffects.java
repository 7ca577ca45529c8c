package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.render.Cloth;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.effect.EffectTarget;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

/** The effects of the open layer of the design in view. */
record LayerEffects(Studio studio) implements EffectTarget {

    private record Key(String design, int layer) {}

    @Override
    public Optional<Seen> seen() {
        return studio.design().flatMap(d -> studio.layer().map(l -> new Seen(new Key(d.id().toString(), l.id()),
                l.effects(), d, studio.colourway(d), Set.copyOf(l.structure().inks()))));
    }

    @Override
    public Optional<Cloth> bare(List<Effect> worn) {
        return studio.design().flatMap(d -> studio.layer().map(l -> new Cloth(
                d.alone(d.layers().indexOf(l)).replace(l.id(), x -> x.withEffects(worn)), studio.colourway(d))));
    }

    @Override
    public void edit(String name, UnaryOperator<List<Effect>> change) {
        studio.editLayer(name, l -> l.withEffects(change.apply(l.effects())));
    }

    @Override
    public void draw(ClothImage picture, Effect effect, double side) {
        Design design = studio.design().orElseThrow();
        Layer layer = studio.layer().orElseThrow();
        List<Effect> worn = List.of(effect);
        Layer plain = layer.with().visible(true).opacity(1).mode(BlendMode.NORMAL).effects(worn).build();
        // In the marks of others it looks as they do.
        List<Layer> others = layer.shows() == Shows.EVERYWHERE ? List.of() : design.layers();
        double pxPerMm = side / Math.max(4, 0.4 * Math.min(design.repeat().widthMm(), design.repeat().heightMm()));
        Scenes.Made made = new Scenes.Made(
                List.of(plain, others, design.repeat(), design.palette(), design.fills(), design.ground()),
                studio.colourway(design), (int) side, (int) side, pxPerMm, 0, 0);
        picture.of(List.of(design.id(), layer.id()));
        picture.draw(made, made.subject(studio.tiles(), () -> design.alone(design.layers().indexOf(layer))
                .withGround(design.ground()).replace(layer.id(), l -> l.withEffects(worn))), side, side);
    }
}
