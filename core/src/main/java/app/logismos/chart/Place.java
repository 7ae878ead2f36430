package app.logismos.chart;

/** A place on a chart, in the numbers of its axes. */
public record Place(double across, double up) {}
