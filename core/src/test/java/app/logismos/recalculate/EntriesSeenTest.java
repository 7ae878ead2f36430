package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static app.logismos.recalculate.Sheets.typeInto;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Functions that look at what is typed, or at the grids, and not at values, follow each change. */
class EntriesSeenTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=hasformula(A1)                | false",
                "=hasformula(A2)                | true",
                "=hasformula(A3)                | false",
                "=hasformula(D1)                | true",
                "=ISFORMULA(A2:A3)             | true",
                "=hasformula('Leaf prices'.A1)  | true",
                "=hasformula(cellcalled(\"A2\"))| true",
                "=hasformula(tripled)           | true",
                "=hasformula(A1 + 1)            | wrong-kind",
                "=formulatext(A2)              | \"=A1*3\"",
                "=FORMULA('Leaf prices'.A1)    | \"price = Lots.A1 + 1\"",
                "=formulatext(A1)              | not-found",
                "=formulatext(A3)              | not-found",
                "=formulatext(tripled)         | \"=A1*3\"",
                "=gridnumber()                 | 1",
                "=gridnumber(A1)               | 1",
                "=gridnumber('Leaf prices'.A1) | 2",
                "=SHEET(\"leaf PRICES\")       | 2",
                "=gridnumber(\"Tea\")          | missing-reference",
                "=gridnumber(7)                | wrong-kind",
                "=gridcount()                  | 2",
                "=SHEETS(A1:A2)                | 1",
                "=cellinfo(\"row\")             | 1",
                "=cellinfo(\"col\")             | 4",
                "=CELL(\"ROW\", 'Leaf prices'.B7) | 7",
                "=cellinfo(\"address\", A2)     | \"$A$2\"",
                "=cellinfo(\"address\", Lots.A2) | \"$A$2\"",
                "=cellinfo(\"address\", 'Leaf prices'.A2) | \"'Leaf prices'.$A$2\"",
                "=cellinfo(\"coord\", A2)       | \"Lots.$A$2\"",
                "=cellinfo(\"sheet\", 'Leaf prices'.A2) | 2",
                "=cellinfo(\"sheet\")           | 1",
                "=cellinfo(\"contents\", A2)    | 30",
                "=cellinfo(\"contents\", A1:A2) | 10",
                "=cellinfo(\"type\", A1)        | \"v\"",
                "=cellinfo(\"type\", A2)        | \"v\"",
                "=cellinfo(\"type\", A3)        | \"b\"",
                "=cellinfo(\"type\", A4)        | \"l\"",
                "=cellinfo(\"type\", A5)        | \"v\"",
                "=cellinfo(\"width\", A1)       | wrong-arguments",
                "=cellinfo(\"row\", 3)          | wrong-kind",
                "=cellinfo(\"type\")            | \"v\"",
                "=cellinfo(\"contents\")        | wrong-arguments",
                "=cellinfo(\"contents\", D1)    | circular",
                "=programinfo(\"numfile\")      | 2",
                "=INFO(\"recalc\")              | \"Automatic\"",
                "=INFO(\"system\")              | wrong-arguments",
                "=DDE(\"scales\", \"tea\", \"mass\") | not-found",
                "=MULTIPLE.OPERATIONS(A2; A1; 7) | 21",
                "=MULTIPLE.OPERATIONS(A2, A1: 7) | 21",
                "=with(A2, A1: 7)              | 21",
            })
    void itSeesWhatStandsThere(String entry, String value) {
        type(live, "A1", "10", "A2", "=A1*3", "A4", "leaf", "A5", "=1/0");
        typeInto(live, "b", "A1", "price = Lots.A1 + 1");
        Sheets.name(live, "tripled", "A2");
        type(live, "D1", entry);
        assertThat(shown(live, "D1").split(": ")[0]).isEqualTo(value);
    }

    @Test
    void aFormulaThatIsWorthWhatWasTypedIsSeen() {
        type(live, "A1", "=1+1", "B1", "=hasformula(A1)", "C1", "=if(B1, \"worked out\", \"typed\")");
        assertThat(shown(live, "C1")).isEqualTo("\"worked out\"");
        type(live, "A1", "2");
        assertThat(shown(live, "C1")).isEqualTo("\"typed\"");
    }

    @Test
    void gridsThatComeAndGoAreCounted() {
        type(live, "A1", "=gridcount()", "A2", "=gridnumber('Leaf prices'.A1)", "A3", "=A1*10");
        Change added = live.apply(List.of(new Edit.AddSection(Section.of("t", "Tea", Sheets.grid("c", "Tea")), 0)));
        assertThat(List.of(shown(live, "A1"), shown(live, "A2"), shown(live, "A3")))
                .containsExactly("3", "3", "30");
        live.apply(added.inverse());
        assertThat(List.of(shown(live, "A1"), shown(live, "A2"), shown(live, "A3")))
                .containsExactly("2", "2", "20");
    }

    /** Whatever is typed, in whatever order, values are those of a worksheet that was made at once. */
    @Test
    void theyAreWorthTheSameHoweverTheWorksheetCameToBe() {
        List<String> entries = List.of(
                "5",
                "=A1*2",
                "",
                "=hasformula(A1)",
                "=hasformula(B2)",
                "=formulatext(A2)",
                "=length(formulatext(B1))",
                "=sum(A1:A2)",
                "=formulatext(cellcalled(\"B\" & 2))",
                "leaf");
        List<String> cells = List.of("A1", "A2", "B1", "B2", "C1", "C2");
        Seeded.cases(60, random -> {
            LiveWorksheet one = Sheets.empty();
            for (int i = 0; i < 12; i++) {
                type(one, cells.get(random.nextInt(cells.size())), entries.get(random.nextInt(entries.size())));
            }
            LiveWorksheet other = Sheets.empty();
            List<String> typed = new ArrayList<>();
            Sheets.entries(one).forEach((place, text) -> Collections.addAll(typed, place.substring(2), text));
            type(other, typed.toArray(String[]::new));
            assertThat(Sheets.values(one)).isEqualTo(Sheets.values(other));
        });
    }
}
