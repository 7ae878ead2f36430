package app.logismos.chart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * How many values lie between equal steps. A value on an edge is counted above it; the last bin has both its edges.
 *
 * @param edges upwards with their units, one more than there are bins
 * @param counts for each list of values how many are in each bin
 */
public record Bins(List<Scale.Tick> edges, List<List<Integer>> counts) {
    private static final int MOST = 60;

    public Bins {
        edges = List.copyOf(edges);
        counts = List.copyOf(counts);
    }

    /**
     * Bins as wide as D. Freedman and P. Diaconis advise (On the histogram as a density estimator, 1981): twice the
     * distance of the quartiles over the cube root of the count, made round. Where the quartiles meet, as many as H.
     * Sturges advises (1926).
     *
     * @param lists finite values; one list at least has some
     * @param measure of the values: bins of times and dates have their edges on the clock and calendar
     * @param told an edge in words
     */
    static Bins of(List<double[]> lists, Measure measure, DoubleFunction<String> told) {
        double[] all = lists.stream().flatMapToDouble(Arrays::stream).sorted().toArray();
        double least = all[0];
        double most = all[all.length - 1];
        double middle = Boxes.quartile(all, 3) - Boxes.quartile(all, 1);
        double wanted = middle > 0
                ? 2 * middle / Math.cbrt(all.length)
                : (most - least) / (1 + Math.log(all.length) / Math.log(2));
        double width = Math.max(wanted, measure.finest());
        double bins = width > 0 ? Math.min(MOST, Math.max(1, (most - least) / width)) : 1;
        List<Double> edges = measure.stepping(least, most, bins).ticks().stream()
                .map(Scale.Tick::at)
                .toList();
        return new Bins(
                edges.stream().map(at -> new Scale.Tick(at, told.apply(at))).toList(),
                lists.stream().map(values -> counts(values, edges)).toList());
    }

    private static List<Integer> counts(double[] values, List<Double> edges) {
        int[] counts = new int[edges.size() - 1];
        for (double value : values) {
            int at = java.util.Collections.binarySearch(edges, value);
            counts[Math.max(0, Math.min(at >= 0 ? at : -at - 2, counts.length - 1))]++;
        }
        List<Integer> list = new ArrayList<>();
        Arrays.stream(counts).forEach(list::add);
        return list;
    }
}
