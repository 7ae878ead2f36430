/**
 * The value of an expression in a scope, the steps that lead to it, hints, and bounds on time and size.
 *
 * <p>May use {@code formula}, {@code function} and {@code display}. Start at {@link app.logismos.evaluate.Calculator} for
 * a single calculation and at {@link app.logismos.evaluate.Evaluator} for the value of a tree.
 */
@NullMarked
package app.logismos.evaluate;

import org.jspecify.annotations.NullMarked;
