package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Cell;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Looks for a text in entries and in what cells show.
 *
 * @param matchCase whether capitals are told from small letters
 */
public record Find(String text, boolean matchCase) {
    /** A longer list is not read. */
    public static final int MOST = 500;

    /** A cell that has the text. */
    public record Found(String grid, Address cell, String entry, String shown) {}

    /** The cells that have it, in the order of the page; {@link #MOST} at the most. */
    public List<Found> in(LiveWorksheet live) {
        List<Found> found = new ArrayList<>();
        if (text.isEmpty()) {
            return found;
        }
        live.worksheet()
                .outline()
                .grids()
                .forEach(grid -> live.worksheet()
                        .cells(grid.id())
                        .forEach((column, row, cell) -> look(grid.id(), new Address(column, row), cell, live, found)));
        return found;
    }

    private void look(String grid, Address at, Cell cell, LiveWorksheet live, List<Found> found) {
        if (found.size() >= MOST) {
            return;
        }
        String shown = live.display(grid, at).text(live.value(grid, at));
        String entry = cell.text(at);
        if (has(entry) || has(shown)) {
            found.add(new Found(grid, at, live.display().write(entry), shown));
        }
    }

    private boolean has(String other) {
        return matchCase
                ? other.contains(text)
                : other.toLowerCase(Locale.ROOT).contains(text.toLowerCase(Locale.ROOT));
    }
}
