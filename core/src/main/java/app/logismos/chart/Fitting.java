package app.logismos.chart;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.fraction.BigFraction;
import org.hipparchus.fraction.BigFractionField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayFieldVector;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Least squares. Polynomials by the normal equations in exact fractions, up to {@link #MOST_EXACT} points, so that badly
 * placed points cost no digits (Hipparchus {@code FieldLUDecomposition}); by {@code QRDecomposition} on stretched places
 * beyond. The other models start from the best of a net of shapes, go on by Levenberg and Marquardt's method (Hipparchus
 * {@code LevenbergMarquardtOptimizer}) and end by Gauss and Newton's, until
 * its steps get no smaller.
 */
final class Fitting {
    private static final int MOST_EXACT = 2_000;
    private static final int STEPS = 200;

    /** More digits than the numbers of the points have together. */
    private static final MathContext NEAR = new MathContext(60);

    private static final double FLAT = 1e-9;
    private static final double[] RATES = {0.02, 0.1, 0.3, 0.7, 1.2, 2, 3, 5, 8, 13, 20, 35, 60};
    private static final double[] MIDDLES = {-1, -0.5, -0.3, -0.15, 0, 0.15, 0.3, 0.5, 1};

    private Fitting() {}

    /** Thrown where the points allow no such curve; the message is for the person. */
    static final class Unfit extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unfit(String message) {
            super(message, null, false, false);
        }
    }

    /**
     * A curve through points.
     *
     * @param coefficients that of the constant first, or in the order of the model's
     * @param at its height, worked out near the points, so that places far from 0 cost no digits
     * @param residuals for each point how far it is above the curve
     */
    record Curve(double[] coefficients, DoubleUnaryOperator at, List<BigDecimal> residuals) {}

    /**
     * The polynomial of a degree, its coefficients from that of the constant on.
     *
     * @param x as many as {@code y}
     * @throws Unfit where there are too few places
     */
    static Curve polynomial(int degree, List<Real> x, List<Real> y) {
        if (x.stream().distinct().count() <= degree) {
            throw new Unfit(
                    degree == 1
                            ? "A line needs points at 2 places or more."
                            : "A polynomial of degree " + degree + " needs points at " + (degree + 1)
                                    + " places or more.");
        }
        return x.size() <= MOST_EXACT ? exactly(degree, x, y) : stretched(degree, doubles(x), doubles(y));
    }

    private static Curve exactly(int degree, List<Real> x, List<Real> y) {
        BigFraction[] powers = new BigFraction[2 * degree + 1];
        BigFraction[] right = new BigFraction[degree + 1];
        Arrays.fill(powers, BigFraction.ZERO);
        Arrays.fill(right, BigFraction.ZERO);
        for (int i = 0; i < x.size(); i++) {
            BigFraction place = fraction(x.get(i));
            BigFraction height = fraction(y.get(i));
            BigFraction power = BigFraction.ONE;
            for (int k = 0; k < powers.length; k++) {
                powers[k] = powers[k].add(power);
                if (k < right.length) {
                    right[k] = right[k].add(power.multiply(height));
                }
                power = power.multiply(place);
            }
        }
        BigFraction[][] normal = new BigFraction[degree + 1][degree + 1];
        for (int i = 0; i <= degree; i++) {
            System.arraycopy(powers, i, normal[i], 0, degree + 1);
        }
        BigFraction[] exact = new FieldLUDecomposition<>(
                        new Array2DRowFieldMatrix<>(BigFractionField.getInstance(), normal, false))
                .getSolver()
                .solve(new ArrayFieldVector<>(BigFractionField.getInstance(), right))
                .toArray();
        double[] coefficients =
                Arrays.stream(exact).mapToDouble(Fitting::number).toArray();
        for (int k = 0; k <= degree; k++) {
            checkKept(coefficients[k], !exact[k].equals(BigFraction.ZERO));
        }
        Model.Stretch by = stretch(doubles(x));
        BigFraction[] moved = moved(exact, new BigFraction(by.middle()), new BigFraction(by.width()));
        BigDecimal[] near = Arrays.stream(moved).map(each -> decimal(each)).toArray(BigDecimal[]::new);
        BigDecimal middle = new BigDecimal(by.middle());
        BigDecimal width = new BigDecimal(by.width());
        List<BigDecimal> residuals = IntStream.range(0, x.size())
                .mapToObj(i -> {
                    BigDecimal u = decimal(x.get(i)).subtract(middle).divide(width, NEAR);
                    BigDecimal height = BigDecimal.ZERO;
                    for (int k = degree; k >= 0; k--) {
                        height = height.multiply(u, NEAR).add(near[k], NEAR);
                    }
                    return decimal(y.get(i)).subtract(height, NEAR);
                })
                .toList();
        double[] drawn =
                Arrays.stream(near).mapToDouble(BigDecimal::doubleValue).toArray();
        return new Curve(coefficients, place -> horner(drawn, (place - by.middle()) / by.width()), residuals);
    }

    /** A fraction as the nearest number there is, however small. */
    static double number(BigFraction fraction) {
        return decimal(fraction).doubleValue();
    }

    /** A number with more digits than a double has. */
    static BigDecimal decimal(Real number) {
        return decimal(fraction(number));
    }

    private static BigDecimal decimal(BigFraction number) {
        return new BigDecimal(number.getNumerator()).divide(new BigDecimal(number.getDenominator()), NEAR);
    }

    /** The coefficients for u where x = middle + width·u, by Horner's rule. */
    private static BigFraction[] moved(BigFraction[] c, BigFraction middle, BigFraction width) {
        BigFraction[] moved = new BigFraction[c.length];
        Arrays.fill(moved, BigFraction.ZERO);
        for (int k = c.length - 1; k >= 0; k--) {
            for (int i = c.length - 1; i > 0; i--) {
                moved[i] = moved[i - 1].multiply(width).add(moved[i].multiply(middle));
            }
            moved[0] = moved[0].multiply(middle).add(c[k]);
        }
        return moved;
    }

    private static double horner(double[] c, double x) {
        double height = 0;
        for (int k = c.length - 1; k >= 0; k--) {
            height = height * x + c[k];
        }
        return height;
    }

    private static void checkKept(double coefficient, boolean isSome) {
        if (!Double.isFinite(coefficient) || isSome && coefficient == 0) {
            throw new Unfit(
                    "The places are so far from 0 that the equation has no numbers. Count them from the first.");
        }
    }

    /** A number as a fraction; of an approximate one, what its digits say. */
    static BigFraction fraction(Real number) {
        if (number instanceof Rational exact) {
            return new BigFraction(exact.numerator(), exact.denominator());
        }
        BigDecimal digits = BigDecimal.valueOf(number.toDouble());
        return digits.scale() > 0
                ? new BigFraction(digits.unscaledValue(), BigInteger.TEN.pow(digits.scale()))
                : new BigFraction(digits.toBigIntegerExact(), BigInteger.ONE);
    }

    private static Curve stretched(int degree, double[] x, double[] y) {
        Model.Stretch by = stretch(x);
        double size = size(y);
        double[][] rows = new double[x.length][degree + 1];
        for (int i = 0; i < x.length; i++) {
            double power = 1;
            for (int k = 0; k <= degree; k++) {
                rows[i][k] = power;
                power *= (x[i] - by.middle()) / by.width();
            }
        }
        double[] c = new QRDecomposition(new Array2DRowRealMatrix(rows, false))
                .getSolver()
                .solve(new ArrayRealVector(
                        Arrays.stream(y).map(height -> height / size).toArray(), false))
                .toArray();
        // c0 + c1 u + …, u = (x - m) / w, expanded by Horner's rule.
        double[] expanded = new double[degree + 1];
        for (int k = degree; k >= 0; k--) {
            for (int i = degree; i > 0; i--) {
                expanded[i] = (expanded[i - 1] - expanded[i] * by.middle()) / by.width();
            }
            expanded[0] = -expanded[0] * by.middle() / by.width() + c[k];
        }
        double[] coefficients = Arrays.stream(expanded).map(each -> each * size).toArray();
        Arrays.stream(coefficients).forEach(each -> checkKept(each, false));
        return curve(coefficients, place -> horner(c, (place - by.middle()) / by.width()), x, y, size);
    }

    /**
     * A curve.
     *
     * @param part its height in parts of {@code size}
     */
    private static Curve curve(double[] coefficients, DoubleUnaryOperator part, double[] x, double[] y, double size) {
        BigDecimal whole = new BigDecimal(size);
        return new Curve(
                coefficients,
                place -> part.applyAsDouble(place) * size,
                IntStream.range(0, x.length)
                        .mapToObj(i -> new BigDecimal(y[i] / size - part.applyAsDouble(x[i])).multiply(whole, NEAR))
                        .toList());
    }

    /** The largest of the heights, by which they are divided, that no square is too large or too small. */
    private static double size(double[] y) {
        double size = Arrays.stream(y).map(Math::abs).max().orElse(1);
        return size > 0 ? size : 1;
    }

    /**
     * {@code a + b·ln(x)}.
     *
     * @throws Unfit where a place is not above 0
     */
    static Curve logarithmic(List<Real> x, List<Real> y) {
        checkAbove(x, "A logarithmic curve");
        Curve line = polynomial(
                1,
                x.stream().map(place -> Real.from(Math.log(place.toDouble()))).toList(),
                y);
        return new Curve(line.coefficients(), place -> line.at().applyAsDouble(Math.log(place)), line.residuals());
    }

    private static void checkAbove(List<Real> x, String what) {
        x.stream().filter(place -> place.signum() <= 0).findFirst().ifPresent(place -> {
            throw new Unfit(what + " needs places above 0, and one is at " + place.toDouble() + ".");
        });
    }

    /**
     * The curve of a model.
     *
     * @throws Unfit where there are too few places, or a power has one that is not above 0
     */
    static Curve model(Model model, List<Real> x, List<Real> y) {
        int count = model.coefficients().size();
        if (x.stream().distinct().count() < count) {
            throw new Unfit("This curve needs points at " + count + " places or more.");
        }
        if (model == Model.POWER) {
            checkAbove(x, "A power");
        }
        double[] places = doubles(x);
        Model.Stretch by = model == Model.POWER ? new Model.Stretch(0, places[places.length / 2]) : stretch(places);
        double[] u = Arrays.stream(places)
                .map(place -> (place - by.middle()) / by.width())
                .toArray();
        double[] all = doubles(y);
        double size = size(all);
        double[] heights = Arrays.stream(all).map(height -> height / size).toArray();
        double[] start = start(model, u, heights);
        double[] near = marquardt(model, u, heights, start);
        double[] best = newton(model, u, heights, near);
        double[] found = model.original(best, by);
        int linear = found.length - model.shapes();
        for (int i = 0; i < found.length; i++) {
            found[i] *= i < linear ? size : 1;
            checkKept(found[i], best[i] != 0);
        }
        return curve(found, place -> model.at(best, (place - by.middle()) / by.width()), places, all, size);
    }

    private static Model.Stretch stretch(double[] x) {
        double least = Arrays.stream(x).min().orElseThrow();
        double most = Arrays.stream(x).max().orElseThrow();
        double width = (most - least) / 2;
        return new Model.Stretch((least + most) / 2, width > 0 ? width : most > least ? most - least : 1);
    }

    private static double[] doubles(List<Real> numbers) {
        return numbers.stream().mapToDouble(Real::toDouble).toArray();
    }

    /** The best of a net of shapes, each with the linear coefficients that suit it. */
    private static double[] start(Model model, double[] x, double[] y) {
        double[] best = {};
        double least = Double.POSITIVE_INFINITY;
        for (double rate : RATES) {
            for (double sign : new double[] {1, -1}) {
                for (double middle : model.shapes() == 2 ? MIDDLES : new double[] {0}) {
                    double[] shape =
                            model.shapes() == 2 ? new double[] {sign * rate, middle} : new double[] {sign * rate};
                    double[] c = withLinear(model, shape, x, y);
                    double squares = squares(model, c, x, y);
                    if (squares < least) {
                        least = squares;
                        best = c;
                    }
                }
            }
        }
        if (best.length == 0) {
            throw new Unfit("No curve of this kind comes near these points.");
        }
        return best;
    }

    private static double[] withLinear(Model model, double[] shape, double[] x, double[] y) {
        double[][] rows =
                Arrays.stream(x).mapToObj(place -> model.basis(shape, place)).toArray(double[][]::new);
        RealVector linear = new QRDecomposition(new Array2DRowRealMatrix(rows, false), 1e-12)
                        .getSolver()
                        .isNonSingular()
                ? new QRDecomposition(new Array2DRowRealMatrix(rows, false), 1e-12)
                        .getSolver()
                        .solve(new ArrayRealVector(y, false))
                : new ArrayRealVector(rows[0].length);
        return IntStream.range(0, linear.getDimension() + shape.length)
                .mapToDouble(i -> i < linear.getDimension() ? linear.getEntry(i) : shape[i - linear.getDimension()])
                .toArray();
    }

    private static double squares(Model model, double[] c, double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            double off = y[i] - model.at(c, x[i]);
            sum += off * off;
        }
        return Double.isFinite(sum) ? sum : Double.POSITIVE_INFINITY;
    }

    private static double[] marquardt(Model model, double[] x, double[] y, double[] start) {
        try {
            double[] found = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .model(point -> new Pair<>(
                                    new ArrayRealVector(heights(model, point.toArray(), x), false),
                                    new Array2DRowRealMatrix(slopes(model, point.toArray(), x), false)))
                            .target(y)
                            .start(start)
                            .maxEvaluations(2_000)
                            .maxIterations(2_000)
                            .build())
                    .getPoint()
                    .toArray();
            return squares(model, found, x, y) <= squares(model, start, x, y) ? found : start;
        } catch (MathIllegalStateException noBetter) {
            // The solver ends so if the start is already optimal or does not improve; the start is good enough to be
            // shown.
            return start;
        }
    }

    /**
     * Near the minimum the sum of squares is flat, so convergence is judged by the steps, which shrink down to rounding
     * errors.
     */
    private static double[] newton(Model model, double[] x, double[] y, double[] start) {
        double[] c = start;
        double least = squares(model, c, x, y) * (1 + FLAT);
        double before = Double.POSITIVE_INFINITY;
        for (int step = 0; step < STEPS; step++) {
            RealVector off = new ArrayRealVector(y).subtract(new ArrayRealVector(heights(model, c, x), false));
            QRDecomposition slopes = new QRDecomposition(new Array2DRowRealMatrix(slopes(model, c, x), false));
            if (!slopes.getSolver().isNonSingular()) {
                return c;
            }
            RealVector change = slopes.getSolver().solve(off);
            double[] next = new ArrayRealVector(c).add(change).toArray();
            double size = change.getNorm();
            if (!(squares(model, next, x, y) <= least) || size >= before) {
                return c;
            }
            c = next;
            before = size;
        }
        return c;
    }

    private static double[] heights(Model model, double[] c, double[] x) {
        return Arrays.stream(x).map(place -> model.at(c, place)).toArray();
    }

    private static double[][] slopes(Model model, double[] c, double[] x) {
        return Arrays.stream(x).mapToObj(place -> model.slopes(c, place)).toArray(double[][]::new);
    }
}
