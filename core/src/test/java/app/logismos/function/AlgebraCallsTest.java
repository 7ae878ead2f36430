package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Calls with letters in them, as one would type them; textbook forms. */
class AlgebraCallsTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private static String worth(String text, Surroundings.Angle angle) {
        Value value = CALCULATOR
                .calculate(text, new NoCells(Surroundings.of(angle)), Address.FIRST)
                .value();
        return value instanceof Failure failure ? failure.code().code() : PlainText.of(value);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "expand((x+1)^2) | x^2 + 2*x + 1",
                "expand((x+y)^3) | x^3 + 3*x^2*y + 3*x*y^2 + y^3",
                "expand((x+y+z)^2) | x^2 + 2*x*y + 2*x*z + y^2 + 2*y*z + z^2",
                "expand((x+1)*(x-1)/x) | x - 1/x",
                "expand(2*(x+1/2)) | 2*x + 1",
                "expand((sqrt(x)+1)^2) | x + 2*sqrt(x) + 1",
                "expand((√2+1)^2) | 3 + 2√2",
                "expand((sqrt(2)+x)*(sqrt(2)-x)) | -x^2 + 2",
                "expand((e^x+1)^2) | e^(2*x) + 2*e^x + 1",
                "expand((a+b)^2) - expand((a-b)^2) | 4*a*b",
                "expand(3*4) | 12",
                "expand((x+10%)^2) | x^2 + x/5 + 1/100",
                "expand((x+1)²) | x^2 + 2*x + 1",
                "2*expand((x+1)^2) | 2*(x^2 + 2*x + 1)",
                "-expand(x*(x+1)) | -(x^2 + x)",
                "expand(x*(x+1))² | (x^2 + x)^2",
                "expand(x)/expand(y) | x/y",
                "expand(x)-expand(X) | 0",
                "factor(x^2-1) | (x - 1)*(x + 1)",
                "factor(x^4+4) | (x^2 - 2*x + 2)*(x^2 + 2*x + 2)",
                "factor(x^2+1) | x^2 + 1",
                "factor(x^2-y^2) | (x - y)*(x + y)",
                "factor(x^3+y^3) | (x + y)*(x^2 - x*y + y^2)",
                "factor(x^2+2*x*y+y^2) | (x + y)^2",
                "factor(6*x^2-9*x) | 3*x*(2*x - 3)",
                "factor(x^10-1) | (x - 1)*(x + 1)*(x^4 - x^3 + x^2 - x + 1)*(x^4 + x^3 + x^2 + x + 1)",
                "factor(x^2/4-1) | (x - 2)*(x + 2)/4",
                "factor(sin(t)^2-1) | (sin(t) - 1)*(sin(t) + 1)",
                "factor(0*x) | 0",
                "simplify((x^2-1)/(x-1)) | x + 1",
                "simplify(x/x) | 1",
                "simplify(sqrt(x^2)) | abs(x)",
                "simplify(2*sin(t)^2+2*cos(t)^2) | 2",
                "simplify(cosh(t)^2-sinh(t)^2) | 1",
                "simplify(ln(x^2)) | ln(x^2)",
                "simplify(sin((x^2-1)/(x-1))) | sin(x + 1)",
                "simplify(1/(x-1) - 1/(x+1)) | 2/(x^2 - 1)",
                "collect(a*x+b*x, x) | x*(a + b)",
                "collect(x^2*y + x^2 + x, x) | x^2*(y + 1) + x",
                "derivative(x^2, x) | 2*x",
                "derivative(7, x) | 0",
                "derivative(y, x) | 0",
                "derivative(3*x, x) | 3",
                "derivative(sin(x)*x, x) | x*cos(x) + sin(x)",
                "derivative(sin(3*x+1), x) | 3*cos(3*x + 1)",
                "derivative(ln(x)/x, x) | (1 - ln(x))/x^2",
                "derivative(x^x, x) | x^x*(ln(x) + 1)",
                "derivative(e^(-x^2), x) | -2*x*e^(-x^2)",
                "derivative(exp(2*t), t) | 2*e^(2*t)",
                "derivative(sqrt(x), x) | 1/(2*sqrt(x))",
                "derivative(tan(x), x) | 1/cos(x)^2",
                "derivative(2^x, x) | 2^x*ln(2)",
                "derivative(x^3, x, order: 2) | 6*x",
                "derivative(x^3, x, order: 0) | x^3",
                "derivative(x^3, x, order: 4) | 0",
                "derivative(u + a*t, t) | a",
                "derivative(E^2, E) | 2*E",
                "derivative(t^3 - 2t, t) | 3*t^2 - 2",
                "derivative(2m^2 + 3 m, m) | 4*m + 3",
                "derivative((1+1) t, t) | 2",
                "sumover(2m, m, 1, 3) | 12",
                "derivative(2 km*t, t) | 2 km",
                "expand(2t + 1) | units-differ",
                "derivative(1/x, x) | -1/x^2",
                "derivative(atan(x), x) | 1/(x^2 + 1)",
                "derivative(log(x, 3), x) | 1/(x*ln(3))",
                "derivative(acos(x)+asin(x), x) | 0",
                "derivative(x^(1/3), x) | 1/(3*x^(2/3))",
                "derivative(derivative(x^4, x), x) | 12*x^2",
                "derivative(x^3, x, 2, order: 2) | 12",
                "derivative(x^2, x, 1/3) | 2/3",
                "derivative(sin(x), x, 0) | 1",
                "derivative(a*x^2, x, 3) | 6*a",
                "taylor(cos(x), x, 0, 4) | x^4/24 - x^2/2 + 1",
                "taylor(x^2, x, 0, 1) | 0",
                "expand(taylor(x^3 - x, x, 2, 3)) | x^3 - x",
                "expand(taylor(1/(1-x), x, 0, 3)) | x^3 + x^2 + x + 1",
                "taylor(ln(1+x), x, 0, 3) | x^3/3 - x^2/2 + x",
                "taylor(1/x, x, 0, 2) | no-real-result",
                "taylor(a*x^2, x, 1, 0) | a",
                "derivative(x*abs(x), x, 0) | 0",
                "derivative(abs(x), x, -2) | -1",
                "derivative(abs(x), x, 0) | no-real-result",
                "derivative(ln(x), x, -1) | no-real-result",
                "derivative(sqrt(x), x, 0) | no-real-result",
                "derivative(1/x, x, 0) | no-real-result",
                "derivative(floor(x), x) | not-found",
                "derivative(5 m*x, x) | 5 m",
                "derivative({x, 1}, x) | wrong-kind",
                "expand(x > 1) | unknown-name",
                "x + 1 | unknown-name",
                "sum(expand(x), 1) | wrong-kind",
                "sin(expand(x)) | wrong-kind",
                "sum({1, expand(x)}) | wrong-kind",
                "max(expand(x), 1) | wrong-kind",
                "expand(x) > 1 | wrong-kind",
                "expand(x) = expand(x) | true",
                "expand(x*2) = expand(x+x) | true",
                "\"y = \" & expand((x+1)*x) | \"y = x^2 + x\"",
                "expand(1/(x-x)) | divide-by-zero",
                "expand(2^(10^30+1/3)*x) | too-large",
                "expand(2^(4/3)*x) | 2*2^(1/3)*x",
                "expand(inf*x) | wrong-kind",
                "expand((a+b+c+d+f+g)^60) | too-large",
            })
    void itIs(String call, String value) {
        assertThat(worth(call, Surroundings.Angle.RADIANS)).isEqualTo(value);
    }

    @ParameterizedTest(name = "{0} is {1}, angles in degrees")
    @CsvSource(
            delimiter = '|',
            value = {
                "derivative(sin(x), x) | π*cos(x)/180",
                "derivative(atan(x), x) | 180/(π*(x^2 + 1))",
                "derivative(sinh(x), x) | cosh(x)",
            })
    void slopesOfAnglesInDegreesAreThoseByOneDegree(String call, String value) {
        assertThat(worth(call, Surroundings.Angle.DEGREES)).isEqualTo(value);
    }
}
