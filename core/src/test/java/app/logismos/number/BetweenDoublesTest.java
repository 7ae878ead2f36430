package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Functions at exact arguments between two doubles: rounding the argument first would cost more than the last place. */
class BetweenDoublesTest {
    private static final Map<String, Function<Real, Result>> FUNCTIONS = Map.of(
            "exp", Elementary::exp,
            "ln", Elementary::ln,
            "sin", Elementary::sin,
            "cos", Elementary::cos,
            "tan", Elementary::tan,
            "asin", InverseAngles::asin,
            "acos", InverseAngles::acos);

    @ParameterizedTest(name = "{0}({1}, {2})")
    @CsvFileSource(resources = "between-doubles.csv", numLinesToSkip = 2)
    void theArgumentIsNotRounded(String function, String x, @Nullable String y, BigDecimal expected) {
        Rational exact = fraction(x);
        Real near = Real.from(exact.toDouble());
        if (y == null) {
            assertThat(ulps(FUNCTIONS.get(function).apply(exact), expected)).isLessThanOrEqualTo(2);
            assertThat(ulps(FUNCTIONS.get(function).apply(near), expected)).isGreaterThan(1);
        } else {
            Rational exponent = fraction(y);
            Real nearExponent = Real.from(exponent.toDouble());
            assertThat(ulps(exact.power(exponent), expected)).isLessThanOrEqualTo(2);
            assertThat(ulps(near.power(nearExponent), expected)).isGreaterThan(1);
        }
    }

    private static Rational fraction(String text) {
        String[] parts = text.split("/");
        return Rational.of(new BigInteger(parts[0]), parts.length == 1 ? BigInteger.ONE : new BigInteger(parts[1]));
    }

    /** How far a number is from the one expected, in units in the last place. */
    private static double ulps(Result answer, BigDecimal expected) {
        double number = ((Real) answer).toDouble();
        return new BigDecimal(number).subtract(expected).abs().doubleValue() / Math.ulp(expected.doubleValue());
    }
}
