package app.logismos.value;

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

    @Override
    public Value at(int row, int column) {
        return values.get(row * columns + column);
    }
}
