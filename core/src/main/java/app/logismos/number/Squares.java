package app.logismos.number;

import java.math.BigInteger;
import java.util.BitSet;
import java.util.Optional;

/**
 * A whole number as a square times what has no square factor: root² · rest.
 *
 * @param root 1 or more
 * @param rest 1 or more
 */
record Squares(BigInteger root, BigInteger rest) {
    private static final int TRIAL = 10_000;

    /** After division by all primes up to its cube root a number is prime, a product of two, or the square of one. */
    private static final int MOST_TRIAL = 1_000_000;

    private static final BigInteger MOST_REST = BigInteger.valueOf(MOST_TRIAL).pow(3);

    /** The parts of a number of 1 or more; nothing where what is left after small factors is too long to be decided. */
    static Optional<Squares> of(BigInteger number) {
        if (number.bitLength() > Real.MAX_FRACTION_BITS) {
            return Optional.empty();
        }
        BigInteger root = BigInteger.ONE;
        BigInteger single = BigInteger.ONE;
        BigInteger left = number;
        for (int prime = 2; prime > 0 && left.bitLength() > Long.SIZE - 1; prime = Primes.after(prime, TRIAL)) {
            BigInteger divisor = BigInteger.valueOf(prime);
            int times = 0;
            for (BigInteger[] parts = left.divideAndRemainder(divisor);
                    parts[1].signum() == 0;
                    parts = left.divideAndRemainder(divisor)) {
                left = parts[0];
                times++;
            }
            root = root.multiply(divisor.pow(times / 2));
            single = times % 2 == 1 ? single.multiply(divisor) : single;
        }
        if (left.bitLength() <= Long.SIZE - 1) {
            Squares taken = new Squares(root, single);
            return small(left.longValue()).map(taken::times);
        }
        BigInteger[] square = left.sqrtAndRemainder();
        if (square[1].signum() == 0) {
            return Optional.of(new Squares(root.multiply(square[0]), single));
        }
        return Optional.empty();
    }

    /** Both together, which have no common factor. */
    private Squares times(Squares other) {
        return new Squares(root.multiply(other.root), rest.multiply(other.rest));
    }

    private static Optional<Squares> small(long number) {
        long root = 1;
        long single = 1;
        long left = number;
        for (int prime = 2;
                prime > 0 && (long) prime * prime * prime <= left;
                prime = Primes.after(prime, MOST_TRIAL)) {
            int times = 0;
            while (left % prime == 0) {
                left /= prime;
                times++;
            }
            for (int i = 0; i < times / 2; i++) {
                root *= prime;
            }
            single = times % 2 == 1 ? single * prime : single;
        }
        BigInteger[] square = BigInteger.valueOf(left).sqrtAndRemainder();
        if (square[1].signum() == 0) {
            return Optional.of(new Squares(BigInteger.valueOf(root).multiply(square[0]), BigInteger.valueOf(single)));
        }
        return BigInteger.valueOf(left).compareTo(MOST_REST) < 0
                ? Optional.of(new Squares(
                        BigInteger.valueOf(root), BigInteger.valueOf(single).multiply(BigInteger.valueOf(left))))
                : Optional.empty();
    }

    /** Primes in ascending order, sifted when the first root is taken. */
    private static final class Primes {
        private static final BitSet COMPOSITE = sifted();

        private static BitSet sifted() {
            BitSet composite = new BitSet(MOST_TRIAL + 1);
            for (int n = 2; n * n <= MOST_TRIAL; n++) {
                for (int multiple = n * n; !composite.get(n) && multiple <= MOST_TRIAL; multiple += n) {
                    composite.set(multiple);
                }
            }
            return composite;
        }

        /** The next prime, or 0 where it is above {@code most}. */
        static int after(int prime, int most) {
            int next = COMPOSITE.nextClearBit(prime + 1);
            return next <= most ? next : 0;
        }
    }
}
