package app.logismos.algebra;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Laws of forms and polynomials on random ones. */
class AlgebraLawsTest {
    @Test
    void factorsMultiplyOutToWhatTheyAreFactorsOf() {
        Seeded.cases(150, random -> {
            int letters = random.nextInt(1, 4);
            int factors = random.nextInt(1, 4);
            Form product = Form.product(IntStream.range(0, factors)
                    .mapToObj(i -> Forms.polynomial(random, letters, 3, 4))
                    .toList());
            Form expanded = Expanding.of(product);
            assertThat(Expanding.of(Factored.of(expanded))).isEqualTo(expanded);
        });
    }

    @Test
    void aProductHasAtLeastAsManyFactorsAsItWasMadeFrom() {
        Seeded.cases(200, random -> {
            List<Polynomial> parts = new ArrayList<>();
            for (int i = 0; i < random.nextInt(2, 5); i++) {
                parts.add(whole(random, random.nextInt(1, 5)));
            }
            Polynomial product = parts.stream().reduce(Polynomial.one(1), Polynomial::times);
            List<Factor> factors = Factoring.of(product);
            assertThat(factors.stream().mapToInt(Factor::times).sum()).isGreaterThanOrEqualTo(parts.size());
            assertThat(factors.stream()
                            .map(factor -> factor.polynomial().power(factor.times()))
                            .reduce(Polynomial.one(1), Polynomial::times))
                    .isEqualTo(product.primitive());
            factors.forEach(factor -> assertThat(Factoring.of(factor.polynomial()))
                    .as("what was split is not split again")
                    .containsExactly(new Factor(factor.polynomial(), 1)));
        });
    }

    private static Polynomial whole(Random random, int degree) {
        List<BigInteger> coefficients = new ArrayList<>();
        for (int i = 0; i < degree; i++) {
            coefficients.add(BigInteger.valueOf(random.nextInt(-20, 21)));
        }
        coefficients.add(BigInteger.valueOf(random.nextInt(1, 9)));
        return Polynomial.of(coefficients);
    }

    /** x^4 + 1 and its like split by every prime, and not over the rationals (H. P. F. Swinnerton-Dyer). */
    @ParameterizedTest(name = "{0} cannot be split")
    @CsvSource(
            delimiter = '|',
            value = {
                "1, 0, 0, 0, 1",
                "1, 0, -10, 0, 1",
                "576, 0, -960, 0, 352, 0, -40, 0, 1",
                "1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1",
                "-2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1",
            })
    void whatCannotBeSplitIsNot(String coefficients) {
        Polynomial polynomial = Polynomial.of(Arrays.stream(coefficients.split(","))
                .map(each -> new BigInteger(each.strip()))
                .toList());
        assertThat(Factoring.of(polynomial)).containsExactly(new Factor(polynomial, 1));
    }

    /** J. H. Wilkinson's polynomial, whose roots are 1 to 20. */
    @Test
    void wilkinsonsPolynomialOfDegree20SplitsIntoItsTwentyRoots() {
        Form product = Form.product(IntStream.rangeClosed(1, 20)
                .mapToObj(root -> Forms.X.minus(Form.number(root)))
                .toList());
        assertThat(Factored.of(Expanding.of(product))).isEqualTo(product);
    }

    @Test
    void theGreatestDivisorOfMultiplesIsAMultiple() {
        Seeded.cases(200, random -> {
            int letters = random.nextInt(1, 4);
            Ring ring = Ring.ofPolynomial(Form.sum(List.of(Form.letter("x"), Form.letter("y"), Form.letter("z"))));
            Polynomial shared = above(ring, Forms.polynomial(random, letters, 3, 3));
            Polynomial a = above(ring, Forms.polynomial(random, letters, 3, 3));
            Polynomial b = above(ring, Forms.polynomial(random, letters, 3, 3));
            Polynomial divisor = GreatestDivisor.of(shared.times(a), shared.times(b));
            if (!divisor.isZero() && !shared.isZero()) {
                assertThat(divisor.over(shared)).isPresent();
                assertThat(shared.times(a).over(divisor)).isPresent();
                assertThat(shared.times(b).over(divisor)).isPresent();
            }
        });
    }

    private static Polynomial above(Ring ring, Form form) {
        return ring.quotient(form).above();
    }

    @Test
    void whatIsRewrittenHasTheSameValue() {
        Seeded.cases(400, random -> {
            Form form = Forms.any(random, 3);
            Map<String, Double> at = Map.of(
                    "x", random.nextDouble(0.2, 1.5),
                    "y", random.nextDouble(0.2, 1.5),
                    "z", random.nextDouble(0.2, 1.5));
            double value = worth(form, at);
            if (Math.abs(value) < 1e6) {
                assertThat(worth(Expanding.of(form), at))
                        .as("expanded %s", form.text())
                        .isCloseTo(value, near(value));
                assertThat(worth(Factored.of(form), at))
                        .as("factored %s", form.text())
                        .isCloseTo(value, near(value));
                assertThat(worth(Simplifying.of(form), at))
                        .as("simplified %s", form.text())
                        .isCloseTo(value, near(value));
                assertThat(Simplifying.of(form).text().length())
                        .isLessThanOrEqualTo(form.text().length());
            }
        });
    }

    private static org.assertj.core.data.Offset<Double> near(double value) {
        return within(1e-5 * Math.max(1, Math.abs(value)));
    }

    @Test
    void doingItTwiceChangesNothing() {
        Seeded.cases(500, random -> {
            Form form = Forms.any(random, 3);
            Form expanded = Expanding.of(form);
            assertThat(Expanding.of(expanded)).as("%s", form.text()).isEqualTo(expanded);
            assertThat(form.of(form.parts())).isEqualTo(form);
        });
    }

    /** The value by doubles. */
    static double worth(Form form, Map<String, Double> at) {
        if (form instanceof Form.Number number) {
            return number.value().toDouble();
        }
        if (form instanceof Form.Constant constant) {
            return constant.equals(Form.PI) ? Math.PI : Math.E;
        }
        if (form instanceof Form.Letter letter) {
            return at.get(letter.name());
        }
        if (form instanceof Form.Sum sum) {
            return sum.terms().stream().mapToDouble(term -> worth(term, at)).sum();
        }
        if (form instanceof Form.Product product) {
            return product.factors().stream()
                    .mapToDouble(factor -> worth(factor, at))
                    .reduce(product.number().toDouble(), (a, b) -> a * b);
        }
        if (form instanceof Form.Power power) {
            return Math.pow(worth(power.base(), at), worth(power.exponent(), at));
        }
        Form.Applied applied = (Form.Applied) form;
        double x = worth(applied.arguments().get(0), at);
        return switch (applied.function()) {
            case "sin" -> Math.sin(x);
            case "cos" -> Math.cos(x);
            case "tan" -> Math.tan(x);
            case "sinh" -> Math.sinh(x);
            case "cosh" -> Math.cosh(x);
            case "atan" -> Math.atan(x);
            case "ln" -> Math.log(x);
            case "abs" -> Math.abs(x);
            default -> throw new IllegalArgumentException(applied.function());
        };
    }

    @ParameterizedTest(name = "√{0} is {1}")
    @CsvSource({"12, 2*sqrt(3)", "8, 2*sqrt(2)", "1/2, sqrt(2)/2", "72, 6*sqrt(2)", "3/4, sqrt(3)/2", "7, sqrt(7)"})
    void rootsOfNumbersAreInLowestForm(String under, String root) {
        String[] parts = under.split("/");
        Rational number = Rational.of(Long.parseLong(parts[0]), parts.length > 1 ? Long.parseLong(parts[1]) : 1);
        assertThat(Form.power(Form.number(number), Form.HALF).text()).isEqualTo(root);
    }
}
