package app.logismos.number;

/**
 * A real number, or plus or minus infinity. Immutable.
 *
 * <p>Exact numbers are integers, fractions, sums of square roots, and multiples of π; they have one representation each,
 * so that equal exact numbers are equal objects. Everything else is an IEEE 754 double, or beyond the doubles as many
 * digits with a longer exponent, and says so in {@link #isExact()}.
 * Exact operands give exact answers wherever the operation allows (language, section 3).
 */
public sealed interface Real extends Result, Comparable<Real>
        permits Rational, Irrational, Approximate, FarApproximate {
    /** A whole number with more decimal digits than this is refused as {@link Undefined#TOO_LARGE}. */
    int MAX_DIGITS = 1_000_000;

    /** A fraction with a numerator or denominator longer than this many bits becomes approximate. */
    int MAX_FRACTION_BITS = 4_096;

    /** The number that a double stands for. */
    static Real from(double number) {
        return new Approximate(number);
    }

    /** Whether this is the number itself and not the nearest double to it. */
    boolean isExact();

    /** −1, 0 or 1. */
    int signum();

    /** The nearest double; infinite or zero where no double is near. */
    double toDouble();

    /** This number with the other sign. */
    Real negate();

    /** The sum; undefined for infinities of unlike sign. */
    default Result plus(Real other) {
        return Arithmetic.plus(this, other);
    }

    /** The difference; undefined for infinities of like sign. */
    default Result minus(Real other) {
        return Arithmetic.plus(this, other.negate());
    }

    /** The product; undefined for zero times infinity. */
    default Result times(Real other) {
        return Arithmetic.times(this, other);
    }

    /** The quotient; {@link Undefined#DIVIDE_BY_ZERO} where {@code other} is zero. */
    default Result dividedBy(Real other) {
        return Arithmetic.divide(this, other);
    }

    /** The quotient rounded down, as an exact whole number. */
    default Result floorDividedBy(Real other) {
        return Arithmetic.divide(this, other) instanceof Real quotient ? Rounding.floor(quotient) : undefinedBy(other);
    }

    /** The remainder that {@link #floorDividedBy} leaves; it has the sign of {@code other}. */
    default Result modulo(Real other) {
        if (!(floorDividedBy(other) instanceof Real quotient)) {
            return undefinedBy(other);
        }
        return quotient.times(other) instanceof Real whole ? minus(whole) : Undefined.TOO_LARGE;
    }

    private Undefined undefinedBy(Real divisor) {
        return divisor.signum() == 0 ? Undefined.DIVIDE_BY_ZERO : Undefined.NO_REAL_RESULT;
    }

    /** This number raised to {@code exponent}; exact where the answer is rational or a sum of square roots. */
    default Result power(Real exponent) {
        return Powers.power(this, exponent);
    }

    /** The number without its sign. */
    default Real abs() {
        return signum() < 0 ? negate() : this;
    }

    /** Whether this is an exact whole number. */
    default boolean isWhole() {
        return this instanceof Rational rational && rational.isInteger();
    }

    /** Whether this is neither plus nor minus infinity. */
    default boolean isFinite() {
        return !(this instanceof Approximate a) || Double.isFinite(a.number());
    }

    /** Compares the numbers as they are; a double stands for exactly the number it holds. */
    @Override
    default int compareTo(Real other) {
        return Arithmetic.compare(this, other);
    }
}
