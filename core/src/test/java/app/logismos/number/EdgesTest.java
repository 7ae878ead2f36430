package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every pair of numbers from the edges of the representations, against plain arithmetic on big integers. */
class EdgesTest {
    private record Fraction(BigInteger above, BigInteger below) {
        Rational rational() {
            return Rational.of(above, below);
        }
    }

    private static final List<BigInteger> EDGES = Stream.of(
                    0L,
                    1L,
                    2L,
                    3L,
                    10L,
                    1_023L,
                    1_024L,
                    1_025L,
                    (1L << 31) - 1,
                    1L << 31,
                    1L << 32,
                    (1L << 53) - 1,
                    1L << 53,
                    (1L << 53) + 1,
                    1L << 62,
                    (1L << 62) + 1,
                    Long.MAX_VALUE - 1,
                    Long.MAX_VALUE)
            .map(BigInteger::valueOf)
            .toList();

    static List<Fraction> numbers() {
        List<BigInteger> wholes = new ArrayList<>(EDGES);
        wholes.add(BigInteger.ONE.shiftLeft(63));
        wholes.add(BigInteger.ONE.shiftLeft(64).add(BigInteger.ONE));
        wholes.add(BigInteger.TEN.pow(40));
        List<Fraction> numbers = new ArrayList<>();
        for (BigInteger whole : wholes) {
            numbers.add(new Fraction(whole, BigInteger.ONE));
            numbers.add(new Fraction(whole.negate(), BigInteger.ONE));
            numbers.add(new Fraction(whole.add(BigInteger.ONE), BigInteger.valueOf(3)));
            numbers.add(new Fraction(BigInteger.valueOf(-7), whole.max(BigInteger.ONE)));
            numbers.add(new Fraction(whole.subtract(BigInteger.TEN), BigInteger.valueOf(Long.MAX_VALUE)));
        }
        return numbers;
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void theFourOperationsAreExact(Fraction a) {
        for (Fraction b : numbers()) {
            check("+", a, b, Real::plus, cross(a, b).add(cross(b, a)), a.below().multiply(b.below()));
            check(
                    "-",
                    a,
                    b,
                    Real::minus,
                    cross(a, b).subtract(cross(b, a)),
                    a.below().multiply(b.below()));
            check(
                    "*",
                    a,
                    b,
                    Real::times,
                    a.above().multiply(b.above()),
                    a.below().multiply(b.below()));
            if (b.above().signum() != 0) {
                check("/", a, b, Real::dividedBy, cross(a, b), a.below().multiply(b.above()));
            }
            assertThat(Integer.signum(a.rational().compareTo(b.rational())))
                    .as(a + " <> " + b)
                    .isEqualTo(cross(a, b).compareTo(cross(b, a)));
        }
    }

    private static BigInteger cross(Fraction a, Fraction b) {
        return a.above().multiply(b.below());
    }

    private static void check(
            String sign,
            Fraction a,
            Fraction b,
            BiFunction<Real, Real, Result> operation,
            BigInteger above,
            BigInteger below) {
        BigInteger shared = above.gcd(below).multiply(BigInteger.valueOf(below.signum()));
        Result result = operation.apply(a.rational(), b.rational());
        assertThat(result).as(a + " " + sign + " " + b).isInstanceOfSatisfying(Rational.class, fraction -> {
            assertThat(fraction.numerator()).isEqualTo(above.divide(shared));
            assertThat(fraction.denominator()).isEqualTo(below.divide(shared));
            assertThat(fraction.isInteger()).isEqualTo(below.divide(shared).equals(BigInteger.ONE));
        });
        boolean isSmall = SmallRational.fits(above.divide(shared)) && SmallRational.fits(below.divide(shared));
        assertThat(result instanceof SmallRational)
                .as("one representation for each number")
                .isEqualTo(isSmall);
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void theNearestDoubleIsTheNearest(Fraction a) {
        double nearest = new BigDecimal(a.above())
                .divide(new BigDecimal(a.below()), new MathContext(60))
                .doubleValue();
        assertThat(a.rational().toDouble()).isEqualTo(nearest);
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void floorRemainderAndSignFitTogether(Fraction a) {
        Rational number = a.rational();
        for (Rational divisor : List.of(Rational.of(1), Rational.of(-3), Rational.of(2, 7), Rational.of(1L << 62))) {
            Real quotient = (Real) number.floorDividedBy(divisor);
            Real rest = (Real) number.modulo(divisor);
            assertThat(quotient.isWhole()).isTrue();
            assertThat(((Real) quotient.times(divisor)).plus(rest)).isEqualTo(number);
            assertThat(rest.signum() == 0 || rest.signum() == divisor.signum()).isTrue();
            assertThat(rest.abs().compareTo(divisor.abs())).isNegative();
        }
        assertThat(number.negate().signum()).isEqualTo(-number.signum());
        assertThat(number.floor()).isEqualTo(floor(a));
    }

    private static BigInteger floor(Fraction a) {
        BigInteger[] parts = a.above().divideAndRemainder(a.below());
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    @ParameterizedTest
    @CsvSource({
        "1.5, 0, HALF_UP, 2",
        "-1.5, 0, HALF_UP, -2",
        "2.5, 0, UP, 3",
        "2.5, 0, DOWN, 2",
        "-2.5, 0, FLOOR, -3",
        "-2.5, 0, CEILING, -2",
        "0.125, 2, HALF_UP, 0.13",
        "9223372036854775806.5, 0, HALF_UP, 9223372036854775807",
        "9223372036854775807.5, 0, HALF_UP, 9223372036854775808",
        "922337203685477580.75, 1, HALF_UP, 922337203685477580.8",
        "0.1234565, 6, HALF_UP, 0.123457",
        "0.12345675, 7, HALF_UP, 0.1234568",
        "149, -2, HALF_UP, 100",
        "150, -2, HALF_UP, 200",
        "-150, -2, HALF_UP, -200",
    })
    void numbersAreRounded(String number, int places, java.math.RoundingMode mode, String rounded) {
        assertThat(Rounding.places(Rational.of(new BigDecimal(number)), places, mode))
                .isEqualTo(Rational.of(new BigDecimal(rounded)));
    }

    @Test
    void aNumberPastTheLastDigitIsRefusedAndTheOneBeforeIsNot() {
        BigInteger last = BigInteger.TEN.pow(Real.MAX_DIGITS).subtract(BigInteger.ONE);
        assertThat(Rational.of(last.subtract(BigInteger.ONE)).plus(Rational.ONE))
                .isEqualTo(Rational.of(last));
        assertThat(Rational.of(last).plus(Rational.ONE)).isEqualTo(Undefined.TOO_LARGE);
        assertThat(Rational.of(last.negate()).minus(Rational.ONE)).isEqualTo(Undefined.TOO_LARGE);
    }

    @Test
    void aFractionPastItsBitsBecomesApproximateAndTheOneBeforeIsNot() {
        BigInteger power = BigInteger.ONE.shiftLeft(Real.MAX_FRACTION_BITS - 1);
        Rational below = Rational.of(BigInteger.ONE, power);
        Rational most = Rational.of(power.subtract(BigInteger.ONE), power);
        assertThat(most.isExact()).isTrue();
        assertThat(most.times(Rational.of(1, 2))).isInstanceOf(Approximate.class);
        assertThat(below.times(Rational.of(3))).isInstanceOf(BigRational.class);
    }
}
