package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.algebra.Derivative;
import app.logismos.algebra.Form;
import app.logismos.algebra.Forms;
import app.logismos.formula.Address;
import app.logismos.formula.Parser;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.Algebraic;
import app.logismos.value.NumberValue;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Forms as text and back, and their derivatives beside the slopes of their values. */
class FormReadingTest {
    private static final double STEP = 1e-5;

    private static Evaluator evaluator() {
        return new Evaluator(
                new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)),
                Address.FIRST,
                Patient.LIMITS,
                Budget.of(Patient.LIMITS));
    }

    private static Form read(String text) {
        Parser.Outcome outcome = Parser.parse(text, 0, Address.FIRST, Words.STANDARD);
        assertThat(outcome).as(text).isInstanceOf(Parser.Outcome.Parsed.class);
        return new FormReading(evaluator()).of(((Parser.Outcome.Parsed) outcome).expression());
    }

    @Test
    void whatIsPrintedReadsBackAsTheSameForm() {
        Seeded.cases(2_000, random -> {
            Form form = Forms.any(random, random.nextInt(1, 5));
            if (!form.letters().isEmpty()) {
                assertThat(read(form.text())).as("%s", form.text()).isEqualTo(form);
            }
        });
    }

    @Test
    void theDerivativeIsTheSlope() {
        int[] compared = {0};
        Seeded.cases(600, random -> {
            Form made = Forms.any(random, 3);
            if (worth(made, 1).isEmpty()) {
                return; // it has the root of a negative number in it
            }
            Form form = inX(made);
            double at = random.nextInt(20, 150) / 100.0;
            Form derivative = Derivative.of(form, Forms.X, 1, new CatalogueDerivatives(evaluator()));
            OptionalDouble slope = slope(form, at, STEP);
            OptionalDouble wide = slope(form, at, 30 * STEP);
            OptionalDouble rule = worth(derivative, at);
            boolean isSmooth = slope.isPresent()
                    && wide.isPresent()
                    && rule.isPresent()
                    && Math.abs(slope.getAsDouble()) < 1e4
                    && Math.abs(wide.getAsDouble() - slope.getAsDouble())
                            < 1e-4 * Math.max(1, Math.abs(slope.getAsDouble()));
            if (isSmooth) {
                compared[0]++;
                assertThat(rule.getAsDouble())
                        .as("derivative of %s at %s: %s", form.text(), at, derivative.text())
                        .isCloseTo(slope.getAsDouble(), within(1e-3 * Math.max(1, Math.abs(slope.getAsDouble()))));
            }
        });
        assertThat(compared[0]).isGreaterThan(200);
    }

    private static Form inX(Form form) {
        return form.with(new Form.Letter("y"), Form.number(Rational.of(3, 2)))
                .with(new Form.Letter("z"), Form.number(Rational.of(2, 3)));
    }

    private static OptionalDouble slope(Form form, double at, double step) {
        OptionalDouble above = worth(form, at + step);
        OptionalDouble below = worth(form, at - step);
        return above.isPresent() && below.isPresent()
                ? OptionalDouble.of((above.getAsDouble() - below.getAsDouble()) / (2 * step))
                : OptionalDouble.empty();
    }

    private static OptionalDouble worth(Form form, double at) {
        Evaluator evaluator = evaluator();
        Value value = evaluator.algebraic(
                () -> inX(form).with(Forms.X, Form.number(Rational.of(BigDecimal.valueOf(at)))), new Span(0, 1));
        return value instanceof NumberValue number
                ? OptionalDouble.of(number.real().toDouble())
                : OptionalDouble.empty();
    }

    @Test
    void whatIsMadeOfAnApproximateNumberIsNotExact() {
        Form near = Form.number(Real.from(0.1));
        Span place = new Span(0, 1);
        assertThat(near.times(Forms.X).isExact()).isFalse();
        assertThat(near.plus(Forms.X).power(2).isExact()).isFalse();
        assertThat(((NumberValue) evaluator().algebraic(() -> near.times(Form.PI), place))
                        .real()
                        .isExact())
                .isFalse();
    }

    @Test
    void anExpressionWithLettersIsAValueAndOneWithoutIsANumber() {
        assertThat(evaluator().algebraic(() -> Forms.X, new Span(0, 1))).isEqualTo(new Algebraic(Forms.X));
        assertThat(evaluator().algebraic(() -> Form.number(7), new Span(0, 1))).isEqualTo(NumberValue.of(7));
    }
}
