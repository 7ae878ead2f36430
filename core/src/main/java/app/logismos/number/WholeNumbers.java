package app.logismos.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Primes and divisors of whole numbers of any size. */
public final class WholeNumbers {
    /** These bases decide primality for every number below 3.3 × 10²⁴ (Sorenson and Webster, Math. Comp. 86 (2017) 985). */
    private static final int[] BASES = {2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41};

    private static final BigInteger DECIDED = new BigInteger("3317044064679887385961981");

    /** Beyond that bound the test may err with a probability below 1/2 to the power of this. */
    private static final int CERTAINTY = 128;

    /** From this length on powers are taken in parts, and thirteen bases suffice. */
    private static final int LONGEST_AT_ONCE = 3_000;

    private static final int READ_AT_ONCE = 1_000;

    private static final int TRIAL = 10_000;

    private WholeNumbers() {}

    /** The number that digits spell; {@link BigInteger#BigInteger(String, int)} takes a time that grows with their square. */
    public static BigInteger read(String digits, int base) {
        if (digits.length() <= READ_AT_ONCE) {
            return new BigInteger(digits, base);
        }
        Cancellable.check();
        int low = digits.length() / 2;
        return InParts.product(
                        read(digits.substring(0, digits.length() - low), base),
                        InParts.power(BigInteger.valueOf(base), low))
                .add(read(digits.substring(digits.length() - low), base));
    }

    /** The digits of a number that is 0 or more, in lower case; in parts, as {@link #read}. */
    public static String write(BigInteger number, int base) {
        List<BigInteger> powers =
                new ArrayList<>(List.of(BigInteger.valueOf(base).pow(READ_AT_ONCE)));
        while (powers.get(powers.size() - 1).compareTo(number) <= 0) {
            BigInteger last = powers.get(powers.size() - 1);
            powers.add(InParts.power(last, 2));
        }
        StringBuilder digits = new StringBuilder();
        write(number, base, powers, powers.size() - 1, digits);
        return digits.toString();
    }

    /** A number below the power at {@code level}; with zeros in front, unless it is the beginning. */
    private static void write(BigInteger number, int base, List<BigInteger> powers, int level, StringBuilder digits) {
        if (level == 0) {
            String part = number.toString(base);
            if (!digits.isEmpty()) {
                digits.append("0".repeat(READ_AT_ONCE - part.length()));
            }
            digits.append(part.equals("0") && digits.isEmpty() && powers.size() > 1 ? "" : part);
            return;
        }
        Cancellable.check();
        BigInteger[] parts = InParts.quotientAndRest(number, powers.get(level - 1));
        if (parts[0].signum() != 0 || !digits.isEmpty()) {
            write(parts[0], base, powers, level - 1, digits);
        }
        write(parts[1], base, powers, level - 1, digits);
    }

    /** The greatest common divisor, 0 or more; 0 counts as a multiple of everything. */
    public static BigInteger gcd(BigInteger a, BigInteger b) {
        return LongOperations.gcd(a, b);
    }

    /** The least common multiple of numbers that are 0 or more; 0 where one of them is. */
    public static BigInteger lcm(BigInteger a, BigInteger b) {
        return b.signum() == 0 ? BigInteger.ZERO : InParts.product(InParts.quotient(a, gcd(a, b)), b);
    }

    /** Whether a number is prime; deterministic Miller–Rabin below 3.3 × 10²⁴, past that surely but for chance. */
    public static boolean isPrime(BigInteger n) {
        if (n.compareTo(BigInteger.TWO) < 0) {
            return false;
        }
        for (int base : BASES) {
            BigInteger prime = BigInteger.valueOf(base);
            if (n.equals(prime)) {
                return true;
            }
            if (n.mod(prime).signum() == 0) {
                return false;
            }
        }
        BigInteger last = n.subtract(BigInteger.ONE);
        int twos = last.getLowestSetBit();
        BigInteger odd = last.shiftRight(twos);
        for (int base : BASES) {
            Cancellable.check();
            if (isWitness(power(BigInteger.valueOf(base), odd, n), twos, last, n)) {
                return false;
            }
        }
        return n.compareTo(DECIDED) < 0 || n.bitLength() > LONGEST_AT_ONCE || n.isProbablePrime(CERTAINTY);
    }

    private static BigInteger power(BigInteger base, BigInteger exponent, BigInteger modulus) {
        return modulus.bitLength() <= LONGEST_AT_ONCE
                ? base.modPow(exponent, modulus)
                : LongOperations.power(base, exponent, modulus);
    }

    private static boolean isWitness(BigInteger power, int twos, BigInteger last, BigInteger n) {
        if (power.equals(BigInteger.ONE) || power.equals(last)) {
            return false;
        }
        BigInteger square = power;
        for (int i = 1; i < twos; i++) {
            square = InParts.rest(InParts.product(square, square), n);
            if (square.equals(last)) {
                return false;
            }
        }
        return true;
    }

    /** The smallest prime above a number. */
    public static BigInteger nextPrime(BigInteger n) {
        BigInteger candidate = n.max(BigInteger.ONE).add(BigInteger.ONE);
        if (candidate.compareTo(BigInteger.TWO) > 0 && !candidate.testBit(0)) {
            candidate = candidate.add(BigInteger.ONE);
        }
        while (!isPrime(candidate)) {
            Cancellable.check();
            candidate = candidate.add(candidate.equals(BigInteger.TWO) ? BigInteger.ONE : BigInteger.TWO);
        }
        return candidate;
    }

    /**
     * The prime factors with how often each divides.
     *
     * <p>Small factors by trial division, larger ones by Pollard's rho with Brent's cycle search (BIT 20 (1980) 176).
     *
     * @param n 1 or more
     * @param check asked now and then; it may throw to end the work
     */
    public static Map<BigInteger, Integer> factors(BigInteger n, Runnable check) {
        Map<BigInteger, Integer> factors = new TreeMap<>();
        BigInteger rest = n;
        for (int small = 2; small <= TRIAL && rest.compareTo(BigInteger.ONE) > 0; small += small == 2 ? 1 : 2) {
            BigInteger divisor = BigInteger.valueOf(small);
            while (rest.mod(divisor).signum() == 0) {
                factors.merge(divisor, 1, Integer::sum);
                rest = InParts.quotient(rest, divisor);
            }
        }
        split(rest, factors, check);
        return factors;
    }

    private static void split(BigInteger n, Map<BigInteger, Integer> factors, Runnable check) {
        if (n.equals(BigInteger.ONE)) {
            return;
        }
        if (isPrime(n)) {
            factors.merge(n, 1, Integer::sum);
            return;
        }
        BigInteger factor = rho(n, check);
        split(factor, factors, check);
        split(InParts.quotient(n, factor), factors, check);
    }

    private static BigInteger rho(BigInteger n, Runnable check) {
        for (int c = 1; ; c++) {
            BigInteger step = BigInteger.valueOf(c);
            BigInteger y = BigInteger.TWO;
            BigInteger divisor = BigInteger.ONE;
            for (long length = 1; divisor.equals(BigInteger.ONE); length *= 2) {
                BigInteger x = y;
                for (long i = 0; i < length && divisor.equals(BigInteger.ONE); i++) {
                    check.run();
                    y = InParts.rest(InParts.product(y, y).add(step), n);
                    divisor = x.subtract(y).abs().gcd(n);
                }
            }
            if (!divisor.equals(n)) {
                return divisor;
            }
        }
    }

    /** All divisors in ascending order. */
    public static List<BigInteger> divisors(Map<BigInteger, Integer> factors) {
        List<BigInteger> divisors = new ArrayList<>(List.of(BigInteger.ONE));
        factors.forEach((prime, times) -> {
            int known = divisors.size();
            BigInteger power = BigInteger.ONE;
            for (int i = 0; i < times; i++) {
                Cancellable.check();
                power = power.multiply(prime);
                for (int j = 0; j < known; j++) {
                    divisors.add(divisors.get(j).multiply(power));
                }
            }
        });
        divisors.sort(null);
        return divisors;
    }

    /**
     * The n-th Fibonacci number by doubling: F(2k) = F(k) (2 F(k+1) − F(k)), F(2k+1) = F(k)² + F(k+1)².
     *
     * @param n 0 or more
     */
    public static BigInteger fibonacci(int n) {
        BigInteger a = BigInteger.ZERO;
        BigInteger b = BigInteger.ONE;
        for (int bit = 31 - Integer.numberOfLeadingZeros(Math.max(1, n)); bit >= 0; bit--) {
            BigInteger even = InParts.product(a, b.shiftLeft(1).subtract(a));
            BigInteger odd = InParts.product(a, a).add(InParts.product(b, b));
            boolean isSet = (n >> bit & 1) == 1;
            a = isSet ? odd : even;
            b = isSet ? even.add(odd) : odd;
        }
        return a;
    }
}
