package org.vatwright.core.map;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/**
 * A bent sheet of cloth in cells. In each cell the way back from where it is seen to the cloth is a quadratic, fitted to nine
 * known places by least squares; one where that is not near enough is cut into smaller ones. Where the cloth turns over within
 * a cell, and no such way back is, it is two flat triangles for each of many small parts.
 */
final class Sheet {

    /** Known places along each side of a cell, and of a cell that turns over. */
    static final int SIDE = 3;
    private static final int FINE = 33;
    /** Each way, of a cell that turns over: such as do not are read like any other. */
    private static final int PARTS = 4;
    private static final int MOST_CUT = 10;
    private static final double SPARE = 2.2;
    /** Between known places, where a cubic that is nothing at all of those is found out, and at those at the edge, where a cell beside it ends straight. */
    private static final double[] BETWEEN = {0.02, 0.25, 0.75, 0.98};

    /** So much larger may a place of a cell be seen than another; beyond it the cloth nearly turns over there. */
    private static final double UNEVEN = 6;

    /** Cells in their order. @param least,most y of all of them */
    record Row(List<Cell> cells, double least, double most) {}

    /**
     * A part of the sheet.
     *
     * @param side nodes along each side
     * @param x,y where the nodes are seen, in rows; those on its edges where cells beside it have them
     * @param u,v where they lie on the torus
     * @param tone how the cloth turns to the light at the nodes
     * @param back the way back: for each of u and v six numbers, times 1, X, Y, X^2, XY, Y^2 from (midX, midY); none for a
     *        cell that turns over
     */
    record Cell(int side, double[] x, double[] y, double[] u, double[] v, float[] tone, double[] back, double midX,
            double midY, double least, double most) {

        static Cell of(Grid grid, float[] tones, double[] back, double midX, double midY) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (double y : grid.y()) {
                least = Math.min(least, y);
                most = Math.max(most, y);
            }
            return new Cell(grid.columns() + 1, grid.x(), grid.y(), grid.u(), grid.v(), tones, back, midX, midY, least,
                    most);
        }
    }

    private final NetBuilder.Bend bend;
    private final Affine next;
    private final int columns;
    private final int rows;
    private final double tolerancePx;
    private final Rectangle2D view;
    private final List<Row> all = new ArrayList<>();

    Sheet(NetBuilder.Bend bend, Affine next, int columns, int rows, double tolerancePx, Rectangle2D view) {
        this.bend = bend;
        this.next = next;
        this.columns = columns;
        this.rows = rows;
        this.tolerancePx = tolerancePx;
        this.view = view;
        Grid grid = Grid.of(bend, next, columns * (SIDE - 1), rows * (SIDE - 1), 0, 0, 1, 1);
        float[] tones = Tones.of(grid);
        for (int row = 0; row < rows; row++) {
            List<Cell> cells = new ArrayList<>();
            for (int column = 0; column < columns; column++) {
                Grid part = grid.part(column * (SIDE - 1), row * (SIDE - 1), SIDE);
                if (seen(part)) {
                    add(part, Grid.part(tones, grid.columns() + 1, column * (SIDE - 1), row * (SIDE - 1), SIDE),
                            column,
                            row, cells);
                }
            }
            all.add(new Row(cells, cells.stream().mapToDouble(Cell::least).min().orElse(Double.MAX_VALUE),
                    cells.stream().mapToDouble(Cell::most).max().orElse(-Double.MAX_VALUE)));
        }
    }

    List<Row> rows() {
        return all;
    }

    private boolean seen(Grid part) {
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (int i = 0; i < part.x().length; i++) {
            left = Math.min(left, part.x()[i]);
            right = Math.max(right, part.x()[i]);
            top = Math.min(top, part.y()[i]);
            bottom = Math.max(bottom, part.y()[i]);
        }
        return right >= view.getMinX() - 1 && left <= view.getMaxX() + 1 && bottom >= view.getMinY() - 1
                && top <= view.getMaxY() + 1;
    }

    private void add(Grid part, float[] tones, int column, int row, List<Cell> cells) {
        double[] back = turnsOver(part.x(), part.y()) ? null : WayBack.of(part);
        if (back == null) {
            turningOver(part, column, row, cells);
            return;
        }
        double off = WayBack.worst(part, back);
        if (off <= tolerancePx) {
            off = between(part, back, column, row);
        }
        if (off <= tolerancePx) {
            cells.add(Cell.of(part, tones, back, part.x()[4], part.y()[4]));
            return;
        }
        // What a quadratic leaves grows with the third power of the size.
        int times = Math.min(MOST_CUT, Math.max(2, (int) Math.ceil(Math.cbrt(SPARE * off / tolerancePx))));
        Grid fine = cut(column, row, times * (SIDE - 1));
        float[] fineTones = Tones.of(fine);
        Grid edged = fine.edgedLike(part);
        for (int k = 0; k < times * times; k++) {
            int x = k % times * (SIDE - 1);
            int y = k / times * (SIDE - 1);
            Grid known = fine.part(x, y, SIDE);
            float[] tone = Grid.part(fineTones, fine.columns() + 1, x, y, SIDE);
            double[] own = WayBack.of(known);
            cells.add(Cell.of(edged.part(x, y, SIDE), tone, own, known.x()[4], known.y()[4]));
        }
    }

    /** Where it does not turn over, parts of it have ways back of their own. */
    private void turningOver(Grid part, int column, int row, List<Cell> cells) {
        Grid fine = cut(column, row, FINE - 1);
        float[] tones = Tones.of(fine);
        Grid edged = fine.edgedLike(part);
        int step = (FINE - 1) / PARTS;
        for (int k = 0; k < PARTS * PARTS; k++) {
            int x = k % PARTS * step;
            int y = k / PARTS * step;
            Grid known = fine.part(x, y, step + 1);
            Grid few = known.every(step / (SIDE - 1));
            Grid seen = edged.part(x, y, step + 1);
            double[] back = turnsOver(few.x(), few.y()) ? null : WayBack.of(few);
            boolean near = back != null && WayBack.worst(known, few, back) <= tolerancePx;
            // All of them keep all their nodes, so that those beside each other share them.
            cells.add(Cell.of(seen, Grid.part(tones, FINE, x, y, step + 1), near ? back : null, few.x()[4],
                    few.y()[4]));
        }
    }

    /** @return how far off it is between the known places, in pixels, at most */
    private double between(Grid part, double[] back, int column, int row) {
        double worst = 0;
        double[] out = new double[4];
        double[] uv = new double[2];
        for (double s : BETWEEN) {
            for (double t : BETWEEN) {
                bend.at((column + s) / columns, (row + t) / rows, out);
                next.at(out[2], out[3], uv);
                worst = Math.max(worst, WayBack.off(part, back, out[0], out[1], uv[0], uv[1]));
            }
        }
        return worst;
    }

    private Grid cut(int column, int row, int into) {
        return Grid.of(bend, next, into, into, (double) column / columns, (double) row / rows, 1.0 / columns,
                1.0 / rows);
    }

    /** Whether its four quarters do not all turn the same way, or are much unlike. */
    private static boolean turnsOver(double[] x, double[] y) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (int k = 0; k < 5; k += k == 1 ? 2 : 1) {
            for (int corner = 0; corner < 4; corner++) {
                int at = k + corner % 2 + corner / 2 * SIDE;
                int across = k + (1 - corner % 2) + corner / 2 * SIDE;
                int down = k + corner % 2 + (1 - corner / 2) * SIDE;
                double turn = ((x[across] - x[at]) * (y[down] - y[at]) - (y[across] - y[at]) * (x[down] - x[at]))
                        * (corner == 0 || corner == 3 ? 1 : -1);
                least = Math.min(least, turn);
                most = Math.max(most, turn);
            }
        }
        return !(least > 0 && most < UNEVEN * least || most < 0 && least > UNEVEN * most);
    }
}
