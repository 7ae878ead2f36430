package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/** Rounding to whole numbers and to decimal places, on the exact value. */
public final class Rounding {
    /** Powers of ten for places that need no big number. */
    private static final long[] SMALL_STEPS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000};

    private Rounding() {}

    /** The largest whole number that is not above {@code number}; undefined for an infinity. */
    public static Result floor(Real number) {
        return places(number, 0, RoundingMode.FLOOR);
    }

    /**
     * The nearest number with so many decimal places; negative places round to tens, hundreds and so on.
     *
     * @param mode half up is half away from zero, as in the language
     * @return an exact number; undefined for an infinity
     */
    public static Result places(Real number, int places, RoundingMode mode) {
        if (!number.isFinite()) {
            return Undefined.NO_REAL_RESULT;
        }
        if (number instanceof SmallRational small && places >= 0 && places < SMALL_STEPS.length) {
            long step = SMALL_STEPS[places];
            if (Math.multiplyHigh(small.above(), step) == small.above() * step >> 63) {
                long rounded = BigDecimal.valueOf(small.above() * step)
                        .divide(BigDecimal.valueOf(small.below()), 0, mode)
                        .longValue();
                return Rational.of(rounded, step);
            }
        }
        if (number instanceof Irrational irrational) {
            Rational step = (Rational) Powers.power(Rational.of(10), Rational.of(places));
            return Rational.of(irrational.rounded(step, mode)).dividedBy(step);
        }
        Rational exact = exact(number);
        BigInteger step = InParts.power(BigInteger.TEN, Math.abs(places));
        return places >= 0
                ? Rational.of(round(InParts.product(exact.numerator(), step), exact.denominator(), mode), step)
                : Rational.of(round(exact.numerator(), InParts.product(exact.denominator(), step), mode)
                        .multiply(step));
    }

    static BigInteger round(BigInteger above, BigInteger below, RoundingMode mode) {
        BigInteger[] parts = InParts.quotientAndRest(above, below);
        if (parts[1].signum() == 0) {
            return parts[0];
        }
        // Rounding depends only on the parity of the last digit and on how the remainder compares with one half. So a
        // short number with the same two properties is rounded instead.
        long last = parts[0].testBit(0) ? above.signum() : 0;
        long quarters = above.signum() * (2L + parts[1].abs().shiftLeft(1).compareTo(below));
        BigDecimal near = BigDecimal.valueOf(last).add(BigDecimal.valueOf(quarters * 25, 2));
        return parts[0].add(BigInteger.valueOf(near.setScale(0, mode).longValue() - last));
    }

    /** The fraction that the number is; of an irrational one the fraction of its first 48 digits. */
    public static Rational exact(Real number) {
        if (number instanceof Rational rational) {
            return rational;
        }
        if (number instanceof Irrational irrational) {
            return irrational.near(Irrational.FIRST_BITS);
        }
        return Rational.of(
                number instanceof FarApproximate far ? far.number() : new BigDecimal(((Approximate) number).number()));
    }
}
