package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Unrounded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Methods of many steps round once, at their end. Hilbert's matrices, with 1 / (i + j − 1) at their places, lose every
 * digit where one step is rounded, and what they have is known in closed form.
 */
class LongFractionsTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5, 12, 24, 36, 48})
    void theDeterminantOfHilbertsMatrixIsThatOfItsFormula(int n) {
        Real determinant = Algebra.settled(Matrices.determinant(hilbert(n)));
        // c(n)⁴ / c(2n), where c(n) is the product of the factorials below n.
        BigDecimal expected = new BigDecimal(superfactorial(n).pow(4))
                .divide(new BigDecimal(superfactorial(2 * n)), new MathContext(40));
        BigDecimal got = determinant instanceof Rational exact
                ? new BigDecimal(exact.numerator()).divide(new BigDecimal(exact.denominator()), new MathContext(40))
                : new BigDecimal(determinant.toDouble());
        assertThat(got.subtract(expected).abs())
                .isLessThanOrEqualTo(expected.multiply(new BigDecimal(Math.ulp(1.0) * 2)));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 10, 30, 45})
    void theInverseOfHilbertsMatrixHasWholeNumbersOnly(int n) {
        Real[][] inverse = Matrices.solve(hilbert(n), Matrices.identity(n));
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                assertThat(Algebra.settled(inverse[i][j])).isEqualTo(Rational.of(element(n, i + 1, j + 1)));
            }
        }
    }

    @Test
    void aSystemIsSolvedExactlyHoweverLongItsSteps() {
        int n = 40;
        Real[][] right = new Real[n][1];
        for (int i = 0; i < n; i++) {
            Real sum = Rational.ZERO;
            for (int j = 0; j < n; j++) {
                sum = (Real) sum.plus(Rational.of(j + 1L, i + j + 1L));
            }
            right[i][0] = sum;
        }
        Real[][] solved = Matrices.solve(hilbert(n), right);
        for (int j = 0; j < n; j++) {
            assertThat(solved[j][0]).isEqualTo(Rational.of(j + 1L));
        }
    }

    @Test
    void aFractionIsKeptPastTheBoundOfAnswersAndRoundedWhenSettled() {
        Real large = Rational.of(BigInteger.ONE.shiftLeft(3_000).add(BigInteger.ONE), BigInteger.ONE.shiftLeft(3_000));
        Real square = (Real) Unrounded.times(large, large);
        assertThat(square.isExact()).isTrue();
        assertThat(Algebra.settled(square).isExact()).isFalse();
        assertThat(Algebra.settled((Real) Unrounded.over(square, large))).isEqualTo(large);
        assertThat(Unrounded.minus((Real) Unrounded.plus(square, large), square))
                .isEqualTo(large);
        assertThat(Unrounded.minus(square, square)).isEqualTo(Rational.ZERO);
    }

    @Test
    void fractionsThatGrowWithoutEndAreRoundedAllTheSame() {
        Real number = Rational.of(BigInteger.ONE.shiftLeft(4_000).add(BigInteger.ONE), BigInteger.ONE.shiftLeft(4_000));
        for (int i = 0; i < 6; i++) {
            number = (Real) Unrounded.times(number, number);
        }
        assertThat(number.isExact()).isFalse();
        assertThat(number.toDouble()).isEqualTo(1);
    }

    private static Real[][] hilbert(int n) {
        Real[][] matrix = new Real[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                matrix[i][j] = Rational.of(1, i + j + 1L);
            }
        }
        return matrix;
    }

    private static BigInteger superfactorial(int n) {
        BigInteger product = BigInteger.ONE;
        for (int i = 1; i < n; i++) {
            product = product.multiply(factorial(i));
        }
        return product;
    }

    /** (−1)^(i+j) (i+j−1) C(n+i−1, n−j) C(n+j−1, n−i) C(i+j−2, i−1)². */
    private static BigInteger element(int n, int i, int j) {
        BigInteger size = BigInteger.valueOf(i + j - 1L)
                .multiply(choose(n + i - 1, n - j))
                .multiply(choose(n + j - 1, n - i))
                .multiply(choose(i + j - 2, i - 1).pow(2));
        return (i + j) % 2 == 0 ? size : size.negate();
    }

    private static BigInteger choose(int n, int k) {
        return factorial(n).divide(factorial(k).multiply(factorial(n - k)));
    }

    private static BigInteger factorial(int n) {
        BigInteger product = BigInteger.ONE;
        for (int i = 2; i <= n; i++) {
            product = product.multiply(BigInteger.valueOf(i));
        }
        return product;
    }
}
