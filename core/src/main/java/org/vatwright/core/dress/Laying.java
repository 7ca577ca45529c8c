package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/** Lays steps on rows of a picture; of one article, rows are asked for once, from the top. */
final class Laying {

    private static final double WHOLE_PX = 50_000_000;

    private final Frame frame;
    private final Optional<PictureLight> light;
    /** Of the shapes in work. */
    private final Map<Shape, ShapeMask> masks = new IdentityHashMap<>();

    Laying(Frame frame, Optional<PictureLight> light) {
        this.frame = frame;
        this.light = light;
    }

    /** @param out takes whole rows of the frame. @param from,to rows of the article */
    void lay(Step step, int[] out, int from, int to, Work work) {
        work.goOn();
        switch (step) {
            case Step.Sewn sewn -> sewn.threads().lay(out, frame.left(), frame.width(), from, to);
            case Step.Made made -> made(made, out, from, to);
            case Step.Shaded shaded -> shaded(shaded, out, from, to);
            case Step.Window window -> window(window, out, from, mask(window.shape(), from, to));
            case Step.Filled filled -> {
                ShapeMask mask = mask(filled.shape(), from, to);
                if (mask.width() > 0) {
                    fill(out, from, mask, filled, work);
                }
            }
            case Step.Ready ready -> {
                ShapeMask mask = ready.drawn().mask().rows(from, to);
                if (mask.width() > 0) {
                    ready.drawn().laid().forEach(l -> lay(out, from, mask, part(ready, l, mask), l.opacity(), l.mode(),
                            work));
                }
            }
            case Step.Drawn drawn -> draw(out, from, drawn.kept() == null
                    ? mask(drawn.shape(), from, to)
                    : drawn.kept().rows(from, to), drawn.colour());
        }
    }

    /** @return the rows of a kept cloth where a mask lies, in the light of the picture */
    private Raster part(Step.Ready ready, Wardrobe.Laid laid, ShapeMask mask) {
        Raster part = new Raster(mask.width(), mask.height());
        System.arraycopy(laid.cloth().argb(), (mask.y() - ready.drawn().mask().y()) * mask.width(), part.argb(), 0,
                part.argb().length);
        if (laid.light() > 0) {
            light.ifPresent(l -> l.lay(part, mask.x(), mask.y(), ready.white(), laid.light()));
        }
        return part;
    }

    /** A shape is cut out once, whatever rows are asked for; only one too large for that is cut out strip by strip. */
    private ShapeMask mask(Shape shape, int from, int to) {
        Rectangle2D box = shape.getBounds2D();
        if (box.getMaxY() < from || box.getMinY() > to) {
            return ShapeMask.NONE;
        }
        if (box.getWidth() * box.getHeight() > WHOLE_PX) {
            return ShapeMask.of(shape, frame.rows(from, to));
        }
        ShapeMask whole = masks.computeIfAbsent(shape, s -> ShapeMask.of(s, frame));
        if (box.getMaxY() < to) {
            masks.remove(shape);
        }
        return whole.rows(from, to);
    }

    private void fill(int[] out, int top, ShapeMask mask, Step.Filled filled, Work work) {
        Raster cloth = new Raster(mask.width(), mask.height());
        Worn worn = filled.worn();
        worn.draw(cloth, mask.x(), mask.y(), work.telling(share -> {}));
        if (worn.light() > 0) {
            light.ifPresent(l -> l.lay(cloth, mask.x(), mask.y(), filled.white(), worn.light()));
        }
        lay(out, top, mask, cloth, worn.opacity(), worn.mode(), work);
    }

    private void lay(int[] out, int top, ShapeMask mask, Raster cloth, double opacity, BlendMode mode, Work work) {
        int[] shares = new int[256];
        for (int cover = 0; cover < 256; cover++) {
            shares[cover] = (int) Math.round(opacity * cover / 255 * 256);
        }
        Rows.each(mask.height(), 32, work.telling(share -> {}), (from, to) -> {
            for (int row = from; row < to; row++) {
                int at = (mask.y() - top + row) * frame.width() + mask.x() - frame.left();
                for (int x = 0; x < mask.width(); x++) {
                    int cover = mask.cover()[row * mask.width() + x] & 255;
                    if (cover > 0 && mode == BlendMode.NORMAL) {
                        out[at + x] = Compositor.normal(out[at + x], cloth.at(x, row), shares[cover]);
                    } else if (cover > 0) {
                        out[at + x] = Compositor.blended(out[at + x], cloth.at(x, row), opacity * cover / 255, mode);
                    }
                }
            }
        });
    }

    private void draw(int[] out, int top, ShapeMask mask, int colour) {
        for (int y = 0; y < mask.height(); y++) {
            int at = (mask.y() - top + y) * frame.width() + mask.x() - frame.left();
            for (int x = 0; x < mask.width(); x++) {
                int cover = mask.cover()[y * mask.width() + x] & 255;
                if (cover > 0) {
                    out[at + x] = Compositor.normal(out[at + x], colour, Math.round(cover * 256 / 255f));
                }
            }
        }
    }

    /** On what is there: where nothing is, nothing is shaded. */
    private void shaded(Step.Shaded shaded, int[] out, int from, int to) {
        ShadePlane plane = shaded.plane();
        ShadePlane.Area area = plane.area();
        ShapeMask on = shaded.on().map(s -> mask(s, from, to)).orElse(ShapeMask.NONE);
        for (int y = Math.max(from, area.top()); y < Math.min(to, area.bottom()); y++) {
            for (int x = Math.max(frame.left(), area.left()); x < Math.min(frame.right(), area.right()); x++) {
                int at = (y - from) * frame.width() + x - frame.left();
                double value = out[at] == 0 ? 0 : plane.at(x, y);
                if (value != 0) {
                    double cover = shaded.on().isEmpty() ? 1 : shaded.outside() ? 1 - on.at(x, y) : on.at(x, y);
                    int shade = ShadePlane.argb(value, shaded.share() * cover);
                    out[at] = Compositor.normal(out[at],
                            Packed.times255(shade, out[at] >>> 24), 256);
                }
            }
        }
    }

    private void window(Step.Window window, int[] out, int top, ShapeMask mask) {
        Raster shown = window.shown();
        for (int y = mask.y(); y < mask.y() + mask.height(); y++) {
            for (int x = mask.x(); x < mask.x() + mask.width(); x++) {
                int column = x - window.x();
                int row = y - window.y();
                boolean there = column >= 0 && column < shown.width() && row >= 0 && row < shown.height();
                int cover = mask.cover()[(y - mask.y()) * mask.width() + x - mask.x()] & 255;
                int at = (y - top) * frame.width() + x - frame.left();
                out[at] = Packed.times255(out[at], 255 - cover)
                        + Packed.times255(there ? shown.at(column, row) : 0, cover);
            }
        }
    }

    private void made(Step.Made made, int[] out, int from, int to) {
        Raster coat = made.coat();
        int left = Math.max(frame.left(), made.x());
        int count = Math.min(frame.right(), made.x() + coat.width()) - left;
        for (int y = Math.max(from, made.y()); y < Math.min(to, made.y() + coat.height()) && count > 0; y++) {
            int at = (y - from) * frame.width() + left - frame.left();
            int row = (y - made.y()) * coat.width() + left - made.x();
            made.light().ifPresent(l -> Compositor.lay(out, at, l.argb(), row, count, 1, BlendMode.ADD));
            Compositor.lay(out, at, coat.argb(), row, count, 1, BlendMode.NORMAL);
        }
    }
}
