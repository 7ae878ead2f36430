/**
 * The dependency graph of a worksheet, recalculation of what an edit affects in topological order, and the list of changes.
 *
 * <p>May use {@code sheet} and {@code evaluate}. Start at {@link app.logismos.recalculate.LiveWorksheet}.
 */
@NullMarked
package app.logismos.recalculate;

import org.jspecify.annotations.NullMarked;
