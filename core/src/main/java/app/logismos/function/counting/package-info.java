/**
 * Arrangements and choices. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.counting.CountingFunctions}.
 */
@NullMarked
package app.logismos.function.counting;

import org.jspecify.annotations.NullMarked;
