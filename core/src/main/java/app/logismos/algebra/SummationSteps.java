package app.logismos.algebra;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a sum comes to its closed form: each term by itself, or fractions that cancel each other. */
public final class SummationSteps {
    private final Form.Letter by;
    private final Form from;
    private final Optional<Form> to;
    private final List<RewritingStep> steps = new ArrayList<>();

    private SummationSteps(Form.Letter by, Form from, Optional<Form> to) {
        this.by = by;
        this.from = from;
        this.to = to;
    }

    /**
     * The steps to the closed form; none where there is none.
     *
     * @param to nothing where the sum has no end
     */
    public static List<RewritingStep> of(Form term, Form.Letter by, Form from, Optional<Form> to) {
        SummationSteps summing = new SummationSteps(by, from, to);
        Optional<Form> answer = summing.closed(term);
        if (answer.isEmpty()) {
            return List.of();
        }
        Form expanded = Expanding.of(term);
        List<Form> terms = expanded instanceof Form.Sum sum ? sum.terms() : List.of(expanded);
        if (Summation.pieces(term, by).isPresent()) {
            summing.apart(terms);
        } else {
            summing.cancelling(term);
        }
        String says = summing.steps.isEmpty() ? summing.kind(term) : "";
        summing.steps.add(new RewritingStep(RewritingStep.Rule.CLOSED_FORM, says, answer.get()));
        return summing.steps;
    }

    private Optional<Form> closed(Form term) {
        if (to.isPresent()) {
            return Summation.between(term, by, from, to.get());
        }
        return Summation.rational(from).flatMap(first -> Summation.toInfinity(term, by, first.floor()));
    }

    private String kind(Form term) {
        List<Summation.Piece> pieces = Summation.pieces(term, by).orElse(List.of());
        if (!pieces.isEmpty()) {
            return pieces.get(0).isPolynomial()
                    ? "sum of powers"
                    : pieces.get(0).degree() == 0 ? "geometric sum" : "powers times a geometric sum";
        }
        if (PartialFractions.parted(term, by).isPresent()) {
            return to.isPresent() ? "terms cancel later ones" : "sum of powers below the line, by the zeta function";
        }
        return "a known series";
    }

    /** Each term in a sum of its own, numbers before it; then one after the other by its formula. */
    private void apart(List<Form> terms) {
        List<String> parts = new ArrayList<>();
        List<Form> rests = new ArrayList<>();
        for (Form term : terms) {
            List<Form> factors = term instanceof Form.Product product ? product.factors() : List.of(term);
            Form rest =
                    Form.product(factors.stream().filter(each -> each.has(by)).toList());
            Form number = term.over(rest);
            rests.add(rest);
            String times =
                    number instanceof Form.Number && !Canonical.isNegative(number) || number instanceof Form.Letter
                            ? number.text()
                            : "(" + number.text() + ")";
            parts.add((number.equals(Form.ONE) ? "" : times + "*") + call(rest));
        }
        if (terms.size() > 1) {
            steps.add(new RewritingStep(RewritingStep.Rule.TERMS_APART, "", String.join(" + ", parts)));
        }
        for (int i = 0; i < terms.size() - (terms.size() == 1 ? 1 : 0); i++) {
            Optional<Form> formula = closed(rests.get(i));
            if (formula.isEmpty()) {
                return;
            }
            parts.set(
                    i,
                    parts.get(i).replace(call(rests.get(i)), "(" + formula.get().text() + ")"));
            steps.add(new RewritingStep(
                    RewritingStep.Rule.CLOSED_FORM,
                    call(rests.get(i)) + " = " + formula.get().text(),
                    String.join(" + ", parts)));
        }
    }

    /** Fractions that lie a few steps apart and cancel. */
    private void cancelling(Form term) {
        Form parted = PartialFractions.of(term, by);
        if (!parted.equals(term)) {
            steps.add(new RewritingStep(RewritingStep.Rule.UNKNOWNS_ABOVE, "terms cancel later ones", call(parted)));
        }
    }

    private String call(Form term) {
        return "sumover(" + term.text() + ", " + by.name() + ", " + from.text() + ", "
                + to.map(Form::text).orElse("inf") + ")";
    }
}
