/**
 * The catalogue of functions. A function is one declaration; the parser's completion, the guide, the examples and their
 * tests all come from it.
 *
 * <p>May use {@code value}. Start at {@link app.logismos.function.Catalogue}; to add a function, declare it in the file
 * of its category.
 */
@NullMarked
package app.logismos.function;

import org.jspecify.annotations.NullMarked;
