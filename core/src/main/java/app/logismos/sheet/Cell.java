package app.logismos.sheet;

import app.logismos.formula.Entry;

/**
 * What was typed into a cell, and what it was read as. The expression of a calculation may be shared with other cells
 * that repeat it; its spans are then those of the first of them.
 */
public record Cell(String text, Entry entry) {
    /** Whether this is a calculation, readable or not, and not a typed value. */
    public boolean isCalculated() {
        return entry instanceof Entry.Calculation || entry instanceof Entry.Unreadable;
    }
}
