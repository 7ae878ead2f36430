/**
 * What a declaration of a function says, and the arguments of a call. The declarations are in packages by category; the
 * parser's completion, the guide, the examples and their tests all come from them.
 *
 * <p>Start at {@link app.logismos.function.Function}; to add a function, declare it in the file of its category.
 */
@NullMarked
package app.logismos.function;

import org.jspecify.annotations.NullMarked;
