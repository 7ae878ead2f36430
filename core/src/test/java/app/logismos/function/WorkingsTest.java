package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.catalogue.Catalogue;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.Rule;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.value.NumberValue;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkingsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=stdev(2, 6)               | mean 4; √(((2 − 4)^2 + (6 − 4)^2) / 1)",
                "=variancep({1; 2.5})       | mean 1.75; ((1 − 1.75)^2 + (2.5 − 1.75)^2) / 2",
                "=power(1.2, 3)             | 1.2 × 1.2 × 1.2",
                "=power(2, 1/2)             | 2^0.5",
                "=mod(17, 5)                | 17 − 3 × 5",
                "=gcd(84, 36)               | 84 = 2 × 36 + 12, 36 = 3 × 12 + 0",
                "=factorise(360)            | 360 = 2^3 × 3^2 × 5",
                "=isprime(91)               | 91 = 7 × 13",
                "=isprime(97)               | no prime up to √97 divides it",
                "=round(14.236, 2)          | 14.236 lies between 14.23 and 14.24; the next digit, 6, is 5 or more: up",
                "=ceiling(7.3, 0.5)         | 7.3 lies between 7 and 7.5; it goes up",
                "=round(2, 1)               | 2 stays as it is",
                "=odd(4)                    | 4 lies between 3 and 5; it goes away from 0",
                "=todigits(5, 2)            | 5 = 1 × 2^2 + 0 × 2^1 + 1 × 2^0",
                "=fibonacci(10)             | 21 + 34",
                "=doublefactorial(7)        | 7 × 5 × 3 × 1",
                "=quantile({1, 2, 4}, 0.25) | sorted: 1, 2, 4; place 1 + 0.25 × 2 = 1.5",
                "=slope({2, 4}, {1, 2})     | ((2 − 3) × (1 − 1.5) + (4 − 3) × (2 − 1.5)) / ((1 − 1.5)^2 + (2 − 1.5)^2)",
                "=payment(10%, 2, 2100)     | −(2100 × (1 + 0.1)^2 + 0) / (((1 + 0.1)^2 − 1) / 0.1)",
                "=netpresentvalue(10%, 110, 121) | 110 / 1.1^1 + 121 / 1.1^2",
                "=det({1, 2; 3, 4})         | 1 × 4 − 2 × 3",
                "=matmul({1, 2; 3, 4}, {5; 6}) | row by column, the first: 1 × 5 + 2 × 6",
                "=binomial(2, 5, 0.5)       | combinations(5, 2) × 0.5^2 × (1 − 0.5)^(5 − 2)",
                "=sum(series(1, 20))        | 1 + 2 + 3 + 4 + 5 + 6 + 7 + 8 + 9 + 10 = 55; 55 + 11 + 12 + 13 + 14 + 15 + 16 + 17 + 18 + 19 + 20",
                "=sum(series(1, 80))        | 1 + 2 + 3 + 4 + … + 79 + 80 (80 numbers)",
            })
    void aCallSaysHowItIsDoneByHand(String entry, String note) {
        assertThat(note(entry)).contains(note);
    }

    @Test
    void aWorkingThatIsAnExpressionGivesTheValueOfTheCall() {
        int worked = 0;
        for (Function function : Catalogue.STANDARD.functions()) {
            for (Example example : function.examples()) {
                Calculation behind =
                        note(example.expression()).map(WorkingsTest::calculate).orElse(null);
                if (behind == null || !(behind.value() instanceof NumberValue found)) {
                    continue; // a sentence, or an equation
                }
                worked++;
                if (calculate(example.expression()).value() instanceof NumberValue value
                        && !example.expression().startsWith("round(")) {
                    double expected = value.real().toDouble();
                    assertThat(found.real().toDouble())
                            .as(example.expression())
                            .isCloseTo(expected, within(1e-12 * Math.max(1, Math.abs(expected))));
                }
            }
        }
        assertThat(worked).isGreaterThan(100);
    }

    private static Optional<String> note(String entry) {
        return calculate(entry).steps().stream()
                .filter(step -> step.rule() == Rule.FUNCTION)
                .map(ShownStep::note)
                .filter(note -> !note.isEmpty())
                .findFirst();
    }

    private static Calculation calculate(String entry) {
        return new Calculator(Patient.LIMITS).calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST);
    }
}
