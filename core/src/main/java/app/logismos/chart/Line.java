package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.number.Real;
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
 * @param halves the same as the cells have them
 * @param across the values at {@code x}; empty where they were worked out
 * @param up the values at {@code y}; empty where they were worked out
 * @param grid the id of the grid they are in
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
        List<Value> halves,
        List<Value> across,
        List<Value> up,
        String grid,
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
        double[] lengths = IntStream.range(0, errors.length)
                .mapToDouble(
                        i -> i < y.length ? place(y[i] + errors[i], own, other) - place(y[i], own, other) : Double.NaN)
                .toArray();
        return new Line(
                name,
                other.unit().isEmpty() ? unit : other.unit(),
                Optional.of(other),
                x,
                places,
                lengths,
                halves,
                across,
                up,
                grid,
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
                List.of(),
                across,
                List.of(),
                grid,
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

    /** The same with all their digits. */
    List<Real> numbers() {
        Counting asTheAxis = new Counting(measure.orElseThrow(), 0, 1, unit);
        return filled().mapToObj(i -> i < up.size() ? asTheAxis.number(up.get(i), y[i]) : Real.from(y[i]))
                .toList();
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
