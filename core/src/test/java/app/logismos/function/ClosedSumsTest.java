package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sums without an upper end and with free ends (R. L. Graham et al., Concrete Mathematics; DLMF 25.6, 4.2). */
class ClosedSumsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/k^2, k, 1           | π^2/6",
                "1/k^2, k, 3           | π^2/6-1-1/4",
                "1/k^4, k, 2           | π^4/90-1",
                "1/k^10, k, 1          | π^10/93555",
                "1/(k+2)^2, k, 0       | π^2/6-1",
                "1/2^k, k, 0           | 2",
                "3*(-1/2)^k, k, 1      | -1",
                "k/3^k, k, 1           | 3/4",
                "(1/2)^k*(k^2+1), k, 0 | 8",
                "2^(3-k), k, 0         | 16",
                "1/(k*(k+1)), k, 1     | 1",
                "1/(k^2-1), k, 2       | 3/4",
                "1/(4*k^2-1), k, 1     | 1/2",
                "1/(k*(k+1)*(k+2)), k, 1 | 1/4",
                "(-1)^k/(2*k+1), k, 0  | π/4",
                "(-1)^k/(2*k+1), k, 2  | π/4-1+1/3",
                "(-1)^(k+1)/k, k, 1    | ln(2)",
                "(-1)^k/(k+3), k, 0    | ln(2)-1/2",
                "(-1)^(k+1)/k^2, k, 1  | π^2/12",
                "1/k!, k, 0            | e",
                "2^k/factorial(k), k, 1 | e^2-1",
                "0, k, 1               | 0",
            })
    void aSumWithoutAnEndIsWhatItIsKnownToBe(String sum, String closed) {
        Value found = worth("sumover(" + sum + ", inf)");
        double expected = number(worth("0+" + closed));
        assertThat(number(found)).as(PlainText.of(found)).isCloseTo(expected, within(1e-14 * Math.abs(expected)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "k",
                "k^3-2*k",
                "7",
                "2^k",
                "k*3^k",
                "k^2/2^k",
                "1/(k*(k+1))",
                "1/((k+1)*(k+3))",
                "(-1)^k*k",
                "k^5",
            })
    void aClosedFormIsTheSumForEveryEnd(String term) {
        for (int from : new int[] {1, 4}) {
            for (int to : new int[] {4, 9}) {
                assertThat(worth("with(sumover(" + term + ", k, a, n), a: " + from + ", n: " + to + ")"))
                        .as(term + " from " + from + " to " + to)
                        .isEqualTo(worth("sumover(" + term + ", k, " + from + ", " + to + ")"));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"k", "3", "2^k", "5*k^2", "(k+2)/k", "k*2^k"})
    void soIsTheClosedFormOfAProduct(String factor) {
        for (int to : new int[] {1, 6}) {
            assertThat(worth("with(productover(" + factor + ", k, 1, n), n: " + to + ")"))
                    .as(factor + " to " + to)
                    .isEqualTo(worth("productover(" + factor + ", k, 1, " + to + ")"));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "sumover(k, k, 1, n)           | (n^2 + n)/2",
                "sumover(x^k, k, 0, n)         | (x^(n + 1) - 1)/(x - 1)",
                "sumover(1/(k*(k+1)), k, 1, n) | n/(n + 1)",
                "sumover(x^k/k!, k, 0, inf)    | e^x",
                "productover(k, k, 1, n)       | factorial(n)",
                "with(sumover(k, k, 1, n), n: 100) | 5050",
                "sumover(1/k, k, 1, inf)       | no-real-result",
                "sumover(k, k, 1, inf)         | no-real-result",
                "sumover(2^k, k, 0, inf)       | no-real-result",
                "sumover((-1)^k, k, 0, inf)    | no-real-result",
                "sumover((k+1)/k^2, k, 1, inf) | no-real-result",
                "sumover(1/k^3, k, 1, inf)     | not-found",
                "sumover(x^k, k, 0, inf)       | not-found",
                "sumover(sin(k), k, 1, inf)    | not-found",
                "sumover(sin(k), k, 1, n)      | not-found",
                "sumover(1/k, k, 1, n)         | not-found",
                "productover(k, k, 1, inf)     | not-found",
                "sumover(k, k, -inf, 3)        | wrong-kind",
                "sumover(\"a\", k, 1, n)       | wrong-kind",
                "sumover(1/k^2, k, 1/2, inf)   | wrong-arguments",
            })
    void itIs(String call, String value) {
        Value worth = worth(call);
        assertThat(worth instanceof Failure failure ? failure.code().code() : PlainText.of(worth))
                .isEqualTo(value);
    }

    private static double number(Value value) {
        return ((NumberValue) value).real().toDouble();
    }

    private static Value worth(String expression) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
