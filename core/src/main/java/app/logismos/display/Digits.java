package app.logismos.display;

import app.logismos.number.Irrational;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;

/** Rounds for show: half away from zero, on the exact value (language, section 7). */
final class Digits {
    /** From so many bits on, the leading bits decide; the rest is past any digit that is shown. */
    private static final int LONG_BITS = 4_096;

    private static final int LEADING_BITS = 256;

    private Digits() {}

    /**
     * The number to so many significant digits.
     *
     * @param number finite
     */
    static BigDecimal significant(Real number, int digits) {
        MathContext rounding = new MathContext(digits, RoundingMode.HALF_UP);
        if (number instanceof Irrational irrational) {
            return irrational.digits(digits);
        }
        Rational exact = Rounding.exact(number);
        return decimal(exact.numerator(), digits).divide(decimal(exact.denominator(), digits), rounding);
    }

    private static BigDecimal decimal(BigInteger whole, int digits) {
        if (whole.bitLength() <= LONG_BITS) {
            return new BigDecimal(whole);
        }
        int shift = whole.bitLength() - LEADING_BITS;
        MathContext ample = new MathContext(digits + 40);
        return new BigDecimal(whole.shiftRight(shift))
                .multiply(BigDecimal.valueOf(2).pow(shift, ample), ample);
    }

    /** The power of ten of the first significant digit; 0 for zero. */
    static int exponent(BigDecimal number) {
        return number.signum() == 0 ? 0 : number.precision() - number.scale() - 1;
    }

    /** Without trailing zeros, never in scientific form. */
    static String plain(BigDecimal number) {
        return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    }

    /** The first digit, the point, and the others. */
    static String mantissa(BigDecimal number) {
        return plain(number.movePointLeft(exponent(number)));
    }
}
