package org.vatwright.core.family.stripe;

import org.vatwright.core.repeat.Tile;

/**
 * Stripes that close: a whole number of periods along both edges of the tile.
 * <p>
 * With i periods across a tile W wide and j up a tile H high, tan(angle) = (j/H)/(i/W) and the period is
 * 1/sqrt((i/W)^2 + (j/H)^2). For 3 and 4 periods on 100 x 100: 53.13 degrees, 20 mm.
 *
 * @param across,down i and j, either sign, not both 0; j counts upwards, against the raster's y
 */
public record Waves(int across, int down, double tileWidthMm, double tileHeightMm) {

    /** Angle and band widths this near to what was asked for count as exact. */
    private static final double EXACT_DEG = 1e-6;
    private static final double EXACT_SHARE = 1e-8;

    /** @return the nearest waves to the wanted angle and period */
    public static Waves of(Stripes stripes, Tile tile) {
        double across = wantedAcross(stripes, tile.least());
        double down = wantedDown(stripes, tile.least());
        int i = (int) Math.rint(across);
        int j = (int) Math.rint(down);
        if (i == 0 && j == 0) {
            boolean level = Math.abs(down) > Math.abs(across);
            i = level ? 0 : across < 0 ? -1 : 1;
            j = level ? down < 0 ? -1 : 1 : 0;
        }
        return new Waves(i * tile.repeat().across(), j * tile.repeat().down(), tile.widthMm(), tile.heightMm());
    }

    static double wantedAcross(Stripes stripes, Tile tile) {
        return tile.widthMm() * Math.cos(Math.toRadians(stripes.angleDeg())) / stripes.periodMm();
    }

    static double wantedDown(Stripes stripes, Tile tile) {
        return tile.heightMm() * Math.sin(Math.toRadians(stripes.angleDeg())) / stripes.periodMm();
    }

    public double angleDeg() {
        return Math.toDegrees(Math.atan2(down / tileHeightMm, across / tileWidthMm));
    }

    public double periodMm() {
        return 1 / Math.hypot(across / tileWidthMm, down / tileHeightMm);
    }

    /** @return how often the bands come along the edges of the tile, as in "3 across, 4 down the tile" */
    public String words() {
        int i = Math.abs(across);
        int j = Math.abs(down);
        return j == 0
                ? "%d across the tile".formatted(i)
                : i == 0 ? "%d down the tile".formatted(j) : "%d across, %d down the tile".formatted(i, j);
    }

    /** @return how much wider than asked for the bands are drawn, as a factor */
    public double bandScale(Stripes stripes) {
        return periodMm() / stripes.periodMm();
    }

    /** @return how far the drawn angle is from the wanted one, 0 to 180 degrees */
    public double angleError(Stripes stripes) {
        double off = Math.abs(angleDeg() - stripes.angleDeg()) % 360;
        return Math.min(off, 360 - off);
    }

    public boolean exact(Stripes stripes) {
        return angleError(stripes) < EXACT_DEG && Math.abs(bandScale(stripes) - 1) < EXACT_SHARE;
    }
}
