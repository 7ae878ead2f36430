package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Factors over the rationals. In one variable: square-free parts, factors modulo a prime, lifted, and put together until
 * they divide (H. Zassenhaus, On Hensel factorization I, Journal of Number Theory 1, 1969). In several: one variable for
 * all by powers far enough apart (Kronecker), where that stays small.
 */
final class Factoring {
    /** So many primes are tried for the one that gives the fewest factors. */
    private static final int PRIMES = 5;

    /** The highest degree of a polynomial in one variable that stands for one in several. */
    private static final int MOST_KRONECKER = 120;

    /** So many choices are looked at where there are several variables; what is left may have more factors. */
    private static final int MOST_JOINED = 5_000;

    /** Numbers for the variables, at which the value of a divisor divides that of the whole; which ones does not matter. */
    private static final long[] PLACES = {101, 57, -83, 39, 71, -29, 17, 23};

    private Factoring() {}

    /** The factors that cannot be split further, without the number before them; sorted, those that are equal together. */
    static List<Factor> of(Polynomial polynomial) {
        List<Factor> factors = new ArrayList<>();
        Polynomial rest = polynomial.primitive();
        for (int variable = 0; variable < rest.variables(); variable++) {
            if (rest.degree(variable) > 0) {
                Polynomial content = GreatestDivisor.content(rest, variable);
                for (Factor part : SquareFree.of(rest.exactly(content), variable)) {
                    split(part.polynomial()).forEach(each -> factors.add(new Factor(each, part.times())));
                }
                rest = content;
            }
        }
        factors.sort(Comparator.<Factor>comparingInt(each -> each.polynomial().size())
                .thenComparing(each -> each.polynomial().toString()));
        return factors;
    }

    private static List<Polynomial> split(Polynomial squareFree) {
        List<Integer> used = new ArrayList<>();
        for (int variable = 0; variable < squareFree.variables(); variable++) {
            if (squareFree.degree(variable) > 0) {
                used.add(variable);
            }
        }
        if (used.size() == 1) {
            return inOne(squareFree, used.get(0));
        }
        // Of first degree in one variable and without a content in it: only one factor could have it, and no other is
        // there.
        boolean isWhole = used.stream()
                .anyMatch(variable -> squareFree.degree(variable) == 1
                        && GreatestDivisor.content(squareFree, variable).isConstant());
        return isWhole ? List.of(squareFree) : inSeveral(squareFree, used);
    }

    private static List<Polynomial> inOne(Polynomial polynomial, int variable) {
        List<BigInteger> coefficients = polynomial.coefficients(variable).stream()
                .map(Polynomial::constant)
                .toList();
        return ofWhole(Polynomial.of(coefficients)).stream()
                .map(factor -> Polynomial.of(
                        factor.whole().stream()
                                .map(each -> Polynomial.of(each, polynomial.variables()))
                                .toList(),
                        variable))
                .toList();
    }

    /** The factors of a square-free primitive polynomial in one variable. */
    private static List<Polynomial> ofWhole(Polynomial polynomial) {
        if (polynomial.degree(0) < 2) {
            return List.of(polynomial);
        }
        List<BigInteger> whole = polynomial.whole();
        Modulo modulo = modulo(polynomial, whole);
        if (modulo.factors().size() == 1) {
            return List.of(polynomial);
        }
        Lifting lifting = new Lifting(modulo.prime(), bound(whole).shiftLeft(1));
        List<BigInteger[]> lifted = lifting.lifted(whole.toArray(BigInteger[]::new), modulo.factors());
        BigInteger modulus = lifting.modulus();
        return joined(
                polynomial, lifted, Integer.MAX_VALUE, (chosen, rest) -> product(rest.leading(), chosen, modulus));
    }

    private record Modulo(long prime, List<long[]> factors) {}

    /** Factors modulo a prime by which the polynomial keeps its degree and has no square. */
    private static Modulo modulo(Polynomial polynomial, List<BigInteger> whole) {
        Optional<Modulo> best = Optional.empty();
        int tried = 0;
        for (BigInteger prime = BigInteger.TEN.nextProbablePrime(); tried < PRIMES; prime = prime.nextProbablePrime()) {
            Cancellable.check();
            if (polynomial.leading().mod(prime).signum() == 0) {
                continue;
            }
            Modular field = new Modular(prime.longValue());
            long[] reduced = field.of(whole);
            if (!field.isSquareFree(reduced)) {
                continue;
            }
            List<long[]> factors = field.factors(reduced);
            if (best.isEmpty() || factors.size() < best.get().factors().size()) {
                best = Optional.of(new Modulo(prime.longValue(), factors));
            }
            if (factors.size() == 1) {
                break;
            }
            tried++;
        }
        return best.orElseThrow();
    }

    /** No coefficient of a factor times the highest coefficient is larger (M. Mignotte, 1974). */
    private static BigInteger bound(List<BigInteger> whole) {
        int degree = whole.size() - 1;
        BigInteger largest = whole.stream()
                .map(BigInteger::abs)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return largest.multiply(BigInteger.valueOf(degree + 1L))
                .shiftLeft(degree)
                .multiply(whole.get(degree).abs());
    }

    /** What some parts together stand for, where it is to divide the rest. */
    private interface Together<T> {
        Polynomial of(List<T> parts, Polynomial rest);
    }

    /** Puts parts together, few at first, until what they stand for divides the whole. */
    private static <T> List<Polynomial> joined(Polynomial whole, List<T> parts, int most, Together<T> together) {
        int tried = 0;
        List<Polynomial> found = new ArrayList<>();
        List<T> left = new ArrayList<>(parts);
        Polynomial rest = whole;
        for (int count = 1; 2 * count <= left.size(); ) {
            Optional<List<Integer>> chosen = Optional.empty();
            for (Choices choices = new Choices(left.size(), count);
                    chosen.isEmpty() && tried < most && choices.next();
                    tried++) {
                Cancellable.tick();
                Polynomial factor = together.of(
                                choices.chosen().stream().map(left::get).toList(), rest)
                        .primitive();
                Optional<Polynomial> quotient =
                        !factor.isConstant() && mayDivide(factor, rest) ? rest.over(factor) : Optional.empty();
                if (quotient.isPresent()) {
                    found.add(factor);
                    rest = quotient.get();
                    chosen = Optional.of(choices.chosen());
                }
            }
            if (chosen.isPresent()) {
                chosen.get().stream().sorted(Comparator.reverseOrder()).forEach(i -> left.remove((int) i));
            } else {
                count++;
            }
        }
        if (!rest.isConstant()) {
            found.add(rest.primitive());
        }
        return found;
    }

    /** Cheaper than dividing: the last coefficient of a divisor, or its value at a place, divides that of the whole. */
    private static boolean mayDivide(Polynomial factor, Polynomial rest) {
        if (factor.variables() > 1) {
            return hasNoHigherDegree(factor, rest) && divides(value(factor), value(rest));
        }
        return divides(last(factor), last(rest));
    }

    private static boolean divides(BigInteger factor, BigInteger whole) {
        return factor.signum() == 0
                ? whole.signum() == 0
                : whole.remainder(factor).signum() == 0;
    }

    private static boolean hasNoHigherDegree(Polynomial factor, Polynomial rest) {
        return IntStream.range(0, rest.variables()).allMatch(i -> factor.degree(i) <= rest.degree(i));
    }

    private static BigInteger value(Polynomial polynomial) {
        BigInteger[] sum = {BigInteger.ZERO};
        polynomial.forEach((exponents, coefficient) -> {
            BigInteger term = coefficient;
            for (int i = 0; i < exponents.length; i++) {
                term = term.multiply(
                        BigInteger.valueOf(PLACES[i % PLACES.length] + i).pow(exponents[i]));
            }
            sum[0] = sum[0].add(term);
        });
        return sum[0];
    }

    private static BigInteger last(Polynomial polynomial) {
        return polynomial.coefficients(0).get(0).constant();
    }

    /** With coefficients around 0, as those of a factor are. */
    private static Polynomial product(BigInteger leading, List<BigInteger[]> factors, BigInteger modulus) {
        BigInteger[] product = {leading};
        for (BigInteger[] factor : factors) {
            product = Lifting.times(product, factor, modulus);
        }
        return Polynomial.of(Arrays.stream(product)
                .map(each -> each.shiftLeft(1).compareTo(modulus) > 0 ? each.subtract(modulus) : each)
                .toList());
    }

    private static List<Polynomial> inSeveral(Polynomial polynomial, List<Integer> used) {
        int step = 1;
        int[] steps = new int[polynomial.variables()];
        for (int variable : used) {
            steps[variable] = step;
            step = step * (polynomial.degree(variable) + 1);
            if (step > MOST_KRONECKER) {
                return List.of(polynomial);
            }
        }
        List<Polynomial> parts = new ArrayList<>();
        Kronecker kronecker = new Kronecker(polynomial, steps);
        for (Factor factor : Factoring.of(kronecker.inOne(polynomial))) {
            for (int i = 0; i < factor.times(); i++) {
                parts.add(factor.polynomial());
            }
        }
        return joined(
                polynomial,
                parts,
                MOST_JOINED,
                (chosen, rest) -> kronecker.inSeveral(chosen.stream().reduce(Polynomial.one(1), Polynomial::times)));
    }
}
