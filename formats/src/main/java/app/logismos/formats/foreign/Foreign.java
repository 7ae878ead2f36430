package app.logismos.formats.foreign;

import app.logismos.formula.Coordinate;
import java.util.List;
import java.util.Optional;

/**
 * A part of a formula of another program's document. References are relative to the formula's cell, so that one that was
 * repeated down a column is equal in all its cells.
 */
public sealed interface Foreign {
    /** A number as it is spelled. */
    record Number(String spelled) implements Foreign {}

    /** A text. */
    record Text(String text) implements Foreign {}

    /** A truth value. */
    record Truth(boolean is) implements Foreign {}

    /** An error written out, as {@code #N/A}. */
    record Error(String code) implements Foreign {}

    /** One cell. */
    record Cell(Optional<String> sheet, Coordinate column, Coordinate row) implements Foreign {}

    /**
     * A rectangle of cells.
     *
     * @param first its upper left corner
     * @param extent whether corners, whole columns or whole rows were written
     */
    record Range(Cell first, Coordinate lastColumn, Coordinate lastRow, Extent extent) implements Foreign {}

    /** What a range is written by. */
    enum Extent {
        CELLS,
        COLUMNS,
        ROWS
    }

    /** A name. */
    record Name(String name) implements Foreign {}

    /** A function with its arguments; nothing for one that was left out. */
    record Call(String function, List<Optional<Foreign>> arguments) implements Foreign {
        public Call {
            arguments = List.copyOf(arguments);
        }
    }

    /** An operator between two values: {@code + - * / ^ & = <> < <= > >=}. */
    record Infix(String operator, Foreign left, Foreign right) implements Foreign {}

    /** A sign before its value; it binds tighter than a power. */
    record Prefix(String operator, Foreign operand) implements Foreign {}

    /** A hundredth. */
    record Percent(Foreign operand) implements Foreign {}

    /** Brackets. */
    record Group(Foreign inner) implements Foreign {}

    /** A table written out. */
    record Array(List<List<Foreign>> rows) implements Foreign {
        public Array {
            rows = rows.stream().map(List::copyOf).toList();
        }
    }
}
