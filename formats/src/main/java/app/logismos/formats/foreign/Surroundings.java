package app.logismos.formats.foreign;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.Optional;
import java.util.stream.Stream;

/** What a formula of a document is read in: the sheets, names and values around it. */
public interface Surroundings {
    /** What stands in a cell, by the value that the document keeps for it. */
    enum Kind {
        NUMBER,
        /** A number with more digits than are shown. */
        LONG_NUMBER,
        TEXT,
        TRUTH,
        DATE,
        TIME,
        DATE_TIME,
        BLANK,
        OTHER;

        /** A date, a time or both. */
        public boolean isMoment() {
            return this == DATE || this == TIME || this == DATE_TIME;
        }

        boolean isNumber() {
            return this == NUMBER || this == LONG_NUMBER;
        }
    }

    /**
     * What a sheet is called with us.
     *
     * @throws NotRead where there is no such sheet
     */
    String grid(String sheet);

    /** What stands in a cell of a sheet, the formula's own where none is named. */
    Kind kind(Optional<String> sheet, Address cell);

    /** The texts in cells of a sheet. */
    Stream<String> texts(Optional<String> sheet, Area cells);

    /** The last row of a sheet in which something stands, from 0. */
    int lastRow(Optional<String> sheet);

    /** The day from which numbers that are dates are counted, as a formula of ours. */
    String dayZero();

    /**
     * What a name stands for, as a formula of ours.
     *
     * @throws NotRead where there is no such name, or it has no formula of ours
     */
    String named(String name, Address origin);
}
