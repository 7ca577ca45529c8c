package org.vatwright.core.draft;

import org.vatwright.core.measure.Require;

/** A rectangle of squares. @param column,row the first ones @param columns,rows how many, at least 1 */
public record Area(int column, int row, int columns, int rows) {

    public Area {
        Require.within("columns of the area", columns, 1, Squares.MOST_SIDE);
        Require.within("rows of the area", rows, 1, Squares.MOST_SIDE);
    }

    /** @return the area two squares span, in whatever order they are given */
    public static Area spanning(int column1, int row1, int column2, int row2) {
        return new Area(Math.min(column1, column2), Math.min(row1, row2), Math.abs(column1 - column2) + 1,
                Math.abs(row1 - row2) + 1);
    }

    public static Area all(Squares squares) {
        return new Area(0, 0, squares.columns(), squares.rows());
    }

    public boolean holds(int c, int r) {
        return c >= column && c < column + columns && r >= row && r < row + rows;
    }

    /** @return what of it lies in those squares; they share at least one */
    public Area in(Squares squares) {
        int left = Math.max(0, Math.min(column, squares.columns() - 1));
        int top = Math.max(0, Math.min(row, squares.rows() - 1));
        int right = Math.max(left + 1, Math.min(column + columns, squares.columns()));
        int low = Math.max(top + 1, Math.min(row + rows, squares.rows()));
        return new Area(left, top, right - left, low - top);
    }
}
