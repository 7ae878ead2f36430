package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.NumbersBefore;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Blank;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Writes sums of the numbers that stand next to empty cells: the unbroken line of them above, or to the left. */
final class AddingUp {
    /** At most this many sums are written at once. */
    private static final int MOST = 1_000;

    private final Act.AddUp act;
    private final LiveWorksheet live;

    private AddingUp(Act.AddUp act, LiveWorksheet live) {
        this.act = act;
        this.live = live;
        live.grid(act.grid()).orElseThrow(() -> new EditRefused("There is no grid " + act.grid() + "."));
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
                .flatMap(axis -> NumbersBefore.of(live, act.grid(), cell, axis).stream())
                .findFirst()
                .map(area -> new Edit.Typed(cell, "=sum(" + area + ")"))
                .orElseThrow(() -> new EditRefused("There is no number " + where(axes) + " `" + cell + "` to add up."));
    }

    private static String where(List<Axis> axes) {
        return axes.size() == 2 ? "above or to the left of" : axes.get(0) == Axis.ROWS ? "above" : "to the left of";
    }
}
