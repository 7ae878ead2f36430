package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Expressions with letters as values of cells: named, used further on, and followed. */
class LettersInCellsTest {
    private final LiveWorksheet live = Sheets.empty();

    @Test
    void anExpressionGoesOnInOtherCellsAndFollows() {
        type(
                live,
                "A1",
                "=expand((x+1)^2)",
                "B1",
                "=derivative(A1, x)",
                "C1",
                "=2*B1+1",
                "D1",
                "=derivative(A1, x, 3)");
        assertThat(shown(live, "B1")).isEqualTo("2*x + 2");
        assertThat(shown(live, "C1")).isEqualTo("4*x + 5");
        assertThat(shown(live, "D1")).isEqualTo("8");
        type(live, "A1", "=expand(x^3)");
        assertThat(shown(live, "C1")).isEqualTo("6*x^2 + 1");
    }

    @Test
    void aCellWithANumberIsThatNumberAndIsFollowed() {
        type(live, "A1", "3", "B1", "=derivative(A1*x^2, x)");
        Sheets.name(live, "pace", "A1:A1");
        type(live, "C1", "=expand((pace+x)^2)");
        assertThat(shown(live, "B1")).isEqualTo("6*x");
        assertThat(shown(live, "C1")).isEqualTo("x^2 + 6*x + 9");
        type(live, "A1", "5");
        assertThat(shown(live, "B1")).isEqualTo("10*x");
        assertThat(shown(live, "C1")).isEqualTo("x^2 + 10*x + 25");
    }

    @Test
    void aLetterThatIsNamedLaterHasThatValueFromThenOn() {
        type(live, "A1", "7", "B1", "=expand(k*(x+1))", "C1", "=derivative(k*x, x)");
        assertThat(shown(live, "B1")).isEqualTo("k*x + k");
        Sheets.name(live, "k", "A1:A1");
        assertThat(shown(live, "B1")).isEqualTo("7*x + 7");
        assertThat(shown(live, "C1")).isEqualTo("7");
    }

    @ParameterizedTest(name = "a cell called {0}")
    @CsvSource({"factor", "expand", "simplify", "collect", "derivative", "taylor"})
    void whatWasANameBeforeItWasAFunctionStaysOne(String name) {
        type(live, "A1", "3");
        Sheets.name(live, name, "A1:A1");
        type(live, "B1", "=2*" + name, "B2", "=factor(x^2-" + name + "*x)");
        assertThat(shown(live, "B1")).isEqualTo("6");
        assertThat(shown(live, "B2")).isEqualTo("x*(x - 3)");
    }

    @ParameterizedTest(name = "{0} over a cell with letters is refused")
    @CsvSource({"sum", "mean", "max", "product", "median", "stdev"})
    void whatStandsForANumberThatIsNotKnownIsNotLeftOutOfAStatistic(String function) {
        type(live, "A1", "1", "A2", "=expand(x)", "A3", "2", "B1", "=" + function + "(A1:A3)");
        assertThat(shown(live, "B1")).startsWith("wrong-kind");
    }

    @Test
    void theNumbersOfARangeAreCountedWithoutIt() {
        type(live, "A1", "1", "A2", "=expand(x)", "B1", "=count(A1:A2)", "B2", "=counta(A1:A2)");
        assertThat(shown(live, "B1")).isEqualTo("1");
        assertThat(shown(live, "B2")).isEqualTo("2");
    }
}
