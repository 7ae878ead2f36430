/**
 * Texts, and numbers written as texts. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.text.TextFunctions}.
 */
@NullMarked
package app.logismos.function.text;

import org.jspecify.annotations.NullMarked;
