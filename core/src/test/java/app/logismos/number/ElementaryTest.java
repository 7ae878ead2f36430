package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against references of 30 digits and more, worked out with arbitrary precision. */
class ElementaryTest {
    @ParameterizedTest
    @CsvSource({
        "1, 2.71828182845904523536028747135266",
        "-0.46, 0.631283645506925969295234533962",
        "700.1, 1.12089977107323542639748742623e304", // the argument's rounding alone would cost two digits
        "0.000000001, 1.00000000100000000050000000016667",
    })
    void exp(BigDecimal x, BigDecimal expected) {
        assertNear(Elementary::exp, x, expected);
    }

    @ParameterizedTest
    @CsvSource({
        "2, 0.693147180559945309417232121458",
        "10, 2.30258509299404568401799145468",
        "1.0000000001, 9.9999999995000000000333333333e-11", // not the logarithm of the nearest double
        "0.9999999999, -1.00000000005000000000333333333e-10",
        "1e400, 921.034037197618273607196581873745",
    })
    void ln(BigDecimal x, BigDecimal expected) {
        assertNear(Elementary::ln, x, expected);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 0.841470984807896506652502321630",
        "0.1, 0.0998334166468281523068141984106",
        "3.1415926535, 8.97932384626433832795e-11", // next to a multiple of π
        "100, -0.506365641109758793656557610459",
    })
    void sin(BigDecimal x, BigDecimal expected) {
        assertNear(Elementary::sin, x, expected);
    }

    @ParameterizedTest
    @CsvSource({"1, 0.540302305868139717400936607443", "1.5707963267, 9.48966192313216916398e-11"})
    void cos(BigDecimal x, BigDecimal expected) {
        assertNear(Elementary::cos, x, expected);
    }

    @ParameterizedTest
    @CsvSource({"1, 1.55740772465490223050697480746", "0.5, 0.546302489843790513255179465780"})
    void tan(BigDecimal x, BigDecimal expected) {
        assertNear(Elementary::tan, x, expected);
    }

    @ParameterizedTest
    @CsvSource({
        // times π, sine, cosine, tangent
        "0, 1, 0, 1, 0",
        "1, 12, √6/4 - √2/4, √2/4 + √6/4, 2 - √3",
        "1, 10, √5/4 - 1/4, , ",
        "1, 8, , , √2 - 1",
        "1, 6, 1/2, √3/2, √3/3",
        "1, 5, , 1/4 + √5/4, ",
        "1, 4, √2/2, √2/2, 1",
        "3, 10, 1/4 + √5/4, , ",
        "1, 3, √3/2, 1/2, √3",
        "3, 8, , , 1 + √2",
        "2, 5, , √5/4 - 1/4, ",
        "5, 12, √2/4 + √6/4, √6/4 - √2/4, 2 + √3",
        "1, 2, 1, 0, ",
        "5, 6, 1/2, -√3/2, -√3/3",
        "1, 1, 0, -1, 0",
        "7, 6, -1/2, -√3/2, √3/3",
        "3, 2, -1, 0, ",
        "7, 4, -√2/2, √2/2, -1",
        "13, 6, 1/2, √3/2, √3/3",
        "-1, 6, -1/2, √3/2, -√3/3",
    })
    void sinesCosinesAndTangentsThatAreSumsOfRootsAreExact(
            long above, long below, String sine, String cosine, String tangent) {
        Real angle = PiMultiple.of(Rational.of(above, below));
        assertExactly(Elementary.sin(angle), sine);
        assertExactly(Elementary.cos(angle), cosine);
        if (tangent != null) {
            assertExactly(Elementary.tan(angle), tangent);
        }
    }

    private static void assertExactly(Result result, String expected) {
        if (expected == null) {
            assertThat(((Real) result).isExact()).isFalse();
        } else {
            assertThat(Plain.text((Real) result)).isEqualTo(expected);
        }
    }

    @Test
    void theTangentOfARightAngleDividesByZero() {
        assertThat(Elementary.tan(PiMultiple.of(Rational.of(1, 2)))).isEqualTo(Undefined.DIVIDE_BY_ZERO);
    }

    @ParameterizedTest
    @CsvSource({"1000, 10, 3", "8, 2, 3", "1/8, 2, -3", "1, 7, 0", "1024, 4, 5", "1e300, 10, 300"})
    void logarithmsOfWholePowersAreExact(String x, long base, String expected) {
        String[] parts = x.split("/");
        Real number = parts.length == 2
                ? Rational.of(Long.parseLong(parts[0]), Long.parseLong(parts[1]))
                : Rational.of(new BigDecimal(x));
        assertThat(Plain.text((Real) Elementary.log(number, Rational.of(base)))).isEqualTo(expected);
    }

    @Test
    void anExponentialPastTheDoublesKeepsItsSizeAndPastAllBoundsIsTooLarge() {
        assertThat(Plain.text((Real) Elementary.exp(Rational.of(1_000)))).isEqualTo("1.970071114017047e434");
        assertThat(Plain.text((Real) Elementary.exp(Rational.of(-1_000)))).isEqualTo("5.0759588975494568e-435");
        assertThat(Elementary.exp(Rational.of(10_000_000))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Elementary.exp(Rational.of(-10_000_000))).isEqualTo(Undefined.TOO_LARGE);
    }

    private static void assertNear(Function<Real, Result> function, BigDecimal x, BigDecimal expected) {
        double answer = ((Real) function.apply(Rational.of(x))).toDouble();
        BigDecimal miss = new BigDecimal(answer).subtract(expected).abs();
        assertThat(miss).isLessThanOrEqualTo(new BigDecimal(2 * Math.ulp(answer)));
    }
}
