package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Expressions made to take long, or much memory, end within the bounds of a calculation: with a value or a sentence. */
class HostileAlgebraTest {
    static Stream<String> calls() {
        String dense = IntStream.range(0, 6)
                .mapToObj(i -> "(a+" + i + "*b+c^2+d+f*g)^" + (i + 3))
                .collect(Collectors.joining("*"));
        String terms = IntStream.range(1, 800).mapToObj(i -> "x^" + i).collect(Collectors.joining("+"));
        String digits = "7".repeat(500);
        String tower = "x^".repeat(100) + "x";
        String nested = "sin(".repeat(100) + "x" + ")".repeat(100);
        String roots =
                IntStream.rangeClosed(2, 60).mapToObj(i -> "sqrt(" + i + "+x)").collect(Collectors.joining("*"));
        String manyFactors =
                IntStream.rangeClosed(1, 40).mapToObj(i -> "(x^2-" + i + ")").collect(Collectors.joining("*"));
        return Stream.of(
                "expand(" + dense + ")",
                "factor(" + dense + ")",
                "factor(expand((x+y+z+1)^12)+1)",
                "expand((x+1)^100000)",
                "expand((x+1)^1000)",
                "expand((x+1)^(10^30))",
                "expand(2^(10^30)*x)",
                "expand((x^(10^30)+1)^2)",
                "derivative(x^(10^30), x)",
                "derivative(" + tower + ", x)",
                "derivative(" + nested + ", x)",
                "derivative(" + nested + ", x, order: 30)",
                "derivative(exp(x^5*sin(x)), x, order: 100)",
                "derivative((" + terms + ")^50, x)",
                "expand((" + terms + ")^2)",
                "factor(" + terms + ")",
                "factor(" + digits + "*x^8+" + digits + "1*x^3+" + digits + "3)",
                "simplify(1/(" + dense + ")+1/(" + terms + "))",
                "simplify(" + roots + ")",
                "factor(" + manyFactors + ")",
                "factor(x^4000-1)",
                "factor(x^512+1)",
                "simplify((x^1000-1)/(x^600-1))",
                "simplify((a^9*b-c^8)^9/(a^9*b-c^8)^7+(a-b)^30/(a^2-b^2)^20)",
                "collect((x+y)^300, x)",
                "sqrt(" + digits + ")*expand(x)",
                "derivative(x^x^x^x^x^x, x, order: 9)",
                "divisors(1000!)",
                "divisors(2^9000*3^900*5^90)",
                "factor(x^999999 - 1)",
                "factor(x^999999*y^999999 + x*y)",
                "simplify((x^900000 - y^900000)/(x^800000 - y))",
                "expand((x + " + digits + ")^1000)",
                "expand((a*x + b*y + " + digits + ")^120)",
                "collect((x + 1)*x^999999, x)",
                "taylor(1/(1-x)^9, x, 1/" + digits + ", 100)",
                "derivative(" + "sin(".repeat(120) + "x" + ")".repeat(120) + ", x)",
                "derivative(" + "(".repeat(120) + "x" + "+1)^2".repeat(120) + ", x)",
                "derivative(" + "1/(1+".repeat(60) + "x" + ")".repeat(60) + ", x)");
    }

    @ParameterizedTest(name = "{index}")
    @MethodSource("calls")
    void itEndsWithAValueOrASentence(String call) {
        Value value = new Calculator(Limits.USUAL)
                .calculate(call, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .value();
        if (value instanceof Failure failure) {
            assertThat(failure.message()).isNotBlank();
            assertThat(failure.code().code())
                    .isIn("too-large", "took-too-long", "too-much-memory", "no-real-result", "syntax");
        }
    }
}
