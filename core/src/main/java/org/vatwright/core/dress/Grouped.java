package org.vatwright.core.dress;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/**
 * Steps laid on nothing by themselves, and effects done to that. Effects are made for a torus; with as much that is clear around as they
 * reach nothing comes back at the other side.
 */
final class Grouped {

    private Grouped() {}

    /**
     * @param box around all steps, in pixels of the article
     * @param picture all of the article's pixels; what lies beside it is not drawn
     */
    static Step.Made of(List<Step> steps, List<Effect> effects, Rectangle2D box, Frame picture,
            Optional<PictureLight> light, Density density, Phase phase, Work work) {
        int reach = (int) Math.ceil(density.px(Finishes.reachMm(effects))) + 2;
        int left = (int) Math.floor(Math.max(picture.left(), box.getMinX()));
        int top = (int) Math.floor(Math.max(picture.top(), box.getMinY()));
        int right = (int) Math.ceil(Math.min(picture.right(), box.getMaxX()));
        int bottom = (int) Math.ceil(Math.min(picture.bottom(), box.getMaxY()));
        if (right <= left || bottom <= top) {
            return new Step.Made(left, top, new Raster(1, 1), Optional.empty());
        }
        Frame frame = new Frame(left, top, right, bottom);
        int[] rows = new int[frame.width() * frame.height()];
        Laying laying = new Laying(frame, light);
        steps.forEach(s -> laying.lay(s, rows, top, bottom, work));
        Raster coat = new Raster(frame.width() + 2 * reach, frame.height() + 2 * reach);
        for (int y = 0; y < frame.height(); y++) {
            System.arraycopy(rows, y * frame.width(), coat.argb(), (y + reach) * coat.width() + reach, frame.width());
        }
        double mm = 1 / density.px(1);
        TileGrid grid = new TileGrid(coat.width(), coat.height(), coat.width() * mm, coat.height() * mm);
        PaintRequest asked = new PaintRequest(new Repeat(grid.widthMm(), grid.heightMm(), Arrangement.STRAIGHT), grid,
                Finishes.inks(effects), phase, work.telling(share -> {}));
        Raster done = coat;
        Optional<Raster> added = Optional.empty();
        for (Effect effect : effects) {
            work.goOn();
            done = effect.on(done, asked);
            added = effect.addsLight() ? Optional.of(effect.light(done, asked)) : added;
        }
        return new Step.Made(left - reach, top - reach, done, added);
    }
}
