/**
 * Who depends on whom, what to recalculate after an edit and in which order, and what followed from it.
 *
 * <p>May use {@code sheet} and {@code evaluate}. Start at {@link app.logismos.recalculate.LiveWorksheet}.
 */
@NullMarked
package app.logismos.recalculate;

import org.jspecify.annotations.NullMarked;
