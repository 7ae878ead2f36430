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
     * The indexes of the points to keep, in their order.
     *
     * @param at how far along the axis, upwards from point to point; what is before 0 or after 1 is out of sight
     * @param y not a number for a gap; gaps are kept
     * @param columns of pixels from 0 to 1, 1 or more
     */
    static int[] line(double[] at, double[] y, int columns) {
        if (at.length <= 4 * columns) {
            return all(at.length);
        }
        List<Integer> kept = new ArrayList<>();
        int start = 0;
        while (start < at.length) {
            int column = column(at[start], columns);
            int stop = start + 1;
            while (stop < at.length && column(at[stop], columns) == column) {
                stop++;
            }
            keep(y, start, stop, kept);
            start = stop;
        }
        return kept.stream().mapToInt(Integer::intValue).toArray();
    }

    /** The column of pixels, −1 before the first, as many as there are after the last. */
    private static int column(double at, int columns) {
        return at < 0 ? -1 : at > 1 ? columns : Math.min(columns - 1, (int) (at * columns));
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
     * The indexes of the points to keep of a cloud: one for each field of a few pixels, larger until there are few
     * enough.
     *
     * @param at how far along the axis, as {@code height}
     * @param most how many points are few enough
     */
    static int[] cloud(double[] at, double[] height, int most) {
        if (at.length <= most) {
            return all(at.length);
        }
        for (int fields = 1024; ; fields /= 2) {
            BitSet taken = new BitSet(fields * fields);
            List<Integer> kept = new ArrayList<>();
            for (int i = 0; i < at.length && kept.size() <= most; i++) {
                if (Double.isFinite(height[i])) {
                    int field = field(at[i], fields) * fields + field(height[i], fields);
                    if (!taken.get(field)) {
                        taken.set(field);
                        kept.add(i);
                    }
                }
            }
            if (kept.size() <= most || fields == 1) {
                return withExtremes(height, kept);
            }
        }
    }

    /**
     * The indexes of the points to keep of a line that goes any way: in their order, with its gaps. A point that is as
     * far as a field of the picture from the last kept one stays, fields growing until there are few enough.
     *
     * @param at how far along the axis, as {@code height}
     * @param most how many points are few enough
     */
    static int[] path(double[] at, double[] height, int most) {
        if (at.length <= most) {
            return all(at.length);
        }
        for (int fields = 4_096; ; fields /= 2) {
            List<Integer> kept = new ArrayList<>();
            int last = -1;
            boolean isPending = false;
            for (int i = 0; i < at.length; i++) {
                if (!Double.isFinite(at[i]) || !Double.isFinite(height[i])) {
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
                int field = field(at[i], fields) * fields + field(height[i], fields);
                isPending = field == last;
                if (!isPending) {
                    kept.add(i);
                    last = field;
                }
            }
            if (isPending) {
                kept.add(at.length - 1);
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

    /** What is out of sight counts to the fields along the edge. */
    private static int field(double at, int fields) {
        return (int) Math.max(0, Math.min(fields - 1, at * fields));
    }

    private static int[] all(int count) {
        int[] places = new int[count];
        for (int i = 0; i < count; i++) {
            places[i] = i;
        }
        return places;
    }
}
