package org.vatwright.core.repeat;

import java.util.ArrayList;
import java.util.List;

/**
 * The rectangle that recurs by plain laying, and the cells in it.
 *
 * @param columns,rows how many cells it holds across and down
 */
public record Tile(Repeat repeat, int columns, int rows) {

    /** Where a cell's upper left corner stands in the tile, in mm. */
    public record Origin(double x, double y) {}

    public double widthMm() {
        return repeat.widthMm() * columns;
    }

    public double heightMm() {
        return repeat.heightMm() * rows;
    }

    /** @return the least tile of the same cells; what closes on it lies in this one just so, again and again */
    public Tile least() {
        return repeat.withCells(1, 1).tile();
    }

    /** @return one origin a cell; cells that cross the tile's edge come in again on the other side */
    public List<Origin> cells() {
        List<Origin> cells = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                cells.add(new Origin((column + repeat.arrangement().shift(row)) * repeat.widthMm(),
                        (row + repeat.arrangement().drop(column)) * repeat.heightMm()));
            }
        }
        return cells;
    }
}
