/**
 * Complex numbers: their parts, and what documents have beside the operators. Uses the declarations and arguments of
 * {@code function}.
 *
 * <p>Start at {@link app.logismos.function.complex.ComplexNumberFunctions}.
 */
@NullMarked
package app.logismos.function.complex;

import org.jspecify.annotations.NullMarked;
