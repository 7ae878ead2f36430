package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.NamedEntries;
import app.logismos.sheet.Worksheet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Functions of one's own in cells (language, section 11). */
class OwnFunctionsTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0}, then {1}, is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "f(x) = x^2 | f(3) | 9",
                "f(x) = x^2 | f(x: 3) | 9",
                "f(x) = x^2 | F(-3) + 1 | 10",
                "f(x) = x^2 | f(f(2)) | 16",
                "f(t) = 2t + t^2 | f(3) | 15",
                "area(r) = π*r^2 | area(1) | π",
                "f(x, y) = x^2 + y | f(2, 1) | 5",
                "f(x, y) = x^2 + y | f(y: 2, x: 1) | 3",
                "f(x; y) = x - y | f(5; 2) | 3",
                "f(x, n: 2) = x^n | f(3) | 9",
                "f(x, n: 2) = x^n | f(3, 3) | 27",
                "f(x, n: max(2, 3)) = x^n | f(2) | 8",
                "kinetic(m, v) = m*v^2/2 | kinetic(2 kg, 3 m/s) to J | 9 J",
                "f(e) = e + 1 | f(1) | 2",
                "f(m) = 2 m | f(4) | 8",
                "f(x) = if(x > 0, x, -x) | f(-4) | 4",
                "f(x) = sumover(k*x, k, 1, 3) | f(2) | 12",
                "f(k) = sumover(k, k, 1, 3) + k | f(10) | 16",
                "f(x) = x^2 | sumover(f(k), k, 1, 3) | 14",
                "f(x) = x^2*sin(x) | derivative(f(x), x) | x^2*cos(x) + 2*x*sin(x)",
                "f(x) = x^2 | derivative(f(2*t), t) | 8*t",
                "f(x) = x^2 | derivative(f(x), x, 3) | 6",
                "f(x) = x^2 | expand(f(a + b)) | a^2 + 2*a*b + b^2",
                "f(x) = a*x | derivative(f(x), x) | a",
                "f(x) = a*x | with(f(2), a: 3) | 6",
                "f() = 7 | f() + 1 | 8",
                "f(x) = x & \"!\" | f(\"tea\") | \"tea!\"",
                "f(x) = x^2 | sum(f({1, 2; 3, 4})) | 30",
                "f(x, y) = x*y | sum(f({1, 2, 3}, 2)) | 12",
                "f(x) = x | f(1/3) | 1/3",
            })
    void aFunctionIsCalledLikeEveryOther(String made, String call, String worth) {
        type(live, "A1", made, "C5", "=" + call);
        assertThat(shown(live, "C5")).isEqualTo(worth);
    }

    @ParameterizedTest(name = "{0}, then {1}, fails: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "f(x) = x^2 | f() | wrong-arguments: `f` needs `x`",
                "f(x) = x^2 | f(1, 2) | wrong-arguments: `f` takes 1 argument",
                "f(x) = x^2 | f(y: 2) | wrong-arguments: `f` has no argument `y`",
                "f(x) = x^2 | f(1, x: 2) | wrong-arguments: `x` of `f` is given twice",
                "f(x) = 1/x | 1 + f(0) | divide-by-zero: In `f`:",
                "f(x) = x + \"a\" | f(1) | wrong-kind: In `f`:",
                "f(x) = a*x | f(2) | unknown-name: In `f`: Nothing is called `a`",
                "f(x) = 2x | f(2) | syntax: waits for f",
                "f(x) = x | g(2) | unknown-function: There is no function `g`",
                "f(x) = x | f + 1 | wrong-kind",
                "f(x) = x | A1(2) | unknown-function",
                "pace = 1+1 | pace(2) | wrong-kind: `pace` is a number and no function. To multiply",
                "f(x, y) = x*y | f({1, 2}, {1; 2}) | shapes-differ",
            })
    void aCallThatDoesNotFitSaysWhy(String made, String call, String says) {
        type(live, "A1", made, "C5", "=" + call);
        assertThat(shown(live, "C5")).startsWith(says);
    }

    @ParameterizedTest(name = "{0} is refused: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "sin(x) = x | syntax: `sin` is a function already",
                "factor(x) = x | syntax: `factor` is a function already",
                "f(x1) = x1 | syntax: `x1` looks like a cell. Call the argument `x_1`",
                "f(x, X) = x | syntax: Two arguments are called `X`",
                "f(x) = x + | syntax",
                "f(x, n: ) = x | syntax",
                "f(3) = 9 | \"f(3) = 9\"",
                "Tea (green) = 3 | \"Tea (green) = 3\"",
            })
    void whatMakesNoFunctionIsToldOrStaysAText(String made, String says) {
        type(live, "A1", made);
        assertThat(shown(live, "A1")).startsWith(says);
    }

    @Test
    void aFunctionFollowsWhatItsRuleRefersTo() {
        type(live, "A1", "2", "B1", "f(x) = A1*x", "B2", "g(x) = f(x) + 1", "C1", "=f(10)", "C2", "=g(10)");
        assertThat(shown(live, "C2")).isEqualTo("21");
        type(live, "A1", "3");
        assertThat(shown(live, "C1")).isEqualTo("30");
        assertThat(shown(live, "C2")).isEqualTo("31");
        type(live, "B1", "f(x) = A1 - x");
        assertThat(shown(live, "C2")).isEqualTo("-6");
        type(live, "B1", "");
        assertThat(shown(live, "C1")).startsWith("unknown-function");
        type(live, "D9", "f(x) = 5");
        assertThat(shown(live, "C2")).isEqualTo("6");
    }

    @Test
    void aFormulaTypedBeforeItsFunctionIsWorkedOutOnceThereIsOne() {
        type(live, "C1", "=f(2)+A2:A3");
        type(live, "C3", "=f(2)");
        assertThat(shown(live, "C3")).startsWith("unknown-function");
        type(live, "A1", "f(x) = sum(A2:A3) + x", "A2", "1", "A3", "2");
        assertThat(shown(live, "C3")).isEqualTo("5");
        type(live, "A3", "20");
        assertThat(shown(live, "C3")).isEqualTo("23");
    }

    @Test
    void anExpressionOfACellIsTakenAsARule() {
        type(
                live,
                "A1",
                "f(x) = x^3 + a",
                "A2",
                "=derivative(f(x), x)",
                "B1",
                "slope_of_f(x) = A2",
                "C1",
                "=slope_of_f(2)");
        type(live, "B2", "g(x) = A2 + x", "C2", "=derivative(g(2*t), t)", "C3", "=g(2)");
        assertThat(shown(live, "C1")).isEqualTo("12");
        assertThat(shown(live, "C2")).isEqualTo("24*t + 2");
        assertThat(shown(live, "C3")).isEqualTo("14");
        type(live, "A1", "f(x) = x^2");
        assertThat(shown(live, "C1")).isEqualTo("4");
    }

    @Test
    void aFunctionThatNeedsItselfNamesTheWayRound() {
        type(live, "A1", "f(x) = f(x - 1) + 1", "B1", "=f(3)");
        assertThat(shown(live, "A1")).startsWith("circular");
        type(live, "A1", "f(x) = g(x)", "A2", "g(x) = f(x)");
        assertThat(shown(live, "A1")).startsWith("circular");
        assertThat(shown(live, "A2")).startsWith("circular");
    }

    @Test
    void renamingAFunctionRewritesItsCalls() {
        type(live, "A1", "f(x, n: 2) = x^n", "B1", "=f(3) + f(f(1))", "B2", "g(f_1) = f(f_1)");
        live.apply(List.of(new Edit.Rename("f", "square")));
        assertThat(live.worksheet().textIn("a", Sheets.at("A1"))).isEqualTo("square(x, n: 2) = x^n");
        assertThat(live.worksheet().textIn("a", Sheets.at("B1"))).isEqualTo("=square(3) + square(square(1))");
        assertThat(shown(live, "B1")).isEqualTo("10");
    }

    @Test
    void aCopiedFunctionIsAnotherOneWithANameOfItsOwn() {
        type(live, "A1", "f(x) = x*B1", "B1", "2", "C1", "3");
        live.apply(List.of(new Edit.CopyCells(
                "a", Area.parse("A1").orElseThrow(), "a", Area.parse("B3:B4").orElseThrow())));
        assertThat(live.worksheet().textIn("a", Sheets.at("B3"))).isEqualTo("f_1(x) = x*C3");
        assertThat(live.worksheet().textIn("a", Sheets.at("B4"))).isEqualTo("f_2(x) = x*C4");
        type(live, "C3", "5", "A5", "=f_1(2) + f(1)");
        assertThat(shown(live, "A5")).isEqualTo("12");
    }

    @Test
    void deletingANameOfAFunctionIsRefusedAndClearingItsCellIsNot() {
        type(live, "A1", "f(x) = x", "B1", "=f(2)");
        assertThatThrownBy(() -> live.apply(
                        NamedEntries.written(List.of(new Edit.Define("f", Optional.empty())), live.worksheet())))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("clear its cell A1");
        type(live, "A1", "");
        assertThat(shown(live, "B1")).startsWith("unknown-function");
    }

    @Test
    void aNameIsNeverTakenByTwo() {
        type(live, "A1", "f(x) = x");
        assertThatThrownBy(() -> type(live, "B1", "f(y) = 2*y")).isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> type(live, "B1", "f = 1+1")).isInstanceOf(EditRefused.class);
        assertThat(shown(live, "A1")).isEqualTo("f(x) = x");
    }

    @Test
    void aWorksheetThatWasKeptWithTheSameTextTwiceOpens() {
        Worksheet kept = Sheets.empty().worksheet();
        kept.restore(new Edit.Enter(
                "a",
                List.of(
                        new Edit.Typed(Sheets.at("A1"), "f(x) = 3*x"),
                        new Edit.Typed(Sheets.at("A2"), "f(x) = 4*x"),
                        new Edit.Typed(Sheets.at("A3"), "=f(2)"))));
        LiveWorksheet opened = new LiveWorksheet(kept, Patient.LIMITS);
        assertThat(shown(opened, "A2")).startsWith("syntax: `f` names A1 already");
        assertThat(shown(opened, "A3")).isEqualTo("6");
        assertThat(kept.textIn("a", Sheets.at("A2"))).isEqualTo("f(x) = 4*x");
    }

    @Test
    void theRuleIsShownAsItWasTyped() {
        type(live, "A1", "pace = 1+2", "B1", "f(x) = pace*x^2");
        assertThat(shown(live, "B1")).isEqualTo("f(x) = pace*x^2");
    }

    @Test
    void fortyFunctionsEachOfWhichUsesTheOneBeforeTwiceEndInTime() {
        type(live, "A1", "f_0(x) = x");
        IntStream.rangeClosed(1, 40)
                .forEach(i -> type(
                        live, new Address(0, i).toString(), "f_%d(x) = f_%d(x) + f_%d(x)".formatted(i, i - 1, i - 1)));
        type(live, "B1", "=f_10(1)");
        assertThat(shown(live, "B1")).isEqualTo("1024");
        type(live, "A1", "f_0(x) = 2*x");
        assertThat(shown(live, "B1")).isEqualTo("2048");
    }
}
