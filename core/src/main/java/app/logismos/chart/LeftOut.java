package app.logismos.chart;

import app.logismos.value.ComplexValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Tells what of a line is not drawn although it is a number. */
final class LeftOut {
    private LeftOut() {}

    /**
     * The sentences about a line.
     *
     * @param name of the line
     * @param acrossByRatio whether the horizontal axis has logarithmic steps
     * @param upByRatio whether the line's vertical axis has
     */
    static Stream<String> of(String name, Line line, boolean acrossByRatio, boolean upByRatio) {
        long notAbove = acrossByRatio || upByRatio
                ? line.filled()
                        .filter(i -> acrossByRatio && line.x()[i] <= 0 || upByRatio && line.y()[i] <= 0)
                        .count()
                : 0;
        return Stream.of(
                        told(notAbove, name, "not above 0, and logarithmic steps have no place for that"),
                        tooFar(name, line.y(), line.up()),
                        complex(name, line.up()),
                        unlike(name, line.y(), line.up()))
                .flatMap(Optional::stream);
    }

    /**
     * A sentence about values that cannot be measured as the first of them is.
     *
     * @param places of the values; not a number where they have none
     */
    static Optional<String> unlike(String name, double[] places, List<Value> values) {
        long count = IntStream.range(0, Math.min(places.length, values.size()))
                .filter(i -> Double.isNaN(places[i])
                        && Measure.of(values.get(i)).isPresent()
                        && !Measure.isTooFar(values.get(i)))
                .count();
        return told(count, name, "of another kind than the first, and left out");
    }

    /**
     * A sentence about numbers that no axis reaches.
     *
     * @param places of the values; not a number where they have none
     */
    static Optional<String> tooFar(String name, double[] places, List<Value> values) {
        long count = IntStream.range(0, Math.min(places.length, values.size()))
                .filter(i -> Double.isNaN(places[i]) && Measure.isTooFar(values.get(i)))
                .count();
        return told(count, name, "too large to be drawn");
    }

    /** A sentence about complex numbers, which have two parts where an axis has one place. */
    static Optional<String> complex(String name, List<Value> values) {
        long count = values.stream().filter(ComplexValue.class::isInstance).count();
        return told(count, name, "complex, and left out: `re` and `im` give parts that can be drawn");
    }

    private static Optional<String> told(long count, String name, String why) {
        return count == 0
                ? Optional.empty()
                : Optional.of(counted(count, "value", name) + (count == 1 ? " is " : " are ") + why + ".");
    }

    /** {@code 3 values of Reading}. */
    static String counted(long count, String thing, String name) {
        return count + " " + thing + (count == 1 ? "" : "s") + " of " + name;
    }
}
