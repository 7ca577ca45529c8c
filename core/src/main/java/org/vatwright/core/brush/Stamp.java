package org.vatwright.core.brush;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;

/**
 * A tip of some form as it covers, in a square of its longer side: drawn as fine as it is needed, and half as fine again and
 * again, so that a dab of any size is the mean of what it covers.
 */
final class Stamp implements TipCover {

    private static final int MOST = 1024;
    private static final int LEAST = 16;
    private static final double FLATNESS = 0.002;
    private static final Ink BLACK = Ink.slot("Ink");
    private static final InkColours INKS = inks();

    private record Key(TipForm form, int side) {}

    private static final Cache<Key, Stamp> KEPT = Caffeine.newBuilder().maximumSize(12).softValues().build();

    /** From the finest on; each a square with nothing around it. */
    private final List<float[]> levels = new ArrayList<>();
    private final int side;

    private Stamp(float[] finest, int side) {
        this.side = side;
        levels.add(finest);
        for (int s = side; s > 1; s /= 2) {
            levels.add(halved(levels.getLast(), s));
        }
    }

    private static InkColours inks() {
        Colourway black = new Colourway("Black", List.of(new Rgb(0, 0, 0)));
        return new InkColours(new Palette(List.of("Ink"), List.of(black)), black);
    }

    /** @param pxPerSize pixels in one size of the brush */
    static Stamp of(TipForm form, double pxPerSize) {
        int side = LEAST;
        while (side < MOST && side < 1.5 * pxPerSize) {
            side *= 2;
        }
        return KEPT.get(new Key(form, side), k -> new Stamp(switch (k.form) {
            case TipForm.OfOutline o -> drawn(o, k.side);
            case TipForm.OfPicture p -> taken(p, k.side);
        }, k.side));
    }

    private static float[] drawn(TipForm.OfOutline form, int side) {
        Rectangle2D box = form.outline().path().getBounds2D();
        AffineTransform to = AffineTransform.getTranslateInstance(0.5, 0.5);
        double longer = Math.max(box.getWidth(), box.getHeight());
        to.scale(1 / longer, 1 / longer);
        to.translate(-box.getCenterX(), -box.getCenterY());
        VectorMark mark = new VectorMark(to.createTransformedShape(form.outline().path()), BLACK);
        TileGrid grid = new TileGrid(side, side, 1, 1);
        int[] argb = new int[side * side];
        new DrawingPainter(Drawing.alone(List.of(mark), new Rectangle2D.Double(0, 0, 1, 1), FLATNESS), grid, INKS,
                Work.on(1)).paint(argb, 0, 0, side);
        float[] cover = new float[side * side];
        for (int i = 0; i < cover.length; i++) {
            cover[i] = (argb[i] >>> 24) / 255f;
        }
        return cover;
    }

    /** Bilinear where it is enlarged, means where it is made smaller. */
    private static float[] taken(TipForm.OfPicture p, int side) {
        float[] cover = new float[side * side];
        double longer = Math.max(p.width(), p.height());
        int some = (int) Math.max(1, Math.ceil(longer / side));
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double sum = 0;
                for (int k = 0; k < some * some; k++) {
                    double u = (x + (k % some + 0.5) / some) / side - 0.5;
                    double v = (y + (k / some + 0.5) / some) / side - 0.5;
                    sum += between(p, u * longer + p.width() / 2.0 - 0.5, v * longer + p.height() / 2.0 - 0.5);
                }
                cover[y * side + x] = (float) (sum / (some * some) / 255);
            }
        }
        return cover;
    }

    private static double between(TipForm.OfPicture p, double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double fx = x - x0;
        double fy = y - y0;
        return (1 - fy) * ((1 - fx) * at(p, x0, y0) + fx * at(p, x0 + 1, y0))
                + fy * ((1 - fx) * at(p, x0, y0 + 1) + fx * at(p, x0 + 1, y0 + 1));
    }

    private static int at(TipForm.OfPicture p, int x, int y) {
        return x < 0 || y < 0 || x >= p.width() || y >= p.height() ? 0 : p.at(x, y);
    }

    private static float[] halved(float[] from, int side) {
        int half = side / 2;
        float[] to = new float[half * half];
        for (int y = 0; y < half; y++) {
            for (int x = 0; x < half; x++) {
                int k = 2 * y * side + 2 * x;
                to[y * half + x] = (from[k] + from[k + 1] + from[k + side] + from[k + side + 1]) / 4;
            }
        }
        return to;
    }

    @Override
    public void row(double u0, double v0, double du, double dv, int count, double edge, double breadth, float[] out) {
        int level = 0;
        int s = side;
        // A place of the level as large as a pixel.
        while (level < levels.size() - 1 && s * edge / 2 > 1.4) {
            level++;
            s /= 2;
        }
        float[] all = levels.get(level);
        for (int i = 0; i < count; i++) {
            double x = ((u0 + i * du) / 2 + 0.5) * s - 0.5;
            double y = ((v0 + i * dv) / breadth / 2 + 0.5) * s - 0.5;
            out[i] = x <= -1 || y <= -1 || x >= s || y >= s ? 0 : between(all, s, x, y);
        }
    }

    private static float between(float[] all, int s, double x, double y) {
        int x0 = (int) (x + 1) - 1;
        int y0 = (int) (y + 1) - 1;
        float fx = (float) (x - x0);
        float fy = (float) (y - y0);
        return (1 - fy) * ((1 - fx) * at(all, s, x0, y0) + fx * at(all, s, x0 + 1, y0))
                + fy * ((1 - fx) * at(all, s, x0, y0 + 1) + fx * at(all, s, x0 + 1, y0 + 1));
    }

    private static float at(float[] all, int s, int x, int y) {
        return x < 0 || y < 0 || x >= s || y >= s ? 0 : all[y * s + x];
    }
}
