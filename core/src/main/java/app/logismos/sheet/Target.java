package app.logismos.sheet;

import app.logismos.formula.Area;

/**
 * The cells that a name stands for.
 *
 * @param name as it was defined
 * @param grid the id of the grid
 */
public record Target(String name, String grid, Area area) {}
