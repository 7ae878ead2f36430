package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The ladders of equations and integrals: what each line does, and what stands there then. */
class CalculusWorkingTest {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private static List<ShownStep> steps(String text) {
        return CALCULATOR
                .calculate(text, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .steps();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "solve(3*x+5=11, x) | subtract 5 from both sides: 3*x=6, divide both sides by 3: x=2, solutions: {2}",
                "solve(v=u+a*t, t) | subtract u from both sides: a*t=v-u, divide both sides by a: t=(v-u)/a, "
                        + "solutions: {(v - u)/a}",
                "solve(x^2-5*x+6=0, x) | a product is 0 where one of its factors is: {x-2=0; x-3=0}, solve for x: x=2, "
                        + "solve for x: x=3, solutions: {x=2; x=3}, solutions: {2; 3}",
                "solve(sqrt(x+3)=x-3, x) | bring all to one side: -x+sqrt(x+3)+3=0, bring the root to one side: "
                        + "sqrt(x+3)=x-3, square both sides: x+3=x^2-6*x+9, bring all to one side: -x^2+7*x-6=0, "
                        + "a product is 0 where one of its factors is: {x-1=0; x-6=0}, solve for x: x=1, solve for x: "
                        + "x=6, 1 does not solve the equation: x=6, solutions: {6}",
                "solve(2*x^2+x-2=0, x) | the discriminant b^2 - 4*a*c is 17: {x=-sqrt(17)/4-1/4; x=sqrt(17)/4-1/4}, "
                        + "solutions: {-1/4 - √17/4; √17/4 - 1/4}",
                "solve({x+y=5; x-y=1}, {x; y}) | solve x + y = 5 for x: x=-y+5, put x = -y + 5 in: -2*y+5=1, "
                        + "solve -2*y + 5 = 1 for y: y=2, put it into x = -y + 5: {x=3; y=2}, solutions: {3, 2}",
                "integral(x*cos(x), x) | u = x, v' = cos(x), v = sin(x): x*sin(x)-integral(sin(x), x), "
                        + "standard integral: x*sin(x) + cos(x)",
                "integral(x^2, x, 0, 3) | integral of a power: x^3/3, limits put in: (9)-(0), the last operation: 9",
                "integral(2*x*e^(x^2), x) | a constant factor stays: 2*integral(x*e^(x^2), x), u = e^(x^2), u' = "
                        + "2*x*e^(x^2): 2*integral(1/2, u), integral of a constant: u, put u = e^(x^2) back: e^(x^2)",
                "integral(e^(x^2), x, 0, 1) | by numbers: the method of Gauss and Kronrod with 15 points, 15 values, error "
                        + "below 8e-14: 1.4626517459071815",
                "with(x^2+1, x: 3) | function: 10",
            })
    void eachLineSaysWhatItDoes(String expression, String lines) {
        List<String> shown = steps(expression).stream()
                .map(step -> (step.note().isEmpty() ? step.rule().label() : step.note()) + ": " + step.after())
                .toList();
        assertThat(String.join(", ", shown)).isEqualTo(lines);
    }
}
