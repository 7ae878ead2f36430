package app.logismos.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * An exact sum of rational multiples of square roots of whole numbers, {@code 1/2 + √5/2}; never rational.
 *
 * <p>Square roots of different numbers without square factors are linearly independent over the rational numbers (A. S.
 * Besicovitch, J. London Math. Soc. 15 (1940) 3), so that each number has one such sum and equal ones are equal objects.
 *
 * @param terms up to eight, by what stands under their roots, none of them 0; one at least is no fraction
 */
public record RootSum(List<Root> terms) implements Irrational {
    /** Sums of more are approximate (language, section 13). */
    public static final int MOST_TERMS = 8;

    /** On the way to a quotient there may be more. */
    private static final int MOST_ON_THE_WAY = 64;

    /**
     * A rational multiple of a square root.
     *
     * @param times not 0
     * @param under a whole number without square factors; 1 where this is a fraction
     */
    public record Root(Rational times, BigInteger under) {
        /** Whether this is a fraction. */
        public boolean isRational() {
            return under.equals(BigInteger.ONE);
        }

        /** This times 2 to the power of {@code bits}, rounded towards zero and one less at most. */
        BigInteger scaled(int bits) {
            BigInteger above = times.numerator().abs();
            BigInteger size = isRational()
                    ? InParts.quotient(above.shiftLeft(bits), times.denominator())
                    : InParts.quotient(
                            InParts.product(InParts.product(above, above), under)
                                    .shiftLeft(2 * bits)
                                    .sqrt(),
                            times.denominator());
            return times.signum() < 0 ? size.negate() : size;
        }
    }

    public RootSum {
        terms = List.copyOf(terms);
        if (terms.isEmpty()
                || terms.size() > MOST_TERMS
                || terms.size() == 1 && terms.get(0).isRational()) {
            throw new IllegalArgumentException("a sum of roots must have one to eight, was " + terms);
        }
    }

    /** The terms as they are written: positive ones first, the fraction before the others. */
    public List<Root> inOrder() {
        return terms.stream()
                .sorted(Comparator.comparing(term -> -term.times().signum()))
                .toList();
    }

    /** The square root of a fraction above 0 that is no square; nothing where its square factors are too hard to find. */
    static Optional<Real> root(Rational number) {
        return Squares.of(number.numerator())
                .flatMap(above -> Squares.of(number.denominator()).map(below -> {
                    // √(a²m / b²n) = a √(mn) / (bn), and m and n have no common factor.
                    Rational times = Rational.of(above.root(), InParts.product(below.root(), below.rest()));
                    return new RootSum(List.of(new Root(times, InParts.product(above.rest(), below.rest()))));
                }));
    }

    /** A sum being made: how many times each root. */
    private static final class Sum {
        private final TreeMap<BigInteger, Real> times = new TreeMap<>();

        void add(Real more, BigInteger under) {
            times.merge(under, more, (a, b) -> (Real) a.plus(b));
        }

        /** The terms without those that cancelled; nothing where a fraction among them became too long, or they too many. */
        Optional<List<Root>> terms(int most) {
            List<Root> terms = new ArrayList<>();
            for (Map.Entry<BigInteger, Real> each : times.entrySet()) {
                if (!(each.getValue() instanceof Rational exact)) {
                    return Optional.empty();
                }
                Root term = new Root(exact, each.getKey());
                if (!term.isRational()
                        && Math.max(exact.numerator().bitLength(), term.under().bitLength()) > MAX_FRACTION_BITS) {
                    return Optional.empty();
                }
                if (exact.signum() != 0) {
                    terms.add(term);
                }
            }
            return terms.size() <= most ? Optional.of(terms) : Optional.empty();
        }
    }

    private static List<Root> terms(Real number) {
        return number instanceof RootSum sum ? sum.terms : List.of(new Root((Rational) number, BigInteger.ONE));
    }

    static Real number(List<Root> terms) {
        if (terms.isEmpty()) {
            return Rational.ZERO;
        }
        return terms.size() == 1 && terms.get(0).isRational() ? terms.get(0).times() : new RootSum(terms);
    }

    /** The sum of two such sums, one of them perhaps a fraction; nothing where it is none of these. */
    static Optional<Real> sum(Real a, Real b) {
        Sum sum = new Sum();
        terms(a).forEach(term -> sum.add(term.times(), term.under()));
        terms(b).forEach(term -> sum.add(term.times(), term.under()));
        return sum.terms(MOST_TERMS).map(RootSum::number);
    }

    /** The product of two such sums, one of them perhaps a fraction; nothing where it is none of these. */
    static Optional<Real> product(Real a, Real b) {
        return product(terms(a), terms(b), MOST_TERMS).map(RootSum::number);
    }

    private static Optional<List<Root>> product(List<Root> a, List<Root> b, int most) {
        Sum sum = new Sum();
        for (Root x : a) {
            for (Root y : b) {
                Cancellable.tick();
                if (!(x.times().times(y.times()) instanceof Rational times)) {
                    return Optional.empty();
                }
                // √m √n = g √(m/g · n/g), and what is left under the root has no square factor.
                BigInteger shared = x.under().gcd(y.under());
                BigInteger under = x.under().divide(shared).multiply(y.under().divide(shared));
                sum.add((Real) times.times(Rational.of(shared)), under);
            }
        }
        return sum.terms(most);
    }

    /** The quotient of two such sums, the second not 0, one of them perhaps a fraction; nothing where it is none of these. */
    static Optional<Real> quotient(Real a, Real b) {
        return inverse(terms(b))
                .flatMap(inverse -> product(terms(a), inverse, MOST_TERMS))
                .map(RootSum::number);
    }

    /**
     * One over a sum: above and below are multiplied by the conjugate, in which one root has the other sign, so that it is
     * gone below; then the same for the next one.
     */
    private static Optional<List<Root>> inverse(List<Root> below) {
        if (below.size() == 1) {
            Root only = below.get(0);
            return Rational.ONE.dividedBy((Real) only.times().times(Rational.of(only.under())))
                            instanceof Rational times
                    ? Optional.of(List.of(new Root(times, only.under())))
                    : Optional.empty();
        }
        BigInteger turned = turned(below);
        List<Root> conjugate = below.stream()
                .map(term -> term.under().mod(turned).signum() == 0
                        ? new Root((Rational) term.times().negate(), term.under())
                        : term)
                .toList();
        return product(below, conjugate, MOST_ON_THE_WAY)
                .flatMap(RootSum::inverse)
                .flatMap(inverse -> product(conjugate, inverse, MOST_ON_THE_WAY));
    }

    /** A number that divides what is under some of the roots and has no common factor with what is under all others. */
    private static BigInteger turned(List<Root> terms) {
        BigInteger found = terms.get(terms.size() - 1).under();
        for (Root term : terms) {
            BigInteger shared = found.gcd(term.under());
            found = shared.equals(BigInteger.ONE) || shared.equals(found) ? found : shared;
        }
        return found;
    }

    /** The power, where it has such a form. */
    Optional<Real> power(BigInteger exponent) {
        Optional<Real> power = exponent.signum() < 0 ? quotient(Rational.ONE, this) : Optional.of(this);
        BigInteger times = exponent.abs();
        if (terms.size() == 1) {
            // (q√n)² is rational, whose powers may be longer than roots may.
            return power.flatMap(base -> product(base, base))
                    .flatMap(square -> square.power(Rational.of(times.shiftRight(1))) instanceof Rational even
                            ? Optional.of((Real) even)
                            : Optional.empty())
                    .flatMap(even -> times.testBit(0) ? power.flatMap(base -> product(even, base)) : Optional.of(even));
        }
        Optional<Real> result = Optional.of(Rational.ONE);
        for (int bit = times.bitLength() - 1; bit >= 0 && result.isPresent(); bit--) {
            Cancellable.check();
            result = result.flatMap(root -> product(root, root));
            result = times.testBit(bit) ? result.flatMap(root -> power.flatMap(base -> product(root, base))) : result;
        }
        return result;
    }

    @Override
    public BigInteger scaled(int bits) {
        BigInteger sum = BigInteger.ZERO;
        for (Root term : terms) {
            sum = sum.add(term.scaled(bits));
        }
        return sum;
    }

    @Override
    public Real negate() {
        return new RootSum(terms.stream()
                .map(term -> new Root((Rational) term.times().negate(), term.under()))
                .toList());
    }
}
