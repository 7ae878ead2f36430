package app.logismos.chart;

import app.logismos.chart.Scale.Tick;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import org.hipparchus.fraction.BigFraction;

/**
 * Five numbers that tell how values are spread, and those that lie far out (J. Tukey, Exploratory Data Analysis, 1977),
 * each with its unit.
 *
 * @param least the least value that is not far out
 * @param most the greatest value that is not far out
 * @param farOut values more than one and a half times the distance of the quartiles beyond them
 */
public record Boxes(Tick least, Tick lower, Tick median, Tick upper, Tick most, List<Tick> farOut) {
    private static final BigFraction FENCE = new BigFraction(3, 2);

    public Boxes {
        farOut = List.copyOf(farOut);
    }

    /**
     * Of one finite value or more. What is far out is decided in exact fractions: a value on the fence is inside.
     *
     * @param told a value in words
     */
    static Boxes of(List<Real> values, DoubleFunction<String> told) {
        List<Real> sorted = values.stream()
                .sorted(Comparator.comparingDouble(Real::toDouble).thenComparing(Comparator.naturalOrder()))
                .toList();
        BigFraction lower = quartile(sorted, 1);
        BigFraction upper = quartile(sorted, 3);
        BigFraction room = upper.subtract(lower).multiply(FENCE);
        Fence low = new Fence(lower.subtract(room));
        Fence high = new Fence(upper.add(room));
        Predicate<Real> isInside = value -> low.compare(value) >= 0 && high.compare(value) <= 0;
        List<Real> inside = sorted.stream().filter(isInside).toList();
        DoubleFunction<Tick> figure = at -> new Tick(at, told.apply(at));
        return new Boxes(
                figure.apply(inside.get(0).toDouble()),
                figure.apply(Fitting.number(lower)),
                figure.apply(Fitting.number(quartile(sorted, 2))),
                figure.apply(Fitting.number(upper)),
                figure.apply(inside.get(inside.size() - 1).toDouble()),
                sorted.stream()
                        .filter(isInside.negate())
                        .map(value -> figure.apply(value.toDouble()))
                        .toList());
    }

    /** A bound that most values are clearly on one side of; only those close to it are compared with all digits. */
    private record Fence(BigFraction at, double near) {
        private static final double CLOSE = 1e-12;

        Fence(BigFraction at) {
            this(at, Fitting.number(at));
        }

        int compare(Real value) {
            double place = value.toDouble();
            return Math.abs(place - near) > CLOSE * Math.max(Math.abs(place), Math.abs(near))
                    ? Double.compare(place, near)
                    : Fitting.fraction(value).compareTo(at);
        }
    }

    private static BigFraction quartile(List<Real> sorted, int quarter) {
        int place = (sorted.size() - 1) * quarter;
        BigFraction below = Fitting.fraction(sorted.get(place / 4));
        BigFraction above = Fitting.fraction(sorted.get(Math.min(place / 4 + 1, sorted.size() - 1)));
        return above.subtract(below).multiply(new BigFraction(place % 4, 4)).add(below);
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
