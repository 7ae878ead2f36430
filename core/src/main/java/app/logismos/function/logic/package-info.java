/**
 * Conditions, and what kind a value is of. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.logic.LogicFunctions}.
 */
@NullMarked
package app.logismos.function.logic;

import org.jspecify.annotations.NullMarked;
