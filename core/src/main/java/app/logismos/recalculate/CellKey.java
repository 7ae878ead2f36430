package app.logismos.recalculate;

import app.logismos.formula.Address;

/**
 * A cell of a worksheet in one {@code long}, for graphs of a million cells: from the top the number of its grid, then 20
 * bits of column, then 20 bits of row.
 */
final class CellKey {
    private static final int ROW_BITS = 20;
    private static final int COLUMN_BITS = 20;
    private static final long ROW_MASK = (1L << ROW_BITS) - 1;
    private static final long COLUMN_MASK = (1L << COLUMN_BITS) - 1;

    private CellKey() {}

    static long of(int grid, int column, int row) {
        return (long) grid << ROW_BITS + COLUMN_BITS | (long) column << ROW_BITS | row;
    }

    static long of(int grid, Address cell) {
        return of(grid, cell.column(), cell.row());
    }

    static int grid(long key) {
        return (int) (key >>> ROW_BITS + COLUMN_BITS);
    }

    static int column(long key) {
        return (int) (key >>> ROW_BITS & COLUMN_MASK);
    }

    static int row(long key) {
        return (int) (key & ROW_MASK);
    }

    static Address address(long key) {
        return new Address(column(key), row(key));
    }
}
