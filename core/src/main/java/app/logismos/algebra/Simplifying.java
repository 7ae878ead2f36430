package app.logismos.algebra;

import app.logismos.number.Undefined;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The shortest of some ways to write a form, all of one value where both are defined. */
public final class Simplifying {
    /** Squares of functions that add up: {@code cos^2 = 1 − sin^2}, {@code cosh^2 = 1 + sinh^2}. */
    private static final List<Squares> SQUARES =
            List.of(new Squares("cos", "sin", -1), new Squares("sin", "cos", -1), new Squares("cosh", "sinh", 1));

    private Simplifying() {}

    private record Squares(String of, String by, int sign) {
        String says() {
            return sign < 0 ? "sin^2 + cos^2 = 1" : "cosh^2 - sinh^2 = 1";
        }
    }

    /** The shortest form that is found: as it is, over one line and cancelled, in factors, with squares of functions put together. */
    public static Form of(Form form) {
        if (form.isMeasured() && form.letters().isEmpty()) {
            // What it comes to is one quantity, however it is written.
            return form;
        }
        Form inner = inside(form);
        Ring ring = Ring.ofQuotient(inner);
        Quotient quotient = ring.quotient(inner);
        return Stream.concat(
                        SQUARES.stream().flatMap(squares -> reduced(quotient, ring, squares).stream()),
                        Stream.of(quotient))
                .flatMap(each -> Stream.of(overOneLine(each, ring), Factored.of(each, ring)))
                .reduce(inner, Simplifying::shorter);
    }

    /** The form over one line and cancelled, with squares of functions put together first; made as they are asked for. */
    static Stream<Form> cancelled(Form form) {
        Ring ring = Ring.ofQuotient(form);
        Quotient quotient = ring.quotient(form);
        return Stream.concat(
                        SQUARES.stream().flatMap(squares -> reduced(quotient, ring, squares).stream()),
                        Stream.of(quotient))
                .map(each -> overOneLine(each, ring));
    }

    /**
     * The steps to the shortest form; where a divisor is gone from it, it is said that it was not 0.
     *
     * @param divisors what was divided by, also what the form has cancelled by itself
     */
    public static List<RewritingStep> steps(Form form, List<Form> divisors) {
        Form goal = of(form);
        List<RewritingStep> steps = new ArrayList<>();
        Form inner = inside(form);
        if (!inner.equals(form)) {
            steps.add(new RewritingStep(RewritingStep.Rule.INSIDE_FIRST, "", inner));
        }
        Ring ring = Ring.ofQuotient(inner);
        Quotient quotient = ring.quotient(inner);
        cancelling(inner).ifPresent(steps::add);
        Form line = overOneLine(quotient, ring);
        if (inner instanceof Form.Sum && !quotient.isWhole() && !line.equals(inner) && !goal.equals(inner)) {
            steps.add(new RewritingStep(RewritingStep.Rule.ONE_FRACTION_LINE, "", line));
        }
        SQUARES.stream()
                .flatMap(squares -> ofSquares(squares, quotient, ring, goal).stream())
                .filter(step -> !step.after().equals(line.text()))
                .findFirst()
                .ifPresent(steps::add);
        String gone = divisors.stream()
                .flatMap(divisor -> factors(Factored.of(divisor)).stream())
                .map(Ordering::base)
                .filter(base -> !base.letters().isEmpty() && !isDivisor(base, goal))
                .map(base -> base.text() + " is not 0")
                .distinct()
                .collect(Collectors.joining(", "));
        boolean isSaid = gone.isEmpty() || steps.stream().anyMatch(step -> step.rule() == RewritingStep.Rule.CANCELLED);
        boolean isThere =
                !steps.isEmpty() && steps.get(steps.size() - 1).after().equals(goal.text());
        if (!isSaid) {
            RewritingStep.Rule rule = isThere ? steps.remove(steps.size() - 1).rule() : RewritingStep.Rule.CANCELLED;
            steps.add(new RewritingStep(rule, "where " + gone, goal));
        } else if (!isThere && !goal.equals(form)) {
            steps.add(new RewritingStep(RewritingStep.Rule.SHORTEST, "", goal));
        }
        return steps;
    }

    private static Optional<RewritingStep> ofSquares(Squares squares, Quotient quotient, Ring ring, Form goal) {
        return reduced(quotient, ring, squares)
                .filter(each -> overOneLine(each, ring).equals(goal)
                        || Factored.of(each, ring).equals(goal))
                .map(each ->
                        new RewritingStep(RewritingStep.Rule.SQUARES_ADDED, squares.says(), overOneLine(each, ring)));
    }

    private static boolean isDivisor(Form base, Form form) {
        return Canonical.isNegative(Ordering.exponent(form))
                        && factors(Factored.of(Ordering.base(form))).stream()
                                .anyMatch(each -> Ordering.base(each).equals(base))
                || form.parts().stream().anyMatch(part -> isDivisor(base, part));
    }

    /** Both sides of a fraction line in factors, where they share one. */
    static Optional<RewritingStep> cancelling(Form form) {
        if (!(form instanceof Form.Product product)) {
            return Optional.empty();
        }
        Form below = Form.product(product.factors().stream()
                .filter(each -> Canonical.isNegative(Ordering.exponent(each)))
                .map(each -> Form.power(each, Form.MINUS_ONE))
                .toList());
        Form above = Factored.of(form.times(below));
        Form divisor = Factored.of(below);
        List<Form> shared = factors(divisor).stream()
                .map(Ordering::base)
                .filter(base -> !base.letters().isEmpty()
                        && factors(above).stream()
                                .anyMatch(each -> Ordering.base(each).equals(base)))
                .toList();
        return shared.isEmpty()
                ? Optional.empty()
                : Optional.of(new RewritingStep(
                        RewritingStep.Rule.CANCELLED,
                        shared.stream()
                                .map(each -> each.text() + " is not 0")
                                .collect(Collectors.joining(", ", "where ", "")),
                        "(" + above.text() + ")/(" + divisor.text() + ")"));
    }

    private static List<Form> factors(Form form) {
        return form instanceof Form.Product product ? product.factors() : List.of(form);
    }

    /** The arguments of functions are made shorter too. */
    private static Form inside(Form form) {
        return form.of(form.parts().stream()
                .map(part -> form instanceof Form.Applied ? of(part) : inside(part))
                .toList());
    }

    /** Over one fraction line, and cancelled. */
    static Form line(Form form) {
        Ring ring = Ring.ofQuotient(form);
        return overOneLine(ring.quotient(form), ring);
    }

    private static Form overOneLine(Quotient quotient, Ring ring) {
        Form above = ring.form(quotient.above());
        return above.over(ring.form(quotient.below()));
    }

    private static Quotient over(Polynomial above, Polynomial below) {
        if (below.isZero()) {
            throw new NoForm(Undefined.DIVIDE_BY_ZERO);
        }
        return Quotient.of(above, below);
    }

    private static Form shorter(Form a, Form b) {
        return Comparator.<Form>comparingInt(each -> each.text().length()).compare(b, a) < 0 ? b : a;
    }

    private static Optional<Quotient> reduced(Quotient quotient, Ring ring, Squares squares) {
        List<Form> variables = ring.variables();
        Quotient left = quotient;
        boolean isReduced = false;
        for (int i = 0; i < variables.size(); i++) {
            if (variables.get(i) instanceof Form.Applied applied
                    && applied.function().equals(squares.of())) {
                int other = ring.indexOf(new Form.Applied(squares.by(), applied.arguments()));
                if (other >= 0) {
                    left = over(without(left.above(), i, other, squares), without(left.below(), i, other, squares));
                    isReduced = true;
                }
            }
        }
        return isReduced ? Optional.of(left) : Optional.empty();
    }

    /** Squares of cosines and hyperbolic cosines by those of sines: equal polynomials with these relations are one. */
    static Polynomial inFewestSquares(Polynomial polynomial, Ring ring) {
        Polynomial left = polynomial;
        List<Form> variables = ring.variables();
        for (int i = 0; i < variables.size(); i++) {
            for (Squares squares : List.of(SQUARES.get(0), SQUARES.get(2))) {
                int other = variables.get(i) instanceof Form.Applied applied
                                && applied.function().equals(squares.of())
                        ? variables.indexOf(new Form.Applied(squares.by(), applied.arguments()))
                        : -1;
                left = other >= 0 ? without(left, i, other, squares) : left;
            }
        }
        return left;
    }

    /** Even powers of a variable written by another. */
    private static Polynomial without(Polynomial polynomial, int variable, int other, Squares squares) {
        int variables = polynomial.variables();
        Polynomial square = Polynomial.variable(other, 2, variables);
        Polynomial instead = Polynomial.one(variables).plus(squares.sign() < 0 ? square.negated() : square);
        List<Polynomial> coefficients = polynomial.coefficients(variable);
        Polynomial sum = Polynomial.zero(variables);
        for (int power = 0; power < coefficients.size(); power++) {
            sum = sum.plus(coefficients
                    .get(power)
                    .times(instead.power(power / 2))
                    .times(Polynomial.variable(variable, power % 2, variables)));
        }
        return sum;
    }
}
