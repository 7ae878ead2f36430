package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Factors modulo a prime lifted to factors modulo one of its powers, by Hensel's lemma with the steps doubling the
 * exponent (J. von zur Gathen, J. Gerhard, Modern Computer Algebra, algorithms 15.10 and 15.17).
 */
final class Lifting {
    private final Modular field;
    private final BigInteger prime;
    private final BigInteger bound;

    /**
     * From a prime to a power of it that is at least {@code bound}.
     */
    Lifting(long prime, BigInteger bound) {
        this.field = new Modular(prime);
        this.prime = BigInteger.valueOf(prime);
        this.bound = bound;
    }

    /** The power of the prime that factors are lifted to. */
    BigInteger modulus() {
        BigInteger modulus = prime;
        while (modulus.compareTo(bound) < 0) {
            modulus = modulus.multiply(modulus);
        }
        return modulus;
    }

    /** The lifted factors, monic, whose product times the highest coefficient is the polynomial. */
    List<BigInteger[]> lifted(BigInteger[] polynomial, List<long[]> factors) {
        List<BigInteger[]> lifted = new ArrayList<>();
        lift(polynomial, factors, lifted);
        return lifted;
    }

    private void lift(BigInteger[] polynomial, List<long[]> factors, List<BigInteger[]> lifted) {
        BigInteger target = modulus();
        BigInteger leading = polynomial[polynomial.length - 1];
        if (factors.size() == 1) {
            lifted.add(times(polynomial, new BigInteger[] {leading.modInverse(target)}, target));
            return;
        }
        List<long[]> left = factors.subList(0, factors.size() / 2);
        List<long[]> right = factors.subList(factors.size() / 2, factors.size());
        long[] first = field.times(product(left), field.of(List.of(leading)));
        long[] second = product(right);
        long[][] bezout = field.bezout(first, second);
        BigInteger[] g = big(first);
        BigInteger[] h = big(second);
        BigInteger[] s = big(bezout[0]);
        BigInteger[] t = big(bezout[1]);
        for (BigInteger m = prime; m.compareTo(target) < 0; ) {
            Cancellable.check();
            m = m.multiply(m);
            BigInteger[] wrong = plus(polynomial, negated(times(g, h, m)), m);
            BigInteger[][] divided = over(times(s, wrong, m), h, m);
            g = plus(plus(g, times(t, wrong, m), m), times(divided[0], g, m), m);
            h = plus(h, divided[1], m);
            BigInteger[] off = plus(plus(times(s, g, m), times(t, h, m), m), big(new long[] {-1}), m);
            divided = over(times(s, off, m), h, m);
            s = plus(s, negated(divided[1]), m);
            t = plus(plus(t, negated(times(t, off, m)), m), negated(times(divided[0], g, m)), m);
        }
        lift(g, left, lifted);
        lift(h, right, lifted);
    }

    private long[] product(List<long[]> factors) {
        return factors.stream().reduce(new long[] {1}, field::times);
    }

    private static BigInteger[] big(long[] a) {
        return Arrays.stream(a).mapToObj(BigInteger::valueOf).toArray(BigInteger[]::new);
    }

    private static BigInteger[] negated(BigInteger[] a) {
        return Arrays.stream(a).map(BigInteger::negate).toArray(BigInteger[]::new);
    }

    private static BigInteger[] reduced(BigInteger[] a, BigInteger modulus) {
        BigInteger[] reduced = Arrays.stream(a).map(each -> each.mod(modulus)).toArray(BigInteger[]::new);
        int length = reduced.length;
        while (length > 0 && reduced[length - 1].signum() == 0) {
            length--;
        }
        return Arrays.copyOf(reduced, length);
    }

    private static BigInteger at(BigInteger[] a, int i) {
        return i < a.length ? a[i] : BigInteger.ZERO;
    }

    private static BigInteger[] plus(BigInteger[] a, BigInteger[] b, BigInteger modulus) {
        return reduced(
                IntStream.range(0, Math.max(a.length, b.length))
                        .mapToObj(i -> at(a, i).add(at(b, i)))
                        .toArray(BigInteger[]::new),
                modulus);
    }

    static BigInteger[] times(BigInteger[] a, BigInteger[] b, BigInteger modulus) {
        if (a.length == 0 || b.length == 0) {
            return new BigInteger[0];
        }
        BigInteger[] product = new BigInteger[a.length + b.length - 1];
        Arrays.fill(product, BigInteger.ZERO);
        for (int i = 0; i < a.length; i++) {
            Cancellable.tick();
            for (int j = 0; j < b.length; j++) {
                product[i + j] = product[i + j].add(a[i].multiply(b[j]));
            }
        }
        return reduced(product, modulus);
    }

    /** Quotient and remainder by a monic polynomial. */
    private static BigInteger[][] over(BigInteger[] a, BigInteger[] monic, BigInteger modulus) {
        BigInteger[] rest = a.clone();
        int shift = a.length - monic.length;
        BigInteger[] quotient = new BigInteger[Math.max(0, shift + 1)];
        for (int i = shift; i >= 0; i--) {
            Cancellable.tick();
            quotient[i] = rest[i + monic.length - 1].mod(modulus);
            for (int j = 0; j < monic.length; j++) {
                rest[i + j] = rest[i + j].subtract(quotient[i].multiply(monic[j]));
            }
        }
        return new BigInteger[][] {reduced(quotient, modulus), reduced(rest, modulus)};
    }
}
