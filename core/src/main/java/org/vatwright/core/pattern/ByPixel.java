package org.vatwright.core.pattern;

/** Paints each pixel by itself. @param opaque whether every pixel is */
public record ByPixel(int width, boolean opaque, Colour colour) implements Painter {

    /** The colours of a tile's pixels, premultiplied ARGB. */
    @FunctionalInterface
    public interface Colour {
        int argb(int x, int y);
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        paint(out, at, from, to, width, 0, width);
    }

    @Override
    public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
        int i = at;
        for (int y = from; y < to; y++) {
            for (int x = left; x < right; x++) {
                out[i++] = colour.argb(x, y);
            }
        }
    }
}
