package org.vatwright.core.picture;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.measure.Require;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * The part of a picture that is taken, in shares of its sides from the upper left; the whole picture stays.
 *
 * @param left,top,right,bottom of its frame, 0 to 1
 * @param shapes what is taken within the frame, step by step; all when there is none. They lie on the picture, whatever the
 *        frame
 * @param inverted whether what they leave is taken instead
 * @param growMm how far their edges are drawn out, or in below 0; -100 to 100
 * @param featherMm breadth in which their edges fade, 0 to 100
 * @param paper how the paper of a scan is made clear, when it is
 */
@RecordBuilder
public record CutOut(double left, double top, double right, double bottom, List<CutShape> shapes, boolean inverted,
        double growMm, double featherMm, Optional<Paper> paper) implements CutOutBuilder.With {

    public static final CutOut WHOLE = new CutOut(0, 0, 1, 1);
    /** Share of a side that is taken at least. */
    public static final double LEAST = 0.01;
    public static final int MOST_SHAPES = 100;
    public static final double MOST_MM = 100;
    private static final double PERCENT = 100;
    private static final int OPAQUE = 255;

    public CutOut {
        sides("left", left, "right", right);
        sides("upper", top, "lower", bottom);
        shapes = List.copyOf(shapes);
        Require.within("shapes of a cut-out", shapes.size(), 0, MOST_SHAPES);
        Require.within("drawing out", growMm, -MOST_MM, MOST_MM, "mm");
        Require.within("feather", featherMm, 0, MOST_MM, "mm");
    }

    /** Its frame alone. */
    public CutOut(double left, double top, double right, double bottom) {
        this(left, top, right, bottom, List.of(), false, 0, 0, Optional.empty());
    }

    /** @return with other sides of its frame */
    public CutOut framed(double newLeft, double newTop, double newRight, double newBottom) {
        return new CutOut(newLeft, newTop, newRight, newBottom, shapes, inverted, growMm, featherMm, paper);
    }

    /** @return with one step more */
    public CutOut and(CutShape shape) {
        List<CutShape> more = new ArrayList<>(shapes);
        more.add(shape);
        return withShapes(more);
    }

    /** @return whether all within its frame is taken */
    public boolean frameOnly() {
        return shapes.isEmpty() && !inverted;
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
        return framed(left + dx, top + dy, Math.min(1, right + dx), Math.min(1, bottom + dy));
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

    /**
     * @param pxPerMm of the picture
     * @return whole pixels of the picture, clear where nothing is taken; the very same picture when all of it is
     */
    public Raster of(Raster picture, double pxPerMm, Work work) {
        int w = width(picture.width());
        int h = height(picture.height());
        Raster whole = paper.map(p -> p.cleared(picture, pxPerMm, work)).orElse(picture);
        if (frameOnly() && w == picture.width() && h == picture.height()) {
            return whole;
        }
        int x = first(left, picture.width());
        int y = first(top, picture.height());
        float[] mask = frameOnly()
                ? null
                : CutMask.of(picture, shapes, inverted, growMm * pxPerMm, featherMm * pxPerMm, work);
        Raster cut = new Raster(w, h);
        for (int row = 0; row < h; row++) {
            int from = (y + row) * picture.width() + x;
            System.arraycopy(whole.argb(), from, cut.argb(), row * w, w);
            for (int i = 0; mask != null && i < w; i++) {
                int share = Math.round(OPAQUE * mask[from + i]);
                cut.argb()[row * w + i] = Packed.times255(cut.argb()[row * w + i], share);
            }
        }
        return cut;
    }
}
