package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Reals;
import app.logismos.sheet.CellStore;
import app.logismos.unit.Unit;
import app.logismos.value.Blank;
import app.logismos.value.Numbers;
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

    private static final Numbers NO_NUMBERS = Numbers.none(PAGE);

    private final CellStore<Page> pages;

    ValueStore() {
        this(new CellStore<>());
    }

    private ValueStore(CellStore<Page> pages) {
        this.pages = pages;
    }

    /** A copy-on-write copy; while it is in use, this one must not change. */
    ValueStore overlay() {
        return new ValueStore(pages.overlay());
    }

    /** What 256 cells below each other hold: numbers in one unit side by side, all else as objects. */
    private static final class Page {
        private Numbers numbers = NO_NUMBERS;
        private int held;
        private @Nullable Value @Nullable [] others;
        /** The only store that may write to it. */
        private final ValueStore owner;

        Page(ValueStore owner) {
            this.owner = owner;
        }

        Page copyOf(ValueStore other) {
            Page copy = new Page(other);
            copy.numbers = numbers == NO_NUMBERS ? NO_NUMBERS : numbers.copy();
            copy.held = held;
            copy.others = others == null ? null : others.clone();
            return copy;
        }

        Value get(int i) {
            @Nullable Value number = numbers.get(i);
            return number != null ? number : others == null || others[i] == null ? Blank.BLANK : others[i];
        }

        void set(int i, Value value) {
            if (numbers.has(i)) {
                numbers.reals().clear(i);
                held--;
            }
            if (others != null) {
                others[i] = null;
            }
            boolean isNumber = Numbers.holds(value);
            if (isNumber && held == 0 && (numbers == NO_NUMBERS || numbers.unit() != Numbers.unit(value))) {
                adopt(Numbers.unit(value));
            }
            if (isNumber && numbers.unit() == Numbers.unit(value)) {
                numbers.reals().set(i, Numbers.real(value));
                held++;
            } else if (value != Blank.BLANK) {
                others = others == null ? new Value[PAGE] : others;
                others[i] = value;
            }
        }

        /** Sets the unit of the numbers of this page. In a column whose unit changes, it changes cell by cell. */
        private void adopt(Unit unit) {
            numbers = new Numbers(new Reals(PAGE), unit);
            for (int i = 0; others != null && i < PAGE; i++) {
                if (others[i] != null && Numbers.holds(others[i]) && Numbers.unit(others[i]) == unit) {
                    numbers.reals().set(i, Numbers.real(others[i]));
                    others[i] = null;
                    held++;
                }
            }
        }
    }

    /** The first row of the page in which a row is. */
    static int pageOf(int row) {
        return row & -PAGE;
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
        if (page == null ? value != Blank.BLANK : page.owner != this) {
            page = page == null ? new Page(this) : page.copyOf(this);
            pages.set(column, row >>> BITS, page);
        }
        if (page != null) {
            page.set(inPage(row), value);
        }
    }

    /**
     * The numbers of the page of a cell. Callers must not change them; whether they reflect later changes is undefined.
     */
    private Numbers numbers(int column, int row) {
        @Nullable Page page = row < 0 ? null : pages.get(column, row >>> BITS);
        return page == null ? NO_NUMBERS : page.numbers;
    }

    /** The numbers of {@link #PAGE} cells from a row on, which may begin above the grid. */
    Numbers numbersFrom(int column, int row) {
        int before = inPage(row);
        Numbers first = numbers(column, row);
        if (before == 0) {
            return first;
        }
        Numbers second = numbers(column, row - before + PAGE);
        Unit unit = first == NO_NUMBERS ? second.unit() : first.unit();
        Reals both = new Reals(PAGE);
        first.reals().copy(before, both, 0, PAGE - before);
        if (second.unit() == unit) {
            second.reals().copy(0, both, PAGE - before, before);
        }
        return new Numbers(both, unit);
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
