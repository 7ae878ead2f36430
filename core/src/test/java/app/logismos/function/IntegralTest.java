package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.algebra.Form;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Integrals and limits (language, section 15); textbook forms, DLMF 4.10, 4.26, 4.40. */
class IntegralTest {
    @ParameterizedTest(name = "{0} is exactly {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "integral(x^2*sin(x), x, 0, π) | π^2 - 4",
                "integral(1/(1+x^2), x, 0, 2) | atan(2)",
                "integral(ln(x), x, 1, 3) | 3*ln(3) - 2",
                "integral(e^x, x, 0, 1) | e - 1",
                "sumover(1/k^2, k, 1, inf) | π^2/6",
                "solve(x^3 = 2, x) | 2^(1/3)",
                "integral(1/x, x, 2 m, 6 m) | ln(3)",
                "expand((π+1)^2) | π^2 + 2*π + 1",
                "limit((1+1/n)^n, n, inf) | e",
            })
    void aNumberThatWasFoundExactlySaysWhatItIs(String call, String exact) {
        Value value = CALCULATOR
                .calculate("=" + call, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        Value single = value instanceof Table table ? table.at(0, 0) : value;
        assertThat(single)
                .isInstanceOfSatisfying(
                        NumberValue.class,
                        number -> assertThat(number.exactForm())
                                .isNotNull()
                                .extracting(Form::text)
                                .isEqualTo(exact));
        Value further = CALCULATOR
                .calculate("=" + call + "*1", new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        assertThat(further instanceof NumberValue number ? number.exactForm() : null)
                .isNull();
    }

    /** Values of tanh-sinh quadrature in 30 digits. Few tries are made before numbers are asked. */
    @ParameterizedTest(name = "the integral of {0} from 0.1 to 2 is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "e^(-x^2)*cos(x^3) | 0.59574110733929",
                "sqrt(1+x^3) | 3.1412967649804",
                "cos(x^2)*e^x | -1.2655603078014",
                "ln(1+sin(x)^2) | 0.8754516229064",
                "x^x | 2.7467812863544",
                "e^sin(x) | 4.1313647517105",
                "atan(x)/x | 1.476126116586",
                "sin(e^x) | 0.46414794606605",
                "sqrt(sin(x)+2) | 3.1425406902913",
                "1/ln(x+2) | 1.7830415184314",
                "e^(-x^3) | 0.79297850715269",
                "ln(x)*sin(x)*e^x | 1.6275413350774",
                "x^2*ln(1+e^x) | 4.5688011726006",
                "1/sqrt(x^5+1) | 1.2148329300927",
                "atan(x^2)*e^x | 6.0611032061039",
                "sqrt(1+sin(x)^2*cos(x)) | 2.0115381825895",
            })
    void aSearchInVainLeavesTimeForNumbers(String form, double expected) {
        Value value = CALCULATOR
                .calculate("=integral(" + form + ", x, 0.1, 2)", new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        assertThat(value)
                .isInstanceOfSatisfying(
                        NumberValue.class,
                        number -> assertThat(number.real().toDouble()).isCloseTo(expected, within(4e-13)));
    }

    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private static Value value(String text, Surroundings.Angle angle) {
        return CALCULATOR
                .calculate(text, new NoCells(Surroundings.of(angle)), Address.FIRST)
                .value();
    }

    private static String worth(String text) {
        Value value = value(text, Surroundings.Angle.RADIANS);
        return value instanceof Failure failure ? failure.code().code() : PlainText.of(value);
    }

    private static double number(String text, Surroundings.Angle angle) {
        return value(text, angle) instanceof NumberValue number ? number.real().toDouble() : Double.NaN;
    }

    static Stream<String> integrands() {
        return Lines.of("function/integrals.txt").stream().map(line -> line.split(" \\| ")[0]);
    }

    @ParameterizedTest(name = "the integral of {0}")
    @MethodSource("integrands")
    void anAntiderivativeIsFoundAndItsDerivativeIsTheExpression(String form) {
        String found = worth("integral(" + form + ", x)");
        assertThat(found).doesNotMatch("[a-z]+-[a-z-]+");
        String difference = "derivative(" + found + ", x) - (" + form + ")";
        String exactly = worth("simplify(" + difference + ")");
        if (!exactly.equals("0")) {
            String letters = ", a: 1.3, b: 0.7, c: 2, k: 0.4, t: 1.1, n: 2.5)";
            assertThat(Stream.of("0.3", "0.8", "1.7", "2.6", "-0.6", "5.2")
                            .mapToDouble(x ->
                                    number("with(" + difference + ", x: " + x + letters, Surroundings.Angle.RADIANS))
                            .filter(off -> !Double.isNaN(off))
                            .boxed()
                            .toList())
                    .as(found)
                    .isNotEmpty()
                    .allSatisfy(off -> assertThat(off).isCloseTo(0, within(1e-9)));
        }
    }

    /** Every third is enough: lines are of few kinds, and each of them is searched again. */
    static Stream<String> someIntegrands() {
        List<String> all = integrands().toList();
        return IntStream.iterate(0, i -> i < all.size(), i -> i + 3).mapToObj(all::get);
    }

    /** But for lines in another letter, or with unknown numbers. */
    @ParameterizedTest(name = "the integral of {0}")
    @MethodSource("someIntegrands")
    void eachLineOnTheWayHasTheExpressionAsItsDerivative(String form) {
        String letters = ", a: 1.3, b: 0.7, c: 2, k: 0.4, t: 1.1, n: 2.5)";
        List<String> lines = CALCULATOR
                .calculate(
                        "=integral(" + form + ", x)",
                        new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)),
                        Address.FIRST)
                .steps()
                .stream()
                .map(ShownStep::after)
                .filter(line -> !line.contains("=") && !line.matches(".*\\b[uvwA-Z]\\b.*"))
                .toList();
        assertThat(lines).allSatisfy(line -> {
            String off = "with(derivative(" + line + ", x) - (" + form + "), x: ";
            assertThat(Stream.of("0.3", "1.7", "-0.6", "5.2")
                            .mapToDouble(x -> number(off + x + letters, Surroundings.Angle.RADIANS))
                            .filter(each -> !Double.isNaN(each))
                            .boxed()
                            .toList())
                    .as(line)
                    .isNotEmpty()
                    .allSatisfy(each -> assertThat(each).isCloseTo(0, within(1e-9)));
        });
    }

    @Test
    void mostAntiderivativesGoBackToTheExpressionExactly() {
        assertThat(integrands()
                        .filter(form -> worth("simplify(derivative(integral(" + form + ", x), x) - (" + form + "))")
                                .equals("0"))
                        .count())
                .isGreaterThan(330);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "integral(3*x^2 + 1, x) | x^3 + x",
                "integral(x^2, x, 0, 3) | 9",
                "integral(x^2, x, 3, 0) | -9",
                "integral(sin(x), x, 0, π) | 2",
                "integral(1/x, x, 1, e) | 1",
                "integral(e^-x, x, 0, inf) | 1",
                "integral(1/x^2, x, 1, inf) | 1",
                "integral(1/(1 + x^2), x, -inf, inf) | π",
                "integral(x*e^-x, x, 0, inf) | 1",
                "integral(1/sqrt(x), x, 0, 4) | 4",
                "integral(ln(x), x, 0, 1) | -1",
                "integral(x^2, x, 0, a) | a^3/3",
                "integral(a*x, x, 0, 2) | 2*a",
                "integral(1/x, x, -1, 1) | no-real-result",
                "integral(1/x^2, x, 0, 1) | no-real-result",
                "integral(x^(-9/10), x, 0, 1) | 10",
                "integral(1/x, x, 1, inf) | no-real-result",
                "maximise(sin(x), x, 0, 4) | {π/2, 1}",
                "minimise(cos(x), x, 0, 4) | {π, -1}",
                "minimise(abs(x - 1), x, 0, 3) | {1, 0}",
                "derivative(if(x > 0, x^2, -x), x, 2) | 4",
                "derivative(if(x > 0, x^2, -x), x, -2) | -1",
                "derivative(if(x > 0, x^2, -x), x, 0) | no-real-result",
                "derivative(if(x > 0, x^2, x^3), x, 0) | 0",
                "derivative(if(x > 1, x^2, 2*x - 1), x, 1) | 2",
                "derivative(if(x >= 1, x^2, 0), x, 1) | no-real-result",
                "derivative(if(x < 0, -1, if(x < 1, x, x^2)), x, 1/2) | 1",
                "derivative(3*if(x > 0, sin(x), x), x, 0) | 3",
                "derivative(max(x, 2), x, 3) | 1",
                "derivative(max(x, 2), x, 2) | no-real-result",
                "derivative(floor(x), x, 2.5) | 0",
                "derivative(floor(x), x, 2) | no-real-result",
                "derivative(round(x, 2)*x^2, x, 2) | 8",
                "derivative(max(1/x, 1), x, 0) | divide-by-zero",
                "derivative(max(sqrt(abs(x)), 0), x, 0) | no-real-result",
                "derivative(max(x, 2), x, 3, order: 2) | not-found",
                "derivative(max(x, 2), x) | not-found",
                "derivative(if(x > 0, x, 2), x) | not-found",
                "derivative(x > 0, x) | not-found",
                "limit(if(x > 0, sin(x)/x, 1), x, 0) | 1",
                "limit(if(x > 0, x, 2), x, 0) | no-real-result",
                "limit(if(x > 0, x, 2), x, 0, side: \"left\") | 2",
                "solve(if(x > 0, x, 2) = 1, x, 0, 3) | 1",
                "solve(max(x, 2) = 5, x, 0, 9) | 5",
                "solve(floor(x) = 2.5, x, 0, 9) | not-found",
                "solve(max(x, 2) = 5, x) | not-found",
                "integral(4*x + (atan(x) + 1/3)/x + ln(x)/(x^2 + 1), x) | 2*x^2 + atan(x)*ln(x) + ln(x)/3",
                "integral(integral(x*y, x, 0, 2), y, 0, 3) | 9",
                "integral(integral(1, y, 0, x), x, 0, 2) | 2",
                "integral(abs(x), x, -1, 2) | 5/2",
                "integral(7, x, 2, 5) | 21",
                "integral(1/x, x, -1, 1) | no-real-result",
                "integral(1/x, x, 0, 1) | no-real-result",
                "integral(1/x^2, x, -1, 1) | no-real-result",
                "integral(1/x, x, 1, inf) | no-real-result",
                "integral(tan(x), x, 0, 3) | no-real-result",
                "integral(e^x, x, 0, inf) | no-real-result",
                "integral(e^(x^2), x, 0, inf) | no-real-result",
                "integral(e^x, x, -inf, 0) | 1",
                "integral(sqrt(x), x, -1, 1) | no-real-result",
                "integral(x, x, 1) | wrong-arguments",
                "integral(5 m * x, x, 0, 2) | 10 m",
                "minimise(5 m * x, x, 0, 2) | {0, 0 m}",
                "solve(5 m * x = 10 m, x, 0, 9) | 2",
                "integral(x, 3) | wrong-kind",
                "integral(sin(x)/x, x) | not-found",
                "integral(x^x, x) | not-found",
                "integral(floor(x), x) | not-found",
                "integral(if(x > 1, x, 1), x, 0, 2) | 2.5",
                "partialfractions((3*x + 5)/(x^2 + 3*x + 2), x) | 2/(x + 1) + 1/(x + 2)",
                "partialfractions(x^2, x) | x^2",
                "partialfractions(1/(x^2*(x^2 + 1)), x) | 1/x^2 - 1/(x^2 + 1)",
                "minimise(x^2 - 4*x, x, 0, 5) | {2, -4}",
                "minimise(x^3 - 3*x, x, 0, 3) | {1, -2}",
                "maximise(x^3 - 3*x, x, -2, 3) | {3, 18}",
                "minimise(ln(x), x, 0, 1) | no-real-result",
                // limits
                "limit(sin(x)/x, x, 0) | 1",
                "limit((1 - cos(x))/x^2, x, 0) | 1/2",
                "limit((x^2 - 1)/(x - 1), x, 1) | 2",
                "limit(x^2 + 1, x, 3) | 10",
                "limit((e^x - 1)/x, x, 0) | 1",
                "limit(ln(1 + x)/x, x, 0) | 1",
                "limit((x - sin(x))/x^3, x, 0) | 1/6",
                "limit((1 + 1/n)^n, n, inf) | 2.718281828459045",
                "limit((1 + a/n)^n, n, inf) | e^a",
                "limit(1/x, x, inf) | 0",
                "limit((3*x^2 + 1)/(2*x^2 - x), x, inf) | 3/2",
                "limit(x/e^x, x, inf) | 0",
                "limit(e^x/x^3, x, inf) | inf",
                "limit(ln(x)/x, x, inf) | 0",
                "limit(x*ln(x), x, 0, side: right) | 0",
                "limit(x^x, x, 0, side: \"right\") | 1",
                "limit(sqrt(x^2 + x) - x, x, inf) | 1/2",
                "limit(1/x - 1/sin(x), x, 0) | 0",
                "limit(atan(x), x, inf) | π/2",
                "limit(atan(x), x, -inf) | -π/2",
                "limit(1/x^2, x, 0) | inf",
                "limit(1/x, x, 0, side: left) | -inf",
                "limit(abs(x)/x, x, 0, side: left) | -1",
                "limit(1/x, x, 0) | no-real-result",
                "limit(abs(x)/x, x, 0) | no-real-result",
                "limit(sin(1/x), x, 0) | not-found",
                "limit(sin(x), x, inf) | not-found",
                "limit(((x + h)^2 - x^2)/h, h, 0) | 2*x",
                "limit((sqrt(x + h) - sqrt(x))/h, h, 0) | 1/(2*sqrt(x))",
                "limit((x^n - 1)/(x - 1), x, 1) | n",
                "limit(tan(x)/x, x, 0) | 1",
                "limit((2^x - 1)/x, x, 0) | 0.6931471805599453",
                "limit(x^2*e^-x, x, inf) | 0",
                "limit((x^3 - 8)/(x - 2), x, 2) | 12",
                "limit(sqrt(x), x, -1) | not-found",
            })
    void itIs(String call, String value) {
        assertThat(worth(call)).isEqualTo(value);
    }

    @ParameterizedTest(name = "{0} is near {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "integral(e^(-x^2), x, -inf, inf) | 1.7724538509055161",
                "integral(sin(x)/x, x, 1, 2) | 0.6593299064355118",
                "integral(e^(x^2), x, 0, 1) | 1.4626517459071816",
                "integral(sqrt(1 + cos(x)^2), x, 0, π) | 3.8201977890277123",
                "integral(atan(x), x, 0, 1) | 0.4388245731174757",
                "integral(x^x, x, 0, 1) | 0.7834305107121344",
                "integral(x^2*sin(x), x, 0, π) | 5.869604401089358",
                "integral(1/(1 + x^4), x, 0, inf) | 1.1107207345395915",
                "integral(e^-x*ln(x), x, 0, inf) | -0.5772156649015329",
                "integral(1/(x^5 + 1), x, 0, 1) | 0.8883135726518",
                "derivative(max(sin(x), 0), x, 1) | 0.5403023058681398",
                "solve(max(x^2, 2) = 5, x, near: 3) | 2.23606797749979",
            })
    void anIntegralByNumbersIsNear(String call, double value) {
        assertThat(number(call, Surroundings.Angle.RADIANS)).isBetween(value - 1e-10, value + 1e-10);
    }

    @ParameterizedTest(name = "{0} is near {1}, angles in degrees")
    @CsvSource(
            delimiter = '|',
            value = {
                "integral(sin(x), x, 0, 180) | 114.59155902616465",
                "integral(cos(x)^2, x, 0, 360) | 180",
                "integral(x*sin(x), x, 0, 90) | 3282.806350011744",
                "integral(atan(x), x, 0, 1) | 25.14279598626136",
            })
    void areasOfAnglesInDegreesCountDegrees(String call, double value) {
        assertThat(number(call, Surroundings.Angle.DEGREES)).isBetween(value - 1e-6, value + 1e-6);
    }
}
