package app.logismos.algebra;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.ArrayList;
import java.util.List;

/** The units among the factors of a product, written behind its number: {@code 5 m/s^2}. */
final class Measures {
    private Measures() {}

    static boolean isMeasure(Form factor) {
        return Ordering.base(factor) instanceof Form.Measure
                && Ordering.exponent(factor) instanceof Form.Number number
                && number.value() instanceof Rational;
    }

    static List<Form> among(List<Form> factors) {
        return factors.stream().filter(Measures::isMeasure).toList();
    }

    static List<Form> without(List<Form> factors) {
        return factors.stream().filter(factor -> !isMeasure(factor)).toList();
    }

    /** A number with units as it is typed. */
    static String quantity(Real number, List<Form> measures) {
        String text = Plain.text(number);
        boolean isOne = text.chars().allMatch(c -> c >= '0' && c <= '9' || c == '.');
        return (isOne ? text : "(" + text + ")") + " " + unit(measures);
    }

    /** {@code m/s^2}; with negative exponents where there is nothing above the line, or more than one below. */
    static String unit(List<Form> measures) {
        List<String> above = new ArrayList<>();
        List<Form> below = new ArrayList<>();
        for (Form each : measures) {
            if (exponent(each).signum() > 0) {
                above.add(power(each, exponent(each)));
            } else {
                below.add(each);
            }
        }
        if (below.size() == 1 && !above.isEmpty()) {
            return String.join("·", above) + "/"
                    + power(below.get(0), (Rational) exponent(below.get(0)).negate());
        }
        below.forEach(each -> above.add(power(each, exponent(each))));
        return String.join("·", above);
    }

    private static Rational exponent(Form measure) {
        return (Rational) ((Form.Number) Ordering.exponent(measure)).value();
    }

    private static String power(Form measure, Rational exponent) {
        String symbol = ((Form.Measure) Ordering.base(measure)).symbol();
        String raised = Plain.text(exponent);
        return exponent.equals(Rational.ONE)
                ? symbol
                : symbol + "^" + (exponent.isInteger() ? raised : "(" + raised + ")");
    }
}
