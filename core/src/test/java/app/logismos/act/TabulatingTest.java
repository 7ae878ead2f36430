package app.logismos.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.Patient;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TabulatingTest {
    private final LiveWorksheet live = live();

    /** Price in B1, tins in B2, cost in B3 from both, margin in B4 from the cost, all of it summed in B5. */
    private static LiveWorksheet live() {
        return live(Patient.LIMITS);
    }

    private static LiveWorksheet live(Limits limits) {
        Block.Grid grid = Block.Grid.of("g", "Blend", 5, 2);
        LiveWorksheet live =
                new LiveWorksheet(new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD), limits);
        live.apply(List.of(
                enter("B1", "12.50"),
                enter("B2", "40"),
                enter("B3", "cost = B1*B2"),
                enter("B4", "=cost*20%"),
                enter("B5", "=sum(B1:B4)"),
                new Edit.Define("tins", Optional.of(new Edit.Place("g", area("B2"))))));
        return live;
    }

    @Test
    void anExpressionIsTabulatedOverItsVariable() {
        live.apply(tabulate("x^2/2", over("x", "0", "2", "0.5")).edits(live));
        assertThat(column("t", 0)).containsExactly("x", "0.0", "0.5", "1.0", "1.5", "2.0");
        assertThat(column("t", 1)).containsExactly("x^2/2", "=$A2^2/2", "=$A3^2/2", "=$A4^2/2", "=$A5^2/2", "=$A6^2/2");
        assertThat(shown("t", "B6")).isEqualTo("2");
    }

    @Test
    void aCalculatedCellIsTabulatedOverTheInputItDependsOn() {
        live.apply(tabulate("B4", over("tins", "10", "30", "10")).edits(live));
        assertThat(column("t", 1)).startsWith("B4").contains("=((Blend.$B$1*$A2)*20%)");
        assertThat(List.of(shown("t", "B2"), shown("t", "B3"), shown("t", "B4")))
                .containsExactly("25", "50", "75");
    }

    @Test
    void aFunctionOfOnesOwnIsTabulatedOverItsArgumentAndFollows() {
        live.apply(List.of(enter("C1", "f(x) = x^2 + B1")));
        live.apply(tabulate("f(x)", over("x", "1", "3", "1")).edits(live));
        assertThat(column("t", 1)).startsWith("f(x)").contains("=f($A2)");
        assertThat(List.of(shown("t", "B2"), shown("t", "B4"))).containsExactly("13.5", "21.5");
        live.apply(List.of(enter("C1", "f(x) = x^3")));
        assertThat(shown("t", "B4")).isEqualTo("27");
        live.apply(List.of(enter("C1", "f(x) = x*tins")));
        assertThatThrownBy(() -> tabulate("f(2)", over("tins", "1", "2", "1")).edits(live))
                .isInstanceOf(EditRefused.class)
                .hasMessageStartingWith("The function `f` depends on the variable");
    }

    @Test
    void aRangeThatDependsOnTheInputIsWrittenOut() {
        live.apply(tabulate("B5", over("B1", "1", "2", "1")).edits(live));
        assertThat(shown("t", "B2")).isEqualTo("89"); // 1 + 40 + 40 + 8
        assertThat(shown("t", "B3")).isEqualTo("138"); // 2 + 40 + 80 + 16
    }

    @Test
    void twoVariablesMakeATwoWayTable() {
        Act.Tabulate act = new Act.Tabulate(
                "s", "t", "Table", "g", "cost", over("tins", "1", "3", "1"), Optional.of(over("B1", "10", "30", "10")));
        live.apply(act.edits(live));
        assertThat(shown("t", "A1")).isEqualTo("cost");
        assertThat(shown("t", "D4")).isEqualTo("90");
        assertThat(live.worksheet().textIn("t", new Address(3, 3))).isEqualTo("=(D$1*$A4)");
    }

    @Test
    void theTableFollowsWhenAFormulaOnTheWayChanges() {
        live.apply(tabulate("B4", over("tins", "10", "20", "10")).edits(live));
        assertThat(Tabulating.following(live)).isEmpty();
        live.apply(List.of(enter("B3", "cost = B1*B2 + 100")));
        live.apply(Tabulating.following(live));
        assertThat(shown("t", "B2")).isEqualTo("45");
        assertThat(Tabulating.following(live)).isEmpty();
    }

    @Test
    void theTableIsLiveInItsOtherInputs() {
        live.apply(tabulate("cost", over("tins", "1", "2", "1")).edits(live));
        live.apply(List.of(enter("B1", "7")));
        assertThat(shown("t", "B3")).isEqualTo("14");
    }

    @Test
    void aTableThatWasOverwrittenIsLeftAlone() {
        live.apply(tabulate("B4", over("tins", "10", "20", "10")).edits(live));
        live.apply(List.of(new Edit.Enter("t", List.of(new Edit.Typed(new Address(1, 1), "mine")))));
        live.apply(List.of(enter("B3", "cost = B1")));
        assertThat(Tabulating.following(live)).isEmpty();
    }

    @Test
    void aTableCanTabulateSomethingElse() {
        live.apply(tabulate("x^2", over("x", "1", "3", "1")).edits(live));
        live.apply(new Act.TabulateAnew("t", "=x^3").edits(live));
        assertThat(column("t", 1)).containsExactly("x^3", "=$A2^3", "=$A3^3", "=$A4^3");
    }

    @Test
    void theTableFollowsARenamedName() {
        live.apply(tabulate("cost", over("tins", "1", "2", "1")).edits(live));
        live.apply(List.of(new Edit.Rename("cost", "total")));
        live.apply(List.of(enter("B3", "total = B1*B2*10")));
        live.apply(Tabulating.following(live));
        assertThat(shown("t", "B2")).isEqualTo("125");
    }

    @Test
    void valuesCanBeQuantitiesACountOrScatteredCells() {
        live.apply(tabulate(
                        "t_/2",
                        new Act.Variable("t_", "0 min", "3 min", Optional.empty(), Optional.of(3), Optional.empty()))
                .edits(live));
        assertThat(column("t", 0)).containsExactly("t_ in min", "0 min", "1.5 min", "3 min");
        live.apply(List.of(new Edit.RemoveBlock("t")));
        live.apply(tabulate(
                        "x*2",
                        new Act.Variable(
                                "x", "", "", Optional.empty(), Optional.empty(), Optional.of("B1, Blend.B3:B4")))
                .edits(live));
        assertThat(column("t", 0)).containsExactly("x", "=Blend.$B$1", "=Blend.$B$3", "=Blend.$B$4");
        assertThat(shown("t", "B2")).isEqualTo("25");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "B2 | B1 | `B2` does not depend on B1, so all values would be alike.",
                "1+ | x | `1+` cannot be read.",
                "x | B1:B2 | `B1:B2` stands for several cells, and a variable is one.",
                "x | 1+2 | A variable is a name or a cell, and `1+2` is neither.",
            })
    void whatCannotBeTabulatedIsRefusedWithTheReason(String expression, String variable, String reason) {
        assertThatThrownBy(() ->
                        tabulate(expression, over(variable, "1", "2", "1")).edits(live))
                .isInstanceOf(EditRefused.class)
                .hasMessageStartingWith(reason);
    }

    @Test
    void aTableThatWouldBeTooLargeOrEmptyIsRefused() {
        assertThatThrownBy(() -> tabulate("x", over("x", "0", "1", "0.00005")).edits(live))
                .hasMessage("There would be 20001 values of x, and 10000 is the most. Take a larger step.");
        Act.Variable none = new Act.Variable("x", "0", "1", Optional.empty(), Optional.of(0), Optional.empty());
        assertThatThrownBy(() -> tabulate("x", none).edits(live))
                .hasMessage("There is one value at the least, and the count is 0.");
    }

    @Test
    void aTableHasTheTimeOfOneCalculationAsAWhole() {
        LiveWorksheet hurried = live(Patient.LIMITS.within(Duration.ofMillis(100)));
        int blocks = hurried.worksheet().outline().sections().get(0).blocks().size();
        assertThatThrownBy(() ->
                        tabulate("(90000+x)!", over("x", "1", "5000", "1")).edits(hurried))
                .isInstanceOf(EditRefused.class)
                .hasMessageMatching("There was time for \\d+ of the 5000 values. Tabulate fewer.");
        assertThat(hurried.worksheet().outline().sections().get(0).blocks()).hasSize(blocks);
        assertThatThrownBy(() -> {
                    LiveWorksheet tabulated = live(Patient.LIMITS.within(Duration.ofMillis(1)));
                    tabulated.apply(tabulate("x", over("x", "1", "9", "1")).edits(live));
                    new Act.TabulateAnew("t", "(90000+x)!").edits(tabulated);
                })
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("of the 9 values");
    }

    @Test
    void aFitIsPutIntoTwoGridsThatGoOnCalculating() {
        live.apply(List.of(
                enter("A1", "1"),
                enter("A2", "2"),
                enter("A3", "3"),
                enter("B1", "3 kg"),
                enter("B2", "5 kg"),
                enter("B3", "7.3 kg")));
        chart(Chart.Series.of(area("B1:B3"), Chart.Shape.POINTS).withFit(Chart.Fit.LINE));
        live.apply(new Act.PutFit("c", 0, "f").edits(live));
        assertThat(column("f", 0)).containsExactly("Coefficient", "a0", "a1", "R²");
        assertThat(shown("f", "B3")).isEqualTo("2.15");
        assertThat(column("f-rest", 1))
                .containsExactly(
                        "B1:B3",
                        "=magnitude(Blend.$B$1 to kg)",
                        "=magnitude(Blend.$B$2 to kg)",
                        "=magnitude(Blend.$B$3 to kg)");
        assertThat(shown("f-rest", "D3")).isEqualTo("-0.1000");
        assertThatThrownBy(() -> new Act.PutFit("c", 4, "z").edits(live)).hasMessage("The chart has no series 4.");
    }

    @Test
    void aFitIsPutInAGridInTheUnitOfItsAxis() {
        live.apply(List.of(
                enter("A1", "1"),
                enter("A2", "2"),
                enter("A3", "3"),
                enter("B1", "100 g"),
                enter("C1", "3 kg"),
                enter("C2", "5 kg"),
                enter("C3", "7 kg")));
        chart(
                Chart.Series.of(area("B1:B3"), Chart.Shape.POINTS),
                Chart.Series.of(area("C1:C3"), Chart.Shape.POINTS).withFit(Chart.Fit.LINE));
        live.apply(new Act.PutFit("c", 1, "f").edits(live));
        assertThat(shown("f", "B3")).isEqualTo("2000");
        assertThat(shown("f-rest", "B4")).isEqualTo("7000");
        assertThat(shown("f-rest", "C4")).isEqualTo("7000.00");
        assertThat(shown("f-rest", "D4")).isEqualTo("0.000");
    }

    private void chart(Chart.Series... series) {
        Chart chart = Chart.of("c", "Fit", "g", Optional.of(area("A1:A3")), series);
        live.apply(List.of(new Edit.AddBlock("s", chart, 1)));
    }

    @Test
    void aChartsExpressionsFollowNamesAndMovedCells() {
        Chart chart = Chart.of(
                "c",
                "C",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("cost*x + B1 + Blend.B4", "x", "0", "B2"), "", Chart.Shape.LINE));
        live.apply(List.of(new Edit.AddBlock("s", chart, 1)));
        List<Edit> inverse = live.apply(List.of(
                        new Edit.Rename("cost", "total"),
                        new Edit.InsertLines("g", app.logismos.sheet.Axis.ROWS, 0, 2),
                        new Edit.ChangeBlock(live.grid("g").orElseThrow().withSize(7, 2))))
                .inverse();
        assertThat(curve()).isEqualTo(new Chart.Curve("total*x + B3 + Blend.B6", "x", "0", "B4"));
        live.apply(inverse);
        assertThat(curve()).isEqualTo(new Chart.Curve("cost*x + B1 + Blend.B4", "x", "0", "B2"));
    }

    private Chart.Source curve() {
        return ((Chart) live.worksheet().outline().block("c").orElseThrow())
                .series()
                .get(0)
                .source();
    }

    private static Act.Tabulate tabulate(String expression, Act.Variable variable) {
        return new Act.Tabulate("s", "t", "Table", "g", expression, variable, Optional.empty());
    }

    private static Act.Variable over(String name, String from, String to, String step) {
        return new Act.Variable(name, from, to, Optional.of(step), Optional.empty(), Optional.empty());
    }

    private static Edit enter(String cell, String text) {
        return new Edit.Enter("g", List.of(new Edit.Typed(Address.parse(cell).orElseThrow(), text)));
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }

    private List<String> column(String grid, int column) {
        return java.util.stream.IntStream.range(0, live.grid(grid).orElseThrow().rows())
                .mapToObj(row -> live.worksheet().textIn(grid, new Address(column, row)))
                .toList();
    }

    private String shown(String grid, String cell) {
        Address at = Address.parse(cell).orElseThrow();
        return live.display(grid, at).text(live.value(grid, at));
    }
}
