package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Entry;
import app.logismos.formula.FormulaKey;

/**
 * What was typed into a cell, and what it was read as. Cells that repeat a formula share one of these; the spans of its
 * expression are then those of the first of them.
 *
 * @param typed the text, or where many cells share it its {@link FormulaKey}
 */
public record Cell(String typed, boolean isShared, Entry entry) {
    static Cell of(String text, Entry entry) {
        return new Cell(text, false, entry);
    }

    /**
     * The text as it was typed.
     *
     * @param at where the cell is
     */
    public String text(Address at) {
        return isShared ? FormulaKey.text(typed, at) : typed;
    }

    /** Whether this is a calculation, readable or not, and not a typed value. */
    public boolean isCalculated() {
        return entry instanceof Entry.Calculation || entry instanceof Entry.Unreadable;
    }
}
