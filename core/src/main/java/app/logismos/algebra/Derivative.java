package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Undefined;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Differentiates by the rules that are taught, one after the other. What a rule leaves to be differentiated stands in its
 * result as a call of {@code derivative}, so that each step can be shown.
 */
public final class Derivative {
    private static final String NAME = "derivative";

    /** A longer expression is not shown step by step. */
    private static final int MOST_SHOWN = 1_000;

    private final Form.Letter by;
    private final DerivativeRules rules;

    private Derivative(Form.Letter by, DerivativeRules rules) {
        this.by = by;
        this.rules = rules;
    }

    /** A function in the expression has no derivative that is known. */
    public static final class NotKnown extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final String function;

        private NotKnown(String function) {
            super(function, null, false, false);
            this.function = function;
        }

        /** Its name. */
        public String function() {
            return function;
        }
    }

    /**
     * One rule applied.
     *
     * @param before the whole before it
     * @param part what is differentiated now, as a call
     * @param worth what the rule makes of it
     * @param after the whole after it
     */
    public record Step(Form before, Form part, DerivativeRule rule, Form worth, Form after) {}

    /** What a rule makes of an expression. */
    private record Applied(DerivativeRule rule, Form result) {}

    /**
     * The derivative of a form by a letter.
     *
     * @param order how many times, 0 or more
     * @throws NotKnown where a function has none
     * @throws NoForm where it becomes too large
     */
    public static Form of(Form form, Form.Letter by, int order, DerivativeRules rules) {
        Derivative derivative = new Derivative(by, rules);
        Form answer = form;
        for (int i = 0; i < order && !answer.isZero(); i++) {
            answer = derivative.of(answer);
            if (answer.size() > Form.MOST_NODES) {
                throw new NoForm(Undefined.TOO_LARGE);
            }
        }
        return answer;
    }

    /** The same step by step, so many at the most. */
    public static List<Step> steps(Form form, Form.Letter by, int order, DerivativeRules rules, int most) {
        Derivative derivative = new Derivative(by, rules);
        Form current = form;
        for (int i = 0; i < order; i++) {
            current = derivative.pending(current);
        }
        List<Step> steps = new ArrayList<>();
        for (Optional<Form.Applied> next = derivative.next(current);
                next.isPresent() && steps.size() < most;
                next = derivative.next(current)) {
            Applied applied = derivative.rule(next.get().arguments().get(0));
            Form after = current.replaced(next.get(), applied.result());
            if (after.size() > MOST_SHOWN) {
                return List.of();
            }
            steps.add(new Step(current, next.get(), applied.rule(), applied.result(), after));
            current = after;
        }
        return steps;
    }

    private Form pending(Form form) {
        return new Form.Applied(NAME, List.of(form, by));
    }

    private boolean isPending(Form form) {
        return form instanceof Form.Applied applied && applied.function().equals(NAME);
    }

    /** What can be differentiated next: nothing is left to be differentiated in it. */
    private Optional<Form.Applied> next(Form form) {
        for (Form part : form.parts()) {
            Optional<Form.Applied> inner = next(part);
            if (inner.isPresent()) {
                return inner;
            }
        }
        return isPending(form) ? Optional.of((Form.Applied) form) : Optional.empty();
    }

    private Form of(Form form) {
        // The sum rule, without calls for each of many terms that are put in order first.
        if (form instanceof Form.Sum sum) {
            return Form.sum(sum.terms().stream().map(this::of).toList());
        }
        return settled(rule(form).result());
    }

    /** With all that is left to be differentiated worked out. */
    private Form settled(Form form) {
        Cancellable.tick();
        if (isPending(form)) {
            return of(((Form.Applied) form).arguments().get(0));
        }
        return has(form) ? form.of(form.parts().stream().map(this::settled).toList()) : form;
    }

    private boolean has(Form form) {
        return isPending(form) || form.parts().stream().anyMatch(this::has);
    }

    private Applied rule(Form form) {
        if (!form.has(by)) {
            return new Applied(DerivativeRule.CONSTANT, Form.ZERO);
        }
        if (form.equals(by)) {
            return new Applied(DerivativeRule.VARIABLE, Form.ONE);
        }
        if (form instanceof Form.Sum sum) {
            return new Applied(
                    DerivativeRule.SUM,
                    Form.sum(sum.terms().stream().map(this::pending).toList()));
        }
        if (form instanceof Form.Product product) {
            return ofProduct(product);
        }
        return form instanceof Form.Power power ? ofPower(power) : ofFunction((Form.Applied) form);
    }

    private Applied ofProduct(Form.Product product) {
        List<Form> constant = new ArrayList<>(List.of(new Form.Number(product.number())));
        List<Form> above = new ArrayList<>();
        List<Form> below = new ArrayList<>();
        for (Form factor : product.factors()) {
            (!factor.has(by) ? constant : FormText.isBelow(factor) ? below : above).add(factor);
        }
        Form before = Form.product(constant);
        if (!before.equals(Form.ONE)) {
            List<Form> rest = new ArrayList<>(above);
            rest.addAll(below);
            return times(before, Form.product(rest));
        }
        return below.isEmpty()
                ? new Applied(DerivativeRule.PRODUCT, sumOfProducts(above))
                : quotient(Form.product(above), Form.power(Form.product(below), Form.MINUS_ONE));
    }

    /** A number before a power of the variable goes with it; another factor stays before what is differentiated. */
    private Applied times(Form constant, Form rest) {
        boolean isPower =
                Ordering.base(rest).equals(by) && !Ordering.exponent(rest).has(by);
        return isPower
                ? new Applied(DerivativeRule.POWER, constant.times(ofVariable(Ordering.exponent(rest))))
                : new Applied(DerivativeRule.CONSTANT_FACTOR, constant.times(pending(rest)));
    }

    private Form ofVariable(Form exponent) {
        return exponent.times(Form.power(by, exponent.minus(Form.ONE)));
    }

    private Form sumOfProducts(List<Form> factors) {
        List<Form> terms = new ArrayList<>();
        for (int i = 0; i < factors.size(); i++) {
            List<Form> term = new ArrayList<>(factors);
            term.set(i, pending(factors.get(i)));
            terms.add(Form.product(term));
        }
        return Form.sum(terms);
    }

    /** (u'v − uv')/v², and −v'/v² where nothing changes above the line. */
    private Applied quotient(Form above, Form below) {
        Form square = below.power(2);
        return new Applied(
                DerivativeRule.QUOTIENT,
                pending(above).times(below).minus(above.times(pending(below))).over(square));
    }

    private Applied ofPower(Form.Power power) {
        Form base = power.base();
        Form exponent = power.exponent();
        if (!exponent.has(by)) {
            Form outer = exponent.times(Form.power(base, exponent.minus(Form.ONE)));
            return base.equals(by)
                    ? new Applied(DerivativeRule.POWER, outer)
                    : new Applied(DerivativeRule.CHAIN, outer.times(pending(base)));
        }
        if (!base.has(by)) {
            Form outer = power.times(Form.applied("ln", List.of(base)));
            return exponent.equals(by)
                    ? new Applied(DerivativeRule.EXPONENTIAL, outer)
                    : new Applied(DerivativeRule.CHAIN, outer.times(pending(exponent)));
        }
        return new Applied(
                DerivativeRule.LOGARITHMIC, power.times(pending(exponent.times(Form.applied("ln", List.of(base))))));
    }

    private Applied ofFunction(Form.Applied applied) {
        List<Form> terms = new ArrayList<>();
        boolean isChained = false;
        for (int i = 0; i < applied.arguments().size(); i++) {
            Form inner = applied.arguments().get(i);
            if (inner.has(by)) {
                Form outer = rules.of(applied.function(), i, applied.arguments())
                        .orElseThrow(() -> new NotKnown(applied.function()));
                isChained |= !inner.equals(by);
                terms.add(inner.equals(by) ? outer : outer.times(pending(inner)));
            }
        }
        return new Applied(isChained ? DerivativeRule.CHAIN : DerivativeRule.FUNCTION, Form.sum(terms));
    }
}
