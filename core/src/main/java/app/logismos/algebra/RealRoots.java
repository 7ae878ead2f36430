package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * The real roots of a polynomial in one variable without multiple ones, each to the nearest double. A sequence of Sturm
 * counts them in an interval, which is halved until each stands alone; then the sign decides (W. H. Press et al., Numerical
 * Recipes, 9.5; J. C. F. Sturm, 1829).
 */
final class RealRoots {
    /** Digits past those of a double, so that the nearest one is known. */
    private static final MathContext DIGITS = new MathContext(25, RoundingMode.HALF_EVEN);

    private final List<List<BigInteger>> chain = new ArrayList<>();

    private RealRoots(Polynomial squareFree) {
        Polynomial last = squareFree;
        Polynomial next = squareFree.derivative(0).primitive();
        chain.add(squareFree.whole());
        if (squareFree.derivative(0).leading().signum() < 0) {
            next = next.negated();
        }
        while (!next.isZero()) {
            Cancellable.check();
            chain.add(next.whole());
            Polynomial rest = remainder(last, next);
            last = next;
            next = rest;
        }
    }

    /** The roots, ascending. */
    static List<Double> of(Polynomial squareFree) {
        if (squareFree.degree(0) < 1) {
            return List.of();
        }
        RealRoots roots = new RealRoots(squareFree);
        List<Double> found = new ArrayList<>();
        Rational bound = bound(squareFree.whole());
        roots.isolate(Rational.of(bound.numerator().negate()), bound, found);
        return found;
    }

    /** The remainder with its sign turned, times a positive number, so that it is whole. */
    private static Polynomial remainder(Polynomial a, Polynomial b) {
        List<BigInteger> rest = new ArrayList<>(a.whole());
        List<BigInteger> divisor = b.whole();
        BigInteger leading = divisor.get(divisor.size() - 1);
        while (rest.size() >= divisor.size()) {
            BigInteger highest = rest.remove(rest.size() - 1);
            int shift = rest.size() + 1 - divisor.size();
            for (int i = 0; i < rest.size(); i++) {
                rest.set(i, rest.get(i).multiply(leading.abs()));
            }
            BigInteger times = leading.signum() < 0 ? highest.negate() : highest;
            for (int i = 0; i < divisor.size() - 1; i++) {
                rest.set(shift + i, rest.get(shift + i).subtract(times.multiply(divisor.get(i))));
            }
        }
        Polynomial remainder = rest.isEmpty() ? Polynomial.zero(1) : Polynomial.of(rest);
        return remainder.isZero()
                ? remainder
                : remainder.leading().signum() > 0 ? remainder.primitive().negated() : remainder.primitive();
    }

    /** All roots lie between this and its negative (Cauchy's bound). */
    private static Rational bound(List<BigInteger> coefficients) {
        BigInteger leading = coefficients.get(coefficients.size() - 1).abs();
        BigInteger most = coefficients.stream().map(BigInteger::abs).reduce(BigInteger.ZERO, BigInteger::max);
        return Rational.of(BigInteger.ONE.shiftLeft(
                most.divide(leading).add(BigInteger.TWO).bitLength()));
    }

    /** The roots above {@code low} and up to {@code high}. */
    private void isolate(Rational low, Rational high, List<Double> found) {
        int count = changes(low) - changes(high);
        if (count == 1) {
            found.add(refined(low, high));
        } else if (count > 1) {
            Cancellable.check();
            Rational middle = half(low, high);
            isolate(low, middle, found);
            isolate(middle, high, found);
        }
    }

    private double refined(Rational from, Rational to) {
        Rational low = from;
        Rational high = to;
        int sign = sign(chain.get(0), high);
        if (sign == 0) {
            return high.toDouble();
        }
        while (!isNarrow(low, high)) {
            Cancellable.check();
            Rational middle = half(low, high);
            int there = sign(chain.get(0), middle);
            if (there == 0) {
                return middle.toDouble();
            }
            if (there == sign) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return half(low, high).toDouble();
    }

    private static boolean isNarrow(Rational low, Rational high) {
        return low.signum() == high.signum() && decimal(low).compareTo(decimal(high)) == 0 && low.signum() != 0;
    }

    private static BigDecimal decimal(Rational number) {
        return new BigDecimal(number.numerator()).divide(new BigDecimal(number.denominator()), DIGITS);
    }

    private static Rational half(Rational low, Rational high) {
        BigInteger sum = low.numerator()
                .multiply(high.denominator())
                .add(high.numerator().multiply(low.denominator()));
        return Rational.of(sum, low.denominator().multiply(high.denominator()).shiftLeft(1));
    }

    private int changes(Rational at) {
        int changes = 0;
        int before = 0;
        for (List<BigInteger> each : chain) {
            int sign = sign(each, at);
            changes += sign != 0 && before != 0 && sign != before ? 1 : 0;
            before = sign == 0 ? before : sign;
        }
        return changes;
    }

    /** The sign of the value at a place, in whole numbers: times a power of the denominator. */
    private static int sign(List<BigInteger> coefficients, Rational at) {
        BigInteger value = BigInteger.ZERO;
        BigInteger power = BigInteger.ONE;
        for (int i = coefficients.size() - 1; i >= 0; i--) {
            value = value.multiply(at.numerator()).add(coefficients.get(i).multiply(power));
            power = power.multiply(at.denominator());
        }
        return value.signum();
    }
}
