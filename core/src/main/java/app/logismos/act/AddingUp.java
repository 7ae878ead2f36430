package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Writes sums of the numbers that stand next to empty cells: the unbroken line of them above, or to the left. */
final class AddingUp {
    /** At most this many sums are written at once; also the greatest distance of the first number. */
    private static final int MOST = 1_000;

    private final Act.AddUp act;
    private final LiveWorksheet live;
    private final int headings;

    private AddingUp(Act.AddUp act, LiveWorksheet live) {
        this.act = act;
        this.live = live;
        this.headings = live.grid(act.grid())
                .map(Block.Grid::headings)
                .orElseThrow(() -> new EditRefused("There is no grid " + act.grid() + "."));
    }

    static Edit edit(Act.AddUp act, LiveWorksheet live) {
        return new AddingUp(act, live).sums();
    }

    private Edit sums() {
        List<Axis> axes = axes();
        List<Edit.Typed> sums = new ArrayList<>();
        for (int row = act.area().first().row(); row <= act.area().last().row(); row++) {
            for (int column = act.area().first().column();
                    column <= act.area().last().column();
                    column++) {
                sums.add(sum(new Address(column, row), axes));
            }
        }
        return new Edit.Enter(act.grid(), sums);
    }

    /**
     * Sums stand in one row, below their numbers, or in one column, to the right of them, so that no sum includes
     * another.
     */
    private List<Axis> axes() {
        int rows = act.area().rows();
        int columns = act.area().columns();
        List<Axis> axes = Stream.of(Axis.ROWS, Axis.COLUMNS)
                .filter(axis -> act.axis().isEmpty() || act.axis().get() == axis)
                .filter(axis -> axis == Axis.ROWS ? rows == 1 : columns == 1)
                .toList();
        if (axes.isEmpty() || Math.max(rows, columns) > MOST) {
            throw new EditRefused(
                    "Select empty cells of one row to add up what stands above, of one column to add up what"
                            + " stands to the left, " + MOST + " at the most.");
        }
        return axes;
    }

    private Edit.Typed sum(Address cell, List<Axis> axes) {
        if (live.worksheet().cell(act.grid(), cell).isPresent() || live.value(act.grid(), cell) != Blank.BLANK) {
            throw new EditRefused("`" + cell + "` is not empty. Select an empty cell for the sum.");
        }
        return axes.stream()
                .flatMap(axis -> beside(cell, axis).stream())
                .findFirst()
                .map(area -> new Edit.Typed(cell, "=sum(" + area + ")"))
                .orElseThrow(() -> new EditRefused("There is no number " + where(axes) + " `" + cell + "` to add up."));
    }

    private static String where(List<Axis> axes) {
        return axes.size() == 2 ? "above or to the left of" : axes.get(0) == Axis.ROWS ? "above" : "to the left of";
    }

    /** The numbers before a cell, with nothing between them; empty cells may lie between them and the cell. */
    private Optional<Area> beside(Address cell, Axis axis) {
        int distance = 1;
        while (distance < MOST && isInside(cell, axis, distance) && value(cell, axis, distance) == Blank.BLANK) {
            distance++;
        }
        int furthest = distance;
        while (isInside(cell, axis, furthest) && isAdded(value(cell, axis, furthest))) {
            furthest++;
        }
        return furthest == distance
                ? Optional.empty()
                : Optional.of(Area.between(before(cell, axis, furthest - 1), before(cell, axis, distance)));
    }

    private static boolean isAdded(Value value) {
        return value instanceof NumberValue || value instanceof Quantity;
    }

    /** Headings are not added, even if they are numbers, as years are. */
    private boolean isInside(Address cell, Axis axis, int distance) {
        return axis == Axis.ROWS ? cell.row() - distance >= headings : cell.column() >= distance;
    }

    private Value value(Address cell, Axis axis, int distance) {
        return live.value(act.grid(), before(cell, axis, distance));
    }

    private static Address before(Address cell, Axis axis, int distance) {
        return axis == Axis.ROWS
                ? new Address(cell.column(), cell.row() - distance)
                : new Address(cell.column() - distance, cell.row());
    }
}
