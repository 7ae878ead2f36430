package app.logismos.chart;

/**
 * What a chart shows, and the scales that its axes would have over other ranges: while an input runs they cover all that
 * it shows.
 */
record Reading(ChartData data, Spanning across, Spanning up, Spanning right, Spanning height) {
    /** A scale of the same kind with the same labels. */
    interface Spanning {
        Scale over(double least, double most);
    }
}
