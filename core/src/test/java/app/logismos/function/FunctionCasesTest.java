package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The catalogue on cases that its examples do not hold: the rulings of section 10, edges, and documents' names. */
class FunctionCasesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                // distributions at their ends, and where no double holds the rest
                "normal(inf)                  | 1",
                "normal(-inf)                 | 0",
                "normal(inf, cumulative: false) | 0",
                "chisquared(inf, 3)           | 1",
                "chisquaredtail(inf, 3)       | 0",
                "student(-inf, 2)             | 0",
                "gamma(inf)                   | inf",
                "gamma(-inf)                  | no-real-result",
                "erfc(inf)                    | 0",
                "chisquared(0, 2, false)      | 0.5",
                "chisquared(0, 1, false)      | no-real-result",
                "exponential(-1, 2)           | 0",
                "betadistribution(2, 1, 1)    | 1",
                "betadistribution(2, 1, 1, cumulative: false) | 0",
                "normalinv(1/2, 3, 2)         | 3",
                "betainv(1, 2, 3)             | 1",
                "gammainv(0, 2, 3)            | 0",
                "normalinv(0)                 | wrong-arguments",
                "gammainv(1, 2, 3)            | wrong-arguments",
                // arithmetic
                "sum()                        | wrong-arguments",
                "sum({1, \"2\"; 3, true})     | 4", // texts and truth values in tables are passed over
                "sum(\"2\")                   | wrong-kind", // given directly they are not
                "product({1; 2}, 3)           | 6",
                "root(16, 4)                  | 2",
                "root(-16, 4)                 | no-real-result",
                "root(8, -3)                  | 1/2",
                "root(8, 0)                   | wrong-arguments",
                "cbrt(2)                      | 1.2599210498948732",
                "log2(0)                      | no-real-result",
                "log(8, 1)                    | divide-by-zero",
                "hypot(1/3, 1/4)              | 5/12",
                "quotient(-17, 5)             | -3",
                "quotient(1, 0)               | divide-by-zero",
                "mod(5.5, 2)                  | 3/2",
                "mod(-5.5, 2)                 | 1/2",
                "sumproduct({1, 2}, {3; 4})   | shapes-differ",
                "sumproduct({1, \"a\"}, {3, 4}) | 3",
                "exp({0, 0})                  | {1, 1}",
                // rounding
                "round(-2.5)                  | -3", // half goes away from zero
                "round(0.5)                   | 1",
                "round(2.675, 2)              | 67/25", // the decimal itself, not its double
                "round(1e30 + 0.5)            | 1000000000000000000000000000001",
                "round(5, 20000)              | 5",
                "roundup(-2.1)                | -3",
                "roundup(2.000)               | 2",
                "floor(-0.5)                  | -1",
                "INT(-3.2)                    | -4",
                "floor(7, -2)                 | wrong-arguments",
                "ceiling(-2.5)                | -2",
                "truncate(-2.99, 1)           | -29/10",
                "frac(-7/3)                   | -1/3",
                "roundto(-7.5, 5)             | -10",
                "significant(0, 3)            | 0",
                "significant(999.9, 2)        | 1000",
                "significant(-0.00012345, 2)  | -3/25000",
                "significant(1, 0)            | wrong-arguments",
                "even(2)                      | 2",
                "even(0)                      | 0",
                "odd(-2)                      | -3",
                // whole numbers
                "gcd(0, 0)                    | 0",
                "gcd(12.5, 5)                 | wrong-arguments",
                "lcm(0, 5)                    | 0",
                "isprime(1)                   | false",
                "isprime(-7)                  | false",
                "isprime(2^61-1)              | true",
                "isprime(2^61-3)              | false",
                "isprime(3215031751)          | false", // a strong pseudoprime to 2, 3, 5 and 7
                "isprime(10^40+121)           | true",
                "nextprime(2)                 | 3",
                "nextprime(-5)                | 2",
                "nextprime(10^12)             | 1000000000039",
                "factorise(1)                 | wrong-arguments",
                "factorise(2^10 * 97^2)       | {2, 10; 97, 2}",
                "factorise(1000003 * 1000033) | {1000003, 1; 1000033, 1}",
                "factorise(2^61 - 1)          | {2305843009213693951, 1}",
                "divisors(1)                  | {1}",
                "divisors(36)                 | {1; 2; 3; 4; 6; 9; 12; 18; 36}",
                "todigits(0, 2)               | \"0\"",
                "todigits(35, 36)             | \"Z\"",
                "todigits(5, 37)              | wrong-arguments",
                "fromdigits(\"zz\", 36)       | 1295",
                "fromdigits(\"12\", 2)        | wrong-arguments",
                "fibonacci(100)               | 354224848179261915075",
                "fibonacci(-1)                | wrong-arguments",
                // counting
                "combinations(5, 7)           | 0",
                "permutations(3, 5)           | 0",
                "combinations(52, 5)          | 2598960",
                "combinations(-1, 2)          | wrong-arguments",
                "combinations(5, 2.5)         | wrong-arguments",
                "combinations({4; 5}, 2)      | {6; 10}", // element by element
                "combinationsrep(0, 0)        | 1",
                "combinationsrep(0, 3)        | 0",
                "multinomial({3, 2, 2})       | 210",
                "derangements(0)              | 1",
                "derangements(10)             | 1334961",
                "doublefactorial(0)           | 1",
                "arrangements(1, 1, 1)        | 1",
                "arrangements(\"b\", \"a\", \"n\", \"a\", \"n\", \"a\") | 60",
                "listcombinations({1, 2}, 3)  | wrong-arguments",
                "rows(listpermutations({1; 2; 3; 4}, 4)) | 24",
                "COMBIN(9; 4)                 | 126",
                "FACT(5)                      | 120",
                // angles
                "asin(2)                      | no-real-result",
                "acos(0)                      | (π/2) rad",
                "acos(-1/2)                   | (2π/3) rad",
                "atan(inf)                    | (π/2) rad",
                "acot(-1)                     | (3π/4) rad",
                "atan2(0, 0)                  | no-real-result",
                "atan2(0, -5)                 | (π) rad",
                "atan2(-1, -1)                | (-3π/4) rad",
                "atan2(-2, 0)                 | (-π/2) rad",
                "cot(0)                       | divide-by-zero",
                "sec(90°)                     | divide-by-zero",
                "csc(180°)                    | divide-by-zero",
                "acosh(0.5)                   | no-real-result",
                "atanh(1)                     | no-real-result",
                "degrees(1)                   | 57.29577951308232",
                // statistics
                "mean({1, \"a\"; 3, 5})       | 3",
                "mean()                       | wrong-arguments",
                "median({5; 3; 1; 100})       | 4",
                "mode(1, 2, 3)                | not-found",
                "variance(5)                  | divide-by-zero",
                "variancep(5)                 | 0",
                "variance(1/3, 2/3)           | 1/18", // exact
                "stdev(5, 5)                  | 0",
                "geomean(1, 0)                | wrong-arguments",
                "quartile({1, 2, 3, 4}, 1)    | 7/4",
                "quantile({4; 1; 3; 2}, 1)    | 4",
                "quantile({1}, 2)             | wrong-arguments",
                "PERCENTILE({10; 20}; 0.1)    | 11",
                "rank(5, {1, 2})              | not-found",
                "rank(2, {3; 2; 2; 1})        | 2",
                "countif({1; 2; \"a\"; 2}, 2) | 2",
                "countif({1; 2; 3}, \"<>2\")  | 2",
                "countif({1; 2; \"x\"}, \">=2\") | 1",
                "sumif({\"a\"; \"b\"}, \"a\", {1; 2; 3}) | shapes-differ",
                "meanif({1; 2}, \">5\")       | divide-by-zero",
                "slope({1; 2}, {3; 3})        | divide-by-zero",
                "slope({1; 2}, {1; 2; 3})     | shapes-differ",
                "forecast(10, {2; 4}, {1; 2}) | 20",
                "CORREL({1; 2; 4}; {1; 2; 4}) | 1",
                "zscore(1, 1, 0)              | divide-by-zero",
                "normal(1, 0, -1)             | wrong-arguments",
                "normalinv(0)                 | wrong-arguments",
                "binomial(2, 3, 0.5)          | 3/8",
                "binomial(4, 3, 0.5)          | wrong-arguments",
                "gamma(-1)                    | no-real-result",
                "gamma(6)                     | 120",
                "randomint(2, 1)              | wrong-arguments",
                "frequency({1; 2; 3}, {2})    | {2; 1}",
                // tables
                "rows({1, 2})                 | 1",
                "at({1, 2; 3, 4}, -1, -1)     | 4",
                "at({1, 2; 3, 4}, 3, 1)       | wrong-arguments",
                "at({7, 8, 9}, 2)             | 8", // of a row the number is the column
                "last({1, 2, 3})              | 3",
                "slice({1; 2; 3}, -2, -1)     | {2; 3}",
                "slice({1; 2; 3}, 3, 1)       | wrong-arguments",
                "series(0, 1, 0.25)           | {0; 1/4; 1/2; 3/4; 1}",
                "series(1, 3, -1)             | wrong-arguments",
                "series(0, 1, 0)              | divide-by-zero",
                "series(1, 2000000)           | too-large",
                "spaced(0, 1, 1)              | wrong-arguments",
                "sort({\"b\"; 2; \"a\"; 1})   | {1; 2; \"a\"; \"b\"}",
                "sort({3; 1; 2}, descending: true) | {3; 2; 1}",
                "sort({3, 1, 2})              | {1, 2, 3}",
                "unique({1; 1; 1})            | {1}",
                "filter({1; 2}, {false; false}) | not-found",
                "lookup(9, {1; 2})            | not-found",
                "lookup(0, {1; 2}, {5; 6}, nearest: true) | not-found",
                "lookup(\"b\", {\"a\", 1; \"b\", 2}) | 2",
                "position(9, {1; 2})          | not-found",
                "stack({1, 2}, {3})           | shapes-differ",
                "transpose(transpose({1, 2; 3, 4})) | {1, 2; 3, 4}",
                "matmul({1, 2}, {1, 2})       | shapes-differ",
                "det({1, 2; 2, 4})            | 0",
                "det({0, 1; 1, 0})            | -1", // a row must be swapped
                "det({1, 2})                  | shapes-differ",
                "inverse({1, 2; 2, 4})        | divide-by-zero",
                "inverse({0, 1; 1, 0})        | {0, 1; 1, 0}",
                "linsolve({0, 2; 1, 1}, {4; 3}) | {1; 2}",
                "matmul({2, 1; 7, 4}, inverse({2, 1; 7, 4})) | {1, 0; 0, 1}",
                "dot({1, 2}, {1, 2, 3})       | shapes-differ",
                "norm({1/3, 1/4})             | 5/12",
                // logic
                "if(true, 1)                  | 1",
                "if(missing, 1, 2)            | wrong-kind",
                "ifs(false, 1, false, 2)      | not-found",
                "ifs(true, 1, 1/0, 2)         | 1", // not looked at
                "and()                        | wrong-arguments",
                "and(true, 1)                 | wrong-kind",
                "or(true, 1/0)                | true",
                "or(false, 1/0)               | divide-by-zero",
                "xor(true, true, true)        | true",
                "not({true, false})           | {false, true}",
                "orelse(1/0, 1/0)             | divide-by-zero",
                "iserror({1, 2})              | {false, false}",
                "iserror(foo)                 | true",
                "orelse(foo, 3)               | 3",
                "ismissing(5)                 | false",
                "pick(3, 1, 2)                | wrong-arguments",
                "CHOOSE(2; 5; 6)              | 6",
                // text
                "length(\"a😀\")              | 2", // code points
                "left(\"😀ab\", 2)            | \"😀a\"",
                "right(\"ab\", 5)             | \"ab\"",
                "middle(\"abc\", 0, 1)        | wrong-arguments",
                "upper(5)                     | wrong-kind",
                "find(\"A\", \"banana\")      | not-found", // case is minded
                "find(\"\", \"abc\")          | 1",
                "substitute(\"aaa\", \"a\", \"b\", 2) | \"aba\"",
                "substitute(\"abc\", \"\", \"x\") | \"abc\"",
                "replace(\"abc\", 2, 1, \"\") | \"ac\"",
                "repeat(\"ab\", 1000000)      | too-large",
                "join({1/3; true; \"x\"}, \", \") | \"0.3333333333, true, x\"",
                "split(\"a,,b\", \",\")       | {\"a\"; \"\"; \"b\"}",
                "number(\"2 3/4\")            | 11/4",
                "number(\"abc\")              | wrong-arguments",
                "text(1/3, \"bold\")          | wrong-arguments",
                "text(0.256, \"percent 1\")   | \"25.6 %\"",
                "char(0)                      | wrong-arguments",
                "code(\"\")                   | wrong-arguments",
                "MID(\"abcd\"; 2; 2)          | \"bc\"",
                // money over time
                "presentvalue(0, 12, -100)    | 1200",
                "futurevalue(0, 12, -100, -50) | 1250",
                "futurevalue(10%, 1, -100, atstart: true) | 110",
                "netpresentvalue(100%, 2, 4)  | 2",
                "straightline(1, 0, 0)        | divide-by-zero",
                "declining(100, 90, 5, 1)     | 10", // no further than the salvage value
                "declining(100, 90, 5, 2)     | 0",
                "internalrate({1; 2})         | not-found",
            })
    void callsAreWorth(String call, String expected) {
        Value value = value(call);
        String shown = value instanceof Failure failure ? failure.code().code() : PlainText.of(value);
        assertThat(shown).as(value.toString()).isEqualTo(expected);
    }

    /** Reference values of the distributions to ten digits: NIST/SEMATECH handbook, 1.3.6.7, and direct summation. */
    @ParameterizedTest
    @CsvSource({
        "'normal(1)', 0.8413447461",
        "'normal(0, cumulative: false)', 0.3989422804",
        "'normal(110, 100, 15)', 0.7475074625",
        "'normalinv(0.975)', 1.9599639845",
        "'student(2, 10)', 0.9633059826",
        "'studentinv(0.975, 10)', 2.2281388520",
        "'chisquared(3.841458821, 1)', 0.9500000000",
        "'poisson(2, 3)', 0.4231900811",
        "'poisson(2, 3, cumulative: false)', 0.2240418077",
        "'lngamma(0.5)', 0.5723649429",
        "'gamma(2.5)', 1.3293403882",
        "'beta(2.5, 1.5)', 0.1963495408",
        "'erf(-0.5)', -0.5204998778",
        "'rate(48, -200, 8000)', 0.0077014725",
        "'internalrate({-100; 39; 59; 55; 20})', 0.2809484211",
        "'payment(0.01, 360, 200000)', -2057.2251938510",
        "'periods(0.01, -100, 1000)', 10.5886444594",
    })
    void approximateFunctionsAgreeWithTheirReferences(String call, double expected) {
        assertThat(real(call)).isCloseTo(expected, within(6e-8));
    }

    @Test
    void primesAreThoseOfTheJdk() {
        Seeded.cases(400, random -> {
            BigInteger n = new BigInteger(2 + random.nextInt(80), random);
            assertThat(PlainText.of(value("isprime(" + n + ")"))).isEqualTo(String.valueOf(n.isProbablePrime(60)));
        });
    }

    @Test
    void theProductOfPrimeFactorsIsTheNumber() {
        Seeded.cases(80, random -> {
            BigInteger n = new BigInteger(20 + random.nextInt(36), random).add(BigInteger.TWO);
            Table factors = (Table) value("factorise(" + n + ")");
            BigInteger again = BigInteger.ONE;
            for (int row = 0; row < factors.rows(); row++) {
                BigInteger prime = new BigInteger(PlainText.of(factors.at(row, 0)));
                assertThat(prime.isProbablePrime(60)).isTrue();
                again = again.multiply(prime.pow(Integer.parseInt(PlainText.of(factors.at(row, 1)))));
            }
            assertThat(again).isEqualTo(n);
        });
    }

    @Test
    void aMatrixTimesItsInverseIsTheIdentity() {
        Seeded.cases(60, random -> {
            int n = 1 + random.nextInt(4);
            String matrix = matrix(random, n);
            if (!PlainText.of(value("det(" + matrix + ")")).equals("0")) {
                assertThat(value("matmul(" + matrix + ", inverse(" + matrix + "))"))
                        .isEqualTo(value("identity(" + n + ")"));
            }
        });
    }

    @Test
    void digitsInAnyBaseReadBackAsTheNumber() {
        Seeded.cases(200, random -> {
            BigInteger n = new BigInteger(random.nextInt(120), random);
            int base = 2 + random.nextInt(35);
            assertThat(PlainText.of(value("fromdigits(todigits(" + n + ", " + base + "), " + base + ")")))
                    .isEqualTo(n.toString());
        });
    }

    @Test
    void chanceStaysWithinItsBounds() {
        for (int i = 0; i < 200; i++) {
            assertThat(real("randomint(-3, 3)")).isBetween(-3.0, 3.0);
            assertThat(real("random()")).isGreaterThanOrEqualTo(0).isLessThan(1);
        }
    }

    private static String matrix(Random random, int n) {
        return IntStream.range(0, n)
                .mapToObj(row -> IntStream.range(0, n)
                        .mapToObj(column -> String.valueOf(random.nextInt(9) - 4))
                        .reduce((a, b) -> a + ", " + b)
                        .orElseThrow())
                .reduce((a, b) -> a + "; " + b)
                .map(rows -> "{" + rows + "}")
                .orElseThrow();
    }

    private static double real(String call) {
        Value value = value(call);
        return value instanceof Quantity quantity
                ? quantity.number().toDouble()
                : ((NumberValue) value).real().toDouble();
    }

    private static Value value(String call) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + call, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
