package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.algebra.Form;
import app.logismos.algebra.Forms;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Derivatives as they would be handed in: each line names its rule. */
class DerivativeWorkingTest {
    private static List<ShownStep> steps(String entry) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .steps();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "derivative(7, x) | the derivative of a constant is 0",
                "derivative(x, x) | the derivative of the variable is 1",
                "derivative(5*x^3, x) | power rule",
                "derivative(sqrt(x), x) | power rule",
                "derivative(x^2*sin(x), x) | product rule, derivative of a function, power rule",
                "derivative(3*x^2-5*x+1, x) | sum rule, power rule, power rule, the derivative of a constant is 0",
                "derivative(sin(3*x), x) | chain rule, power rule",
                "derivative(ln(x)/x, x) | quotient rule, derivative of a function, the derivative of the variable is 1",
                "derivative(7*sin(x), x) | a constant factor stays, derivative of a function",
                "derivative(2^x, x) | derivative of an exponential",
                "derivative(e^(2*x), x) | chain rule, power rule",
                "derivative(x^3, x, order: 2) | power rule, power rule",
                "derivative(derivative(x^3, x), x) | power rule",
                "2*derivative(x^2, x) | power rule, the last operation",
            })
    void eachLineNamesItsRule(String entry, String rules) {
        assertThat(steps(entry).stream().map(step -> step.rule().label()).collect(Collectors.joining(", ")))
                .isEqualTo(rules);
    }

    @Test
    void aProductIsHandedInInThreeLines() {
        assertThat(steps("derivative(x^2*sin(x), x)").stream().map(ShownStep::after))
                .containsExactly(
                        "x^2*derivative(sin(x), x)+derivative(x^2, x)*sin(x)",
                        "x^2*cos(x)+derivative(x^2, x)*sin(x)",
                        "x^2*cos(x) + 2*x*sin(x)");
        assertThat(steps("derivative(x^2*sin(x), x)").stream()
                        .map(step -> step.part().in(step.before())))
                .containsExactly("derivative(x^2*sin(x), x)", "derivative(sin(x), x)", "derivative(x^2, x)");
        assertThat(steps("derivative(sin(x), x)").get(0).latex()).contains("\\frac{\\mathrm{d}}{\\mathrm{d}x}");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "2*expand((x+1)^2)+1 | 2*(x^2+x+x+1)+1, 2*(x^2 + 2*x + 1)+1, 2*x^2 + 4*x + 3",
                "3-expand(x*(x-1)) | 3-(x^2 - x), -x^2 + x + 3",
                "1/expand(x*(x-1)) | 1/(x^2 - x)",
                "expand(x*x)^2 | (x^2)^2, x^4",
                "-expand(x-1) | -(x - 1)",
            })
    void anExpressionWithinOneHasBracketsWhereItNeedsThem(String entry, String lines) {
        assertThat(steps(entry).stream().map(ShownStep::after).collect(Collectors.joining(", ")))
                .isEqualTo(lines);
    }

    @Test
    void eachLineGoesOnWhereTheOneBeforeEndedAndTheLastIsTheDerivative() {
        Seeded.cases(200, random -> {
            Form form = Forms.any(random, 3);
            String entry = "derivative(" + form.text() + ", x)";
            Calculation calculation = new Calculator(Patient.LIMITS)
                    .calculate(entry, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST);
            if (calculation.value() instanceof Failure) {
                return;
            }
            List<ShownStep> steps = calculation.steps();
            for (int i = 1; i < steps.size(); i++) {
                assertThat(steps.get(i).before())
                        .as(entry)
                        .isEqualTo(steps.get(i - 1).after());
            }
            assertThat(steps.get(steps.size() - 1).after()).as(entry).isEqualTo(PlainText.of(calculation.value()));
        });
    }
}
