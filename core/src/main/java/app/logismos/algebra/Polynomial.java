package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Undefined;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A polynomial with whole coefficients in some variables, which are counted from 0. Polynomials that are put together
 * have equally many. Immutable.
 */
final class Polynomial {
    /** All coefficients together have no more, 32 MiB. */
    private static final long MOST_BITS = 1L << 28;

    private final int variables;

    /** Coefficients, none of them 0, by their exponents; the highest first. */
    private final TreeMap<Exponents, BigInteger> terms;

    /** The exponents of a term, one for each variable; compared by the first that differs. */
    private record Exponents(int[] of) implements Comparable<Exponents> {
        @Override
        public int compareTo(Exponents other) {
            return Arrays.compare(of, other.of);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Exponents exponents && Arrays.equals(of, exponents.of);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(of);
        }

        Exponents plus(Exponents other) {
            int[] sum = of.clone();
            for (int i = 0; i < sum.length; i++) {
                sum[i] = Math.addExact(sum[i], other.of[i]);
            }
            return new Exponents(sum);
        }

        /** Nothing where one would be negative. */
        Optional<Exponents> minus(Exponents other) {
            int[] difference = of.clone();
            for (int i = 0; i < difference.length; i++) {
                difference[i] -= other.of[i];
                if (difference[i] < 0) {
                    return Optional.empty();
                }
            }
            return Optional.of(new Exponents(difference));
        }
    }

    private Polynomial(int variables, TreeMap<Exponents, BigInteger> terms) {
        this.variables = variables;
        this.terms = terms;
    }

    private static TreeMap<Exponents, BigInteger> none() {
        return new TreeMap<>(Collections.reverseOrder());
    }

    private static void add(TreeMap<Exponents, BigInteger> terms, Exponents exponents, BigInteger coefficient) {
        BigInteger sum = terms.getOrDefault(exponents, BigInteger.ZERO).add(coefficient);
        if (sum.signum() == 0) {
            terms.remove(exponents);
        } else {
            terms.put(exponents, sum);
        }
    }

    static Polynomial of(BigInteger constant, int variables) {
        TreeMap<Exponents, BigInteger> terms = none();
        add(terms, new Exponents(new int[variables]), constant);
        return new Polynomial(variables, terms);
    }

    static Polynomial zero(int variables) {
        return of(BigInteger.ZERO, variables);
    }

    static Polynomial one(int variables) {
        return of(BigInteger.ONE, variables);
    }

    /** One of the variables, raised to a power of 0 or more. */
    static Polynomial variable(int which, int exponent, int variables) {
        int[] exponents = new int[variables];
        exponents[which] = exponent;
        TreeMap<Exponents, BigInteger> terms = none();
        terms.put(new Exponents(exponents), BigInteger.ONE);
        return new Polynomial(variables, terms);
    }

    /** A polynomial in one variable from its coefficients, that of 1 first. */
    static Polynomial of(List<BigInteger> coefficients) {
        TreeMap<Exponents, BigInteger> terms = none();
        for (int i = 0; i < coefficients.size(); i++) {
            add(terms, new Exponents(new int[] {i}), coefficients.get(i));
        }
        return new Polynomial(1, terms);
    }

    int variables() {
        return variables;
    }

    /** How many terms it has. */
    int size() {
        return terms.size();
    }

    boolean isZero() {
        return terms.isEmpty();
    }

    boolean isConstant() {
        return isZero()
                || terms.size() == 1 && Arrays.stream(terms.firstKey().of()).allMatch(each -> each == 0);
    }

    /** Its value, where it has no variable. */
    BigInteger constant() {
        return isZero() ? BigInteger.ZERO : terms.firstEntry().getValue();
    }

    /** The coefficient of its highest term. */
    BigInteger leading() {
        return constant();
    }

    Polynomial plus(Polynomial other) {
        TreeMap<Exponents, BigInteger> sum = none();
        sum.putAll(terms);
        other.terms.forEach((exponents, coefficient) -> add(sum, exponents, coefficient));
        return new Polynomial(variables, sum);
    }

    Polynomial negated() {
        return times(BigInteger.ONE.negate());
    }

    Polynomial minus(Polynomial other) {
        return plus(other.negated());
    }

    Polynomial times(BigInteger number) {
        TreeMap<Exponents, BigInteger> product = none();
        if (number.signum() != 0) {
            terms.forEach((exponents, coefficient) -> product.put(exponents, coefficient.multiply(number)));
        }
        return new Polynomial(variables, product);
    }

    /** The bits of the longest coefficient. */
    private long bits() {
        return terms.values().stream().mapToLong(BigInteger::bitLength).max().orElse(0);
    }

    Polynomial times(Polynomial other) {
        if ((bits() + other.bits()) * Math.min((long) size() * other.size(), Form.MOST_NODES) > MOST_BITS) {
            throw new NoForm(Undefined.TOO_LARGE);
        }
        TreeMap<Exponents, BigInteger> product = none();
        for (Map.Entry<Exponents, BigInteger> one : terms.entrySet()) {
            Cancellable.tick();
            other.terms.forEach((exponents, coefficient) ->
                    add(product, one.getKey().plus(exponents), one.getValue().multiply(coefficient)));
            if (product.size() > Form.MOST_NODES) {
                throw new NoForm(Undefined.TOO_LARGE);
            }
        }
        return new Polynomial(variables, product);
    }

    Polynomial power(int exponent) {
        Polynomial power = one(variables);
        Polynomial square = this;
        for (int rest = exponent; rest > 0; rest >>= 1) {
            if ((rest & 1) == 1) {
                power = power.times(square);
            }
            if (rest > 1) {
                square = square.times(square);
            }
        }
        return power;
    }

    /** The quotient where nothing is left over; nothing else. */
    Optional<Polynomial> over(Polynomial divisor) {
        TreeMap<Exponents, BigInteger> rest = none();
        rest.putAll(terms);
        TreeMap<Exponents, BigInteger> quotient = none();
        Map.Entry<Exponents, BigInteger> first = divisor.terms.firstEntry();
        while (!rest.isEmpty()) {
            Cancellable.tick();
            Map.Entry<Exponents, BigInteger> highest = rest.firstEntry();
            Optional<Exponents> exponents = highest.getKey().minus(first.getKey());
            BigInteger[] coefficient = highest.getValue().divideAndRemainder(first.getValue());
            if (exponents.isEmpty() || coefficient[1].signum() != 0) {
                return Optional.empty();
            }
            quotient.put(exponents.get(), coefficient[0]);
            BigInteger taken = coefficient[0].negate();
            divisor.terms.forEach((each, times) -> add(rest, each.plus(exponents.get()), times.multiply(taken)));
        }
        return Optional.of(new Polynomial(variables, quotient));
    }

    /** The quotient by what is known to divide it. */
    Polynomial exactly(Polynomial divisor) {
        return over(divisor)
                .orElseThrow(
                        () -> new ArithmeticException("the divisor must divide it, was " + divisor + " for " + this));
    }

    /** The highest power of a variable; −1 for zero. */
    int degree(int variable) {
        return terms.keySet().stream()
                .mapToInt(exponents -> exponents.of()[variable])
                .max()
                .orElse(-1);
    }

    /** The coefficients of the powers of a variable, from the power 0 to the highest. */
    List<Polynomial> coefficients(int variable) {
        if (degree(variable) > Form.MOST_NODES) {
            throw new NoForm(Undefined.TOO_LARGE);
        }
        List<TreeMap<Exponents, BigInteger>> byPower = new ArrayList<>();
        for (int i = 0; i <= degree(variable); i++) {
            byPower.add(none());
        }
        terms.forEach((exponents, coefficient) -> {
            int[] others = exponents.of().clone();
            int power = others[variable];
            others[variable] = 0;
            byPower.get(power).put(new Exponents(others), coefficient);
        });
        return byPower.stream().map(each -> new Polynomial(variables, each)).toList();
    }

    /** The sum of coefficients times powers of a variable, from the power 0 on. */
    static Polynomial of(List<Polynomial> coefficients, int variable) {
        int variables = coefficients.get(0).variables;
        Polynomial sum = zero(variables);
        for (int i = 0; i < coefficients.size(); i++) {
            sum = sum.plus(coefficients.get(i).times(variable(variable, i, variables)));
        }
        return sum;
    }

    /** The derivative by a variable. */
    Polynomial derivative(int variable) {
        TreeMap<Exponents, BigInteger> derivative = none();
        terms.forEach((exponents, coefficient) -> {
            int power = exponents.of()[variable];
            if (power > 0) {
                int[] lower = exponents.of().clone();
                lower[variable]--;
                derivative.put(new Exponents(lower), coefficient.multiply(BigInteger.valueOf(power)));
            }
        });
        return new Polynomial(variables, derivative);
    }

    /** The greatest whole number that divides all coefficients, 0 for zero. */
    BigInteger content() {
        BigInteger content = BigInteger.ZERO;
        for (BigInteger coefficient : terms.values()) {
            content = content.gcd(coefficient);
        }
        return content;
    }

    /** Without its {@link #content}, and with a positive highest coefficient. */
    Polynomial primitive() {
        if (isZero()) {
            return this;
        }
        return over(leading().signum() < 0 ? content().negate() : content());
    }

    /** The largest of its coefficients, without sign; 0 for zero. */
    BigInteger height() {
        return terms.values().stream().map(BigInteger::abs).reduce(BigInteger.ZERO, BigInteger::max);
    }

    /** With a number in the place of a variable. */
    Polynomial at(int variable, BigInteger place) {
        TreeMap<Exponents, BigInteger> image = none();
        BigInteger[] powers = new BigInteger[degree(variable) + 1];
        terms.forEach((exponents, coefficient) -> {
            int power = exponents.of()[variable];
            if (powers[power] == null) {
                powers[power] = place.pow(power);
            }
            int[] others = exponents.of().clone();
            others[variable] = 0;
            add(image, new Exponents(others), coefficient.multiply(powers[power]));
        });
        return new Polynomial(variables, image);
    }

    /** What is left of each coefficient when it is divided by a number, between its halves. */
    Polynomial digit(BigInteger of) {
        BigInteger half = of.shiftRight(1);
        TreeMap<Exponents, BigInteger> digit = none();
        terms.forEach((exponents, coefficient) -> {
            BigInteger rest = coefficient.mod(of);
            add(digit, exponents, rest.compareTo(half) > 0 ? rest.subtract(of) : rest);
        });
        return new Polynomial(variables, digit);
    }

    /** The quotient by a number that divides every coefficient. */
    Polynomial over(BigInteger number) {
        TreeMap<Exponents, BigInteger> quotient = none();
        terms.forEach((exponents, coefficient) -> quotient.put(exponents, coefficient.divide(number)));
        return new Polynomial(variables, quotient);
    }

    /** The highest exponent of any variable. */
    int highest() {
        return terms.keySet().stream()
                .flatMapToInt(exponents -> Arrays.stream(exponents.of()))
                .max()
                .orElse(0);
    }

    /** A polynomial in one variable, with numbers in the places of the others, which are taken in turn. */
    Polynomial inOne(int variable, int[] numbers) {
        TreeMap<Exponents, BigInteger> image = none();
        terms.forEach((exponents, coefficient) -> {
            BigInteger product = coefficient;
            for (int i = 0; i < variables; i++) {
                if (i != variable && exponents.of()[i] > 0) {
                    product = product.multiply(BigInteger.valueOf(numbers[i % numbers.length])
                            .pow(exponents.of()[i]));
                }
            }
            add(image, new Exponents(new int[] {exponents.of()[variable]}), product);
        });
        return new Polynomial(1, image);
    }

    /** The coefficients of a polynomial in one variable, that of 1 first. */
    List<BigInteger> whole() {
        return coefficients(0).stream().map(Polynomial::constant).toList();
    }

    /** A visitor of terms, the highest first. */
    interface OfTerm {
        void term(int[] exponents, BigInteger coefficient);
    }

    void forEach(OfTerm visitor) {
        terms.forEach((exponents, coefficient) -> visitor.term(exponents.of(), coefficient));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Polynomial polynomial && polynomial.terms.equals(terms);
    }

    @Override
    public int hashCode() {
        return terms.hashCode();
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        forEach((exponents, coefficient) ->
                text.append(text.isEmpty() ? "" : " + ").append(coefficient).append(Arrays.toString(exponents)));
        return text.isEmpty() ? "0" : text.toString();
    }
}
