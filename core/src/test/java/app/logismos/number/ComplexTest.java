package app.logismos.number;

import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ComplexTest {
    private static final Map<String, Function<Complex, Result>> FUNCTIONS = Map.ofEntries(
            entry("sqrt", ComplexFunctions::sqrt),
            entry("exp", ComplexFunctions::exp),
            entry("ln", ComplexFunctions::ln),
            entry("sin", ComplexFunctions::sin),
            entry("cos", ComplexFunctions::cos),
            entry("tan", ComplexFunctions::tan),
            entry("sec", z -> ComplexFunctions.inverse(ComplexFunctions.cos(z))),
            entry("csc", z -> ComplexFunctions.inverse(ComplexFunctions.sin(z))),
            entry("cot", z -> ComplexFunctions.inverse(ComplexFunctions.tan(z))),
            entry("asin", ComplexFunctions::asin),
            entry("acos", ComplexFunctions::acos),
            entry("atan", ComplexFunctions::atan),
            entry("acot", ComplexFunctions::acot),
            entry("sinh", ComplexFunctions::sinh),
            entry("cosh", ComplexFunctions::cosh),
            entry("tanh", ComplexFunctions::tanh),
            entry("sech", z -> ComplexFunctions.inverse(ComplexFunctions.cosh(z))),
            entry("csch", z -> ComplexFunctions.inverse(ComplexFunctions.sinh(z))),
            entry("coth", z -> ComplexFunctions.inverse(ComplexFunctions.tanh(z))),
            entry("asinh", ComplexFunctions::asinh),
            entry("acosh", ComplexFunctions::acosh),
            entry("atanh", ComplexFunctions::atanh),
            entry("acoth", ComplexFunctions::acoth));

    @ParameterizedTest
    @CsvFileSource(resources = "complex-functions.csv", delimiter = ';')
    void functionsAreRightOnBothSidesOfTheirCuts(
            String function, BigDecimal x, BigDecimal y, BigDecimal re, BigDecimal im) {
        assertNear(FUNCTIONS.get(function).apply(complex(x, y)), re, im);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "complex-powers.csv", delimiter = ';')
    void powersArePrincipalOnes(double x, double y, double u, double v, BigDecimal re, BigDecimal im) {
        Complex base = new Complex(Real.from(x), Real.from(y));
        assertNear(base.power(new Complex(Real.from(u), Real.from(v))), re, im);
    }

    @ParameterizedTest
    @CsvSource({
        // on the cuts themselves an exact zero counts as +0: the value is that from above or from the right
        "sqrt, -4, 0, 2i",
        "ln, -1, 0, π*i",
        "ln, 0, 1, π/2*i",
        "asin, 2, 0, π/2 + 1.3169578969248166i",
        "asin, -2, 0, -π/2 + 1.3169578969248166i",
        "acos, 2, 0, -1.3169578969248166i",
        "acos, -2, 0, π - 1.3169578969248166i",
        "acosh, 1/2, 0, π/3*i",
        "acosh, -2, 0, 1.3169578969248166 + π*i",
        "atanh, 2, 0, 0.5493061443340548 + π/2*i",
        "atanh, -2, 0, -0.5493061443340548 + π/2*i",
        "acoth, 1/2, 0, 0.5493061443340548 - π/2*i",
        "atan, 0, 2, π/2 + 0.5493061443340548i",
        "atan, 0, -2, π/2 - 0.5493061443340548i",
        "asinh, 0, 2, 1.3169578969248166 + π/2*i",
        "asinh, 0, -2, 1.3169578969248166 - π/2*i",
        // inside them what is real or imaginary stays so, and exact
        "asin, 1/2, 0, π/6",
        "asinh, 0, 1/2, π/6*i",
        "atanh, 0, 1, π/4*i",
        "exp, 0, 0, 1",
        "sin, 0, 0, 0",
        "sqrt, 3, 4, 2 + i",
        "sqrt, 0, -2, 1 - i",
        "sqrt, -1/2, 0, √2/2*i",
    })
    void onACutTheValueIsThatFromAboveAndWhatCanBeExactIs(String function, String x, String y, String expected) {
        Complex z = new Complex(fraction(x), fraction(y));
        assertThat(Plain.text((Complex) FUNCTIONS.get(function).apply(z))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"atan, 0, 1", "atanh, 1, 0", "atanh, -1, 0", "ln, 0, 0", "acoth, 1, 0"})
    void polesHaveNoValue(String function, String x, String y) {
        Complex z = new Complex(fraction(x), fraction(y));
        assertThat(FUNCTIONS.get(function).apply(z)).isInstanceOf(Undefined.class);
    }

    @Test
    void aRealNumberHasTheRealFunctionsValueWhereThereIsOne() {
        Real x = Rational.of(3, 7);
        assertThat(ComplexFunctions.sin(Complex.of(x))).isEqualTo(Complex.of((Real) Elementary.sin(x)));
        assertThat(ComplexFunctions.ln(Complex.of(x))).isEqualTo(Complex.of((Real) Elementary.ln(x)));
        assertThat(ComplexFunctions.acos(Complex.of(x)))
                .isEqualTo(Complex.of((Real) PiMultiple.of(Rational.of(1, 2)).minus((Real) InverseAngles.asin(x))));
        assertThat(ComplexFunctions.tanh(Complex.of(x)))
                .isInstanceOfSatisfying(
                        Complex.class, tanh -> assertThat(tanh.re().toDouble()).isEqualTo(Math.tanh(3 / 7.0)));
    }

    @Test
    void theySatisfyTheLawsOfAField() {
        Seeded.cases(300, random -> {
            Complex a = complex(random);
            Complex b = complex(random);
            Complex c = complex(random);
            assertThat(a.times(b)).isEqualTo(b.times(a));
            assertThat(times(times(a, b), c)).isEqualTo(times(a, times(b, c)));
            assertThat(times(a, (Complex) b.plus(c))).isEqualTo(times(a, b).plus(times(a, c)));
            assertThat(a.minus(a)).isEqualTo(Complex.ZERO);
            assertThat(times(a, a.conjugate())).isEqualTo(Complex.of((Real) a.squareOfSize()));
            if (!a.isZero()) {
                assertThat(a.dividedBy(a)).isEqualTo(Complex.ONE);
                assertThat(times((Complex) b.dividedBy(a), a)).isEqualTo(b);
            }
        });
    }

    @Test
    void productsAndQuotientsOfDoublesAreRoundedOnce() {
        Seeded.cases(300, random -> {
            Complex a = new Complex(Real.from(random.nextGaussian()), Real.from(random.nextGaussian() * 1e150));
            Complex b = new Complex(Real.from(random.nextGaussian()), Real.from(random.nextGaussian() / 1e150));
            BigDecimal exact = decimal(a.re())
                    .multiply(decimal(b.re()))
                    .subtract(decimal(a.im()).multiply(decimal(b.im())));
            assertThat(times(a, b).re().toDouble()).isEqualTo(exact.doubleValue());
        });
    }

    @ParameterizedTest
    @ValueSource(ints = {-5, -1, 1, 2, 3, 20})
    void aWholePowerOfAnExactNumberIsExact(int exponent) {
        Complex base = new Complex(Rational.of(3, 2), Rational.of(-2));
        Complex product = Complex.ONE;
        for (int i = 0; i < Math.abs(exponent); i++) {
            product = times(product, base);
        }
        assertThat(base.power(Complex.of(Rational.of(exponent))))
                .isEqualTo(exponent < 0 ? Complex.ONE.dividedBy(product) : product);
    }

    @Test
    void theUnitsPowersGoRoundHoweverHighTheyAre() {
        Real huge = Rational.of(BigInteger.TEN.pow(40).add(BigInteger.ONE));
        assertThat(Complex.I.power(Complex.of(huge))).isEqualTo(Complex.I);
    }

    private static Complex times(Complex a, Complex b) {
        return (Complex) a.times(b);
    }

    private static Complex complex(Random random) {
        return new Complex(Rational.of(random.nextInt(41) - 20, 1 + random.nextInt(9)), (Real)
                Rational.of(random.nextInt(41) - 20, 1 + random.nextInt(9))
                        .times(random.nextBoolean() ? Rational.ONE : (Real) Powers.sqrt(Rational.of(3))));
    }

    private static Complex complex(BigDecimal x, BigDecimal y) {
        return new Complex(Rational.of(x), Rational.of(y));
    }

    private static Rational fraction(String text) {
        String[] parts = text.split("/");
        return Rational.of(Long.parseLong(parts[0]), parts.length == 1 ? 1 : Long.parseLong(parts[1]));
    }

    private static BigDecimal decimal(Real number) {
        return new BigDecimal(number.toDouble());
    }

    private static void assertNear(Result result, BigDecimal re, BigDecimal im) {
        Complex number = (Complex) result;
        assertNear(number.re(), re);
        assertNear(number.im(), im);
    }

    private static void assertNear(Real part, BigDecimal expected) {
        double answer = part.toDouble();
        BigDecimal miss = new BigDecimal(answer).subtract(expected).abs();
        assertThat(miss).as(answer + " for " + expected).isLessThanOrEqualTo(new BigDecimal(4 * Math.ulp(answer)));
    }
}
