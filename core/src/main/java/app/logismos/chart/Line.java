package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The points of one series before any is left out.
 *
 * @param name its own or its heading; empty where it has neither
 * @param unit of its heights; empty where they have none
 * @param measure of its heights; nothing where there is none
 * @param x places across
 * @param y not a number for a gap
 * @param errors half lengths of error bars; empty where there are none
 * @param across the values at {@code x}; empty where they were worked out
 * @param up the values at {@code y}; empty where they were worked out
 * @param cells where the values are from
 * @param hasPole whether it goes out of sight somewhere
 */
record Line(
        String name,
        String unit,
        Optional<Measure> measure,
        double[] x,
        double[] y,
        double[] errors,
        List<Value> across,
        List<Value> up,
        List<Address> cells,
        boolean hasPole) {
    /** The same in another unit, or as it is if it has no other. */
    Line in(Measure other) {
        Measure own = measure.orElseThrow();
        if (own.equals(other)) {
            return this;
        }
        double[] places = IntStream.range(0, y.length)
                .mapToDouble(i -> i < up.size() ? other.place(up.get(i)) : place(y[i], own, other))
                .toArray();
        // As long as a difference is there.
        double[] halves = IntStream.range(0, errors.length)
                .mapToDouble(
                        i -> i < y.length ? place(y[i] + errors[i], own, other) - place(y[i], own, other) : Double.NaN)
                .toArray();
        return new Line(
                name,
                other.unit().isEmpty() ? unit : other.unit(),
                Optional.of(other),
                x,
                places,
                halves,
                across,
                up,
                cells,
                hasPole);
    }

    private static double place(double height, Measure own, Measure other) {
        return Double.isFinite(height) ? other.place(own.value(height)) : Double.NaN;
    }

    /** Without a height at any of its places. */
    Line withoutPoints() {
        return new Line(
                name,
                unit,
                measure,
                x,
                IntStream.range(0, y.length).mapToDouble(i -> Double.NaN).toArray(),
                new double[0],
                across,
                List.of(),
                cells,
                hasPole);
    }

    boolean isEmpty() {
        return filled().findAny().isEmpty();
    }

    /** The places of its points that have a height. */
    IntStream filled() {
        return IntStream.range(0, x.length).filter(i -> Double.isFinite(x[i]) && Double.isFinite(y[i]));
    }

    /** Its heights without the gaps. */
    double[] heights() {
        return filled().mapToDouble(i -> y[i]).toArray();
    }

    boolean isUpwards() {
        for (int i = 1; i < x.length; i++) {
            if (!(x[i] >= x[i - 1])) {
                return false;
            }
        }
        return true;
    }
}
