package app.logismos.algebra;

import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.util.FastMath;

/** Forms worked out in doubles at once, for methods that try many numbers; NaN where a function is not among these. */
final class NearValue {
    private static final Map<String, DoubleUnaryOperator> FUNCTIONS = Map.ofEntries(
            Map.entry("ln", Math::log),
            Map.entry("log10", Math::log10),
            Map.entry("log2", x -> Math.log(x) / Math.log(2)),
            Map.entry("cbrt", Math::cbrt),
            Map.entry("abs", Math::abs),
            Map.entry("sign", Math::signum),
            Map.entry("sinh", Math::sinh),
            Map.entry("cosh", Math::cosh),
            Map.entry("tanh", Math::tanh),
            Map.entry("asinh", FastMath::asinh),
            Map.entry("acosh", FastMath::acosh),
            Map.entry("atanh", FastMath::atanh));

    private static final Map<String, DoubleUnaryOperator> OF_ANGLES = Map.of(
            "sin",
            Math::sin,
            "cos",
            Math::cos,
            "tan",
            Math::tan,
            "sec",
            x -> 1 / Math.cos(x),
            "csc",
            x -> 1 / Math.sin(x),
            "cot",
            x -> 1 / Math.tan(x));

    private static final Map<String, DoubleUnaryOperator> ANGLES =
            Map.of("asin", Math::asin, "acos", Math::acos, "atan", Math::atan, "acot", x -> Math.PI / 2 - Math.atan(x));

    private final List<Form.Letter> letters;
    private final double[] values;
    private final double degree;

    /** One for these values of letters; {@code degree} is what a plain number counts as an angle, in radians. */
    NearValue(List<Form.Letter> letters, double[] values, double degree) {
        this.letters = letters;
        this.values = values;
        this.degree = degree;
    }

    double of(Form form) {
        if (form instanceof Form.Number number) {
            return number.value().toDouble();
        }
        if (form instanceof Form.Constant constant) {
            return constant.equals(Form.PI) ? Math.PI : constant.equals(Form.E) ? Math.E : Double.NaN;
        }
        if (form instanceof Form.Letter letter) {
            int place = letters.indexOf(letter);
            return place < 0 ? Double.NaN : values[place];
        }
        if (form instanceof Form.Sum sum) {
            double all = 0;
            for (Form term : sum.terms()) {
                all += of(term);
            }
            return all;
        }
        if (form instanceof Form.Product product) {
            double all = product.number().toDouble();
            for (Form factor : product.factors()) {
                all *= of(factor);
            }
            return all;
        }
        if (form instanceof Form.Power power) {
            return Math.pow(of(power.base()), of(power.exponent()));
        }
        return form instanceof Form.Applied applied && applied.arguments().size() == 1
                ? applied(applied.function(), of(applied.arguments().get(0)))
                : Double.NaN;
    }

    private double applied(String function, double x) {
        if (OF_ANGLES.containsKey(function)) {
            return OF_ANGLES.get(function).applyAsDouble(x * degree);
        }
        if (ANGLES.containsKey(function)) {
            return ANGLES.get(function).applyAsDouble(x) / degree;
        }
        DoubleUnaryOperator known = FUNCTIONS.get(function);
        return known == null ? Double.NaN : known.applyAsDouble(x);
    }
}
