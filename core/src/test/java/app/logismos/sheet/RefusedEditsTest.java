package app.logismos.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** An edit that does not fit says why, and nothing has changed. */
class RefusedEditsTest {
    private static final Block.Grid LOTS = Block.Grid.of("a", "Lots", 5, 4);

    static Stream<Arguments> refused() {
        return Stream.of(
                refused(enter("x", "A1", "1"), "There is no grid x."),
                refused(
                        enter("a", "A1", "=1+" + "1".repeat(8_200)),
                        "An entry has 8192 characters at the most, this one has 8203."),
                refused(
                        enter("a", "B1", "price = 3"),
                        "`price` names A1 already. Take another name, for example `price_1`."),
                refused(enter("a", "B1", "sum = 3"), "`sum` is a function. Take another name, for example `sum_1`."),
                refused(
                        new Edit.Define("pi", Optional.of(place("B1"))),
                        "`pi` is a constant. Take another name, for example `pi_1`."),
                refused(
                        new Edit.Define("b7", Optional.of(place("B1"))),
                        "`b7` looks like the cell B7. Take another name, for example `b7_1`."),
                refused(new Edit.Rename("cost", "expense"), "Nothing is called `cost` here."),
                refused(
                        new Edit.Rename("price", "lots"),
                        "`lots` names A2 already. Take another name, for example `lots_1`."),
                refused(new Edit.Retitle(""), "A title has 1 to 120 characters, this one has 0."),
                refused(new Edit.Retitle("x".repeat(201)), "A title has 1 to 120 characters, this one has 201."),
                refused(new Edit.AddSection(Section.of("s2", "More"), 3), "A section's place is 0 to 1, was 3."),
                refused(
                        new Edit.AddSection(Section.of("s", "More"), 1),
                        "An id is new and has letters, digits and hyphens, was s."),
                refused(
                        new Edit.AddSection(Section.of("s 2", "More"), 1),
                        "An id is new and has letters, digits and hyphens, was s 2."),
                refused(new Edit.RemoveSection("s"), "The section Blend still holds something. Empty it first."),
                refused(new Edit.RemoveSection("t"), "There is no section t."),
                refused(new Edit.MoveSection("s", 1), "A section's place is 0 to 0, was 1."),
                refused(
                        new Edit.AddBlock("s", Block.Grid.of("c", "lots", 2, 2), 0),
                        "Another grid is called lots. Choose another title."),
                refused(
                        new Edit.AddBlock("s", Block.Grid.of("c", "Cups", 2, 2), 3),
                        "A block's place is 0 to 1, was 3."),
                refused(new Edit.AddBlock("t", Block.Grid.of("c", "Cups", 2, 2), 0), "There is no section t."),
                refused(new Edit.MoveBlock("x", "s", 0), "There is no block x."),
                refused(new Edit.RemoveBlock("x"), "There is no block x."),
                refused(
                        new Edit.ChangeBlock(new Block.Note("a", "now a note", false)),
                        "A block stays what it is: a cannot become another kind."),
                refused(
                        new Edit.InsertLines("a", Axis.ROWS, 6, 1),
                        "The grid has 5 rows, and this reaches beyond them."),
                refused(
                        new Edit.InsertLines("a", Axis.ROWS, 0, Address.ROWS),
                        "The grid has 5 rows, and this reaches beyond them."),
                refused(
                        new Edit.InsertLines("a", Axis.COLUMNS, -1, 1),
                        "The grid has 4 columns, and this reaches beyond them."),
                refused(
                        new Edit.DeleteLines("a", Axis.ROWS, 4, 2),
                        "The grid has 5 rows, and this reaches beyond them."),
                refused(
                        new Edit.DeleteLines("a", Axis.ROWS, 0, 0),
                        "The grid has 5 rows, and this reaches beyond them."),
                refused(new Edit.DeleteLines("a", Axis.COLUMNS, 0, 4), "A grid keeps at least one column."),
                refused(
                        new Edit.MoveLines("a", Axis.ROWS, 1, 2, 2),
                        "Lines move to a place outside themselves, and this is inside."),
                refused(
                        new Edit.MoveLines("a", Axis.ROWS, 1, 2, 6),
                        "Lines move to a place outside themselves, and this is inside."),
                refused(
                        new Edit.MoveCells("a", area("A1:B2"), "a", new Address(Address.COLUMNS - 1, 0)),
                        "There is no room for A1:B2 at " + new Address(Address.COLUMNS - 1, 0) + "."),
                refused(new Edit.MoveCells("a", area("A1:B2"), "x", at("A1")), "There is no grid x."),
                refused(
                        new Edit.OrderRows("a", area("A1:B3"), List.of(0, 1, 1)),
                        "An order names each row of A1:B3 once, and this one does not."),
                refused(
                        new Edit.OrderRows("a", area("A1:B9"), List.of(0, 1, 2, 3, 4, 5, 6, 7, 8)),
                        "An order names each row of A1:B9 once, and this one does not."),
                refused(new Edit.CopyCells("x", area("A1"), "a", area("B1")), "There is no grid x."),
                refused(
                        new Edit.CopyCells(
                                "a",
                                area("A1:A2"),
                                "a",
                                new Area(new Address(0, Address.ROWS - 1), new Address(0, Address.ROWS - 1))),
                        "There is no room for 1 × 2 cells at A" + Address.ROWS + "."));
    }

    private static Arguments refused(Edit edit, String message) {
        return Arguments.of(edit, message);
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("refused")
    void whatDoesNotFitSaysWhyAndChangesNothing(Edit edit, String message) {
        Worksheet worksheet = worksheet();
        Map<String, String> before = state(worksheet);
        assertThatThrownBy(() -> edit.apply(worksheet))
                .isInstanceOf(EditRefused.class)
                .hasMessage(message);
        assertThat(state(worksheet)).isEqualTo(before);
    }

    @Test
    void aGridThatIsFullToItsLastRowTakesNoMore() {
        Worksheet worksheet = worksheet();
        new Edit.ChangeBlock(Block.Grid.of("a", "Lots", Address.ROWS, 4)).apply(worksheet);
        assertThatThrownBy(() -> new Edit.InsertLines("a", Axis.ROWS, 3, 1).apply(worksheet))
                .isInstanceOf(EditRefused.class);
    }

    private static Worksheet worksheet() {
        Worksheet worksheet = new Worksheet("Blend", List.of(Section.of("s", "Blend", LOTS)), Words.STANDARD);
        enter("a", "A1", "price = 4").apply(worksheet);
        enter("a", "A2", "lots = 7").apply(worksheet);
        enter("a", "B2", "=price*2").apply(worksheet);
        return worksheet;
    }

    private static Edit enter(String grid, String cell, String text) {
        return new Edit.Enter(grid, List.of(new Edit.Typed(at(cell), text)));
    }

    private static Edit.Place place(String area) {
        return new Edit.Place("a", area(area));
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }

    private static Address at(String text) {
        return Address.parse(text).orElseThrow();
    }

    /** All that a person would miss: entries, names, and how the page is laid out. */
    private static Map<String, String> state(Worksheet worksheet) {
        Map<String, String> state = new TreeMap<>();
        worksheet
                .cells("a")
                .forEach((column, row, cell) ->
                        state.put(new Address(column, row).toString(), cell.text(new Address(column, row))));
        worksheet.names().all().forEach(target -> state.put(target.name(), target.toString()));
        state.put("title", worksheet.title());
        state.put("outline", worksheet.outline().sections().toString());
        return state;
    }
}
