package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import java.util.stream.IntStream;

/** How far cells are continued where no end was given: as far as the column beside them is filled. */
final class Reach {
    private final Act.GoOn act;
    private final LiveWorksheet live;
    private final boolean isDown;
    private final int length;
    private final int width;

    private Reach(Act.GoOn act, LiveWorksheet live) {
        this.act = act;
        this.live = live;
        this.isDown = act.axis() == Axis.ROWS;
        this.length = isDown ? act.area().rows() : act.area().columns();
        this.width = isDown ? act.area().columns() : act.area().rows();
    }

    /** The continuation that is meant. */
    static Act.Continue of(Act.GoOn act, LiveWorksheet live) {
        return new Reach(act, live).found();
    }

    private Act.Continue found() {
        Room.check(act.area().size());
        int filled = 0;
        while (filled < length && isLineFilled(filled)) {
            filled++;
        }
        if (filled == 0) {
            throw new EditRefused("Select the cells to start from: a formula, or values that show a pattern.");
        }
        int end = filled < length ? length : Math.max(length + 1, alongNeighbours());
        return new Act.Continue(act.grid(), through(filled), through(end));
    }

    /** How far the line before the area is filled, as long as nothing stands in the way. */
    private int alongNeighbours() {
        int reach = length;
        while (isInside(reach) && isFilled(reach, -1) && !isLineFilled(reach)) {
            reach++;
        }
        return reach;
    }

    private boolean isInside(int along) {
        return isDown
                ? act.area().first().row() + along < Address.ROWS
                : act.area().first().column() + along < Address.COLUMNS;
    }

    private boolean isLineFilled(int along) {
        return IntStream.range(0, width).anyMatch(line -> isFilled(along, line));
    }

    private boolean isFilled(int along, int line) {
        int column = act.area().first().column() + (isDown ? line : along);
        int row = act.area().first().row() + (isDown ? along : line);
        return Address.isInside(column, row)
                && live.worksheet().cell(act.grid(), new Address(column, row)).isPresent();
    }

    private Area through(int lines) {
        Address first = act.area().first();
        Address last = act.area().last();
        int column = isDown ? last.column() : first.column() + lines - 1;
        int row = isDown ? first.row() + lines - 1 : last.row();
        if (!Address.isInside(column, row)) {
            throw new EditRefused("There is no room beyond the edge of the grid.");
        }
        return new Area(first, new Address(column, row));
    }
}
