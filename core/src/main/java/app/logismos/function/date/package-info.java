/**
 * Dates, times and durations. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.date.DateFunctions}.
 */
@NullMarked
package app.logismos.function.date;

import org.jspecify.annotations.NullMarked;
