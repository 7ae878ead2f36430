package app.logismos.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.Patient;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is sorted from one cell. Rows are written down with their cells parted by commas. */
class SortedTableTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "headings stay             | Leaf,Price;b,2;a,1;c,3                             | B3 | A2:B4",
                "numbers alone             | 3;1;2                                              | A2 | A1:A3",
                "texts alone               | c;a;b                                              | A1 | A1:A3",
                "a total stays             | Leaf,Price;b,2;a,1;Total,=sum(B2:B3)               | B2 | A2:B3",
                "all below a total stays   | Leaf,Price;b,2;a,1;Sum,=sum(B2:B3);Tax,=B4*0.2;All,=B4+B5 | B2 | A2:B3",
                "running totals are sorted | Leaf,Price,So far;b,2,=sum(B$2:B2);a,1,=sum(B$2:B3);c,3,=sum(B$2:B4) | B2 | A2:C4",
                "formulas of a row go along| Leaf,Price,Tax;b,2,=B2*0.2;a,1,=B3*0.2             | C2 | A2:C3",
                "another table stays       | b,2,,9;a,1,,8                                      | A1 | A1:B2",
                "an empty row ends it      | b,2;a,1;,;z,0                                      | B1 | A1:B2",
                "what looks at a list beside it is sorted | Leaf,Price,,1;b,=max(D$1:D$2),,2;a,=max(D$1:D$2);c,=max(D$1:D$2) | A3 | A2:B4",
                "a mean under it stays     | 4;2;=mean(A1:A2)                                   | A1 | A1:A2",
            })
    void theTableAroundACellIsMeant(String name, String rows, String cell, String sorted) {
        assertThat(SortedTable.around("g", Address.parse(cell).orElseThrow(), live(rows, 0)))
                .isEqualTo(Area.parse(sorted).orElseThrow());
    }

    @Test
    void theHeadingsOfTheGridStayWhateverTheyAre() {
        assertThat(SortedTable.around("g", Address.parse("A3").orElseThrow(), live("2025;3;1;2", 1)))
                .isEqualTo(Area.parse("A2:A4").orElseThrow());
    }

    @Test
    void whereThereIsNothingItIsRefused() {
        LiveWorksheet live = live("Leaf,Price", 1);
        assertThatThrownBy(() -> SortedTable.around("g", Address.parse("A1").orElseThrow(), live))
                .isInstanceOf(EditRefused.class)
                .hasMessage("Around A1 there are no rows to sort.");
    }

    private static LiveWorksheet live(String rows, int headings) {
        LiveWorksheet live = new LiveWorksheet(
                new Worksheet(
                        "Sorting",
                        List.of(Section.of(
                                "s", "S", Block.Grid.of("g", "G", 12, 6).withHeadings(headings))),
                        Words.STANDARD),
                Patient.LIMITS);
        List<Edit.Typed> typed = new ArrayList<>();
        String[] lines = rows.strip().split(";");
        for (int row = 0; row < lines.length; row++) {
            String[] cells = lines[row].split(",");
            for (int column = 0; column < cells.length; column++) {
                if (!cells[column].isBlank()) {
                    typed.add(new Edit.Typed(new Address(column, row), cells[column].strip()));
                }
            }
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        return live;
    }
}
