package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RationalTest {
    @Test
    void aFractionIsInLowestTermsWithAPositiveDenominator() {
        assertThat(Rational.of(6, -4))
                .isEqualTo(Rational.of(-3, 2))
                .extracting(Plain::text)
                .isEqualTo("-3/2");
    }

    @Test
    void zeroAsDenominatorIsAMistakeOfTheProgrammer() {
        assertThatThrownBy(() -> Rational.of(7, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("denominator must not be 0, numerator was 7");
    }

    @ParameterizedTest
    @CsvSource({
        "9223372036854775807, 1, 9223372036854775808", // the first sum past a long
        "-9223372036854775807, -1, -9223372036854775808", // the one long that cannot be negated
        "-9223372036854775807, -2, -9223372036854775809",
        "4611686018427387904, 4611686018427387904, 9223372036854775808",
    })
    void sumsThatLeaveTheFastPathAreExact(long a, long b, String sum) {
        assertThat(Plain.text((Real) Rational.of(a).plus(Rational.of(b)))).isEqualTo(sum);
    }

    @Test
    void aNumberThatFitsIsNeverHeldLong() {
        Real big = (Real) Rational.of(Long.MAX_VALUE).plus(Rational.ONE);
        assertThat(big).isInstanceOf(BigRational.class);
        assertThat(big.minus(Rational.ONE)).isInstanceOf(SmallRational.class).isEqualTo(Rational.of(Long.MAX_VALUE));
    }

    @Test
    void theFourOperationsAgreeWithLongFractions() {
        Seeded.cases(3_000, random -> {
            Fraction a = fraction(random);
            Fraction b = fraction(random);
            assertThat(a.real().plus(b.real())).isEqualTo(a.plus(b).real());
            assertThat(a.real().minus(b.real())).isEqualTo(a.plus(b.negated()).real());
            assertThat(a.real().times(b.real())).isEqualTo(a.times(b).real());
            assertThat(a.real().compareTo(b.real())).isEqualTo(a.compareTo(b));
            if (b.above.signum() != 0) {
                assertThat(a.real().dividedBy(b.real()))
                        .isEqualTo(a.times(b.inverse()).real());
            }
        });
    }

    @Test
    void divisionRoundedDownAndItsRemainderMakeTheNumberAgain() {
        Seeded.cases(2_000, random -> {
            Real a = fraction(random).real();
            Real b = fraction(random).real();
            if (b.signum() == 0) {
                return;
            }
            Real quotient = (Real) a.floorDividedBy(b);
            Real rest = (Real) a.modulo(b);
            assertThat(quotient.isWhole()).isTrue();
            assertThat(((Real) quotient.times(b)).plus(rest)).isEqualTo(a);
            assertThat(rest.signum() == 0 || rest.signum() == b.signum()).isTrue();
            assertThat(rest.abs()).isLessThan(b.abs());
        });
    }

    @Test
    void theNearestDoubleIsThatOfTheDecimalExpansion() {
        Seeded.cases(2_000, random -> {
            Fraction a = fraction(random);
            double nearest = new BigDecimal(a.above)
                    .divide(new BigDecimal(a.below), new MathContext(60))
                    .doubleValue();
            assertThat(a.real().toDouble()).isEqualTo(nearest);
        });
    }

    @Test
    void aFractionPastItsBoundBecomesApproximate() {
        Real base = Rational.of(10_001, 10_000);
        Real power = (Real) base.power(Rational.of(400));
        assertThat(power).isInstanceOf(Approximate.class);
        assertThat(power.toDouble()).isEqualTo(new BigDecimal("1.0001").pow(400).doubleValue());
    }

    @Test
    void aFractionThatNoDoubleIsNearStaysExact() {
        Real tiny = (Real) Rational.of(10).power(Rational.of(-2_000));
        assertThat(tiny).isEqualTo(Rational.of(BigInteger.ONE, BigInteger.TEN.pow(2_000)));
        assertThat(tiny.isExact()).isTrue();
    }

    @Test
    void wholeNumbersEndAtAMillionDigits() {
        Real longest = (Real) Rational.of(10).power(Rational.of(999_999));
        assertThat(longest.isWhole()).isTrue();
        assertThat(longest.times(Rational.of(10))).isEqualTo(Undefined.TOO_LARGE);
        assertThat(longest.times(Rational.of(9))).isInstanceOf(Rational.class);
        assertThat(Rational.of(10).power(Rational.of(1_000_000))).isEqualTo(Undefined.TOO_LARGE);
    }

    private static Fraction fraction(Random random) {
        int bits = random.nextInt(4) == 0 ? 100 : random.nextBoolean() ? 62 : 8;
        BigInteger above = new BigInteger(bits, random).multiply(BigInteger.valueOf(random.nextBoolean() ? 1 : -1));
        return new Fraction(above, new BigInteger(random.nextBoolean() ? 3 : bits, random).add(BigInteger.ONE));
    }

    /** Fractions as in a school book: slow, and obviously right. */
    private record Fraction(BigInteger above, BigInteger below) implements Comparable<Fraction> {
        Fraction plus(Fraction other) {
            return new Fraction(
                    above.multiply(other.below).add(other.above.multiply(below)), below.multiply(other.below));
        }

        Fraction times(Fraction other) {
            return new Fraction(above.multiply(other.above), below.multiply(other.below));
        }

        Fraction negated() {
            return new Fraction(above.negate(), below);
        }

        Fraction inverse() {
            return new Fraction(below.multiply(BigInteger.valueOf(above.signum())), above.abs());
        }

        Rational real() {
            return Rational.of(above, below);
        }

        @Override
        public int compareTo(Fraction other) {
            return above.multiply(other.below).compareTo(other.above.multiply(below));
        }
    }
}
