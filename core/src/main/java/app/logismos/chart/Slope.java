package app.logismos.chart;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * The slope of a curve at a place, from either side: of arithmetic by its derivative, of anything else by differences that
 * are extrapolated (C. Ridders, Accurate computation of F'(x), Advances in Engineering Software 4(2), 1982).
 *
 * @param height of the curve there; not a number where it has none
 * @param left from the left; nothing where the curve jumps, ends or stands upright there
 * @param jumps whether it jumps at the place
 */
record Slope(double height, OptionalDouble left, OptionalDouble right, boolean jumps) {
    private static final double ALIKE = 1e-6;
    private static final double NOTHING = 1e-8;
    private static final int LEVELS = 10;

    /**
     * The slope of a function.
     *
     * @param function not a number where it has no value
     * @param plain the same with its derivative, where it has one
     * @param width of what is seen of the curve
     */
    static Slope of(DoubleUnaryOperator function, Optional<PlainFunction> plain, double x, double width) {
        double height = function.applyAsDouble(x);
        if (!Double.isFinite(height)) {
            return new Slope(Double.NaN, OptionalDouble.empty(), OptionalDouble.empty(), false);
        }
        boolean jumpsLeft = jumps(function, x, height, -width);
        boolean jumpsRight = jumps(function, x, height, width);
        return new Slope(
                height,
                jumpsLeft ? OptionalDouble.empty() : side(function, plain, x, height, -width),
                jumpsRight ? OptionalDouble.empty() : side(function, plain, x, height, width),
                jumpsLeft || jumpsRight);
    }

    /** A continuous function comes near its value as its place does. */
    private static boolean jumps(DoubleUnaryOperator function, double x, double height, double way) {
        double far = Math.abs(function.applyAsDouble(x + way * 1e-6) - height);
        double near = Math.abs(function.applyAsDouble(x + way * 1e-9) - height);
        return near > far / 2 && near > NOTHING * Math.abs(height) && near > 0;
    }

    private static OptionalDouble side(
            DoubleUnaryOperator function, Optional<PlainFunction> plain, double x, double height, double way) {
        double near = x + Math.copySign(Math.max(Math.abs(way) * 1e-12, Math.ulp(x) * 4), way);
        if (!Double.isFinite(function.applyAsDouble(near))) {
            return OptionalDouble.empty();
        }
        if (plain.isPresent()) {
            double beside = plain.get().along(Dual.variable(near)).slope();
            double further =
                    plain.get().along(Dual.variable(x + (near - x) * 100)).slope();
            double exact = plain.get().along(Dual.variable(x)).slope();
            if (Math.abs(exact - beside) <= 2 * Math.abs(further - beside)) {
                return OptionalDouble.of(exact);
            }
            boolean isUpright = !Double.isFinite(beside) || Math.abs(beside) > 5 * Math.abs(further) && further != 0;
            return isUpright ? OptionalDouble.empty() : OptionalDouble.of(beside);
        }
        return ridders(function, x, height, way * 1e-3);
    }

    private static OptionalDouble ridders(DoubleUnaryOperator function, double x, double height, double first) {
        double[] before = new double[LEVELS];
        double best = Double.NaN;
        double least = Double.POSITIVE_INFINITY;
        double step = first;
        for (int level = 0; level < LEVELS; level++) {
            double[] now = new double[LEVELS];
            now[0] = (function.applyAsDouble(x + step) - height) / step;
            double factor = 2;
            for (int k = 1; k <= level; k++) {
                now[k] = (now[k - 1] * factor - before[k - 1]) / (factor - 1);
                factor *= 2;
                double off = Math.max(Math.abs(now[k] - now[k - 1]), Math.abs(now[k] - before[k - 1]));
                if (off <= least) {
                    least = off;
                    best = now[k];
                }
            }
            before = now;
            step /= 2;
        }
        boolean isKnown = Double.isFinite(best) && least <= 1e-4 * Math.max(Math.abs(best), Math.abs(height) * 1e-9);
        return isKnown || best == 0 ? OptionalDouble.of(best) : OptionalDouble.empty();
    }

    /** The slope, where both sides have the same. */
    OptionalDouble both() {
        if (left.isEmpty() || right.isEmpty()) {
            return OptionalDouble.empty();
        }
        double one = left.getAsDouble();
        double other = right.getAsDouble();
        double size = Math.max(Math.abs(one), Math.abs(other));
        return Math.abs(one - other) <= ALIKE * size || size <= NOTHING * NOTHING
                ? OptionalDouble.of((one + other) / 2)
                : OptionalDouble.empty();
    }
}
