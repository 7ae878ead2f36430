package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** How an expression is multiplied out: two sums at a time, or a power of one. */
public final class ExpandingSteps {
    /** More are not shown one by one. */
    private static final int MOST_STEPS = 20;

    /** Sums with more terms are not written term by term. */
    private static final int MOST_TERMS = 12;

    private ExpandingSteps() {}

    /** The steps to the form multiplied out. */
    public static List<RewritingStep> of(Form form) {
        Form goal = Expanding.of(form);
        List<RewritingStep> steps = new ArrayList<>();
        Form current = form;
        while (!current.equals(goal)) {
            Optional<Worked> next = steps.size() < MOST_STEPS ? next(current) : Optional.empty();
            if (next.isEmpty() || next.get().whole().equals(current)) {
                steps.add(new RewritingStep(RewritingStep.Rule.LIKE_TERMS, "", goal));
                return steps;
            }
            Worked worked = next.get();
            String apart = worked.apart();
            boolean isWhole = worked.part().equals(current);
            if (isWhole && !apart.equals(worked.whole().text())) {
                steps.add(new RewritingStep(worked.rule(), worked.says(), apart));
                steps.add(new RewritingStep(RewritingStep.Rule.LIKE_TERMS, "", worked.whole()));
            } else {
                steps.add(new RewritingStep(worked.rule(), worked.says(), worked.whole()));
            }
            current = worked.whole();
        }
        return steps;
    }

    /** The steps to the form with what stands before each power of a letter put together. */
    public static List<RewritingStep> collected(Form form, Form.Letter by) {
        List<RewritingStep> steps = of(form);
        steps.add(new RewritingStep(
                RewritingStep.Rule.POWERS_COLLECTED, "by powers of " + by.name(), Expanding.collected(form, by)));
        return steps;
    }

    /**
     * One part multiplied out.
     *
     * @param apart its terms before like ones are put together
     * @param whole the whole form after it
     */
    private record Worked(RewritingStep.Rule rule, String says, Form part, String apart, Form whole) {}

    private static Optional<Worked> next(Form form) {
        if (form instanceof Form.Applied || form instanceof Form.Power power && !isWholePower(power)) {
            return Optional.empty();
        }
        for (Form part : form.parts()) {
            Optional<Worked> inner = next(part);
            if (inner.isPresent()) {
                Worked each = inner.get();
                return Optional.of(new Worked(
                        each.rule(), each.says(), each.part(), each.apart(), form.replaced(part, each.whole())));
            }
        }
        if (form instanceof Form.Power power && isWholePower(power)) {
            return Optional.of(ofPower(power));
        }
        return form instanceof Form.Product product ? ofProduct(product) : Optional.empty();
    }

    private static boolean isWholePower(Form.Power power) {
        return power.base() instanceof Form.Sum
                && power.exponent() instanceof Form.Number number
                && number.value() instanceof Rational times
                && times.isInteger()
                && times.signum() > 0;
    }

    private static Worked ofPower(Form.Power power) {
        List<Form> terms = ((Form.Sum) power.base()).terms();
        Form whole = Expanding.of(power);
        boolean isSquare = power.exponent().equals(Form.number(2));
        if (isSquare && terms.size() <= MOST_TERMS) {
            return new Worked(
                    RewritingStep.Rule.EACH_WITH_EACH,
                    "each term of " + power.base().text() + " with each",
                    power,
                    products(terms, terms),
                    whole);
        }
        RewritingStep.Rule rule =
                terms.size() == 2 ? RewritingStep.Rule.BINOMIAL_THEOREM : RewritingStep.Rule.EACH_WITH_EACH;
        return new Worked(rule, power.text(), power, whole.text(), whole);
    }

    /** The first two sums, or what stands before the only one. */
    private static Optional<Worked> ofProduct(Form.Product product) {
        List<Form> sums =
                product.factors().stream().filter(Form.Sum.class::isInstance).toList();
        if (sums.isEmpty()) {
            return Optional.empty();
        }
        Form first = sums.size() > 1 ? sums.get(0) : product.over(sums.get(0));
        Form second = sums.size() > 1 ? sums.get(1) : sums.get(0);
        Form both = Expanding.of(first.times(second));
        Form whole = product.over(first.times(second)).times(both);
        List<Form> left = first instanceof Form.Sum sum ? sum.terms() : List.of(first);
        List<Form> right = ((Form.Sum) second).terms();
        boolean isApart = left.size() > 1 && left.size() * right.size() <= MOST_TERMS && whole.equals(both);
        return Optional.of(new Worked(
                RewritingStep.Rule.EACH_WITH_EACH,
                left.size() > 1
                        ? "each term of " + first.text() + " with each of " + second.text()
                        : first.text() + " with each term of " + second.text(),
                product,
                isApart ? products(left, right) : whole.text(),
                whole));
    }

    private static String products(List<Form> left, List<Form> right) {
        return left.stream()
                .flatMap(a -> right.stream().map(a::times))
                .map(Form::text)
                .collect(Collectors.joining(" + "))
                .replace("+ -", "- ");
    }
}
