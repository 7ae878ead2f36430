package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.catalogue.Catalogue;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ArrayTable;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Statistics against the certified values of the Statistical Reference Datasets of the US National Institute of Standards
 * and Technology (StRD): means and standard deviations to 12 digits, regressions to 9.
 */
class CertifiedStatisticsTest {
    private static final int UNIVARIATE_DIGITS = 12;
    private static final int REGRESSION_DIGITS = 9;

    @ParameterizedTest
    @CsvSource({
        "michelson, 299.852400000000, 0.0790105478190518",
    })
    void meansAndDeviationsOfMeasuredSets(String set, String mean, String deviation) {
        Table data = column(read(set), 0);
        certified(call("mean", data), mean, UNIVARIATE_DIGITS);
        certified(call("stdev", data), deviation, UNIVARIATE_DIGITS);
    }

    /** Sets that are made to lose digits: the mean is far larger than the deviations. */
    @ParameterizedTest
    @CsvSource({
        // count, first, then by turns, mean, deviation
        "1001, 1.2, 1.1, 1.3, 1.2, 0.1", // NumAcc2
        "1001, 1000000.2, 1000000.1, 1000000.3, 1000000.2, 0.1", // NumAcc3
        "1001, 10000000.2, 10000000.1, 10000000.3, 10000000.2, 0.1", // NumAcc4
    })
    void meansAndDeviationsOfSetsThatLoseDigits(
            int count, String first, String odd, String even, String mean, String deviation) {
        Table data = table(count, 1, i -> i == 0 ? first : i % 2 == 1 ? odd : even);
        certified(call("mean", data), mean, UNIVARIATE_DIGITS);
        certified(call("stdev", data), deviation, UNIVARIATE_DIGITS);
    }

    @Test
    void threeLargeNumbers() {
        Table data =
                table(3, 1, i -> List.of("10000001", "10000003", "10000002").get(i)); // NumAcc1
        certified(call("mean", data), "10000002", UNIVARIATE_DIGITS);
        certified(call("stdev", data), "1", UNIVARIATE_DIGITS);
    }

    @Test
    void aLineThroughNorris() {
        List<String[]> rows = read("norris");
        Table y = column(rows, 0);
        Table x = column(rows, 1);
        certified(call("slope", y, x), "1.00211681802045", REGRESSION_DIGITS);
        certified(call("intercept", y, x), "-0.262323073774029", REGRESSION_DIGITS);
        certified(call("rsquared", y, x), "0.999993745883712", REGRESSION_DIGITS);
        certified(call("fiterror", y, x), "0.884796396144373", REGRESSION_DIGITS);
        Table report = (Table) call("linearfit", y, x, new Truth(true), new Truth(true));
        certified(report.at(1, 0), "0.429796848199937E-03", REGRESSION_DIGITS);
        certified(report.at(1, 1), "0.232818234301152", REGRESSION_DIGITS);
    }

    @Test
    void linesThroughTheOrigin() {
        Table first = (Table) call(
                "linearfit", // NoInt1
                table(11, 1, i -> String.valueOf(130 + i)),
                table(11, 1, i -> String.valueOf(60 + i)),
                new Truth(false),
                new Truth(true));
        certified(first.at(0, 0), "2.07438016528926", REGRESSION_DIGITS);
        certified(first.at(1, 0), "0.165289256198347E-01", REGRESSION_DIGITS);
        certified(first.at(2, 0), "0.999365492298663", REGRESSION_DIGITS);
        certified(first.at(2, 1), "3.56753034006338", REGRESSION_DIGITS);
        Table second = (Table) call(
                "linearfit", // NoInt2
                table(3, 1, i -> List.of("3", "4", "4").get(i)),
                table(3, 1, i -> List.of("4", "5", "6").get(i)),
                new Truth(false),
                new Truth(true));
        certified(second.at(0, 0), "0.727272727272727", REGRESSION_DIGITS);
        certified(second.at(1, 0), "0.420827318078432E-01", REGRESSION_DIGITS);
        certified(second.at(2, 0), "0.993348115299335", REGRESSION_DIGITS);
        certified(second.at(2, 1), "0.369274472937998", REGRESSION_DIGITS);
    }

    @Test
    void aPlaneThroughLongley() {
        List<String[]> rows = read("longley");
        Table x = table(rows.size(), 6, i -> rows.get(i / 6)[1 + i % 6]);
        Table report = (Table) call("linearfit", column(rows, 0), x, new Truth(true), new Truth(true));
        List<String> certified = List.of(
                "1829.15146461355",
                "-0.511041056535807E-01",
                "-1.03322686717359",
                "-2.02022980381683",
                "-0.358191792925910E-01",
                "15.0618722713733",
                "-3482258.63459582");
        for (int i = 0; i < certified.size(); i++) {
            certified(report.at(0, i), certified.get(i), REGRESSION_DIGITS);
        }
        certified(report.at(2, 0), "0.995479004577296", REGRESSION_DIGITS);
        certified(report.at(2, 1), "304.854073561965", REGRESSION_DIGITS);
    }

    /** Polynomials of degree 5 through 21 points that lie on them, Wampler1 and Wampler2. */
    @ParameterizedTest
    @CsvSource({"1", "0.1"})
    void polynomialsThroughWampler(BigDecimal base) {
        Table x = table(21, 5, i -> BigDecimal.valueOf(i / 5).pow(1 + i % 5).toPlainString());
        Table y = table(
                21,
                1,
                i -> IntStream.rangeClosed(0, 5)
                        .mapToObj(power ->
                                base.pow(power).multiply(BigDecimal.valueOf(i).pow(power)))
                        .reduce(BigDecimal.ZERO, BigDecimal::add)
                        .toPlainString());
        Table report = (Table) call("linearfit", y, x, new Truth(true), new Truth(true));
        for (int power = 0; power <= 5; power++) {
            certified(report.at(0, 5 - power), base.pow(power).toPlainString(), REGRESSION_DIGITS);
            certified(report.at(1, 5 - power), "0", REGRESSION_DIGITS);
        }
        certified(report.at(2, 0), "1", REGRESSION_DIGITS);
    }

    @Test
    void aParabolaThroughPontius() {
        List<String[]> rows = read("pontius");
        Table report = polynomial(column(rows, 0), rows.size(), i -> rows.get(i)[1], 2);
        certifiedCoefficients(report, "0.673565789473684E-03", "0.732059160401003E-06", "-0.316081871345029E-14");
        certified(report.at(2, 0), "0.999999900178537", REGRESSION_DIGITS);
        certified(report.at(2, 1), "0.205177424076185E-03", REGRESSION_DIGITS);
    }

    /** Of a degree at which doubles lose every digit. */
    @Test
    void aPolynomialOfDegreeTenThroughFilip() {
        List<String[]> rows = read("filip");
        Table report = polynomial(column(rows, 0), rows.size(), i -> rows.get(i)[1], 10);
        certifiedCoefficients(
                report,
                "-1467.48961422980",
                "-2772.17959193342",
                "-2316.37108160893",
                "-1127.97394098372",
                "-354.478233703349",
                "-75.1242017393757",
                "-10.8753180355343",
                "-1.06221498588947",
                "-0.670191154593408E-01",
                "-0.246781078275479E-02",
                "-0.402962525080404E-04");
        certified(report.at(2, 0), "0.996727416185620", REGRESSION_DIGITS);
        certified(report.at(2, 1), "0.334801051324544E-02", REGRESSION_DIGITS);
    }

    /** The polynomial of Wampler1 under deviations that grow from set to set. */
    @ParameterizedTest
    @CsvSource({
        "0, 2360.14502379268, 0.999995559025820",
        "1, 236014.502379268, 0.957478440825662",
        "2, 23601450.2379268, 0.224668921574940E-02",
    })
    void polynomialsThroughWamplerWithDeviations(int set, String error, String rsquared) {
        List<String[]> rows = read("wampler");
        Table report = polynomial(column(rows, set), rows.size(), String::valueOf, 5);
        certifiedCoefficients(report, "1", "1", "1", "1", "1", "1");
        certified(report.at(2, 0), rsquared, REGRESSION_DIGITS);
        certified(report.at(2, 1), error, REGRESSION_DIGITS);
    }

    /** The report of a fit to the powers of x up to a degree. */
    private static Table polynomial(Table y, int count, IntFunction<String> x, int degree) {
        Table powers = table(
                count,
                degree,
                i -> new BigDecimal(x.apply(i / degree)).pow(1 + i % degree).toPlainString());
        return (Table) call("linearfit", y, powers, new Truth(true), new Truth(true));
    }

    /** The report has the coefficient of the highest power first. */
    private static void certifiedCoefficients(Table report, String... fromConstant) {
        for (int power = 0; power < fromConstant.length; power++) {
            certified(report.at(0, fromConstant.length - 1 - power), fromConstant[power], REGRESSION_DIGITS);
        }
    }

    /** Agreement to so many digits: the logarithm of the relative error, as StRD itself measures. */
    private static void certified(Value value, String certified, int digits) {
        Real got = ((NumberValue) value).real();
        double wanted = Double.parseDouble(certified);
        double error = wanted == 0 ? Math.abs(got.toDouble()) : Math.abs(got.toDouble() - wanted) / Math.abs(wanted);
        assertThat(error).as(certified + ", got " + got.toDouble()).isLessThanOrEqualTo(0.5 * Math.pow(10, -digits));
    }

    private static Value call(String name, Value... given) {
        Function function = Catalogue.STANDARD.function(name).orElseThrow();
        return function.call(new Arguments(
                function,
                IntStream.range(0, given.length).boxed().toList(),
                i -> given[i],
                References.NONE,
                Surroundings.USUAL));
    }

    private static Table column(List<String[]> rows, int column) {
        return table(rows.size(), 1, i -> rows.get(i)[column]);
    }

    private static Table table(int rows, int columns, IntFunction<String> numbers) {
        List<Value> cells = new ArrayList<>(Collections.nCopies(rows * columns, NumberValue.of(0)));
        for (int i = 0; i < rows * columns; i++) {
            cells.set(i, new NumberValue(Rational.of(new BigDecimal(numbers.apply(i)))));
        }
        return new ArrayTable(rows, columns, cells);
    }

    /** The rows of a set without its source and its heading. */
    private static List<String[]> read(String set) {
        try (InputStream in =
                Objects.requireNonNull(CertifiedStatisticsTest.class.getResourceAsStream("strd/" + set + ".csv"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(2)
                    .map(line -> line.split(","))
                    .toList();
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }
}
