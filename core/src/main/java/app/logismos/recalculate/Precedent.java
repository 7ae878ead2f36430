package app.logismos.recalculate;

import app.logismos.formula.Area;

/**
 * Cells that a formula refers to.
 *
 * @param grid the number of their grid
 */
record Precedent(int grid, Area area) {
    boolean isSingle() {
        return area.first().equals(area.last());
    }
}
