/**
 * What a chart shows, worked out from the worksheet: series, scales and ticks. Nothing here draws.
 *
 * <p>May use {@code sheet}, {@code recalculate} and {@code evaluate}. Start at {@link app.logismos.chart.ChartData}.
 */
@NullMarked
package app.logismos.chart;

import org.jspecify.annotations.NullMarked;
