package app.logismos.algebra;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Forms as they are typed: {@code 3*x^2 - 1/2}. A product with negative powers is a fraction, a power of one half a
 * root. Read back, the text is the same form.
 */
final class FormText {
    private FormText() {}

    static String of(Form form) {
        if (form instanceof Form.Number number) {
            return Plain.text(number.value());
        }
        if (form instanceof Form.Constant constant) {
            return constant.name();
        }
        if (form instanceof Form.Letter letter) {
            return letter.name();
        }
        if (form instanceof Form.Sum sum) {
            return sum(Ordering.written(sum.terms()));
        }
        if (form instanceof Form.Applied applied) {
            return applied.function()
                    + applied.arguments().stream().map(FormText::of).collect(Collectors.joining(", ", "(", ")"));
        }
        return form instanceof Form.Product product
                ? product(product.number(), product.factors())
                : product(Rational.ONE, List.of(form));
    }

    private static String sum(List<Form> terms) {
        StringBuilder text = new StringBuilder(of(terms.get(0)));
        for (Form term : terms.subList(1, terms.size())) {
            boolean isLess = isLess(term);
            text.append(isLess ? " - " : " + ").append(of(isLess ? term.negated() : term));
        }
        return text.toString();
    }

    /** Whether a minus stands before a term, in the place of a plus. */
    static boolean isLess(Form term) {
        return term instanceof Form.Number number && number.value().signum() < 0
                || term instanceof Form.Product product && product.number().signum() < 0;
    }

    private static String product(Real number, List<Form> factors) {
        if (factors.equals(List.of(Form.I)) && number.isWhole() && !number.abs().equals(Rational.ONE)) {
            return Plain.text(number) + "i";
        }
        List<Form> measures = Measures.among(factors);
        return fraction(number, measures, Measures.without(factors));
    }

    private static String fraction(Real number, List<Form> measures, List<Form> factors) {
        List<String> above = new ArrayList<>();
        List<String> below = new ArrayList<>();
        Real size = number.abs();
        if (!measures.isEmpty()) {
            above.add(Measures.quantity(size, measures));
        } else if (size instanceof Rational rational) {
            add(above, rational.numerator());
            add(below, rational.denominator());
        } else {
            above.add(Plain.text(size));
        }
        for (Form factor : factors) {
            if (isBelow(factor)) {
                below.add(power(Ordering.base(factor), Ordering.exponent(factor).negated()));
            } else {
                above.add(power(Ordering.base(factor), Ordering.exponent(factor)));
            }
        }
        String sign = number.signum() < 0 ? "-" : "";
        // With spaces behind a unit, which would go on with a letter that is one too.
        String top = above.isEmpty()
                ? "1"
                : measures.isEmpty()
                        ? String.join("*", above)
                        : above.get(0)
                                + (above.size() > 1 ? " * " : "")
                                + String.join("*", above.subList(1, above.size()));
        return sign + top + (below.isEmpty() ? "" : "/" + under(below));
    }

    private static void add(List<String> parts, BigInteger number) {
        if (!number.equals(BigInteger.ONE)) {
            parts.add(number.toString());
        }
    }

    /** e^(−x) stays as it is; x^(−2) goes below the line. */
    static boolean isBelow(Form factor) {
        return factor instanceof Form.Power power
                && power.exponent() instanceof Form.Number number
                && number.value().signum() < 0;
    }

    private static String under(List<String> below) {
        return below.size() == 1 ? below.get(0) : "(" + String.join("*", below) + ")";
    }

    private static String power(Form base, Form exponent) {
        if (exponent.equals(Form.ONE)) {
            return isOne(base) ? of(base) : "(" + of(base) + ")";
        }
        if (exponent.equals(Form.HALF)) {
            return "sqrt(" + of(base) + ")";
        }
        String raised = of(exponent);
        boolean isShort = exponent instanceof Form.Letter
                || exponent instanceof Form.Constant
                || exponent instanceof Form.Number number
                        && number.value().isWhole()
                        && number.value().signum() > 0;
        return (isOne(base) ? of(base) : "(" + of(base) + ")") + "^" + (isShort ? raised : "(" + raised + ")");
    }

    /** What needs no brackets as a factor. */
    static boolean isOne(Form form) {
        return form instanceof Form.Letter
                || form instanceof Form.Constant
                || form instanceof Form.Applied
                || form instanceof Form.Number number
                        && number.value().isWhole()
                        && number.value().signum() >= 0;
    }
}
