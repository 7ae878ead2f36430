/** Expressions with letters: derivatives, multiplying out, factors. */
@NullMarked
package app.logismos.function.algebra;

import org.jspecify.annotations.NullMarked;
