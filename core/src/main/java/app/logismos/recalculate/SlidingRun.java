package app.logismos.recalculate;

import app.logismos.formula.Area;

/**
 * Cells that a formula was continued over, whose ranges have moved along.
 *
 * @param cells below each other
 * @param first the entry of the first with its ranges fixed
 */
public record SlidingRun(Area cells, String first) {}
