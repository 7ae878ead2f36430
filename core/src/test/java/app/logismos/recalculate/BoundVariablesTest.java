package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.sheet.Edit;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A call can bind a variable: the word hides what else is called so, and the expression is worked out for each value. */
class BoundVariablesTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=sumover(k^2, k, 1, 4)                                      | 30",
                "=sumover(k*A1, k, 1, 3)                                     | 60",
                "=sumover(share, share, 1, 3)                                  | 6",
                "=sumover(share*k, k, 1, 3)                                   | 60",
                "=sumover(e, e, 1, 3)                                        | 6",
                "=sumover(E, e, 1, 3)                                        | 6",
                "=sumover(PI, pi, 1, 3)                                      | 6",
                "=sumover(k, K, 1, 3)                                        | 6",
                "=sumover(sumover(j*k, j, 1, k), k, 1, 3)                    | 25",
                "=sumover(sumover(k, k, 1, k), k, 1, 3)                      | 10",
                "=productover(sumover(1, j, 1, k), k, 1, 4)                  | 24",
                "=sumover(variable: k, to: 3, from: 1, expression: k)        | 6",
                "=sumover(k, variable: k, from: 1, to: 3)                    | 6",
                "=sumover(k*2 m, k, 1, 3)                                    | 12 m",
                "=productover(k*2 m, k, 1, 2)                                | 8 m²",
                "=sumover(k, k, -2, 2)                                       | 0",
                "=sumover(if(k > 1, k, 0), k, 1, 3)                          | 5",
                "=sumover(sum(A1:A2), k, 1, 2)                               | 60",
                "=sumover(1/k, k, 0, 2)                                      | divide-by-zero",
                "=sumover(A1, A1, 1, 2)                                      | 3",
                "=sumover(k, A1:A2, 1, 2)                                    | wrong-kind",
                "=sumover(k, k+1, 1, 2)                                      | wrong-kind",
                "=sumover(j, k, 1, 2)                                        | unknown-name",
                "=sumover(\"a\", k, 1, 2)                                    | wrong-kind",
                "=sumover(20 °C, k, 1, 2)                                    | wrong-kind",
                "=sumover(if(k > 1, 1 m, 1 s), k, 1, 2)                      | units-differ",
                "=sumover(k, k, 1, 10^7)                                     | too-large",
                "=sumover(k, k, 1, inf)                                      | no-real-result",
                "=k                                                          | unknown-name",
            })
    void theWordStandsForEachValue(String entry, String value) {
        type(live, "A1", "10", "A2", "20");
        Sheets.name(live, "share", "A1");
        type(live, "D1", entry);
        assertThat(shown(live, "D1").split(":")[0]).isEqualTo(value);
    }

    @Test
    void aCellMayBeCalledLikeTheVariableOfItsOwnFormula() {
        type(live, "A1", "k = sumover(k^2, k, 1, 3)", "A2", "=k+1");
        assertThat(shown(live, "A2")).isEqualTo("15");
    }

    @Test
    void whatTheExpressionRefersToIsFollowed() {
        type(live, "A1", "2", "A2", "=sumover(A1^k, k, 0, 3)", "A3", "=A2*10");
        assertThat(shown(live, "A3")).isEqualTo("150");
        type(live, "A1", "3");
        assertThat(shown(live, "A3")).isEqualTo("400");
        live.apply(List.of(new Edit.InsertLines("a", app.logismos.sheet.Axis.ROWS, 0, 1)));
        assertThat(live.worksheet().textIn("a", at("A3"))).isEqualTo("=sumover(A2^k, k, 0, 3)");
    }

    @Test
    void renamingANameLeavesAVariableThatIsCalledSo() {
        type(live, "A1", "5", "A2", "=sumover(n*k, k, 1, 2) + k");
        Sheets.name(live, "n", "A1");
        Sheets.name(live, "k", "B1");
        type(live, "B1", "100");
        live.apply(List.of(new Edit.Rename("k", "batch"), new Edit.Rename("n", "count1x")));
        assertThat(live.worksheet().textIn("a", at("A2"))).isEqualTo("=sumover(count1x*k, k, 1, 2) + batch");
        assertThat(shown(live, "A2")).isEqualTo("115");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=sumover(k^2, k, 1, 3)       | sumover(k^2, k, 1, 3) → 1^2+2^2+3^2 → 1+2^2+3^2 → 1+4+3^2 → 1+4+9 → 5+9 → 14",
                "=2*sumover(k, k, 1, 2)       | 2*sumover(k, k, 1, 2) → 2*(1+2) → 2*3 → 6",
                "=productover(k-1, k, 2, 3)   | productover(k-1, k, 2, 3) → (2-1)*(3-1) → 1*(3-1) → 1*2 → 2",
                "=sumover(k^2, k, -1, 0)      | sumover(k^2, k, -1, 0) → (-1)^2+0^2 → 1+0^2 → 1+0 → 1",
                "=sumover((2+3)*k, k, 1, 2)   | sumover((2+3)*k, k, 1, 2) → (2+3)*1+(2+3)*2 → 5*1+(2+3)*2 → 5*1+5*2 → 5+5*2 → 5+10 → 15",
                "=sumover(k, k, 1, 100)       | sumover(k, k, 1, 100) → 5050",
                "=sumover(k, k, 1, 1+1)       | sumover(k, k, 1, 1+1) → sumover(k, k, 1, 2) → 1+2 → 3",
            })
    void theWorkingGoesOnWithTheTerms(String entry, String ladder) {
        type(live, "D1", entry);
        List<ShownStep> steps = live.explain(entry, "a", at("D1")).steps();
        assertThat(steps.stream().map(ShownStep::before).collect(Collectors.joining(" → ")) + " → "
                        + steps.get(steps.size() - 1).after())
                .isEqualTo(ladder);
    }

    @Test
    void aSumOverARangeIsTheSumOfItsTerms() {
        Seeded.cases(300, random -> {
            int from = random.nextInt(21) - 10;
            int to = from + random.nextInt(12) - 1;
            Rational step = Rational.of(1 + random.nextInt(9), 1 + random.nextInt(9));
            Rational sum = Rational.ZERO;
            for (int k = from; k <= to; k++) {
                sum = (Rational)
                        sum.plus(Rational.of(k * k).times(step) instanceof Rational term ? term : Rational.ZERO);
            }
            type(live, "A1", Plain.text(step), "D1", "=sumover(k^2*A1, k, " + from + ", " + to + ")");
            assertThat(live.value("a", at("D1"))).isEqualTo(new NumberValue(sum));
        });
    }

    @Test
    void allTermsHaveTheTimeOfOneCalculation() {
        Limits tight = new Limits(Duration.ofMillis(200), 1_000_000, 1L << 28, 10);
        assertThat(new Calculator(tight)
                        .calculate(
                                "=sumover(sumover(sumover(j*k*m, j, 1, 1000), k, 1, 1000), m, 1, 1000)",
                                new NoCells(Surroundings.USUAL),
                                Address.FIRST)
                        .value())
                .isInstanceOfSatisfying(
                        Failure.class, failure -> assertThat(failure.code()).isEqualTo(ErrorCode.TOOK_TOO_LONG));
    }
}
