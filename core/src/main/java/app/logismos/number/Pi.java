package app.logismos.number;

import java.math.BigInteger;

/** π to as many bits as anybody asked for, by Machin's formula (1706): 16 arctan 1/5 − 4 arctan 1/239. */
final class Pi {
    private static final LongestKnown PI = new LongestKnown();

    private Pi() {}

    /** π times 2 to the power of {@code bits}, rounded down. */
    static BigInteger scaled(int bits) {
        return PI.scaled(bits, work -> {
            BigInteger one = BigInteger.ONE.shiftLeft(work);
            return arctanOfInverse(5, one)
                    .shiftLeft(4)
                    .subtract(arctanOfInverse(239, one).shiftLeft(2));
        });
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
