package org.vatwright.core.repeat;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Require;

/**
 * The cell that recurs, and how.
 *
 * @param widthMm,heightMm 0.5 to 20,000 mm
 * @param across,down how many times as many cells the tile holds as it needs, so that something larger than a cell may
 *        run through it; 1 to 24
 */
@RecordBuilder
public record Repeat(double widthMm, double heightMm, Arrangement arrangement, int across,
        int down) implements RepeatBuilder.With {

    public static final double LEAST_MM = 0.5;
    public static final double MOST_MM = 20_000;
    public static final int MOST_TIMES = 24;

    public Repeat {
        Require.within("cell width", widthMm, LEAST_MM, MOST_MM, "mm");
        Require.within("cell height", heightMm, LEAST_MM, MOST_MM, "mm");
        Require.within("cells in the tile, across", across, 1, MOST_TIMES);
        Require.within("cells in the tile, down", down, 1, MOST_TIMES);
    }

    /** The tile holds no more cells than it needs. */
    public Repeat(double widthMm, double heightMm, Arrangement arrangement) {
        this(widthMm, heightMm, arrangement, 1, 1);
    }

    /**
     * The smallest axis-parallel rectangle that recurs by plain side-by-side laying: a drop n/d in lowest terms is
     * level again after d columns, a brick after d rows; times the cells asked for.
     */
    public Tile tile() {
        return new Tile(this, arrangement.columns() * across, arrangement.rows() * down);
    }

    /** @return the upper left corner of the cell in which a place lies, in mm; the cells cover all of the plane */
    public Tile.Origin cellAt(double x, double y) {
        Lattice lattice = Lattice.of(this);
        double column = Math.floor(x / widthMm);
        double row = Math.floor(y / heightMm);
        if (arrangement instanceof Arrangement.Brick) {
            column = Math.floor((x - row * lattice.bx()) / widthMm);
        } else {
            row = Math.floor((y - column * lattice.ay()) / heightMm);
        }
        return new Tile.Origin(column * lattice.ax() + row * lattice.bx(), column * lattice.ay() + row * lattice.by());
    }

    public Repeat withSize(double newWidthMm, double newHeightMm) {
        return with().widthMm(newWidthMm).heightMm(newHeightMm).build();
    }

    public Repeat withCells(int newAcross, int newDown) {
        return with().across(newAcross).down(newDown).build();
    }
}
