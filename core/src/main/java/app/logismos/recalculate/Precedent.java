package app.logismos.recalculate;

import app.logismos.formula.Area;

/**
 * Cells that a formula refers to.
 *
 * @param grid the number of their grid
 */
record Precedent(int grid, Area area) {
    /** The same cells, wherever they are referred to from. */
    Plan.Block fixed() {
        return new Plan.Block(
                grid,
                Links.fixed(area.first().column()),
                Links.fixed(area.first().row()),
                Links.fixed(area.last().column()),
                Links.fixed(area.last().row()));
    }

    boolean isSingle() {
        return area.first().equals(area.last());
    }
}
