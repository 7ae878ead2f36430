package app.logismos.chart;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * Leaves out points that a screen cannot tell apart, and keeps every peak: of the points in one column of pixels the first,
 * the last, the lowest and the highest stay (U. Jugel et al., M4: a visualization-oriented time series data aggregation,
 * PVLDB 7(10), 2014, doi:10.14778/2732951.2732953). The line drawn through them is the same.
 */
final class Reduction {
    private Reduction() {}

    /**
     * The places of the points to keep, in their order.
     *
     * @param x upwards from point to point
     * @param y not a number for a gap; gaps are kept
     * @param columns of pixels, 1 or more
     */
    static int[] line(double[] x, double[] y, int columns) {
        if (x.length <= 4 * columns) {
            return all(x.length);
        }
        double from = x[0];
        double width = x[x.length - 1] - from;
        List<Integer> kept = new ArrayList<>();
        int start = 0;
        for (int column = 0; column < columns && start < x.length; column++) {
            double end = from + width * (column + 1) / columns;
            int stop = start;
            while (stop < x.length && (x[stop] <= end || column == columns - 1)) {
                stop++;
            }
            keep(y, start, stop, kept);
            start = stop;
        }
        return kept.stream().mapToInt(Integer::intValue).toArray();
    }

    private static void keep(double[] y, int start, int stop, List<Integer> kept) {
        if (stop == start) {
            return;
        }
        BitSet places = new BitSet(stop - start); // counted from the start
        places.set(0);
        places.set(stop - 1 - start);
        int lowest = start;
        int highest = start;
        for (int i = start; i < stop; i++) {
            if (Double.isNaN(y[i]) && (i == start || !Double.isNaN(y[i - 1]))) {
                places.set(i - start);
            }
            lowest = Double.isNaN(y[lowest]) || y[i] < y[lowest] ? i : lowest;
            highest = Double.isNaN(y[highest]) || y[i] > y[highest] ? i : highest;
        }
        places.set(lowest - start);
        places.set(highest - start);
        places.stream().forEach(place -> kept.add(start + place));
    }

    /**
     * The places of the points to keep of a cloud: one for each field of a few pixels, larger until there are few enough.
     *
     * @param most how many points are few enough
     */
    static int[] cloud(double[] x, double[] y, int most) {
        if (x.length <= most) {
            return all(x.length);
        }
        double[] across = range(x);
        double[] up = range(y);
        for (int fields = 1024; ; fields /= 2) {
            BitSet taken = new BitSet(fields * fields);
            List<Integer> kept = new ArrayList<>();
            for (int i = 0; i < x.length && kept.size() <= most; i++) {
                if (Double.isFinite(y[i])) {
                    int field = field(x[i], across, fields) * fields + field(y[i], up, fields);
                    if (!taken.get(field)) {
                        taken.set(field);
                        kept.add(i);
                    }
                }
            }
            if (kept.size() <= most || fields == 1) {
                return withExtremes(y, kept);
            }
        }
    }

    /**
     * The places of the points to keep of a line that goes any way: in their order, with its gaps. A point that is as far
     * as a field of the picture from the last kept one stays, fields growing until there are few enough.
     *
     * @param most how many points are few enough
     */
    static int[] path(double[] x, double[] y, int most) {
        if (x.length <= most) {
            return all(x.length);
        }
        double[] across = range(x);
        double[] up = range(y);
        for (int fields = 4_096; ; fields /= 2) {
            List<Integer> kept = new ArrayList<>();
            int last = -1;
            boolean isPending = false;
            for (int i = 0; i < x.length; i++) {
                if (!Double.isFinite(x[i]) || !Double.isFinite(y[i])) {
                    if (last >= 0 && isPending) {
                        kept.add(i - 1); // the line reaches to the gap
                    }
                    if (last >= 0 || kept.isEmpty()) {
                        kept.add(i);
                    }
                    last = -1;
                    isPending = false;
                    continue;
                }
                int field = field(x[i], across, fields) * fields + field(y[i], up, fields);
                isPending = field == last;
                if (!isPending) {
                    kept.add(i);
                    last = field;
                }
            }
            if (isPending) {
                kept.add(x.length - 1);
            }
            if (kept.size() <= most || fields <= 64) {
                return kept.stream().mapToInt(Integer::intValue).toArray();
            }
        }
    }

    private static int[] withExtremes(double[] y, List<Integer> kept) {
        List<Integer> extremes = new ArrayList<>();
        keep(y, 0, y.length, extremes);
        BitSet places = new BitSet();
        kept.forEach(places::set);
        extremes.stream().filter(i -> Double.isFinite(y[i])).forEach(places::set);
        return places.stream().toArray();
    }

    private static int field(double value, double[] range, int fields) {
        return (int) Math.min(fields - 1, (value - range[0]) / (range[1] - range[0]) * fields);
    }

    private static double[] range(double[] values) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double value : values) {
            if (Double.isFinite(value)) {
                least = Math.min(least, value);
                most = Math.max(most, value);
            }
        }
        return new double[] {least, most > least ? most : least + 1};
    }

    private static int[] all(int count) {
        int[] places = new int[count];
        for (int i = 0; i < count; i++) {
            places[i] = i;
        }
        return places;
    }
}
