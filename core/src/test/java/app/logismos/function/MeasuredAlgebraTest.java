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
import org.junit.jupiter.params.provider.ValueSource;

class MeasuredAlgebraTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "derivative(5 m/s^2 * t^2, t, 2 s)          | 20 m/s",
                "derivative(5 m/s^2 * t^2, t)               | 10 m/s^2 * t",
                "derivative(60 km/h*t^2/2, t, 2 h)          | 120 km",
                "derivative(8 m/t, t, 2 s)                  | -2 m/s²",
                "derivative(sin(x), x, 60°)                 | 1/2",
                "integral(3 m/s*v, v)                       | (3/2) m/s * v^2",
                "integral(9.81 m/s^2 * t, t, 0 s, 2 s)      | (981/50) m",
                "integral(1/x, x, 2 m, 6 m)                 | 1.0986122886681098",
                "integral(x, x, 1 m, 200 cm)                | 15000 cm²",
                "integral(5 m * x, x, 0, 2)                 | 10 m",
                "integral(v, v, 1 km/h, 2 m/s)              | (1271/648) m²/s²",
                "integral(e^(-(t/(1 s))^2), t, 0 s, 2 s)    | 0.8820813907624216 s",
                "integral(sin(x), x, 0, 180°)               | 2",
                "solve(x + 500 m = 1 km, x)                 | {(1/2) km}",
                "solve(x/(2 s) = 3 m/s, x)                  | {6 m}",
                "solve(5 m/s^2 * t^2 = 20 m, t)             | {-2 s; 2 s}",
                "solve(3 EUR*n + 5 EUR = 20 EUR, n)         | {5}",
                "solve(x^2 - 3 m * x + 2 m^2, x)            | {1 m; 2 m}",
                "solve(x^2 - 3 m * x + 2 m^2, x, 150 cm, 5 m) | 2 m",
                "solve(cos(x/(1 m)) = x/(1 m), x, 1 m)      | 0.7390851332151607 m",
                "minimise((x - 2 m)^2, x, 0 m, 5 m)         | {2 m, 0 m²}",
                "maximise(x*(6 m - x), x, 0 m, 6 m)         | {3 m, 9 m²}",
                "limit(3 m/s*t, t, 2 s)                     | 6 m",
                "taylor(3 m/s*t, t, 1 s, 1)                 | 3 m/s * (t - 1 s) + 3 m",
                "expand((x + 2 m)^2)                        | x^2 + 4 m * x + 4 m^2",
                "factor(x^2 - 4 m^2)                        | (x - 2 m)*(x + 2 m)",
                "simplify(1 km/(1 m))                       | 1000",
                "with(3 m/s*t, t: 2 s)                      | 6 m",
                "with(2 m*x^2, x: 3)                        | 18 m",
            })
    void unitsGoThroughAllOfThem(String call, String value) {
        assertThat(PlainText.of(worth(call))).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "derivative(5 m/s^2 * t^2, t)",
                "integral(3 m/s*v, v)",
                "expand((x + 2 m)*(3 kg·m/s^2))",
                "expand(x*(1/2 m)/y)",
                "simplify(-2 m/(x*(3 s)))",
                "expand(sqrt(2 m)*x)",
            })
    void theTextOfAnExpressionWithUnitsReadsBackAsTheSame(String call) {
        Value value = worth(call);
        assertThat(worth("expand(" + PlainText.of(value) + ")")).isEqualTo(worth("expand(" + call + ")"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "integral(x, x, 1 m, 2 s)            | units-differ",
                "minimise(x, x, 1 m, 2 s)            | units-differ",
                "derivative(20 °C*x, x)              | wrong-kind",
                "solve(x^2 = 4 m^2, x, 1 s, 5 s)     | not-found",
                "integral(1/x, x, -1 m, 1 m)         | no-real-result",
            })
    void unitsThatDoNotGoTogetherAreRefused(String call, String code) {
        assertThat(worth(call))
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.code().code()).isEqualTo(code));
    }

    private static Value worth(String expression) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
