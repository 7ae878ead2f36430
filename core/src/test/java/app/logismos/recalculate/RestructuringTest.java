package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.report.Echo;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rows, columns and cells that are put in, taken out, moved and copied: what refers to them follows. */
class RestructuringTest {
    private final LiveWorksheet live = Sheets.empty();

    @BeforeEach
    void aColumnOfNumbersAndFormulasOverIt() {
        Sheets.type(live, "A1", "1", "A2", "2", "A3", "3", "A4", "4", "A5", "5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A2          | 1 | 1 | =A3",
                "=$A$2+A1     | 1 | 1 | =$A$3+A1",
                "=sum(A1:A3)  | 1 | 1 | =sum(A1:A4)", // inside: the range grows
                "=sum(A1:A3)  | 0 | 2 | =sum(A3:A5)", // above: it moves
                "=sum(A1:A3)  | 3 | 1 | =sum(A1:A3)", // below: it stays
                "=sum(A:A)    | 1 | 1 | =sum(A:A)",
                "=sum(2:3)    | 1 | 1 | =sum(3:4)",
                "= A2 +  a3   | 2 | 1 | = A2 +  A4", // what need not change stays as typed
                "=Lots.A2     | 1 | 1 | =Lots.A3",
                "=\"A2\" & A2 | 1 | 1 | =\"A2\" & A3",
            })
    void referencesFollowWhenRowsArePutIn(String typed, int at, int count, String then) {
        Sheets.type(live, "C1", typed);
        live.apply(List.of(new Edit.InsertLines("a", Axis.ROWS, at, count)));
        assertThat(text(at == 0 ? "C" + (1 + count) : "C1")).isEqualTo(then);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A3          | 1 | 1 | =A2",
                "=A2          | 1 | 1 | =#gone",
                "=A2+A1       | 1 | 1 | =#gone+A1",
                "=sum(A1:A3)  | 1 | 1 | =sum(A1:A2)",
                "=sum(A2:A3)  | 1 | 2 | =sum(#gone)",
                "=sum(A2:A4)  | 1 | 2 | =sum(A2:A2)",
                "=sum(A1:A2)  | 1 | 3 | =sum(A1:A1)",
                "=sum(A:A)    | 1 | 2 | =sum(A:A)",
            })
    void referencesFollowWhenRowsAreTakenOut(String typed, int at, int count, String then) {
        Sheets.type(live, "C1", typed);
        live.apply(List.of(new Edit.DeleteLines("a", Axis.ROWS, at, count)));
        assertThat(text("C1")).isEqualTo(then);
    }

    @Test
    void aReferenceWhoseCellIsGoneSaysSo() {
        Sheets.type(live, "C1", "=2*A2", "C3", "=C1+1");
        live.apply(List.of(new Edit.DeleteLines("a", Axis.ROWS, 1, 1)));
        assertThat(Sheets.shown(live, "C1"))
                .isEqualTo("missing-reference: The cell that was meant here is gone. Point at another one.");
        assertThat(Sheets.shown(live, "C2")).isEqualTo("missing-reference: waits for C1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A2          | 1 | 1 | 4 | =A4",
                "=A3          | 1 | 1 | 4 | =A2",
                "=A5          | 1 | 1 | 4 | =A5",
                "=sum(A2:A3)  | 1 | 2 | 5 | =sum(A4:A5)", // moved as a whole
                "=sum(A1:A3)  | 1 | 1 | 4 | =sum(A1:A2)", // one of them leaves
                "=sum(A1:A3)  | 4 | 1 | 1 | =sum(A1:A4)", // one comes in
            })
    void referencesFollowWhenRowsAreMoved(String typed, int at, int count, int to, String then) {
        Sheets.type(live, "C1", typed);
        live.apply(List.of(new Edit.MoveLines("a", Axis.ROWS, at, count, to)));
        assertThat(text("C1")).isEqualTo(then);
    }

    @Test
    void columnsGoWithTheirWidthsStylesAndNames() {
        live.apply(List.of(new Edit.ChangeBlock(Block.Grid.of("a", "Lots", 5, 4)
                .withHeadings(1)
                .withWidths(Map.of(1, 90))
                .withRemarks(Map.of("B3", "of the harvest"))
                .withHidden(Set.of(4), Set.of(2))
                .withStyles(Map.of("B", "fixed 2", "B3", "percent", "", "significant 4")))));
        Sheets.type(live, "B3", "0.5", "C3", "=B3*2");
        Sheets.name(live, "share", "B3");
        live.apply(List.of(new Edit.InsertLines("a", Axis.COLUMNS, 1, 2)));
        Block.Grid grid = live.grid("a").orElseThrow();
        assertThat(grid.columns()).isEqualTo(6);
        assertThat(grid.widths()).isEqualTo(Map.of(3, 90));
        assertThat(grid.styles()).isEqualTo(Map.of("D", "fixed 2", "D3", "percent", "", "significant 4"));
        assertThat(grid.remarks()).isEqualTo(Map.of("D3", "of the harvest"));
        assertThat(grid.hiddenRows()).containsExactly(4);
        assertThat(grid.hiddenColumns()).containsExactly(4);
        assertThat(live.worksheet().names().find("share").orElseThrow().area()).hasToString("D3");
        assertThat(text("E3")).isEqualTo("=D3*2");
    }

    @Test
    void cellsMovedToAnotherGridAreStillMeant() {
        Sheets.type(live, "B1", "=A1+A2", "C1", "=B1*10", "C2", "=sum(A1:A2)");
        Sheets.typeInto(live, "b", "A1", "=Lots.B1");
        live.apply(List.of(new Edit.MoveCells("a", area("A1:B1"), "b", Sheets.at("C3"))));
        assertThat(Sheets.entries(live))
                .containsEntry("b.C3", "1")
                .containsEntry("b.D3", "=C3+Lots.A2") // what it refers to stays the same cells
                .containsEntry("a.C1", "='Leaf prices'.D3*10")
                .containsEntry("a.C2", "=sum(A1:A2)") // not wholly moved
                .containsEntry("b.A1", "='Leaf prices'.D3")
                .doesNotContainKeys("a.A1", "a.B1");
        assertThat(Sheets.shown(live, "C1")).isEqualTo("30");
    }

    @Test
    void whatWasWhereCellsMoveToIsOverwrittenAlsoByAnEmptyOne() {
        Sheets.type(live, "B1", "=A1", "C1", "7", "C2", "8");
        live.apply(List.of(new Edit.MoveCells("a", area("B1:B2"), "a", Sheets.at("C1"))));
        assertThat(Sheets.entries(live)).containsEntry("a.C1", "=A1").doesNotContainKeys("a.B1", "a.C2");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A1*2        | C2:C5 | C4 | =A4*2",
                "=A$1*$A2     | C2:C5 | C3 | =A$1*$A4",
                "=sum($A$1:A1) | C2:C5 | C5 | =sum($A$1:A5)",
                "area = A1^2  | C2:C5 | C2 | = A2^2", // a copy does not take the name
                "=A:A         | C2:D2 | D2 | =B:B",
                "leaf         | C2:C5 | C3 | leaf",
            })
    void continuingAFormulaKeepsTheDistanceOfItsReferences(String typed, String into, String at, String then) {
        Sheets.type(live, "C1", typed);
        live.apply(List.of(new Edit.CopyCells("a", area("C1"), "a", area(into))));
        assertThat(text(at)).isEqualTo(then);
    }

    @Test
    void aCopyWhoseReferenceLeavesTheGridSaysSo() {
        Sheets.type(live, "C2", "=A1");
        live.apply(List.of(new Edit.CopyCells("a", area("C2"), "a", area("C1"))));
        assertThat(text("C1")).isEqualTo("=#gone");
    }

    @Test
    void aCopyInAnotherGridRefersToThatGrid() {
        Sheets.type(live, "B1", "=A1+'Leaf prices'.A1");
        live.apply(List.of(new Edit.CopyCells("a", area("B1"), "b", area("C2"))));
        assertThat(Sheets.entries(live)).containsEntry("b.C2", "=B2+'Leaf prices'.B2");
    }

    @Test
    void renamingANameRewritesTheFormulasThatUseIt() {
        Sheets.name(live, "first", "A1");
        Sheets.type(live, "B1", "width = 3", "B2", "=Width * first + width^2", "B3", "=\"width\" & width");
        live.apply(List.of(new Edit.Rename("width", "breadth"), new Edit.Rename("FIRST", "start")));
        assertThat(text("B1")).isEqualTo("breadth = 3");
        assertThat(text("B2")).isEqualTo("=breadth * start + breadth^2");
        assertThat(text("B3")).isEqualTo("=\"width\" & breadth");
        assertThat(Sheets.shown(live, "B2")).isEqualTo("12");
    }

    @ParameterizedTest
    @ValueSource(strings = {"first", "sum", "B2", "pi"})
    void aNameThatIsTakenIsNotGivenAgain(String taken) {
        Sheets.name(live, "first", "A1");
        Sheets.name(live, "other", "A2");
        Map<String, String> before = Sheets.entries(live);
        assertThatThrownBy(() -> live.apply(List.of(new Edit.Rename("other", taken))))
                .isInstanceOf(EditRefused.class);
        assertThat(Sheets.entries(live)).isEqualTo(before);
        assertThat(live.worksheet().names().find("other")).isPresent();
    }

    @Test
    void whatDoesNotFitIsRefusedAndChangesNothing() {
        Sheets.type(live, "A1000000", "7");
        Map<String, String> before = Sheets.entries(live);
        List<Edit> unfit = List.of(
                new Edit.InsertLines("a", Axis.ROWS, 0, 1), // the last row is filled
                new Edit.DeleteLines("a", Axis.ROWS, 0, 1_000_000),
                new Edit.DeleteLines("a", Axis.COLUMNS, 3, 2),
                new Edit.InsertLines("a", Axis.COLUMNS, 9, 1),
                new Edit.MoveLines("a", Axis.COLUMNS, 0, 2, 1),
                new Edit.InsertLines("nowhere", Axis.ROWS, 0, 1),
                new Edit.MoveCells("a", area("A1:B2"), "a", new Address(Address.COLUMNS - 1, 0)));
        assertThat(unfit)
                .allSatisfy(edit ->
                        assertThatThrownBy(() -> live.apply(List.of(edit))).isInstanceOf(EditRefused.class));
        assertThat(Sheets.entries(live)).isEqualTo(before);
    }

    @Test
    void theEchoTellsResultsThatChangedAndNotCellsThatOnlyMoved() {
        Sheets.type(live, "C5", "=sum(A1:A3)", "D5", "=C5+1", "B5", "=A5");
        List<Edit> edits = List.of(new Edit.DeleteLines("a", Axis.ROWS, 1, 1));
        Echo echo = Echo.of(edits, live.apply(edits), live);
        assertThat(echo.message()).isEqualTo("1 row taken out from row 2: 2 results changed");
        assertThat(echo.results())
                .extracting(Echo.Line::before, Echo.Line::after)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple("6", "4"), org.assertj.core.groups.Tuple.tuple("7", "5"));
    }

    private String text(String cell) {
        return Sheets.entries(live).getOrDefault("a." + cell, "");
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
