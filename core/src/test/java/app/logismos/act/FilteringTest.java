package app.logismos.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.sheet.EditRefused;
import app.logismos.value.PlainText;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which rows a filter shows. Below the headings stand four lots, and under them their total. */
class FilteringTest {
    private final Acting sheet = new Acting()
            .typed("A1", "Lot", "B1", "Grams", "C1", "Price")
            .typed("A2", "Assam", "B2", "40", "C2", "12.50 EUR")
            .typed("A3", "Keemun", "B3", "25", "C3", "8 EUR")
            .typed("A4", "assam", "B4", "=B2/4", "C4", "9 EUR")
            .typed("A5", "Yunnan", "C5", "12.50 EUR")
            .typed("B6", "=sum(shown(B2:B5))", "A6", "Total");

    @ParameterizedTest(name = "{0} in column {1} shows {2}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                ">20          | B | 2 3",
                "10           | B | 4",
                ">=10 & <=25  | B | -", // two comparisons are not read as one
                "<>40         | B | 3 4",
                "=            | B | 5",
                "Assam        | A | 2 4",
                "<>assam      | A | 3 5",
                "Keemun;Yunnan| A | 3 5",
                ">8 EUR       | C | 2 4 5",
                "=9 EUR       | C | 4",
                ">5           | C | -",
                "Darjeeling   | A | -",
            })
    void rowsAreShownByWhatAColumnHolds(String holds, String column, String shown) {
        Act.Filter act = filter(column, List.of(holds.split(";")), List.of());
        if (shown == null) {
            assertThatThrownBy(() -> sheet.done(act))
                    .isInstanceOf(EditRefused.class)
                    .hasMessageContaining("No row");
            assertThat(rows()).isEqualTo("2 3 4 5");
        } else {
            assertThat(sheet.done(act).live.grid("g").orElseThrow().headings()).isZero();
            assertThat(rows()).isEqualTo(shown);
        }
    }

    @Test
    void rowsLikeOthersAreShownByTheirValues() {
        assertThat(sheet.done(filter("C", List.of(), List.of(1))).live).isNotNull();
        assertThat(rows()).isEqualTo("2 5");
    }

    @Test
    void anotherFilterTakesThePlaceOfTheFirstAndNoneShowsAll() {
        sheet.done(filter("B", List.of(">20"), List.of())).done(filter("A", List.of("Yunnan"), List.of()));
        assertThat(rows()).isEqualTo("5");
        sheet.done(filter("A", List.of(), List.of()));
        assertThat(rows()).isEqualTo("2 3 4 5");
    }

    @Test
    void statisticsOfWhatIsShownFollowTheFilter() {
        assertThat(total()).isEqualTo("75");
        sheet.done(filter("B", List.of(">20"), List.of()));
        assertThat(total()).isEqualTo("65");
        sheet.typed("B2", "100");
        assertThat(total()).isEqualTo("125");
        sheet.done(filter("A", List.of("Keemun"), List.of()));
        assertThat(total()).isEqualTo("25");
        sheet.done(filter("A", List.of(), List.of()));
        assertThat(total()).isEqualTo("150");
    }

    @Test
    void bareNumbersAreNotComparedWithQuantities() {
        assertThatThrownBy(() -> sheet.done(filter("C", List.of(">5"), List.of())))
                .hasMessage(
                        "No row from 2 to 5 holds that in column C. Its values have a unit: compare them with one in"
                                + " `EUR`.");
    }

    private static Act.Filter filter(String column, List<String> holds, List<Integer> like) {
        return new Act.Filter("g", 2, column.charAt(0) - 'A', holds, like);
    }

    private String total() {
        return PlainText.of(sheet.live.value("g", Acting.at("B6")));
    }

    /** The numbers of the shown rows of the table. */
    private String rows() {
        TreeSet<Integer> rows = new TreeSet<>(List.of(1, 2, 3, 4));
        rows.removeAll(sheet.live.grid("g").orElseThrow().hiddenRows());
        return Stream.of(rows.toArray(new Integer[0]))
                .map(row -> String.valueOf(row + 1))
                .collect(Collectors.joining(" "));
    }
}
