package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Edit;
import app.logismos.value.Value;

/**
 * A cell that an edit changed.
 *
 * @param grid the id of its grid
 * @param entered whether the edit typed into it, rather than changing what it depends on
 */
public record CellChange(String grid, Address cell, Value before, Value after, boolean entered) {
    Edit.Place place() {
        return new Edit.Place(grid, new Area(cell, cell));
    }

    /** Both changes of the same cell as one. */
    CellChange and(CellChange later) {
        return new CellChange(grid, cell, before, later.after, entered || later.entered);
    }

    CellChange asEntered() {
        return new CellChange(grid, cell, before, after, true);
    }
}
