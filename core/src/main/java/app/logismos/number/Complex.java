package app.logismos.number;

import java.math.BigInteger;
import java.util.function.BiFunction;
import org.apache.commons.numbers.core.DD;

/**
 * A complex number. Each part is exact where it can be; products and quotients of doubles are worked out exactly and
 * rounded once. A zero has no sign, so that on a cut it counts as +0 (language, section 14).
 */
public record Complex(Real re, Real im) implements Result {
    /** 0. */
    public static final Complex ZERO = of(Rational.ZERO);

    /** 1. */
    public static final Complex ONE = of(Rational.ONE);

    /** The imaginary unit. */
    public static final Complex I = new Complex(Rational.ZERO, Rational.ONE);

    private static final Rational HALF = Rational.of(1, 2);
    private static final BigInteger MOST_STEPS = BigInteger.valueOf(100_000);

    /** The real number as a complex one. */
    public static Complex of(Real real) {
        return new Complex(real, Rational.ZERO);
    }

    /** What two operations make its parts, where both have a result. */
    static Result of(Result re, Result im) {
        if (re instanceof Real x && im instanceof Real y) {
            return new Complex(x, y);
        }
        return re instanceof Undefined ? re : im;
    }

    /** The number at this distance from 0 in this direction, in radians. */
    public static Result polar(Real distance, Real angle) {
        return Elementary.cos(angle) instanceof Real cosine && Elementary.sin(angle) instanceof Real sine
                ? of(distance.times(cosine), distance.times(sine))
                : Undefined.TOO_LARGE;
    }

    /** Whether both parts are exact. */
    public boolean isExact() {
        return re.isExact() && im.isExact();
    }

    /** Whether the imaginary part is 0. */
    public boolean isReal() {
        return im.signum() == 0;
    }

    public boolean isZero() {
        return re.signum() == 0 && im.signum() == 0;
    }

    public boolean isFinite() {
        return re.isFinite() && im.isFinite();
    }

    public Result plus(Complex other) {
        return of(re.plus(other.re), im.plus(other.im));
    }

    public Result minus(Complex other) {
        return plus(other.negate());
    }

    public Complex negate() {
        return new Complex(re.negate(), im.negate());
    }

    public Complex conjugate() {
        return new Complex(re, im.negate());
    }

    /** The product. */
    public Result times(Complex other) {
        if (isExactlyReal()) {
            return of(re.times(other.re), re.times(other.im));
        }
        if (other.isExactlyReal()) {
            return other.times(this);
        }
        return roundedOnce(
                this,
                other,
                (a, b) -> of(less(a.re.times(b.re), a.im.times(b.im)), more(a.re.times(b.im), a.im.times(b.re))));
    }

    /** The quotient; {@link Undefined#DIVIDE_BY_ZERO} where {@code other} is zero. */
    public Result dividedBy(Complex other) {
        if (other.isZero()) {
            return Undefined.DIVIDE_BY_ZERO;
        }
        if (other.isExactlyReal()) {
            return of(re.dividedBy(other.re), im.dividedBy(other.re));
        }
        return roundedOnce(
                this,
                other,
                (a, b) -> b.squareOfSize() instanceof Real size && a.times(b.conjugate()) instanceof Complex product
                        ? of(product.re.dividedBy(size), product.im.dividedBy(size))
                        : Undefined.TOO_LARGE);
    }

    private boolean isExactlyReal() {
        return im instanceof Rational zero && zero.signum() == 0;
    }

    private boolean isExactlyImaginary() {
        return re instanceof Rational zero && zero.signum() == 0;
    }

    /** The square of the distance from 0. */
    Result squareOfSize() {
        return more(re.times(re), im.times(im));
    }

    private static Result more(Result a, Result b) {
        return a instanceof Real x && b instanceof Real y ? x.plus(y) : Undefined.TOO_LARGE;
    }

    private static Result less(Result a, Result b) {
        return a instanceof Real x && b instanceof Real y ? x.minus(y) : Undefined.TOO_LARGE;
    }

    /** An operation on exact numbers; where its operands or its answer are not exact, on fractions that are rounded after it. */
    private static Result roundedOnce(Complex a, Complex b, BiFunction<Complex, Complex, Result> operation) {
        if (!a.isFinite() || !b.isFinite()) {
            return Undefined.NO_REAL_RESULT;
        }
        if (a.isExact() && b.isExact() && operation.apply(a, b) instanceof Complex exact && exact.isExact()) {
            return exact;
        }
        return operation.apply(a.fractions(), b.fractions()) instanceof Complex near
                ? new Complex(Plain.approximate(near.re), Plain.approximate(near.im))
                : Undefined.TOO_LARGE;
    }

    private Complex fractions() {
        return new Complex(Rounding.exact(re), Rounding.exact(im));
    }

    /** The distance from 0. */
    public Result abs() {
        if (isReal() || re.signum() == 0) {
            return isReal() ? re.abs() : im.abs();
        }
        if (!isFinite()) {
            return Real.from(Double.POSITIVE_INFINITY);
        }
        return (isExact() ? this : fractions()).squareOfSize() instanceof Real square
                ? rounded(Powers.sqrt(square))
                : Undefined.TOO_LARGE;
    }

    /** What came out of fractions is exact only where this is. */
    private Result rounded(Result result) {
        return !isExact() && result instanceof Real real ? Plain.approximate(real) : result;
    }

    /** The angle from −π to π; {@link Undefined#NO_REAL_RESULT} for 0. */
    public Result arg() {
        return isZero() ? Undefined.NO_REAL_RESULT : InverseAngles.atan2(im, re);
    }

    /** The principal power: {@code exp(exponent · ln)}, with cut along the negative numbers (DLMF 4.2.26). */
    public Result power(Complex exponent) {
        if (exponent.isZero()) {
            return ONE;
        }
        if (isZero()) {
            return exponent.re.signum() > 0
                    ? this
                    : exponent.re.signum() < 0 ? Undefined.DIVIDE_BY_ZERO : Undefined.NO_REAL_RESULT;
        }
        if (exponent.isReal() && exponent.re instanceof Rational real) {
            if (real.isInteger() && isExact() && exactPower(real.numerator()) instanceof Complex exact) {
                return exact;
            }
            if (real.equals(HALF)) {
                return ComplexFunctions.sqrt(this);
            }
            if (isExactlyReal() && re.signum() > 0) {
                return of(re.power(real), Rational.ZERO);
            }
        }
        if (!isFinite() || !exponent.isFinite()) {
            return Undefined.NO_REAL_RESULT;
        }
        Result logarithm = ComplexFunctions.ln(this);
        if (logarithm instanceof Complex exact && exact.isExact()) {
            return exact.times(exponent) instanceof Complex product
                    ? ComplexFunctions.exp(product)
                    : Undefined.TOO_LARGE;
        }
        return nearPower(exponent);
    }

    /** In twice the digits of a double, since the exponential makes absolute errors relative ones. */
    private Result nearPower(Complex exponent) {
        Complex base = fractions();
        if (!(base.squareOfSize() instanceof Real square)) {
            return Undefined.TOO_LARGE;
        }
        DD size = Extended.ln(square).scalb(-1);
        DD angle = Extended.angle(Extended.of(base.im.abs()), Extended.of(base.re));
        angle = im.signum() < 0 ? angle.negate() : angle;
        DD re = Extended.of(exponent.re);
        DD im = Extended.of(exponent.im);
        return exp(
                re.multiply(size).subtract(im.multiply(angle)),
                re.multiply(angle).add(im.multiply(size)));
    }

    private static Result exp(DD size, DD angle) {
        if (!size.isFinite() || !angle.isFinite()) {
            return Undefined.TOO_LARGE;
        }
        return Extended.farExp(size) instanceof Real distance
                ? Extended.sineAndCosine(Rational.of(angle.bigDecimalValue()))
                        .map(turn -> of(
                                distance.times(Real.from(turn.cosine().hi())),
                                distance.times(Real.from(turn.sine().hi()))))
                        .orElse(Undefined.TOO_LARGE)
                : Undefined.TOO_LARGE;
    }

    /** The power by squaring, as long as its parts are exact. */
    private Result exactPower(BigInteger exponent) {
        if (exponent.abs().compareTo(MOST_STEPS) > 0 && !isOfSizeOne()) {
            return Undefined.TOO_LARGE;
        }
        Result base = exponent.signum() < 0 ? ONE.dividedBy(this) : this;
        Result power = ONE;
        BigInteger times = exponent.abs();
        for (int bit = times.bitLength() - 1; bit >= 0; bit--) {
            Cancellable.check();
            power = exactly(power, power);
            power = times.testBit(bit) ? exactly(power, base) : power;
        }
        return power;
    }

    private boolean isOfSizeOne() {
        return squareOfSize() instanceof Rational one && one.equals(Rational.ONE);
    }

    private static Result exactly(Result a, Result b) {
        return a instanceof Complex x
                        && b instanceof Complex y
                        && x.times(y) instanceof Complex product
                        && product.isExact()
                ? product
                : Undefined.TOO_LARGE;
    }
}
