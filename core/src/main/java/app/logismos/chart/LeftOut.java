package app.logismos.chart;

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
        long tooFar = IntStream.range(0, Math.min(line.y().length, line.up().size()))
                .filter(i ->
                        Double.isNaN(line.y()[i]) && Measure.isTooFar(line.up().get(i)))
                .count();
        return Stream.of(
                        told(notAbove, name, "not above 0, and logarithmic steps have no place for that"),
                        told(tooFar, name, "too large to be drawn"))
                .flatMap(Optional::stream);
    }

    private static Optional<String> told(long count, String name, String why) {
        return count == 0
                ? Optional.empty()
                : Optional.of((count == 1 ? "1 value of " + name + " is " : count + " values of " + name + " are ")
                        + why + ".");
    }
}
