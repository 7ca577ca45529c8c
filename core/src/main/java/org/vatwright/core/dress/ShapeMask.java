package org.vatwright.core.dress;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Arrays;

/**
 * How much of each pixel lies inside a shape.
 *
 * @param x,y the picture's pixel at the mask's upper left corner
 * @param cover 0 to 255, in rows
 */
record ShapeMask(int x, int y, int width, int height, byte[] cover) {

    static final ShapeMask NONE = new ShapeMask(0, 0, 0, 0, new byte[0]);

    /** @return the part of it that lies in those rows of the picture; may be empty */
    ShapeMask rows(int from, int to) {
        int top = Math.max(from, y);
        int bottom = Math.min(to, y + height);
        return bottom <= top
                ? NONE
                : new ShapeMask(x, top, width, bottom - top,
                        Arrays.copyOfRange(cover, (top - y) * width, (bottom - y) * width));
    }

    /** @return the part of it that lies within another mask of the same picture, or beside that one */
    ShapeMask within(ShapeMask other, boolean inside) {
        byte[] part = new byte[cover.length];
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                int theirX = x + column - other.x;
                int theirY = y + row - other.y;
                boolean there = theirX >= 0 && theirX < other.width && theirY >= 0 && theirY < other.height;
                int share = there ? other.cover[theirY * other.width + theirX] & 255 : 0;
                int own = cover[row * width + column] & 255;
                part[row * width + column] = (byte) Math.round(own * (inside ? share : 255 - share) / 255f);
            }
        }
        return new ShapeMask(x, y, width, height, part);
    }

    /** @return how much of a pixel of the picture lies inside, 0 to 1 */
    double at(int pictureX, int pictureY) {
        int column = pictureX - x;
        int row = pictureY - y;
        boolean there = column >= 0 && column < width && row >= 0 && row < height;
        return there ? (cover[row * width + column] & 255) / 255.0 : 0;
    }

    /** @return the mask of the part of the shape that lies in the frame; may be empty */
    static ShapeMask of(Shape shapePx, Frame frame) {
        Rectangle2D box = shapePx.getBounds2D();
        int left = (int) Math.max(frame.left(), Math.floor(box.getMinX()));
        int top = (int) Math.max(frame.top(), Math.floor(box.getMinY()));
        int right = (int) Math.min(frame.right(), Math.ceil(box.getMaxX()));
        int bottom = (int) Math.min(frame.bottom(), Math.ceil(box.getMaxY()));
        if (right <= left || bottom <= top) {
            return NONE;
        }
        BufferedImage image = new BufferedImage(right - left, bottom - top, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        // A grey raster is not linear light: white at partial cover keeps the share as its level.
        g.setColor(Color.WHITE);
        g.translate(-left, -top);
        g.fill(shapePx);
        g.dispose();
        return new ShapeMask(left, top, right - left, bottom - top,
                ((DataBufferByte) image.getRaster().getDataBuffer()).getData());
    }
}
