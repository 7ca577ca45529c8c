package org.vatwright.files.picture;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBufferInt;
import java.awt.image.Raster;
import java.awt.image.RenderedImage;
import java.awt.image.SampleModel;
import java.awt.image.WritableRaster;
import java.util.Vector;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;

/**
 * Rows as a picture that the platform's writers take: they ask for it from the top down, and only one strip of it is ever
 * held. Pixels are straight (not premultiplied).
 */
final class RowImage implements RenderedImage {

    private static final int STRIP_PX = 1 << 21;

    private final RowSource source;
    private final boolean onWhite;
    private final Work work;
    private final int stripRows;
    private final ColorModel colours;
    private final SampleModel samples;
    private final int[] strip;
    private final WritableRaster inHand;
    private int first = -1;

    /** @param alpha whether it keeps transparency @param onWhite lays everything on white */
    RowImage(RowSource source, boolean alpha, boolean onWhite, Work work) {
        this.source = source;
        this.onWhite = onWhite;
        this.work = work;
        stripRows = Math.max(1, Math.min(source.height(), STRIP_PX / source.width()));
        BufferedImage like = new BufferedImage(1, 1, alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        colours = like.getColorModel();
        samples = colours.createCompatibleSampleModel(source.width(), stripRows);
        strip = new int[source.width() * stripRows];
        inHand = Raster.createWritableRaster(samples, new DataBufferInt(strip, strip.length), null);
    }

    /** Brings the strip with that row in hand. */
    private void bring(int row) {
        int from = row / stripRows * stripRows;
        if (from != first) {
            int to = Math.min(source.height(), from + stripRows);
            work.goOn();
            source.rows(strip, from, to, work.telling(share -> {}));
            straighten((to - from) * source.width());
            first = from;
            work.progress().accept((double) to / source.height());
        }
    }

    private void straighten(int count) {
        for (int i = 0; i < count; i++) {
            int pixel = strip[i];
            if (pixel >>> 24 != 255) {
                int white = 255 - (pixel >>> 24);
                strip[i] = onWhite ? (pixel & 0xFFFFFF) + (white << 16 | white << 8 | white) : Packed.straight(pixel);
            }
        }
    }

    /** Of rows of one strip not a copy: who writes is done with them before asking for the next ones. */
    @Override
    public Raster getData(Rectangle area) {
        if (area.y / stripRows == (area.y + area.height - 1) / stripRows) {
            bring(area.y);
            return inHand.createChild(area.x, area.y - first, area.width, area.height, area.x, area.y, null);
        }
        WritableRaster data = colours.createCompatibleWritableRaster(area.width, area.height)
                .createWritableTranslatedChild(area.x, area.y);
        return copyData(data);
    }

    @Override
    public WritableRaster copyData(WritableRaster asked) {
        WritableRaster data = asked == null
                ? colours.createCompatibleWritableRaster(getWidth(), getHeight())
                : asked;
        for (int y = data.getMinY(); y < data.getMinY() + data.getHeight(); y++) {
            bring(y);
            data.setDataElements(data.getMinX(), y, data.getWidth(), 1,
                    inHand.getDataElements(data.getMinX(), y - first,
                            data.getWidth(), 1, null));
        }
        return data;
    }

    @Override
    public Raster getData() {
        return copyData(null);
    }

    @Override
    public Raster getTile(int tileX, int tileY) {
        int top = tileY * stripRows;
        return getData(new Rectangle(0, top, getWidth(), Math.min(stripRows, getHeight() - top)));
    }

    @Override
    public int getWidth() {
        return source.width();
    }

    @Override
    public int getHeight() {
        return source.height();
    }

    @Override
    public ColorModel getColorModel() {
        return colours;
    }

    @Override
    public SampleModel getSampleModel() {
        return samples;
    }

    @Override
    public int getNumXTiles() {
        return 1;
    }

    @Override
    public int getNumYTiles() {
        return (getHeight() + stripRows - 1) / stripRows;
    }

    @Override
    public int getTileWidth() {
        return getWidth();
    }

    @Override
    public int getTileHeight() {
        return stripRows;
    }

    @Override
    public int getMinX() {
        return 0;
    }

    @Override
    public int getMinY() {
        return 0;
    }

    @Override
    public int getMinTileX() {
        return 0;
    }

    @Override
    public int getMinTileY() {
        return 0;
    }

    @Override
    public int getTileGridXOffset() {
        return 0;
    }

    @Override
    public int getTileGridYOffset() {
        return 0;
    }

    @Override
    public Vector<RenderedImage> getSources() {
        return new Vector<>();
    }

    @Override
    public Object getProperty(String name) {
        return java.awt.Image.UndefinedProperty;
    }

    @Override
    public String[] getPropertyNames() {
        return new String[0];
    }
}
