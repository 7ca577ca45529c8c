package org.vatwright.core.map;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/** Gathers sheets of bent cloth, cut into cells so small that the way back through each is as near as wanted. */
public final class NetBuilder {

    /** More cells along one side of a sheet are not cut, however large it is. */
    private static final int MOST_CELLS = 250;
    /** Of a tolerance of a pixel; what a quadratic leaves grows with the third power of the size. */
    private static final double CELL_PX = 200;

    private final Affine next;
    private final Rectangle2D view;
    private final double tolerancePx;
    private final List<Sheet> sheets = new ArrayList<>();

    /** Where a place of a sheet is seen, and where it lies on the flat cloth. */
    @FunctionalInterface
    public interface Bend {

        /** @param s,t 0 to 1, across and down the sheet @param out takes x, y seen and p, q on the cloth, all in pixels */
        void at(double s, double t, double[] out);
    }

    /**
     * One sheet. Those that are added together share their borders.
     *
     * @param hull holds all of it, in pixels
     * @param wide,high about how far it reaches across and down, in pixels
     */
    public record Part(Bend bend, Rectangle2D hull, double wide, double high) {}

    /**
     * @param next from the flat cloth, in pixels, to the tile
     * @param view what is looked at, in pixels; sheets beside it are left out
     * @param tolerancePx how far off a place may be
     */
    public NetBuilder(Affine next, Rectangle2D view, double tolerancePx) {
        this.next = next;
        this.view = view;
        this.tolerancePx = tolerancePx;
    }

    /**
     * Lays sheets over those that are there, all with as many cells across; down as well when they are to.
     *
     * @param square whether they have borders in common at the sides as well
     */
    public void add(List<Part> parts, boolean square) {
        List<Part> seen = parts.stream().filter(p -> p.hull().intersects(view.getX() - 1, view.getY() - 1,
                view.getWidth() + 2, view.getHeight() + 2)).toList();
        double wide = seen.stream().mapToDouble(Part::wide).max().orElse(0);
        double high = seen.stream().mapToDouble(Part::high).max().orElse(0);
        for (Part part : seen) {
            sheets.add(
                    new Sheet(part.bend(), next, cells(wide), cells(square ? high : part.high()), tolerancePx, view));
        }
    }

    private int cells(double length) {
        return (int) Math.max(1, Math.min(MOST_CELLS, Math.ceil(length / (CELL_PX * Math.cbrt(tolerancePx)))));
    }

    /** @return the map of all of them */
    public Net net() {
        return new Net(sheets);
    }
}
