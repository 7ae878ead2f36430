package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.define;
import static app.logismos.recalculate.Sheets.name;
import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static app.logismos.recalculate.Sheets.typeInto;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Failure;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LiveWorksheetTest {
    private final LiveWorksheet live = Sheets.empty();

    @Test
    void exactlyTheDependentsChange() {
        type(live, "A1", "10", "A2", "=A1*2", "A3", "=A2+1", "B1", "=5+5", "B2", "=sum(A1:A3)");
        Change change = type(live, "A1", "11");
        assertThat(change.cells())
                .extracting(cell -> cell.cell().toString(), CellChange::entered)
                .containsExactlyInAnyOrder(
                        tuple("A1", true), tuple("A2", false), tuple("A3", false), tuple("B2", false));
        assertThat(shown(live, "B2")).isEqualTo("56");
    }

    @Test
    void recalculationStopsWhereAValueStaysTheSame() {
        type(live, "A1", "3", "A2", "=if(A1>0, 1, 2)", "A3", "=A2+1");
        assertThat(type(live, "A1", "4").cells())
                .extracting(cell -> cell.cell().toString())
                .containsExactly("A1");
    }

    @Test
    void anEmptyCellIsNothingInSumsAndZeroInArithmetic() {
        type(live, "B1", "=A1+1", "B2", "=count(A1:A9)", "B3", "=\"x\"&A1");
        assertThat(shown(live, "B1")).isEqualTo("1");
        assertThat(shown(live, "B2")).isEqualTo("0");
        assertThat(shown(live, "B3")).isEqualTo("\"x\"");
    }

    @Test
    void gridsReferToEachOther() {
        typeInto(live, "b", "B2", "12.50", "B3", "13.50");
        type(live, "A1", "='Leaf prices'.B2*2", "A2", "=sum('Leaf prices'.B2:B3)");
        assertThat(shown(live, "A1")).isEqualTo("25");
        assertThat(shown(live, "A2")).isEqualTo("26");
        typeInto(live, "b", "B2", "10");
        assertThat(shown(live, "A1")).isEqualTo("20");
    }

    @Test
    void referencesFollowAGridsNewTitle() {
        typeInto(live, "b", "B2", "12.50");
        type(live, "A1", "= 'Leaf prices'.B2 * 2 + 'Leaf prices'.B2");
        Change change = live.apply(List.of(new Edit.ChangeBlock(Sheets.grid("b", "Prices"))));
        assertThat(live.worksheet().textIn("a", at("A1"))).isEqualTo("= Prices.B2 * 2 + Prices.B2");
        assertThat(shown(live, "A1")).isEqualTo("75/2");
        live.apply(change.inverse());
        assertThat(live.worksheet().textIn("a", at("A1"))).isEqualTo("= 'Leaf prices'.B2 * 2 + 'Leaf prices'.B2");
    }

    @Test
    void aFormulaWaitsForAGridThatIsGoneAndFindsItWhenItComesBack() {
        typeInto(live, "b", "B2", "4");
        type(live, "A1", "='Leaf prices'.B2");
        Change gone = live.apply(List.of(new Edit.RemoveBlock("b")));
        assertThat(shown(live, "A1")).isEqualTo("missing-reference: No grid is called `Leaf prices` here.");
        live.apply(gone.inverse());
        assertThat(shown(live, "A1")).isEqualTo("4");
    }

    @Test
    void namesStandForCellsHoweverTheyAreWritten() {
        type(live, "A1", "21", "B1", "=Room*2");
        assertThat(shown(live, "B1"))
                .isEqualTo("unknown-name: Nothing is called `Room` here. A text goes between double quotes.");
        name(live, "room", "A1");
        assertThat(shown(live, "B1")).isEqualTo("42");
        type(live, "A1", "20");
        assertThat(shown(live, "B1")).isEqualTo("40");
        live.apply(List.of(new Edit.Define("ROOM", Optional.empty())));
        assertThat(shown(live, "B1")).startsWith("unknown-name");
    }

    @Test
    void anEntryNamesItsCell() {
        type(live, "A1", "width = 3", "A2", "height=4", "A3", "=width*height");
        assertThat(shown(live, "A3")).isEqualTo("12");
        type(live, "A1", "5");
        assertThat(shown(live, "A3")).startsWith("unknown-name");
    }

    @Test
    void aNearMissOfANameIsSuggested() {
        type(live, "A1", "width = 3", "A2", "=widht+1");
        assertThat(live.explain("a", at("A2")).value())
                .extracting("message")
                .isEqualTo("Nothing is called `widht` here. Did you mean `width`?");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "width = 4 | `width` names A1 already. Take another name, for example `width_1`.",
                "sum = 1   | `sum` is a function. Take another name, for example `sum_1`.",
                "pi = 3    | `pi` is a constant. Take another name, for example `pi_1`.",
                "b7 = 1    | `b7` looks like the cell B7. Take another name, for example `b7_1`.",
                "to = 1    | `to` is a word of the formula language. Take another name, for example `to_1`.",
            })
    void anEntryCannotTakeANameThatIsTakenOrReserved(String entry, String message) {
        type(live, "A1", "width = 3");
        assertThatThrownBy(() -> type(live, "A2", entry))
                .isInstanceOf(EditRefused.class)
                .hasMessage(message);
        assertThat(shown(live, "A1")).isEqualTo("3");
        assertThat(live.worksheet().cell("a", at("A2"))).isEmpty();
        assertThat(live.explain(entry, "a", at("A2")).value())
                .extracting("message")
                .isEqualTo(message);
    }

    @Test
    void aNameMovesWithinOneEdit() {
        type(live, "A1", "width = 3", "B1", "=width");
        type(live, "A2", "width = 4", "A1", "");
        assertThat(shown(live, "B1")).isEqualTo("4");
    }

    @Test
    void aDefinitionThatClashesIsRefusedAndChangesNothing() {
        type(live, "A1", "width = 3");
        Map<String, String> before = Sheets.entries(live);
        assertThatThrownBy(() -> live.apply(List.of(
                        new Edit.Enter("a", List.of(new Edit.Typed(at("C1"), "9"))), define("width", "B2"))))
                .isInstanceOf(EditRefused.class)
                .hasMessage("`width` names A1 already. Take another name, for example `width_1`.");
        assertThat(Sheets.entries(live)).isEqualTo(before);
        assertThat(shown(live, "C1")).isEqualTo("0");
    }

    @Test
    void aCircleIsNamedInOrderAndWhatDependsOnItWaits() {
        type(live, "A1", "=B1+1", "B1", "=C1*2", "C1", "=A1", "D1", "=A1+1", "D2", "=7");
        assertThat(shown(live, "A1"))
                .isEqualTo("circular: This goes round in a circle: A1 → B1 → C1 → A1. Change one of these cells.");
        assertThat(shown(live, "D1")).isEqualTo("circular: waits for A1");
        assertThat(shown(live, "D2")).isEqualTo("7");
        type(live, "C1", "1");
        assertThat(shown(live, "A1")).isEqualTo("3");
        assertThat(shown(live, "D1")).isEqualTo("4");
    }

    @Test
    void aCellThatRefersToItselfIsACircleOfOne() {
        type(live, "A1", "=sum(A1:A3)");
        assertThat(shown(live, "A1"))
                .isEqualTo("circular: This goes round in a circle: A1 → A1. Change one of these cells.");
    }

    @Test
    void whatWaitsNamesTheFirstCause() {
        type(live, "A1", "=1/0", "A2", "=A1+1", "A3", "=A2+1");
        assertThat(shown(live, "A2")).isEqualTo("divide-by-zero: waits for A1");
        assertThat(shown(live, "A3")).isEqualTo("divide-by-zero: waits for A1");
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "$ before letters and numbers    | =$A$1+1         | waits for A1",
                "a range                         | =sum(A1:A2)     | waits for A1",
                "a range whose members wait      | =mean(A2:A3)    | waits for A1",
                "one by one over a range         | =max(A1:A2+1)   | waits for A1",
                "a column                        | =count(A:A)     | waits for A1",
                "a cell that waits for a range   | =A4*2           | waits for A1",
                "the name of the failed cell     | =share          | waits for share",
                "a name of what waits for it     | =later          | waits for A1",
                "a name of a range               | =sum(lots)      | waits for A1",
            })
    void whateverAFormulaWaitsThroughItNamesTheCellThatFailedByItself(String by, String formula, String message) {
        type(live, "A1", "share = 1/0", "A2", "later = A1", "A3", "=A2", "A4", "=sum(A2:A3)");
        name(live, "lots", "A1:A3");
        type(live, "C1", formula);
        assertThat(shown(live, "C1")).isEqualTo("divide-by-zero: " + message);
    }

    @Test
    void aCauseInAnotherGridIsCalledByItsTitleAndFollowsARename() {
        type(live, "A1", "=1/0", "A2", "=A1");
        typeInto(live, "b", "A1", "7", "B1", "=Lots.A2", "B2", "=B1", "B3", "=sum(Lots.A1:A2)");
        for (String cell : List.of("B1", "B2", "B3")) {
            assertThat(message(live, "b", cell)).isEqualTo("waits for Lots.A1");
        }
        type(live, "D1", "='Leaf prices'.B2");
        assertThat(message(live, "a", "D1")).isEqualTo("waits for A1");
        live.apply(List.of(new Edit.ChangeBlock(Sheets.grid("a", "All lots"))));
        for (String cell : List.of("B1", "B2", "B3")) {
            assertThat(message(live, "b", cell)).isEqualTo("waits for 'All lots'.A1");
        }
    }

    @Test
    void theCausesOfAFailureLeadFromCellToCellDownToTheFirst() {
        type(live, "A1", "=1/0", "A2", "=A1", "A3", "5", "A4", "=sum(A2:A3)", "A5", "=A3+A4");
        assertThat(live.causes("a", at("A5")))
                .extracting(place -> place.area().first().toString())
                .containsExactly("A4", "A2", "A1");
        assertThat(live.causes("a", at("A1"))).isEmpty();
        assertThat(live.causes("a", at("A3"))).isEmpty();
    }

    private static String message(LiveWorksheet live, String grid, String cell) {
        return ((Failure) live.value(grid, at(cell))).message();
    }

    @Test
    void aContinuedFormulaTellsItsOwnPlaceWhenItFails() {
        type(live, "A1", "=1/B1", "A2", "= 1 / B2", "B1", "1");
        assertThat(live.value("a", at("A2"))).extracting("place").isEqualTo(Optional.of(new Span(6, 8)));
    }

    @Test
    void typingBeyondTheEdgeMakesTheGridLarger() {
        Change change = type(live, "F9", "1");
        assertThat(live.grid("a"))
                .get()
                .extracting(Block.Grid::rows, Block.Grid::columns)
                .containsExactly(9, 6);
        live.apply(change.inverse());
        assertThat(live.grid("a"))
                .get()
                .extracting(Block.Grid::rows, Block.Grid::columns)
                .containsExactly(5, 4);
    }

    @Test
    void anEditOfAGridThatIsNotThereIsRefused() {
        assertThatThrownBy(() -> typeInto(live, "zz", "A1", "1"))
                .isInstanceOf(EditRefused.class)
                .hasMessage("There is no grid zz.");
    }

    @Test
    void aChainOfAHundredThousandCellsIsFollowedToItsEnd() {
        List<Edit.Typed> chain = new ArrayList<>();
        chain.add(new Edit.Typed(at("A1"), "1"));
        for (int row = 2; row <= 100_000; row++) {
            chain.add(new Edit.Typed(at("A" + row), "=A" + (row - 1) + "+1"));
        }
        live.apply(List.of(new Edit.Enter("a", chain)));
        assertThat(shown(live, "A100000")).isEqualTo("100000");
        type(live, "A1", "5");
        assertThat(shown(live, "A100000")).isEqualTo("100004");
    }

    @Test
    void aMillionCellRangeIsSummedWithoutAMillionDependencies() {
        type(live, "B1", "=sum(C1:CX10000)", "Z5000", "7");
        assertThat(shown(live, "B1")).isEqualTo("7");
        type(live, "Z6000", "8");
        assertThat(shown(live, "B1")).isEqualTo("15");
    }

    @Test
    void feedsAndFedByAreTheTwoSidesOfAReference() {
        type(live, "A1", "2", "A2", "=A1*3", "A3", "=A2+A1", "B1", "=sum(A1:A3)");
        assertThat(live.fedBy("a", at("A3")))
                .extracting(place -> place.area().toString())
                .containsExactly("A2", "A1");
        assertThat(live.feeds("a", at("A2")))
                .extracting(place -> place.area().toString())
                .containsExactlyInAnyOrder("A3", "B1");
        assertThat(live.feedsInAll("a", at("A1"))).isEqualTo(3);
    }
}
