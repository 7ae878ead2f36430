package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.math.BigInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PowersTest {
    @ParameterizedTest
    @CsvSource({
        "2, 10, 1024",
        "2, -3, 1/8",
        "-2, 3, -8",
        "0, 0, 1", // by definition here
        "0, 5, 0",
        "1, 1000000000000, 1",
        "-1, 1000000000001, -1",
        "8, 1/3, 2",
        "9/16, 1/2, 3/4",
        "4, 3/2, 8",
        "4, -1/2, 1/2",
        "2, 1/2, √2",
        "10, 20, 100000000000000000000",
    })
    void powersAreExactWhereRational(String base, String exponent, String expected) {
        assertThat(Plain.text((Real) real(base).power(real(exponent)))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "0, -1, DIVIDE_BY_ZERO",
        "0, -1/2, DIVIDE_BY_ZERO",
        "-8, 1/3, NO_REAL_RESULT",
        "10, 10000000000, TOO_LARGE", // refused before any work
        "2, 3400000, TOO_LARGE",
        "1/2, 100000000000, TOO_LARGE",
    })
    void powersWithoutAnAnswerSayWhy(String base, String exponent, Undefined expected) {
        assertThat(real(base).power(real(exponent))).isEqualTo(expected);
    }

    @Test
    void rootsOfPowersAreTheBaseAgain() {
        Seeded.cases(500, random -> {
            BigInteger base = new BigInteger(1 + random.nextInt(90), random).add(BigInteger.TWO);
            int degree = 2 + random.nextInt(9);
            Real power = Rational.of(base.pow(degree));
            assertThat(power.power(Rational.of(1, degree))).isEqualTo(Rational.of(base));
            Real next = Rational.of(base.pow(degree).add(BigInteger.ONE));
            Real root = (Real) next.power(Rational.of(1, degree));
            assertThat(root instanceof Approximate
                            || root.power(Rational.of(degree)).equals(next))
                    .isTrue();
        });
    }

    @Test
    void aRootPastTheDoublesIsFoundAllTheSame() {
        Real root = (Real) Powers.sqrt(Rational.of(BigInteger.TEN.pow(401)));
        assertThat(root.toDouble()).isBetween(3.162277660168e200, 3.162277660169e200);
    }

    @Test
    void theRootOfANumberThatIsOnlyNearOneIsNotExact() {
        Real far = (Real) Elementary.exp(Rational.of(2_000));
        assertThat(far.isExact()).isFalse();
        Real root = (Real) Powers.sqrt(far);
        assertThat(root.isExact()).isFalse();
        assertThat(((Real) root.dividedBy((Real) Elementary.exp(Rational.of(1_000)))).toDouble())
                .isCloseTo(1, within(1e-14));
    }

    private static Real real(String text) {
        String[] parts = text.split("/");
        return parts.length == 2
                ? Rational.of(new BigInteger(parts[0]), new BigInteger(parts[1]))
                : Rational.of(new BigInteger(parts[0]));
    }
}
