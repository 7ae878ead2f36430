package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Single cases at the edges of the tower: what is undefined, what is just short enough to be exact, and what is not. */
class TowerCasesTest {
    private static final Real INFINITE = Real.from(Double.POSITIVE_INFINITY);
    private static final Real TWO = Rational.of(2);

    @Test
    void remaindersThatAreNoneSayWhy() {
        assertThat(INFINITE.modulo(TWO)).isEqualTo(Undefined.NO_REAL_RESULT);
        assertThat(TWO.modulo(Rational.ZERO)).isEqualTo(Undefined.DIVIDE_BY_ZERO);
        assertThat(INFINITE.floorDividedBy(TWO)).isEqualTo(Undefined.NO_REAL_RESULT);
        assertThat(Rational.of(-7).modulo(TWO)).isEqualTo(Rational.ONE);
    }

    @Test
    void whatHasNoDirectionOrNoPlacesIsUndefined() {
        assertThat(InverseAngles.atan2(INFINITE, INFINITE)).isEqualTo(Undefined.NO_REAL_RESULT);
        assertThat(Rounding.places(INFINITE, 2, RoundingMode.HALF_UP)).isEqualTo(Undefined.NO_REAL_RESULT);
    }

    @ParameterizedTest
    @CsvSource({"0, 2", "-1, 2", "5, 0", "5, -3"})
    void logarithmsAreOfWhatIsAboveZero(long x, long base) {
        assertThat(Elementary.log(Rational.of(x), Rational.of(base))).isEqualTo(Undefined.NO_REAL_RESULT);
    }

    @Test
    void aMultipleOfPiWhoseFractionGetsTooLongIsRounded() {
        BigInteger above = BigInteger.valueOf(3).pow(2000);
        BigInteger below = BigInteger.valueOf(5).pow(1365);
        Rational part = Rational.of(above, below);
        Result product = PiMultiple.of(part).times(part);
        double wanted = Math.PI * part.toDouble() * part.toDouble();
        assertThat(product).isInstanceOf(Approximate.class);
        assertThat(((Real) product).toDouble()).isCloseTo(wanted, within(wanted * 1e-14));
    }

    @Test
    void onlyTheLongPartOfAFractionIsAbbreviated() {
        Rational small = Rational.of(BigInteger.ONE, BigInteger.valueOf(3).pow(2500));
        assertThat(Plain.abbreviated(small, 50)).startsWith("1/").endsWith("[1193 digits]");
        assertThat(Plain.abbreviated(Rational.of(1, 3), 50)).isEqualTo("1/3");
    }

    @ParameterizedTest
    @CsvSource({"12345, 100, 5, 123.45", "12345, 100, 4, ", "1, 32, 8, 0.03125", "1, 3, 20, "})
    void aDecimalSaysAllOfAFractionOrNothing(long above, long below, int digits, String decimal) {
        assertThat(Plain.decimal(Rational.of(above, below), digits).orElse(null))
                .isEqualTo(decimal);
    }

    @Test
    void unlikeFractionsHaveUnlikeHashes() {
        Set<Integer> hashes = new HashSet<>();
        int count = 0;
        for (long above = 1; above <= 60; above++) {
            for (long below = 61; below <= 90; below++) {
                if (BigInteger.valueOf(above).gcd(BigInteger.valueOf(below)).equals(BigInteger.ONE)) {
                    hashes.add(Rational.of(above, below).hashCode());
                    count++;
                }
            }
        }
        assertThat(hashes.size()).isGreaterThan(count * 9 / 10);
    }

    @Test
    void fractionsOfSmallNumbersAreInLowestTerms() {
        for (long above = -150; above <= 150; above++) {
            for (long below = 1; below <= 150; below++) {
                BigInteger shared = BigInteger.valueOf(above).gcd(BigInteger.valueOf(below));
                Rational fraction = Rational.of(above, below);
                assertThat(fraction.numerator())
                        .isEqualTo(BigInteger.valueOf(above).divide(shared));
                assertThat(fraction.denominator())
                        .isEqualTo(BigInteger.valueOf(below).divide(shared));
            }
        }
    }

    @Test
    void fractionsOfLongNumbersAreRoundedOnceToADouble() {
        Seeded.cases(5_000, random -> {
            long above = random.nextLong() >> random.nextInt(12);
            long below = (random.nextLong() >>> 1 + random.nextInt(12)) | 1;
            double nearest = new BigDecimal(above)
                    .divide(new BigDecimal(below), new MathContext(60))
                    .doubleValue();
            assertThat(Rational.of(above, below).toDouble()).isEqualTo(nearest);
        });
        assertThat(Rational.of((1L << 53) + 1, 3).toDouble())
                .isEqualTo(new BigDecimal((1L << 53) + 1)
                        .divide(new BigDecimal(3), new MathContext(60))
                        .doubleValue());
    }

    @Test
    void powersAreExactAsLongAsTheyAreShortEnough() {
        BigInteger large = BigInteger.valueOf(3).pow(5000);
        assertThat(Rational.of(3).power(Rational.of(5000))).isEqualTo(Rational.of(large));
        assertThat(Rational.of(1, 3).power(Rational.of(-5000))).isEqualTo(Rational.of(large));
        Rational most = Rational.of(99, 100);
        assertThat(most.power(Rational.of(500))).isInstanceOf(Rational.class);
        assertThat(most.power(Rational.of(-500)))
                .isEqualTo(Rational.of(
                        BigInteger.valueOf(100).pow(500), BigInteger.valueOf(99).pow(500)));
        Result rounded = most.power(Rational.of(1000));
        assertThat(rounded).isInstanceOf(Approximate.class);
        assertThat(((Real) rounded).toDouble()).isCloseTo(Math.pow(0.99, 1000), within(1e-17));
        assertThat(Rational.of(2, 3).power(Rational.of(BigInteger.ONE.shiftLeft(40))))
                .isEqualTo(Undefined.TOO_LARGE);
        assertThat(Rational.of(-1).power(Rational.of(BigInteger.ONE.shiftLeft(40))))
                .isEqualTo(Rational.ONE);
        assertThat(Rational.of(-1)
                        .power(Rational.of(BigInteger.ONE.shiftLeft(40).add(BigInteger.ONE))))
                .isEqualTo(Rational.of(-1));
    }

    @Test
    void powersOfInfinityAreThoseOfDoubles() {
        assertThat(INFINITE.power(Rational.of(1, 2))).isEqualTo(INFINITE);
        assertThat(INFINITE.power(Rational.of(-1, 2)))
                .satisfies(power -> assertThat(((Real) power).toDouble()).isZero());
        assertThat(Rational.ZERO.power(Rational.of(-1, 2))).isEqualTo(Undefined.DIVIDE_BY_ZERO);
        assertThat(Rational.ZERO.power(Rational.of(-3))).isEqualTo(Undefined.DIVIDE_BY_ZERO);
        assertThat(Rational.ZERO.power(Rational.of(3))).isEqualTo(Rational.ZERO);
    }

    @Test
    void primesAreToldFromOtherNumbersOfAnySize() {
        BigInteger prime = BigInteger.ONE.shiftLeft(89).subtract(BigInteger.ONE); // a Mersenne prime
        assertThat(WholeNumbers.isPrime(prime)).isTrue();
        assertThat(WholeNumbers.isPrime(prime.add(BigInteger.TWO))).isFalse();
        assertThat(WholeNumbers.isPrime(new BigInteger("10000000000037").multiply(new BigInteger("10000000000051"))))
                .isFalse();
        assertThat(IntStream.rangeClosed(-3, 60).filter(n -> WholeNumbers.isPrime(BigInteger.valueOf(n))))
                .containsExactly(2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53, 59);
        assertThat(IntStream.rangeClosed(0, 12)
                        .map(n -> WholeNumbers.nextPrime(BigInteger.valueOf(n)).intValue()))
                .containsExactly(2, 2, 3, 5, 5, 7, 7, 11, 11, 11, 11, 13, 13);
    }
}
