package app.logismos.chart;

import app.logismos.display.Typeset;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Parser;
import app.logismos.number.Real;
import app.logismos.sheet.Chart;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A curve that was laid through points.
 *
 * @param coefficients in the order of {@link #names}
 * @param rSquared how much of the spread of the heights the curve explains: 1 − Σ(y − f(x))² / Σ(y − ȳ)²
 * @param residuals for each point how far it is above the curve
 */
record FittedCurve(Chart.Fit fit, double[] coefficients, double rSquared, double[] residuals) {
    private static final MathContext FOUR_DIGITS = new MathContext(4);

    /**
     * Lays a curve through points.
     *
     * @throws Fitting.Unfit where they allow none
     */
    static FittedCurve through(Chart.Fit fit, List<Real> x, List<Real> y) {
        double[] coefficients = switch (fit) {
            case NONE -> throw new IllegalArgumentException("a fit must have a model");
            case LINE -> Fitting.polynomial(1, x, y);
            case QUADRATIC -> Fitting.polynomial(2, x, y);
            case CUBIC -> Fitting.polynomial(3, x, y);
            case QUARTIC -> Fitting.polynomial(4, x, y);
            case LOGARITHMIC -> Fitting.logarithmic(x, y);
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC -> Fitting.model(Model.of(fit), x, y);
        };
        double[] residuals = IntStream.range(0, x.size())
                .mapToDouble(i ->
                        y.get(i).toDouble() - at(fit, coefficients, x.get(i).toDouble()))
                .toArray();
        double mean = y.stream().mapToDouble(Real::toDouble).average().orElseThrow();
        double spread = y.stream()
                .mapToDouble(height -> Math.pow(height.toDouble() - mean, 2))
                .sum();
        double left = Arrays.stream(residuals).map(off -> off * off).sum();
        return new FittedCurve(fit, coefficients, spread == 0 ? 1 : 1 - left / spread, residuals);
    }

    /** The height of the curve. */
    double at(double x) {
        return at(fit, coefficients, x);
    }

    private static double at(Chart.Fit fit, double[] c, double x) {
        return switch (fit) {
            case LOGARITHMIC -> c[0] + c[1] * Math.log(x);
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC -> Model.of(fit).at(c, x);
            case NONE, LINE, QUADRATIC, CUBIC, QUARTIC -> {
                double height = 0;
                for (int i = c.length - 1; i >= 0; i--) {
                    height = height * x + c[i];
                }
                yield height;
            }
        };
    }

    /** What the coefficients are called in {@link #formula}. */
    List<String> names() {
        return switch (fit) {
            case LOGARITHMIC -> List.of("a", "b");
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC -> Model.of(fit).coefficients();
            case NONE, LINE, QUADRATIC, CUBIC, QUARTIC ->
                IntStream.range(0, coefficients.length).mapToObj(i -> "a" + i).toList();
        };
    }

    /** As an expression of {@code x}, with something in the place of each coefficient. */
    String formula(List<String> coefficients) {
        return switch (fit) {
            case LOGARITHMIC -> coefficients.get(0) + " + " + coefficients.get(1) + "*ln(x)";
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC ->
                withCoefficients(Model.of(fit).formula(), coefficients);
            case NONE, LINE, QUADRATIC, CUBIC, QUARTIC -> polynomial(coefficients);
        };
    }

    private String withCoefficients(String formula, List<String> coefficients) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < formula.length(); i++) {
            String sign = formula.substring(i, i + 1);
            int at = names().indexOf(sign);
            text.append(at >= 0 ? coefficients.get(at) : sign);
        }
        return text.toString();
    }

    private static String polynomial(List<String> coefficients) {
        List<String> terms = new ArrayList<>();
        for (int i = coefficients.size() - 1; i >= 0; i--) {
            terms.add(coefficients.get(i) + (i == 0 ? "" : i == 1 ? "*x" : "*x^" + i));
        }
        return String.join(" + ", terms);
    }

    /** The curve with its coefficients to four digits, as people write it. */
    String text() {
        return formula(Arrays.stream(coefficients)
                        .mapToObj(FittedCurve::rounded)
                        .toList())
                .replace("+ -", "- ")
                .replace("- -", "+ ")
                .replace("--", "");
    }

    /** Whether {@link #text} says less than the coefficients. */
    boolean isRounded() {
        return Arrays.stream(coefficients).anyMatch(each -> Double.parseDouble(rounded(each)) != each);
    }

    /** To four digits, as the language reads it. */
    static String rounded(double number) {
        BigDecimal digits = BigDecimal.valueOf(number).round(FOUR_DIGITS).stripTrailingZeros();
        int exponent = digits.precision() - digits.scale() - 1;
        return exponent < -4 || exponent > 6
                ? digits.unscaledValue().signum() == 0
                        ? "0"
                        : digits.scaleByPowerOfTen(-exponent).toPlainString() + "e" + exponent
                : digits.toPlainString();
    }

    /** The same, typeset. */
    String latex() {
        return Parser.parse(text(), 0, Address.FIRST, Words.STANDARD) instanceof Parser.Outcome.Parsed parsed
                ? LatexPrinter.latex(parsed.expression(), Address.FIRST, Typeset::latex)
                : "";
    }
}
