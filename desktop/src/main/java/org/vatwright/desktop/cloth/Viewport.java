package org.vatwright.desktop.cloth;

/**
 * Where a thing in mm stands in a view.
 *
 * @param x,y of the thing's upper left corner in the view, px
 * @param pxPerMm scale
 */
public record Viewport(double x, double y, double pxPerMm) {

    private static final double LEAST = 0.01;
    private static final double MOST = 400;

    /** @return with all of {@code widthMm} x {@code heightMm} in the middle of the free area */
    public static Viewport fitting(double widthMm, double heightMm, double left, double top, double width,
            double height) {
        double scale = Math.max(LEAST, Math.min(MOST, Math.min(width / widthMm, height / heightMm)));
        return new Viewport(left + (width - widthMm * scale) / 2, top + (height - heightMm * scale) / 2, scale);
    }

    public double mmX(double px) {
        return (px - x) / pxPerMm;
    }

    public double mmY(double px) {
        return (px - y) / pxPerMm;
    }

    public double pxX(double mm) {
        return x + mm * pxPerMm;
    }

    public double pxY(double mm) {
        return y + mm * pxPerMm;
    }

    public Viewport moved(double dx, double dy) {
        return new Viewport(x + dx, y + dy, pxPerMm);
    }

    /** @return scaled so that the point under the pointer stays there */
    public Viewport zoomed(double factor, double px, double py) {
        double scale = Math.max(LEAST, Math.min(MOST, pxPerMm * factor));
        return new Viewport(px - mmX(px) * scale, py - mmY(py) * scale, scale);
    }
}
