package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How an expression is split: what all terms share, equal factors, then one root after the other. */
public final class FactoringSteps {
    private final Ring ring;
    private final Form below;
    private final List<RewritingStep> steps = new ArrayList<>();

    /** What is split already. */
    private Form done = Form.ONE;

    private FactoringSteps(Ring ring, Form below) {
        this.ring = ring;
        this.below = below;
    }

    /** The steps to the form in factors over the rationals. */
    public static List<RewritingStep> of(Form form) {
        Ring ring = Ring.ofQuotient(form);
        Quotient quotient = ring.quotient(form);
        if (quotient.above().isZero()) {
            return List.of();
        }
        FactoringSteps factoring = new FactoringSteps(ring, Factored.of(ring.form(quotient.below())));
        if (!quotient.isWhole() || !Expanding.of(form).equals(form)) {
            factoring.add(RewritingStep.Rule.ONE_FRACTION_LINE, "", ring.form(quotient.above()));
        }
        factoring.split(quotient.above());
        factoring.last(Factored.of(quotient, ring));
        return factoring.steps;
    }

    private void add(RewritingStep.Rule rule, String says, Form above) {
        steps.add(new RewritingStep(rule, says, above.over(below)));
    }

    private void last(Form answer) {
        if (steps.isEmpty() || !steps.get(steps.size() - 1).after().equals(answer.text())) {
            steps.add(new RewritingStep(RewritingStep.Rule.SPLIT, "", answer));
        }
    }

    private void split(Polynomial above) {
        Polynomial primitive = above.primitive();
        Form number = Form.number(
                Rational.of(above.leading().signum() < 0 ? above.content().negate() : above.content()));
        int[] least = least(primitive);
        Polynomial monomial = Polynomial.one(above.variables());
        for (int variable = 0; variable < least.length; variable++) {
            monomial = monomial.times(Polynomial.variable(variable, least[variable], above.variables()));
        }
        Polynomial rest = primitive.exactly(monomial);
        Form shared = number.times(ring.form(monomial));
        if (rest.isConstant()) {
            return;
        }
        if (!shared.equals(Form.ONE)) {
            add(RewritingStep.Rule.COMMON_FACTOR, shared.text(), shared.times(ring.form(rest)));
        }
        done = shared;
        List<Factor> factors = Factoring.of(rest);
        if (factors.stream().anyMatch(each -> each.times() > 1)
                && factors.stream().mapToInt(Factor::times).distinct().count() + factors.size() > 2) {
            ofEqual(factors);
        } else {
            oneByOne(factors, rest);
        }
    }

    /** The lowest power of each variable that every term has. */
    private static int[] least(Polynomial polynomial) {
        int[] least = new int[polynomial.variables()];
        Arrays.fill(least, Integer.MAX_VALUE);
        polynomial.forEach((exponents, coefficient) -> {
            for (int i = 0; i < least.length; i++) {
                least[i] = Math.min(least[i], exponents[i]);
            }
        });
        return least;
    }

    /** What stands there twice is found where a polynomial and its derivative share a divisor. */
    private void ofEqual(List<Factor> factors) {
        Form product = done;
        for (int times = 1;
                times <= factors.stream().mapToInt(Factor::times).max().orElse(1);
                times++) {
            Polynomial together = Polynomial.one(factors.get(0).polynomial().variables());
            for (Factor factor : factors) {
                together = factor.times() == times ? together.times(factor.polynomial()) : together;
            }
            product = product.times(ring.form(together).power(times));
        }
        add(RewritingStep.Rule.EQUAL_FACTORS, "", product);
    }

    /** In one variable a root gives a factor. */
    private void oneByOne(List<Factor> factors, Polynomial whole) {
        Polynomial rest = whole;
        for (Factor factor : factors) {
            Polynomial divisor = factor.polynomial();
            boolean isLast = rest.equals(divisor.power(factor.times()));
            if (isLast || whole.variables() != 1 || divisor.degree(0) != 1 || factor.times() > 1) {
                return;
            }
            Rational root = (Rational)
                    Rational.of(divisor.coefficients(0).get(0).constant().negate())
                            .dividedBy(Rational.of(divisor.leading()));
            rest = rest.exactly(divisor);
            done = done.times(ring.form(divisor));
            add(
                    RewritingStep.Rule.ROOT_DIVIDED_OUT,
                    ring.variables().get(0).text() + " = " + Form.number(root).text() + " gives 0: divide by "
                            + ring.form(divisor).text(),
                    done.times(ring.form(rest)));
        }
    }
}
