package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RootSumTest {
    @ParameterizedTest
    @CsvSource({
        "12, 1, 2√3",
        "1, 2, √2/2",
        "9, 8, 3√2/4",
        "2000000000000000000000000000000, 1, 1000000000000000√2",
        "999999866000004473, 1, √999999866000004473", // the product of two primes
        "1000000014000000049, 2, 1000000007√2/2", // a prime squared
        "1000000016000000063, 1, 1000000008", // two primes whose product is too long to be taken apart: a double
    })
    void theRootOfAFractionIsTakenOutAsFarAsItGoes(BigInteger above, BigInteger below, String expected) {
        assertThat(Plain.text((Real) Powers.sqrt(Rational.of(above, below)))).isEqualTo(expected);
    }

    @Test
    void squareFactorsOfEveryWholeNumberAreFoundAsByTryingAllOfThem() {
        for (int n = 2; n <= 5_000; n++) {
            int best = 1;
            for (int root = 2; root * root <= n; root++) {
                best = n % (root * root) == 0 ? root : best;
            }
            Squares found = Squares.of(BigInteger.valueOf(n)).orElseThrow();
            assertThat(found.root()).as("the square in " + n).isEqualTo(BigInteger.valueOf(best));
            assertThat(found.root().pow(2).multiply(found.rest())).isEqualTo(BigInteger.valueOf(n));
        }
    }

    @Test
    void squaresOfLargePrimesAreFoundOrTheRootStaysApproximate() {
        Seeded.cases(60, random -> {
            BigInteger prime = BigInteger.probablePrime(18 + random.nextInt(14), random);
            BigInteger other = BigInteger.probablePrime(2 + random.nextInt(20), random);
            BigInteger number = prime.pow(2).multiply(other);
            Squares.of(number).ifPresent(found -> {
                assertThat(found.rest()).isEqualTo(other.equals(prime) ? prime : other);
                assertThat(found.root()).isEqualTo(prime);
            });
        });
    }

    @Test
    void theySatisfyTheLawsOfAField() {
        Seeded.cases(400, random -> {
            Real a = sum(random);
            Real b = sum(random);
            Real c = sum(random);
            assertThat(a.plus(b)).isEqualTo(b.plus(a));
            assertThat(a.times(b)).isEqualTo(b.times(a));
            assertThat(times(times(a, b), c)).isEqualTo(times(a, times(b, c)));
            assertThat(times(a, plus(b, c))).isEqualTo(plus(times(a, b), times(a, c)));
            assertThat(a.minus(a)).isEqualTo(Rational.ZERO);
            if (a.signum() != 0) {
                assertThat(a.dividedBy(a)).isEqualTo(Rational.ONE);
                assertThat(times((Real) b.dividedBy(a), a)).isEqualTo(b);
            }
        });
    }

    @Test
    void theirOrderIsThatOfTheirDoublesWhereTheseDiffer() {
        Seeded.cases(400, random -> {
            Real a = sum(random);
            Real b = sum(random);
            double difference = a.toDouble() - b.toDouble();
            if (Math.abs(difference) > 1e-9) {
                assertThat(a.compareTo(b)).isEqualTo((int) Math.signum(difference));
            }
            assertThat(a.compareTo(b)).isEqualTo(-b.compareTo(a));
            assertThat(a.compareTo(b) == 0).isEqualTo(a.equals(b));
        });
    }

    @Test
    void sumsThatAreNearlyAlikeAreStillTold() {
        // √2 + √3 and a fraction that agrees with it in sixty digits.
        Real sum = plus(root(2), root(3));
        Rational near = ((RootSum) sum).near(200);
        assertThat(sum.compareTo(near)).isNotZero();
        assertThat(sum.compareTo(near)).isEqualTo(-near.compareTo(sum));
        // (1 + √2)^40 is within 5e-16 of a whole number.
        Real power = (Real) plus(Rational.ONE, root(2)).power(Rational.of(40));
        Real whole = plus(power, (Real) plus(Rational.ONE, root(2).negate()).power(Rational.of(40)));
        assertThat(whole).isInstanceOf(Rational.class);
        assertThat(power.compareTo(whole)).isEqualTo(-1);
        assertThat(Rounding.floor(power)).isEqualTo(whole.minus(Rational.ONE));
    }

    @Test
    void aFractionRoundsAsItsDigitsSay() {
        assertThat(Rounding.places(root(2), 60, RoundingMode.HALF_UP))
                .isEqualTo(Rational.read("1.41421356237309504880168872420969807856967187537694807317668")
                        .orElseThrow());
        assertThat(Rounding.places(PiMultiple.of(Rational.ONE), 50, RoundingMode.HALF_UP))
                .isEqualTo(Rational.read("3.14159265358979323846264338327950288419716939937511")
                        .orElseThrow());
        assertThat(Rounding.places(root(2), -1, RoundingMode.HALF_UP)).isEqualTo(Rational.ZERO);
    }

    @Test
    void moreThanEightTermsAreApproximate() {
        Real sum = Rational.ZERO;
        for (int prime : new int[] {2, 3, 5, 7, 11, 13, 17, 19}) {
            sum = plus(sum, root(prime));
            assertThat(sum.isExact()).isTrue();
        }
        assertThat(plus(sum, root(23)).isExact()).isFalse();
        assertThat(plus(sum, root(23)).toDouble()).isCloseTo(28.228095816796795, within(1e-13));
    }

    @ParameterizedTest
    @ValueSource(ints = {-7, -2, -1, 1, 2, 3, 30})
    void aWholePowerIsTheProductOfSoMany(int exponent) {
        Real base = plus(Rational.of(1, 2), (Real) root(5).dividedBy(Rational.of(2)));
        Real product = Rational.ONE;
        for (int i = 0; i < Math.abs(exponent); i++) {
            product = times(product, base);
        }
        assertThat(base.power(Rational.of(exponent)))
                .isEqualTo(exponent < 0 ? Rational.ONE.dividedBy(product) : product);
    }

    @Test
    void anEvenPowerOfARootIsAsLongAsAWholeNumberMayBe() {
        assertThat(root(2).power(Rational.of(20_000))).isEqualTo(Rational.of(BigInteger.ONE.shiftLeft(10_000)));
    }

    @Test
    void multiplesOfPiTakeARootWithThem() {
        Real pi = PiMultiple.of(Rational.ONE);
        Real product = (Real) times(pi, root(2)).dividedBy(Rational.of(3));
        assertThat(Plain.text(product)).isEqualTo("π√2/3");
        assertThat(product.toDouble()).isEqualTo(1.480960979386122);
        assertThat(times(product, root(2))).isEqualTo(PiMultiple.of(Rational.of(2, 3)));
        assertThat(product.dividedBy(pi)).isEqualTo(root(2).dividedBy(Rational.of(3)));
        assertThat(product.minus(product)).isEqualTo(Rational.ZERO);
        assertThat(Elementary.sin(product)).isInstanceOf(Approximate.class);
        assertThat(times(pi, pi).isExact()).isFalse();
    }

    @Test
    void anglesWithAnExactSineOrTangentComeBackFromIt() {
        for (Rational times : new Rational[] {
            Rational.of(1, 12),
            Rational.of(1, 10),
            Rational.of(1, 6),
            Rational.of(1, 4),
            Rational.of(3, 10),
            Rational.of(1, 3),
            Rational.of(5, 12),
            Rational.of(1, 2)
        }) {
            Real angle = PiMultiple.of(times);
            assertThat(InverseAngles.asin((Real) Elementary.sin(angle))).isEqualTo(angle);
            Real cosine = (Real) Elementary.cos(angle);
            assertThat(InverseAngles.acos(cosine).equals(angle)).isEqualTo(cosine.isExact());
            assertThat(InverseAngles.asin((Real) Elementary.sin(angle.negate())))
                    .isEqualTo(angle.negate());
            if (Elementary.tan(angle) instanceof Real tangent) {
                assertThat(InverseAngles.atan(tangent).equals(angle)).isEqualTo(tangent.isExact());
                assertThat(InverseAngles.acot(tangent).equals(PiMultiple.of((Rational)
                                Rational.of(1, 2).minus(times))))
                        .isEqualTo(tangent.isExact());
            }
        }
    }

    private static Real root(long number) {
        return (Real) Powers.sqrt(Rational.of(number));
    }

    private static Real plus(Real a, Real b) {
        return (Real) a.plus(b);
    }

    private static Real times(Real a, Real b) {
        return (Real) a.times(b);
    }

    /** A sum of up to four terms in the roots of 2, 3 and 6. */
    private static Real sum(Random random) {
        Real sum = Rational.of(random.nextInt(19) - 9, 1 + random.nextInt(6));
        for (int under : new int[] {2, 3, 6}) {
            sum = plus(sum, times(Rational.of(random.nextInt(11) - 5, 1 + random.nextInt(3)), root(under)));
        }
        return sum;
    }
}
