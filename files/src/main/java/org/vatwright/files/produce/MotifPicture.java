package org.vatwright.files.produce;

import java.awt.geom.Rectangle2D;
import java.nio.file.Path;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.project.Output;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawingPainter;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.svg.MotifReader;

/** A drawing as it was understood, alone on a clear surround. */
public final class MotifPicture {

    private static final double CUT_PX = 0.05;

    private MotifPicture() {}

    /** @param widthPx of the picture; its height follows the drawing */
    public static Raster draw(MotifReader.Reading reading, int widthPx) {
        int heightPx = (int) Math.max(1, Math.rint(widthPx * reading.heightMm() / reading.widthMm()));
        Rectangle2D seen = new Rectangle2D.Double(0, 0, reading.widthMm(), reading.heightMm());
        Palette palette = new Palette(List.copyOf(reading.palette().keySet()),
                List.of(new Colourway("As drawn", List.copyOf(reading.palette().values()))));
        DrawingPainter painter = new DrawingPainter(
                Drawing.alone(reading.marks(), seen, CUT_PX * reading.widthMm() / widthPx),
                new TileGrid(widthPx, heightPx, reading.widthMm(), reading.heightMm()),
                new InkColours(palette, palette.first()), Work.plain());
        Raster picture = new Raster(widthPx, heightPx);
        painter.paint(picture.argb(), 0, 0, heightPx);
        return picture;
    }

    public static void write(Raster picture, MotifReader.Reading reading, Path file) {
        PictureWriter.write(picture, new Density(Math.max(0.5, Math.min(20_000,
                picture.width() / reading.widthMm() * Unit.MM_PER_INCH))), Producer.format(file), Output.QUALITY,
                file);
    }
}
