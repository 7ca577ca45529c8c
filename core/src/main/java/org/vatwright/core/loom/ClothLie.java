package org.vatwright.core.loom;

import org.vatwright.core.repeat.Tile;

/**
 * How a cloth lies on a tile so that it closes: whole numbers of its periods along both edges. Turned counter-clockwise
 * as seen by t, an edge W long passes W cos t / P periods of ends and W sin t / Q periods of picks; the nearest whole
 * numbers are what is drawn, so any cloth is seamless on any tile, and exact where they are whole.
 *
 * @param endsAcross,picksAcross periods of ends and of picks passed along the upper edge
 * @param endsDown,picksDown periods passed along the left edge
 */
public record ClothLie(int endsAcross, int picksAcross, int endsDown, int picksDown, Tile tile) {

    private static final double EXACT = 1e-6;

    public static ClothLie of(Cloth cloth, double angleDeg, Tile tile) {
        double[] wanted = wanted(cloth, angleDeg, tile.least());
        int a = (int) Math.rint(wanted[0]);
        int b = (int) Math.rint(wanted[1]);
        int c = (int) Math.rint(wanted[2]);
        int d = (int) Math.rint(wanted[3]);
        if ((long) a * d - (long) b * c == 0) {
            // Too small for one period: the nearest right angle, one period each way.
            boolean upright = Math.abs(Math.cos(Math.toRadians(angleDeg))) >= Math.sqrt(0.5);
            int sign = (upright ? wanted[0] : wanted[1]) < 0 ? -1 : 1;
            a = upright ? sign * Math.max(1, Math.abs(a)) : 0;
            d = upright ? sign * Math.max(1, Math.abs(d)) : 0;
            b = upright ? 0 : sign * Math.max(1, Math.abs(b));
            c = upright ? 0 : -sign * Math.max(1, Math.abs(c));
        }
        int across = tile.repeat().across();
        int down = tile.repeat().down();
        return new ClothLie(a * across, b * across, c * down, d * down, tile);
    }

    private static double[] wanted(Cloth cloth, double angleDeg, Tile tile) {
        double cos = Math.cos(Math.toRadians(angleDeg));
        double sin = Math.sin(Math.toRadians(angleDeg));
        return new double[]{tile.widthMm() * cos / cloth.periodWidthMm(), tile.widthMm() * sin / cloth.periodHeightMm(),
                -tile.heightMm() * sin / cloth.periodWidthMm(), tile.heightMm() * cos / cloth.periodHeightMm()};
    }

    /** @return whether the cloth lies as asked for, without stretch or shear */
    public boolean exact(Cloth cloth, double angleDeg) {
        double[] w = wanted(cloth, angleDeg, tile);
        return Math.abs(w[0] - endsAcross) < EXACT && Math.abs(w[1] - picksAcross) < EXACT
                && Math.abs(w[2] - endsDown) < EXACT && Math.abs(w[3] - picksDown) < EXACT;
    }

    /** @return whether ends stand upright and picks lie level, the first at the left and at the top */
    public boolean straight() {
        return picksAcross == 0 && endsDown == 0 && endsAcross > 0 && picksDown > 0;
    }

    /** @return ends in a cm as drawn, measured across the ends */
    public double endsPerCm(Cloth cloth) {
        return 10 * cloth.endsInPeriod() * Math.hypot(endsAcross / tile.widthMm(), endsDown / tile.heightMm());
    }

    /** @return picks in a cm as drawn */
    public double picksPerCm(Cloth cloth) {
        return 10 * cloth.picksInPeriod() * Math.hypot(picksAcross / tile.widthMm(), picksDown / tile.heightMm());
    }

    /** @return the angle of the ends as drawn, degrees counter-clockwise as seen */
    public double angleDeg() {
        return Math.toDegrees(Math.atan2(-endsDown / tile.heightMm(), endsAcross / tile.widthMm()));
    }

    /** @return the end that stands at a place of the tile, in mm, counted from 1 within the period */
    public int end(Cloth cloth, double x, double y) {
        return thread(endsAcross * x / tile.widthMm() + endsDown * y / tile.heightMm(), cloth.endsInPeriod());
    }

    /** @return the pick that lies at a place of the tile, in mm, counted from 1 within the period */
    public int pick(Cloth cloth, double x, double y) {
        return thread(picksAcross * x / tile.widthMm() + picksDown * y / tile.heightMm(), cloth.picksInPeriod());
    }

    private static int thread(double periods, int threads) {
        return 1 + Math.min(threads - 1, (int) ((periods - Math.floor(periods)) * threads));
    }
}
