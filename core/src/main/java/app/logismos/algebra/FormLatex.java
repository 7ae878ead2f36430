package app.logismos.algebra;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Forms typeset, in LaTeX. */
final class FormLatex {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("sin", "\\sin"),
            Map.entry("cos", "\\cos"),
            Map.entry("tan", "\\tan"),
            Map.entry("cot", "\\cot"),
            Map.entry("sec", "\\sec"),
            Map.entry("csc", "\\csc"),
            Map.entry("sinh", "\\sinh"),
            Map.entry("cosh", "\\cosh"),
            Map.entry("tanh", "\\tanh"),
            Map.entry("coth", "\\coth"),
            Map.entry("asin", "\\arcsin"),
            Map.entry("acos", "\\arccos"),
            Map.entry("atan", "\\arctan"),
            Map.entry("ln", "\\ln"));

    private static final Pattern RAISED = Pattern.compile("\\^(-?[0-9]+)");

    private FormLatex() {}

    static String of(Form form) {
        if (form instanceof Form.Number number) {
            return number(number.value());
        }
        if (form instanceof Form.Constant constant) {
            return constant.equals(Form.PI) ? "\\pi" : constant.name();
        }
        if (form instanceof Form.Letter letter) {
            return letter(letter.name());
        }
        if (form instanceof Form.Sum sum) {
            return sum(Ordering.written(sum.terms()));
        }
        if (form instanceof Form.Applied applied) {
            return applied(applied);
        }
        return form instanceof Form.Product product
                ? withMeasures(product.number(), product.factors())
                : withMeasures(Rational.ONE, List.of(form));
    }

    private static String letter(String name) {
        return name.length() == 1 ? name : "\\mathit{" + name.replace("_", "\\_") + "}";
    }

    private static String number(Real value) {
        if (value instanceof Rational rational && !rational.isInteger()) {
            String sign = rational.signum() < 0 ? "-" : "";
            return sign + "\\frac{" + rational.numerator().abs() + "}{" + rational.denominator() + "}";
        }
        return Plain.text(value);
    }

    private static String applied(Form.Applied applied) {
        String given = applied.arguments().stream().map(FormLatex::of).collect(Collectors.joining(",\\, "));
        if (applied.function().equals("abs")) {
            return "\\left|" + given + "\\right|";
        }
        return NAMES.getOrDefault(applied.function(), "\\operatorname{" + applied.function() + "}") + "\\left(" + given
                + "\\right)";
    }

    private static String sum(List<Form> terms) {
        StringBuilder text = new StringBuilder(of(terms.get(0)));
        for (Form term : terms.subList(1, terms.size())) {
            boolean isLess = FormText.isLess(term);
            text.append(isLess ? " - " : " + ").append(of(isLess ? term.negated() : term));
        }
        return text.toString();
    }

    /** Units stand upright behind the number, which is 1 where there is none. */
    private static String withMeasures(Real number, List<Form> factors) {
        List<Form> measures = Measures.among(factors);
        if (measures.isEmpty()) {
            return fraction(number, factors);
        }
        List<Form> others = Measures.without(factors);
        String unit = "\\,\\text{" + raised(Measures.unit(measures)) + "}";
        List<Form> under = below(others);
        Real size = number.abs();
        boolean isFraction = size instanceof Rational rational && !rational.isInteger() && !under.isEmpty();
        String digits = isFraction ? ((Rational) size).numerator().toString() : number(size);
        String over = product(digits + unit, above(others), false);
        String line = isFraction ? ((Rational) size).denominator().toString() : "";
        String sign = number.signum() < 0 ? "-" : "";
        return sign + (under.isEmpty() ? over : "\\frac{" + over + "}{" + product(line, under, true) + "}");
    }

    private static List<Form> above(List<Form> factors) {
        return factors.stream().filter(factor -> !FormText.isBelow(factor)).toList();
    }

    private static List<Form> below(List<Form> factors) {
        return factors.stream()
                .filter(FormText::isBelow)
                .map(factor -> Form.power(factor, Form.MINUS_ONE))
                .toList();
    }

    private static String raised(String unit) {
        return RAISED.matcher(unit).replaceAll(found -> {
            StringBuilder digits = new StringBuilder();
            found.group(1).chars().forEach(c -> digits.append(c == '-' ? '⁻' : "⁰¹²³⁴⁵⁶⁷⁸⁹".charAt(c - '0')));
            return digits.toString();
        });
    }

    private static String fraction(Real number, List<Form> factors) {
        List<Form> over = above(factors);
        List<Form> under = below(factors);
        Real size = number.abs();
        String above;
        String below;
        if (size instanceof Rational rational) {
            below = product(whole(rational.denominator()), under, true);
            above = product(whole(rational.numerator()), over, !below.isEmpty());
        } else {
            below = product("", under, true);
            above = product(Plain.text(size), over, !below.isEmpty());
        }
        String sign = number.signum() < 0 ? "-" : "";
        String top = above.isEmpty() ? "1" : above;
        return sign + (below.isEmpty() ? top : "\\frac{" + top + "}{" + below + "}");
    }

    private static String whole(BigInteger number) {
        return number.equals(BigInteger.ONE) ? "" : number.toString();
    }

    /** Letters stand beside each other; a number that follows another factor has a sign before it. */
    private static String product(String number, List<Form> factors, boolean isBesideALine) {
        boolean isAlone = isBesideALine && number.isEmpty() && factors.size() == 1;
        StringBuilder text = new StringBuilder(number);
        for (Form factor : factors) {
            String part = power(Ordering.base(factor), Ordering.exponent(factor), isAlone);
            boolean isDigit = Character.isDigit(part.charAt(0));
            text.append(text.isEmpty() ? "" : isDigit ? " \\cdot " : "\\, ").append(part);
        }
        return text.toString();
    }

    /** Alone above or below a line nothing needs brackets. */
    private static String power(Form base, Form exponent, boolean isAlone) {
        if (exponent.equals(Form.ONE)) {
            return isAlone ? of(base) : one(base);
        }
        if (exponent.equals(Form.HALF)) {
            return "\\sqrt{" + of(base) + "}";
        }
        return one(base) + "^{" + of(exponent) + "}";
    }

    private static String one(Form form) {
        return FormText.isOne(form) ? of(form) : "\\left(" + of(form) + "\\right)";
    }
}
