package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A sparse map from the cells of a grid to values, in pages of one column each: full columns are dense, and a single
 * cell far out costs one page.
 */
public final class CellStore<T> {
    private static final int PAGE_BITS = 8;
    private static final int PAGE = 1 << PAGE_BITS;

    private @Nullable Object[] @Nullable [] @Nullable [] columns;

    /** In a copy-on-write copy, the arrays it owns; all others are copied before they are written to. */
    private final @Nullable Set<Object> own;

    /** An empty store. */
    public CellStore() {
        this(new Object[0][][], null);
    }

    private CellStore(@Nullable Object[] @Nullable [] @Nullable [] columns, @Nullable Set<Object> own) {
        this.columns = columns;
        this.own = own;
    }

    /** A copy-on-write copy; while it is in use, this store must not change. */
    public CellStore<T> overlay() {
        return new CellStore<>(columns.clone(), Collections.newSetFromMap(new IdentityHashMap<>()));
    }

    /** The value of a cell, or null. */
    @SuppressWarnings("unchecked")
    public @Nullable T get(int column, int row) {
        if (column >= columns.length) {
            return null;
        }
        @Nullable Object[] @Nullable [] pages = columns[column];
        int page = row >>> PAGE_BITS;
        if (pages == null || page >= pages.length) {
            return null;
        }
        @Nullable Object[] cells = pages[page];
        return cells == null ? null : (T) cells[row & PAGE - 1];
    }

    /** The value of a cell, or null. */
    public @Nullable T get(Address cell) {
        return get(cell.column(), cell.row());
    }

    /** Sets the value of a cell; null removes it. */
    public void set(int column, int row, @Nullable T thing) {
        if (column >= columns.length) {
            if (thing == null) {
                return;
            }
            columns = Arrays.copyOf(columns, column + 1);
        }
        @Nullable Object[] @Nullable [] pages = columns[column];
        int page = row >>> PAGE_BITS;
        if (pages == null || page >= pages.length) {
            if (thing == null) {
                return;
            }
            int length = pages == null ? page + 1 : Math.max(page + 1, pages.length + (pages.length >> 1));
            pages = owned(pages == null ? new Object[length][] : Arrays.copyOf(pages, length));
            columns[column] = pages;
        } else if (isShared(pages)) {
            pages = owned(pages.clone());
            columns[column] = pages;
        }
        @Nullable Object[] cells = pages[page];
        if (cells == null || isShared(cells)) {
            cells = owned(cells == null ? new Object[PAGE] : cells.clone());
            pages[page] = cells;
        }
        cells[row & PAGE - 1] = thing;
    }

    private boolean isShared(Object array) {
        return own != null && !own.contains(array);
    }

    private <A> A owned(A array) {
        if (own != null) {
            own.add(array);
        }
        return array;
    }

    /** How many cells from this one down, up to {@code most}, have the identical value; 0 where it has none. */
    public int repeats(int column, int row, int most) {
        @Nullable T thing = get(column, row);
        if (thing == null) {
            return 0;
        }
        int end = row + 1;
        while (end < row + most && get(column, end) == thing) {
            end++;
        }
        return end - row;
    }

    /** Takes each cell that has a value. */
    @FunctionalInterface
    public interface Visitor<T> {
        void visit(int column, int row, T thing);
    }

    /** Visits the cells of an area that have something, column by column and each from the top. */
    @SuppressWarnings("unchecked")
    public void forEach(Area area, Visitor<T> visitor) {
        int lastColumn = Math.min(area.last().column(), columns.length - 1);
        for (int column = area.first().column(); column <= lastColumn; column++) {
            @Nullable Object[] @Nullable [] pages = columns[column];
            if (pages == null) {
                continue;
            }
            int lastPage = Math.min(area.last().row() >>> PAGE_BITS, pages.length - 1);
            for (int page = area.first().row() >>> PAGE_BITS; page <= lastPage; page++) {
                @Nullable Object[] cells = pages[page];
                if (cells == null) {
                    continue;
                }
                int from = Math.max(area.first().row() - (page << PAGE_BITS), 0);
                int until = Math.min(area.last().row() - (page << PAGE_BITS), PAGE - 1);
                for (int i = from; i <= until; i++) {
                    if (cells[i] != null) {
                        visitor.visit(column, (page << PAGE_BITS) + i, (T) cells[i]);
                    }
                }
            }
        }
    }

    /** Visits all cells that have something. */
    public void forEach(Visitor<T> visitor) {
        forEach(new Area(Address.FIRST, new Address(Address.COLUMNS - 1, Address.ROWS - 1)), visitor);
    }
}
