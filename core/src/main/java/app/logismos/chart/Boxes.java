package app.logismos.chart;

import java.util.Arrays;
import java.util.List;

/**
 * Five numbers that tell how values are spread, and those that lie far out (J. Tukey, Exploratory Data Analysis, 1977).
 *
 * @param least the least value that is not far out
 * @param most the greatest value that is not far out
 * @param farOut values more than one and a half times the distance of the quartiles beyond them
 */
public record Boxes(double least, double lower, double median, double upper, double most, List<Double> farOut) {
    private static final double FENCE = 1.5;

    public Boxes {
        farOut = List.copyOf(farOut);
    }

    /** Of one finite value or more. */
    static Boxes of(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double lower = quartile(sorted, 1);
        double upper = quartile(sorted, 3);
        double room = FENCE * (upper - lower);
        double[] inside = Arrays.stream(sorted)
                .filter(value -> value >= lower - room && value <= upper + room)
                .toArray();
        return new Boxes(
                inside[0],
                lower,
                quartile(sorted, 2),
                upper,
                inside[inside.length - 1],
                Arrays.stream(sorted)
                        .filter(value -> value < lower - room || value > upper + room)
                        .boxed()
                        .toList());
    }

    /** As the function {@code quartile} counts it: between the values by their distance (OpenFormula, QUARTILE). */
    static double quartile(double[] sorted, int quarter) {
        double place = (sorted.length - 1) * quarter / 4.0;
        int below = (int) Math.floor(place);
        double above = sorted[Math.min(below + 1, sorted.length - 1)];
        return sorted[below] + (place - below) * (above - sorted[below]);
    }
}
