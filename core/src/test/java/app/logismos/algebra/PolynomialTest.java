package app.logismos.algebra;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.Seeded;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Polynomials by themselves, without the expressions that they are made from. */
class PolynomialTest {
    private static final Polynomial X = Polynomial.variable(0, 1, 2);
    private static final Polynomial Y = Polynomial.variable(1, 1, 2);

    private static Polynomial number(long number) {
        return Polynomial.of(BigInteger.valueOf(number), 2);
    }

    /** In one variable, the coefficient of 1 first. */
    private static Polynomial whole(long... coefficients) {
        return Polynomial.of(
                LongStream.of(coefficients).mapToObj(BigInteger::valueOf).toList());
    }

    private static Polynomial random(Random random, int variables, int degree, int terms) {
        Polynomial sum = Polynomial.zero(variables);
        for (int i = 0; i < terms; i++) {
            Polynomial term = Polynomial.of(BigInteger.valueOf(random.nextInt(-9, 10)), variables);
            for (int variable = 0; variable < variables; variable++) {
                term = term.times(Polynomial.variable(variable, random.nextInt(degree + 1), variables));
            }
            sum = sum.plus(term);
        }
        return sum;
    }

    @Test
    void itIsWrittenByFallingPowersOfTheFirstVariable() {
        assertThat(X.times(X).plus(Y.times(number(3))).minus(number(2))).hasToString("1[2, 0] + 3[0, 1] + -2[0, 0]");
        assertThat(Polynomial.zero(2)).hasToString("0");
        assertThat(X.minus(X).isZero()).isTrue();
        assertThat(X.times(BigInteger.ZERO).isZero()).isTrue();
    }

    @Test
    void itKnowsItsSizeDegreesAndCoefficients() {
        Polynomial polynomial = X.power(3).times(Y).plus(X.times(number(-6))).plus(number(4));
        assertThat(polynomial.size()).isEqualTo(3);
        assertThat(polynomial.degree(0)).isEqualTo(3);
        assertThat(polynomial.degree(1)).isEqualTo(1);
        assertThat(Polynomial.zero(2).degree(0)).isEqualTo(-1);
        assertThat(polynomial.highest()).isEqualTo(3);
        assertThat(polynomial.leading()).isEqualTo(1);
        assertThat(polynomial.height()).isEqualTo(6);
        assertThat(polynomial.content()).isEqualTo(1);
        assertThat(polynomial.times(number(-10)).content()).isEqualTo(10);
        assertThat(polynomial.coefficients(0)).containsExactly(number(4), number(-6), Polynomial.zero(2), Y);
        assertThat(Polynomial.of(polynomial.coefficients(0), 0)).isEqualTo(polynomial);
        assertThat(whole(5, 0, 7).whole())
                .containsExactly(BigInteger.valueOf(5), BigInteger.ZERO, BigInteger.valueOf(7));
    }

    @Test
    void aConstantIsOneWithoutVariables() {
        assertThat(number(7).isConstant()).isTrue();
        assertThat(Polynomial.zero(2).isConstant()).isTrue();
        assertThat(Polynomial.zero(2).constant()).isZero();
        assertThat(X.isConstant()).isFalse();
        assertThat(X.plus(number(1)).isConstant()).isFalse();
    }

    @ParameterizedTest(name = "{0} over {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "-1 0 1  | -1 1 | 1[1] + 1[0]",
                "-1 0 2  | -1 1 | nothing",
                "0 2     | 4    | nothing",
                "0 8     | 4    | 2[1]",
                "1 2 1   | 1 1  | 1[1] + 1[0]",
                "1 1     | 1 2 1 | nothing",
            })
    void itIsDividedWhereNothingIsLeft(String dividend, String divisor, String quotient) {
        assertThat(read(dividend).over(read(divisor)).map(Polynomial::toString).orElse("nothing"))
                .isEqualTo(quotient);
    }

    private static Polynomial read(String coefficients) {
        return whole(Arrays.stream(coefficients.strip().split(" "))
                .mapToLong(Long::parseLong)
                .toArray());
    }

    @Test
    void whatDoesNotDivideItIsNoExactDivisor() {
        assertThatThrownBy(() -> whole(1, 1).exactly(whole(0, 2))).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void aNumberIsPutInThePlaceOfAVariable() {
        Polynomial polynomial = X.power(2).times(Y).plus(Y.times(number(-3))).plus(X);
        assertThat(polynomial.at(0, BigInteger.TEN))
                .isEqualTo(Y.times(number(97)).plus(number(10)));
        assertThat(polynomial.at(1, BigInteger.ZERO)).isEqualTo(X);
        assertThat(polynomial.inOne(0, new int[] {2})).isEqualTo(whole(-6, 1, 2));
    }

    @Test
    void digitsLieBetweenTheHalvesOfTheirBase() {
        BigInteger ten = BigInteger.TEN;
        assertThat(number(37).digit(ten)).isEqualTo(number(-3));
        assertThat(number(35).digit(ten)).isEqualTo(number(5));
        assertThat(number(-34).digit(ten)).isEqualTo(number(-4));
        assertThat(number(30).digit(ten).isZero()).isTrue();
        assertThat(number(40).over(ten)).isEqualTo(number(4));
    }

    @Test
    void theDerivativeOfAProductIsThatOfTheProductRule() {
        Seeded.cases(100, random -> {
            Polynomial a = random(random, 2, 3, 4);
            Polynomial b = random(random, 2, 3, 4);
            assertThat(a.times(b).derivative(1))
                    .isEqualTo(a.derivative(1).times(b).plus(a.times(b.derivative(1))));
        });
        assertThat(X.power(3).derivative(0)).isEqualTo(X.power(2).times(number(3)));
        assertThat(X.power(3).derivative(1).isZero()).isTrue();
    }

    @Test
    void aPowerIsAProductOfEqualFactors() {
        Seeded.cases(50, random -> {
            Polynomial base = random(random, 2, 2, 3);
            Polynomial product = Polynomial.one(2);
            for (int times = 0; times < 6; times++) {
                assertThat(base.power(times)).isEqualTo(product);
                product = product.times(base);
            }
        });
    }

    @Test
    void theDivisorByNumbersIsThatByRemainders() {
        List<Polynomial> found = new ArrayList<>();
        Seeded.cases(200, random -> {
            int variables = random.nextInt(1, 4);
            Polynomial shared = random(random, variables, 2, 3);
            Polynomial a = shared.times(random(random, variables, 2, 3)).primitive();
            Polynomial b = shared.times(random(random, variables, 2, 3)).primitive();
            if (a.degree(0) > 0 && b.degree(0) > 0) {
                HeuristicDivisor.of(a, b).ifPresent(divisor -> {
                    found.add(divisor);
                    assertThat(divisor).isEqualTo(GreatestDivisor.byRemainders(0, a, b));
                });
            }
        });
        assertThat(found).isNotEmpty();
    }

    @Test
    void theDivisorByNumbersHasTheirContent() {
        Polynomial a = X.plus(Y).times(number(12));
        Polynomial b = X.plus(Y).times(X).times(number(-18));
        assertThat(HeuristicDivisor.of(a, b)).contains(X.plus(Y).times(number(6)));
        assertThat(HeuristicDivisor.of(number(4), a)).contains(number(4));
        assertThat(HeuristicDivisor.of(Polynomial.zero(2), a)).contains(a);
        assertThat(HeuristicDivisor.of(a, Polynomial.zero(2))).contains(a);
    }

    @Test
    void numbersThatWouldBecomeTooLongAreNotTried() {
        Polynomial a = X.power(400).times(Y.power(400)).plus(number(1));
        assertThat(HeuristicDivisor.of(a, X.power(399).plus(Y.power(399)))).isEmpty();
    }

    @Test
    void greatestDivisorsOfZeroAndOfOneAreWhatTheySay() {
        Polynomial zero = Polynomial.zero(2);
        assertThat(GreatestDivisor.of(zero, zero).isZero()).isTrue();
        assertThat(GreatestDivisor.of(zero, X.negated())).isEqualTo(X);
        assertThat(GreatestDivisor.of(X.times(number(-4)), zero)).isEqualTo(X.times(number(4)));
        assertThat(GreatestDivisor.of(X.times(number(4)), Y.times(number(6)))).isEqualTo(number(2));
    }
}
