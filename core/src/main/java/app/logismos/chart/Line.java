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
 * @param shown the part that is shown of what was worked out, since it may have poles; nothing of cells
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
        Optional<Shown> shown) {
    /**
     * A part of a drawing.
     *
     * @param left where it begins across; not a number where that says nothing, as {@code right}
     * @param least the lowest place, as {@code most}
     */
    record Shown(double left, double right, double least, double most) {}

    /** A line that was worked out. */
    static Line worked(String name, Optional<Measure> measure, List<Sampling.Sample> samples, Optional<Shown> shown) {
        return new Line(
                name,
                measure.map(Measure::unit).orElse(""),
                measure,
                samples.stream().mapToDouble(Sampling.Sample::x).toArray(),
                samples.stream().mapToDouble(Sampling.Sample::y).toArray(),
                new double[0],
                List.of(),
                List.of(),
                List.of(),
                "",
                List.of(),
                shown);
    }

    /** The same in another unit, or as it is if it has no other. */
    Line in(Measure other) {
        Measure own = measure.orElseThrow();
        if (own.equals(other)) {
            return this;
        }
        double[] places = IntStream.range(0, y.length)
                .mapToDouble(i -> i < up.size() ? other.place(up.get(i)) : place(y[i], own, other))
                .toArray();
        // The length of an error bar is a difference, so both of its ends are converted.
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
                shown.map(part -> new Shown(
                        part.left(),
                        part.right(),
                        place(part.least(), measure.orElseThrow(), other),
                        place(part.most(), measure.orElseThrow(), other))));
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
                shown);
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
}
