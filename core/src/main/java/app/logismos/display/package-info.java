/**
 * How values look: number styles and typeset forms. A style never changes a value.
 *
 * <p>May use {@code value}. Start at {@link app.logismos.display.NumberStyle}; a style is one class.
 */
@NullMarked
package app.logismos.display;

import org.jspecify.annotations.NullMarked;
