package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static app.logismos.recalculate.Sheets.typeInto;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.evaluate.ShownStep;
import app.logismos.formula.Address;
import app.logismos.sheet.Edit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code shifted} and {@code cellcalled} refer to cells that only their arguments tell; they are followed like any others. */
class ShiftedTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=shifted(A1, 1, 0)                  | 20",
                "=shifted(A1, 0, 1) + 1              | 8",
                "=sum(shifted(A1, 1, 0, 2))          | 50",
                "=sum(shifted(A1:A2, 1, 0))          | 50",
                "=sum(shifted(A1:B2, 0, 0, 1))       | 17",
                "=OFFSET(A1; 2; 0)                   | 30",
                "=shifted(A3, -2, 0)                 | 10",
                "=shifted('Leaf prices'.A1, 1, 0)    | 99",
                "=shifted(first, 1, 0)               | 20",
                "=rownumber(shifted(first, 3, 0))    | 4",
                "=shifted(shifted(A1, 1, 0), 1, 0)   | 30",
                "=shifted(A1, 5, 0)                  | 0",
                "=count(shifted(A1, 5, 0, 3))        | 0",
                "=shifted(A1, -1, 0)                 | missing-reference",
                "=shifted(A1, 0, -1)                 | missing-reference",
                "=shifted(A1, 999999, 0, 2)          | missing-reference",
                "=shifted(A1, 1/2, 0)                | wrong-arguments",
                "=shifted(A1 + 1, 1, 0)              | wrong-kind",
                "=shifted(A1, 1, 0, 0)               | wrong-arguments",
                "=shifted(A1, 0, 3)                  | circular",
                "=rownumber(D1)                      | 1",
                "=shifted(D1, 0, -2)                 | 7",
                "=shifted(D1, 0, 0)                  | circular",
                "=cellcalled(\"A2\")                  | 20",
                "=sum(cellcalled(\"A1:A\" & 2))       | 30",
                "=sum(cellcalled(\"$B$1:a3\"))        | 67",
                "=INDIRECT(\"A\" & rownumber())       | 10",
                "=cellcalled(\"Leaf prices.A2\")      | 99",
                "=cellcalled(\"'Leaf prices'!$A$2\")  | 99",
                "=cellcalled(\"Tea.A2\")              | missing-reference",
                "=cellcalled(\"A\")                   | wrong-arguments",
                "=cellcalled(\"R2C1\", false)         | wrong-arguments",
                "=cellcalled(\"A1:B2:C3\")            | wrong-arguments",
                "=cellcalled(A1)                     | wrong-kind",
                "=cellcalled(\"D1\")                  | circular",
                "=areacount(first)                   | 1",
                "=isreference(cellcalled(\"Z9\"))     | true",
                "=isreference(A1 + 1)                | false",
            })
    void itHasWhatStandsThere(String entry, String value) {
        type(live, "A1", "10", "A2", "20", "A3", "30", "B1", "7");
        typeInto(live, "b", "A2", "99");
        Sheets.name(live, "first", "A1");
        type(live, "D1", entry);
        assertThat(shown(live, "D1").split(":")[0]).isEqualTo(value);
    }

    @Test
    void itFollowsTheCellThatItFindsAndNoOther() {
        type(live, "A1", "1", "A2", "2", "A3", "3", "B1", "1", "C1", "=shifted(A1, B1, 0)", "C2", "=C1*10");
        assertThat(cells(type(live, "A3", "30"))).doesNotContain("C1");
        assertThat(cells(type(live, "A2", "20"))).contains("C1", "C2");
        assertThat(shown(live, "C2")).isEqualTo("200");
        type(live, "B1", "2");
        assertThat(shown(live, "C2")).isEqualTo("300");
        assertThat(cells(type(live, "A2", "5"))).doesNotContain("C1");
        assertThat(cells(type(live, "A3", "4"))).contains("C1", "C2");
        assertThat(shown(live, "C2")).isEqualTo("40");
    }

    @Test
    void itFollowsTheCellWhoseAddressIsWrittenSomewhere() {
        type(live, "A1", "1", "A2", "2", "B1", "A1", "C1", "=cellcalled(B1)*10");
        assertThat(shown(live, "C1")).isEqualTo("10");
        type(live, "A1", "5");
        assertThat(shown(live, "C1")).isEqualTo("50");
        type(live, "B1", "A2");
        assertThat(shown(live, "C1")).isEqualTo("20");
        assertThat(cells(type(live, "A1", "6"))).doesNotContain("C1");
    }

    @Test
    void aValueThatStaysTheSameStillIsFollowed() {
        type(live, "A1", "1", "A2", "=if(A1 > 0, 5, 6)", "C1", "=shifted(A1, 1, 0)");
        type(live, "A1", "2");
        type(live, "A1", "-1");
        assertThat(shown(live, "C1")).isEqualTo("6");
    }

    @Test
    void whatItFindsCountsAsWhatItIsFedBy() {
        type(live, "A1", "1", "A2", "2", "B1", "1", "C1", "=shifted(A1, B1, 0)");
        assertThat(live.fedBy("a", at("C1")))
                .extracting(place -> place.area().toString())
                .containsExactly("B1", "A2");
    }

    @Test
    void aCircleThroughWhatItFindsIsToldAndEndsWithIt() {
        type(live, "A1", "1", "B1", "0", "C1", "=shifted(A1, B1, 0)", "A2", "=C1+1");
        assertThat(shown(live, "A2")).isEqualTo("2");
        type(live, "B1", "1");
        assertThat(shown(live, "C1")).startsWith("circular");
        assertThat(shown(live, "A2")).startsWith("circular");
        type(live, "B1", "0");
        assertThat(shown(live, "A2")).isEqualTo("2");
    }

    @Test
    void aColumnThatFindsTheCellAboveAddsUp() {
        List<String> typed = new ArrayList<>(List.of("A1", "1"));
        for (int row = 2; row <= 60; row++) {
            typed.addAll(List.of("A" + row, "=shifted(A" + row + ", -1, 0) + 1"));
        }
        type(live, typed.toArray(String[]::new));
        assertThat(shown(live, "A60")).isEqualTo("60");
        type(live, "A1", "5");
        assertThat(shown(live, "A60")).isEqualTo("64");
    }

    @Test
    void itsWorkingSaysWhichCellsTheyAre() {
        type(live, "A2", "20", "A3", "30");
        typeInto(live, "b", "A2", "99");
        assertThat(notes("=sum(shifted(A1, 1, 0, 2)) + 1")).startsWith("A2:A3");
        assertThat(notes("=shifted('Leaf prices'.A1, 1, 0)")).containsExactly("'Leaf prices'.A2");
    }

    private List<String> notes(String entry) {
        return live.explain(entry, "a", at("F1")).steps().stream()
                .map(ShownStep::note)
                .toList();
    }

    /** The second truth: a reference that is written out. */
    @Test
    void itHasTheValueOfTheReferenceWrittenOut() {
        Seeded.cases(40, random -> {
            List<Edit.Typed> typed = new ArrayList<>();
            for (int row = 0; row < 8; row++) {
                int other = random.nextInt(8);
                boolean isNumber = random.nextInt(3) == 0;
                String number = String.valueOf(random.nextInt(9));
                int down = other - row;
                typed.add(new Edit.Typed(
                        new Address(0, row), isNumber ? number : "=shifted(A" + (row + 1) + ", " + down + ", 0) + 1"));
                typed.add(new Edit.Typed(new Address(1, row), isNumber ? number : "=B" + (other + 1) + " + 1"));
            }
            Collections.shuffle(typed, random);
            LiveWorksheet sheet = Sheets.empty();
            typed.forEach(each -> sheet.apply(List.of(new Edit.Enter("a", List.of(each)))));
            for (int row = 1; row <= 8; row++) {
                assertThat(code(shown(sheet, "A" + row))).isEqualTo(code(shown(sheet, "B" + row)));
            }
        });
    }

    /** Circles name their own cells. */
    private static String code(String shown) {
        return shown.startsWith("circular") ? "circular" : shown;
    }

    private static List<String> cells(Change change) {
        return change.cells().stream().map(cell -> cell.cell().toString()).toList();
    }

    @Test
    void whatAFormulaNamesIsStillFollowedWhenItNoLongerFindsIt() {
        LiveWorksheet live = Sheets.empty();
        Sheets.type(
                live,
                "A1",
                "1",
                "A2",
                "10",
                "C1",
                "0",
                "B1",
                "=A1+shifted(A1, C1, 0)",
                "B2",
                "=sum(A1:A2)+sum(shifted(A1:A2, C1, 0))");
        Sheets.type(live, "C1", "1");
        Sheets.type(live, "A1", "5");
        assertThat(Sheets.shown(live, "B1")).isEqualTo("15");
        assertThat(Sheets.shown(live, "B2")).isEqualTo("25");
    }
}
