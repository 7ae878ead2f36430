/**
 * Expressions with letters in canonical form, polynomials over the rationals, and what is done with them: expanding,
 * factoring, cancelling, differentiating. Start at {@link app.logismos.algebra.Form}.
 */
@NullMarked
package app.logismos.algebra;

import org.jspecify.annotations.NullMarked;
