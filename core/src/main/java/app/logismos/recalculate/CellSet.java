package app.logismos.recalculate;

import app.logismos.formula.Area;
import java.util.Arrays;
import java.util.function.LongConsumer;
import org.jspecify.annotations.Nullable;

/**
 * A set of cells that finds its members in a range fast: a bit for each row of a column, and above it a bit for each 64
 * rows that have any.
 */
final class CellSet {
    /** A {@code long} has 2 to the power of this bits; a shift by more wraps round, so no mask is needed. */
    private static final int WORD_BITS = 6;

    private @Nullable Column[][] grids = new Column[0][];

    /** Rows of a column; the bit of a group says that its word is not 0. */
    private static final class Column {
        private long[] rows = new long[16];
        private long[] groups = new long[1];

        void add(int row) {
            int word = row >>> WORD_BITS;
            if (word >= rows.length) {
                rows = Arrays.copyOf(rows, Math.max(word + 1, rows.length * 2));
                groups = Arrays.copyOf(groups, (rows.length >>> WORD_BITS) + 1);
            }
            rows[word] |= 1L << row;
            groups[word >>> WORD_BITS] |= 1L << word;
        }

        void remove(int row) {
            int word = row >>> WORD_BITS;
            if (contains(row) && (rows[word] &= ~(1L << row)) == 0) {
                groups[word >>> WORD_BITS] &= ~(1L << word);
            }
        }

        boolean contains(int row) {
            int word = row >>> WORD_BITS;
            return word < rows.length && (rows[word] & 1L << row) != 0;
        }

        /** The first row from {@code row} on; −1 where none is. */
        int next(int row) {
            int word = row >>> WORD_BITS;
            if (word >= rows.length) {
                return -1;
            }
            long rest = rows[word] & -1L << row;
            if (rest != 0) {
                return (word << WORD_BITS) + Long.numberOfTrailingZeros(rest);
            }
            int later = nextWord(word + 1);
            return later < 0 ? -1 : (later << WORD_BITS) + Long.numberOfTrailingZeros(rows[later]);
        }

        private int nextWord(int word) {
            int group = word >>> WORD_BITS;
            if (group >= groups.length) {
                return -1;
            }
            long rest = groups[group] & -1L << word;
            while (rest == 0) {
                if (++group == groups.length) {
                    return -1;
                }
                rest = groups[group];
            }
            return (group << WORD_BITS) + Long.numberOfTrailingZeros(rest);
        }
    }

    void add(long key) {
        made(CellKey.grid(key), CellKey.column(key)).add(CellKey.row(key));
    }

    /** Takes the cell out, if it is in. */
    void remove(long key) {
        Column column = column(CellKey.grid(key), CellKey.column(key));
        if (column != null) {
            column.remove(CellKey.row(key));
        }
    }

    boolean contains(long key) {
        Column column = column(CellKey.grid(key), CellKey.column(key));
        return column != null && column.contains(CellKey.row(key));
    }

    /** A member in the range, the first of the first column that has one; −1 where none is. */
    long in(int grid, Area area) {
        if (grid >= grids.length) {
            return -1;
        }
        int last = Math.min(area.last().column(), grids[grid].length - 1);
        for (int at = area.first().column(); at <= last; at++) {
            Column column = grids[grid][at];
            int row = column == null ? -1 : column.next(area.first().row());
            if (row >= 0 && row <= area.last().row()) {
                return CellKey.of(grid, at, row);
            }
        }
        return -1;
    }

    /** Visits the members in the range, column by column. */
    void forEach(int grid, Area area, LongConsumer visitor) {
        if (grid >= grids.length) {
            return;
        }
        int last = Math.min(area.last().column(), grids[grid].length - 1);
        for (int at = area.first().column(); at <= last; at++) {
            Column column = grids[grid][at];
            int row = column == null ? -1 : column.next(area.first().row());
            while (column != null && row >= 0 && row <= area.last().row()) {
                visitor.accept(CellKey.of(grid, at, row));
                row = column.next(row + 1);
            }
        }
    }

    private @Nullable Column column(int grid, int column) {
        return grid < grids.length && column < grids[grid].length ? grids[grid][column] : null;
    }

    private Column made(int grid, int column) {
        if (grid >= grids.length) {
            int before = grids.length;
            grids = Arrays.copyOf(grids, grid + 1);
            Arrays.fill(grids, before, grids.length, new Column[0]);
        }
        if (column >= grids[grid].length) {
            grids[grid] = Arrays.copyOf(grids[grid], column + 1);
        }
        Column present = grids[grid][column];
        if (present == null) {
            present = new Column();
            grids[grid][column] = present;
        }
        return present;
    }
}
