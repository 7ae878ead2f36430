package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.sheet.Edit;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code with}: what an expression would be if names and cells had other values (language, section 11). */
class SupposingTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "with(x^2 + y, x: 3, y: 1) | 10",
                "with(x^2 + y, x: 3) | y + 9",
                "with(total, tax: 50%) | 30",
                "with(total, price: 10) | 12",
                "with(total, price: 10, tax: 0) | 10",
                "with(A3, A1: 40) | 48",
                "with(A3, A1: 40) + total | 72",
                "with(sum(A1:A3), A1: 0) | 1/5",
                "with(total, TAX: 1) | 40",
                "with(with(total, tax: 1), price: 1) | 2",
                "with(total, tax: tax*2) | 28",
                "with(twice(3), tax: 1) | 6",
                "sumover(with(total, price: k), k, 1, 3) | 36/5",
                "sumover(with(k^2, k: 2), k, 1, 3) | 12",
                "with(derivative(x^3, x), x: 2) | 12",
                "with(D1, x: 2) | 9",
                "with(D1, y: 2) | x^2 + 5",
                "with(price, price: 3 kg) | 3 kg",
                "with(A1, A1: \"tea\") | \"tea\"",
                "with(mean(A1:A2), A1: {7}) | 18/5",
            })
    void anExpressionIsWorkedOutAsIfTheNamesHadTheseValues(String formula, String worth) {
        type(
                live,
                "A1",
                "20",
                "A2",
                "20%",
                "A3",
                "total = price*(1+tax)",
                "D1",
                "=expand(x^2+5)",
                "B1",
                "twice(n) = 2*n*tax");
        Sheets.name(live, "price", "A1:A1");
        Sheets.name(live, "tax", "A2:A2");
        type(live, "C1", "=" + formula);
        assertThat(shown(live, "C1")).isEqualTo(worth);
        assertThat(shown(live, "A3")).isEqualTo("24");
    }

    @ParameterizedTest(name = "{0} fails: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "with(x, x) | syntax: `with` puts values",
                "with(x) | wrong-arguments",
                "with(A1, \"a\": 4) | wrong-kind: `with` puts values for names and cells",
                "with(1/x, x: 0) | divide-by-zero",
                "with(x, x: 1/0) | divide-by-zero",
                "with(C1, A1: 2) | circular",
            })
    void whatCannotBeSupposedSaysWhy(String formula, String says) {
        type(live, "C1", "=" + formula);
        assertThat(shown(live, "C1")).startsWith(says);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "derivative(total, price) | 6/5",
                "derivative(total*price, price) | 12*price/5",
                "derivative(total^2, price, 10) | 144/5",
                "derivative(A3, price) | 6/5",
                "derivative(total, tax) | 20",
                "derivative(k*total, k) | 24",
                "solve(total = 60, price) | 50",
                "solve(total = 60, price, 1) | 50",
                "integral(total, price, 0, 10) | 60",
                "integral(total, price) | 3*price^2/5",
                "sumover(total, price, 1, 3) | 36/5",
                "sumover(price, price, 1, 3) | 6",
                "limit(total/price, price, 0) | 6/5",
                "derivative(again, price) | 12/5",
                "derivative(A4, A1) | 12/5",
                "derivative(A3*A1, A1) | 12*A1/5",
                "derivative(A3*$A$1, $A$1) | 12*$A$1/5",
                "derivative(A3^2, A1, 10) | 144/5",
                "derivative(A1^2, A1) | 2*A1",
                "derivative(A3, A2) | 20",
                "integral(A3, A1, 0, 10) | 60",
                "solve(A3 = 60, A1) | 50",
                "solve(A3 = 60, A1, 1) | 50",
                "sumover(A3, A1, 1, 3) | 36/5",
                "limit(A3/A1, A1, 0) | 6/5",
                "maximise(A1*(10-A1), A1, 0, 10) | 5",
                "solve({A3 = 60; A4 = 2*k}, {A1; k}) | 50",
            })
    void aVariableThatIsACellIsFollowedThroughTheCellsThatDependOnIt(String formula, String worth) {
        type(live, "A1", "20", "A2", "20%", "A3", "total = price*(1+tax)", "A4", "again = 2*total");
        Sheets.name(live, "price", "A1:A1");
        Sheets.name(live, "tax", "A2:A2");
        type(live, "C1", "=" + formula);
        assertThat(shown(live, "C1")).isEqualTo(worth);
        assertThat(shown(live, "A3")).isEqualTo("24");
    }

    @ParameterizedTest(name = "{0} is worked by {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=derivative(A4, A1) | derivative(12*A1/5, A1); 12/5",
                "=derivative(again^2, price) | derivative(144*price^2/25, price); " + "288*price/25",
                "=derivative(A1^3, A1) | 3*A1^2",
                "=integral(total, price, 0, 10) | integral(6*price/5, price, 0, 10); 6*integral(price, price)/5; "
                        + "3*price^2/5; (60)-(0); 60",
                "=solve(A3 = 60, A1) | solve(6*A1/5=60, A1); A1=50; {50}",
            })
    void itsWorkingIsOfTheFormulasBetween(String entry, String lines) {
        type(live, "A1", "20", "A2", "20%", "A3", "total = price*(1+tax)", "A4", "again = 2*total");
        Sheets.name(live, "price", "A1:A1");
        Sheets.name(live, "tax", "A2:A2");
        assertThat(live.explain(entry, "a", Sheets.at("D1")).steps().stream()
                        .map(ShownStep::after)
                        .collect(Collectors.joining("; ")))
                .isEqualTo(lines);
    }

    @Test
    void aSlopeByANameFollowsWhatLiesBetween() {
        type(live, "A1", "20", "A2", "20%", "A3", "total = price*(1+A2)", "C1", "=derivative(total, price)");
        Sheets.name(live, "price", "A1:A1");
        assertThat(shown(live, "C1")).isEqualTo("6/5");
        type(live, "A2", "50%");
        assertThat(shown(live, "C1")).isEqualTo("3/2");
        type(live, "A3", "total = price^2");
        assertThat(shown(live, "C1")).isEqualTo("2*price");
        type(live, "A3", "total = 7");
        assertThat(shown(live, "C1")).isEqualTo("0");
    }

    @Test
    void renamingACellRenamesTheVariableThatItIs() {
        type(
                live,
                "A1",
                "20",
                "A2",
                "total = 3*price",
                "C1",
                "=derivative(total, price)",
                "C2",
                "=sumover(price^2, price, 1, 3)",
                "C3",
                "f(price) = 2*price");
        Sheets.name(live, "price", "A1:A1");
        live.apply(List.of(new Edit.Rename("price", "cost")));
        assertThat(live.worksheet().textIn("a", Sheets.at("C1"))).isEqualTo("=derivative(total, cost)");
        assertThat(shown(live, "C1")).isEqualTo("3");
        assertThat(shown(live, "C2")).isEqualTo("14");
        assertThat(live.worksheet().textIn("a", Sheets.at("C3"))).isEqualTo("f(price) = 2*price");
    }

    @Test
    void itFollowsAllThatLiesBetween() {
        type(
                live,
                "A1",
                "0",
                "A2",
                "10",
                "A3",
                "20",
                "A4",
                "=if(A1 > 0, A2, A3)",
                "A5",
                "=A4+1",
                "C1",
                "=with(A5, A1: 1)");
        assertThat(shown(live, "C1")).isEqualTo("11");
        type(live, "A2", "100");
        assertThat(shown(live, "C1")).isEqualTo("101");
        type(live, "A4", "=A2*A1");
        assertThat(shown(live, "C1")).isEqualTo("101");
        type(live, "A4", "=A2*A1*2");
        assertThat(shown(live, "C1")).isEqualTo("201");
    }

    @Test
    void aTableThatBecomesLongerIsReadWhole() {
        type(
                live,
                "A1",
                "2",
                "B1",
                "=series(1, A1)",
                "C1",
                "=sum(B1:B9)",
                "C2",
                "=with(C1, A1: 5)",
                "C3",
                "=with(B2+C1, A1: 3)");
        assertThat(shown(live, "C1")).isEqualTo("3");
        assertThat(shown(live, "C2")).isEqualTo("15");
        assertThat(shown(live, "C3")).isEqualTo("8");
        assertThat(shown(live, "B3")).isEqualTo("0");
    }

    @Test
    void movingAndRenamingRewritesIt() {
        type(live, "A1", "2", "A2", "=A1*3", "C1", "=with(A2, A1: 5)");
        Sheets.name(live, "pots", "A1:A1");
        type(live, "C2", "=with(A2, pots: 5)");
        live.apply(List.of(new Edit.Rename("pots", "cups")));
        assertThat(live.worksheet().textIn("a", Sheets.at("C2"))).isEqualTo("=with(A2, cups: 5)");
        assertThat(shown(live, "C2")).isEqualTo("15");
        live.apply(List.of(new Edit.InsertLines("a", app.logismos.sheet.Axis.ROWS, 0, 1)));
        assertThat(live.worksheet().textIn("a", Sheets.at("C2"))).isEqualTo("=with(A3, A2: 5)");
        assertThat(shown(live, "C3")).isEqualTo("15");
    }

    @Test
    void aColumnOfSuppositionsOnOneTotalEndsInTime() {
        type(live, "A1", "2", "A2", "=A1*3", "A3", "=A2+1");
        IntStream.range(0, 300)
                .forEach(row -> type(live, new Address(1, row).toString(), "=with(A3, A1: " + row + ")"));
        assertThat(shown(live, "B300")).isEqualTo("898");
        type(live, "A3", "=A2+2");
        assertThat(shown(live, "B1")).isEqualTo("2");
        assertThat(shown(live, "B300")).isEqualTo("899");
    }

    @Test
    void aLongChainOfSuppositionsSaysThatItIsTooDeep() {
        type(live, "A1", "2", "B1", "=A1+1");
        IntStream.range(1, 30)
                .forEach(row -> type(
                        live,
                        new Address(1, row).toString(),
                        "=with(B%d, A1: %d)+with(B%d, A1: A1+1)".formatted(row, row, row)));
        assertThat(shown(live, "B2")).isEqualTo("6");
        assertThat(shown(live, "B3")).isEqualTo("13");
        assertThat(shown(live, "B30")).startsWith("too-large");
    }
}
