package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Printer;
import java.util.Optional;

/** What references of formulas mean, and how a reference to something else is written with the same dollar signs. */
final class ReferenceSpelling {
    private final Outline outline;

    ReferenceSpelling(Outline outline) {
        this.outline = outline;
    }

    /** The cells that a reference means; nothing where the node is none, or means nothing. */
    Optional<Edit.Place> place(Expression node, String grid, Address origin) {
        if (node instanceof CellReference cell) {
            return grid(cell.grid(), grid)
                    .flatMap(id -> cell.from(origin).map(at -> new Edit.Place(id, new Area(at, at))));
        }
        return node instanceof RangeReference range
                ? grid(range.grid(), grid).flatMap(id -> range.from(origin).map(area -> new Edit.Place(id, area)))
                : Optional.empty();
    }

    private Optional<String> grid(Optional<String> title, String own) {
        return title.isEmpty()
                ? Optional.of(own)
                : outline.grids()
                        .filter(grid -> grid.title().equalsIgnoreCase(title.get()))
                        .map(Block.Grid::id)
                        .findFirst();
    }

    /**
     * How the reference is written when it means {@code place}, in a formula of {@code grid}. Corners that were typed the
     * other way round stay so.
     *
     * @param origin from where its relative parts count
     */
    String spelled(Expression reference, Address origin, Edit.Place place, String grid) {
        Address first = place.area().first();
        if (reference instanceof CellReference cell) {
            return prefix(cell.grid(), place.grid(), grid)
                    + column(cell.column(), first.column())
                    + row(cell.row(), first.row());
        }
        RangeReference range = (RangeReference) reference;
        Address last = place.area().last();
        boolean leftward =
                range.firstColumn().from(origin.column()) > range.lastColumn().from(origin.column());
        boolean upward = range.firstRow().from(origin.row()) > range.lastRow().from(origin.row());
        String firstColumn = column(range.firstColumn(), leftward ? last.column() : first.column());
        String lastColumn = column(range.lastColumn(), leftward ? first.column() : last.column());
        String firstRow = row(range.firstRow(), upward ? last.row() : first.row());
        String lastRow = row(range.lastRow(), upward ? first.row() : last.row());
        return prefix(range.grid(), place.grid(), grid)
                + switch (range.extent()) {
                    case CELLS -> firstColumn + firstRow + ":" + lastColumn + lastRow;
                    case COLUMNS -> firstColumn + ":" + lastColumn;
                    case ROWS -> firstRow + ":" + lastRow;
                };
    }

    private String prefix(Optional<String> typed, String meant, String own) {
        return typed.isEmpty() && meant.equals(own)
                ? ""
                : Printer.quotedGrid(outline.grid(meant).orElseThrow().title()) + ".";
    }

    private static String column(Coordinate typed, int column) {
        return (typed.fixed() ? "$" : "") + Address.letters(column);
    }

    private static String row(Coordinate typed, int row) {
        return (typed.fixed() ? "$" : "") + (row + 1);
    }
}
