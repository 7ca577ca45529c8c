package org.vatwright.core.family.tooth;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;

/**
 * The roughness of a surface over the whole tile. It has no edges and no middle: its cells and hairs are counted whole around
 * the tile.
 *
 * @param inks 1 to 12; glitter takes the first alone, for all its shades are of one ink
 * @param moving whether it takes part in what moves
 */
@RecordBuilder
public record Tooth(ToothForm form, List<Ink> inks, boolean moving) implements ToothBuilder.With, Structure {

    public static final String FAMILY = "tooth";
    public static final int MOST_INKS = 12;

    public Tooth {
        inks = List.copyOf(inks);
        Require.within("inks of a tooth", inks.size(), 1, MOST_INKS);
    }

    /** @return a good-looking start of that kind in those inks; glitter and hairs are best in one */
    public static Tooth fresh(ToothKind kind, double sizeMm, List<Ink> inks) {
        return new Tooth(ToothForm.of(kind, sizeMm), inks, false);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public Tooth withInks(UnaryOperator<Ink> change) {
        return withInks(inks.stream().map(change).toList());
    }

    @Override
    public Tooth fitted(Repeat repeat) {
        return this;
    }

    @Override
    public Painter painter(PaintRequest asked) {
        return new ToothPainter(this, asked);
    }

    @Override
    public Tooth resized(double by) {
        return withForm(form.resized(by));
    }

    @Override
    public boolean moves() {
        return moving;
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        Tile tile = repeat.tile();
        double least = Math.min(tile.widthMm(), tile.heightMm());
        return List.of(Finding.fine("Tooth closes", "about %s sizes around the tile".formatted(
                Numbers.plain(Math.max(1, Math.rint(least / form.sizeMm()))))));
    }
}
