package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import org.apache.commons.numbers.core.DD;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Functions to some thirty digits; single values are held against 50 digits in {@code FiftyDigitsTest}. */
class ExtendedTest {
    @Test
    void theLogarithmUndoesTheExponential() {
        Seeded.cases(1_000, random -> {
            DD x = DD.ofSum(random.nextGaussian() * 100, random.nextGaussian() * 1e-16);
            DD back = Extended.ln(Extended.exp(x));
            assertThat(back.subtract(x).hi()).isCloseTo(0, within(1e-29 * Math.max(1, Math.abs(x.hi()))));
        });
    }

    @Test
    void nearOneTheLogarithmKeepsItsDigits() {
        Seeded.cases(500, random -> {
            int digits = random.nextInt(25) + 1;
            Rational off = Rational.of(BigInteger.valueOf(random.nextInt(900) + 1), BigInteger.TEN.pow(digits + 3));
            DD log = Extended.ln((Real) Rational.ONE.plus(off));
            double t = off.toDouble();
            if (t < 1e-6) {
                double series = t - t * t / 2 + t * t * t / 3;
                assertThat(log.hi()).isCloseTo(series, within(Math.ulp(series) * 2));
            }
        });
    }

    @Test
    void sineAndCosineLieOnTheCircleForAnglesOfAnyLength() {
        Seeded.cases(300, random -> {
            BigInteger above = new BigInteger(random.nextInt(600) + 1, random);
            BigInteger below = BigInteger.valueOf(random.nextInt(1_000) + 1);
            Extended.SineAndCosine angle =
                    Extended.sineAndCosine(Rational.of(above, below)).orElseThrow();
            DD sum = angle.sine().square().add(angle.cosine().square());
            assertThat(sum.subtract(1).hi()).isCloseTo(0, within(1e-30));
        });
    }

    @Test
    void sinesOfSumsAreMadeOfThoseOfTheirParts() {
        Seeded.cases(300, random -> {
            Rational a = Rational.of(new BigInteger(200, random), BigInteger.valueOf(97));
            Rational b = Rational.of(new BigInteger(100, random), BigInteger.valueOf(89));
            Extended.SineAndCosine first = Extended.sineAndCosine(a).orElseThrow();
            Extended.SineAndCosine second = Extended.sineAndCosine(b).orElseThrow();
            DD expected =
                    first.sine().multiply(second.cosine()).add(first.cosine().multiply(second.sine()));
            DD sum = Extended.sineAndCosine((Rational) a.plus(b)).orElseThrow().sine();
            assertThat(sum.subtract(expected).hi()).isCloseTo(0, within(1e-29));
        });
    }

    @Test
    void anAngleIsFoundFromItsPoint() {
        Seeded.cases(300, random -> {
            double turn = random.nextDouble() * Math.PI;
            Extended.SineAndCosine point =
                    Extended.sineAndCosine(Rational.of(new BigDecimal(turn))).orElseThrow();
            DD angle = Extended.angle(point.sine(), point.cosine());
            assertThat(angle.subtract(turn).hi()).isCloseTo(0, within(1e-29));
        });
    }

    @ParameterizedTest(name = "{0} to the power of {1}")
    @CsvSource({
        "2, 10, 1024",
        "9, 1/2, 3",
        "1/4, -1/2, 2",
        "1000000, 1/6, 10",
        "1/1000, 1/3, 1/10",
        "7, 0, 1",
    })
    void powersThatAreRationalComeOutSo(String base, String exponent, String power) {
        DD off = Extended.power(rational(base), rational(exponent)).subtract(Extended.of(rational(power)));
        assertThat(off.hi()).isCloseTo(0, within(1e-27));
    }

    @Test
    void pastAllDoublesTheExponentialIsInfiniteOrNothing() {
        assertThat(Extended.exp(DD.of(1e4)).hi()).isInfinite();
        assertThat(Extended.exp(DD.of(-1e4)).hi()).isZero();
        assertThat(Extended.ln(Rational.of(BigInteger.TEN.pow(5_000))).hi())
                .isCloseTo(5_000 * Math.log(10), within(1e-11));
        assertThat(Extended.ln(Rational.of(BigInteger.ONE, BigInteger.TEN.pow(5_000)))
                        .hi())
                .isCloseTo(-5_000 * Math.log(10), within(1e-11));
    }

    private static Rational rational(String text) {
        String[] parts = text.split("/");
        return Rational.of(new BigInteger(parts[0]), parts.length == 1 ? BigInteger.ONE : new BigInteger(parts[1]));
    }
}
