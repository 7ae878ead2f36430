package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Real;
import app.logismos.number.Reals;
import app.logismos.sheet.CellStore;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import org.jspecify.annotations.Nullable;

/**
 * The values of the cells of a grid, in pages of a column each. Numbers lie side by side in {@link Reals} and become
 * objects when they are asked for, so that a long column of them costs little memory and is worked out without any.
 */
final class ValueStore {
    private static final int BITS = 8;

    /** Rows of a page; pages begin at its multiples. */
    static final int PAGE = 1 << BITS;

    private static final Reals NO_NUMBERS = new Reals(PAGE);

    private final CellStore<Page> pages = new CellStore<>();

    /** What 256 cells below each other hold. */
    private static final class Page {
        private Reals numbers = NO_NUMBERS;
        private Value @Nullable [] others;

        Value get(int i) {
            @Nullable Real number = numbers.get(i);
            return number != null
                    ? new NumberValue(number)
                    : others == null || others[i] == null ? Blank.BLANK : others[i];
        }

        void set(int i, Value value) {
            boolean isNumber = value instanceof NumberValue number && Reals.holds(number.real());
            if (isNumber) {
                owned().set(i, ((NumberValue) value).real());
            } else if (numbers.has(i)) {
                numbers.clear(i);
            }
            if (!isNumber && value != Blank.BLANK) {
                others = others == null ? new Value[PAGE] : others;
                others[i] = value;
            } else if (others != null) {
                others[i] = null;
            }
        }

        private Reals owned() {
            numbers = numbers == NO_NUMBERS ? new Reals(PAGE) : numbers;
            return numbers;
        }
    }

    /** The first row of the page in which a row is. */
    static int pageOf(int row) {
        return row & -PAGE;
    }

    /** The first row of the next page. */
    static int pageAfter(int row) {
        return pageOf(row) + PAGE;
    }

    /** The place of a row in its page. */
    static int inPage(int row) {
        return row & PAGE - 1;
    }

    Value get(int column, int row) {
        @Nullable Page page = pages.get(column, row >>> BITS);
        return page == null ? Blank.BLANK : page.get(inPage(row));
    }

    void set(int column, int row, Value value) {
        @Nullable Page page = pages.get(column, row >>> BITS);
        if (page == null && value != Blank.BLANK) {
            page = new Page();
            pages.set(column, row >>> BITS, page);
        }
        if (page != null) {
            page.set(inPage(row), value);
        }
    }

    /** The numbers of the page in which a cell is; not to be changed, and they follow later changes or do not. */
    Reals numbers(int column, int row) {
        @Nullable Page page = pages.get(column, row >>> BITS);
        return page == null ? NO_NUMBERS : page.numbers;
    }

    /** The numbers of {@link #PAGE} cells from a row on, which may begin above the grid. */
    Reals numbersFrom(int column, int row) {
        int before = inPage(row);
        if (before == 0 && row >= 0) {
            return numbers(column, row);
        }
        Reals both = new Reals(PAGE);
        if (row >= 0) {
            numbers(column, row).copy(before, both, 0, PAGE - before);
        }
        int next = row - before + PAGE;
        if (next >= 0 && next < Address.ROWS) {
            numbers(column, next).copy(0, both, PAGE - before, before);
        }
        return both;
    }

    /** Visits the cells of an area that have a value, column by column and each from the top. */
    void forEach(Area area, CellStore.Visitor<Value> visitor) {
        int firstRow = area.first().row();
        int lastRow = area.last().row();
        Area inPages = new Area(
                new Address(area.first().column(), firstRow >>> BITS),
                new Address(area.last().column(), lastRow >>> BITS));
        pages.forEach(inPages, (column, number, page) -> {
            int top = number << BITS;
            int until = Math.min(lastRow - top, PAGE - 1);
            for (int i = Math.max(firstRow - top, 0); i <= until; i++) {
                Value value = page.get(i);
                if (value != Blank.BLANK) {
                    visitor.visit(column, top + i, value);
                }
            }
        });
    }
}
