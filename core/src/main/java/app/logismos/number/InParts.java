package app.logismos.number;

import java.math.BigInteger;

/**
 * Products, powers and quotients of long whole numbers in parts of some hundredths of a second, between which {@link
 * Cancellable} is asked: one product of two numbers of a million digits takes {@link BigInteger} half a second, one
 * quotient three times as long, and neither can be stopped. Short numbers are left to it.
 */
final class InParts {
    /** Bits of what is left to {@link BigInteger}. Tests make it short. */
    static final int PART_BITS = 300_000;

    /** From so many bits on, an operation is preceded by a look at the clock. */
    private static final int LOOK_BITS = 10_000;

    private final int partBits;

    private static final InParts USUAL = new InParts(PART_BITS);

    InParts(int partBits) {
        this.partBits = partBits;
    }

    static BigInteger product(BigInteger a, BigInteger b) {
        return USUAL.times(a, b);
    }

    static BigInteger power(BigInteger base, int exponent) {
        return USUAL.toThe(base, exponent);
    }

    static BigInteger quotient(BigInteger a, BigInteger b) {
        return quotientAndRest(a, b)[0];
    }

    /** What is left of {@code a}, 0 or more. */
    static BigInteger rest(BigInteger a, BigInteger b) {
        BigInteger rest = quotientAndRest(a, b)[1];
        return rest.signum() < 0 ? rest.add(b) : rest;
    }

    /** Like {@link BigInteger#divideAndRemainder}: the quotient is cut off, the rest has the sign of {@code a}. */
    static BigInteger[] quotientAndRest(BigInteger a, BigInteger b) {
        return USUAL.over(a, b);
    }

    /** Karatsuba's three products of halves (Brent and Zimmermann, Modern Computer Arithmetic, algorithm 1.4). */
    BigInteger times(BigInteger a, BigInteger b) {
        int longer = Math.max(a.bitLength(), b.bitLength());
        int shorter = Math.min(a.bitLength(), b.bitLength());
        look(longer);
        if (longer <= partBits || shorter <= 64) {
            return a.multiply(b);
        }
        int half = (longer + 1) / 2;
        BigInteger highA = a.shiftRight(half);
        BigInteger lowA = a.subtract(highA.shiftLeft(half));
        if (shorter <= half) {
            return a.bitLength() < b.bitLength()
                    ? times(b, a)
                    : times(highA, b).shiftLeft(half).add(times(lowA, b));
        }
        boolean isSquare = a.equals(b);
        BigInteger highB = isSquare ? highA : b.shiftRight(half);
        BigInteger lowB = isSquare ? lowA : b.subtract(highB.shiftLeft(half));
        BigInteger high = times(highA, highB);
        BigInteger low = times(lowA, lowB);
        BigInteger sumA = highA.add(lowA);
        BigInteger middle =
                times(sumA, isSquare ? sumA : highB.add(lowB)).subtract(high).subtract(low);
        return high.shiftLeft(half).add(middle).shiftLeft(half).add(low);
    }

    BigInteger toThe(BigInteger base, int exponent) {
        if ((long) base.bitLength() * exponent <= partBits) {
            look(base.bitLength());
            return base.pow(exponent);
        }
        int twos = Math.max(0, base.getLowestSetBit());
        BigInteger odd = base.shiftRight(twos);
        BigInteger power = BigInteger.ONE;
        for (int bit = 31 - Integer.numberOfLeadingZeros(exponent); bit >= 0; bit--) {
            power = times(power, power);
            if ((exponent >> bit & 1) == 1) {
                power = times(power, odd);
            }
        }
        return power.shiftLeft(Math.multiplyExact(twos, exponent));
    }

    BigInteger[] over(BigInteger a, BigInteger b) {
        if (a.bitLength() <= partBits) {
            look(a.bitLength());
            return a.divideAndRemainder(b);
        }
        BigInteger[] parts = divided(a.abs(), b.abs());
        return new BigInteger[] {
            a.signum() == b.signum() ? parts[0] : parts[0].negate(), a.signum() < 0 ? parts[1].negate() : parts[1]
        };
    }

    /**
     * Quotient and rest of numbers that are not negative: the quotient in halves, each from as many leading digits of the
     * divisor as it has itself (Brent and Zimmermann, Modern Computer Arithmetic, algorithm 1.8).
     */
    private BigInteger[] divided(BigInteger a, BigInteger b) {
        int quotientBits = a.bitLength() - b.bitLength() + 1;
        int spare = b.bitLength() - quotientBits;
        look(a.bitLength());
        if (quotientBits <= 64 || a.bitLength() <= partBits) {
            return a.divideAndRemainder(b);
        }
        if (spare <= 0) {
            int half = quotientBits / 2;
            BigInteger high = a.shiftRight(half);
            BigInteger[] first = divided(high, b);
            BigInteger[] second = divided(first[1].shiftLeft(half).add(a.subtract(high.shiftLeft(half))), b);
            return new BigInteger[] {first[0].shiftLeft(half).add(second[0]), second[1]};
        }
        BigInteger highA = a.shiftRight(spare);
        BigInteger highB = b.shiftRight(spare);
        BigInteger[] guess = divided(highA, highB);
        BigInteger quotient = guess[0];
        BigInteger rest = guess[1].shiftLeft(spare)
                .add(a.subtract(highA.shiftLeft(spare)))
                .subtract(times(quotient, b.subtract(highB.shiftLeft(spare))));
        while (rest.signum() < 0) { // twice at most
            quotient = quotient.subtract(BigInteger.ONE);
            rest = rest.add(b);
        }
        return new BigInteger[] {quotient, rest};
    }

    private static void look(int bits) {
        if (bits > LOOK_BITS) {
            Cancellable.check();
        }
    }
}
