package org.vatwright.core.map;

import java.util.List;

import org.vatwright.core.map.Footing.Shadow;

/**
 * A cloth bent in any way, as sheets of cells. Every pixel's middle lies in a cell: cells beside each other share the ends of
 * their edges, and an edge is worked out from the same two ends in the same order; so there are no holes. Where the cloth folds
 * over itself the later cell lies on top, and of sheets the later.
 */
public final class Net implements ClothMap {

    private final List<Sheet> sheets;
    private final double left;
    private final double top;

    /** @param sheets the lowest first */
    Net(List<Sheet> sheets) {
        this(List.copyOf(sheets), 0, 0);
    }

    private Net(List<Sheet> sheets, double left, double top) {
        this.sheets = sheets;
        this.left = left;
        this.top = top;
    }

    @Override
    public Net from(int x, int y) {
        return new Net(sheets, left + x, top + y);
    }

    @Override
    public void at(double x, double y, double[] uv) {
        uv[0] = uv[1] = Double.NaN;
        for (Sheet sheet : sheets.reversed()) {
            for (Sheet.Row row : sheet.rows().reversed()) {
                if (y + top >= row.least() && y + top <= row.most()) {
                    for (Sheet.Cell cell : row.cells().reversed()) {
                        if (within(cell, x + left, y + top, uv)) {
                            return;
                        }
                    }
                }
            }
        }
    }

    private static boolean within(Sheet.Cell c, double x, double y, double[] uv) {
        if (y < c.least() || y > c.most()) {
            return false;
        }
        for (int row = c.side() - 2; row >= 0; row--) {
            for (int column = c.side() - 2; column >= 0; column--) {
                int i = row * c.side() + column;
                if (within(c, i, i + c.side() + 1, i + c.side(), x, y, uv)
                        || within(c, i, i + 1, i + c.side() + 1, x, y, uv)) {
                    if (c.back() != null) {
                        uv[0] = WayBack.at(c.back(), 0, x - c.midX(), y - c.midY());
                        uv[1] = WayBack.at(c.back(), 1, x - c.midX(), y - c.midY());
                    }
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean within(Sheet.Cell s, int a, int b, int c, double x, double y, double[] uv) {
        double det = (s.x()[b] - s.x()[a]) * (s.y()[c] - s.y()[a]) - (s.x()[c] - s.x()[a]) * (s.y()[b] - s.y()[a]);
        double shareB = ((x - s.x()[a]) * (s.y()[c] - s.y()[a]) - (s.x()[c] - s.x()[a]) * (y - s.y()[a])) / det;
        double shareC = ((s.x()[b] - s.x()[a]) * (y - s.y()[a]) - (x - s.x()[a]) * (s.y()[b] - s.y()[a])) / det;
        double rounding = 1e-9;
        if (!(shareB >= -rounding && shareC >= -rounding && shareB + shareC <= 1 + rounding)) {
            return false;
        }
        uv[0] = s.u()[a] + shareB * (s.u()[b] - s.u()[a]) + shareC * (s.u()[c] - s.u()[a]);
        uv[1] = s.v()[a] + shareB * (s.v()[b] - s.v()[a]) + shareC * (s.v()[c] - s.v()[a]);
        return true;
    }

    /** Goes through what is seen of the cloth in some rows. @param measure of how much a pixel shows */
    void lay(CellPainter.Spans spans, Footing measure, int first, int rows) {
        CellPainter painter = new CellPainter(spans, measure.width, first, rows, left, top);
        for (Sheet sheet : sheets) {
            for (Sheet.Row row : sheet.rows()) {
                if (row.most() < first + top || row.least() > first + top + rows) {
                    continue;
                }
                for (Sheet.Cell cell : row.cells()) {
                    if (cell.most() >= first + top && cell.least() <= first + top + rows) {
                        if (cell.back() == null) {
                            turningOver(measure, painter, cell);
                        } else {
                            painter.fill(cell, WayBack.shadow(cell.back(), measure));
                        }
                    }
                }
            }
        }
    }

    private static void turningOver(Footing footing, CellPainter painter, Sheet.Cell s) {
        for (int row = 0; row < s.side() - 1; row++) {
            for (int column = 0; column < s.side() - 1; column++) {
                int i = row * s.side() + column;
                int below = i + s.side();
                painter.fill(s, i, i + 1, below + 1, shadow(footing, s, i, i + 1, below));
                painter.fill(s, i, below + 1, below, shadow(footing, s, i, i + 1, below));
            }
        }
    }

    private static Shadow shadow(Footing footing, Sheet.Cell s, int a, int b, int c) {
        double xa = s.x()[b] - s.x()[a];
        double ya = s.y()[b] - s.y()[a];
        double xb = s.x()[c] - s.x()[a];
        double yb = s.y()[c] - s.y()[a];
        double ua = s.u()[b] - s.u()[a];
        double va = s.v()[b] - s.v()[a];
        double ub = s.u()[c] - s.u()[a];
        double vb = s.v()[c] - s.v()[a];
        double det = xa * yb - ya * xb;
        Shadow there = footing.shadow((ua * yb - ub * ya) / det, (va * yb - vb * ya) / det, (ub * xa - ua * xb) / det,
                (vb * xa - va * xb) / det);
        // A part seen edge on shows nothing but its edge.
        return Float.isFinite(there.level() + there.u() + there.v()) ? there : Shadow.NONE;
    }
}
