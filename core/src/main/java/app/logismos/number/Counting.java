package app.logismos.number;

import java.math.BigInteger;

/**
 * Factorials and what is counted with them, exact up to {@link Real#MAX_DIGITS} digits.
 *
 * <p>Products of many factors are multiplied in halves (binary splitting), so that the factors of each multiplication
 * are of like length and the fast multiplication of long numbers is used. An answer that would be too long is refused
 * from its estimated size, before any work.
 */
public final class Counting {
    private static final double BITS_PER_NAT = 1 / Math.log(2);

    /** The estimates are off by less than this. */
    private static final double SLACK_BITS = 64;

    /** Below so many factors a product is multiplied in a row. */
    private static final long ROW = 16;

    /** A product of more factors takes a moment. */
    private static final long LOOK = 1_000;

    private Counting() {}

    /**
     * n! (DLMF 5.4.1).
     *
     * @param n 0 or more
     */
    public static Result factorial(BigInteger n) {
        if (n.signum() < 0) {
            throw new IllegalArgumentException("n must be 0 or more, was " + n);
        }
        return isTooLong(BigInteger.ONE, n, BigInteger.ZERO) ? Undefined.TOO_LARGE : whole(product(2, n.longValue()));
    }

    /**
     * n!! = n (n − 2) (n − 4) … down to 2 or 1.
     *
     * @param n −1 or more; −1 and 0 give 1
     */
    public static Result doubleFactorial(BigInteger n) {
        if (n.bitLength() > 31 || BigRational.isTooManyBits(logGamma(n.doubleValue() + 1) * BITS_PER_NAT / 2)) {
            return Undefined.TOO_LARGE;
        }
        long last = n.longValue();
        if (last % 2 == 0) {
            return whole(product(2, last / 2).shiftLeft((int) (last / 2)));
        }
        // (2m − 1)!! = (2m)! / (2^m m!) = (m + 1) … (2m) / 2^m
        long m = (last + 1) / 2;
        return whole(product(m + 1, 2 * m).shiftRight((int) m));
    }

    /**
     * Ordered choices without repeats: n (n − 1) … (n − k + 1).
     *
     * @param n 0 or more
     * @param k 0 or more; 0 ways where it is above {@code n}
     */
    public static Result permutations(BigInteger n, BigInteger k) {
        if (k.compareTo(n) > 0) {
            return Rational.ZERO;
        }
        BigInteger first = n.subtract(k).add(BigInteger.ONE);
        return isTooLong(first, n, BigInteger.ZERO) ? Undefined.TOO_LARGE : whole(product(first, n));
    }

    /**
     * Choices without order: n! / (k! (n − k)!) (DLMF 1.2.1).
     *
     * @param n 0 or more
     * @param k 0 or more; 0 ways where it is above {@code n}
     */
    public static Result combinations(BigInteger n, BigInteger k) {
        if (k.compareTo(n) > 0) {
            return Rational.ZERO;
        }
        BigInteger fewer = k.min(n.subtract(k));
        BigInteger first = n.subtract(fewer).add(BigInteger.ONE);
        return isTooLong(first, n, fewer)
                ? Undefined.TOO_LARGE
                : whole(InParts.quotient(product(first, n), product(2, fewer.longValue())));
    }

    /** The number, unless it turned out a few digits too long. */
    private static Result whole(BigInteger number) {
        return BigRational.bounded(number, BigInteger.ONE);
    }

    /** Whether first × … × last, divided by divided!, surely has too many digits. */
    private static boolean isTooLong(BigInteger first, BigInteger last, BigInteger divided) {
        double nats = last.bitLength() < 50
                ? logGamma(last.doubleValue() + 1) - logGamma(first.doubleValue())
                : last.subtract(first).doubleValue() * last.bitLength() / BITS_PER_NAT;
        return BigRational.isTooManyBits((nats - logGamma(divided.doubleValue() + 1)) * BITS_PER_NAT - SLACK_BITS);
    }

    /** Stirling's series (DLMF 5.11.1): ample for an estimate of size. */
    private static double logGamma(double x) {
        return x < 8 ? Math.log(Math.max(1, x)) : (x - 0.5) * Math.log(x) - x + 0.92 + 1 / (12 * x);
    }

    private static BigInteger product(BigInteger first, BigInteger last) {
        if (last.bitLength() < 62) {
            return product(first.longValue(), last.longValue());
        }
        BigInteger count = last.subtract(first);
        if (count.bitLength() <= 3) {
            BigInteger all = BigInteger.ONE;
            for (BigInteger i = first; i.compareTo(last) <= 0; i = i.add(BigInteger.ONE)) {
                all = all.multiply(i);
            }
            return all;
        }
        Cancellable.check();
        BigInteger middle = first.add(count.shiftRight(1));
        return InParts.product(product(first, middle), product(middle.add(BigInteger.ONE), last));
    }

    /** first × (first + 1) × … × last; 1 where there is no factor. Short factors are multiplied in a {@code long} first. */
    private static BigInteger product(long first, long last) {
        if (last - first < ROW) {
            BigInteger all = BigInteger.ONE;
            long few = 1;
            for (long i = first; i <= last; i++) {
                if (Math.multiplyHigh(few, i) == 0 && few * i > 0) {
                    few *= i;
                } else {
                    all = all.multiply(BigInteger.valueOf(few));
                    few = i;
                }
            }
            return all.multiply(BigInteger.valueOf(few));
        }
        if (last - first > LOOK) {
            Cancellable.check();
        }
        long middle = first + (last - first) / 2;
        return InParts.product(product(first, middle), product(middle + 1, last));
    }
}
