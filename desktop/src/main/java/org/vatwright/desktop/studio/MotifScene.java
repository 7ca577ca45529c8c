package org.vatwright.desktop.studio;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;

/**
 * One motif by itself, as a subject for {@link LiveCloth}.
 *
 * @param left,top the place of the motif at the upper left corner, in mm
 * @param widthPx,heightPx of the picture @param pxPerMm of the picture
 */
public record MotifScene(Design design, Colourway colourway, Motif motif, double left, double top, int widthPx,
        int heightPx, double pxPerMm) {

    private static final double CUT_PX = 0.05;
    private static final int STRIP_ROWS = 64;

    public LiveCloth.Subject subject() {
        return this::draw;
    }

    private Raster draw(double fineness, Work work) {
        double widthMm = widthPx / pxPerMm;
        double heightMm = heightPx / pxPerMm;
        TileGrid grid = new TileGrid((int) Math.max(1, widthPx * fineness), (int) Math.max(1, heightPx * fineness),
                widthMm, heightMm);
        Rectangle2D whole = new Rectangle2D.Double(0, 0, widthMm, heightMm);
        AffineTransform place = AffineTransform.getTranslateInstance(-left, -top);
        List<VectorMark> marks = motif.marks().stream().map(m -> m.moved(place)).toList();
        InkColours inks = FillTiles.inks(new Cloth(design, colourway), grid, work);
        Raster out = new Raster(grid.widthPx(), grid.heightPx());
        DrawingPainter painter = new DrawingPainter(Drawing.alone(marks, whole, CUT_PX / pxPerMm), grid, inks, work);
        Rows.each(out.height(), STRIP_ROWS, work,
                (from, to) -> painter.paint(out.argb(), from * out.width(), from, to));
        return out;
    }
}
