/**
 * Arithmetic, rounding, whole numbers, bits, sums over a range. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.arithmetic.ArithmeticFunctions}.
 */
@NullMarked
package app.logismos.function.arithmetic;

import org.jspecify.annotations.NullMarked;
