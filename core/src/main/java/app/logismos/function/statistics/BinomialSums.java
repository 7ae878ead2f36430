package app.logismos.function.statistics;

import app.logismos.function.Algebra;
import app.logismos.number.Cancellable;
import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.number.Unrounded;
import app.logismos.special.Distribution;
import java.math.BigInteger;
import org.apache.commons.numbers.core.DD;

/**
 * Chances of numbers of successes in n tries, each of which succeeds with the chance a / b. The chance of k is
 * C(n, k) aᵏ (b − a)ⁿ⁻ᵏ / bⁿ: the whole numbers above the line follow from each other by a short factor and a short
 * divisor, so that a long sum takes hardly more time than its last term. It is exact, and rounded once where it is too
 * long a fraction to be kept.
 */
public final class BinomialSums {
    /** Bits of all terms together, worked out in some tenths of a second; past that the incomplete beta function answers. */
    private static final double MOST_BITS = 2e9;

    private final long n;
    private final Real p;
    private final BigInteger a;
    private final BigInteger c;
    private final BigInteger all;

    private BinomialSums(long n, Real p) {
        this.n = n;
        this.p = p;
        Rational share = Rounding.exact(p);
        this.a = share.numerator();
        this.c = share.denominator().subtract(a);
        this.all = share.denominator();
    }

    /**
     * The chances of so many tries.
     *
     * @param n 0 or more
     * @param p 0 to 1
     */
    static BinomialSums of(long n, Real p) {
        return new BinomialSums(n, p);
    }

    /** The chance of {@code from} to {@code to} successes, both ends included. */
    Real chance(long from, long to) {
        if ((double) n * all.bitLength() * (to - from + 2) > MOST_BITS) {
            return byBeta(from, to);
        }
        Terms terms = new Terms(from);
        BigInteger sum = terms.term;
        while (terms.k < to) {
            terms.next();
            sum = sum.add(terms.term);
        }
        return settled(sum);
    }

    /** The smallest number of successes up to which the chance reaches {@code bound}. */
    long reaching(Real bound) {
        Rational wanted = Rounding.exact(bound);
        BigInteger whole = power(all).multiply(wanted.numerator());
        Terms terms = new Terms(0);
        BigInteger sum = terms.term;
        while (terms.k < n && sum.multiply(wanted.denominator()).compareTo(whole) < 0) {
            terms.next();
            sum = sum.add(terms.term);
        }
        return terms.k;
    }

    private Real settled(BigInteger sum) {
        Real exact = Algebra.answer(Unrounded.settled(Rational.of(sum, power(all))));
        return p.isExact() ? exact : Real.from(exact.toDouble());
    }

    private BigInteger power(BigInteger base) {
        Cancellable.check();
        return base.pow(Math.toIntExact(n));
    }

    /** P(X ≤ k) = I(1 − p; n − k, k + 1) (DLMF 8.17.5). */
    private Real byBeta(long from, long to) {
        DD share = Extended.of(p);
        DD rest = Extended.of((Real) Rational.ONE.minus(Rounding.exact(p)));
        DD below = upTo(to, share, rest);
        return Algebra.from(from == 0 ? below : below.subtract(upTo(from - 1, share, rest)));
    }

    private DD upTo(long k, DD share, DD rest) {
        return k >= n ? DD.ONE : Distribution.betaShare(rest, share, DD.of((double) (n - k)), DD.of(k + 1.0));
    }

    /** The terms above the line, one after another. */
    private final class Terms {
        private long k;
        private BigInteger term;

        Terms(long first) {
            if (a.signum() == 0 || c.signum() == 0) {
                // Nothing, or everything, succeeds surely; the factors below would be 0.
                k = first;
                term = sure();
                return;
            }
            k = 0;
            term = power(c);
            while (k < first) {
                next();
            }
        }

        private BigInteger sure() {
            return k == (a.signum() == 0 ? 0 : n) ? power(all) : BigInteger.ZERO;
        }

        void next() {
            Cancellable.tick();
            if (a.signum() == 0 || c.signum() == 0) {
                k++;
                term = sure();
                return;
            }
            term = term.multiply(a.multiply(BigInteger.valueOf(n - k))).divide(c.multiply(BigInteger.valueOf(k + 1)));
            k++;
        }
    }
}
