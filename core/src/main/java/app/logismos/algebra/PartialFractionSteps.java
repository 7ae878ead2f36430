package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How a quotient of polynomials becomes a sum of fractions: with unknown numbers above the lines (DLMF 1.2(iii)). */
public final class PartialFractionSteps {
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
        Split split = Split.of(rest);
        steps.add(new RewritingStep(
                RewritingStep.Rule.SPLIT,
                "what is divided by",
                before(whole) + bracketed(split.above()) + "/(" + split.below().text() + ")"));
        Optional<SetUp> setUp = setUp(by, parted.get(), split);
        setUp.ifPresent(each -> {
            steps.add(new RewritingStep(
                    RewritingStep.Rule.UNKNOWNS_ABOVE, "", before(whole) + String.join(" + ", each.fractions())));
            steps.add(new RewritingStep(
                    RewritingStep.Rule.MULTIPLIED_BY_DIVISOR, split.below().text(), each.compared()));
        });
        steps.add(new RewritingStep(
                RewritingStep.Rule.POWERS_COMPARED,
                setUp.map(SetUp::numbers).orElse(""),
                PartialFractions.of(form, by)));
        return steps;
    }

    /** A fraction whose divisor is split into factors. */
    private record Split(Form above, Form below) {
        static Split of(Form quotient) {
            Form factored = Factored.of(quotient);
            Form below = divisor(factored);
            return new Split(Expanding.of(factored.times(below)), below);
        }
    }

    /**
     * Fractions with unknown numbers above the lines.
     *
     * @param fractions as they are typed
     * @param sum of them and of the polynomial that is left whole
     * @param compared what is above the line, and what it comes to with the unknown numbers
     * @param numbers what these are
     */
    record SetUp(List<String> fractions, Form sum, String compared, String numbers) {}

    /** Nothing where there are more unknown numbers than letters for them. */
    static Optional<SetUp> setUp(Form form, Form.Letter by, PartialFractions.Parted parted) {
        return setUp(by, parted, Split.of(Simplifying.of(form.minus(parted.whole()))));
    }

    private static Optional<SetUp> setUp(Form.Letter by, PartialFractions.Parted parted, Split split) {
        Form below = split.below();
        List<String> found = new ArrayList<>();
        List<String> fractions = new ArrayList<>();
        List<String> products = new ArrayList<>();
        Form sum = parted.whole();
        List<Form.Letter> letters = new ArrayList<>(UnknownNumbersSteps.letters(Set.of(by)));
        for (Form factor : below instanceof Form.Product product ? product.factors() : List.of(below)) {
            Form base = factor.has(by) ? Ordering.base(factor) : Form.ONE;
            int times = base.equals(Form.ONE) ? 0 : times(factor);
            int width = degree(base);
            for (int power = 1; power <= times; power++) {
                if (letters.size() < width) {
                    return Optional.empty();
                }
                Form known = above(parted, base, power);
                Form over = Form.ZERO;
                for (int i = width - 1; i >= 0; i--) {
                    Form.Letter letter = letters.remove(0);
                    Form number = coefficient(known, by, i);
                    over = over.plus(letter.times(by.power(i)));
                    found.add(letter.text() + " = " + number.text());
                }
                Form divisor = base.power(power);
                fractions.add(bracketed(over) + "/(" + divisor.text() + ")");
                sum = sum.plus(over.over(divisor));
                Form cofactor = below.over(divisor);
                products.add(cofactor.equals(Form.ONE) ? over.text() : bracketed(over) + "*" + bracketed(cofactor));
            }
        }
        return Optional.of(new SetUp(
                fractions, sum, split.above().text() + " = " + String.join(" + ", products), String.join(", ", found)));
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

    private static Form divisor(Form quotient) {
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

    static String bracketed(Form form) {
        return form instanceof Form.Letter || form instanceof Form.Number && !Canonical.isNegative(form)
                ? form.text()
                : "(" + form.text() + ")";
    }
}
