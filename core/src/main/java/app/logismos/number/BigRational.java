package app.logismos.number;

import java.math.BigInteger;

/** A rational number one of whose parts does not fit a {@code long}; in lowest terms with a positive denominator. */
record BigRational(BigInteger numerator, BigInteger denominator) implements Rational {
    /** Bits of a whole number of {@link Real#MAX_DIGITS} digits. */
    private static final long MAX_BITS = (long) Math.ceil(MAX_DIGITS * (Math.log(10) / Math.log(2)));

    /** Enough quotient bits for a double, a guard bit and one that remembers the rest. */
    private static final int QUOTIENT_BITS = 66;

    /** Both parts at most this long: surely within a million digits, without counting them. */
    private static final long SURELY_SHORT = 3_321_000;

    /** What the denominators share is taken out before the parts grow (Knuth, The Art of Computer Programming 2, 4.5.1). */
    static Result sum(Rational a, Rational b) {
        BigInteger shared = LongOperations.gcd(a.denominator(), b.denominator());
        BigInteger left = InParts.quotient(b.denominator(), shared);
        BigInteger right = InParts.quotient(a.denominator(), shared);
        BigInteger above = InParts.product(a.numerator(), left).add(InParts.product(b.numerator(), right));
        if (above.signum() == 0) {
            return ZERO;
        }
        BigInteger still = LongOperations.gcd(above, shared);
        return bounded(lowest(
                InParts.quotient(above, still), InParts.product(right, InParts.quotient(b.denominator(), still))));
    }

    static Result product(Rational a, Rational b) {
        return product(a.numerator(), a.denominator(), b.numerator(), b.denominator());
    }

    static Result quotient(Rational a, Rational b) {
        BigInteger sign = BigInteger.valueOf(b.signum());
        return product(
                a.numerator(),
                a.denominator(),
                b.denominator().multiply(sign),
                b.numerator().abs());
    }

    /** Crosswise common factors go first: the product is then already in lowest terms. */
    private static Result product(BigInteger a, BigInteger b, BigInteger c, BigInteger d) {
        BigInteger first = LongOperations.gcd(a, d);
        BigInteger second = LongOperations.gcd(c, b);
        return bounded(lowest(
                InParts.product(InParts.quotient(a, first), InParts.quotient(c, second)),
                InParts.product(InParts.quotient(b, second), InParts.quotient(d, first))));
    }

    /** A fraction that needs no reducing; {@code below} is more than 0. */
    static Rational lowest(BigInteger above, BigInteger below) {
        return SmallRational.fits(above) && SmallRational.fits(below)
                ? below.equals(BigInteger.ONE)
                        ? SmallRational.of(above.longValue())
                        : new SmallRational(above.longValue(), below.longValue())
                : new BigRational(above, below);
    }

    static Result bounded(BigInteger above, BigInteger below) {
        return bounded(Rational.of(above, below));
    }

    /**
     * The fraction within the bounds of the language: exact where it may be, the nearest double where a part outgrows
     * {@link Real#MAX_FRACTION_BITS}, but exact all the same where that double would be zero or infinite.
     */
    static Result bounded(Rational exact) {
        int bits = Math.max(exact.numerator().bitLength(), exact.denominator().bitLength());
        if (exact.isInteger() || bits <= MAX_FRACTION_BITS) {
            return isTooLong(exact.numerator()) ? Undefined.TOO_LARGE : exact;
        }
        double nearest = exact.toDouble();
        if (FarApproximate.isNear(nearest)) {
            return Approximate.of(nearest);
        }
        return isTooLong(exact.numerator()) || isTooLong(exact.denominator()) ? Undefined.TOO_LARGE : exact;
    }

    /** Whether a whole number of so many bits is longer than the language allows, whatever its digits are. */
    static boolean isTooManyBits(double bits) {
        return bits > MAX_BITS;
    }

    private static boolean isTooLong(BigInteger whole) {
        int bits = whole.bitLength();
        return bits > SURELY_SHORT && (bits > MAX_BITS || whole.abs().compareTo(Longest.NUMBER) >= 0);
    }

    /** Made only when a number comes near it. */
    private static final class Longest {
        static final BigInteger NUMBER = BigInteger.TEN.pow(MAX_DIGITS);
    }

    @Override
    public boolean isInteger() {
        return denominator.equals(BigInteger.ONE);
    }

    @Override
    public int signum() {
        return numerator.signum();
    }

    @Override
    public Rational negate() {
        return Rational.of(numerator.negate(), denominator);
    }

    @Override
    public double toDouble() {
        return toDouble(numerator, denominator);
    }

    /** The nearest double, correctly rounded: to the even one where two are as near. */
    static double toDouble(BigInteger above, BigInteger below) {
        if (below.equals(BigInteger.ONE)) {
            return above.doubleValue();
        }
        int exponent = above.bitLength() - below.bitLength();
        if (exponent < Double.MIN_EXPONENT + 2) {
            return subnormal(above, below);
        }
        int shift = exponent - QUOTIENT_BITS;
        BigInteger[] parts = shift > 0
                ? above.abs().divideAndRemainder(below.shiftLeft(shift))
                : above.abs().shiftLeft(-shift).divideAndRemainder(below);
        BigInteger quotient = parts[1].signum() == 0 ? parts[0] : parts[0].setBit(0);
        double size = Math.scalb(quotient.doubleValue(), shift);
        return above.signum() < 0 ? -size : size;
    }

    /** The nearest among the multiples of the smallest double, found with two more bits and one for the rest. */
    private static double subnormal(BigInteger above, BigInteger below) {
        BigInteger[] parts = above.abs().shiftLeft(2 - Double.MIN_EXPONENT + 52).divideAndRemainder(below);
        long quarters = parts[0].longValue() | (parts[1].signum() == 0 ? 0 : 1);
        long whole = quarters >> 2;
        int rest = (int) (quarters & 3);
        long nearest = rest > 2 || rest == 2 && (whole & 1) == 1 ? whole + 1 : whole;
        double size = Double.longBitsToDouble(nearest);
        return above.signum() < 0 ? -size : size;
    }
}
