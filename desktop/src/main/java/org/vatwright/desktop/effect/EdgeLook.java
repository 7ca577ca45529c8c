package org.vatwright.desktop.effect;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;

import javafx.application.Platform;
import javafx.scene.control.Label;

/** Says of an effect that lives by edges that what it is put on covers everything and has none; found out beside the window. */
final class EdgeLook {

    /** Of the tile's longer side: a gap that this does not show is not seen to be one either. */
    private static final int LONGEST_PX = 256;
    private static final int OPAQUE = 255;

    private record Found(Cloth of, boolean edges) {}

    private final Label label = Ui.prose("", "quiet");
    private final Aside<Found> looking = new Aside<>(Platform::runLater, this::take);
    private Optional<Cloth> asked = Optional.empty();
    private Optional<Found> found = Optional.empty();

    EdgeLook() {
        label.setId("effect-edgeless");
        Ui.show(label, false);
    }

    Label label() {
        return label;
    }

    /** @param effect whose numbers stand open, of those that are on */
    void show(EffectTarget target, List<Effect> on, Optional<Effect> effect) {
        String words = effect.map(EdgeLook::words).orElse("");
        asked = words.isEmpty()
                ? Optional.empty()
                : target.bare(on.stream().filter(e -> e.order() < effect.orElseThrow().order()).toList());
        label.setText(words);
        asked.ifPresent(cloth -> looking.ask(cloth, work -> new Found(cloth, hasEdges(cloth, work))));
        tell();
    }

    private static String words(Effect effect) {
        return switch (effect) {
            case OutlineEffect _ -> "This layer covers everything: it has no edge to outline.";
            case Relief relief when !relief.fromLightness() ->
                "This layer covers everything: it has no edge to raise, but heights by lightness.";
            case CastShadow _ -> "This layer covers everything: its shadow falls nowhere.";
            case Halo _ -> "This layer covers everything: it has no edge for a halo.";
            default -> "";
        };
    }

    /** @return whether it leaves anything of the tile uncovered, be it by a part of a pixel */
    static boolean hasEdges(Cloth cloth, Work work) {
        Tile tile = cloth.design().repeat().tile();
        double pxPerMm = LONGEST_PX / Math.max(tile.widthMm(), tile.heightMm());
        TileGrid grid = new TileGrid(px(tile.widthMm() * pxPerMm), px(tile.heightMm() * pxPerMm), tile.widthMm(),
                tile.heightMm());
        return Arrays.stream(TileRenderer.render(cloth, grid, work).argb()).anyMatch(p -> p >>> 24 != OPAQUE);
    }

    private static int px(double side) {
        return Math.max(1, (int) Math.rint(side));
    }

    private void take(Found next) {
        found = Optional.of(next);
        tell();
    }

    private void tell() {
        Ui.show(label, found.filter(f -> !f.edges() && asked.equals(Optional.of(f.of()))).isPresent());
    }
}
