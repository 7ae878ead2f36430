/**
 * Units of measurement: their dimensions, their factors and how they multiply.
 *
 * <p>May use {@code number}. Start at {@link app.logismos.unit.Unit}.
 */
@NullMarked
package app.logismos.unit;

import org.jspecify.annotations.NullMarked;
