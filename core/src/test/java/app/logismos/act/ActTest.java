package app.logismos.act;

import static app.logismos.act.Acting.area;
import static app.logismos.act.Acting.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.sheet.Axis;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ActTest {
    private final Acting worksheet = new Acting();

    @Test
    void formulasAreContinuedWithTheirReferencesAndValuesBesideThemWithTheirPattern() {
        worksheet
                .typed("A1", "2", "A2", "5", "B1", "=A1*$D$1", "B2", "=A2*$D$1")
                .done(new Act.Continue("g", area("A1:B2"), area("A1:B4")));
        assertThat(worksheet.entries("A3:B4")).isEqualTo("8 =A3*$D$1 11 =A4*$D$1");
    }

    @Test
    void continuingGoesToTheRightAsWell() {
        worksheet.typed("A1", "Mon", "A2", "=A3*2").done(new Act.Continue("g", area("A1:A2"), area("A1:C2")));
        assertThat(worksheet.entries("B1:C2")).isEqualTo("Tue Wed =B3*2 =C3*2");
    }

    @Test
    void whatIsNeitherBelowNorBesideIsRefused() {
        assertThatThrownBy(() -> worksheet.typed("A1", "2").done(new Act.Continue("g", area("A1"), area("A1:B2"))))
                .isInstanceOf(EditRefused.class)
                .hasMessage("A1 can be continued down or to the right, and A1:B2 is neither below it nor beside it.");
    }

    @ParameterizedTest(name = "{0} of {1} goes through {2}")
    @CsvSource({
        "ROWS, A1:A2, A3, 8", // all filled: one further
        "ROWS, A1:A6, A6, 17", // the filled part through all of the selection
        "ROWS, B1, B2, =A2", // along its neighbours
        "COLUMNS, A1, B1, 2", // a single number is repeated
    })
    void goingOnFindsItsEnd(Axis axis, String from, String last, String entry) {
        worksheet.typed("A1", "2", "A2", "5");
        if (from.startsWith("B")) {
            worksheet.typed("B1", "=A1");
        }
        worksheet.done(new Act.GoOn("g", area(from), axis));
        assertThat(worksheet.entries(last)).isEqualTo(entry);
        int row = at(last).row() + 1;
        assertThat(axis == Axis.ROWS ? worksheet.entries(last.substring(0, 1) + (row + 1)) : "·")
                .isEqualTo("·");
    }

    @Test
    void goingOnStopsWhereNeighboursEndOrSomethingStands() {
        worksheet
                .typed("A1", "1", "A2", "2", "A3", "3", "A4", "4", "B1", "=A1", "B4", "mine")
                .done(new Act.GoOn("g", area("B1"), Axis.ROWS));
        assertThat(worksheet.entries("B1:B4")).isEqualTo("=A1 =A2 =A3 mine");
    }

    @Test
    void anEmptySelectionCannotBeContinued() {
        assertThatThrownBy(() -> worksheet.done(new Act.GoOn("g", area("A1"), Axis.ROWS)))
                .isInstanceOf(EditRefused.class)
                .hasMessage("Select the cells to start from: a formula, or values that show a pattern.");
    }

    @ParameterizedTest(name = "{0} by {1} to {2} is {4}")
    @CsvSource({
        "1, 2, 7, , 1 3 5 7",
        "1, 2, 8, , 1 3 5 7", // does not go beyond its end
        "10, -2.5, 5, , 10.0 7.5 5.0",
        "1, 1/3, 2, , 1 4/3 5/3 2",
        "0.5 kg, 250 g, 1 kg, , 0.50 kg 0.75 kg 1.00 kg",
        "2027-02-27, 1, 2027-03-01, , 2027-02-27 2027-02-28 2027-03-01",
        "2027-01-01, 7, , 3, 2027-01-01 2027-01-08 2027-01-15",
        "5, 0, , 3, 5 5 5",
        "0 °C, 25 K, 60 °C, , 0 °C 25 °C 50 °C", // a step is a difference
        "0 °C, 9 °F, 10 °C, , 0 °C 5 °C 10 °C",
        "20 °C, 20 °C, 60 °C, , 20 °C 40 °C 60 °C",
        "300 K, 5 °C, , 2, 300 K 305 K",
        "2027-03-01, 1 wk, 2027-03-20, , 2027-03-01 2027-03-08 2027-03-15",
        "2027-03-01, 24 h, , 2, 2027-03-01 2027-03-02",
    })
    void aSeriesIsWritten(String first, String step, String last, Integer count, String entries) {
        worksheet.done(new Act.Series(
                "g", at("B2"), Axis.ROWS, first, step, Optional.ofNullable(last), Optional.ofNullable(count)));
        int rows = entries.split(" (?=[0-9])").length;
        assertThat(worksheet.entries("B2:B" + (rows + 1))).isEqualTo(entries);
        assertThat(worksheet.entries("B" + (rows + 2))).isEqualTo("·");
    }

    @ParameterizedTest(name = "{0} by {1} to {2}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | 2 | 0 | | With this step the series never comes to its last value.",
                "1 | 0 | 5 | | A series that has an end needs a step that is not 0.",
                "1 | 1 | | | A series needs its last value or how many values there are.",
                "1 | 1 | | 200000 | A series has 100000 values at the most.",
                "tea | 1 | | 3 | A series is of exact numbers, quantities of one kind, or dates, and `tea` is not.",
                "1 kg | 1 m | | 3 | A series is of exact numbers, quantities of one kind, or dates, and `1 m` is not.",
                "2027-01-01 | 0.5 | | 3 | Dates go on by whole days, and the step is 0.5.",
                "2027-01-01 | 1 | 9 | | The series starts with a date and must end with one.",
            })
    void aSeriesThatCannotBeIsRefused(String first, String step, String last, Integer count, String message) {
        Act.Series series = new Act.Series(
                "g", at("B2"), Axis.ROWS, first, step, Optional.ofNullable(last), Optional.ofNullable(count));
        assertThatThrownBy(() -> worksheet.done(series))
                .isInstanceOf(EditRefused.class)
                .hasMessage(message);
        assertThat(worksheet.entries("B2")).isEqualTo("·");
    }

    @Test
    void aTableIsFilledFromItsHeadings() {
        worksheet
                .typed("B1", "2", "C1", "3", "A2", "10", "A3", "20", "E1", "7", "B2", "=A2*B1+E1+$A2")
                .done(new Act.FillTable("g", area("A1:C3")));
        assertThat(worksheet.entries("B2:C2")).isEqualTo("=$A2*B$1+$E$1+$A2 =$A2*C$1+$E$1+$A2");
        assertThat(worksheet.entries("C3")).isEqualTo("=$A3*C$1+$E$1+$A3");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A1:C1 | A table has a row and a column of headings and cells between them. Select all of it.",
                "A1:C3 | Write a formula into B2 first: it refers to the headings A2 and B1.",
            })
    void aTableWithoutHeadingsOrFormulaIsRefused(String area, String message) {
        assertThatThrownBy(() -> worksheet.done(new Act.FillTable("g", area(area))))
                .isInstanceOf(EditRefused.class)
                .hasMessage(message);
    }

    @ParameterizedTest(name = "descending: {0}")
    @CsvSource({
        "false, -3 500 g 1 kg 9 2027-01-01 Cedar river =1/0 ·",
        "true, 9 1 kg 500 g -3 2027-01-01 river Cedar =1/0 ·"
    })
    void numbersComeBeforeDatesAndTextsAndEmptyCellsLast(boolean descending, String sorted) {
        worksheet
                .typed("A1", "river", "A2", "9", "A3", "=1/0", "A5", "-3", "A6", "Cedar", "A7", "2027-01-01")
                .done(new Act.Sort("g", area("A1:A7"), 0, descending));
        String numbers = sorted.replace("500 g 1 kg ", "").replace("1 kg 500 g ", "");
        assertThat(worksheet.entries("A1:A7")).isEqualTo(numbers);
        Acting quantities =
                new Acting().typed("A1", "1 kg", "A2", "500 g").done(new Act.Sort("g", area("A1:A2"), 0, descending));
        assertThat(quantities.entries("A1:A2")).isEqualTo(descending ? "1 kg 500 g" : "500 g 1 kg");
    }

    @ParameterizedTest(name = "descending: {0}")
    @CsvSource({
        "false, 4 3 m 2 km 500 g 1 kg 90 s 1 h",
        "true, 1 h 90 s 1 kg 500 g 2 km 3 m 4",
    })
    void unlikeQuantitiesAreSortedByWhatTheyMeasureAndLikeOnesByTheirSize(boolean descending, String sorted) {
        worksheet
                .typed("A1", "1 kg", "A2", "3 m", "A3", "1 h", "A4", "500 g", "A5", "90 s", "A6", "2 km", "A7", "4")
                .done(new Act.Sort("g", area("A1:A7"), 0, descending));
        assertThat(worksheet.entries("A1:A7")).isEqualTo(sorted);
    }

    @ParameterizedTest
    @CsvSource({"0", "3", "-1"})
    void cellsAreNotSortedByAColumnBesideThem(int by) {
        worksheet.typed("B1", "2", "B2", "1", "D1", "1", "D2", "2");
        assertThatThrownBy(() -> worksheet.done(new Act.Sort("g", area("B1:C2"), by, false)))
                .isInstanceOf(EditRefused.class)
                .hasMessage("B1:C2 is sorted by one of its own columns.");
        assertThat(worksheet.entries("B1:B2")).isEqualTo("2 1");
    }

    @Test
    void sortedRowsTakeTheirFormulasAndWhatRefersToThemAlong() {
        worksheet
                .typed("A1", "30", "A2", "10", "B1", "=A1*2", "B2", "=A2*2", "D1", "=A1", "D2", "=sum(A1:A2)")
                .done(new Act.Sort("g", area("A1:B2"), 0, false));
        assertThat(worksheet.entries("A1:B2")).isEqualTo("10 =A1*2 30 =A2*2");
        assertThat(worksheet.entries("D1:D2")).isEqualTo("=A2 =sum(A1:A2)");
    }

    @Test
    void aTextIsReplacedInEntriesOfAnyCaseOrOfTheSame() {
        worksheet
                .typed("A1", "River red", "A2", "river", "A3", "=sum(A1:A2)")
                .done(new Act.Replace(Optional.empty(), "river", "Harbour", true));
        assertThat(worksheet.entries("A1:A2")).isEqualTo("River red Harbour");
        worksheet.done(new Act.Replace(Optional.of("g"), "RIVER", "$1", false));
        assertThat(worksheet.entries("A1")).isEqualTo("$1 red"); // no sign has another meaning
        assertThatThrownBy(() -> worksheet.done(new Act.Replace(Optional.empty(), "oolong", "", false)))
                .hasMessage("No entry has `oolong`.");
        assertThatThrownBy(() -> worksheet.done(new Act.Replace(Optional.empty(), "", "x", false)))
                .hasMessage("There is nothing to look for.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Price | price",
                "Price of a tin, EUR | price_of_a_tin",
                "Rate (per year) | rate",
                "2 tins | tins",
                "Höhe in m: | höhe_in_m",
            })
    void aLabelMakesAName(String label, String name) {
        assertThat(NamingByLabels.nameOf(label)).isEqualTo(name);
    }

    @Test
    void labelsBesideOrAboveNameTheirValues() {
        worksheet
                .typed("A1", "Tins sold", "B1", "48", "A2", "sum", "B2", "5", "A3", "Price", "B3", "4.40")
                .done(new Act.NameByLabels("g", area("A1:B3")));
        assertThat(worksheet.live.worksheet().names().all())
                .extracting(target -> target.name() + " " + target.area())
                .containsExactly("price B3", "tins_sold B1"); // `sum` is a function
        Acting above = new Acting()
                .typed("A1", "Time", "B1", "Heat", "C1", "Loss", "A2", "1", "B2", "2", "C2", "3", "A3", "4")
                .done(new Act.NameByLabels("g", area("A1:C3")));
        assertThat(above.live.worksheet().names().all())
                .extracting(target -> target.name() + " " + target.area())
                .containsExactly("heat B2:B3", "loss C2:C3");
    }

    @ParameterizedTest(name = "{0} into {1}, by {2}: {3}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "A1,Tea,A2,3,A3,4         | A4    | -       | A4,=sum(A2:A3)",
                "A1,3 kg,A2,4 g           | A3    | ROWS    | A3,=sum(A1:A2)",
                "A1,3,A2,=A1*2            | A5    | -       | A5,=sum(A1:A2)",
                "A1,3,B1,4                | C1    | -       | C1,=sum(A1:B1)",
                "A1,3,B1,4,C1,5,D1,       | D1    | COLUMNS | D1,=sum(A1:C1)",
                "A1,1,B1,2,A2,3,B2,4      | A3:B3 | -       | A3,=sum(A1:A2),B3,=sum(B1:B2)",
                "A1,1,B1,2,A2,3,B2,4      | C1:C2 | -       | C1,=sum(A1:B1),C2,=sum(A2:B2)",
                "A1,1,A2,tea,A3,3,A4,4    | A5    | -       | A5,=sum(A3:A4)",
                "A1,1,A2,=1/0,A3,3        | A4    | -       | A4,=sum(A3)",
            })
    void whatStandsAboveOrToTheLeftIsAddedUp(String typed, String into, String axis, String sums) {
        worksheet
                .typed(typed.split(",", -1))
                .done(new Act.AddUp("g", area(into), Optional.ofNullable(axis).map(Axis::valueOf)));
        String[] expected = sums.split(",");
        for (int i = 0; i < expected.length; i += 2) {
            assertThat(worksheet.entries(expected[i])).isEqualTo(expected[i + 1]);
        }
    }

    @Test
    void aHeadingThatIsANumberIsNotAdded() {
        worksheet.typed("A1", "2025", "A2", "3", "A3", "4");
        worksheet.live.apply(List.of(
                new Edit.ChangeBlock(worksheet.live.grid("g").orElseThrow().withHeadings(1))));
        worksheet.done(new Act.AddUp("g", area("A4"), Optional.empty()));
        assertThat(worksheet.entries("A4")).isEqualTo("=sum(A2:A3)");
    }

    @Test
    void aSumGoesIntoAnEmptyCellBesideNumbers() {
        worksheet.typed("A1", "Tea", "A2", "3");
        assertThatThrownBy(() -> worksheet.done(new Act.AddUp("g", area("A2"), Optional.empty())))
                .hasMessage("`A2` is not empty. Select an empty cell for the sum.");
        assertThatThrownBy(() -> worksheet.done(new Act.AddUp("g", area("D9"), Optional.empty())))
                .hasMessage("There is no number above or to the left of `D9` to add up.");
        assertThatThrownBy(() -> worksheet.done(new Act.AddUp("g", area("B2"), Optional.of(Axis.ROWS))))
                .hasMessage("There is no number above `B2` to add up.");
        for (String tooMany : List.of("B2:C3", "A5:A1500", "A5:ZZZ5")) {
            assertThatThrownBy(() -> worksheet.done(new Act.AddUp("g", area(tooMany), Optional.empty())))
                    .hasMessageStartingWith("Select empty cells of one row");
        }
    }

    @ParameterizedTest(name = "{0} read as {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "01/12/2027 | DAY_FIRST   | 2027-12-01",
                "01/12/2027 | MONTH_FIRST | 2027-01-12",
                "\"31.12.2027\" | DAY_FIRST | 2027-12-31",
                "3,5        | NUMBERS     | 3.5",
                "007        | NUMBERS     | 7",
                "\"12\"   | NUMBERS     | 12",
                "1/2        | TEXT        | \"1/2\"",
                "31.12.2027 | TEXT        | \"31.12.2027\"",
            })
    void typedEntriesAreReadAsAnotherKind(String entry, Act.ReadAs.Kind kind, String then) {
        worksheet.typed("A1", entry, "A2", "=1+1", "A3", "River Red").done(new Act.ReadAs("g", area("A1:A3"), kind));
        assertThat(worksheet.entries("A1")).isEqualTo(then);
        assertThat(worksheet.entries("A2")).isEqualTo("=1+1");
    }

    @Test
    void whatCannotBeReadAsAnotherKindIsRefused() {
        worksheet.typed("A1", "River Red", "A2", "12");
        assertThatThrownBy(() -> worksheet.done(new Act.ReadAs("g", area("A1:A2"), Act.ReadAs.Kind.NUMBERS)))
                .hasMessage("No other entry of A1:A2 can be read as numbers.");
    }

    @Test
    void cellsAreCleared() {
        worksheet.typed("A1", "1", "B2", "2", "C3", "3").done(new Act.Clear("g", area("A1:B2")));
        assertThat(worksheet.entries("A1:C3")).isEqualTo("· · · · · · · · 3");
        assertThatThrownBy(() -> worksheet.done(new Act.Clear("g", area("A1:B2"))))
                .hasMessage("There is nothing in A1:B2 to clear.");
    }

    @Test
    void aTextIsFoundInEntriesAndInWhatIsShown() {
        worksheet.typed("A1", "River", "A2", "=7/3", "A3", "=A2*A2");
        assertThat(new Find("riv", false).in(worksheet.live)).hasSize(1);
        assertThat(new Find("riv", true).in(worksheet.live)).isEmpty();
        assertThat(new Find("2.33", false).in(worksheet.live)).hasSize(1);
        assertThat(new Find("a2", false).in(worksheet.live)).hasSize(1);
        assertThat(new Find("", false).in(worksheet.live)).isEmpty();
    }

    @Test
    void statesDifferInWhatCellsShowAndInTheirEntries() {
        worksheet.typed("A1", "2", "A2", "=A1*2", "A3", "=4", "B1", "same");
        Acting now = new Acting().typed("A1", "3", "A2", "=A1*2", "A3", "=2+2", "B1", "same", "B2", "new");
        assertThat(Differences.between(worksheet.live, now.live))
                .extracting(line -> line.cell() + ": " + line.before() + " → " + line.after())
                .containsExactlyInAnyOrder("A1: 2 → 3", "A2: 4 → 6", "A3: =4 → =2+2", "B2:  → new");
    }
}
