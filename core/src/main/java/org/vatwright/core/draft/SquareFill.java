package org.vatwright.core.draft;

import org.vatwright.core.measure.Require;

/** What is done to an area of squares at once. */
public final class SquareFill {

    private SquareFill() {}

    /**
     * Repeats a motif over an area, from its first square on.
     *
     * @param step by how many squares across the run each further copy is moved, coming in again at the other side: rows
     *        where it runs along columns (threading), columns where it runs along rows (treadling)
     * @param alongColumns whether copies follow each other from column to column; else from row to row
     */
    public static Squares advance(Squares squares, Area area, Squares motif, int step, boolean alongColumns) {
        Area in = area.in(squares);
        Squares piece = Squares.by(in.columns(), in.rows(), (c, r) -> {
            int copy = alongColumns ? c / motif.columns() : r / motif.rows();
            int column = alongColumns ? c : Math.floorMod(c - copy * step, in.columns());
            int row = alongColumns ? Math.floorMod(r - copy * step, in.rows()) : r;
            return motif.at(column % motif.columns(), row % motif.rows());
        });
        return squares.pasted(in.column(), in.row(), piece);
    }

    public static Squares fill(Squares squares, Area area, Squares motif) {
        return advance(squares, area, motif, 0, true);
    }

    /** What turns an area into another of the same size. */
    @FunctionalInterface
    public interface Change {
        Squares of(Squares part);
    }

    public static Squares change(Squares squares, Area area, Change change) {
        Area in = area.in(squares);
        Squares changed = change.of(squares.part(in));
        Require.that(changed.columns() == in.columns() && changed.rows() == in.rows(),
                "the area must keep its size");
        return squares.pasted(in.column(), in.row(), changed);
    }
}
