/**
 * Real numbers: exact integers and fractions of any size, exact multiples of π, and doubles for the rest.
 *
 * <p>Uses nothing but the JDK and the double-double numbers of Apache Commons Numbers. Start at {@link app.logismos.number.Real}, the numbers, and
 * {@link app.logismos.number.Result}, what an operation on them answers.
 */
@NullMarked
package app.logismos.number;

import org.jspecify.annotations.NullMarked;
