package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.algebra.Derivative;
import app.logismos.algebra.Form;
import app.logismos.algebra.Forms;
import app.logismos.algebra.NoForm;
import app.logismos.algebra.Precise;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.hipparchus.analysis.differentiation.UnivariateDerivative1;
import org.junit.jupiter.api.Test;

/** Derivatives by rule, beside automatic differentiation and difference quotients of random expressions. */
class DerivativeLawsTest {
    private static final NoCells RADIANS = new NoCells(Surroundings.of(Surroundings.Angle.RADIANS));
    private static final Rational PLACE = Rational.of(13, 10);

    /** The other letters stand for numbers, so that one letter is left. */
    private static Form inX(Form form) {
        return form.with((Form.Letter) Form.letter("y"), Form.number(Rational.of(7, 5)))
                .with((Form.Letter) Form.letter("z"), Form.number(Rational.of(4, 3)));
    }

    private static Form derivative(Form form) {
        Evaluator evaluator = new Evaluator(RADIANS, Address.FIRST, Patient.LIMITS, Budget.of(Patient.LIMITS));
        return Derivative.of(form, Forms.X, 1, new CatalogueDerivatives(evaluator));
    }

    @Test
    void itIsWhatAutomaticDifferentiationGives() {
        AtomicInteger compared = new AtomicInteger();
        Seeded.cases(600, random -> {
            Form form = random(random);
            UnivariateDerivative1 automatic = Automatic.of(form, new UnivariateDerivative1(PLACE.toDouble(), 1));
            double worth = Automatic.of(derivative(form), new UnivariateDerivative1(PLACE.toDouble(), 0))
                    .getValue();
            double expected = automatic.getFirstDerivative();
            if (Double.isFinite(automatic.getValue()) && Double.isFinite(expected) && Math.abs(expected) < 1e6) {
                compared.incrementAndGet();
                assertThat(worth).as(form.text()).isCloseTo(expected, within(1e-8 * Math.max(1, Math.abs(expected))));
            }
        });
        assertThat(compared.get()).isGreaterThan(300);
    }

    @Test
    void itIsTheDifferenceQuotientInSixtyDigits() {
        AtomicInteger compared = new AtomicInteger();
        Rational step = (Rational) Rational.of(10).power(Rational.of(-20));
        Seeded.cases(250, random -> {
            Form form = random(random);
            Form before = Form.number(PLACE.minus(step) instanceof Rational left ? left : PLACE);
            Form behind = Form.number(PLACE.plus(step) instanceof Rational right ? right : PLACE);
            Optional<BigDecimal> expected = digits(() -> form.with(Forms.X, behind)
                    .minus(form.with(Forms.X, before))
                    .over(Form.number(Rational.of(2)).times(Form.number(step))));
            if (expected.isPresent()) {
                BigDecimal worth = digits(() -> derivative(form).with(Forms.X, Form.number(PLACE)))
                        .orElseThrow(() -> new AssertionError(form.text()));
                compared.incrementAndGet();
                BigDecimal size = expected.get().abs().max(BigDecimal.ONE);
                assertThat(worth.subtract(expected.get()).abs().divide(size, MathContext.DECIMAL32))
                        .as(form.text())
                        .isLessThan(new BigDecimal("1e-20"));
            }
        });
        assertThat(compared.get()).isGreaterThan(100);
    }

    private static Form random(java.util.Random random) {
        while (true) {
            try {
                Form form = inX(Forms.any(random, 3));
                if (form.has(Forms.X)) {
                    return form;
                }
            } catch (NoForm none) {
                // Another one.
            }
        }
    }

    private static Optional<BigDecimal> digits(Supplier<Form> form) {
        try {
            return Optional.of(Precise.digits(form.get(), false, 60));
        } catch (Precise.Refused | NoForm none) {
            return Optional.empty();
        }
    }

    /** Values with their slopes, from the library's own rules. */
    private static final class Automatic {
        private static final Map<String, UnaryOperator<UnivariateDerivative1>> FUNCTIONS = Map.ofEntries(
                Map.entry("sin", UnivariateDerivative1::sin),
                Map.entry("cos", UnivariateDerivative1::cos),
                Map.entry("tan", UnivariateDerivative1::tan),
                Map.entry("sec", x -> x.cos().reciprocal()),
                Map.entry("ln", UnivariateDerivative1::log),
                Map.entry("atan", UnivariateDerivative1::atan),
                Map.entry("sinh", UnivariateDerivative1::sinh),
                Map.entry("cosh", UnivariateDerivative1::cosh),
                Map.entry("abs", UnivariateDerivative1::abs),
                Map.entry("sign", UnivariateDerivative1::sign));

        private Automatic() {}

        static UnivariateDerivative1 of(Form form, UnivariateDerivative1 x) {
            if (form.equals(Forms.X)) {
                return x;
            }
            if (form instanceof Form.Number number) {
                return x.newInstance(number.value().toDouble());
            }
            if (form instanceof Form.Constant constant) {
                return x.newInstance(constant.equals(Form.E) ? Math.E : Math.PI);
            }
            if (form instanceof Form.Sum sum) {
                return sum.terms().stream()
                        .map(term -> of(term, x))
                        .reduce(UnivariateDerivative1::add)
                        .orElseThrow();
            }
            if (form instanceof Form.Product product) {
                return product.factors().stream()
                        .map(factor -> of(factor, x))
                        .reduce(x.newInstance(product.number().toDouble()), UnivariateDerivative1::multiply);
            }
            if (form instanceof Form.Power power) {
                return power.exponent() instanceof Form.Number number
                        ? raised(of(power.base(), x), number.value().toDouble())
                        : of(power.base(), x).pow(of(power.exponent(), x));
            }
            Form.Applied applied = (Form.Applied) form;
            return FUNCTIONS
                    .get(applied.function())
                    .apply(of(applied.arguments().get(0), x));
        }

        private static UnivariateDerivative1 raised(UnivariateDerivative1 base, double exponent) {
            return exponent == Math.rint(exponent) ? base.pow((int) exponent) : base.pow(exponent);
        }
    }
}
