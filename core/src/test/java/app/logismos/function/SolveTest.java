package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Equations and systems (language, section 15). */
class SolveTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private static String worth(String text) {
        Value value = CALCULATOR
                .calculate(text, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .value();
        return value instanceof Failure failure ? failure.code().code() : PlainText.of(value);
    }

    @ParameterizedTest(name = "solve({0}) is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                // one step after the other undone
                "3*x + 5 = 11, x | {2}",
                "2*(x - 1) = 7, x | {9/2}",
                "7 = 3 - x, x | {-4}",
                "x/3 = 4, x | {12}",
                "6/x = 3, x | {2}",
                "1/(x + 1) = 1/4, x | {3}",
                "(x + 1)^2 = 9, x | {-4; 2}",
                "x^3 = 27, x | {3}",
                "x^3 = -8, x | {-2}",
                "x^4 = 16, x | {-2; 2}",
                "x^2 = 0, x | {0}",
                "x^-2 = 4, x | {-1/2; 1/2}",
                "sqrt(x) = 3, x | {9}",
                "sqrt(x - 1) + 2 = 5, x | {10}",
                "abs(x - 2) = 3, x | {-1; 5}",
                "abs(x) = 0, x | {0}",
                "cbrt(x) = -2, x | {-8}",
                "ln(x) = 0, x | {1}",
                "log(x) = 3, x | {1000}",
                "log10(x + 1) = 2, x | {99}",
                "e^x = 1, x | {0}",
                "x, x | {0}",
                "x - 3, x | {3}",
                // both sides
                "5*x - 3 = 2*x + 9, x | {4}",
                "x/2 + x/3 = 5, x | {6}",
                "(x - 2)/(x + 1) = 1/2, x | {5}",
                "3*(x + 2) - x = 4*x, x | {3}",
                "0.5*x + 1 = x, x | {2}",
                // polynomials
                "x^2 - 5*x + 6 = 0, x | {2; 3}",
                "x^2 = x, x | {0; 1}",
                "x^2 + 2*x + 1 = 0, x | {-1}",
                "6*x^2 + x - 2 = 0, x | {-2/3; 1/2}",
                "x^3 - 6*x^2 + 11*x - 6 = 0, x | {1; 2; 3}",
                "x^3 = x, x | {-1; 0; 1}",
                "x^4 - 5*x^2 + 4 = 0, x | {-2; -1; 1; 2}",
                "x^4 - 1 = 0, x | {-1; 1}",
                "x^6 - 7*x^3 - 8 = 0, x | {-1; 2}",
                "(x - 1)*(x + 2)*(x - 3)^2 = 0, x | {-2; 1; 3}",
                "x^2 - 3*x = 0, x | {0; 3}",
                // fractions, roots, exponentials
                "1/x + 1/(x + 2) = 3/4, x | {-4/3; 2}",
                "x/(x - 1) = 1/(x - 1) + 2, x | no-real-result",
                "sqrt(x + 3) = x - 3, x | {6}",
                "x = sqrt(x) + 2, x | {4}",
                "sqrt(2*x + 1) = sqrt(x) + 1, x | {0; 4}",
                "e^(2*x) - 3*e^x + 2 = 0, x | {0; 0.6931471805599453}",
                "2^x = 8, x | {3}",
                // with letters
                "v = u + a*t, t | {(v - u)/a}",
                "a*x + b = c, x | {(c - b)/a}",
                "a*x^2 = b, x | {-sqrt(b/a); sqrt(b/a)}",
                "p*v = n*k*t, n | {p*v/(k*t)}",
                "x^2 + p*x + q = 0, x | {-p/2 - sqrt(p^2 - 4*q)/2; sqrt(p^2 - 4*q)/2 - p/2}",
                "a = π*r^2, r | {-sqrt(a/π); sqrt(a/π)}",
                // systems
                "{x + y = 5; x - y = 1}, {x; y} | {3, 2}",
                "{2*x + 3*y = 12; x - y = 1}, {x, y} | {3, 2}",
                "{x + y + z = 6; x - y = -1; z = 2*x + 1}, {x; y; z} | {1, 2, 3}",
                "{x + y = 5; x*y = 6}, {x; y} | {2, 3; 3, 2}",
                "{x^2 + y^2 = 25; y = x + 1}, {x; y} | {-4, -3; 3, 4}",
                "{x^2 + y^2 = 5; x*y = 2}, {x; y} | {-2, -1; -1, -2; 1, 2; 2, 1}",
                "{x + y = 2; 2*x + 2*y = 4}, {x; y} | {-y + 2, y}",
                "{x + y = 2; x + y = 3}, {x; y} | no-real-result",
                "{a*x + y = 1; x - y = 1}, {x; y} | {2/(a + 1), -(a - 1)/(a + 1)}",
                // none, or all
                "x^2 = -1, x | no-real-result",
                "x = x + 1, x | no-real-result",
                "2*x = x + x, x | not-found",
                "e^x = -1, x | no-real-result",
                "sqrt(x) = -2, x | no-real-result",
                "abs(x) = -1, x | no-real-result",
                "x^2 + x + 1 = 0, x | no-real-result",
                "sin(x) = 2, x | no-real-result",
                "x = cos(x), x | not-found",
                "sin(x) = 1/2, x | {π/6; 5π/6}",
                "cos(x) = 1, x | {0}",
                "tan(x) = 1, x | {π/4}",
                // near, and between
                "x^2 = 4, x, 1 | 2",
                "x^2 = 4, x, -1 | -2",
                "x^2 = 4, x, 0, 10 | 2",
                "x^2 = 4, x, -10, 10 | {-2; 2}",
                "x = cos(x), x, 0, 1 | 0.7390851332151607",
                "x = cos(x), x, 1 | 0.7390851332151607",
                "sin(x) = 0, x, 3 | 3.141592653589793",
                "1/x = 0, x, -1, 1 | not-found",
                "x*e^x = 1, x, 0, 1 | 0.5671432904097838",
            })
    void anEquationIsSolved(String call, String solutions) {
        assertThat(worth("solve(" + call + ")")).isEqualTo(solutions);
    }

    @ParameterizedTest(name = "solve({0}) is near {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{x = cos(y); y = sin(x)}, {x; y}         | 0.768169156736796 0.694819690730788",
                "{x^2 + y^2 = 4; e^x + y = 1}, {x; y}     | -1.81626406882515 0.837367799891248 1.00416873847466 -1.72963728702587",
                "{x^2 + y^2 = 4; e^x + y = 1}, {x; y}, near: {1; -2} | 1.00416873847466 -1.72963728702587",
                "{x + y = 5; x*y = 6}, {x; y}, near: {1; 4} | 2 3",
                "{x*y*z = 6; x + y + z = 6; sin(x) = 0.8414709848078965}, {x; y; z}, near: {1; 2.2; 2.8} | 1 2 3",
                "x^2 = 2, x, near: 1                      | 1.4142135623730951",
            })
    void whatNoExactMethodSolvesIsFoundInNumbers(String call, String numbers) {
        String found = worth("=solve(" + call + ")").replaceAll("[{};,]", " ").replace("√2", "1.4142135623730951");
        String[] parts = found.strip().split("\\s+");
        String[] expected = numbers.split(" ");
        assertThat(parts).as(found).hasSameSizeAs(expected);
        for (int i = 0; i < parts.length; i++) {
            assertThat(Double.parseDouble(parts[i]))
                    .as(found)
                    .isCloseTo(Double.parseDouble(expected[i]), within(1e-12));
        }
    }

    @ParameterizedTest(name = "solve({0}) is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{x = cos(y); y = sin(x)}, {x; y}, near: {1} | wrong-arguments",
                "{e^x = y; y = -1 - x^2}, {x; y}, near: {0; 0} | not-found",
            })
    void whereNewtonHasNothingToGoOnItSaysSo(String call, String code) {
        assertThat(worth("=solve(" + call + ")")).isEqualTo(code);
    }
}
