package app.logismos.report;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.Optional;

/** The numbers above a cell or to the left of it, which a sum there adds up. */
public final class NumbersBefore {
    /** Numbers that begin further away are not looked for, and so many are taken at the most. */
    public static final int MOST = 1_000;

    private final LiveWorksheet live;
    private final String grid;
    private final Address cell;
    private final Axis axis;
    private final int headings;

    private NumbersBefore(LiveWorksheet live, String grid, Address cell, Axis axis) {
        this.live = live;
        this.grid = grid;
        this.cell = cell;
        this.axis = axis;
        this.headings = live.grid(grid).map(Block.Grid::headings).orElse(0);
    }

    /**
     * The unbroken line of numbers before a cell; empty cells may lie between it and the cell.
     *
     * @param axis {@code ROWS} for those above, {@code COLUMNS} for those to the left
     */
    public static Optional<Area> of(LiveWorksheet live, String grid, Address cell, Axis axis) {
        return new NumbersBefore(live, grid, cell, axis).area();
    }

    private Optional<Area> area() {
        int distance = 1;
        while (distance < MOST && isInside(distance) && value(distance) == Blank.BLANK) {
            distance++;
        }
        int furthest = distance;
        while (furthest - distance < MOST && isInside(furthest) && isAdded(value(furthest))) {
            furthest++;
        }
        return furthest == distance
                ? Optional.empty()
                : Optional.of(Area.between(before(furthest - 1), before(distance)));
    }

    private static boolean isAdded(Value value) {
        return value instanceof NumberValue || value instanceof Quantity;
    }

    /** Headings are not added, even if they are numbers, as years are. */
    private boolean isInside(int distance) {
        return axis == Axis.ROWS ? cell.row() - distance >= headings : cell.column() >= distance;
    }

    private Value value(int distance) {
        return live.value(grid, before(distance));
    }

    private Address before(int distance) {
        return axis == Axis.ROWS
                ? new Address(cell.column(), cell.row() - distance)
                : new Address(cell.column() - distance, cell.row());
    }
}
