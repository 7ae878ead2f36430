package app.logismos.function.algebra;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.Form;
import app.logismos.algebra.RewritingStep;
import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

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

    /** A smaller one is not claimed. */
    private static final double LEAST_ERROR = 1e-16;

    private record Near(double slope, double error) {
        private static final Near NOTHING = new Near(Double.NaN, Double.POSITIVE_INFINITY);

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
        Value here = bound.at(new NumberValue(given.number("at")));
        if (!(here instanceof NumberValue number) || !number.real().isFinite()) {
            return here instanceof Failure ? here : none("It has no plain number as its value there.");
        }
        NumericSlope slope = at(given, bound, number);
        Near left = slope.on(-1);
        Near right = slope.on(1);
        if (!left.isSure() || !right.isSure()) {
            return none("No slope is found there.");
        }
        return left.isLike(right)
                ? new NumberValue(Real.from((left.slope() + right.slope()) / 2))
                : none("Its slope from the left is another than from the right.");
    }

    private static NumericSlope at(Arguments given, Bound bound, NumberValue here) {
        return new NumericSlope(
                bound, given.number("at").toDouble(), here.real().toDouble());
    }

    /** What is claimed of the slope; nothing where a rule gives it. */
    static List<RewritingStep> steps(Arguments given, Form.Letter by) {
        if (!given.isGiven("at") || Doubles.unit(given.value("at")) != Unit.ONE || isByRule(given, by)) {
            return List.of();
        }
        Bound bound = given.bound("expression", "variable");
        if (!(bound.at(new NumberValue(given.number("at"))) instanceof NumberValue here)) {
            return List.of();
        }
        NumericSlope slope = at(given, bound, here);
        Near left = slope.on(-1);
        Near right = slope.on(1);
        double error =
                Math.max(Math.max(left.error(), right.error()), Math.max(LEAST_ERROR, 4 * Math.ulp(right.slope())));
        String claimed =
                new BigDecimal(error).round(new MathContext(1, RoundingMode.UP)).toString();
        return List.of(new RewritingStep(
                RewritingStep.Rule.BY_NUMBERS,
                "quotients of differences on both sides, brought to no difference by the method of Ridders: "
                        + (2 * ROUNDS + 1) + " values, error about " + claimed,
                bound.text()));
    }

    private static boolean isByRule(Arguments given, Form.Letter by) {
        try {
            return Slope.throughBranches(given, by, 1).isPresent();
        } catch (Derivative.NotKnown none) {
            return false;
        }
    }

    private static Failure none(String says) {
        return Failure.of(ErrorCode.NO_REAL_RESULT, "The expression has no derivative at this place. " + says);
    }

    /** On one side, by a triangle of extrapolations; the one whose neighbours differ least. */
    private Near on(int side) {
        double[] above = new double[ROUNDS];
        Near best = Near.NOTHING;
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
