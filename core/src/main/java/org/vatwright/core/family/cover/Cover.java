package org.vatwright.core.family.cover;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.pattern.ByPixel;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TurnedLattice;

/** One ink over everything. @param ink of the palette, or a fill as it runs through the tile */
public record Cover(Ink ink) implements Structure {

    public static final String FAMILY = "cover";

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return List.of(ink);
    }

    @Override
    public Cover withInks(UnaryOperator<Ink> change) {
        return new Cover(change.apply(ink));
    }

    @Override
    public Cover fitted(Repeat repeat) {
        return this;
    }

    @Override
    public Painter painter(PaintRequest asked) {
        int width = asked.grid().widthPx();
        Optional<FillPaint.Seeing> seen = asked.inks().fill(ink).map(f -> f.through(asked.grid()));
        if (seen.isPresent()) {
            return new ByPixel(width, seen.get().opaque(), seen.get()::argb);
        }
        int argb = asked.inks().argb(ink);
        return new ByPixel(width, argb >>> 24 == 255, (x, y) -> argb);
    }

    @Override
    public boolean paintsFills() {
        return true;
    }

    @Override
    public boolean drawn() {
        return true;
    }

    @Override
    public Optional<List<VectorMark>> outlines(Repeat repeat, Phase phase, Work work) {
        Tile tile = repeat.tile();
        return Optional.of(List.of(
                new VectorMark(new Rectangle2D.Double(0, 0, tile.widthMm(), tile.heightMm()), ink)));
    }

    @Override
    public Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        return Optional.of(this);
    }

    @Override
    public Cover resized(double by) {
        return this;
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        return List.of(Finding.fine("Cover closes", "it is the same everywhere, or closes as its ink does"));
    }
}
