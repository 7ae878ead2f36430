package app.logismos.number;

import java.math.BigInteger;

/**
 * Operations on whole numbers whose time grows faster than their length, in parts between which {@link Cancellable} is
 * asked: {@link BigInteger} itself cannot be stopped. Short numbers are left to it.
 */
final class LongOperations {
    /** {@link BigInteger#gcd} takes some hundredths of a second for as many bits. */
    private static final int SHORT_BITS = 100_000;

    /** Powers of so many bits take a tenth of a second. */
    private static final int LONG_BITS = 400_000;

    /** Leading bits that one step of Lehmer's algorithm looks at; its factors and products with them fit a long. */
    private static final int LEADING_BITS = 62;

    /** Roots of so many bits are found from a double, with an error below 1. */
    private static final int ROOT_BITS_OF_DOUBLE = 40;

    private LongOperations() {}

    /** The greatest common divisor, 0 or more; by Lehmer's algorithm (Knuth, The Art of Computer Programming 2, 4.5.2 L). */
    static BigInteger gcd(BigInteger a, BigInteger b) {
        BigInteger x = a.abs().max(b.abs());
        BigInteger y = a.abs().min(b.abs());
        if (y.bitLength() > SHORT_BITS) {
            Cancellable.beforeLongStep();
        }
        while (y.bitLength() > SHORT_BITS) {
            Cancellable.check();
            int shift = x.bitLength() - LEADING_BITS;
            Step step =
                    Step.of(x.shiftRight(shift).longValue(), y.shiftRight(shift).longValue());
            if (step.b == 0) {
                BigInteger rest = InParts.rest(x, y);
                x = y;
                y = rest;
            } else {
                BigInteger next = combined(x, step.a, y, step.b);
                y = combined(x, step.c, y, step.d);
                x = next;
            }
        }
        return y.signum() == 0 ? x : InParts.rest(x, y).gcd(y);
    }

    private static BigInteger combined(BigInteger x, long a, BigInteger y, long b) {
        return x.multiply(BigInteger.valueOf(a)).add(y.multiply(BigInteger.valueOf(b)));
    }

    /** What several divisions together make of two numbers x and y: a x + b y and c x + d y; b is 0 where it is none. */
    private record Step(long a, long b, long c, long d) {
        /** The divisions whose quotients the leading digits alone decide. */
        static Step of(long leadingX, long leadingY) {
            long x = leadingX;
            long y = leadingY;
            long a = 1;
            long b = 0;
            long c = 0;
            long d = 1;
            while (y + c != 0 && y + d != 0) {
                long quotient = (x + a) / (y + c);
                if (quotient != (x + b) / (y + d)) {
                    break;
                }
                long nextC = a - quotient * c;
                long nextD = b - quotient * d;
                // Factors of 31 bits keep all products here within a long.
                if (Math.abs(nextC) >>> 31 != 0 || Math.abs(nextD) >>> 31 != 0) {
                    break;
                }
                a = c;
                c = nextC;
                b = d;
                d = nextD;
                long rest = x - quotient * y;
                x = y;
                y = rest;
            }
            return new Step(a, b, c, d);
        }
    }

    /**
     * The root of a number above 0, rounded down: by Newton's iteration from above, begun at the root of the leading half
     * of the digits, so that one or two steps have the full length.
     *
     * @param degree 2 or more
     */
    static BigInteger root(BigInteger number, int degree) {
        int rootBits = (number.bitLength() - 1) / degree + 1;
        if (rootBits <= ROOT_BITS_OF_DOUBLE) {
            return rootNear(Math.round(Math.pow(2, log2(number) / degree)), number, degree);
        }
        int low = rootBits / 2;
        BigInteger guess = root(number.shiftRight(low * degree), degree)
                .add(BigInteger.ONE)
                .shiftLeft(low);
        while (true) {
            if (number.bitLength() > LONG_BITS) {
                Cancellable.beforeLongStep();
            }
            BigInteger power = InParts.power(guess, degree - 1);
            BigInteger next = guess.multiply(BigInteger.valueOf(degree - 1L))
                    .add(InParts.quotient(number, power))
                    .divide(BigInteger.valueOf(degree));
            if (next.compareTo(guess) >= 0) {
                return guess;
            }
            guess = next;
        }
    }

    /** The power of a number. */
    static BigInteger power(BigInteger base, int exponent) {
        if ((long) base.bitLength() * exponent > LONG_BITS) {
            Cancellable.beforeLongStep();
        }
        return InParts.power(base, exponent);
    }

    /** The power of a number, less whole multiples of the modulus, bit by bit. */
    static BigInteger power(BigInteger base, BigInteger exponent, BigInteger modulus) {
        BigInteger power = BigInteger.ONE;
        for (int bit = exponent.bitLength() - 1; bit >= 0; bit--) {
            Cancellable.check();
            power = InParts.rest(InParts.product(power, power), modulus);
            if (exponent.testBit(bit)) {
                power = InParts.rest(InParts.product(power, base), modulus);
            }
        }
        return power;
    }

    private static BigInteger rootNear(long near, BigInteger number, int degree) {
        BigInteger root = BigInteger.valueOf(near);
        Cancellable.check();
        return InParts.power(root, degree).compareTo(number) <= 0 ? root : root.subtract(BigInteger.ONE);
    }

    private static double log2(BigInteger number) {
        int shift = Math.max(0, number.bitLength() - LEADING_BITS);
        return Math.log(number.shiftRight(shift).longValue()) / Math.log(2) + shift;
    }
}
