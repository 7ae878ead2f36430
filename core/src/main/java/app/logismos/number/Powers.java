package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Optional;

/** Powers and roots: exact where the answer is rational or a sum of square roots, the nearest double otherwise. */
public final class Powers {
    private static final MathContext DIGITS = new MathContext(50);

    /** {@link BigDecimal#pow(int, MathContext)} takes no longer exponent. */
    private static final int LONGEST_DECIMAL_EXPONENT = 999_999_999;

    /** The square of a smaller one is past the last place of a double. */
    private static final double MOST_CORRECTION = 1e-9;

    private static final int MAX_EXACT_FRACTION_BITS = 2 * Real.MAX_FRACTION_BITS;

    private Powers() {}

    /**
     * The root that is not negative.
     *
     * @return exact for fractions; {@link Undefined#NO_REAL_RESULT} below zero
     */
    public static Result sqrt(Real number) {
        return power(number, Rational.of(1, 2));
    }

    static Result power(Real base, Real exponent) {
        if (exponent instanceof Rational whole && whole.isInteger()) {
            return wholePower(base, whole.numerator());
        }
        if (base.signum() < 0) {
            return Undefined.NO_REAL_RESULT;
        }
        if (base.isExact() && base.signum() == 0) {
            return exponent.signum() > 0 ? base : Undefined.DIVIDE_BY_ZERO;
        }
        if (exponent instanceof Rational y && base instanceof Rational x) {
            return rationalPower(x, y);
        }
        return fromDoubles(base, exponent);
    }

    /** The double nearest to e stands for e itself: e^x is exp(x), without the error of a rounded base. */
    private static boolean isE(Real base) {
        return base instanceof Approximate approximate && approximate.number() == Math.E;
    }

    private static Result wholePower(Real base, BigInteger exponent) {
        if (exponent.signum() == 0) {
            return Rational.ONE;
        }
        if (exponent.equals(BigInteger.ONE)) {
            return base;
        }
        if (base.signum() == 0) {
            return exponent.signum() > 0 ? base : Undefined.DIVIDE_BY_ZERO;
        }
        if (base instanceof Rational x) {
            return exactPower(x, exponent);
        }
        if (base instanceof Approximate && exponent.equals(BigInteger.TWO)) {
            return base.times(base); // the double nearest to the square, as a product elsewhere is
        }
        return IrrationalArithmetic.power(base, exponent)
                .<Result>map(exact -> exact)
                .orElseGet(() -> fromDoubles(base, Rational.of(exponent)));
    }

    private static Result exactPower(Rational base, BigInteger exponent) {
        BigInteger above = base.numerator();
        BigInteger below = base.denominator();
        if (below.equals(BigInteger.ONE)
                && above.bitLength() <= 1
                && above.abs().equals(BigInteger.ONE)) {
            return above.signum() > 0 || !exponent.testBit(0) ? Rational.ONE : base;
        }
        if (exponent.bitLength() > 31) {
            return Undefined.TOO_LARGE;
        }
        int times = Math.abs(exponent.intValue());
        // (bits − 1) × times is a lower bound of the answer's bits: what surely is too long is not begun.
        double leastBits = (Math.max(above.abs().bitLength(), below.bitLength()) - 1.0) * times;
        boolean answerIsWhole = exponent.signum() > 0 ? below.equals(BigInteger.ONE) : isOne(above);
        if (!answerIsWhole && leastBits > MAX_EXACT_FRACTION_BITS) {
            return longFraction(base, exponent.intValue(), leastBits);
        }
        if (BigRational.isTooManyBits(leastBits)) {
            return Undefined.TOO_LARGE;
        }
        return raised(base, exponent.intValue());
    }

    private static boolean isOne(BigInteger whole) {
        return whole.abs().equals(BigInteger.ONE);
    }

    /** A fraction too long to be kept exactly: rounded once, from 50 digits, unless no double is near it. */
    private static Result longFraction(Rational base, int exponent, double leastBits) {
        if (Math.abs(exponent) <= LONGEST_DECIMAL_EXPONENT) {
            BigDecimal decimal = new BigDecimal(base.numerator()).divide(new BigDecimal(base.denominator()), DIGITS);
            try {
                double nearest = decimal.pow(exponent, DIGITS).doubleValue();
                if (FarApproximate.isNear(nearest)) {
                    return Approximate.of(nearest);
                }
            } catch (ArithmeticException outOfDecimalRange) {
                return Undefined.TOO_LARGE;
            }
        }
        if (BigRational.isTooManyBits(leastBits)) {
            return Undefined.TOO_LARGE;
        }
        return raised(base, exponent);
    }

    /** Both parts to the power: they have no common factor before, so that they have none after. */
    private static Result raised(Rational base, int exponent) {
        int times = Math.abs(exponent);
        BigInteger above = LongOperations.power(base.numerator(), times);
        BigInteger below = LongOperations.power(base.denominator(), times);
        if (exponent > 0) {
            return BigRational.bounded(BigRational.lowest(above, below));
        }
        return BigRational.bounded(
                above.signum() < 0
                        ? BigRational.lowest(below.negate(), above.negate())
                        : BigRational.lowest(below, above));
    }

    private static Result rationalPower(Rational base, Rational exponent) {
        if (exponent.denominator().bitLength() <= 31) {
            int degree = exponent.denominator().intValue();
            BigInteger above = exactRoot(base.numerator(), degree);
            BigInteger below = exactRoot(base.denominator(), degree);
            if (above.signum() > 0 && below.signum() > 0) {
                return wholePower(Rational.of(above, below), exponent.numerator());
            }
        }
        Optional<Real> root = squareRoot(base, exponent);
        if (root.isPresent()) {
            return root.get();
        }
        double nearest = base.toDouble();
        if (!FarApproximate.isNear(nearest)) {
            return Extended.farPower(base, exponent);
        }
        if (exponent.equals(Rational.of(1, 2))) {
            return Approximate.of(Math.sqrt(nearest));
        }
        return fromDoubles(base, exponent);
    }

    /** A power with an exponent whose denominator is twice that of one that gives a fraction, as 2^(3/2) or 4^(1/4). */
    private static Optional<Real> squareRoot(Rational base, Rational exponent) {
        Rational doubled = (Rational) exponent.times(Rational.of(2));
        boolean isHalf =
                doubled.denominator().bitLength() < exponent.denominator().bitLength();
        return isHalf && rationalPower(base, doubled) instanceof Rational square
                ? RootSum.root(square)
                : Optional.empty();
    }

    /** The whole root, or 0 where there is none; 0 is never a root here, since the number is positive. */
    private static BigInteger exactRoot(BigInteger number, int degree) {
        if (isOne(number)) {
            return number;
        }
        if (degree >= number.bitLength()) {
            return BigInteger.ZERO;
        }
        BigInteger root = LongOperations.root(number, degree);
        return InParts.power(root, degree).equals(number) ? root : BigInteger.ZERO;
    }

    /** The power of a negative number is negative where the exponent, then a whole number, is odd. */
    private static Result signed(Real base, Real exponent, Result size) {
        boolean isNegative = base.signum() < 0
                && exponent instanceof Rational whole
                && whole.numerator().testBit(0);
        return isNegative && size instanceof Real real ? real.negate() : size;
    }

    private static Result fromDoubles(Real base, Real exponent) {
        if (isE(base)) {
            return Elementary.exp(exponent);
        }
        double near = base.toDouble();
        double power = exponent.toDouble();
        boolean isCubeRoot = exponent.equals(Rational.of(1, 3));
        double answer = isCubeRoot ? Math.cbrt(near) : Math.pow(near, power);
        if (!base.isFinite() || !exponent.isFinite()) {
            return Approximate.of(answer);
        }
        if (base.signum() != 0 && !(FarApproximate.isNear(near) && FarApproximate.isNear(answer))) {
            return signed(base, exponent, Extended.farPower(base.abs(), exponent));
        }
        // What rounding base and exponent to doubles left over: d(b^e) = b^e (e db / b + ln b de).
        double rest = power * Elementary.rest(base, near) / near
                + (isCubeRoot ? 0 : Math.log(near) * Elementary.rest(exponent, power));
        if (Math.abs(rest) > MOST_CORRECTION) {
            return signed(
                    base,
                    exponent,
                    Approximate.finite(Extended.power(base.abs(), exponent).hi()));
        }
        return Approximate.finite(Double.isFinite(answer * rest) ? answer + answer * rest : answer);
    }
}
