package app.logismos.formats.foreign;

/** How the formulas of a document are spelled. */
public enum Dialect {
    /** OpenFormula: OASIS Open Document Format 1.3, part 4. */
    OPEN_FORMULA(';', '|', ';'),
    /** Office Open XML: ECMA-376, part 1, section 18.17. */
    OFFICE_OPEN_XML(',', ';', ',');

    private final char separator;
    private final char rowEnd;
    private final char columnEnd;

    Dialect(char separator, char rowEnd, char columnEnd) {
        this.separator = separator;
        this.rowEnd = rowEnd;
        this.columnEnd = columnEnd;
    }

    /** Between arguments. */
    char separator() {
        return separator;
    }

    /** Between the rows of a table that is written out. */
    char rowEnd() {
        return rowEnd;
    }

    /** Between the cells of a row of such a table. */
    char columnEnd() {
        return columnEnd;
    }
}
