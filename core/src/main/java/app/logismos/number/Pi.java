package app.logismos.number;

import java.math.BigInteger;
import java.util.concurrent.atomic.AtomicReference;

/** π to as many bits as anybody asked for, by Machin's formula (1706): 16 arctan 1/5 − 4 arctan 1/239. */
final class Pi {
    private static final int FIRST = 512;
    private static final int SPARE = 32;

    /** π times a power of two: the longest that was worked out. */
    private record Known(int bits, BigInteger scaled) {}

    private static final AtomicReference<Known> KNOWN = new AtomicReference<>(workedOut(FIRST));

    private Pi() {}

    /** π times 2 to the power of {@code bits}, rounded down. */
    static BigInteger scaled(int bits) {
        Known found = KNOWN.get();
        if (found.bits() < bits) {
            found = workedOut(bits);
            KNOWN.set(found);
        }
        return found.scaled().shiftRight(found.bits() - bits);
    }

    private static Known workedOut(int bits) {
        BigInteger one = BigInteger.ONE.shiftLeft(bits + SPARE);
        BigInteger sum = arctanOfInverse(5, one)
                .shiftLeft(4)
                .subtract(arctanOfInverse(239, one).shiftLeft(2));
        return new Known(bits, sum.shiftRight(SPARE));
    }

    private static BigInteger arctanOfInverse(int x, BigInteger one) {
        BigInteger square = BigInteger.valueOf((long) x * x);
        BigInteger power = one.divide(BigInteger.valueOf(x));
        BigInteger sum = power;
        for (int n = 3; power.signum() != 0; n += 2) {
            Cancellable.check();
            power = power.divide(square).negate();
            sum = sum.add(power.divide(BigInteger.valueOf(n)));
        }
        return sum;
    }
}
