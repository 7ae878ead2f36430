/**
 * What a cell can hold: numbers, texts, truth values, tables, and failures with their cause.
 *
 * <p>May use {@code number}. Start at {@link app.logismos.value.Value}; what went wrong is {@link
 * app.logismos.value.Failure}.
 */
@NullMarked
package app.logismos.value;

import org.jspecify.annotations.NullMarked;
