package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=5+2*3      | 5+[2*3] multiply-divide-before-add-subtract → [5+6] last-operation → 11",
                "=(5+2)*3    | [(5+2)]*3 brackets-first → [7*3] last-operation → 21",
                "=2*4-3      | [2*4]-3 multiply-divide-before-add-subtract → [8-3] last-operation → 5",
                "=3^2*(4+4)/2 | 3^2*[(4+4)]/2 brackets-first → [3^2]*8/2 powers-before-multiply-divide → [9*8]/2 left-to-right → [72/2] last-operation → 36",
                "=5+5/2      | 5+[5/2] multiply-divide-before-add-subtract → [5+2.5] last-operation → 15/2",
                "=-2^2       | -[2^2] powers-before-sign → -4",
                "=2^3^2      | 2^[3^2] powers-from-the-right → [2^9] last-operation → 512",
                "=0.1+0.2=0.3 | [0.1+0.2]=0.3 calculate-before-comparing → [0.3=0.3] last-operation → true",
                "=(1-3)^2    | [(1-3)]^2 brackets-first → [(-2)^2] last-operation → 4",
                "=1/3+1/6    | [1/3+1/6] last-operation → 1/2", // a fraction that stays one is no step
                "=2*sin(30°) | 2*[sin(30°)] function → [2*0.5] last-operation → 1",
                "=if(1<2, 2+3, 1/0) | if([1<2], 2+3, 1/0) arguments-first → [if(true, 2+3, 1/0)] condition → [(2+3)] brackets-first → 5",
                "=7          | 7",
            })
    void stepsFollowTheRules(String entry, String expected) {
        assertThat(ladder(entry)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=combinations(15, 7) | 15! / (7! × 8!)",
                "=permutations(9, 4)  | 9! / (9 − 4)!",
                "=multinomial(3, 2, 2) | 7! / (3! × 2! × 2!)",
                "=sum(1, -2, 3)       | 1 + (-2) + 3",
                "=mean({1; 2; 4})     | (1 + 2 + 4) / 3",
                "=factorial(4)        | 1 × 2 × 3 × 4",
                "=5 lb to kg          | 1 lb = 0.45359237 kg",
                "=60 km/h to m/s      | 1 km = 1000 m, 1 h = 3600 s",
                "=2 EUR/lb to EUR/kg  | 1 lb = 0.45359237 kg",
                "=1 kWh to J          | 1 kWh = 3600000 J",
                "=45 mph * 20 min     | '1 mph = 1 mi/h, 1 min = 1/60 h'",
                "=90 mi / 45 mph      | 1 mph = 1 mi/h",
                "=7.5 L/100km * 4 km  | 1 L/100km = 0.01 L/km",
                "=98.6 °F to °C       | x °F = (x × 5/9 − 160/9) °C",
                "=20 °C to K          | x °C = (x + 273.15) K",
                "=3 ft + 2 in         | 1 in = 1/12 ft",
                "=60 km/h * 30 min    | 1 min = 1/60 h",
                "=2 ft > 20 in        | 1 in = 1/12 ft",
            })
    void aShortcutShowsTheCalculationBehindIt(String entry, String note) {
        assertThat(steps(entry)).singleElement().extracting(ShownStep::note).isEqualTo(note);
    }

    @Test
    void theLastExpressionIsTheValueAndEachStepBeginsWhereTheOneBeforeEnded() {
        Seeded.cases(2_000, random -> {
            Calculation calculation =
                    calculate("=" + RandomExpression.ofNumbers(random).text());
            List<ShownStep> steps = calculation.steps();
            for (int i = 1; i < steps.size(); i++) {
                assertThat(steps.get(i).before()).isEqualTo(steps.get(i - 1).after());
            }
            String value = TypedText.of(calculation.value(), 400);
            boolean isShort = value.length() <= 400; // a longer number is abbreviated
            if (!steps.isEmpty() && !(calculation.value() instanceof Failure) && isShort) {
                assertThat(steps.get(steps.size() - 1).after()).isEqualTo(value);
            }
        });
    }

    @Test
    void eachStepPutsTheValueOfItsPartInAndChangesNothingElse() {
        Seeded.cases(1_000, random -> {
            List<ShownStep> steps =
                    steps("=" + RandomExpression.ofNumbers(random).text());
            for (ShownStep step : steps.subList(0, Math.max(0, steps.size() - 1))) {
                if (step.rule() != Rule.THE_REST) {
                    String head = step.before().substring(0, step.part().start());
                    String tail = step.before().substring(step.part().end());
                    assertThat(step.after()).startsWith(head).endsWith(tail);
                    String put =
                            step.after().substring(head.length(), step.after().length() - tail.length());
                    assertThat(PlainText.of(calculate("=" + put).value()))
                            .isEqualTo(
                                    PlainText.of(calculate("=" + step.value()).value()));
                }
            }
        });
    }

    @Test
    void amongPartsThatBindAlikeTheLeftmostIsWorkedFirst() {
        assertThat(ladder("=(1+2)*(3+4)"))
                .isEqualTo("[(1+2)]*(3+4) brackets-first → 3*[(3+4)] brackets-first → [3*7] last-operation → 21");
    }

    @Test
    void aFailingStepIsTheLast() {
        assertThat(ladder("=1+2/0*3")).isEqualTo("1+[2/0]*3 left-to-right → 1+divide-by-zero*3");
    }

    private static String ladder(String entry) {
        List<ShownStep> steps = steps(entry);
        if (steps.isEmpty()) {
            return PlainText.of(calculate(entry).value());
        }
        return steps.stream()
                .map(step -> step.before().substring(0, step.part().start()) + "["
                        + step.part().in(step.before()) + "]"
                        + step.before().substring(step.part().end()) + " "
                        + step.rule().code())
                .collect(Collectors.joining(
                        " → ", "", " → " + steps.get(steps.size() - 1).after()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=1/2+1/4           | \\frac{3}{4}",
                "=1/2+1/3           | \\frac{5}{6}",
                "=12.5 EUR/3+1 EUR  | \\frac{31}{6}\\,\\text{EUR}",
                "=5+5/2             | ''",
                "=round(2/3, 2)*20% | ''",
            })
    void aWorkingInFractionsHasItsValueAsOne(String entry, String fraction) {
        assertThat(calculate(entry).fraction()).isEqualTo(fraction);
    }

    @Test
    void whatIsTypedAsADecimalIsSetAsOneInAWorkingInFractions() {
        assertThat(steps("=12.5 EUR/3+1 EUR").get(0).latex()).contains("12.5\\,\\text{EUR}");
    }

    private static List<ShownStep> steps(String entry) {
        return calculate(entry).steps();
    }

    private static Calculation calculate(String entry) {
        return new Calculator(Patient.LIMITS).calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST);
    }
}
