package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * An exact number that is no fraction, known to as many digits as are asked for. Whatever must be decided about it, an
 * order or a digit, is decided by more and more of them: it never lies on the border itself, since that is a fraction.
 */
public sealed interface Irrational extends Real permits RootSum, PiMultiple {
    /** What {@link #scaled} is off by is less than 2 to the power of this. */
    int BITS_OFF = 5;

    /** So many bits that forty decimal digits and a few more are right. */
    int FIRST_BITS = 160;

    /** This number times 2 to the power of {@code bits}, as a whole number that is off by less than {@link #BITS_OFF} bits. */
    BigInteger scaled(int bits);

    @Override
    default boolean isExact() {
        return true;
    }

    /** A fraction that has at least so many leading bits of this number right. */
    default Rational near(int leading) {
        for (int bits = leading; ; bits *= 2) {
            Cancellable.check();
            BigInteger scaled = scaled(bits);
            if (scaled.bitLength() >= leading + BITS_OFF) {
                int shared = Math.min(bits, scaled.getLowestSetBit());
                return BigRational.lowest(scaled.shiftRight(shared), BigInteger.ONE.shiftLeft(bits - shared));
            }
        }
    }

    @Override
    default double toDouble() {
        return near(FIRST_BITS).toDouble();
    }

    @Override
    default int signum() {
        return near(1).signum();
    }

    /** −1 or 1: two exact numbers of which one at least is irrational, and which differ. */
    static int compare(Real a, Real b) {
        for (int bits = FIRST_BITS; ; bits *= 2) {
            Cancellable.check();
            BigInteger difference = scaled(a, bits).subtract(scaled(b, bits));
            if (difference.bitLength() > BITS_OFF + 2) {
                return difference.signum();
            }
        }
    }

    private static BigInteger scaled(Real number, int bits) {
        if (number instanceof Irrational irrational) {
            return irrational.scaled(bits);
        }
        Rational exact = Rounding.exact(number);
        return InParts.quotient(exact.numerator().shiftLeft(bits), exact.denominator());
    }

    /** This number times {@code step}, rounded to a whole number. */
    default BigInteger rounded(Rational step, RoundingMode mode) {
        int size = Math.max(0, step.numerator().bitLength() - step.denominator().bitLength());
        for (int bits = FIRST_BITS + size; ; bits *= 2) {
            Cancellable.check();
            BigInteger scaled = scaled(bits);
            BigInteger off = BigInteger.ONE.shiftLeft(BITS_OFF);
            BigInteger least = rounded(scaled.subtract(off), bits, step, mode);
            if (least.equals(rounded(scaled.add(off), bits, step, mode))) {
                return least;
            }
        }
    }

    private static BigInteger rounded(BigInteger scaled, int bits, Rational step, RoundingMode mode) {
        return Rounding.round(
                InParts.product(scaled, step.numerator()), step.denominator().shiftLeft(bits), mode);
    }

    /** This number to so many significant digits, rounded half away from zero. */
    default BigDecimal digits(int digits) {
        for (int bits = digits * 4 + FIRST_BITS; ; bits *= 2) {
            Cancellable.check();
            Optional<BigDecimal> found = Ball.of(this, bits).digits(digits);
            if (found.isPresent()) {
                return found.get();
            }
        }
    }
}
