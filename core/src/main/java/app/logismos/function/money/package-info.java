/**
 * Money over time, loans, securities. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.money.LoanFunctions}.
 */
@NullMarked
package app.logismos.function.money;

import org.jspecify.annotations.NullMarked;
