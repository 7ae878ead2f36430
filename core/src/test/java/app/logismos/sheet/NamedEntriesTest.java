package app.logismos.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A name belongs to its cell. */
class NamedEntriesTest {
    private final Worksheet worksheet = new Worksheet(
            "Names", List.of(Section.of("s", "Section", Block.Grid.of("g", "Grid", 8, 5))), Words.STANDARD);

    @BeforeEach
    void nameTwoCells() {
        type("A1", "width = 3");
        type("A2", "area = width^2");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "share = 20%       | 20%",
                "mass=2 kg         | 2 kg",
                "third = 1/3       | 1/3",
                "begin = 2027-03-01| 2027-03-01",
                "leaf = \"Leaf\"   | \"Leaf\"",
                "loss = -4.5       | -4.5",
            })
    void aPlainValueBehindANameIsTypedAndNotCalculated(String entry, String kept) {
        type("B1", entry);
        assertThat(worksheet.textIn("g", at("B1"))).isEqualTo(kept);
        assertThat(worksheet.cell("g", at("B1")).orElseThrow().isCalculated()).isFalse();
        assertThat(worksheet.names().of("g", area("B1")))
                .contains(entry.substring(0, entry.indexOf('=')).strip());
    }

    @ParameterizedTest
    @CsvSource({"A1, 5, width", "A1, '', width", "A2, 12, area", "A2, =7*7, area", "A2, some text, area"})
    void whatIsTypedOverANamedCellKeepsTheName(String cell, String entry, String name) {
        type(cell, entry);
        assertThat(worksheet.textIn("g", at(cell))).isEqualTo(entry);
        assertThat(worksheet.names().of("g", area(cell))).contains(name);
    }

    @Test
    void takingANameAwayTakesItAwayWhereverItCameFrom() {
        apply(new Edit.Define("width", Optional.empty()));
        apply(new Edit.Define("area", Optional.empty()));
        assertThat(worksheet.names().all()).isEmpty();
        assertThat(worksheet.textIn("g", at("A2"))).isEqualTo("=width^2");
    }

    @Test
    void aNameMovesToTheCellThatTakesItInTheSameChange() {
        apply(new Edit.Enter("g", List.of(new Edit.Typed(at("A2"), ""), new Edit.Typed(at("B2"), "area = width^2"))));
        assertThat(worksheet.names().find("area").orElseThrow().area()).isEqualTo(area("B2"));
    }

    @Test
    void undoingTakesTheNameBack() {
        List<Edit> inverse = apply(new Edit.Enter("g", List.of(new Edit.Typed(at("C3"), "height = 4"))));
        worksheet.applyAll(inverse);
        assertThat(worksheet.names().find("height")).isEmpty();
        assertThat(worksheet.textIn("g", at("C3"))).isEmpty();
    }

    private void type(String cell, String text) {
        apply(new Edit.Enter("g", List.of(new Edit.Typed(at(cell), text))));
    }

    private List<Edit> apply(Edit edit) {
        return worksheet.applyAll(NamedEntries.written(List.of(edit), worksheet));
    }

    private static Address at(String cell) {
        return Address.parse(cell).orElseThrow();
    }

    private static Area area(String cell) {
        return new Area(at(cell), at(cell));
    }
}
