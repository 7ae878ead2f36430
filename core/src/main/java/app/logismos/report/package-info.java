/**
 * What is told of a worksheet and does not change it: what a change did, and what an entry would be while it is written.
 *
 * <p>Start at {@link app.logismos.report.Echo} and {@link app.logismos.report.Preview}.
 */
@NullMarked
package app.logismos.report;

import org.jspecify.annotations.NullMarked;
