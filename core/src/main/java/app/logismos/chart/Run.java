package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.value.Blank;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The values of a range, one for each line that it covers.
 *
 * @param grid the id of the grid it is in
 * @param area as the chart has it
 * @param isAlong whether it goes along a row, so that its lines are columns; else they are rows
 * @param first its first line
 */
record Run(String grid, Area area, boolean isAlong, int first, List<Value> values) {
    private static final List<String> MISSING = List.of("n/a", "na", "k. a.", "none", "missing");

    /** Nothing where its grid is not there. */
    static Optional<Run> of(LiveWorksheet live, String grid, Area area, boolean isAlong) {
        return live.grid(grid).map(block -> {
            Table table = live.values(grid, area);
            int count = isAlong ? area.columns() : Math.min(area.rows(), rows(block, area));
            List<Value> values = new ArrayList<>(count);
            for (int i = 0; i < count; i++) {
                values.add(isAlong ? table.at(0, i) : table.at(i, 0));
            }
            return new Run(
                    grid,
                    area,
                    isAlong,
                    isAlong ? area.first().column() : area.first().row(),
                    values);
        });
    }

    /** Below the last row of the grid there is nothing to draw. */
    private static int rows(Block.Grid grid, Area area) {
        return Math.max(0, grid.rows() - area.first().row());
    }

    /** Whether an area, taken by itself, goes along a row. */
    static boolean isAlong(Area area) {
        return area.rows() == 1 && area.columns() > 1;
    }

    /** Whether it is a single cell, which goes along with others either way. */
    static boolean isSingle(Area area) {
        return area.rows() == 1 && area.columns() == 1;
    }

    /** The line behind its last. */
    int end() {
        return first + values.size();
    }

    /** Whether it has a cell in a line. */
    boolean covers(int line) {
        return line >= first && line < end();
    }

    /** Whether it has a cell in every line of another. */
    boolean covers(Run other) {
        return first <= other.first && other.end() <= end();
    }

    /** The value in a line; blank where it has none. */
    Value at(int line) {
        return covers(line) ? values.get(line - first) : Blank.BLANK;
    }

    /** Its cell in a line. */
    Address cell(int line) {
        return isAlong
                ? new Address(line, area.first().row())
                : new Address(area.first().column(), line);
    }

    boolean isBlank() {
        return values.stream().allMatch(value -> value == Blank.BLANK);
    }

    /** Whether a line of it may be a heading: it has a text there that does not stand for a missing value. */
    boolean hasWordAt(int line) {
        return at(line) instanceof Text text
                && text.text().codePoints().anyMatch(Character::isLetter)
                && !MISSING.contains(text.text().strip().toLowerCase(Locale.ROOT));
    }

    boolean hasSizeAt(int line) {
        return Measure.of(at(line)).isPresent();
    }

    /** Whether it has values with a size below a line. */
    boolean hasSizesBehind(int line) {
        return values.subList(Math.min(values.size(), Math.max(0, line + 1 - first)), values.size()).stream()
                .anyMatch(value -> Measure.of(value).isPresent());
    }
}
