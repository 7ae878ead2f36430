package app.logismos.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Edits of the layout: what they do, what takes them back, what they refuse. */
class OutlineTest {
    private final Worksheet worksheet = new Worksheet(
            "Blend",
            List.of(
                    Section.of("s", "Lots", grid("g", "Lots"), new Block.Note("n", "A note", false)),
                    Section.of("u", "Parcels")),
            Words.STANDARD);

    OutlineTest() {
        new Edit.Enter("g", List.of(new Edit.Typed(Address.FIRST, "7"))).apply(worksheet);
        new Edit.Define("share", Optional.of(new Edit.Place("g", area("A1")))).apply(worksheet);
    }

    static Stream<Arguments> edits() {
        return Stream.of(
                Arguments.of("a new title", new Edit.Retitle("Spring blend")),
                Arguments.of("a section", new Edit.AddSection(Section.of("t", "Tins", grid("h", "Tins")), 0)),
                Arguments.of("a folded section", new Edit.ChangeSection("s", "Leaf lots", true, true)),
                Arguments.of("a section moved", new Edit.MoveSection("s", 1)),
                Arguments.of("a block moved", new Edit.MoveBlock("n", "s", 0)),
                Arguments.of(
                        "other settings",
                        new Edit.ChangeSettings(new Settings(true, true, false, false, false, "fixed 2"))),
                Arguments.of("a chart", new Edit.AddBlock("s", chart("c"), 1)),
                Arguments.of("a grid taken out", new Edit.RemoveBlock("g")),
                Arguments.of("a note taken out", new Edit.RemoveBlock("n")),
                Arguments.of("a note changed", new Edit.ChangeBlock(new Block.Note("n", "Another", true))),
                Arguments.of("a grid called otherwise", new Edit.ChangeBlock(grid("g", "Leaf lots"))),
                Arguments.of("a name taken away", new Edit.Define("share", Optional.empty())),
                Arguments.of(
                        "an entry far out", new Edit.Enter("g", List.of(new Edit.Typed(new Address(30, 90), "x")))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("edits")
    void theInverseTakesAnEditBack(String name, Edit edit) {
        List<Object> before = seen();
        List<Edit> inverse = edit.apply(worksheet);
        assertThat(seen()).isNotEqualTo(before);
        inverse.forEach(each -> each.apply(worksheet));
        assertThat(seen()).isEqualTo(before);
    }

    static Stream<Arguments> refusals() {
        return Stream.of(
                Arguments.of(new Edit.Retitle(" "), "A title has 1 to 120 characters, this one has 1."),
                Arguments.of(
                        new Edit.AddBlock("s", grid("g", "Other"), 0),
                        "An id is new and has letters, digits and hyphens, was g."),
                Arguments.of(
                        new Edit.AddBlock("s", grid("h 1", "Other"), 0),
                        "An id is new and has letters, digits and hyphens, was h 1."),
                Arguments.of(
                        new Edit.AddBlock("s", grid("h", "LOTS"), 0),
                        "Another grid is called LOTS. Choose another title."),
                Arguments.of(new Edit.AddBlock("s", grid("h", "Other"), 3), "A block's place is 0 to 2, was 3."),
                Arguments.of(new Edit.AddBlock("x", grid("h", "Other"), 0), "There is no section x."),
                Arguments.of(new Edit.RemoveBlock("x"), "There is no block x."),
                Arguments.of(new Edit.RemoveSection("s"), "The section Lots still holds something. Empty it first."),
                Arguments.of(
                        new Edit.ChangeBlock(new Block.Note("g", "", false)),
                        "A block stays what it is: g cannot become another kind."),
                Arguments.of(
                        new Edit.Enter("g", List.of(new Edit.Typed(Address.FIRST, "x".repeat(8_193)))),
                        "An entry has 8192 characters at the most, this one has 8193."),
                Arguments.of(
                        new Edit.Define("sum", Optional.of(new Edit.Place("g", area("A2")))),
                        "`sum` is a function. Take another name, for example `sum_1`."),
                Arguments.of(
                        new Edit.Define("share", Optional.of(new Edit.Place("g", area("A2")))),
                        "`share` names A1 already. Take another name, for example `share_1`."),
                Arguments.of(
                        new Edit.Define("tin price", Optional.of(new Edit.Place("g", area("A2")))),
                        "A name starts with a letter and has letters, digits and `_`, and `tin price` does not. Take another name, for example `tin_price_1`."));
    }

    @ParameterizedTest
    @MethodSource("refusals")
    void anEditThatDoesNotFitIsRefusedWithASentence(Edit edit, String message) {
        List<Object> before = seen();
        assertThatThrownBy(() -> edit.apply(worksheet))
                .isInstanceOf(EditRefused.class)
                .hasMessage(message);
        assertThat(seen()).isEqualTo(before);
    }

    @Test
    void theNearestStyleWins() {
        Block.Grid grid =
                Block.Grid.of("g", "Lots", 3, 3).withStyles(Map.of("", "fixed 1", "B", "fixed 2", "B3", "percent"));
        assertThat(grid.style(new Address(0, 0))).isEqualTo("fixed 1");
        assertThat(grid.style(new Address(1, 0))).isEqualTo("fixed 2");
        assertThat(grid.style(new Address(1, 2))).isEqualTo("percent");
    }

    private List<Object> seen() {
        return List.of(
                worksheet.title(),
                worksheet.settings(),
                worksheet.outline().sections(),
                List.copyOf(worksheet.names().all()),
                worksheet.cell("g", Address.FIRST));
    }

    private static Block.Grid grid(String id, String title) {
        return Block.Grid.of(id, title, 3, 2);
    }

    private static Chart chart(String id) {
        return Chart.of(id, "Chart", "g", Optional.of(area("A1:A3")), Chart.Series.of(area("B1:B3"), Chart.Shape.LINE));
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
