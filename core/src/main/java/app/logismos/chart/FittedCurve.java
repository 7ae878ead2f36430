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
 * @param curve its coefficients in the order of {@link #names}
 * @param rSquared how much of the spread of the heights the curve explains: 1 − Σ(y − f(x))² / Σ(y − ȳ)²
 */
record FittedCurve(Chart.Fit fit, Fitting.Curve curve, double rSquared) {
    private static final MathContext FOUR_DIGITS = new MathContext(4);

    /** More than a double has, so that the last one of it is right. */
    private static final MathContext DIGITS = new MathContext(50);

    /**
     * Lays a curve through points.
     *
     * @throws Fitting.Unfit where they allow none
     */
    static FittedCurve through(Chart.Fit fit, List<Real> x, List<Real> y) {
        Fitting.Curve curve = switch (fit) {
            case NONE -> throw new IllegalArgumentException("a fit must have a model");
            case LINE -> Fitting.polynomial(1, x, y);
            case QUADRATIC -> Fitting.polynomial(2, x, y);
            case CUBIC -> Fitting.polynomial(3, x, y);
            case QUARTIC -> Fitting.polynomial(4, x, y);
            case LOGARITHMIC -> Fitting.logarithmic(x, y);
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC -> Fitting.model(Model.of(fit), x, y);
        };
        return new FittedCurve(fit, curve, rSquared(curve.residuals(), deviations(y)));
    }

    /** How far each height is from their mean. */
    private static List<BigDecimal> deviations(List<Real> y) {
        List<BigDecimal> heights = y.stream().map(Fitting::decimal).toList();
        BigDecimal sum = heights.stream().reduce(BigDecimal.ZERO, (one, other) -> one.add(other, DIGITS));
        BigDecimal mean = sum.divide(BigDecimal.valueOf(y.size()), DIGITS);
        return heights.stream().map(height -> height.subtract(mean, DIGITS)).toList();
    }

    /** In decimals, whose squares are never too large or too small, and whose digits are never lost. */
    private static double rSquared(List<BigDecimal> residuals, List<BigDecimal> deviations) {
        BigDecimal spread = squares(deviations);
        return spread.signum() == 0
                ? 1
                : BigDecimal.ONE
                        .subtract(squares(residuals).divide(spread, DIGITS))
                        .doubleValue();
    }

    private static BigDecimal squares(List<BigDecimal> numbers) {
        return numbers.stream()
                .map(each -> each.multiply(each, DIGITS))
                .reduce(BigDecimal.ZERO, (one, other) -> one.add(other, DIGITS));
    }

    double[] coefficients() {
        return curve.coefficients();
    }

    double[] residuals() {
        return curve.residuals().stream().mapToDouble(BigDecimal::doubleValue).toArray();
    }

    /** The height of the curve. */
    double at(double x) {
        return curve.at().applyAsDouble(x);
    }

    /** What the coefficients are called in {@link #formula}. */
    List<String> names() {
        return switch (fit) {
            case LOGARITHMIC -> List.of("a", "b");
            case EXPONENTIAL, SETTLING, POWER, LOGISTIC -> Model.of(fit).coefficients();
            case NONE, LINE, QUADRATIC, CUBIC, QUARTIC ->
                IntStream.range(0, coefficients().length).mapToObj(i -> "a" + i).toList();
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
        return formula(Arrays.stream(coefficients())
                        .mapToObj(FittedCurve::rounded)
                        .toList())
                .replace("+ -", "- ")
                .replace("- -", "+ ")
                .replace("--", "");
    }

    /** Whether {@link #text} says less than the coefficients. */
    boolean isRounded() {
        return Arrays.stream(coefficients()).anyMatch(each -> Double.parseDouble(rounded(each)) != each);
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
