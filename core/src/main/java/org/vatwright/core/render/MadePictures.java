package org.vatwright.core.render;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.map.Resized;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.InkMap;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Pictures made into tiles and shown in their inks. To make one may take seconds, so those made last are kept. */
final class MadePictures {

    private static final long MADE_PX = TileCache.room(60_000_000, 16);
    private static final long SHOWN_PX = TileCache.room(40_000_000, 24);

    /** Known by its pixels: a project that is opened again, or in two windows, brings its pictures as other rasters. */
    private record Pixels(Raster raster) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Pixels(Raster its) && raster.same(its);
        }

        @Override
        public int hashCode() {
            return raster.pixelHash();
        }
    }

    private record MadeKey(Pixels of, CutOut cut, double pxPerMm, Optional<Making> making) {}

    private record ShownKey(Pixels of, List<Fill.Reduced> reduced, List<Integer> worn) {}

    private static final Kept<MadeKey, Raster> MADE = new Kept<>(MADE_PX, MadePictures::size);
    private static final Kept<ShownKey, Raster> SHOWN = new Kept<>(SHOWN_PX, MadePictures::size);

    private MadePictures() {}

    private static long size(Raster raster) {
        return (long) raster.width() * raster.height();
    }

    /** @return its tile in that many pixels. @param inks of the design it belongs to */
    static Raster tile(Fill.OfPicture of, InkColours inks, int widthPx, int heightPx, Work work) {
        return Resized.of(shown(of, inks, work), widthPx, heightPx, work);
    }

    /** @return its tile as large as it is */
    private static Raster shown(Fill.OfPicture of, InkColours inks, Work work) {
        Raster raster = of.picture().raster();
        Raster made = of.making().isEmpty() && of.cut().equals(CutOut.WHOLE)
                ? raster
                : MADE.get(new MadeKey(new Pixels(raster), of.cut(), of.pxPerMm(), of.making()), work, () -> {
                    Raster cut = of.cut().of(raster, of.pxPerMm(), work);
                    return of.making().map(m -> m.of(cut, work)).orElse(cut);
                });
        if (of.reduced().isEmpty()) {
            return made;
        }
        List<Integer> worn = of.reduced().stream().map(r -> inks.argb(r.ink())).toList();
        return SHOWN.get(new ShownKey(new Pixels(made), of.reduced(), worn), work, () -> shown(made, of, inks));
    }

    private static Raster shown(Raster made, Fill.OfPicture of, InkColours inks) {
        return InkMap.shown(made, of.reduced().stream().map(Fill.Reduced::found).toList(),
                of.reduced().stream().mapToInt(r -> inks.argb(r.ink())).toArray());
    }

    /** @return a small picture of it, without its being made: its seams do not show at that size */
    static Raster small(Fill.OfPicture of, InkColours inks, int widthPx, int heightPx) {
        Raster small = Resized.of(of.cutOut(Work.on(1)), widthPx, heightPx, Work.on(1));
        return of.reduced().isEmpty() ? small : shown(small, of, inks);
    }
}
