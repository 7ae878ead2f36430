package app.logismos.function.algebra;

import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;

/**
 * The slope at a place of what no rule differentiates, such as {@code max(x, 2)}: quotients of differences, extrapolated to
 * no difference on each side by itself.
 *
 * <p>Source: Ridders, Accurate computation of F'(x) and F'(x)F''(x), Advances in Engineering Software 4 (1982).
 */
record NumericSlope(Bound bound, double place, double height) {
    private static final int ROUNDS = 12;
    private static final double SHRINKING = 2;
    private static final double FIRST_STEP = 0x1p-6;

    /** Claimed errors above this part of the slope are no answer. */
    private static final double MOST_ERROR = 1e-6;

    private record Near(double slope, double error) {
        boolean isSure() {
            return error <= MOST_ERROR * Math.max(1, Math.abs(slope));
        }

        boolean isLike(Near other) {
            return Math.abs(slope - other.slope)
                    <= 10 * (error + other.error) + MOST_ERROR * Math.max(1, Math.abs(slope));
        }
    }

    /** A double, or a failure where the sides differ or no slope is found. */
    static Value of(Arguments given) {
        if (Doubles.unit(given.value("at")) != Unit.ONE) {
            return Failure.of(
                    ErrorCode.NOT_FOUND, "No rule differentiates this, and numbers with units are not tried.");
        }
        Bound bound = given.bound("expression", "variable");
        Real at = given.number("at");
        Value here = bound.at(new NumberValue(at));
        if (!(here instanceof NumberValue number) || !number.real().isFinite()) {
            return here instanceof Failure ? here : none("It has no plain number as its value there.");
        }
        NumericSlope slope =
                new NumericSlope(bound, at.toDouble(), number.real().toDouble());
        Near left = slope.on(-1);
        Near right = slope.on(1);
        if (!left.isSure() || !right.isSure()) {
            return none("No slope is found there.");
        }
        return left.isLike(right)
                ? new NumberValue(Real.from((left.slope() + right.slope()) / 2))
                : none("Its slope from the left is another than from the right.");
    }

    private static Failure none(String says) {
        return Failure.of(ErrorCode.NO_REAL_RESULT, "The expression has no derivative at this place. " + says);
    }

    /** On one side, by a triangle of extrapolations; the one whose neighbours differ least. */
    private Near on(int side) {
        double[] above = new double[ROUNDS];
        Near best = new Near(Double.NaN, Double.POSITIVE_INFINITY);
        double step = side * FIRST_STEP * Math.max(1, Math.abs(place));
        for (int i = 0; i < ROUNDS; i++, step /= SHRINKING) {
            double[] row = new double[ROUNDS];
            double moved = place + step;
            row[0] = (Doubles.of(bound.at(new NumberValue(Real.from(moved)))) - height) / (moved - place);
            double factor = 1;
            for (int j = 1; j <= i; j++) {
                factor *= SHRINKING;
                row[j] = (row[j - 1] * factor - above[j - 1]) / (factor - 1);
                double error = Math.max(Math.abs(row[j] - row[j - 1]), Math.abs(row[j] - above[j - 1]));
                if (error < best.error()) {
                    best = new Near(row[j], error);
                }
            }
            above = row;
        }
        return best;
    }
}
