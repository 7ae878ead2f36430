package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a quotient of polynomials becomes a sum of fractions: with unknown numbers above the lines (DLMF 1.2(iii)). */
public final class PartialFractionSteps {
    private static final List<String> UNKNOWNS = List.of("A", "B", "C", "D", "F", "G", "H", "K", "L", "M", "N", "P");

    private PartialFractionSteps() {}

    /** The steps to the sum; none where the form is no such quotient, or has too many factors. */
    public static List<RewritingStep> of(Form form, Form.Letter by) {
        Optional<PartialFractions.Parted> parted = PartialFractions.parted(form, by);
        if (parted.isEmpty() || parted.get().fractions().isEmpty()) {
            return List.of();
        }
        Form whole = parted.get().whole();
        List<RewritingStep> steps = new ArrayList<>();
        Form rest = Simplifying.of(form.minus(whole));
        if (!whole.isZero()) {
            steps.add(new RewritingStep(
                    RewritingStep.Rule.DIVIDED,
                    "",
                    before(whole) + (Canonical.isNegative(rest) ? bracketed(rest) : rest.text())));
        }
        Form factored = Factored.of(rest);
        Form below = below(factored);
        Form above = Expanding.of(factored.times(below));
        steps.add(
                new RewritingStep(RewritingStep.Rule.SPLIT, "what is divided by", before(whole) + over(above, below)));
        String found = unknowns(by, parted.get(), above, below, steps);
        steps.add(new RewritingStep(RewritingStep.Rule.POWERS_COMPARED, found, PartialFractions.of(form, by)));
        return steps;
    }

    private static String over(Form above, Form below) {
        return bracketed(above) + "/(" + below.text() + ")";
    }

    /** Adds what is set up with unknown numbers, and says what these are. */
    private static String unknowns(
            Form.Letter by, PartialFractions.Parted parted, Form above, Form below, List<RewritingStep> steps) {
        Form whole = parted.whole();
        List<String> found = new ArrayList<>();
        List<String> fractions = new ArrayList<>();
        List<String> products = new ArrayList<>();
        List<Form> letters = new ArrayList<>();
        UNKNOWNS.stream()
                .map(Form.Letter::new)
                .filter(letter -> !letter.equals(by))
                .forEach(letters::add);
        for (Form factor : below instanceof Form.Product product ? product.factors() : List.of(below)) {
            Form base = factor.has(by) ? Ordering.base(factor) : Form.ONE;
            int times = base.equals(Form.ONE) ? 0 : times(factor);
            int width = degree(base);
            for (int power = 1; power <= times; power++) {
                if (letters.size() < width) {
                    return "";
                }
                Form known = above(parted, base, power);
                Form over = Form.ZERO;
                for (int i = width - 1; i >= 0; i--) {
                    Form letter = letters.remove(0);
                    Form number = coefficient(known, by, i);
                    over = over.plus(letter.times(by.power(i)));
                    found.add(letter.text() + " = " + number.text());
                }
                Form divisor = base.power(power);
                fractions.add(over(over, divisor));
                Form cofactor = below.over(divisor);
                products.add(cofactor.equals(Form.ONE) ? over.text() : bracketed(over) + "*" + bracketed(cofactor));
            }
        }
        steps.add(new RewritingStep(
                RewritingStep.Rule.UNKNOWNS_ABOVE, "", before(whole) + String.join(" + ", fractions)));
        steps.add(new RewritingStep(
                RewritingStep.Rule.MULTIPLIED_BY_DIVISOR,
                below.text(),
                above.text() + " = " + String.join(" + ", products)));
        return String.join(", ", found);
    }

    private static Form above(PartialFractions.Parted parted, Form base, int power) {
        return parted.fractions().stream()
                .filter(each -> each.below().equals(base) && each.times() == power)
                .map(PartialFractions.Fraction::above)
                .findFirst()
                .orElse(Form.ZERO);
    }

    private static Form coefficient(Form polynomial, Form.Letter by, int power) {
        Form rest = polynomial;
        for (int i = 0; i < power; i++) {
            rest = Expanding.of(rest.minus(rest.with(by, Form.ZERO)).over(by));
        }
        return rest.with(by, Form.ZERO);
    }

    private static int degree(Form base) {
        return base.equals(Form.ONE)
                ? 0
                : Ring.ofPolynomial(base).quotient(base).above().degree(0);
    }

    private static int times(Form factor) {
        return Ordering.exponent(factor) instanceof Form.Number number
                ? (int) number.value().toDouble()
                : 1;
    }

    private static Form below(Form quotient) {
        List<Form> factors = quotient instanceof Form.Product product ? product.factors() : List.of(quotient);
        return Form.product(factors.stream()
                        .filter(each -> Canonical.isNegative(Ordering.exponent(each)))
                        .map(each -> Form.power(each, Form.MINUS_ONE))
                        .toList())
                .times(
                        quotient instanceof Form.Product product && product.number() instanceof Rational number
                                ? Form.number(Rational.of(number.denominator()))
                                : Form.ONE);
    }

    private static String before(Form whole) {
        return whole.isZero() ? "" : whole.text() + " + ";
    }

    private static String bracketed(Form form) {
        return form instanceof Form.Letter || form instanceof Form.Number && !Canonical.isNegative(form)
                ? form.text()
                : "(" + form.text() + ")";
    }
}
