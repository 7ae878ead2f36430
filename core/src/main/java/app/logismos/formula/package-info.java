/**
 * From what a person typed to an expression tree whose every node knows its characters, and back to text and LaTeX.
 *
 * <p>May use {@code value}. Start at {@link app.logismos.formula.EntryReader} for cells and at {@link
 * app.logismos.formula.Parser} for expressions.
 */
@NullMarked
package app.logismos.formula;

import org.jspecify.annotations.NullMarked;
