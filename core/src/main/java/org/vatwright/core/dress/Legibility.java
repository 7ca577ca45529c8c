package org.vatwright.core.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Oklab;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.effect.DistancePlane;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Tile;

/**
 * Whether words can be read in what they wear: where their strokes are thinner than what the design shows, the design is seen and not the
 * word.
 * <p>
 * A band of breadth w has a mean distance to its edges of w/4; so four times the mean distance of all places to the nearest edge is how
 * broad strokes, and areas of one colour, are, each counted by its area.
 *
 * @param strokeMm of the letters
 * @param featureMm of the design as it lies on them
 * @param largestScale of the lay, at which it still reads; 1 is true size
 */
public record Legibility(double strokeMm, double featureMm, double largestScale) {

    private static final int SIDE_PX = 320;
    private static final double TIMES = 4;
    /** Colours that differ by more, in OKLab, meet in an edge. */
    private static final double EDGE = 0.06;

    public boolean reads() {
        return featureMm <= strokeMm;
    }

    /** @return for letters that wear a lay; none when there are no letters */
    public static Optional<Legibility> of(List<Piece> letters, Lay lay, Design design, TileSource tiles, Work work) {
        if (letters.isEmpty()) {
            return Optional.empty();
        }
        double stroke = stroke(letters, work);
        double feature = feature(design, lay.colourway(), tiles, work);
        return Optional.of(new Legibility(stroke, feature * lay.scale(), stroke / feature));
    }

    /** @return how broad strokes of letters are, in mm */
    static double stroke(List<Piece> letters, Work work) {
        double sum = 0;
        long count = 0;
        for (Piece letter : letters) {
            var box = letter.outline().bounds();
            double px = SIDE_PX / Math.max(box.getWidth(), box.getHeight());
            var shape = letter.outline().path(new java.awt.geom.AffineTransform(px, 0, 0, px, 2 - box.getX() * px,
                    2 - box.getY() * px));
            int wide = (int) Math.ceil(box.getWidth() * px) + 4;
            int high = (int) Math.ceil(box.getHeight() * px) + 4;
            ShapeMask mask = ShapeMask.of(shape, new Frame(0, 0, wide, high));
            boolean[] beside = new boolean[wide * high];
            for (int y = 0; y < high; y++) {
                for (int x = 0; x < wide; x++) {
                    beside[y * wide + x] = mask.at(x, y) < 0.5;
                }
            }
            float[] far = DistancePlane.to(beside, wide, 1 / px, 1 / px, work);
            for (int i = 0; i < far.length; i++) {
                if (!beside[i]) {
                    // The edge runs half a pixel before the first place beside.
                    sum += far[i] - 0.5 / px;
                    count++;
                }
            }
        }
        return count == 0 ? 0 : TIMES * sum / count;
    }

    /** @return how broad areas of one colour are in true size, in mm */
    static double feature(Design design, String colourway, TileSource tiles, Work work) {
        Tile tile = design.repeat().tile();
        double mm = Math.max(tile.widthMm(), tile.heightMm()) / SIDE_PX;
        Density density = new Density(Math.max(1, org.vatwright.core.measure.Unit.MM_PER_INCH / mm));
        Raster cell = FieldRenderer.render(new Cloth(design, design.palette().orFirst(colourway)),
                new FieldSpec(tile.widthMm(), tile.heightMm(), density), tiles, work);
        int w = cell.width();
        int h = cell.height();
        double[][] lab = new double[w * h][];
        for (int i = 0; i < lab.length; i++) {
            Oklab colour = Oklab.of(Rgb.ofArgb(0xFF000000 | cell.argb()[i]));
            lab[i] = new double[]{colour.lightness(), colour.a(), colour.b()};
        }
        boolean[] edge = new boolean[w * h];
        boolean any = false;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double[] here = lab[y * w + x];
                // Half of an edge's step may lie in the pixel between.
                edge[y * w + x] = differ(here, lab[y * w + (x + 1) % w]) || differ(here, lab[(y + 1) % h * w + x]);
                any |= edge[y * w + x];
            }
        }
        if (!any) {
            return 1e-9;
        }
        float[] far = DistancePlane.to(edge, w, mm, mm, work);
        double sum = 0;
        for (float f : far) {
            sum += f;
        }
        return TIMES * (sum / far.length + mm / 4);
    }

    private static boolean differ(double[] a, double[] b) {
        return Math.sqrt((a[0] - b[0]) * (a[0] - b[0]) + (a[1] - b[1]) * (a[1] - b[1])
                + (a[2] - b[2]) * (a[2] - b[2])) > EDGE;
    }
}
