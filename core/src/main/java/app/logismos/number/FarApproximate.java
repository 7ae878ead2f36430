package app.logismos.number;

import java.math.BigDecimal;
import java.math.MathContext;

/**
 * An approximate number beyond the doubles, too large or too small for one: seventeen digits and an exponent of up to
 * {@link Real#MAX_DIGITS} either way. What comes back among the doubles is an {@link Approximate} again.
 *
 * @param number not 0
 */
record FarApproximate(BigDecimal number) implements Real {
    private static final MathContext DIGITS = new MathContext(17);

    /** Enough digits of an exact operand that the answer is right in its seventeenth. */
    private static final MathContext AMPLE = new MathContext(40);

    private static final BigDecimal LARGEST_DOUBLE = new BigDecimal(Double.MAX_VALUE);
    private static final BigDecimal SMALLEST_DOUBLE = new BigDecimal(Double.MIN_NORMAL);

    /** An operation on decimals. */
    interface Operation {
        BigDecimal of(BigDecimal a, BigDecimal b, MathContext digits);
    }

    /** The approximate number near a decimal; {@link Undefined#TOO_LARGE} where its exponent is past the bound. */
    static Result of(BigDecimal number) {
        if (number.signum() == 0) {
            return new Approximate(0);
        }
        BigDecimal size = number.abs();
        if (size.compareTo(SMALLEST_DOUBLE) >= 0 && size.compareTo(LARGEST_DOUBLE) <= 0) {
            return new Approximate(number.doubleValue());
        }
        BigDecimal rounded = number.round(DIGITS).stripTrailingZeros();
        long exponent = (long) rounded.precision() - rounded.scale();
        return Math.abs(exponent) > MAX_DIGITS ? Undefined.TOO_LARGE : new FarApproximate(rounded);
    }

    /** What an operation makes of two finite numbers. */
    static Result of(Real a, Real b, Operation operation) {
        try {
            return of(operation.of(decimal(a), decimal(b), DIGITS));
        } catch (ArithmeticException exponentPastAllBounds) {
            return Undefined.TOO_LARGE;
        }
    }

    /** Whether a double holds an answer to all its digits. */
    static boolean isNear(double answer) {
        double size = Math.abs(answer);
        return size >= Double.MIN_NORMAL && size <= Double.MAX_VALUE;
    }

    /** The first digits of a finite number. */
    static BigDecimal decimal(Real number) {
        if (number instanceof FarApproximate far) {
            return far.number;
        }
        Rational exact = Rounding.exact(number);
        return new BigDecimal(exact.numerator()).divide(new BigDecimal(exact.denominator()), AMPLE);
    }

    @Override
    public boolean isExact() {
        return false;
    }

    @Override
    public int signum() {
        return number.signum();
    }

    @Override
    public double toDouble() {
        return number.doubleValue();
    }

    @Override
    public Real negate() {
        return new FarApproximate(number.negate());
    }
}
