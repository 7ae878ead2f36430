package app.logismos.chart;

import app.logismos.sheet.Chart;
import app.logismos.unit.Currencies;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Which of the two vertical axes each series is measured on. All on one axis are of one kind and in the unit of the
 * first; a series that fits neither is left out and told, since its numbers would mean something else there.
 */
final class Sides {
    private final Chart chart;
    private final List<Line> read;
    private final Optional<Line> left;
    private final Optional<Line> right;

    /**
     * @param read the series as they were read, each in its own unit
     */
    Sides(Chart chart, List<Line> read) {
        this.chart = chart;
        this.read = read;
        this.left = first(i -> !series(i).onRight()).or(() -> hasRight() ? Optional.empty() : first(i -> true));
        this.right = !hasRight()
                ? Optional.empty()
                : first(i -> series(i).onRight())
                        .or(() -> first(i ->
                                left.filter(axis -> fits(read.get(i), axis)).isEmpty()));
    }

    /** Bins and boxes have one axis. */
    private boolean hasRight() {
        return chart.form() == Chart.Form.PLOT;
    }

    private Chart.Series series(int i) {
        return chart.series().get(i);
    }

    private Optional<Line> first(IntPredicate which) {
        return IntStream.range(0, read.size())
                .filter(which)
                .mapToObj(read::get)
                .filter(line -> line.measure().isPresent())
                .findFirst();
    }

    /** Whether a line can be measured on the axis of another: one without a unit may be meant in any. */
    private static boolean fits(Line line, Line axis) {
        return line.measure().isEmpty()
                || line.measure().get().isLike(axis.measure().orElseThrow())
                        && (line.measure().get() instanceof Measure.Quantities
                                || line.unit().isEmpty()
                                || axis.unit().isEmpty()
                                || line.unit().equals(axis.unit()));
    }

    boolean isOnRight(int i) {
        Line line = read.get(i);
        boolean fitsLeft = left.filter(axis -> fits(line, axis)).isPresent();
        boolean fitsRight = right.filter(axis -> fits(line, axis)).isPresent();
        return hasRight() && (series(i).onRight() && (fitsRight || !fitsLeft) || !fitsLeft && fitsRight);
    }

    private Optional<Line> axis(int i) {
        return (isOnRight(i) ? right : left).filter(axis -> fits(read.get(i), axis));
    }

    /** The series in the units of their axes; without points where there is no axis for them. */
    List<Line> lines() {
        return IntStream.range(0, read.size())
                .mapToObj(i -> {
                    Line line = read.get(i);
                    return line.measure().isEmpty()
                            ? line
                            : axis(i).map(axis -> line.in(axis.measure().orElseThrow()))
                                    .orElseGet(line::withoutPoints);
                })
                .toList();
    }

    /** What is left out, and what was exchanged by sample rates: a sentence for each. */
    List<String> faults() {
        Stream<String> unfit = IntStream.range(0, read.size())
                .filter(i -> read.get(i).measure().isPresent() && axis(i).isEmpty())
                .mapToObj(i -> ChartReading.called(series(i), read.get(i)) + " is " + kind(read.get(i))
                        + ", and the chart is " + left.map(Sides::kind).orElse("")
                        + right.map(axis -> " and " + kind(axis)).orElse("") + ". Draw it in a chart of its own.");
        return Stream.concat(unfit, Stream.of(false, true).flatMap(side -> exchanged(side).stream()))
                .toList();
    }

    private Optional<String> exchanged(boolean onRight) {
        return Currencies.joinedBySamples(IntStream.range(0, read.size())
                .filter(i -> isOnRight(i) == onRight && axis(i).isPresent())
                .mapToObj(read::get)
                .filter(line -> line.measure().filter(Measure::isMoney).isPresent())
                .flatMap(line -> Stream.concat(
                        line.measure().flatMap(Measure::inUnit).stream(),
                        line.up().stream().flatMap(value -> Measure.of(value).flatMap(Measure::inUnit).stream())))
                .distinct()
                .toList());
    }

    private static String kind(Line line) {
        return line.unit().isEmpty() ? line.measure().orElseThrow().kind() : "in " + line.unit();
    }
}
