package org.vatwright.core.coat;

import java.awt.geom.Rectangle2D;
import java.lang.ref.SoftReference;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;

/**
 * One layer as it will be laid on: its marks, what is done to them, the pattern in which they show; as colour and coverage,
 * which are premultiplied pixels. One that needs no neighbours paints whatever rows are asked for; an effect has the whole
 * tile painted first.
 */
public final class Coat implements Painter {

    private static final int STRIP_PX = 1 << 16;
    private static final double FLATNESS_MM = 0.005;

    private final Painter painter;
    /** Each as coverage; what shows is in all of them. */
    private final List<Painter> masks;
    /** What it adds to what lies below it. */
    private final Optional<Painted> light;
    private final int width;

    private Coat(Painter painter, List<Painter> masks, Optional<Painted> light, int width) {
        this.painter = painter;
        this.masks = masks;
        this.light = light;
        this.width = width;
    }

    /** Makes ready, under the request's work, what paints a layer. */
    public static Coat of(Layer layer, PaintRequest asked) {
        Painter marks = marks(layer, asked);
        Optional<Painted> light = Optional.empty();
        if (!layer.effects().isEmpty()) {
            Raster done = whole(marks, asked.grid(), asked.work());
            for (Effect effect : layer.effects()) {
                asked.work().goOn();
                done = effect.on(done, asked);
                light = effect.addsLight() ? Optional.of(new Painted(effect.light(done, asked))) : light;
            }
            marks = new Painted(done);
        }
        List<Painter> masks = Stream.concat(layer.mask().map(m -> m.painter(asked)).stream(),
                layer.fade().map(f -> f.painter(asked)).stream()).toList();
        return new Coat(marks, masks, light, asked.grid().widthPx());
    }

    /** Fills that run through what knows only colours need more than its own painter. */
    private static Painter marks(Layer layer, PaintRequest asked) {
        Structure structure = layer.structure();
        if (structure.paintsFills() || !FilledPainter.needed(structure, asked.inks())) {
            return structure.painter(asked);
        }
        // Across each mark there is a gradient of its own; only shapes know where a mark ends.
        Optional<List<VectorMark>> marks = structure.drawn()
                && structure.inks().stream().anyMatch(i -> byMark(i, asked))
                        ? structure.outlines(asked.repeat(), asked.phase(), asked.work())
                        : Optional.empty();
        Rectangle2D tile = new Rectangle2D.Double(0, 0, asked.grid().widthMm(), asked.grid().heightMm());
        // What reaches over an edge stands at the other side as well.
        return marks
                .<Painter>map(
                        all -> new DrawingPainter(Drawing.alone(all, tile, FLATNESS_MM), asked.grid(), asked.inks(),
                                asked.work()))
                .orElseGet(() -> new FilledPainter(structure, asked));
    }

    private static boolean byMark(Ink ink, PaintRequest asked) {
        return asked.inks().fill(ink).flatMap(f -> f.fill().gradient())
                .filter(Fill.OfGradient::inMarks).isPresent();
    }

    /** @return the coat of a tile that was painted before */
    public static Coat of(Painted painted) {
        return new Coat(painted, List.of(), painted.light.map(Painted::new), painted.raster().width());
    }

    /** @return the whole of it, to be kept */
    public Painted painted(TileGrid grid, Work work) {
        Raster marks = whole(this, grid, work);
        return new Painted(marks, light.map(l -> whole(new Coat(l, masks, Optional.empty(), width), grid, work)));
    }

    private static Raster whole(Painter painter, TileGrid grid, Work work) {
        Raster raster = new Raster(grid.widthPx(), grid.heightPx());
        int rows = Math.max(1, Math.min(grid.heightPx(), STRIP_PX / grid.widthPx()));
        Rows.each(grid.heightPx(), rows, work,
                (from, to) -> painter.paint(raster.argb(), from * grid.widthPx(), from, to));
        return raster;
    }

    @Override
    public boolean opaque() {
        return painter.opaque() && masks.isEmpty();
    }

    /** @return what it adds to what lies below, as far as its masks let it show */
    Optional<Coat> light() {
        return light.map(l -> new Coat(l, masks, Optional.empty(), width));
    }

    /** Lays its rows on those that are there, of the tile's whole width. @param scratch of as many pixels, may be overwritten */
    public void lay(int[] under, int at, int from, int to, double opacity, BlendMode mode, int[] scratch) {
        int count = (to - from) * width;
        if (painter instanceof Painted ready && masks.isEmpty() && mode == BlendMode.NORMAL && at == from * width) {
            Compositor.lay(under, ready.at((int) Math.round(opacity * 256)), at, at + count);
        } else if (painter instanceof Painted ready && masks.isEmpty()) {
            Compositor.lay(under, at, ready.raster().argb(), from * width, count, opacity, mode);
        } else {
            paint(scratch, 0, from, to);
            Compositor.lay(under, at, scratch, 0, count, opacity, mode);
        }
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        painter.paint(out, at, from, to);
        masks.forEach(m -> {
            int[] seen = new int[(to - from) * width];
            m.paint(seen, 0, from, to);
            Compositor.keep(out, at, seen);
        });
    }

    @Override
    public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
        painter.paint(out, at, from, to, width, left, right);
        masks.forEach(m -> {
            int[] seen = new int[(to - from) * (right - left)];
            m.paint(seen, 0, from, to, width, left, right);
            Compositor.keep(out, at, seen);
        });
    }

    /** A tile that is there already. Whether every pixel of it is opaque is looked up when first asked. */
    public static final class Painted implements Painter {

        private final Raster raster;
        private final Optional<Raster> light;
        private volatile Boolean opaque;
        private SoftReference<Seen> seen = new SoftReference<>(null);

        /** At an opacity that was asked for last. @param share of 256 */
        private record Seen(int share, int[] argb) {}

        public Painted(Raster raster) {
            this(raster, Optional.empty());
        }

        /** @param light that it adds to what lies below */
        private Painted(Raster raster, Optional<Raster> light) {
            this.raster = raster;
            this.light = light;
        }

        public Raster raster() {
            return raster;
        }

        /** @return its pixels at an opacity; worked out once, and again when memory was short */
        synchronized int[] at(int share) {
            if (share == 256) {
                return raster.argb();
            }
            Seen last = seen.get();
            if (last == null || last.share != share) {
                last = new Seen(share, raster.argb().clone());
                Packed.scale(last.argb, last.argb.length, share);
                seen = new SoftReference<>(last);
            }
            return last.argb;
        }

        @Override
        public boolean opaque() {
            Boolean known = opaque;
            if (known == null) {
                known = Packed.opaque(raster.argb());
                opaque = known;
            }
            return known;
        }

        @Override
        public void paint(int[] out, int at, int from, int to) {
            System.arraycopy(raster.argb(), from * raster.width(), out, at, (to - from) * raster.width());
        }
    }
}
