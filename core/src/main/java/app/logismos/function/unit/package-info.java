/**
 * Units of quantities. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.unit.UnitFunctions}.
 */
@NullMarked
package app.logismos.function.unit;

import org.jspecify.annotations.NullMarked;
