package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The ends of what functions take and give: infinities, zero, exact angles, and numbers of a million digits. */
class BoundsTest {
    private static final Map<String, Function<Real, Result>> OF_ONE = Map.ofEntries(
            Map.entry("exp", Elementary::exp),
            Map.entry("ln", Elementary::ln),
            Map.entry("asin", InverseAngles::asin),
            Map.entry("acos", InverseAngles::acos),
            Map.entry("atan", InverseAngles::atan),
            Map.entry("acot", InverseAngles::acot),
            Map.entry("acosh", InverseAngles::acosh),
            Map.entry("atanh", InverseAngles::atanh));
    private static final Map<String, BiFunction<Real, Real, Result>> OF_TWO =
            Map.of("log", Elementary::log, "atan2", InverseAngles::atan2, "power", Powers::power);

    @ParameterizedTest(name = "{0}({1}) = {2}")
    @CsvSource({
        "exp, 0, 1",
        "exp, 1000, 1.970071114017047e434",
        "exp, 10000000, TOO_LARGE",
        "exp, inf, inf",
        "exp, -inf, 0",
        "ln, 0, NO_REAL_RESULT",
        "ln, -1, NO_REAL_RESULT",
        "ln, 1, 0",
        "ln, inf, inf",
        "asin, 2, NO_REAL_RESULT",
        "asin, -2, NO_REAL_RESULT",
        "asin, 1, π/2",
        "asin, -1, -π/2",
        "asin, 1/2, π/6",
        "asin, 0, 0",
        "acos, 2, NO_REAL_RESULT",
        "acos, 1/2, π/3",
        "acos, -1, π",
        "acos, 1, 0",
        "acos, 1/4, 1.318116071652818",
        "atan, 0, 0",
        "atan, 1, π/4",
        "atan, -1, -π/4",
        "atan, inf, π/2",
        "atan, -inf, -π/2",
        "acot, 0, π/2",
        "acot, 1, π/4",
        "acot, -1, 3π/4",
        "acot, 2, 0.4636476090008061",
        "acot, -2, 2.677945044588987",
        "acosh, 1, 0",
        "acosh, 1/2, NO_REAL_RESULT",
        "acosh, 2, 1.3169578969248166",
        "acosh, 1000000000, 21.416413017506358",
        "acosh, inf, inf",
        "atanh, 1, NO_REAL_RESULT",
        "atanh, -1, NO_REAL_RESULT",
        "atanh, 2, NO_REAL_RESULT",
        "atanh, 0, 0",
        "atanh, 1/2, 0.5493061443340548",
        "atanh, -1/2, -0.5493061443340548",
    })
    void functionsOfOneNumberHoldAtTheirEnds(String function, String argument, String expected) {
        assertThat(text(OF_ONE.get(function).apply(number(argument)))).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0}({1}, {2}) = {3}")
    @CsvSource({
        "log, 8, 2, 3",
        "log, 1/8, 2, -3",
        "log, 9, 3, 2",
        "log, 1000, 10, 3",
        "log, 1001, 10, 3.000434077479319",
        "log, 2, 10, 0.3010299956639812",
        "log, 2, 1, DIVIDE_BY_ZERO",
        "log, 0, 2, NO_REAL_RESULT",
        "log, 2, 0, NO_REAL_RESULT",
        "log, 2, -1, NO_REAL_RESULT",
        "log, 1, 5, 0",
        "atan2, 0, 0, NO_REAL_RESULT",
        "atan2, 1, 0, π/2",
        "atan2, -1, 0, -π/2",
        "atan2, 0, 1, 0",
        "atan2, 0, -1, π",
        "atan2, 1, 1, π/4",
        "atan2, 1, -1, 3π/4",
        "atan2, -1, -1, -3π/4",
        "atan2, -1, 1, -π/4",
        "atan2, 2, -1, 2.0344439357957027",
        "atan2, -2, -1, -2.0344439357957027",
        "atan2, 2, 1, 1.1071487177940904",
        "power, 1, 1099511627776, 1",
        "power, -1, 1099511627776, 1",
        "power, -1, 1099511627777, -1",
        "power, 2, 1099511627776, TOO_LARGE",
        "power, 0, 5, 0",
        "power, 0, -5, DIVIDE_BY_ZERO",
        "power, 0, 1/2, 0",
        "power, 0, -1/2, DIVIDE_BY_ZERO",
        "power, 5, 0, 1",
        "power, 5, 1, 5",
        "power, 2/3, 5, 32/243",
        "power, 2/3, -5, 243/32",
        "power, -2/3, -3, -27/8",
        "power, 8, 1/3, 2",
        "power, 27/8, 2/3, 9/4",
        "power, 27/8, -2/3, 4/9",
        "power, 2, 1/2, √2",
        "power, -8, 1/2, NO_REAL_RESULT",
        "power, 10, 1000000, TOO_LARGE",
        "power, 1/10, 1000001, TOO_LARGE",
        "power, inf, 2, inf",
        "power, 1/2, inf, 0",
        "power, 10001/10000, 10000, 2.718145926825225", // too long to be kept exactly
    })
    void functionsOfTwoNumbersHoldAtTheirEnds(String function, String one, String other, String expected) {
        assertThat(text(OF_TWO.get(function).apply(number(one), number(other)))).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} against {1}: {2}")
    @CsvSource({
        "inf, 5, 1",
        "-inf, 5, -1",
        "5, inf, -1",
        "inf, inf, 0",
        "inf, -inf, 1",
        "π, 22/7, -1",
        "π, 3, 1",
        "-π, -3, -1",
        "1/3, 0.5, -1",
        "0, -1, 1",
        "7/3, 7/3, 0",
    })
    void numbersOfAllKindsHaveOneOrder(String one, String other, int order) {
        assertThat(Integer.signum(number(one).compareTo(number(other)))).isEqualTo(order);
        assertThat(Integer.signum(number(other).compareTo(number(one)))).isEqualTo(-order);
    }

    @Test
    void multiplesOfPiAreOrderedByTheirFactors() {
        assertThat(PiMultiple.of(Rational.of(1, 2))).isGreaterThan(PiMultiple.of(Rational.of(1, 3)));
        assertThat(text(number("π").dividedBy(number("π")))).isEqualTo("1");
        assertThat(text(number("π").dividedBy(Rational.of(4)))).isEqualTo("π/4");
        assertThat(text(number("π").dividedBy(Rational.ZERO))).isEqualTo("DIVIDE_BY_ZERO");
    }

    @Test
    void theLongestNumbersAreTheLastThatAreGiven() {
        assertThat(digits(Powers.power(Rational.of(10), Rational.of(999_999)))).isEqualTo(1_000_000);
        assertThat(digits(Counting.factorial(BigInteger.valueOf(205_022)))).isEqualTo(1_000_000);
        assertThat(Counting.factorial(BigInteger.valueOf(205_023))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Counting.factorial(BigInteger.ONE.shiftLeft(70))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Counting.doubleFactorial(BigInteger.ONE.shiftLeft(31))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Counting.doubleFactorial(BigInteger.valueOf(500_001))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Counting.permutations(BigInteger.ONE.shiftLeft(70), BigInteger.valueOf(50_000)))
                .isEqualTo(Undefined.TOO_LARGE);
        assertThat(Counting.combinations(BigInteger.valueOf(4_000_000), BigInteger.valueOf(2_000_000)))
                .isEqualTo(Undefined.TOO_LARGE);
    }

    @ParameterizedTest
    @CsvSource({"-1, 1", "0, 1", "1, 1", "2, 2", "3, 3", "7, 105", "8, 384", "9, 945", "10, 3840"})
    void doubleFactorialsGoDownInTwos(long n, long expected) {
        assertThat(Counting.doubleFactorial(BigInteger.valueOf(n))).isEqualTo(Rational.of(expected));
    }

    @Test
    void longFactorsAreMultipliedAsTheyAre() {
        BigInteger n = BigInteger.ONE.shiftLeft(70);
        BigInteger product = BigInteger.ONE;
        for (int i = 0; i < 30; i++) {
            product = product.multiply(n.subtract(BigInteger.valueOf(i)));
        }
        assertThat(Counting.permutations(n, BigInteger.valueOf(30))).isEqualTo(Rational.of(product));
        assertThat(Counting.combinations(n, BigInteger.valueOf(30)))
                .isEqualTo(Rational.of(
                        product.divide(((Rational) Counting.factorial(BigInteger.valueOf(30))).numerator())));
        assertThat(Counting.permutations(BigInteger.TWO, BigInteger.TEN)).isEqualTo(Rational.ZERO);
        assertThat(Counting.combinations(BigInteger.TWO, BigInteger.TEN)).isEqualTo(Rational.ZERO);
    }

    @Test
    void logarithmsOfNumbersBeyondDoublesAreNear() {
        Rational large = (Rational) Powers.power(Rational.of(10), Rational.of(400));
        assertThat(text(Elementary.ln(large))).isEqualTo("921.0340371976183");
        assertThat(text(Elementary.ln((Real) Rational.ONE.dividedBy(large)))).isEqualTo("-921.0340371976183");
        assertThat(text(Elementary.log(large, Rational.of(10)))).isEqualTo("400");
    }

    private static int digits(Result result) {
        return Plain.text((Real) result).length();
    }

    private static String text(Result result) {
        return result instanceof Real real ? Plain.text(real) : ((Undefined) result).name();
    }

    private static Real number(String text) {
        String size = text.startsWith("-") ? text.substring(1) : text;
        String[] parts = size.split("/");
        Real number = switch (size) {
            case "inf" -> Real.from(Double.POSITIVE_INFINITY);
            case "π" -> PiMultiple.of(Rational.ONE);
            default ->
                size.contains(".")
                        ? Real.from(Double.parseDouble(size))
                        : parts.length == 2
                                ? Rational.of(Long.parseLong(parts[0]), Long.parseLong(parts[1]))
                                : Rational.of(Long.parseLong(size));
        };
        return text.startsWith("-") ? number.negate() : number;
    }
}
