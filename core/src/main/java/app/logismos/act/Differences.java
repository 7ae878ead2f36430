package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.Echo;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** The cells in which two states of a worksheet differ, by what they show or by their entry. */
public final class Differences {
    private Differences() {}

    /**
     * A cell.
     *
     * @param before what it showed, and its entry where that tells more
     * @param isGone whether its grid is no longer there
     */
    public record Line(String grid, Address cell, String called, String before, String after, boolean isGone) {}

    /** All of them, in the order of the page. */
    public static List<Line> between(LiveWorksheet then, LiveWorksheet now) {
        List<Line> lines = new ArrayList<>();
        Set<String> grids = new LinkedHashSet<>();
        Stream.of(now, then).flatMap(live -> live.worksheet().outline().grids()).forEach(grid -> grids.add(grid.id()));
        for (String grid : grids) {
            Set<Address> cells = new LinkedHashSet<>();
            Stream.of(now, then)
                    .forEach(live -> live.worksheet()
                            .cells(grid)
                            .forEach((column, row, cell) -> cells.add(new Address(column, row))));
            for (Address cell : cells) {
                String before = shown(grid, cell, then);
                String after = shown(grid, cell, now);
                boolean isSame = before.equals(after) && entry(grid, cell, then).equals(entry(grid, cell, now));
                if (!isSame) {
                    boolean isGone = now.grid(grid).isEmpty();
                    boolean sayEntry = before.equals(after);
                    lines.add(new Line(
                            grid,
                            cell,
                            Echo.called(grid, cell, isGone ? then : now),
                            sayEntry ? entry(grid, cell, then) : before,
                            sayEntry ? entry(grid, cell, now) : after,
                            isGone));
                }
            }
        }
        return lines;
    }

    private static String shown(String grid, Address cell, LiveWorksheet live) {
        return live.grid(grid).isEmpty() ? "" : live.display(grid, cell).text(live.value(grid, cell));
    }

    private static String entry(String grid, Address cell, LiveWorksheet live) {
        return live.grid(grid).isEmpty() ? "" : live.worksheet().textIn(grid, cell);
    }
}
