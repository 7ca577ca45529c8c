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
public record FabricFit(int endsAcross, int picksAcross, int endsDown, int picksDown, Tile tile) {

    private static final double EXACT = 1e-6;

    public static FabricFit of(Fabric fabric, double angleDeg, Tile tile) {
        double[] wanted = wanted(fabric, angleDeg, tile.least());
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
        return new FabricFit(a * across, b * across, c * down, d * down, tile);
    }

    private static double[] wanted(Fabric fabric, double angleDeg, Tile tile) {
        double cos = Math.cos(Math.toRadians(angleDeg));
        double sin = Math.sin(Math.toRadians(angleDeg));
        return new double[]{tile.widthMm() * cos / fabric.periodWidthMm(),
                tile.widthMm() * sin / fabric.periodHeightMm(),
                -tile.heightMm() * sin / fabric.periodWidthMm(), tile.heightMm() * cos / fabric.periodHeightMm()};
    }

    /** @return whether the cloth lies as asked for, without stretch or shear */
    public boolean exact(Fabric fabric, double angleDeg) {
        double[] w = wanted(fabric, angleDeg, tile);
        return Math.abs(w[0] - endsAcross) < EXACT && Math.abs(w[1] - picksAcross) < EXACT
                && Math.abs(w[2] - endsDown) < EXACT && Math.abs(w[3] - picksDown) < EXACT;
    }

    /** @return whether ends stand upright and picks lie level, the first at the left and at the top */
    public boolean straight() {
        return picksAcross == 0 && endsDown == 0 && endsAcross > 0 && picksDown > 0;
    }

    /** @return ends in a cm as drawn, measured across the ends */
    public double endsPerCm(Fabric fabric) {
        return 10 * fabric.endsInPeriod() * Math.hypot(endsAcross / tile.widthMm(), endsDown / tile.heightMm());
    }

    /** @return picks in a cm as drawn */
    public double picksPerCm(Fabric fabric) {
        return 10 * fabric.picksInPeriod() * Math.hypot(picksAcross / tile.widthMm(), picksDown / tile.heightMm());
    }

    /** @return the angle of the ends as drawn, degrees counter-clockwise as seen */
    public double angleDeg() {
        return Math.toDegrees(Math.atan2(-endsDown / tile.heightMm(), endsAcross / tile.widthMm()));
    }

    /** @return the end that stands at a place of the tile, in mm, counted from 1 within the period */
    public int end(Fabric fabric, double x, double y) {
        return thread(endsAcross * x / tile.widthMm() + endsDown * y / tile.heightMm(), fabric.endsInPeriod());
    }

    /** @return the pick that lies at a place of the tile, in mm, counted from 1 within the period */
    public int pick(Fabric fabric, double x, double y) {
        return thread(picksAcross * x / tile.widthMm() + picksDown * y / tile.heightMm(), fabric.picksInPeriod());
    }

    private static int thread(double periods, int threads) {
        return 1 + Math.min(threads - 1, (int) ((periods - Math.floor(periods)) * threads));
    }
}
