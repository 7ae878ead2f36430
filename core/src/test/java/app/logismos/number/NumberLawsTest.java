package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers against the slow and plain way to find them. */
class NumberLawsTest {
    private static final Runnable ALWAYS = () -> {};

    @Test
    void factorialsAreProducts() {
        BigInteger product = BigInteger.ONE;
        for (int n = 0; n <= 400; n++) {
            product = product.multiply(BigInteger.valueOf(Math.max(1, n)));
            assertThat(Counting.factorial(BigInteger.valueOf(n))).isEqualTo(Rational.of(product));
        }
    }

    @Test
    void doubleFactorialsMultiplyEverySecond() {
        for (int n = 0; n <= 120; n++) {
            BigInteger product = BigInteger.ONE;
            for (int i = n; i > 0; i -= 2) {
                product = product.multiply(BigInteger.valueOf(i));
            }
            assertThat(Counting.doubleFactorial(BigInteger.valueOf(n))).isEqualTo(Rational.of(product));
        }
    }

    @Test
    void combinationsAreThoseOfPascalsTriangle() {
        BigInteger[] row = {BigInteger.ONE};
        for (int n = 0; n <= 60; n++) {
            for (int k = 0; k <= n + 2; k++) {
                BigInteger expected = k <= n ? row[k] : BigInteger.ZERO;
                assertThat(Counting.combinations(BigInteger.valueOf(n), BigInteger.valueOf(k)))
                        .as(n + " over " + k)
                        .isEqualTo(Rational.of(expected));
            }
            BigInteger[] next = new BigInteger[n + 2];
            next[0] = BigInteger.ONE;
            next[n + 1] = BigInteger.ONE;
            for (int k = 1; k <= n; k++) {
                next[k] = row[k - 1].add(row[k]);
            }
            row = next;
        }
    }

    @Test
    void permutationsMultiplyDownwards() {
        for (int n = 0; n <= 40; n++) {
            BigInteger product = BigInteger.ONE;
            for (int k = 0; k <= n; k++) {
                assertThat(Counting.permutations(BigInteger.valueOf(n), BigInteger.valueOf(k)))
                        .isEqualTo(Rational.of(product));
                product = product.multiply(BigInteger.valueOf(n - k));
            }
        }
    }

    @Test
    void primesAreThoseThatNothingDivides() {
        int last = 2;
        for (int n = 0; n <= 20_000; n++) {
            boolean isPrime = n > 1;
            for (int d = 2; d * d <= n && isPrime; d++) {
                isPrime = n % d != 0;
            }
            assertThat(WholeNumbers.isPrime(BigInteger.valueOf(n))).as(n + "").isEqualTo(isPrime);
            if (isPrime && n > 2) {
                assertThat(WholeNumbers.nextPrime(BigInteger.valueOf(last))).isEqualTo(n);
                last = n;
            }
        }
    }

    /** Carmichael numbers and strong pseudoprimes to the first bases (OEIS A002997, A014233). */
    @ParameterizedTest
    @ValueSource(
            longs = {
                561,
                1_105,
                1_729,
                2_047,
                1_373_653,
                25_326_001,
                3_215_031_751L,
                2_152_302_898_747L,
                3_474_749_660_383L,
                341_550_071_728_321L,
                3_825_123_056_546_413_051L
            })
    void pseudoprimesAreNone(long pseudoprime) {
        assertThat(WholeNumbers.isPrime(BigInteger.valueOf(pseudoprime))).isFalse();
    }

    @Test
    void factorsArePrimeAndMultiplyToTheNumber() {
        List<BigInteger> numbers = new ArrayList<>();
        for (int n = 2; n < 3_000; n++) {
            numbers.add(BigInteger.valueOf(n));
        }
        numbers.add(BigInteger.TWO.pow(61).multiply(BigInteger.valueOf(27)));
        numbers.add(new BigInteger("1000000007").multiply(new BigInteger("998244353")));
        numbers.add(new BigInteger("2147483647").pow(2));
        for (BigInteger n : numbers) {
            Map<BigInteger, Integer> factors = WholeNumbers.factors(n, ALWAYS);
            BigInteger product = BigInteger.ONE;
            int divisors = 1;
            BigInteger before = BigInteger.ZERO;
            for (Map.Entry<BigInteger, Integer> factor : factors.entrySet()) {
                assertThat(WholeNumbers.isPrime(factor.getKey())).isTrue();
                assertThat(factor.getKey()).isGreaterThan(before);
                product = product.multiply(factor.getKey().pow(factor.getValue()));
                divisors *= factor.getValue() + 1;
                before = factor.getKey();
            }
            assertThat(product).isEqualTo(n);
            assertThat(WholeNumbers.divisors(factors))
                    .hasSize(divisors)
                    .isSorted()
                    .allMatch(divisor -> n.mod(divisor).signum() == 0);
        }
    }

    @Test
    void fibonacciNumbersAreSumsOfTheTwoBefore() {
        BigInteger a = BigInteger.ZERO;
        BigInteger b = BigInteger.ONE;
        for (int n = 0; n <= 400; n++) {
            assertThat(WholeNumbers.fibonacci(n)).isEqualTo(a);
            BigInteger next = a.add(b);
            a = b;
            b = next;
        }
    }

    @Test
    void aPowerIsProductsAndItsRootTheBase() {
        for (Rational base : List.of(Rational.of(2), Rational.of(3, 7), Rational.of(10), Rational.of(1_000_003, 9))) {
            Rational product = Rational.ONE;
            for (int n = 1; n <= 40; n++) {
                product = (Rational) product.times(base);
                assertThat(base.power(Rational.of(n))).isEqualTo(product);
                assertThat(base.power(Rational.of(-n))).isEqualTo(Rational.ONE.dividedBy(product));
                assertThat(product.power(Rational.of(1, n))).isEqualTo(base);
                assertThat(product.power(Rational.of(-2, n)))
                        .isEqualTo(Rational.ONE.dividedBy((Real) base.times(base)));
                assertThat(base.negate().power(Rational.of(n))).isEqualTo(n % 2 == 0 ? product : product.negate());
            }
        }
    }

    @Test
    void aPowerTooLongForAFractionIsTheNearestDouble() {
        for (int n = 3_000; n <= 60_000; n += 3_000) {
            double expected = new BigDecimal(2)
                    .divide(new BigDecimal(3), new MathContext(60))
                    .pow(n, new MathContext(50))
                    .doubleValue();
            Result power = Rational.of(2, 3).power(Rational.of(n));
            if (expected != 0) {
                assertThat(((Real) power).toDouble()).as("(2/3)^" + n).isEqualTo(expected);
            } else {
                assertThat(power).as("no double is near (2/3)^" + n).isInstanceOf(Rational.class);
            }
        }
    }

    @Test
    void theLogarithmOfAPowerIsItsExponent() {
        for (Rational base : List.of(Rational.of(2), Rational.of(10), Rational.of(1, 3), Rational.of(9, 4))) {
            for (int n = -30; n <= 30; n++) {
                Real power = (Real) base.power(Rational.of(n));
                assertThat(Elementary.log(power, base))
                        .as(power + " to " + base)
                        .isEqualTo(Rational.of(n));
            }
        }
    }

    @Test
    void anglesRoundTheCircleAgreeWithTheirDoubles() {
        for (int k = -60; k <= 60; k++) {
            Real angle = PiMultiple.of(Rational.of(k, 12));
            double radians = k * Math.PI / 12;
            assertThat(((Real) Elementary.sin(angle)).toDouble()).isCloseTo(Math.sin(radians), within(1e-14));
            assertThat(((Real) Elementary.cos(angle)).toDouble()).isCloseTo(Math.cos(radians), within(1e-14));
            boolean isPole = Math.floorMod(k, 12) == 6;
            if (isPole) {
                assertThat(Elementary.tan(angle)).isEqualTo(Undefined.DIVIDE_BY_ZERO);
            } else {
                double size = Math.max(1, Math.abs(Math.tan(radians)));
                assertThat(((Real) Elementary.tan(angle)).toDouble())
                        .isCloseTo(Math.tan(radians), within(1e-13 * size));
            }
            assertThat(((Real) Elementary.sin(angle)).isExact())
                    .as("sin " + k + "π/12")
                    .isTrue();
        }
    }
}
