package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CountingTest {
    @Test
    void factorialsAgreeWithMultiplyingInARow() {
        BigInteger row = BigInteger.ONE;
        for (int n = 0; n <= 300; n++) {
            row = n == 0 ? row : row.multiply(BigInteger.valueOf(n));
            assertThat(Counting.factorial(BigInteger.valueOf(n))).isEqualTo(Rational.of(row));
        }
    }

    @Test
    void doubleFactorialsAgreeWithMultiplyingInARow() {
        for (int n = 0; n <= 60; n++) {
            BigInteger row = BigInteger.ONE;
            for (int i = n; i > 1; i -= 2) {
                row = row.multiply(BigInteger.valueOf(i));
            }
            assertThat(Counting.doubleFactorial(BigInteger.valueOf(n)))
                    .as("%d!!", n)
                    .isEqualTo(Rational.of(row));
        }
    }

    @Test
    void combinationsAreThoseOfPascalsTriangle() {
        BigInteger[] row = {BigInteger.ONE};
        for (int n = 1; n <= 40; n++) {
            BigInteger[] next = new BigInteger[n + 1];
            for (int k = 0; k <= n; k++) {
                next[k] = (k > 0 ? row[k - 1] : BigInteger.ZERO).add(k < n ? row[k] : BigInteger.ZERO);
                assertThat(Counting.combinations(BigInteger.valueOf(n), BigInteger.valueOf(k)))
                        .isEqualTo(Rational.of(next[k]));
            }
            row = next;
        }
    }

    @ParameterizedTest
    @CsvSource({"9, 4, 3024", "3, 5, 0", "5, 0, 1", "100000000000000000000, 2, 9999999999999999999900000000000000000000"
    })
    void permutations(BigInteger n, BigInteger k, BigInteger expected) {
        assertThat(Counting.permutations(n, k)).isEqualTo(Rational.of(expected));
    }

    @ParameterizedTest
    @ValueSource(strings = {"205023", "99999999", "123456789012345678901234567890"})
    void factorialsPastAMillionDigitsAreRefusedBeforeAnyWork(BigInteger n) {
        assertThat(Counting.factorial(n) == Undefined.TOO_LARGE)
                .isTrue(); // no number of a million digits in the message
    }
}
