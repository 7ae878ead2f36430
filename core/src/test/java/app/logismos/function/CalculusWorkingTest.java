package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.algebra.Form;
import app.logismos.algebra.Forms;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.value.PlainText;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

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

    /** Each line was read beside the one before it, as a teacher would. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "derivative(max(x, 2), x, 3) | quotients of differences on both sides, brought to no difference by the "
                        + "method of Ridders: 25 values, error about 9E-16: 1",
                "solve(max(x, 2) = 5, x, 0, 9) | between 4.995 and 5.004: max(x, 2)=5, the method of Brent, 4 values: the "
                        + "last bracket is 5 to 5: x=5, others may be there: 5",
                "minimise(max(x, 3), x, 0, 1) | 400 pieces, the lowest ones narrowed down by the method of Brent, to about "
                        + "8 digits: {0, 3}",
                "expand((x+1)*(x+2)*(x-3)) | each term of x - 3 with each of x + 1: (x+2)*(x^2-2*x-3), each term "
                        + "of x + 2 with each of x^2 - 2*x - 3: x^3-2*x^2-3*x+2*x^2-4*x-6, like terms put together: x^3 - "
                        + "7*x - 6",
                "expand((x+1)^2) | each term of x + 1 with each: x^2+x+x+1, like terms put together: x^2 + 2*x + "
                        + "1",
                "expand((a+b)^5) | (a + b)^5: a^5 + 5*a^4*b + 10*a^3*b^2 + 10*a^2*b^3 + 5*a*b^4 + b^5",
                "expand((a+b)^3*(a-b)) | (a + b)^3: (a-b)*(a^3+3*a^2*b+3*a*b^2+b^3), each term of a - b with each"
                        + " of a^3 + 3*a^2*b + 3*a*b^2 + b^3: a^4+3*a^3*b+3*a^2*b^2+a*b^3-a^3*b-3*a^2*b^2-3*a*b^3-b^4, like"
                        + " terms put together: a^4 + 2*a^3*b - 2*a*b^3 - b^4",
                "collect(a*(x+b)+x, x) | a with each term of b + x: a*b+a*x+x, by powers of x: a*b + x*(a + 1)",
                "factor(x^3-6*x^2+11*x-6) | x = 1 gives 0: divide by x - 1: (x-1)*(x^2-5*x+6), x = 2 gives 0: "
                        + "divide by x - 2: (x - 3)*(x - 2)*(x - 1)",
                "factor(2*x^3-8*x) | 2*x: 2*x*(x^2-4), x = 2 gives 0: divide by x - 2: 2*x*(x - 2)*(x + 2)",
                "factor(x^4-2*x^2+1) | equal factors found: (x^2-1)^2, split into factors: (x - 1)^2*(x + 1)^2",
                "factor(x^4+4) | split into factors: (x^2 - 2*x + 2)*(x^2 + 2*x + 2)",
                "factor(6*x^2+5*x+1) | x = -1/2 gives 0: divide by 2*x + 1: (2*x + 1)*(3*x + 1)",
                "factor(a*x^2+2*a*x*y+a*y^2) | a: a*(x^2+2*x*y+y^2), split into factors: a*(x + y)^2",
                "factor(x/2+1/x) | over one fraction line: (x^2 + 2)/(2*x)",
                "simplify((x^2-1)/(x-1)) | where x - 1 is not 0: ((x-1)*(x+1))/(x-1), the shortest way to write "
                        + "it: x + 1",
                "simplify(sin(a)^2+cos(a)^2) | sin^2 + cos^2 = 1: 1",
                "simplify(1/x+1/(x+1)+1/(x*(x+1))) | where x + 1 is not 0: 2/x",
                "simplify(sin((x^2-1)/(x-1))) | where x - 1 is not 0: sin(x + 1)",
                "simplify(x/x) | where x is not 0: 1",
                "simplify(1/(x/y)) | where y is not 0: y/x",
                "partialfractions((x^3+1)/(x^2+x), x) | divided, with what is left over: x-1+1/x, what is divided"
                        + " by: x-1+1/(x), unknown numbers above the lines: x-1+A/(x), x: 1=A, A = 1: x - 1 + 1/x",
                "partialfractions((3*x+5)/((x-1)^2*(x^2+1)), x) | what is divided by: (3*x+5)/((x-1)^2*(x^2+1)), "
                        + "unknown numbers above the lines: A/(x-1)+B/((x-1)^2)+(C*x+D)/(x^2+1), (x - 1)^2*(x^2 + 1): "
                        + "3*x+5=A*((x-1)*(x^2+1))+B*(x^2+1)+(C*x+D)*((x-1)^2), A = -5/2, B = 4, C = 5/2, D = -3/2: (5*x/2 "
                        + "- 3/2)/(x^2 + 1) - 5/(2*(x - 1)) + 4/(x - 1)^2",
                "partialfractions(1/(2*x^2-2), x) | what is divided by: 1/(2*(x-1)*(x+1)), unknown numbers above "
                        + "the lines: A/(x-1)+B/(x+1), 2*(x - 1)*(x + 1): 1=A*(2*(x+1))+B*(2*(x-1)), A = 1/4, B = -1/4: "
                        + "1/(4*(x - 1)) - 1/(4*(x + 1))",
                "taylor(sin(x), x, 0, 3) | the expression sin(x), at x = 0 is 0: 0, derivative 1, cos(x), at x = "
                        + "0 is 1: x, derivative 2, -sin(x), at x = 0 is 0: x, derivative 3, -cos(x), at x = 0 is -1: "
                        + "-x^3/6 + x",
                "limit(sin(x)/x, x, 0) | above sin(x), below x: both derivatives: limit(cos(x), x, 0), what it "
                        + "comes near: 1",
                "limit((x^2-1)/(x-1), x, 1) | where x - 1 is not 0: limit(x+1, x, 1), what it comes near: 2",
                "limit((1+1/n)^n, n, inf) | n = 1/u: limit((u+1)^(1/u), u, 0), (u + 1)^(1/u) = e^(ln(u + 1)/u): "
                        + "limit(ln(u+1)/u, u, 0), above ln(u + 1), below u: both derivatives: limit(1/(u+1), u, 0), the "
                        + "exponent comes near 1: e, what it comes near: 2.718281828459045",
                "limit(sqrt(x^2+x)-x, x, inf) | x = 1/u: limit(sqrt(u+1)/u-1/u, u, 0), above sqrt(u + 1) - 1, "
                        + "below u: both derivatives: limit(1/(2*sqrt(u+1)), u, 0), what it comes near: 1/2",
                "limit(x^2+1, x, 2) | x = 2: 5",
                "limit(ln(x)*x, x, 0, side: \"right\") | above ln(x), below 1/x: both derivatives: limit(-x, x, "
                        + "0), what it comes near: 0",
                "minimise(x^2-4*x, x, 0, 5) | the slope is the derivative: 2*x-4, x = 2: 2*x-4=0, and both ends: "
                        + "{0, 0; 2, -4; 5, 5}, the place with the best value: {2, -4}",
                "maximise(x, x, 1, 3) | the slope is the derivative: 1, both ends: the slope is 0 nowhere in "
                        + "between: {1, 1; 3, 3}, the place with the best value: {3, 3}",
                "solve(cos(x)=x, x, 1) | between 0.68997 and 0.764477: cos(x)=x, the method of Brent, 7 values: "
                        + "the last bracket is 0.7390851332151607 to 0.7390851332151607: x=0.7390851332151607, others may "
                        + "be there: 0.7390851332151607",
                "sumover(3*k+2, k, 1, n) | each term by itself: 3*sumover(k, k, 1, n)+2*sumover(1, k, 1, n), "
                        + "sumover(k, k, 1, n) = (n^2 + n)/2: 3*((n^2+n)/2)+2*sumover(1, k, 1, n), sumover(1, k, 1, n) = n:"
                        + " 3*((n^2+n)/2)+2*(n), closed form of a sum: n*(3*n + 7)/2",
                "sumover(1/(k*(k+1)), k, 1, inf) | terms cancel later ones: sumover(1/k-1/(k+1), k, 1, inf), "
                        + "closed form of a sum: 1",
                "sumover(1/2^k, k, 0, inf) | geometric sum: 2",
                "sumover(k^2, k, 1, n) | sum of powers: n^3/3 + n^2/2 + n/6",
                "derivative(x^3, x, 2) | power rule: 3*x^2, x = 2 in 3*x^2: 12",
            })
    void anotherWayToWriteItIsReachedStepByStep(String expression, String lines) {
        eachLineSaysWhatItDoes(expression, lines);
    }

    @ParameterizedTest(name = "each line of {0} is worth the same")
    @ValueSource(strings = {"expand", "factor", "simplify"})
    void noLineChangesTheValue(String function) {
        Seeded.cases(150, random -> {
            int letters = random.nextInt(1, 3);
            Form product = Forms.polynomial(random, letters, 2, 3)
                    .times(Forms.polynomial(random, letters, 2, 3))
                    .power(random.nextInt(1, 3));
            String entry = function + "("
                    + product.plus(Forms.polynomial(random, letters, 2, 2)).text() + ")";
            List<ShownStep> lines = steps(entry);
            String at = ", x: 7/3, y: -5/2, z: 11/13)";
            String worth = worth("with(" + entry + at);
            assertThat(lines)
                    .as(entry)
                    .allSatisfy(line ->
                            assertThat(worth("with(" + line.after() + at)).isEqualTo(worth));
        });
    }

    private static String worth(String text) {
        return PlainText.of(CALCULATOR
                .calculate(text, new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)), Address.FIRST)
                .value());
    }
}
