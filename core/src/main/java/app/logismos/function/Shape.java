package app.logismos.function;

import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Table;

/** How many rows and columns a table has; a list is one column. */
public record Shape(int rows, int columns) {
    public static Shape of(Table table) {
        return new Shape(table.rows(), table.columns());
    }

    public static Shape of(Object[][] table) {
        return new Shape(table.length, table[0].length);
    }

    /** That of a list of so many values. */
    public static Shape list(int count) {
        return new Shape(count, 1);
    }

    /** How many cells it has. */
    public int size() {
        return rows * columns;
    }

    /** The error where two tables do not go together, which says how either is. */
    public static Failure differ(String sentence, Shape first, Shape second) {
        return Failure.of(ErrorCode.SHAPES_DIFFER, sentence + " One has " + first + ", the other " + second + ".");
    }

    /** As {@code 2 rows × 1 column}. */
    @Override
    public String toString() {
        return rows + (rows == 1 ? " row × " : " rows × ") + columns + (columns == 1 ? " column" : " columns");
    }
}
