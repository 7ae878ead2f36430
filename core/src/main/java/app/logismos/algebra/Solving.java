package app.logismos.algebra;

import app.logismos.algebra.SolvingStep.Rule;
import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

/**
 * The real solutions of an equation with one unknown: what is done to it is undone step by step where the unknown stands
 * once; else it is brought to one side and split into factors, which are solved by degree; roots are squared away, and
 * what is found so is put in.
 */
public final class Solving {
    private static final Form TWO = Form.number(2);

    /** An equation is turned into others so many times at most. */
    private static final int MOST_TURNS = 40;

    /** Two doubles are taken for equal within so much of the larger. */
    private static final double NEAR = 1e-9;

    /** Functions that have one inverse wherever they have a value. */
    private static final Map<String, String> INVERSES = Map.of(
            "asin", "sin", "acos", "cos", "atan", "tan", "tan", "atan", "sinh", "asinh", "asinh", "sinh", "tanh",
            "atanh", "atanh", "tanh");

    private final Form.Letter unknown;
    private final Form halfTurn;
    private final boolean complex;
    private final ToDoubleFunction<Form> worth;
    private final List<SolvingStep> steps = new ArrayList<>();
    private boolean mayBeMore;
    private boolean isEverything;
    private boolean mayBeFalse;
    private int turns;

    private Solving(Form.Letter unknown, Form halfTurn, boolean complex, ToDoubleFunction<Form> worth) {
        this.complex = complex;
        this.unknown = unknown;
        this.halfTurn = halfTurn;
        this.worth = worth;
    }

    /**
     * What solves an equation.
     *
     * @param solutions ascending, where they are numbers
     * @param mayBeMore whether there are others that were not looked for
     * @param isEverything whether every number solves it
     */
    public record Solved(List<Form> solutions, List<SolvingStep> steps, boolean mayBeMore, boolean isEverything) {}

    /** An equation that no method here solves. */
    public static final class NotSolved extends RuntimeException {
        private static final long serialVersionUID = 1;

        NotSolved() {
            super("no method solves it", null, false, false);
        }
    }

    /**
     * Solves an equation.
     *
     * @param halfTurn 180, or π where angles are in radians
     * @param complex whether solutions that are not real are wanted; they come unsorted
     * @param worth the value of a form without letters, NaN where it has none
     * @throws NotSolved where no method does
     */
    public static Solved of(
            Equation equation, Form.Letter unknown, Form halfTurn, boolean complex, ToDoubleFunction<Form> worth) {
        Solving solving = new Solving(unknown, halfTurn, complex, worth);
        List<Form> found = solving.distinct(solving.solve(equation));
        List<Form> checked = solving.checked(found, equation);
        List<Form> sorted = new ArrayList<>(checked);
        if (!complex && checked.stream().allMatch(each -> each.letters().isEmpty())) {
            sorted.sort(Comparator.comparingDouble(worth));
        }
        if (!sorted.isEmpty()
                && !(solving.steps.isEmpty() ? List.of(equation) : solving.last()).equals(solving.named(sorted))) {
            solving.steps.add(new SolvingStep(Rule.SOLUTIONS, "", solving.named(sorted)));
        }
        return new Solved(sorted, List.copyOf(solving.steps), solving.mayBeMore, solving.isEverything);
    }

    private List<Equation> last() {
        return steps.get(steps.size() - 1).equations();
    }

    private List<Equation> named(List<Form> solutions) {
        return solutions.stream()
                .map(solution -> new Equation(unknown, solution))
                .toList();
    }

    private List<Form> distinct(List<Form> forms) {
        List<Form> distinct = new ArrayList<>();
        for (Form form : forms) {
            boolean isThere = distinct.stream()
                    .anyMatch(other -> other.equals(form)
                            || form.letters().isEmpty()
                                    && other.letters().isEmpty()
                                    && areNear(worth.applyAsDouble(other), worth.applyAsDouble(form)));
            if (!isThere) {
                distinct.add(form);
            }
        }
        return distinct;
    }

    private static boolean areNear(double a, double b) {
        return a == b || Math.abs(a - b) <= NEAR * Math.max(Math.abs(a), Math.abs(b));
    }

    /** Squaring, and what was divided by, may have brought in what does not solve it. */
    private List<Form> checked(List<Form> found, Equation equation) {
        List<Form> sound = found.stream().filter(each -> holds(each, equation)).toList();
        if (mayBeFalse && sound.size() < found.size()) {
            List<String> unsound = found.stream()
                    .filter(each -> !sound.contains(each))
                    .map(Form::text)
                    .toList();
            steps.add(new SolvingStep(
                    Rule.CHECKED, String.join(", ", unsound) + " does not solve the equation", named(sound)));
        }
        return sound;
    }

    private boolean holds(Form solution, Equation equation) {
        try {
            Equation put = equation.with(unknown, solution);
            if (!put.left().letters().isEmpty() || !put.right().letters().isEmpty()) {
                return true;
            }
            if (complex) {
                double off = size(put.difference());
                return off <= 1e-6 * Math.max(1, Math.max(size(put.left()), size(put.right())));
            }
            double left = worth.applyAsDouble(put.left());
            double right = worth.applyAsDouble(put.right());
            double size = Math.max(1, Math.max(Math.abs(left), Math.abs(right)));
            return Math.abs(left - right) <= 1e-6 * size;
        } catch (NoForm none) {
            return false;
        }
    }

    private double size(Form form) {
        return worth.applyAsDouble(Form.applied("abs", List.of(form)));
    }

    private void step(Rule rule, String says, Equation... equations) {
        if (!steps.isEmpty() && last().equals(List.of(equations))) {
            return;
        }
        steps.add(new SolvingStep(rule, says, List.of(equations)));
    }

    /** No solution, and why; the equation may be the one before, so that nothing but the reason is new. */
    private List<Form> none(Rule rule, String why, Equation equation) {
        steps.add(new SolvingStep(rule, why, List.of(equation)));
        return List.of();
    }

    private List<Form> solve(Equation equation) {
        Cancellable.check();
        if (++turns > MOST_TURNS) {
            throw new NotSolved();
        }
        if (!equation.has(unknown)) {
            Form rest = Simplifying.of(equation.difference());
            isEverything |= rest.isZero();
            return List.of();
        }
        long times = times(equation.left()) + times(equation.right());
        if (times == 1) {
            return equation.left().has(unknown)
                    ? undone(equation)
                    : undone(new Equation(equation.right(), equation.left()));
        }
        Optional<OneKind> kind = OneKind.of(equation, unknown);
        if (kind.isPresent()) {
            mayBeFalse = true;
            return cases(Rule.BOTH_SIDES, kind.get().says(), kind.get().cases().toArray(Equation[]::new));
        }
        return ofPolynomial(equation);
    }

    private long times(Form form) {
        return form.equals(unknown)
                ? 1
                : form.parts().stream().mapToLong(this::times).sum();
    }

    /** Undoes what is done to the unknown, which stands once on the left side. */
    private List<Form> undone(Equation equation) {
        Form left = equation.left();
        Form right = equation.right();
        if (left.equals(unknown)) {
            return List.of(right);
        }
        if (left instanceof Form.Sum sum) {
            return undone(without(sum, right));
        }
        if (left instanceof Form.Product product) {
            return undone(without(product, right));
        }
        if (left instanceof Form.Power power) {
            return power.base().has(unknown)
                    ? ofPower(power.base(), power.exponent(), right)
                    : ofExponential(power.base(), power.exponent(), right);
        }
        return ofFunction((Form.Applied) left, right);
    }

    private Equation without(Form.Sum sum, Form right) {
        Form with = sum.terms().stream()
                .filter(term -> term.has(unknown))
                .findFirst()
                .orElseThrow();
        Form rest = sum.minus(with);
        boolean isNegative = rest.text().startsWith("-");
        Equation next = new Equation(with, Expanding.of(right.minus(rest)));
        step(
                Rule.BOTH_SIDES,
                isNegative
                        ? "add " + rest.negated().text() + " to both sides"
                        : "subtract " + rest.text() + " from both sides",
                next);
        return next;
    }

    private Equation without(Form.Product product, Form right) {
        Form with = product.factors().stream()
                .filter(factor -> factor.has(unknown))
                .findFirst()
                .orElseThrow();
        Form rest = product.times(Form.power(with, Form.MINUS_ONE));
        Form inverse = Form.power(rest, Form.MINUS_ONE);
        Equation next = new Equation(with, tidy(right.times(inverse), rest));
        boolean isFraction = inverse.text().length() < rest.text().length();
        step(
                Rule.BOTH_SIDES,
                isFraction ? "multiply both sides by " + inverse.text() : "divide both sides by " + rest.text(),
                next);
        return next;
    }

    /** Multiplied out where it is only divided by a number. */
    private static Form tidy(Form form, Form divisor) {
        return divisor instanceof Form.Number ? Expanding.of(form) : Simplifying.of(form);
    }

    private List<Form> ofPower(Form base, Form exponent, Form right) {
        if (!(exponent instanceof Form.Number number) || !(number.value() instanceof Rational rational)) {
            Equation next = new Equation(base, Form.power(right, Form.power(exponent, Form.MINUS_ONE)));
            step(Rule.ROOT, "raise both sides to the power 1/(" + exponent.text() + ")", next);
            return undone(next);
        }
        if (rational.signum() < 0) {
            if (right.isZero()) {
                return List.of();
            }
            Equation next =
                    new Equation(Form.power(base, Form.number(rational.negate())), Form.power(right, Form.MINUS_ONE));
            step(Rule.BOTH_SIDES, "take 1 over both sides", next);
            return undone(next);
        }
        boolean isEven = !rational.numerator().testBit(0);
        boolean isRoot = !rational.isInteger();
        double sign = right.letters().isEmpty() ? worth.applyAsDouble(right) : 1;
        if (complex && rational.isInteger() && right.letters().isEmpty()) {
            return cases(
                    Rule.ROOT,
                    "take the " + rational.numerator() + " complex roots of both sides",
                    UnityRoots.of(rational.numerator().intValueExact(), sign < 0).stream()
                            .map(root -> new Equation(
                                    base,
                                    Expanding.of(root.times(Form.power(
                                            sign < 0 ? right.negated() : right,
                                            Form.number(Rational.of(BigInteger.ONE, rational.numerator())))))))
                            .toArray(Equation[]::new));
        }
        if ((isEven || isRoot && !rational.denominator().testBit(0)) && sign < 0) {
            return none(
                    Rule.ROOT,
                    isRoot ? "no root is negative" : "no real number has a negative square",
                    new Equation(Form.power(base, exponent), right));
        }
        mayBeFalse |= isRoot;
        Form inverse = Form.number(Rational.of(rational.denominator(), rational.numerator()));
        Form root = sign < 0 ? Form.power(right.negated(), inverse).negated() : Form.power(right, inverse);
        String says = isRoot && rational.numerator().equals(BigInteger.ONE)
                ? "raise both sides to the power " + inverse.text()
                : rational.equals(Rational.of(2))
                        ? "take the square root of both sides"
                        : "take the root of degree " + rational.numerator() + " of both sides";
        if (!isEven || right.isZero()) {
            Equation next = new Equation(base, root);
            step(isRoot ? Rule.SQUARING : Rule.ROOT, says, next);
            return undone(next);
        }
        return cases(Rule.ROOT, says, new Equation(base, root.negated()), new Equation(base, root));
    }

    private List<Form> cases(Rule rule, String says, Equation... cases) {
        step(rule, says, cases);
        List<Form> all = new ArrayList<>();
        for (Equation each : cases) {
            all.addAll(solve(each));
        }
        return all;
    }

    private List<Form> ofExponential(Form base, Form exponent, Form right) {
        if (right.letters().isEmpty() && !(worth.applyAsDouble(right) > 0)) {
            return none(
                    Rule.INVERSE_FUNCTION,
                    "a power of " + base.text() + " is positive",
                    new Equation(Form.power(base, exponent), right));
        }
        Equation next = new Equation(exponent, logarithm(base, right));
        step(Rule.INVERSE_FUNCTION, "take the logarithm of both sides", next);
        return undone(next);
    }

    /** To a base; exactly where both are powers of one number. */
    private static Form logarithm(Form base, Form form) {
        if (base instanceof Form.Number number
                && number.value() instanceof Rational of
                && form instanceof Form.Number other
                && other.value() instanceof Rational power) {
            Optional<Rational> exact = OneKind.logarithm(of, power);
            if (exact.isPresent()) {
                return Form.number(exact.get());
            }
        }
        Form logarithm = Form.applied("ln", List.of(form));
        return base.equals(Form.E) ? logarithm : logarithm.over(Form.applied("ln", List.of(base)));
    }

    private List<Form> ofFunction(Form.Applied applied, Form right) {
        if (applied.arguments().size() != 1) {
            throw new NotSolved();
        }
        Form inner = applied.arguments().get(0);
        String function = applied.function();
        String inverse = INVERSES.get(function);
        if (inverse != null) {
            mayBeMore |= function.equals("tan");
            mayBeFalse = true;
            return inverted(function, new Equation(inner, Form.applied(inverse, List.of(right))));
        }
        switch (function) {
            case "ln":
                return inverted(function, new Equation(inner, Form.power(Form.E, right)));
            case "exp":
                return ofExponential(Form.E, inner, right);
            case "log10", "log":
                return inverted(function, new Equation(inner, Form.power(Form.number(10), right)));
            case "log2":
                return inverted(function, new Equation(inner, Form.power(TWO, right)));
            case "cbrt":
                return inverted(function, new Equation(inner, right.power(3)));
            case "abs":
                mayBeFalse = true;
                return right.isZero()
                        ? inverted(function, new Equation(inner, right))
                        : cases(
                                Rule.INVERSE_FUNCTION,
                                "what has this size is positive or negative",
                                new Equation(inner, right.negated()),
                                new Equation(inner, right));
            case "sin":
                return periodic(function, inner, right, angle -> halfTurn.minus(angle));
            case "cos":
                return periodic(function, inner, right, Form::negated);
            case "cosh":
                return cases(
                        Rule.INVERSE_FUNCTION,
                        "undo cosh",
                        new Equation(
                                inner, Form.applied("acosh", List.of(right)).negated()),
                        new Equation(inner, Form.applied("acosh", List.of(right))));
            default:
                throw new NotSolved();
        }
    }

    private List<Form> periodic(String function, Form inner, Form right, UnaryOperator<Form> other) {
        mayBeMore = true;
        mayBeFalse = true;
        if (right.letters().isEmpty() && Math.abs(worth.applyAsDouble(right)) > 1) {
            step(
                    Rule.INVERSE_FUNCTION,
                    function + " lies between -1 and 1",
                    new Equation(Form.applied(function, List.of(inner)), right));
            mayBeMore = false;
            return List.of();
        }
        Form angle = Form.applied("a" + function, List.of(right));
        Equation one = new Equation(inner, angle);
        Equation two = new Equation(inner, other.apply(angle));
        return one.equals(two)
                ? inverted(function, one)
                : cases(Rule.INVERSE_FUNCTION, "undo " + function + ", within one turn", two, one);
    }

    private List<Form> inverted(String function, Equation next) {
        step(Rule.INVERSE_FUNCTION, "undo " + function, next);
        return undone(next);
    }

    /** Brings all to one side, over one line, and solves what stands above it. */
    private List<Form> ofPolynomial(Equation equation) {
        Form difference = Expanding.of(equation.difference());
        Ring ring = Ring.ofQuotient(difference);
        Quotient quotient = ring.quotient(difference);
        List<Form> variables = ring.variables();
        List<Integer> with = new ArrayList<>();
        for (int i = 0; i < variables.size(); i++) {
            if (variables.get(i).has(unknown) && quotient.above().degree(i) > 0) {
                with.add(i);
            }
        }
        boolean dividesBy = !quotient.below().isConstant();
        mayBeFalse |= dividesBy;
        if (with.isEmpty()) {
            isEverything |= quotient.above().isZero();
            return List.of();
        }
        Equation flat = new Equation(ring.form(quotient.above()), Form.ZERO);
        if (dividesBy) {
            step(
                    Rule.BOTH_SIDES,
                    "multiply both sides by " + ring.form(quotient.below()).text(),
                    flat);
        } else if (!equation.right().isZero()) {
            step(Rule.BOTH_SIDES, "bring all to one side", flat);
        }
        return with.size() == 1
                ? ofFactors(quotient.above(), with.get(0), ring)
                : withoutRoot(quotient.above(), with, ring);
    }

    private List<Form> ofFactors(Polynomial polynomial, int variable, Ring ring) {
        List<Polynomial> factors = new ArrayList<>();
        for (Factor factor : Factoring.of(polynomial)) {
            if (factor.polynomial().degree(variable) > 0) {
                factors.add(factor.polynomial());
            }
        }
        if (factors.size() > 1) {
            step(
                    Rule.FACTORS,
                    "a product is 0 where one of its factors is",
                    factors.stream()
                            .map(factor -> new Equation(ring.form(factor), Form.ZERO))
                            .toArray(Equation[]::new));
        }
        List<Form> all = new ArrayList<>();
        for (Polynomial factor : factors) {
            all.addAll(ofFactor(factor, variable, ring));
        }
        return all;
    }

    private List<Form> ofFactor(Polynomial factor, int variable, Ring ring) {
        Form place = ring.variables().get(variable);
        List<Form> coefficients =
                factor.coefficients(variable).stream().map(ring::form).toList();
        int degree = coefficients.size() - 1;
        if (degree == 1) {
            Form root = tidy(coefficients.get(0).negated().over(coefficients.get(1)), coefficients.get(1));
            return undo(place, List.of(root));
        }
        int shared = shared(coefficients);
        if (degree == 2 && shared == 1) {
            return undo(place, quadratic(place, coefficients));
        }
        if (shared > 1) {
            return inPower(place, coefficients, shared);
        }
        if (coefficients.stream().anyMatch(each -> !(each instanceof Form.Number))) {
            throw new NotSolved();
        }
        if (complex) {
            return undo(place, ofAnyDegree(place, coefficients));
        }
        List<Form> roots =
                RealRoots.of(Polynomial.of(factor.coefficients(variable).stream()
                                .map(Polynomial::constant)
                                .toList()))
                        .stream()
                        .map(root -> Form.number(Real.from(root)))
                        .toList();
        step(
                Rule.ISOLATED_ROOTS,
                roots.isEmpty()
                        ? "a sequence of Sturm counts no real root"
                        : "a sequence of Sturm counts " + roots.size() + ", each narrowed down by its sign",
                roots.stream().map(root -> new Equation(place, root)).toArray(Equation[]::new));
        return undo(place, roots);
    }

    /** All roots in numbers, those that are real as the sequence of Sturm finds them. */
    private List<Form> ofAnyDegree(Form place, List<Form> coefficients) {
        List<Form> roots =
                ComplexRoots.of(coefficients.stream()
                                .map(each -> (Rational) ((Form.Number) each).value())
                                .toList())
                        .stream()
                        .map(Form::number)
                        .toList();
        step(
                Rule.ISOLATED_ROOTS,
                "the " + roots.size() + " roots by the method of Laguerre",
                roots.stream().map(root -> new Equation(place, root)).toArray(Equation[]::new));
        return roots;
    }

    /** What all exponents with a coefficient have in common. */
    private static int shared(List<Form> coefficients) {
        int shared = 0;
        for (int i = 1; i < coefficients.size(); i++) {
            if (!coefficients.get(i).isZero()) {
                shared = BigInteger.valueOf(shared).gcd(BigInteger.valueOf(i)).intValue();
            }
        }
        return shared;
    }

    private List<Form> inPower(Form place, List<Form> coefficients, int shared) {
        Form power = place.power(shared);
        List<Form> reduced = new ArrayList<>();
        for (int i = 0; i < coefficients.size(); i += shared) {
            reduced.add(coefficients.get(i));
        }
        List<Form> values;
        if (reduced.size() == 2) {
            values = List.of(Simplifying.of(reduced.get(0).negated().over(reduced.get(1))));
        } else if (reduced.size() == 3) {
            values = quadratic(power, reduced);
        } else {
            throw new NotSolved();
        }
        List<Form> all = new ArrayList<>();
        for (Form value : values) {
            Equation next = new Equation(power, value);
            step(Rule.BOTH_SIDES, "solve for " + power.text(), next);
            all.addAll(solve(next));
        }
        return all;
    }

    /** Where what was found is the value of something that has the unknown in it. */
    private List<Form> undo(Form place, List<Form> values) {
        if (place.equals(unknown)) {
            if (values.size() == 1) {
                step(Rule.BOTH_SIDES, "solve for " + unknown.name(), new Equation(place, values.get(0)));
            }
            return values;
        }
        List<Form> all = new ArrayList<>();
        for (Form value : values) {
            Equation next = new Equation(place, value);
            step(Rule.BOTH_SIDES, "solve for " + place.text(), next);
            all.addAll(solve(next));
        }
        return all;
    }

    private List<Form> quadratic(Form place, List<Form> coefficients) {
        Form c = coefficients.get(0);
        Form b = coefficients.get(1);
        Form a = coefficients.get(2);
        Form discriminant = Simplifying.of(
                Expanding.of(b.power(2).minus(Form.number(4).times(a).times(c))));
        double sign = discriminant.letters().isEmpty() ? worth.applyAsDouble(discriminant) : 1;
        String says = "the discriminant b^2 - 4*a*c is " + discriminant.text();
        if (sign < 0 && !complex) {
            return none(
                    Rule.QUADRATIC_FORMULA,
                    says + ", which is negative: there is no real solution",
                    new Equation(a.times(place.power(2)).plus(b.times(place)).plus(c), Form.ZERO));
        }
        Form below = TWO.times(a);
        if (discriminant.isZero()) {
            Form root = Simplifying.of(b.negated().over(below));
            step(Rule.QUADRATIC_FORMULA, says + ": there is one solution", new Equation(place, root));
            return List.of(root);
        }
        Form root = sign < 0
                ? Form.I.times(Form.power(discriminant.negated(), Form.HALF))
                : Form.power(discriminant, Form.HALF);
        List<Form> roots = List.of(
                divided(b.negated().minus(root), below), divided(b.negated().plus(root), below));
        step(
                Rule.QUADRATIC_FORMULA,
                says,
                roots.stream().map(each -> new Equation(place, each)).toArray(Equation[]::new));
        return roots;
    }

    /** Each term by itself where that is a number of its own; over one line with letters. */
    private static Form divided(Form above, Form below) {
        Form whole = above.over(below);
        return below instanceof Form.Number && above instanceof Form.Sum sum
                ? Form.sum(sum.terms().stream().map(term -> term.over(below)).toList())
                : whole;
    }

    /** One root is brought to a side of its own, and both sides are raised. */
    private List<Form> withoutRoot(Polynomial polynomial, List<Integer> with, Ring ring) {
        for (int variable : with) {
            Optional<Form.Power> root = root(ring.variables().get(variable));
            if (root.isPresent() && polynomial.degree(variable) == 1) {
                List<Polynomial> parts = polynomial.coefficients(variable);
                int degree = ((Rational) ((Form.Number) root.get().exponent()).value())
                        .denominator()
                        .intValue();
                Form factor = ring.form(parts.get(1));
                Form rest = ring.form(parts.get(0).negated());
                step(Rule.BOTH_SIDES, "bring the root to one side", new Equation(factor.times(root.get()), rest));
                Equation raised = new Equation(
                        Expanding.of(factor.power(degree).times(root.get().base())), Expanding.of(rest.power(degree)));
                mayBeFalse = true;
                step(
                        Rule.SQUARING,
                        degree == 2 ? "square both sides" : "raise both sides to the power " + degree,
                        raised);
                return solve(raised);
            }
        }
        Form difference = ring.form(polynomial);
        Form factored = Factored.of(difference);
        if (factored instanceof Form.Product product
                && product.factors().stream().filter(each -> each.has(unknown)).count() > 1) {
            return cases(
                    Rule.FACTORS,
                    "a product is 0 where one of its factors is",
                    product.factors().stream()
                            .filter(each -> each.has(unknown))
                            .map(each ->
                                    new Equation(each instanceof Form.Power power ? power.base() : each, Form.ZERO))
                            .toArray(Equation[]::new));
        }
        throw new NotSolved();
    }

    private Optional<Form.Power> root(Form variable) {
        return variable instanceof Form.Power power
                        && power.exponent() instanceof Form.Number number
                        && number.value() instanceof Rational rational
                        && rational.numerator().equals(BigInteger.ONE)
                        && rational.denominator().bitLength() < 8
                ? Optional.of(power)
                : Optional.empty();
    }
}
