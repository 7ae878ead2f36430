/**
 * Worksheets: sections with grids, charts and notes, the entries in the grids, names, and edits as values with inverses.
 *
 * <p>May use {@code formula}. Start at {@link app.logismos.sheet.Worksheet} and {@link app.logismos.sheet.Edit}. What the
 * cells are worth is not kept here but in {@code recalculate}.
 */
@NullMarked
package app.logismos.sheet;

import org.jspecify.annotations.NullMarked;
