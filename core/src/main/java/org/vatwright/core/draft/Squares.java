package org.vatwright.core.draft;

import java.util.Arrays;

import org.vatwright.core.measure.Require;

/**
 * A rectangle of squares that are marked or not: threading, tie-up, treadling, lift plan or drawdown. Column 0 is the
 * first end, treadle or shaft, row 0 the first pick or shaft.
 */
public final class Squares {

    /** As many as the longest warp and weft may have. */
    public static final int MOST_SIDE = 4000;

    private final int columns;
    private final int rows;
    private final int words;
    private final long[] bits;

    private Squares(int columns, int rows, long[] bits) {
        this.columns = columns;
        this.rows = rows;
        this.words = words(columns);
        this.bits = bits;
    }

    /** Says which squares are marked. */
    @FunctionalInterface
    public interface Rule {
        boolean marked(int column, int row);
    }

    private static int words(int columns) {
        return (columns + 63) >>> 6;
    }

    /** @param columns,rows 1 to 4000 */
    public static Squares blank(int columns, int rows) {
        Require.within("columns", columns, 1, MOST_SIDE);
        Require.within("rows", rows, 1, MOST_SIDE);
        return new Squares(columns, rows, new long[words(columns) * rows]);
    }

    public static Squares by(int columns, int rows, Rule rule) {
        Squares made = blank(columns, rows);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (rule.marked(column, row)) {
                    made.mark(column, row);
                }
            }
        }
        return made;
    }

    /** @param masks a row each, bit c for column c; columns up to 32 */
    static Squares ofRowMasks(int columns, int[] masks) {
        return by(columns, masks.length, (column, row) -> (masks[row] >>> column & 1) != 0);
    }

    /** Only while it is being made. */
    private void mark(int column, int row) {
        bits[row * words + (column >>> 6)] |= 1L << column;
    }

    public int columns() {
        return columns;
    }

    public int rows() {
        return rows;
    }

    public boolean at(int column, int row) {
        return (bits[row * words + (column >>> 6)] >>> column & 1) != 0;
    }

    /** @return the marks of one row, 64 columns a word, the first in the lowest bit; not to be written to */
    long[] row(int row) {
        return Arrays.copyOfRange(bits, row * words, (row + 1) * words);
    }

    /** Marks in this row what another row's marks say as well; only while it is being made. */
    void join(int row, long[] others) {
        for (int w = 0; w < words; w++) {
            bits[row * words + w] |= others[w];
        }
    }

    /** @return the marks of a row of at most 32 columns */
    int rowMask(int row) {
        return (int) bits[row * words];
    }

    /** @return the marks of a column of at most 32 rows, bit r for row r */
    public int columnMask(int column) {
        int mask = 0;
        for (int row = 0; row < rows; row++) {
            mask |= (at(column, row) ? 1 : 0) << row;
        }
        return mask;
    }

    public Squares with(int column, int row, boolean marked) {
        if (at(column, row) == marked) {
            return this;
        }
        Squares changed = new Squares(columns, rows, bits.clone());
        changed.bits[row * words + (column >>> 6)] ^= 1L << column;
        return changed;
    }

    /** @return with that square the only marked one of its column */
    public Squares only(int column, int row) {
        Squares changed = new Squares(columns, rows, bits.clone());
        for (int r = 0; r < rows; r++) {
            changed.bits[r * words + (column >>> 6)] &= ~(1L << column);
        }
        changed.mark(column, row);
        return changed;
    }

    /** @return with that square the only marked one of its row */
    public Squares onlyInRow(int column, int row) {
        Squares changed = new Squares(columns, rows, bits.clone());
        Arrays.fill(changed.bits, row * words, (row + 1) * words, 0);
        changed.mark(column, row);
        return changed;
    }

    /** @return cut, or with unmarked squares added at the far ends */
    public Squares sized(int newColumns, int newRows) {
        return by(newColumns, newRows, (c, r) -> c < columns && r < rows && at(c, r));
    }

    /** @return cut, or going on with what is there from the start */
    public Squares repeated(int newColumns, int newRows) {
        return by(newColumns, newRows, (c, r) -> at(c % columns, r % rows));
    }

    public Squares part(Area area) {
        return by(area.columns(), area.rows(), (c, r) -> at(area.column() + c, area.row() + r));
    }

    /** @return with other squares laid over it at that place; what reaches over the far ends is left out */
    public Squares pasted(int column, int row, Squares piece) {
        Squares changed = new Squares(columns, rows, bits.clone());
        for (int r = 0; r < Math.min(piece.rows, rows - row); r++) {
            for (int c = 0; c < Math.min(piece.columns, columns - column); c++) {
                if (at(column + c, row + r) != piece.at(c, r)) {
                    changed.bits[(row + r) * words + (column + c >>> 6)] ^= 1L << column + c;
                }
            }
        }
        return changed;
    }

    /** @return rows become columns */
    public Squares turned() {
        // Mark by mark, so what is mostly marked is turned by what is not.
        return 2L * marked() > (long) columns * rows ? inverted().turnedByMarks().inverted() : turnedByMarks();
    }

    private Squares turnedByMarks() {
        Squares made = blank(rows, columns);
        for (int row = 0; row < rows; row++) {
            for (int w = 0; w < words; w++) {
                for (long word = bits[row * words + w]; word != 0; word &= word - 1) {
                    made.mark(row, (w << 6) + Long.numberOfTrailingZeros(word));
                }
            }
        }
        return made;
    }

    public Squares inverted() {
        Squares made = blank(columns, rows);
        long last = -1L >>> words * 64 - columns;
        for (int i = 0; i < bits.length; i++) {
            made.bits[i] = ~bits[i] & ((i + 1) % words == 0 ? last : -1L);
        }
        return made;
    }

    /** @return the last column first */
    public Squares mirroredAcross() {
        Squares made = blank(columns, rows);
        int idle = words * 64 - columns;
        for (int row = 0; row < rows; row++) {
            // Turned round as a whole, the idle bits of the last word come first and are shifted out.
            for (int w = 0; w < words; w++) {
                long low = Long.reverse(bits[row * words + words - 1 - w]) >>> idle;
                long high = idle == 0 || w + 1 == words
                        ? 0
                        : Long.reverse(bits[row * words + words - 2 - w]) << 64 - idle;
                made.bits[row * words + w] = low | high;
            }
        }
        return made;
    }

    /** @return the last row first */
    public Squares mirroredDown() {
        Squares made = blank(columns, rows);
        for (int row = 0; row < rows; row++) {
            System.arraycopy(bits, row * words, made.bits, (rows - 1 - row) * words, words);
        }
        return made;
    }

    /** @return moved; what leaves at one side comes in at the other */
    public Squares shifted(int byColumns, int byRows) {
        return by(columns, rows, (c, r) -> at(Math.floorMod(c - byColumns, columns), Math.floorMod(r - byRows, rows)));
    }

    public int marked() {
        int sum = 0;
        for (long word : bits) {
            sum += Long.bitCount(word);
        }
        return sum;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Squares s && s.columns == columns && s.rows == rows && Arrays.equals(s.bits, bits);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * columns + rows) + Arrays.hashCode(bits);
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (int row = 0; row < Math.min(rows, 40); row++) {
            for (int column = 0; column < Math.min(columns, 80); column++) {
                text.append(at(column, row) ? 'x' : '.');
            }
            text.append('\n');
        }
        return text.toString();
    }
}
