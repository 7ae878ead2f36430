package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Blank;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.stream.IntStream;

/**
 * The rows to sort or to filter where only one cell is selected: the filled rows around it, without the headings above and the rows of
 * totals below.
 */
public final class SortedTable {
    private final String grid;
    private final Block.Grid block;
    private final LiveWorksheet live;

    private SortedTable(String grid, LiveWorksheet live) {
        this.grid = grid;
        this.live = live;
        this.block = live.grid(grid).orElseThrow(() -> new EditRefused("There is no grid " + grid + "."));
    }

    /**
     * The table around a cell.
     *
     * @throws EditRefused where it has no rows but headings and totals
     */
    public static Area around(String grid, Address cell, LiveWorksheet live) {
        SortedTable table = new SortedTable(grid, live);
        Area filled = table.filledAround(cell);
        int first = table.firstRow(filled);
        int last = table.lastRow(filled, first);
        if (first > last) {
            throw new EditRefused("Around " + cell + " there are no rows to sort.");
        }
        return new Area(
                new Address(filled.first().column(), first),
                new Address(filled.last().column(), last));
    }

    /** Grows from the cell as long as something filled stands beside what there is. */
    private Area filledAround(Address cell) {
        int left = cell.column();
        int right = cell.column();
        int top = cell.row();
        int bottom = cell.row();
        boolean grows = true;
        while (grows) {
            grows = false;
            if (top > 0 && anyInRow(top - 1, left - 1, right + 1)) {
                top--;
                grows = true;
            }
            if (bottom + 1 < block.rows() && anyInRow(bottom + 1, left - 1, right + 1)) {
                bottom++;
                grows = true;
            }
            if (left > 0 && anyInColumn(left - 1, top - 1, bottom + 1)) {
                left--;
                grows = true;
            }
            if (right + 1 < block.columns() && anyInColumn(right + 1, top - 1, bottom + 1)) {
                right++;
                grows = true;
            }
        }
        return new Area(new Address(left, top), new Address(right, bottom));
    }

    private boolean anyInRow(int row, int from, int to) {
        return IntStream.rangeClosed(Math.max(0, from), Math.min(block.columns() - 1, to))
                .anyMatch(column -> isFilled(column, row));
    }

    private boolean anyInColumn(int column, int from, int to) {
        return IntStream.rangeClosed(Math.max(0, from), Math.min(block.rows() - 1, to))
                .anyMatch(row -> isFilled(column, row));
    }

    private boolean isFilled(int column, int row) {
        return value(column, row) != Blank.BLANK;
    }

    private Value value(int column, int row) {
        return live.value(grid, new Address(column, row));
    }

    /** Below the grid's own headings, or below a first row of texts where the next one has other values. */
    private int firstRow(Area filled) {
        int first = filled.first().row();
        if (block.headings() > first) {
            return block.headings();
        }
        boolean isHeading = columns(filled).allMatch(column -> isBlankOrTyped(column, first))
                && columns(filled)
                        .anyMatch(column -> value(column, first) instanceof Text
                                && first < filled.last().row()
                                && isFilled(column, first + 1)
                                && !(value(column, first + 1) instanceof Text));
        return isHeading ? first + 1 : first;
    }

    private boolean isBlankOrTyped(int column, int row) {
        Value value = value(column, row);
        return value == Blank.BLANK || value instanceof Text && !isCalculated(column, row);
    }

    private boolean isCalculated(int column, int row) {
        return live.worksheet()
                .cell(grid, new Address(column, row))
                .filter(Cell::isCalculated)
                .isPresent();
    }

    /**
     * Above the first row with a formula over several rows of its own column above it: one over other columns looks
     * something up, or adds up as it goes.
     */
    private int lastRow(Area filled, int first) {
        return IntStream.rangeClosed(first, filled.last().row())
                        .filter(row -> columns(filled).anyMatch(column -> addsUp(column, row, first)))
                        .findFirst()
                        .orElse(filled.last().row() + 1)
                - 1;
    }

    private boolean addsUp(int column, int row, int first) {
        return isCalculated(column, row)
                && live.fedBy(grid, new Address(column, row)).stream()
                        .filter(place -> place.grid().equals(grid))
                        .map(Edit.Place::area)
                        .anyMatch(area -> area.rows() > 1
                                && area.first().column() <= column
                                && area.last().column() >= column
                                && area.first().row() >= first - 1
                                && area.first().row() < row
                                && area.last().row() < row);
    }

    private static IntStream columns(Area area) {
        return IntStream.rangeClosed(area.first().column(), area.last().column());
    }
}
