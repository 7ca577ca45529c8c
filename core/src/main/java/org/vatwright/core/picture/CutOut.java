package org.vatwright.core.picture;

import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;

/**
 * The part of a picture that is taken, in shares of its sides from the upper left; the whole picture stays.
 *
 * @param left,top,right,bottom 0 to 1
 */
public record CutOut(double left, double top, double right, double bottom) {

    public static final CutOut WHOLE = new CutOut(0, 0, 1, 1);
    /** Share of a side that is taken at least. */
    public static final double LEAST = 0.01;
    private static final double PERCENT = 100;

    public CutOut {
        sides("left", left, "right", right);
        sides("upper", top, "lower", bottom);
    }

    private static void sides(String first, double from, String second, double to) {
        Require.within("%s edge of the cut-out".formatted(first), from * PERCENT, 0, PERCENT, "%");
        Require.within("%s edge of the cut-out".formatted(second), to * PERCENT, 0, PERCENT, "%");
        Require.that(to - from >= LEAST - 1e-9,
                "the %s edge of the cut-out must lie beyond the %s one, by %s %% at least"
                        .formatted(second, first, (int) Math.round(LEAST * PERCENT)));
    }

    /** @return moved, and held where it would leave the picture */
    public CutOut moved(double across, double down) {
        double dx = Math.max(-left, Math.min(1 - right, across));
        double dy = Math.max(-top, Math.min(1 - bottom, down));
        return new CutOut(left + dx, top + dy, Math.min(1, right + dx), Math.min(1, bottom + dy));
    }

    private static int first(double share, int px) {
        return (int) Math.min(px - 1, Math.rint(share * px));
    }

    private static int count(double from, double to, int px) {
        return (int) Math.max(1, Math.min(px - first(from, px), Math.rint(to * px) - first(from, px)));
    }

    /** @return pixels across of a picture that is so wide */
    public int width(int px) {
        return count(left, right, px);
    }

    /** @return pixels down of a picture that is so high */
    public int height(int px) {
        return count(top, bottom, px);
    }

    /** @return whole pixels of the picture; the very same when all of it is taken */
    public Raster of(Raster picture) {
        int w = width(picture.width());
        int h = height(picture.height());
        if (w == picture.width() && h == picture.height()) {
            return picture;
        }
        int x = first(left, picture.width());
        int y = first(top, picture.height());
        Raster cut = new Raster(w, h);
        for (int row = 0; row < h; row++) {
            System.arraycopy(picture.argb(), (y + row) * picture.width() + x, cut.argb(), row * w, w);
        }
        return cut;
    }
}
