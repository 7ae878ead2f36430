package app.logismos.number;

import java.math.BigInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.IntFunction;

/** A number that is worked out to more bits when more are asked for, and kept. */
final class LongestKnown {
    private static final int SPARE = 32;
    private static final int FIRST = 512;

    /** The number times a power of two, rounded down. */
    private record Known(int bits, BigInteger scaled) {}

    private final AtomicReference<Known> longest = new AtomicReference<>(new Known(-1, BigInteger.ZERO));

    /** The number times 2 to the power of {@code bits}; {@code workedOut} may be wrong in its last bits. */
    BigInteger scaled(int bits, IntFunction<BigInteger> workedOut) {
        Known known = longest.get();
        if (known.bits() < bits) {
            int wanted = Math.max(bits, FIRST);
            known = new Known(wanted, workedOut.apply(wanted + SPARE).shiftRight(SPARE));
            longest.set(known);
        }
        return known.scaled().shiftRight(known.bits() - bits);
    }
}
