package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Polynomials in one variable with coefficients modulo a small odd prime, as arrays without leading zeros, that of 1
 * first; and their factors (J. von zur Gathen, J. Gerhard, Modern Computer Algebra, chapter 14).
 */
final class Modular {
    private static final long[] ONE = {1};
    private static final long[] X = {0, 1};

    private final long prime;

    /** Chooses by which polynomials factors of one degree are split; any will do, and the same each time is best. */
    private final SplittableRandom random = new SplittableRandom(1);

    /** Modulo a prime below 2^31. */
    Modular(long prime) {
        this.prime = prime;
    }

    long[] of(List<BigInteger> coefficients) {
        BigInteger modulus = BigInteger.valueOf(prime);
        return trimmed(coefficients.stream()
                .mapToLong(each -> each.mod(modulus).longValue())
                .toArray());
    }

    private static long[] trimmed(long[] a) {
        int length = a.length;
        while (length > 0 && a[length - 1] == 0) {
            length--;
        }
        return length == a.length ? a : Arrays.copyOf(a, length);
    }

    private static int degree(long[] a) {
        return a.length - 1;
    }

    long[] minus(long[] a, long[] b) {
        long[] difference = Arrays.copyOf(a, Math.max(a.length, b.length));
        for (int i = 0; i < b.length; i++) {
            difference[i] = Math.floorMod(difference[i] - b[i], prime);
        }
        return trimmed(difference);
    }

    long[] times(long[] a, long[] b) {
        if (a.length == 0 || b.length == 0) {
            return new long[0];
        }
        Cancellable.tick();
        long[] product = new long[a.length + b.length - 1];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < b.length; j++) {
                product[i + j] = (product[i + j] + a[i] * b[j]) % prime;
            }
        }
        return trimmed(product);
    }

    private long[] times(long[] a, long number) {
        return trimmed(Arrays.stream(a).map(each -> each * number % prime).toArray());
    }

    private long inverse(long number) {
        return BigInteger.valueOf(number).modInverse(BigInteger.valueOf(prime)).longValue();
    }

    long[] monic(long[] a) {
        return a.length == 0 ? a : times(a, inverse(a[degree(a)]));
    }

    /** Quotient and remainder. */
    long[][] over(long[] a, long[] divisor) {
        Cancellable.tick();
        long[] rest = a.clone();
        int shift = degree(a) - degree(divisor);
        long[] quotient = new long[Math.max(0, shift + 1)];
        long inverse = inverse(divisor[degree(divisor)]);
        for (int i = shift; i >= 0; i--) {
            quotient[i] = rest[i + degree(divisor)] * inverse % prime;
            for (int j = 0; j < divisor.length; j++) {
                rest[i + j] = Math.floorMod(rest[i + j] - quotient[i] * divisor[j], prime);
            }
        }
        return new long[][] {trimmed(quotient), trimmed(rest)};
    }

    long[] divisor(long[] a, long[] b) {
        return b.length == 0 ? monic(a) : divisor(b, over(a, b)[1]);
    }

    /** The two factors s and t with s·a + t·b = 1, for {@code a} and {@code b} without a common divisor. */
    long[][] bezout(long[] a, long[] b) {
        long[] r0 = a;
        long[] r1 = b;
        long[] s0 = ONE;
        long[] s1 = {};
        long[] t0 = {};
        long[] t1 = ONE;
        while (r1.length > 0) {
            long[][] divided = over(r0, r1);
            long[] s2 = minus(s0, times(divided[0], s1));
            long[] t2 = minus(t0, times(divided[0], t1));
            r0 = r1;
            r1 = divided[1];
            s0 = s1;
            s1 = s2;
            t0 = t1;
            t1 = t2;
        }
        long inverse = inverse(r0[0]);
        return new long[][] {times(s0, inverse), times(t0, inverse)};
    }

    private long[] derivative(long[] a) {
        long[] derivative = new long[Math.max(0, a.length - 1)];
        for (int i = 1; i < a.length; i++) {
            derivative[i - 1] = a[i] * (i % prime) % prime;
        }
        return trimmed(derivative);
    }

    boolean isSquareFree(long[] a) {
        return degree(divisor(a, derivative(a))) == 0;
    }

    private long[] power(long[] base, BigInteger exponent, long[] modulus) {
        long[] power = ONE;
        long[] reduced = over(base, modulus)[1];
        for (int bit = exponent.bitLength() - 1; bit >= 0; bit--) {
            power = over(times(power, power), modulus)[1];
            if (exponent.testBit(bit)) {
                power = over(times(power, reduced), modulus)[1];
            }
        }
        return power;
    }

    /** The monic factors of a square-free polynomial. */
    List<long[]> factors(long[] polynomial) {
        List<long[]> factors = new ArrayList<>();
        long[] rest = monic(polynomial);
        long[] power = X;
        for (int degree = 1; 2 * degree <= degree(rest); degree++) {
            Cancellable.check();
            power = power(power, BigInteger.valueOf(prime), rest);
            long[] ofDegree = divisor(rest, minus(power, X));
            if (degree(ofDegree) > 0) {
                split(ofDegree, degree, factors);
                rest = over(rest, ofDegree)[0];
                power = over(power, rest)[1];
            }
        }
        if (degree(rest) > 0) {
            factors.add(rest);
        }
        return factors;
    }

    /** Splits a product of factors of one degree, by a polynomial chosen at random. */
    private void split(long[] product, int degree, List<long[]> factors) {
        if (degree(product) == degree) {
            factors.add(product);
            return;
        }
        BigInteger half =
                BigInteger.valueOf(prime).pow(degree).subtract(BigInteger.ONE).shiftRight(1);
        while (true) {
            Cancellable.check();
            long[] any = trimmed(random.longs(degree(product), 0, prime).toArray());
            long[] part = divisor(product, minus(power(any, half, product), ONE));
            if (degree(part) > 0 && degree(part) < degree(product)) {
                split(part, degree, factors);
                split(over(product, part)[0], degree, factors);
                return;
            }
        }
    }
}
