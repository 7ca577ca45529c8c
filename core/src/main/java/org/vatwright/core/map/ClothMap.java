package org.vatwright.core.map;

/**
 * From where a thing is seen to where it lies on the torus.
 * <p>
 * Places where it is seen are pixels, the middle of the first at (0.5, 0.5); places on the torus are tiles, where whole
 * numbers are the same place.
 */
public sealed interface ClothMap permits Affine, Cylinder, FourCorners, Net {

    /** Writes u and v of a place into {@code uv}; no numbers where there is no cloth. */
    void at(double x, double y, double[] uv);

    /** @return the map of the part of the picture that begins at pixel (x, y) */
    ClothMap from(int x, int y);
}
