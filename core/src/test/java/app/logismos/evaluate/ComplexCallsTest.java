package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ComplexCallsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3+4i                    | 3 + 4i",
                "2i                      | 2i",
                "i^2                     | -1",
                "2i^2                    | -2",
                "2i²                     | -2",
                "(2i)^2                  | -4",
                "-2i^2                   | 2",
                "1/2i^2                  | -1/2",
                "1.5e2i                  | 150i",
                "2in                     | 2 in",
                "(3+4i)*(1-2i)           | 11 - 2i",
                "(3+4i)/(1+2i)           | 11/5 - 2/5*i",
                "(1+√3*i)/2              | 1/2 + √3/2*i",
                "i^i                     | 0.20787957635076193",
                "(1+i)^-2                | -1/2*i",
                "(1+i)^10                | 32i",
                "0i                      | 0",
                "50%*i                   | 1/2*i",
                "(2+4i)%                 | 1/50 + 1/25*i",
                "-(1-i)                  | -1 + i",
                "√(2i)                   | 1 + i",
                "3+0i = 3                | true",
                "3 = 3+0i                | true",
                "i = 2i                  | false",
                "i <> 1                  | true",
                "(3+4i) Ω                | (3 + 4i) Ω",
                "(3+4i) Ω + 2 Ω          | (5 + 4i) Ω",
                "1 kΩ + 500i Ω           | (1 + 1/2*i) kΩ",
                "(3+4i) Ω * 2 A          | (6 + 8i) V",
                "(3+4i) Ω / (1 Ω)        | 3 + 4i",
                "(3+4i) Ω = (3000+4000i) mΩ | true",
                "(2 km + 0i km) to m     | (2000) m",
                "((1+i) m)^2             | (2i) m²",
                "sqrt((3+4i) m^2)        | (2 + i) m",
                "abs((3+4i) V)           | 5 V",
                "re((3+4i) V)            | 3 V",
                "arg((1+i) V)            | (π/4) rad",
                "arg(-1-i)               | (-3π/4) rad",
                "conj(3+4i)              | 3 - 4i",
                "polar(2, 60°)           | 1 + √3*i",
                "polar(5 V, 90°)         | (5i) V",
                "sum(i, 2, 3-2i)         | 5 - i",
                "sum({1; 2i; 3})         | 4 + 2i",
                "count({1; 2i; 3})       | 3",
                "count(1, 2i)            | 2",
                "mean({1; 2i; 3})        | 4/3 + 2/3*i",
                "product({1; 2i; 3})     | 6i",
                "sum({1 V; 2i V})        | (1 + 2i) V",
                "product(i, i, 2)        | -2",
                "product(2i V, 3 A)      | (6i) W",
                "mean(1+i, 3-i)          | 2",
                "sumover(i^k, k, 1, 4)   | 0",
                "productover(i*k, k, 1, 2) | -2",
                "sign(3+4i)              | 3/5 + 4/5*i",
                "sign(0i)                | 0",
                "round(1.256+2.344i, 2)  | 63/50 + 117/50*i",
                "sqrt(-1+0i)             | i",
                "sqrt({-1+0i; -4+0i})    | {i; 2i}",
                "ln(-1+0i)               | π*i",
                "log(-100+0i)            | 2 + 1.3643763538418412i",
                "log(i, base: i)         | 1",
                "exp(π*i)                | -1",
                "sin(0i)                 | 0",
                "asin(1/2+0i)            | (π/6) rad",
                "det({1+i, 2; 3, 1-i})   | -4",
                "matmul({i, 1}, {i; 2})  | {1}",
                "inverse({2i})           | {-1/2*i}",
                "linsolve({1+i, 1; 1, i}, {1; 2}) | {1; -i}",
                "solve(x^2 + x + 1 = 0, x, complex: true) | {-1/2 - √3/2*i; -1/2 + √3/2*i}",
                "solve(x^3 = 8, x, complex: true) | {-1 - √3*i; -1 + √3*i; 2}",
                "solve((x-1)^2*(x^2+2*x+5), x, complex: true) | {-1 - 2i; -1 + 2i; 1}",
                "solve(x^2 + i*x + 2 = 0, x, complex: true) | {-2i; i}",
                "solve(x^5 - x - 1 = 0, x, complex: true) | {-0.7648844336005848 - 0.35247154603172626i; -0.7648844336005848 + 0.35247154603172626i; 0.18123244446987538 - 1.0839541013177107i; 0.18123244446987538 + 1.0839541013177107i; 1.1673039782614187}",
                "expand((1+i)^2)         | 2i",
                "expand((x+i)*(x-i))     | x^2 + 1",
                "derivative(e^(i*x), x)  | i*e^(i*x)",
                "with(x^2+1, x: 2i)      | -3",
                "IMSUM(\"1+2i\", \"3-i\") | 4 + i",
                "IMSQRT(-4)              | 2i",
                "IMABS(\"3+4j\")         | 5",
                "IMREAL(\"-2.5e1i\")     | 0",
                "IMAGINARY(\"-i\")       | -1",
                "IMDIV(\"i\", \"2\")      | 1/2*i",
                "IMSUB(\"3\", \"1+i\")    | 2 - i",
                "COMPLEX(3; -1)          | 3 - i",
                "IMPRODUCT({\"i\"; \"i\"}) | -1",
                "sumover(i, i, 1, 3)     | 6",
                "isnumber(i)             | true",
            })
    void anExpressionIsWorth(String expression, String value) {
        assertThat(PlainText.of(worth(expression, false))).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3+4i < 5      | wrong-kind",
                "max(i, 1)     | wrong-kind",
                "floor(2.5+i)  | wrong-kind",
                "gcd(i, 2)     | wrong-kind",
                "median({i; 1; 2}) | wrong-kind",
                "stdev({i; 1; 2}) | wrong-kind",
                "stdeva({i; 1; 2}) | wrong-kind",
                "min({i; 1; 2}) | wrong-kind",
                "sumsq({i; 1}) | wrong-kind",
                "large({i; 1; 2}, 1) | wrong-kind",
                "correlation({i; 1; 2}, {1; 2; 3}) | wrong-kind",
                "sumproduct({i; 1}, {1; 2}) | wrong-kind",
                "npv(i, 1) | wrong-kind",
                "rank(1, {i; 1}) | wrong-kind",
                "sumxmy2({i; 1}, {1; 2}) | wrong-kind",
                "i!            | wrong-kind",
                "7 mod i       | wrong-kind",
                "sqrt(-1)      | no-real-result",
                "arg(0)        | no-real-result",
                "1/0i          | divide-by-zero",
                "(0i)^-1       | divide-by-zero",
                "(1+i) V + 1 A | units-differ",
                "2^(1 V)       | wrong-kind",
                "2^((1+i) V)   | wrong-kind",
                "2 i           | syntax",
                "I             | unknown-name",
                "abs(\"3+4i\") | wrong-kind",
                "IMABS(\"3+4k\") | wrong-kind",
                "linsolve({1, i; i, -1}, {1; 2}) | divide-by-zero",
                "matmul({i}, {1; 2}) | shapes-differ",
                "atan(0+1i)    | divide-by-zero",
                "ln(0i)        | no-real-result",
            })
    void whatComplexNumbersDoNotHaveIsRefused(String expression, String code) {
        assertThat(worth(expression, false))
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.code().code()).isEqualTo(code));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sqrt(-4)            | 2i",
                "√(-4)               | 2i",
                "(-8)^(1/3)          | 1 + 1.7320508075688772i",
                "(-1)^0.5            | i",
                "ln(-1)              | π*i",
                "acos(2)             | (-1.3169578969248166i) rad",
                "solve(x^2 + 1 = 0, x) | {-i; i}",
                "sqrt(-4 m^2)        | (2i) m",
                "sqrt(4)             | 2",
                "cbrt(-8)            | -2",
            })
    void whereComplexAnswersAreWantedTheyComeAtOnce(String expression, String value) {
        assertThat(PlainText.of(worth(expression, true))).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "3+4i",
                "-i",
                "1/2 - √3/2*i",
                "π*i",
                "(1/3 - 2i) V",
                "-2 - i",
                "0.1234*i + 5",
                "√2 + √3*i",
                "(1+√2)*i"
            })
    void theTextOfANumberReadsBackAsTheSame(String expression) {
        Value value = worth(expression, false);
        assertThat(value).isInstanceOf(ComplexValue.class);
        assertThat(worth(PlainText.of(value), false)).isEqualTo(value);
    }

    /** A number has as many roots of a degree as that; each is put in. */
    @ParameterizedTest
    @ValueSource(strings = {"1", "-1", "-4", "i", "3+4i", "2.5"})
    void anEquationOfAPowerHasAllItsSolutions(String number) {
        for (int degree : new int[] {2, 3, 4, 5, 6, 8, 12}) {
            isSolvedBy(degree, (degree % 3 == 0 ? "x^" : "(2*x-1)^") + degree, number);
        }
    }

    /** Products of different quadratics without real roots, and a linear factor. */
    @Test
    void anEquationOfAProductHasAllItsSolutions() {
        Seeded.cases(20, random -> {
            int quadratics = random.nextInt(1, 4);
            StringBuilder product = new StringBuilder("(x-20)");
            for (int i = 0; i < quadratics; i++) {
                int middle = random.nextInt(-4, 5);
                product.append("*(x^2+")
                        .append(2 * middle)
                        .append("*x+")
                        .append(middle * middle + 1 + 3 * i + random.nextInt(3))
                        .append(')');
            }
            isSolvedBy(2 * quadratics + 1, product.toString(), "0");
            isSolvedBy(2 * quadratics + 1, "expand(" + product + ")", "0");
        });
    }

    private static void isSolvedBy(int count, String left, String right) {
        Value solutions = worth("solve(" + left + " = " + right + ", x, complex: true)", false);
        assertThat(solutions).as(left + " = " + right).isInstanceOf(Table.class);
        Table table = (Table) solutions;
        assertThat(table.rows()).as(left + " = " + right).isEqualTo(count);
        for (int row = 0; row < count; row++) {
            String put = left.replaceAll(
                    "x(?!p)", "(" + PlainText.of(table.at(row, 0)).replaceAll("(\\d)√", "$1*√") + ")");
            Value off = worth("abs((" + put + ") - (" + right + ")) < 10^-5*(1+abs(" + right + "))", false);
            assertThat(off).as(put).isEqualTo(new Truth(true));
        }
    }

    private static Value worth(String expression, boolean complex) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + expression, new NoCells(Surroundings.USUAL.withComplexAnswers(complex)), Address.FIRST)
                .value();
    }
}
