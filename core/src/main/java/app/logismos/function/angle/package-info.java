/**
 * Angles, their functions and the hyperbolic ones. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.angle.AngleFunctions}.
 */
@NullMarked
package app.logismos.function.angle;

import org.jspecify.annotations.NullMarked;
