package app.logismos.chart;

import app.logismos.sheet.Chart;
import java.util.stream.IntStream;

/**
 * Selects the points that are sent to the page: those in the visible range and their neighbours on a line, reduced to what a
 * screen can tell apart along the axes as drawn, logarithmic ones included.
 *
 * @param across the part of the axis that is seen, as {@code up}
 */
record Thinning(View view, Scale across, Scale up) {
    /**
     * The points that are drawn.
     *
     * @param seen how many are in sight
     * @param kept the places of those that are drawn
     */
    record Kept(int seen, int[] kept) {}

    Kept of(Chart.Shape shape, double[] x, double[] y) {
        int[] seen = seen(shape, x, y);
        double[] at = IntStream.of(seen).mapToDouble(i -> across.position(x[i])).toArray();
        double[] height = IntStream.of(seen).mapToDouble(i -> up.position(y[i])).toArray();
        int[] kept = shape == Chart.Shape.POINTS
                ? Reduction.cloud(at, height, view.markers())
                : isUpwards(x)
                        ? Reduction.line(at, height, view.columns())
                        : Reduction.path(at, height, view.markers());
        return new Kept(seen.length, IntStream.of(kept).map(i -> seen[i]).toArray());
    }

    /** The points in sight; of what is joined also those whose line to the next or from the one before is. */
    private int[] seen(Chart.Shape shape, double[] x, double[] y) {
        IntStream all = IntStream.range(0, x.length);
        if (view.across().isEmpty() && view.up().isEmpty()) {
            return all.toArray();
        }
        return all.filter(i -> shape == Chart.Shape.POINTS
                        ? isIn(x[i], x[i], across) && isIn(y[i], y[i], up)
                        : isIn(x[Math.max(0, i - 1)], x[i], across)
                                || isIn(x[i], x[Math.min(x.length - 1, i + 1)], across))
                .toArray();
    }

    /** Whether what goes from one place to another has some of the part in it. A gap is kept. */
    private static boolean isIn(double from, double to, Scale part) {
        return !(from < part.least() && to < part.least() || from > part.most() && to > part.most());
    }

    private static boolean isUpwards(double[] x) {
        for (int i = 1; i < x.length; i++) {
            if (!(x[i] >= x[i - 1])) {
                return false;
            }
        }
        return true;
    }
}
