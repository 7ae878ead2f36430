package app.logismos.number;

import java.math.BigInteger;

/**
 * The fast path: both parts fit a {@code long}, and neither is {@link Long#MIN_VALUE}, so that every sign can be
 * turned. Sums and products of small numbers stay here and allocate nothing but their answer; what overflows is
 * worked again by {@link BigRational}.
 */
record SmallRational(long above, long below) implements Rational {
    private static final int CACHED = 1_024;
    private static final SmallRational[] WHOLE = new SmallRational[2 * CACHED];

    /** Denominators of decimals with two places are below this. */
    private static final int TABLE_SIZE = 128;

    /** The greatest common divisors of small numbers, which are asked for most: that of b and r at b × 128 + r. */
    private static final byte[] COMMON = new byte[TABLE_SIZE * TABLE_SIZE];

    static {
        for (int i = 0; i < WHOLE.length; i++) {
            WHOLE[i] = new SmallRational(i - CACHED, 1);
        }
        for (int b = 1; b < TABLE_SIZE; b++) {
            for (int rest = 1; rest < b; rest++) {
                COMMON[b * TABLE_SIZE + rest] = (byte) steins(rest, b);
            }
        }
    }

    static SmallRational of(long whole) {
        return whole >= -CACHED && whole < CACHED ? WHOLE[(int) whole + CACHED] : new SmallRational(whole, 1);
    }

    static boolean fits(BigInteger whole) {
        return whole.bitLength() <= 63 && whole.longValue() != Long.MIN_VALUE;
    }

    /** Written by hand: the method that records generate is slower. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof SmallRational that && above == that.above && below == that.below;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(above) * 31 + Long.hashCode(below);
    }

    @Override
    public BigInteger numerator() {
        return BigInteger.valueOf(above);
    }

    @Override
    public BigInteger denominator() {
        return BigInteger.valueOf(below);
    }

    @Override
    public boolean isInteger() {
        return below == 1;
    }

    @Override
    public int signum() {
        return Long.signum(above);
    }

    @Override
    public SmallRational negate() {
        return below == 1 ? of(-above) : new SmallRational(-above, below);
    }

    @Override
    public double toDouble() {
        boolean bothHeldByDoubles = Math.abs(above) <= 1L << 53 && below <= 1L << 53;
        return bothHeldByDoubles ? (double) above / below : BigRational.toDouble(numerator(), denominator());
    }

    Result plus(SmallRational other) {
        if (below == other.below) {
            long sum = above + other.above;
            boolean overflows = ((above ^ sum) & (other.above ^ sum)) < 0 || sum == Long.MIN_VALUE;
            return overflows ? bigPlus(other) : below == 1 ? of(sum) : reduced(sum, below);
        }
        long shared = gcd(below, other.below);
        long left = other.below / shared;
        long right = below / shared;
        if (overflows(above, left) || overflows(other.above, right) || overflows(below, left)) {
            return bigPlus(other);
        }
        long first = above * left;
        long second = other.above * right;
        long sum = first + second;
        boolean overflows = ((first ^ sum) & (second ^ sum)) < 0 || sum == Long.MIN_VALUE;
        if (overflows) {
            return bigPlus(other);
        }
        // Without a common factor of the denominators the sum has none with their product (Knuth, 4.5.1).
        return shared == 1 ? new SmallRational(sum, below * left) : reduced(sum, below * left);
    }

    Result times(SmallRational other) {
        if (below == 1 && other.below == 1) {
            return overflows(above, other.above) ? bigTimes(other) : of(above * other.above);
        }
        // Crosswise common factors go first: both parts of the product are then already in lowest terms.
        long first = gcd(Math.abs(above), other.below);
        long second = gcd(Math.abs(other.above), below);
        long a = above / first;
        long b = other.above / second;
        long c = below / second;
        long d = other.below / first;
        return overflows(a, b) || overflows(c, d) ? bigTimes(other) : new SmallRational(a * b, c * d);
    }

    /** The quotient; {@code other} is not 0. */
    Result dividedBy(SmallRational other) {
        return times(new SmallRational(other.below * Long.signum(other.above), Math.abs(other.above)));
    }

    /** Compares by the cross products, in 128 bits. */
    int compare(SmallRational other) {
        if (below == other.below) {
            return Long.compare(above, other.above);
        }
        long highLeft = Math.multiplyHigh(above, other.below);
        long highRight = Math.multiplyHigh(other.above, below);
        return highLeft != highRight
                ? Long.compare(highLeft, highRight)
                : Long.compareUnsigned(above * other.below, other.above * below);
    }

    private Result bigPlus(SmallRational other) {
        return BigRational.sum(this, other);
    }

    private Result bigTimes(SmallRational other) {
        return BigRational.product(this, other);
    }

    /** The fraction in lowest terms; {@code below} is more than 0. */
    static SmallRational reduced(long above, long below) {
        long shared = gcd(Math.abs(above), below);
        return below == shared ? of(above / shared) : new SmallRational(above / shared, below / shared);
    }

    /** Whether the product does not fit, the one value {@link Long#MIN_VALUE} included. */
    private static boolean overflows(long a, long b) {
        long product = a * b;
        return Math.multiplyHigh(a, b) != product >> 63 || product == Long.MIN_VALUE;
    }

    /** The greatest common divisor; 0 counts as a multiple of everything. */
    static long gcd(long a, long b) {
        if (a == 0 || b == 0) {
            return a | b;
        }
        if (b == 1) {
            return 1;
        }
        // One division first brings both near each other; that of ints is several times as fast.
        long rest = (a | b) >>> 31 == 0 ? (int) a % (int) b : a % b;
        if (rest == 0) {
            return b;
        }
        return b < TABLE_SIZE ? COMMON[(int) (b * TABLE_SIZE + rest)] : steins(rest, b);
    }

    /** Stein's binary algorithm: shifts instead of divisions (Knuth, The Art of Computer Programming 2, 4.5.2 B). */
    private static long steins(long a, long b) {
        int twos = Long.numberOfTrailingZeros(a | b);
        long x = a >>> Long.numberOfTrailingZeros(a);
        long y = b >>> Long.numberOfTrailingZeros(b);
        while (x != y) {
            if (x > y) {
                x -= y;
                x >>>= Long.numberOfTrailingZeros(x);
            } else {
                y -= x;
                y >>>= Long.numberOfTrailingZeros(y);
            }
        }
        return x << twos;
    }
}
