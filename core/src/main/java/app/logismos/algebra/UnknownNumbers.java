package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An antiderivative with unknown numbers before products of what stands in the expression, and before logarithms of what
 * it divides by; its derivative is compared with the expression (K. O. Geddes, S. R. Czapor, G. Labahn, Algorithms for
 * Computer Algebra, 1992, section 11.6; M. Bronstein, Symbolic Integration I, 2005, section 10.1).
 */
final class UnknownNumbers {
    private static final int MOST_VARIABLES = 6;
    private static final int MOST_UNKNOWNS = 260;
    private static final int ROUNDS = 3;

    private final Form.Letter by;
    private final Ring ring;
    private final int variables;

    /** Derivatives of the variables, over one polynomial. */
    private final List<Polynomial> slopes = new ArrayList<>();

    private Polynomial below;

    private UnknownNumbers(Form.Letter by, Ring ring) {
        this.by = by;
        this.ring = ring;
        this.variables = ring.variables().size();
        this.below = Polynomial.one(variables);
    }

    /** A product or logarithm with the number before it that was found. */
    record Term(Rational number, Form form) {}

    /**
     * What was found.
     *
     * @param terms those whose numbers are not 0
     * @param others how many more there are
     */
    record Found(List<Term> terms, int others) {
        Form sum() {
            return Form.sum(terms.stream()
                    .map(term -> Form.number(term.number()).times(term.form()))
                    .toList());
        }
    }

    /** Nothing where no such sum is found, or it would be too long. */
    static Optional<Found> of(Form form, Form.Letter by, DerivativeRules rules) {
        Form plain = Angles.inSinesAndCosines(form);
        try {
            Optional<Ring> ring = closed(plain, by, rules);
            if (ring.isEmpty()) {
                return Optional.empty();
            }
            UnknownNumbers unknowns = new UnknownNumbers(by, ring.get());
            return unknowns.differentiated(rules) ? unknowns.solved(ring.get().quotient(plain)) : Optional.empty();
        } catch (NoForm | Derivative.NotKnown none) {
            return Optional.empty();
        }
    }

    /** The ring of the form in which the derivatives of its variables are too. */
    private static Optional<Ring> closed(Form form, Form.Letter by, DerivativeRules rules) {
        Set<Form> parts = new LinkedHashSet<>(List.of(form, by));
        for (int round = 0; round < ROUNDS; round++) {
            Ring ring = Ring.ofQuotients(parts);
            if (ring.variables().size() > MOST_VARIABLES) {
                return Optional.empty();
            }
            int before = parts.size();
            for (Form variable : ring.variables()) {
                parts.add(Angles.inSinesAndCosines(Derivative.of(variable, by, 1, rules)));
            }
            if (parts.size() == before) {
                return Optional.of(ring);
            }
        }
        Ring ring = Ring.ofQuotients(parts);
        return ring.variables().size() > MOST_VARIABLES ? Optional.empty() : Optional.of(ring);
    }

    private boolean differentiated(DerivativeRules rules) {
        List<Quotient> found = new ArrayList<>();
        for (Form variable : ring.variables()) {
            Form slope = Angles.inSinesAndCosines(Derivative.of(variable, by, 1, rules));
            if (!ring.has(slope)) {
                return false;
            }
            found.add(ring.quotient(slope));
        }
        for (Quotient each : found) {
            Polynomial shared = GreatestDivisor.of(below, each.below());
            below = below.times(each.below().exactly(shared));
        }
        for (Quotient each : found) {
            slopes.add(each.above().times(below.exactly(each.below())));
        }
        return true;
    }

    /** The derivative of a polynomial in the variables, times {@link #below}. */
    private Polynomial slope(Polynomial polynomial) {
        Polynomial sum = Polynomial.zero(variables);
        for (int i = 0; i < variables; i++) {
            if (polynomial.degree(i) > 0) {
                sum = sum.plus(polynomial.derivative(i).times(slopes.get(i)));
            }
        }
        return sum;
    }

    private Optional<Found> solved(Quotient quotient) {
        List<Factor> factors = quotient.below().isConstant() ? List.of() : Factoring.of(quotient.below());
        Polynomial divisor = Polynomial.one(variables);
        Polynomial all = Polynomial.one(variables);
        for (Factor factor : factors) {
            // An exponential stays below as it is: it is a divisor of its own derivative.
            boolean isExponential =
                    slope(factor.polynomial()).over(factor.polynomial()).isPresent();
            divisor = divisor.times(factor.polynomial().power(isExponential ? factor.times() : factor.times() - 1));
            all = all.times(factor.polynomial());
        }
        List<Polynomial> monomials = monomials(quotient, divisor);
        if (monomials.size() + factors.size() > MOST_UNKNOWNS) {
            return Optional.empty();
        }
        Polynomial slopeOfDivisor = slope(divisor);
        List<Polynomial> columns = new ArrayList<>();
        List<Form> terms = new ArrayList<>();
        for (Polynomial monomial : monomials) {
            Cancellable.check();
            columns.add(slope(monomial)
                    .times(divisor)
                    .minus(monomial.times(slopeOfDivisor))
                    .times(all));
            terms.add(ring.form(monomial).over(ring.form(divisor)));
        }
        Rational content = Rational.of(quotient.below().content());
        Polynomial square = divisor.times(divisor);
        for (Factor factor : factors) {
            columns.add(slope(factor.polynomial()).times(square).times(all.exactly(factor.polynomial())));
            terms.add(Form.applied("ln", List.of(Form.applied("abs", List.of(ring.form(factor.polynomial()))))));
        }
        Optional<Polynomial> right = quotient.above()
                .times(below)
                .times(square)
                .times(all)
                .over(quotient.below().primitive());
        return right.flatMap(whole -> numbers(columns, whole)).map(numbers -> {
            List<Term> found = new ArrayList<>();
            for (int i = 0; i < terms.size(); i++) {
                if (numbers.get(i).signum() != 0) {
                    found.add(new Term((Rational) numbers.get(i).dividedBy(content), terms.get(i)));
                }
            }
            return new Found(found, terms.size() - found.size());
        });
    }

    /** The products that may stand above the divisor. */
    private List<Polynomial> monomials(Quotient quotient, Polynomial divisor) {
        List<Polynomial> found = new ArrayList<>(List.of(Polynomial.one(variables)));
        for (int i = 0; i < variables; i++) {
            Form variable = ring.variables().get(i);
            boolean growsByOne = variable.equals(by)
                    || Ordering.base(variable).equals(by)
                    || variable instanceof Form.Applied applied && !isOfAngles(applied.function());
            int highest = quotient.above().degree(i)
                    + Math.max(0, divisor.degree(i) - quotient.below().degree(i))
                    + (growsByOne ? 1 : 0);
            highest = Math.max(highest, isSlopeOfOther(variable) ? 1 : highest);
            List<Polynomial> further = new ArrayList<>();
            for (Polynomial each : found) {
                for (int power = 0; power <= highest; power++) {
                    further.add(each.times(Polynomial.variable(i, power, variables)));
                }
            }
            found = further;
            if (found.size() > 20 * MOST_UNKNOWNS) {
                return found;
            }
        }
        int total = total(quotient.above()) + total(divisor) + 1;
        return found.stream().filter(each -> total(each) <= total).toList();
    }

    private static boolean isOfAngles(String function) {
        return List.of("sin", "cos", "sinh", "cosh").contains(function);
    }

    /** Of a pair like sine and cosine one may stand there alone. */
    private static boolean isSlopeOfOther(Form variable) {
        return variable instanceof Form.Applied applied && isOfAngles(applied.function());
    }

    private static int total(Polynomial polynomial) {
        int[] most = {0};
        polynomial.forEach((exponents, coefficient) -> {
            int sum = 0;
            for (int each : exponents) {
                sum += each;
            }
            most[0] = Math.max(most[0], sum);
        });
        return most[0];
    }

    /** The numbers before the columns with which they add up to the whole; those that are free are 0. */
    private Optional<List<Rational>> numbers(List<Polynomial> columns, Polynomial whole) {
        Map<String, Rational[]> rows = new LinkedHashMap<>();
        int width = columns.size() + 1;
        for (int i = 0; i < columns.size(); i++) {
            put(rows, Simplifying.inFewestSquares(columns.get(i), ring), i, width);
        }
        put(rows, Simplifying.inFewestSquares(whole, ring), columns.size(), width);
        return eliminated(new ArrayList<>(rows.values()), columns.size());
    }

    private static void put(Map<String, Rational[]> rows, Polynomial polynomial, int column, int width) {
        polynomial.forEach((exponents, coefficient) -> {
            Rational[] row = rows.computeIfAbsent(Arrays.toString(exponents), key -> {
                Rational[] zeros = new Rational[width];
                Arrays.fill(zeros, Rational.ZERO);
                return zeros;
            });
            row[column] = Rational.of(coefficient, BigInteger.ONE);
        });
    }

    private static Optional<List<Rational>> eliminated(List<Rational[]> rows, int width) {
        int[] rowOf = new int[width];
        Arrays.fill(rowOf, -1);
        int done = 0;
        for (int column = 0; column < width; column++) {
            Cancellable.check();
            int pivot = done;
            while (pivot < rows.size() && rows.get(pivot)[column].signum() == 0) {
                pivot++;
            }
            if (pivot == rows.size()) {
                continue;
            }
            Collections.swap(rows, done, pivot);
            Rational[] top = rows.get(done);
            for (int i = 0; i < rows.size(); i++) {
                if (i != done && rows.get(i)[column].signum() != 0) {
                    subtract(rows.get(i), top, column);
                }
            }
            rowOf[column] = done++;
        }
        for (int i = done; i < rows.size(); i++) {
            if (rows.get(i)[width].signum() != 0) {
                return Optional.empty();
            }
        }
        List<Rational> numbers = new ArrayList<>();
        for (int column = 0; column < width; column++) {
            numbers.add(
                    rowOf[column] < 0
                            ? Rational.ZERO
                            : (Rational) rows.get(rowOf[column])[width].dividedBy(rows.get(rowOf[column])[column]));
        }
        return Optional.of(numbers);
    }

    private static void subtract(Rational[] row, Rational[] top, int column) {
        Rational times = (Rational) row[column].dividedBy(top[column]);
        for (int i = column; i < row.length; i++) {
            if (top[i].signum() != 0) {
                row[i] = (Rational) row[i].minus((Rational) times.times(top[i]));
            }
        }
    }
}
