/**
 * Statistics, regression, tests, distributions, special functions. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.statistics.StatisticsFunctions}.
 */
@NullMarked
package app.logismos.function.statistics;

import org.jspecify.annotations.NullMarked;
