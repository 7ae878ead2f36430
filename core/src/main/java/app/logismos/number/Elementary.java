package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import org.apache.commons.numbers.core.DD;

/**
 * Exponential, logarithms and the functions of angles.
 *
 * <p>Exact where the answer is rational or a sum of square roots. Otherwise a double that is right for the exact argument: the argument is split
 * into the nearest double and the rest, and the rest enters by the function's derivative (or the addition theorem), so
 * that rounding the argument costs no digits. Accuracy is that of {@link Math}, which states 1 ulp, plus the rounding of
 * the correction: within 2 ulp. Where the two parts would cancel, near zeros and poles and for long angles, {@link
 * Extended} works the answer out.
 */
public final class Elementary {
    private static final Rational HALF = Rational.of(1, 2);

    /** What rounding an angle of this size leaves over is small beside a sine of {@link #FAR_FROM_ZERO}. */
    private static final double MOST_ANGLE = 1e6;

    private static final double FAR_FROM_ZERO = 1e-3;

    /** Below this the square of what rounding left over is past the last place. */
    private static final double STEEPEST = 100;

    private Elementary() {}

    /** e to the power of the number. */
    public static Result exp(Real x) {
        if (x.isExact() && x.signum() == 0) {
            return Rational.ONE;
        }
        double near = x.toDouble();
        double answer = Math.exp(near);
        if (!x.isFinite()) {
            return Approximate.of(answer);
        }
        if (!FarApproximate.isNear(answer)) {
            return Double.isInfinite(near) ? Undefined.TOO_LARGE : Extended.farExp(Extended.of(x));
        }
        return Approximate.finite(answer + answer * rest(x, near));
    }

    /** The natural logarithm; {@link Undefined#NO_REAL_RESULT} for zero and below. */
    public static Result ln(Real x) {
        if (x.signum() <= 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (x.equals(Rational.ONE)) {
            return Rational.ZERO;
        }
        double near = x.toDouble();
        if (x.isFinite() && !FarApproximate.isNear(near)) {
            return Approximate.of(Extended.ln(x).hi());
        }
        double answer = Math.log(near);
        return Approximate.of(x.isFinite() ? answer + rest(x, near) / near : answer);
    }

    /**
     * The logarithm to a base.
     *
     * @return exact where the number is a whole power of an exact base
     */
    public static Result log(Real x, Real base) {
        if (x.signum() <= 0 || base.signum() <= 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (base.equals(Rational.ONE)) {
            return Undefined.DIVIDE_BY_ZERO;
        }
        if (!x.isFinite() || !base.isFinite()) {
            return ln(x) instanceof Real above && ln(base) instanceof Real below
                    ? above.dividedBy(below)
                    : Undefined.NO_REAL_RESULT;
        }
        if (x.equals(Rational.ONE)) {
            return Rational.ZERO;
        }
        double quotient = Extended.ln(x).divide(Extended.ln(base)).hi();
        if (Math.abs(quotient) < Real.MAX_DIGITS * 4.0 && x instanceof Rational) {
            Rational whole = Rational.of(Math.round(quotient));
            boolean isNear = Math.abs(quotient - whole.toDouble()) < 1e-9 * Math.max(1, Math.abs(quotient));
            if (isNear && Powers.power(base, whole) instanceof Real power && power.equals(x)) {
                return whole;
            }
        }
        return Approximate.of(quotient);
    }

    /** The sine of an angle in radians; exact where it is a sum of square roots. */
    public static Result sin(Real x) {
        if (isTiny(x)) {
            return FarApproximate.of(FarApproximate.decimal(x));
        }
        if (x instanceof PiMultiple multiple && multiple.isRational()) {
            return sinOfTurns(turns(multiple.times()));
        }
        if (x.isExact() && x.signum() == 0) {
            return x;
        }
        double near = x.toDouble();
        double rest = rest(x, near);
        if (rest == 0 && Double.isFinite(near)) {
            return Approximate.of(Math.sin(near));
        }
        double answer = Math.sin(near) * Math.cos(rest) + Math.cos(near) * Math.sin(rest);
        return Math.abs(near) < MOST_ANGLE && Math.abs(answer) > FAR_FROM_ZERO
                ? Approximate.of(answer)
                : ofLongAngle(x, Extended.SineAndCosine::sine);
    }

    /** The cosine of an angle in radians; exact where it is a sum of square roots. */
    public static Result cos(Real x) {
        if (x instanceof PiMultiple multiple && multiple.isRational()) {
            return multiple.plus(new PiMultiple(HALF)) instanceof Real moved ? sin(moved) : Undefined.TOO_LARGE;
        }
        if (x.isExact() && x.signum() == 0) {
            return Rational.ONE;
        }
        double near = x.toDouble();
        double rest = rest(x, near);
        if (rest == 0 && Double.isFinite(near)) {
            return Approximate.of(Math.cos(near));
        }
        double answer = Math.cos(near) * Math.cos(rest) - Math.sin(near) * Math.sin(rest);
        return Math.abs(near) < MOST_ANGLE && Math.abs(answer) > FAR_FROM_ZERO
                ? Approximate.of(answer)
                : ofLongAngle(x, Extended.SineAndCosine::cosine);
    }

    /** Below the doubles, where sines, tangents and their inverses are their argument, to more digits than are kept. */
    static boolean isTiny(Real x) {
        return x.signum() != 0 && !(x instanceof PiMultiple) && Math.abs(x.toDouble()) < Double.MIN_NORMAL;
    }

    private static Result ofLongAngle(Real x, Function<Extended.SineAndCosine, DD> part) {
        return x.isFinite()
                ? Extended.sineAndCosine(Rounding.exact(x))
                        .map(angle -> Approximate.of(part.apply(angle).hi()))
                        .orElse(Undefined.TOO_LARGE)
                : Undefined.NO_REAL_RESULT;
    }

    /** The tangent of an angle in radians; exact where it is a sum of square roots, {@link Undefined#DIVIDE_BY_ZERO} at a pole. */
    public static Result tan(Real x) {
        if (isTiny(x)) {
            return FarApproximate.of(FarApproximate.decimal(x));
        }
        if (x instanceof PiMultiple multiple && multiple.isRational()) {
            return tanOfTurns(multiple.times());
        }
        if (x.isExact() && x.signum() == 0) {
            return x;
        }
        double near = x.toDouble();
        double tangent = Math.tan(near);
        double rest = rest(x, near);
        if (rest == 0 && Double.isFinite(near)) {
            return Approximate.of(tangent);
        }
        double size = Math.abs(tangent);
        return Math.abs(near) < MOST_ANGLE && size > FAR_FROM_ZERO && size < STEEPEST
                ? Approximate.of(tangent + (1 + tangent * tangent) * rest)
                : ofLongAngle(x, angle -> angle.sine().divide(angle.cosine()));
    }

    /** The multiple of π brought into [0, 2). */
    private static Rational turns(Rational times) {
        BigInteger two = BigInteger.TWO.multiply(times.denominator());
        return Rational.of(times.numerator().mod(two), times.denominator());
    }

    /**
     * The sine of so many times π.
     *
     * @param times in [0, 2)
     */
    private static Result sinOfTurns(Rational times) {
        if (times.compareTo(Rational.ONE) >= 0) {
            return sinOfTurns((Rational) times.minus(Rational.ONE)) instanceof Real sine
                    ? sine.negate()
                    : Undefined.TOO_LARGE;
        }
        if (times.compareTo(HALF) > 0) {
            return sinOfTurns((Rational) Rational.ONE.minus(times));
        }
        Optional<Real> exact = ExactAngles.sine(times);
        if (exact.isPresent()) {
            return exact.get();
        }
        // Near a quarter turn the cosine of what is left keeps the digits that the sine would lose.
        return times.compareTo(Rational.of(1, 4)) > 0
                ? Approximate.of(
                        Math.cos(PiMultiple.of((Rational) HALF.minus(times)).toDouble()))
                : Approximate.of(Math.sin(PiMultiple.of(times).toDouble()));
    }

    /** The tangent of so many times π. */
    private static Result tanOfTurns(Rational multiple) {
        Rational times = Rational.of(multiple.numerator().mod(multiple.denominator()), multiple.denominator());
        if (times.equals(HALF)) {
            return Undefined.DIVIDE_BY_ZERO;
        }
        if (times.compareTo(HALF) > 0) {
            return tanOfTurns((Rational) Rational.ONE.minus(times)) instanceof Real tangent
                    ? tangent.negate()
                    : Undefined.TOO_LARGE;
        }
        Optional<Real> exact = ExactAngles.tangent(times);
        if (exact.isPresent()) {
            return exact.get();
        }
        return times.compareTo(Rational.of(1, 4)) > 0
                ? Approximate.of(
                        1 / Math.tan(PiMultiple.of((Rational) HALF.minus(times)).toDouble()))
                : Approximate.of(Math.tan(PiMultiple.of(times).toDouble()));
    }

    /**
     * A function at the exact argument: its value at the double near it, and what the slope there makes of the rest. The
     * square of the rest is past the last place but within 1e-15 of a singular point.
     */
    public static Result corrected(Real x, DoubleUnaryOperator function, DoubleUnaryOperator slope) {
        double near = x.toDouble();
        double answer = function.applyAsDouble(near);
        double rest = rest(x, near);
        double better = rest == 0 ? answer : answer + slope.applyAsDouble(near) * rest;
        return x.isFinite() ? Approximate.finite(Double.isFinite(better) ? better : answer) : Approximate.of(answer);
    }

    /** The same of a function that near 0 is its argument. */
    public static Result oddAndCorrected(Real x, DoubleUnaryOperator function, DoubleUnaryOperator slope) {
        return isTiny(x) ? FarApproximate.of(FarApproximate.decimal(x)) : corrected(x, function, slope);
    }

    /** What rounding the exact number to the double near it left over; 0 for doubles and where the double is infinite. */
    static double rest(Real x, double near) {
        if (x instanceof Approximate
                || !Double.isFinite(near)
                || near == Math.rint(near) && x.isWhole() && Math.abs(near) < 1L << 53) {
            return 0;
        }
        return Rounding.exact(x).minus(Rational.of(new BigDecimal(near))) instanceof Real rest ? rest.toDouble() : 0;
    }
}
