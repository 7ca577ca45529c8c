package org.vatwright.files.produce;

import java.awt.geom.Rectangle2D;
import java.nio.file.Path;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Output;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
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
        Palette palette = reading.palette().isEmpty()
                ? new Palette(List.of("Ground"), List.of(new Colourway("As drawn", List.of(new Rgb(255, 255, 255)))))
                : new Palette(List.copyOf(reading.palette().keySet()),
                        List.of(new Colourway("As drawn", List.copyOf(reading.palette().values()))));
        TileGrid grid = new TileGrid(widthPx, heightPx, reading.widthMm(), reading.heightMm());
        Design design = new Design(reading.name().isBlank() ? "Motif" : reading.name(),
                new Repeat(within(reading.widthMm()), within(reading.heightMm()), Arrangement.STRAIGHT), Ink.CLEAR,
                List.of(), palette, Guides.NONE).withFills(reading.fills());
        DrawingPainter painter = new DrawingPainter(
                Drawing.alone(reading.marks(), seen, CUT_PX * reading.widthMm() / widthPx), grid,
                FillTiles.inks(new Cloth(design, palette.first()), reading.fills(), grid, Work.plain()), Work.plain());
        Raster picture = new Raster(widthPx, heightPx);
        painter.paint(picture.argb(), 0, 0, heightPx);
        return picture;
    }

    private static double within(double mm) {
        return Math.max(Repeat.LEAST_MM, Math.min(Repeat.MOST_MM, mm));
    }

    public static void write(Raster picture, MotifReader.Reading reading, Path file) {
        PictureWriter.write(picture, new Density(Math.max(0.5, Math.min(20_000,
                picture.width() / reading.widthMm() * Unit.MM_PER_INCH))), Producer.format(file), Output.QUALITY,
                file);
    }
}
