package org.vatwright.core.map;

/**
 * From a picture's pixels to the tile: the centre of pixel (x, y) lies at u, v tiles, where whole numbers are the same
 * place.
 * <p>
 * u = u0 + ux * (x + 1/2) + uy * (y + 1/2), v likewise.
 */
public record Affine(double u0, double ux, double uy, double v0, double vx, double vy) implements ClothMap {

    double u(double x, double y) {
        return u0 + ux * (x + 0.5) + uy * (y + 0.5);
    }

    double v(double x, double y) {
        return v0 + vx * (x + 0.5) + vy * (y + 0.5);
    }

    @Override
    public void at(double x, double y, double[] uv) {
        uv[0] = u(x - 0.5, y - 0.5);
        uv[1] = v(x - 0.5, y - 0.5);
    }

    /** @return the map of the part of the picture that begins at pixel (x, y) */
    @Override
    public Affine from(int x, int y) {
        return new Affine(u0 + ux * x + uy * y, ux, uy, v0 + vx * x + vy * y, vx, vy);
    }
}
