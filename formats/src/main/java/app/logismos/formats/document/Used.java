package app.logismos.formats.document;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import java.util.Locale;
import java.util.Optional;

/** The part of a grid that a table holds: from A1 to the last row and the last column in which something stands. */
public final class Used {
    /** A table has every cell of it, also the empty ones, and no more of them than this. */
    private static final long MOST_CELLS = 2_000_000;

    private Used() {}

    /**
     * The part; nothing where the grid is empty.
     *
     * @throws Unwritable where it is too large, as that of a single cell far out
     */
    public static Optional<Area> of(LiveWorksheet live, Block.Grid grid) {
        int[] last = {-1, -1};
        live.worksheet().cells(grid.id()).forEach((column, row, cell) -> include(column, row, last));
        live.laidOut(grid.id()).forEach(at -> include(at.column(), at.row(), last));
        if (last[0] < 0) {
            return Optional.empty();
        }
        Address end = new Address(last[0], last[1]);
        long cells = (last[0] + 1L) * (last[1] + 1L);
        if (cells > MOST_CELLS) {
            throw new Unwritable(String.format(
                    Locale.ENGLISH,
                    "The grid `%s` reaches to %s, which is a table of %,d cells; %,d are the most. JSON holds it.",
                    grid.title(),
                    end,
                    cells,
                    MOST_CELLS));
        }
        return Optional.of(new Area(Address.FIRST, end));
    }

    private static void include(int column, int row, int[] last) {
        last[0] = Math.max(last[0], column);
        last[1] = Math.max(last[1], row);
    }
}
