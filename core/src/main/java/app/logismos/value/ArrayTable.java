package app.logismos.value;

import java.util.ArrayList;
import java.util.List;

/** A table that holds its values itself, row after row. */
public record ArrayTable(int rows, int columns, List<Value> values) implements Table {
    public ArrayTable {
        values = List.copyOf(values);
        if (rows < 1 || columns < 1 || values.size() != rows * columns) {
            throw new IllegalArgumentException(
                    "a table of " + rows + " × " + columns + " must have as many values, had " + values.size());
        }
    }

    /** The values of another table as they are now, which may be a view of cells. */
    public static ArrayTable copyOf(Table table) {
        List<Value> values = new ArrayList<>(table.rows() * table.columns());
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                values.add(table.at(row, column));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), values);
    }

    @Override
    public Value at(int row, int column) {
        return values.get(row * columns + column);
    }
}
