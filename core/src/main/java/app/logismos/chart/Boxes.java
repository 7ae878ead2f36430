package app.logismos.chart;

import app.logismos.chart.Scale.Tick;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * Five numbers that tell how values are spread, and those that lie far out (J. Tukey, Exploratory Data Analysis, 1977),
 * each with its unit.
 *
 * @param least the least value that is not far out
 * @param most the greatest value that is not far out
 * @param farOut values more than one and a half times the distance of the quartiles beyond them
 */
public record Boxes(Tick least, Tick lower, Tick median, Tick upper, Tick most, List<Tick> farOut) {
    private static final double FENCE = 1.5;

    public Boxes {
        farOut = List.copyOf(farOut);
    }

    /**
     * Of one finite value or more.
     *
     * @param told a value in words
     */
    static Boxes of(double[] values, DoubleFunction<String> told) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        double lower = quartile(sorted, 1);
        double upper = quartile(sorted, 3);
        double room = FENCE * (upper - lower);
        double[] inside = Arrays.stream(sorted)
                .filter(value -> value >= lower - room && value <= upper + room)
                .toArray();
        DoubleFunction<Tick> figure = at -> new Tick(at, told.apply(at));
        return new Boxes(
                figure.apply(inside[0]),
                figure.apply(lower),
                figure.apply(quartile(sorted, 2)),
                figure.apply(upper),
                figure.apply(inside[inside.length - 1]),
                Arrays.stream(sorted)
                        .filter(value -> value < lower - room || value > upper + room)
                        .mapToObj(figure)
                        .toList());
    }

    /** As the function {@code quartile} counts it: between the values by their distance (OpenFormula, QUARTILE). */
    static double quartile(double[] sorted, int quarter) {
        int place = (sorted.length - 1) * quarter;
        BigDecimal below = BigDecimal.valueOf(sorted[place / 4]);
        BigDecimal above = BigDecimal.valueOf(sorted[Math.min(place / 4 + 1, sorted.length - 1)]);
        // As decimals: doubles would leave a tail, and 0.3 would not read 0.3.
        return above.subtract(below)
                .multiply(BigDecimal.valueOf(place % 4 * 25L, 2))
                .add(below)
                .doubleValue();
    }
}
