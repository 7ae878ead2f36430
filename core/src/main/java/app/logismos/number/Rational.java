package app.logismos.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;

/**
 * An exact rational number in lowest terms with a positive denominator.
 *
 * <p>Two representations share the work: {@code SmallRational} for those whose parts fit a {@code long}, the fast path,
 * and {@code BigRational} for the others. A number that fits the small one is never held by the big one.
 */
public sealed interface Rational extends Real permits SmallRational, BigRational {
    /** 0. */
    Rational ZERO = of(0);

    /** 1. */
    Rational ONE = of(1);

    /** The characters of the longest entry. */
    int LONGEST_READ = 8_192;

    /** So many digits, or fewer, fit a {@code long} whatever they are. */
    int DIGITS_OF_LONG = 18;

    /** The part above the line; carries the sign. */
    BigInteger numerator();

    /** The part below the line, 1 or more. */
    BigInteger denominator();

    /** Whether the denominator is 1. */
    boolean isInteger();

    /** The whole number given. */
    static Rational of(long whole) {
        return whole == Long.MIN_VALUE
                ? new BigRational(BigInteger.valueOf(whole), BigInteger.ONE)
                : SmallRational.of(whole);
    }

    /** The whole number given. */
    static Rational of(BigInteger whole) {
        return SmallRational.fits(whole) ? SmallRational.of(whole.longValue()) : new BigRational(whole, BigInteger.ONE);
    }

    /**
     * The fraction given, in lowest terms.
     *
     * @param denominator any whole number but 0
     */
    static Rational of(BigInteger numerator, BigInteger denominator) {
        if (denominator.signum() == 0) {
            throw new IllegalArgumentException("denominator must not be 0, numerator was " + numerator);
        }
        BigInteger shared = LongOperations.gcd(numerator, denominator);
        BigInteger divisor = denominator.signum() < 0 ? shared.negate() : shared;
        return BigRational.lowest(InParts.quotient(numerator, divisor), InParts.quotient(denominator, divisor));
    }

    /** The fraction given, in lowest terms. */
    static Rational of(long numerator, long denominator) {
        return denominator > 0 && numerator != Long.MIN_VALUE
                ? SmallRational.reduced(numerator, denominator)
                : of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
    }

    /** The exact fraction that a decimal spells. */
    static Rational of(BigDecimal decimal) {
        return decimal.scale() <= 0
                ? of(decimal.toBigIntegerExact())
                : of(decimal.unscaledValue(), InParts.power(BigInteger.TEN, decimal.scale()));
    }

    /**
     * The number that a decimal with a point spells, as {@link BigDecimal} reads it; nothing where it is none, or where it
     * has more digits than an entry (language, section 8) or than a number may have.
     */
    static Optional<Rational> read(String decimal) {
        if (decimal.length() <= DIGITS_OF_LONG) {
            Optional<Rational> few = readDigits(decimal);
            if (few.isPresent()) {
                return few;
            }
        }
        if (decimal.length() > LONGEST_READ) {
            return Optional.empty();
        }
        try {
            BigDecimal number = new BigDecimal(decimal);
            return Math.abs((long) number.scale()) <= MAX_DIGITS ? Optional.of(of(number)) : Optional.empty();
        } catch (NumberFormatException noNumber) {
            return Optional.empty();
        }
    }

    /** Digits with or without a point between them, and nothing else: what most documents hold. */
    private static Optional<Rational> readDigits(String decimal) {
        int start = decimal.startsWith("-") ? 1 : 0;
        long unscaled = 0;
        long scale = 0;
        for (int i = start; i < decimal.length(); i++) {
            char c = decimal.charAt(i);
            if (c == '.' && scale == 0 && i > start && i < decimal.length() - 1) {
                scale = 1;
            } else if (c >= '0' && c <= '9') {
                unscaled = unscaled * 10 + c - '0';
                scale *= 10;
            } else {
                return Optional.empty();
            }
        }
        return decimal.length() == start
                ? Optional.empty()
                : Optional.of(of(start == 0 ? unscaled : -unscaled, Math.max(1, scale)));
    }

    /** The whole part, rounded towards minus infinity. */
    default BigInteger floor() {
        BigInteger[] parts = numerator().divideAndRemainder(denominator());
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    @Override
    default boolean isExact() {
        return true;
    }
}
