package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Arithmetic between fractions, multiples of π, doubles (written with ~) and infinities, and where exactness ends. */
class MixedKindsTest {
    private static final Map<String, BiFunction<Real, Real, Result>> OPERATIONS =
            Map.of("+", Real::plus, "-", Real::minus, "*", Real::times, "/", Real::dividedBy, "^", Powers::power);

    @ParameterizedTest(name = "{0} {1} {2} = {3}")
    @CsvSource({
        "π, +, π, 2π",
        "π, -, π, 0",
        "2π, -, π, π",
        "π, +, 0, π",
        "0, +, π, π",
        "0, -, π, -π",
        "π, +, 1, ~4.141592653589793",
        "1, -, π, ~-2.141592653589793",
        "π, *, 2, 2π",
        "2, *, π, 2π",
        "π, *, 0, 0",
        "0, *, π, 0",
        "π, *, π, ~9.869604401089358",
        "π, *, ~0.5, ~1.5707963267948966",
        "~0.5, *, π, ~1.5707963267948966",
        "π, /, π, 1",
        "2π, /, π, 2",
        "π, /, 2π, 1/2",
        "π, /, 3, π/3",
        "1, /, π, ~0.3183098861837907",
        "0, /, π, 0",
        "π, /, 0, DIVIDE_BY_ZERO",
        "π, /, ~2, ~1.5707963267948966",
        "~3, /, ~2, ~1.5",
        "~3, *, ~2, ~6",
        "~3, +, ~2, ~5",
        "~3, -, ~2, ~1",
        "~3, +, 0, ~3",
        "0, +, ~3, ~3",
        "~3, *, 0, 0",
        "0, *, ~3, 0",
        "0, /, ~3, 0",
        "~3, /, 0, DIVIDE_BY_ZERO",
        "~3, /, ~0, DIVIDE_BY_ZERO",
        "~3, *, 1/3, ~1",
        "1/3, *, ~3, ~1",
        "1/2, /, ~4, ~0.125",
        "inf, +, 1, inf",
        "1, +, inf, inf",
        "inf, -, inf, NO_REAL_RESULT",
        "inf, *, 0, NO_REAL_RESULT",
        "0, *, inf, NO_REAL_RESULT",
        "inf, *, -2, -inf",
        "inf, *, π, inf",
        "1, /, inf, ~0",
        "0, /, inf, ~0",
        "inf, /, inf, NO_REAL_RESULT",
        "inf, /, 3, inf",
        "inf, +, π, inf",
        "~1e308, *, ~10, ~1e309",
        "~1e308, +, ~1e308, ~2e308",
        "~1e-300, *, ~1e-300, ~1.0000000000000001e-600",
        "π, ^, 2, ~9.869604401089358",
        "π, ^, 1, π",
        "π, ^, 0, 1",
        "~2, ^, 3, ~8",
        "~2, ^, 1/2, ~1.4142135623730951",
        "~-2, ^, 1/2, NO_REAL_RESULT",
        "2, ^, π, ~8.824977827076287",
        "0, ^, π, 0",
        "4, ^, ~0.5, ~2",
        "~0, ^, ~0.5, ~0",
        "inf, ^, 1/2, inf",
    })
    void kindsMeet(String left, String operation, String right, String expected) {
        assertThat(text(OPERATIONS.get(operation).apply(number(left), number(right))))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"4095, true", "4096, false"})
    void aFractionIsExactUpTo4096Bits(int exponent, boolean exact) {
        BigInteger power = BigInteger.ONE.shiftLeft(exponent);
        Real above = (Real) Rational.of(power).dividedBy(Rational.of(3));
        assertThat(above.isExact()).isEqualTo(exact || above.toDouble() == Double.POSITIVE_INFINITY);
        Real near = (Real) Rational.of(power.add(BigInteger.ONE)).dividedBy(Rational.of(power));
        assertThat(near.isExact()).isEqualTo(exact);
        assertThat(near.toDouble()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"1365, true", "1366, false"})
    void aPowerOfAFractionIsExactAsLongAsItIsShort(int exponent, boolean exact) {
        // 8 to the power of 1365 has 4096 bits.
        Real power = (Real) Powers.power(Rational.of(8, 7), Rational.of(exponent));
        assertThat(power.isExact()).isEqualTo(exact);
        double expected = Math.pow(8 / 7.0, exponent);
        assertThat(power.toDouble() / expected).isBetween(1 - 1e-12, 1 + 1e-12);
    }

    @Test
    void aFractionThatNoDoubleIsNearStaysExactHoweverLong() {
        Real tiny = (Real) Powers.power(Rational.of(1, 10), Rational.of(5_000));
        assertThat(tiny.isExact()).isTrue();
        assertThat(tiny.signum()).isEqualTo(1);
        assertThat(tiny.times(Rational.of(BigInteger.TEN.pow(5_000)))).isEqualTo(Rational.ONE);
    }

    @ParameterizedTest
    @CsvSource({"-5, 2", "0, 2", "1, 2", "2, 3", "3, 5", "13, 17", "14, 17", "89, 97", "7919, 7927"})
    void theNextPrimeIsTheSmallestAbove(BigInteger n, BigInteger prime) {
        assertThat(WholeNumbers.nextPrime(n)).isEqualTo(prime);
    }

    @Test
    void findingFactorsCanBeStopped() {
        BigInteger first = BigInteger.valueOf(1_000_003);
        BigInteger second = BigInteger.valueOf(1_000_033);
        assertThat(WholeNumbers.factors(first.multiply(second), () -> {}))
                .containsExactly(Map.entry(first, 1), Map.entry(second, 1));
        Runnable stop = () -> {
            throw new IllegalStateException("stopped");
        };
        assertThatThrownBy(() -> WholeNumbers.factors(first.multiply(second), stop))
                .isInstanceOf(IllegalStateException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "1, {}",
        "2, {2=1}",
        "360, '{2=3, 3=2, 5=1}'",
        "1000003, {1000003=1}",
        "1000006000009, {1000003=2}",
        "1000009000027000027, {1000003=3}",
        "2305843009213693951, {2305843009213693951=1}",
        "18446744073709551617, '{274177=1, 67280421310721=1}'",
    })
    void factorsMultiplyToTheNumber(BigInteger n, String factors) {
        assertThat(WholeNumbers.factors(n, () -> {}).toString()).isEqualTo(factors);
    }

    @ParameterizedTest
    @CsvSource({
        "2047, false", // passes for the base 2
        "1373653, false", // 2 and 3
        "25326001, false", // 2, 3 and 5
        "3215031751, false", // 2, 3, 5 and 7
        "3825123056546413051, false", // the primes to 23
        "318665857834031151167461, false", // the primes to 37
        "2305843009213693951, true",
        "170141183460469231731687303715884105727, true",
        "340282366920938463463374607431768211457, false",
        "561, false",
        "41, true",
        "1, false",
        "0, false",
        "-7, false",
    })
    void numbersThatDeceiveSingleTestsAreNoPrimes(BigInteger n, boolean isPrime) {
        assertThat(WholeNumbers.isPrime(n)).isEqualTo(isPrime);
    }

    private static Real number(String text) {
        if (text.startsWith("~")) {
            return Real.from(Double.parseDouble(text.substring(1)));
        }
        if (text.endsWith("inf")) {
            return Real.from(text.startsWith("-") ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY);
        }
        if (text.endsWith("π")) {
            String times = text.substring(0, text.length() - 1);
            return PiMultiple.of(times.isEmpty() ? Rational.ONE : Rational.of(new BigDecimal(times)));
        }
        String[] parts = text.split("/");
        return Rational.of(Long.parseLong(parts[0]), parts.length == 1 ? 1 : Long.parseLong(parts[1]));
    }

    /** An approximate number with a ~ in front. */
    private static String text(Result result) {
        if (!(result instanceof Real real)) {
            return ((Undefined) result).name();
        }
        return (real.isExact() || !real.isFinite() ? "" : "~") + Plain.text(real);
    }
}
